import { constraintInWords } from '../../commentary/words/story';
import { sign, toText, ZERO } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Constraint, Problem } from '../../problem/types';
import type { QuestionKind, Situation, Slip } from '../types';
import { without } from './shared';

/** Questions about the model itself: which row states a sentence, which number belongs in a cell, what standard form adds. */

/** A constraint as a sentence of the story, without its name. */
const sentenceOf = (problem: Problem, row: Constraint): string =>
	constraintInWords(problem, row, '', 'fraction').slice(row.name.length + 2);

const rowAt = ({ problem: { constraints }, pick, step }: Situation): Constraint | null =>
	step === 0 && constraints.length > 0 ? constraints[pick(constraints.length)] : null;

export const sentence: QuestionKind = {
	answers: 'choice',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem } = situation;
		const row = rowAt(situation);
		if (!row || problem.constraints.length < 2) return null;
		const says = sentenceOf(problem, row);
		const choices = problem.constraints.map(({ name }) => name);
		const right = problem.constraints
			.filter((own) => sentenceOf(problem, own) === says)
			.map(({ name }) => name);
		const slips = choices.map((answer) => ({ answer, code: 'other-row' }));
		return { given: { sentence: says, choices }, right, slips: without(right, slips) };
	}
};

export const relation: QuestionKind = {
	answers: 'choice',
	about: 'story',
	withProblem: true,
	ask(situation) {
		const row = rowAt(situation);
		if (!row) return null;
		const right = RELATION_SIGNS[row.relation];
		const choices = Object.values(RELATION_SIGNS);
		const slips: Slip[] = choices.map((answer) => ({
			answer,
			code: row.relation === '=' ? 'exactly' : answer === '=' ? 'not-exactly' : 'turned'
		}));
		return {
			given: { sentence: sentenceOf(situation.problem, row), choices },
			right: [right],
			slips: without([right], slips)
		};
	}
};

export const coefficient: QuestionKind = {
	answers: 'number',
	about: 'story',
	withProblem: true,
	ask(situation) {
		const { problem, pick } = situation;
		const row = rowAt(situation);
		if (!row || problem.variables.length === 0) return null;
		const { name } = problem.variables[pick(problem.variables.length)];
		const right = toText(row.terms.get(name) ?? ZERO);
		const slips: Slip[] = [
			{ answer: toText(row.rhs), code: 'amount-read' },
			{ answer: toText(problem.objective.terms.get(name) ?? ZERO), code: 'objective-read' },
			...problem.variables
				.filter((other) => other.name !== name)
				.map((other) => ({ answer: toText(row.terms.get(other.name) ?? ZERO), code: 'other-variable' }))
		];
		return { given: { row: row.name, column: name }, right: [right], slips: without([right], slips) };
	}
};

const FORMS = ['slack', 'surplus', 'surplus and artificial variable', 'artificial variable'] as const;
const FORM_OF = {
	'<=': 'slack',
	'>=': 'surplus and artificial variable',
	'=': 'artificial variable'
} as const;

export const standardForm: QuestionKind = {
	answers: 'choice',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const row = rowAt(situation);
		// a row that is turned first, or needs no artificial variable, is another question
		if (!row || sign(row.rhs) <= 0) return null;
		const right = FORM_OF[row.relation];
		const slips: Slip[] =
			row.relation === '<='
				? [
						{ answer: 'surplus', code: 'surplus-for-at-most' },
						{ answer: 'surplus and artificial variable', code: 'surplus-for-at-most' }
					]
				: row.relation === '>='
					? [
							{ answer: 'slack', code: 'slack-for-at-least' },
							{ answer: 'surplus', code: 'no-start' }
						]
					: [{ answer: 'slack', code: 'slack-for-equality' }];
		return { given: { row: row.name, choices: FORMS }, right: [right], slips };
	}
};
