import { en } from '../../language/language';
import { valueFactor, type Notation } from '../../notation/notation';
import { isZero } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Problem } from '../../problem/types';
import type { OfCode } from '../../sentence/coded';
import { words, type Catalogue } from '../../sentence/catalogue';
import {
	byLayout,
	byNotation,
	inBrackets,
	joined,
	linear,
	NOTHING_SAID,
	say,
	signsOf,
	taken,
	type Sentence
} from '../../sentence/sentence';
import { OBJECTIVE } from '../../tableau/goal';
import type {
	AlongFinding,
	BestPlansFinding,
	BoundFinding,
	CheckFinding,
	ReadColumn,
	ReadingFinding,
	StoryFinding,
	ToldAmount
} from '../answer-findings';
import { counted, measureOf, planSentence, quantity } from './plan';
import { pointSentence, products } from './points';

/** The words of the answer: read off, in the story's terms, all best plans, and the ways of checking it. */

const whereFrom = ({ column, isBasic, value }: ReadColumn): Sentence =>
	isBasic
		? say`${column} is basic, ${byLayout(say`the right-hand side of its row`, say`the constant of its equation`)} is ${value}`
		: say`${column} is not basic, so it is 0`;

/** ` So x = 5 − 8 = −3.`: an amount as the sum that it is. */
function madeOf({ variable, value, from, counted }: OfCode<ReadingFinding, 'amount'>): Sentence {
	if (counted === null) return NOTHING_SAID;
	const terms = [
		...(isZero(counted) ? [] : [say`${counted}`]),
		...from.map(({ factor, value: part }, i): Sentence => {
			if (i === 0 && isZero(counted)) return factor === 1 ? say`${part}` : say`−${inBrackets(part)}`;
			return say` ${factor === 1 ? '+' : '−'} ${inBrackets(part)}`;
		})
	];
	return say` So ${variable} = ${terms.length > 1 ? say`${terms.flat()} = ` : NOTHING_SAID}${value}.`;
}

const READINGS: Catalogue<ReadingFinding> = {
	covers: ({ others }) => {
		const names = joined(others.map((column) => say`${column}`));
		return say`${byLayout(
			say`Cover up the columns of the non-basic variables ${names}: they are 0. Each row is then an equation for its basic variable alone.`,
			say`Put 0 for the non-basic variables ${names} on the right: what is left of each equation is the value of its basic variable.`
		)}`;
	},
	fixed: ({ variable, value, unit }) =>
		say`${variable} = ${quantity(value, unit)}: its bounds leave only ${value}.`,
	amount: (found) =>
		say`${found.variable} = ${quantity(found.value, found.unit)}: ${joined(found.from.map(whereFrom), '; ', '; ')}.${madeOf(found)}`,
	objective: ({ objective, value, inside }) => {
		const { name, unit, sense } = objective;
		const shown = (notation: Notation): Sentence => {
			const own = inside.mul(valueFactor(notation, OBJECTIVE, sense));
			const turned = own.equals(value) ? NOTHING_SAID : say`, and its sign is turned`;
			return say`${name} = ${quantity(value, unit)}: the cell of the value in row ${{ goal: OBJECTIVE, objective }} shows ${own}${turned}.`;
		};
		return say`${byNotation([...signsOf(OBJECTIVE), 'value'], shown)}`;
	}
};

/** What a variable or constraint means, empty where nothing is said. */
export type Meaning = (kind: 'variables' | 'constraints', name: string) => string;

/** A name with its meaning. @param shown how the name is written, where it is counted */
const called = (
	meaning: Meaning,
	kind: 'variables' | 'constraints',
	name: string,
	shown = name
): Sentence => {
	const own = meaning(kind, name);
	return own ? say`${shown} (${own})` : say`${shown}`;
};

/** Whether a name can be counted in a sentence: `6 jugs`; of `x1` one says `x1 = 6`. */
const isWord = (name: string): boolean => /^\p{L}{3,}$/u.test(name);

/** `6 jugs`, `no jugs`, `6 dozen jugs`, `6 loads of jugs`, `x = 6`, with the meaning behind the name. */
function toldAmount({ name, value, unit, is }: ToldAmount, meaning: Meaning): Sentence {
	const own = called(meaning, 'variables', name);
	if (is === 'negative' || !(isWord(name) || unit)) return say`${own} = ${quantity(value, unit)}`;
	if (is === 'none') return say`no ${own}`;
	return unit
		? say`${value} ${measureOf(counted(value, unit), own)}`
		: say`${value} ${called(meaning, 'variables', name, counted(value, name))}`;
}

const STORY: Catalogue<StoryFinding, Meaning> = {
	plan: ({ isOnly, amounts, objective: { name, unit, sense }, value }, meaning) => {
		const told = amounts.map((own) => toldAmount(own, meaning));
		return say`${isOnly ? en`The` : 'A'} best plan has ${joined(told)}. Then ${name} is ${quantity(value, unit)}, the ${sense === 'max' ? en`most` : en`least`} possible.`;
	},
	binding: ({ row, used }, meaning) =>
		say`${called(meaning, 'constraints', row.name)} is binding, at ${quantity(used, row.unit)}.`,
	'left-over': ({ row, by }, meaning) =>
		say`${called(meaning, 'constraints', row.name)} has ${quantity(by, row.unit)} left.`,
	exceeded: ({ row, by }, meaning) =>
		say`${called(meaning, 'constraints', row.name)} exceeds what is required by ${quantity(by, row.unit)}.`
};

const named = ({ names }: BestPlansFinding): Sentence => say`(${names.join(', ')})`;
const more = ({ isComplete }: BestPlansFinding): Sentence =>
	isComplete ? NOTHING_SAID : say` There are more; these were found.`;

const BEST_PLANS: Catalogue<BestPlansFinding> = {
	only: (found) =>
		say`No other plan is as good: ${named(found)} = ${pointSentence(found.at)} is the only one.`,
	line: (found) =>
		say`The best plans contain a whole line: ${named(found)} = ${pointSentence(found.at)} + t·${pointSentence(found.along)} for every number t${found.isMore ? en`, and more` : ''}.${more(found)}`,
	'half-line': (found) =>
		say`The best plans are a half-line: ${named(found)} = ${pointSentence(found.at)} + t·${pointSentence(found.along)}, t ≥ 0.${more(found)}`,
	segment: (found) =>
		say`The best plans are a segment: ${named(found)} = ${pointSentence(found.at)} + t·${pointSentence(found.along)}, 0 ≤ t ≤ 1.${more(found)}`,
	set: (found) => {
		const corners = found.corners.map((at, i) => say`λ${i + 1}·${pointSentence(at)}`);
		const rays = found.rays.map((at, i) => say` + μ${i + 1}·${pointSentence(at)}`);
		return say`The best plans are a set of dimension ${found.dimension}: ${named(found)} = ${joined(corners, ' + ', ' + ')}${rays.flat()}, where the λ are not negative and add up to 1${rays.length ? en` and the μ are not negative` : ''}.${more(found)}`;
	}
};

const ALONG: Catalogue<AlongFinding, Problem> = {
	'stays-best': ({ plan, value }, problem) =>
		say`${planSentence(problem, plan)}: ${problem.objective.name} stays ${quantity(value, problem.objective.unit)}.`,
	'to-another': ({ column }) => say`To another best plan: bring ${column} in`,
	'back-to-known': ({ column }) => say`Back to a known best plan: bring ${column} in`
};

const checked = ({ row, names, at, used }: CheckFinding, mark: string): Sentence =>
	say`${{ constraint: row.name }}: ${products(row.terms, names, at)} = ${used} ${RELATION_SIGNS[row.relation]} ${row.rhs} ${mark}`;

const CHECKS: Catalogue<CheckFinding> = {
	kept: (found) => checked(found, '✓'),
	broken: (found) => checked(found, '✗')
};

const SIDE = { max: { sign: '≤', word: en`at most` }, min: { sign: '≥', word: en`at least` } } as const;

const BOUNDS: Catalogue<BoundFinding> = {
	'bounds-alone': ({ objective: { name }, value }) =>
		say`The signs and bounds of the variables alone keep ${name} from getting better than ${value}.`,
	'rows-added': ({ objective: { name, sense }, rows, terms, rhs, rest, restIs }) => {
		const added = taken(rows.map(([constraint, times]) => ({ times, row: say`${{ constraint }}` })));
		const beyond = rest.size
			? say` What is left of ${name}, ${linear(rest)}, is ${SIDE[sense].word} ${restIs} by the signs and bounds of the variables.`
			: NOTHING_SAID;
		return say`${added}: ${linear(terms)} ${SIDE[sense].sign} ${rhs}.${beyond}`;
	},
	'so-bounded': ({ objective: { name, sense }, value }) =>
		say`So ${name} ${SIDE[sense].sign} ${value} for every plan, and this plan has ${value}.`
};

/** A line of the answer as it is read off a tableau. */
export const readingWords = (found: ReadingFinding): Sentence => words(READINGS, found, undefined);

/** A sentence of the answer in the story's words. @param meaning what variables and constraints mean */
export const storyWords = (found: StoryFinding, meaning: Meaning): Sentence => words(STORY, found, meaning);

/** What the set of best plans is. */
export const bestPlansWords = (found: BestPlansFinding): Sentence => words(BEST_PLANS, found, undefined);

/** A way along the best plans. @param problem whose plans they are */
export const alongWords = (problem: Problem, found: AlongFinding): Sentence => words(ALONG, found, problem);

/** A constraint with the plan put in: `clay: 4·24 + 3·12 = 132 ≤ 140 ✓`. */
export const checkWords = (found: CheckFinding): Sentence => words(CHECKS, found, undefined);

/** A line of the proof that no plan is better. */
export const boundWords = (found: BoundFinding): Sentence => words(BOUNDS, found, undefined);
