import { region } from '../../geometry/region';
import { testHolds, testPoint, type Side } from '../../geometry/sides';
import { isRedundant } from '../../kind/kind';
import { isZero, toText, ZERO, type Rational } from '../../number/rational';
import { rowName } from '../../problem/row-owner';
import { asksForWhole } from '../../problem/whole';
import { brokenAt, planFromTexts } from '../../problem/use';
import type { Consequence, QuestionKind, Question, Situation, Slip } from '../types';
import { cornerText, drawnSides, isFlat, violations, without } from './shared';

/** Questions about the picture of two variables: which side stays, where lines meet axes and each other, what is redundant. */

/** corners whose values are asked for at once */
const MOST_CORNERS = 7;

/** A constraint that has a line in the picture, with its side. */
function lineAt({ problem, pick }: Situation): { name: string; side: Side } | null {
	const sides = drawnSides(problem);
	const side = sides.length > 0 ? sides[pick(sides.length)] : null;
	return side && { name: side.owner.name, side };
}

export const sideStays: QuestionKind = {
	answers: 'yes-no',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const line = lineAt(situation);
		if (!line || line.side.equality) return null;
		const at = testPoint(line.side);
		const stays = testHolds(line.side);
		const plan = Object.fromEntries(situation.problem.variables.map(({ name }, i) => [name, toText(at[i])]));
		const right = stays ? 'yes' : 'no';
		return {
			given: { row: line.name, plan },
			right: [right],
			slips: [{ answer: stays ? 'no' : 'yes', code: 'other-side' }]
		};
	},
	consequence({ problem, given }): Consequence | null {
		const broken = brokenAt(problem!, planFromTexts(given.plan ?? {})).find(({ name }) => name === given.row);
		return broken ? { violates: { [broken.name]: toText(broken.by) } } : null;
	}
};

export const intercept: QuestionKind = {
	answers: 'number',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const line = lineAt(situation);
		if (!line) return null;
		const { problem, pick } = situation;
		const { name, terms, rhs } = problem.constraints.find((own) => own.name === line.name)!;
		const variable = problem.variables[pick(2)].name;
		const size = terms.get(variable) ?? ZERO;
		const right = isZero(size) ? 'none' : toText(rhs.div(size));
		const slips: Slip[] = [
			{ answer: toText(rhs), code: 'not-divided' },
			{ answer: toText(size), code: 'coefficient-read' },
			...(isZero(rhs) || isZero(size) ? [] : [{ answer: toText(size.div(rhs)), code: 'inverted' }])
		];
		return { given: { row: name, column: variable }, right: [right], slips: without([right], slips) };
	}
};

/** What a row is called among the choices: a constraint's name, or a bound with its number. */
const calledSide = ({ owner, rhs }: Side): string =>
	owner.kind === 'constraint'
		? owner.name
		: `${owner.name} = ${toText(owner.kind === 'lower' ? rhs.neg() : rhs)}`;

export const cornerLines: QuestionKind = {
	answers: 'names',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const { problem, pick } = situation;
		const own = region(problem);
		if (own.vertices.length === 0) return null;
		const corner = own.vertices[pick(own.vertices.length)];
		const names = new Map(own.sides.map((side) => [rowName(side.owner), calledSide(side)]));
		// a variable that can only be one number has one line for both bounds
		const right = [...new Set(corner.tight.map((i) => names.get(rowName(own.sides[i].owner))!))];
		const choices = [...new Set(names.values())];
		const plan = Object.fromEntries(problem.variables.map(({ name }, i) => [name, toText(corner.at[i])]));
		const extra = choices.find((name) => !right.includes(name));
		const slips: Slip[] = [
			{ answer: right.slice(1), code: 'one-missing' },
			...(extra ? [{ answer: [...right, extra], code: 'one-too-many' }] : [])
		];
		return { given: { plan, choices }, right: [right], slips: without([right], slips) };
	}
};

export const cornerValues: QuestionKind = {
	answers: 'plan',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const { problem } = situation;
		const { vertices: corners } = region(problem);
		if (corners.length < 2 || corners.length > MOST_CORNERS) return null;
		const [a, b] = problem.variables.map(({ name }) => problem.objective.terms.get(name) ?? ZERO);
		const table = (value: (x: Rational, y: Rational) => Rational) =>
			Object.fromEntries(corners.map(({ at: [x, y] }) => [cornerText(x, y), toText(value(x, y))]));
		const { constant } = problem.objective;
		const right = table((x, y) => a.mul(x).add(b.mul(y)).add(constant));
		const slips: Slip[] = [
			{ answer: table((x, y) => b.mul(x).add(a.mul(y)).add(constant)), code: 'coefficients-swapped' },
			...(isZero(constant)
				? []
				: [{ answer: table((x, y) => a.mul(x).add(b.mul(y))), code: 'constant-forgotten' }])
		];
		return { given: { choices: Object.keys(right) }, right: [right], slips: without([right], slips) };
	}
};

export const redundant: QuestionKind = {
	answers: 'names',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const { problem } = situation;
		if (problem.constraints.length === 0) return null;
		if (region(problem).shape === 'empty') return null;
		const right = problem.constraints.filter((row) => isRedundant(problem, row, {})).map(({ name }) => name);
		const all = problem.constraints.map(({ name }) => name);
		const slips: Slip[] = [
			{ answer: [], code: 'none-found' },
			{ answer: all.filter((name) => !right.includes(name)), code: 'others-named' }
		];
		return { given: { choices: all }, right: [right], slips: without([right], slips) };
	}
};

/** whether a region goes on without end, is closed, or has no point */
const SHAPES = ['bounded', 'unbounded', 'empty'] as const;
/** what a wrong answer overlooks in a region that has points */
const SHAPE_SLIPS = { bounded: 'goes-on', unbounded: 'is-closed', empty: 'has-a-point' } as const;

export const regionShape: QuestionKind = {
	answers: 'choice',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		if (!isFlat(situation)) return null;
		const { shape } = region(situation.problem);
		const right =
			shape === 'empty' ? 'empty' : ['polygon', 'segment', 'point'].includes(shape) ? 'bounded' : 'unbounded';
		const slips = SHAPES.filter((own) => own !== right).map((answer) => ({
			answer,
			code: right === 'empty' ? 'no-point' : SHAPE_SLIPS[answer]
		}));
		return { given: { choices: [...SHAPES] }, right: [right], slips };
	}
};

/** A claim about the problem that is true or not, with what speaks against it. */
export const claim: QuestionKind = {
	answers: 'yes-no',
	withProblem: true,
	ask({ problem, answer, isLast, pick }) {
		const { solution, objective } = answer;
		if (!isLast || answer.status !== 'optimal' || !solution || !objective || asksForWhole(problem))
			return null;
		const names = problem.variables.map(({ name }) => name);
		const moved = names[pick(names.length)];
		const more = new Map(solution).set(moved, solution.get(moved)!.add(1));
		const isTrue = brokenAt(problem, more).length === 0;
		const plan = Object.fromEntries([...more].map(([name, amount]) => [name, toText(amount)]));
		return {
			given: { plan, column: moved },
			right: [isTrue ? 'yes' : 'no'],
			slips: [{ answer: isTrue ? 'no' : 'yes', code: isTrue ? 'allowed' : 'not-tested' }]
		};
	},
	consequence: ({ problem, given }: Question) => violations(problem!, planFromTexts(given.plan ?? {}))
};
