import { Properties } from '../kind/kind';
import { bindsAt } from '../problem/use';
import { compare, isZero, rational, sign, ZERO, type Rational } from '../number/rational';
import {
	evaluate,
	withoutZeros,
	type Constraint,
	type Plan,
	type Problem,
	type Terms
} from '../problem/types';
import { Candidate } from './candidate';
import { Seeded } from './seeded';
import { costsFor, rhsFor } from './by-hand';

/** Other problems of the same kind: the same structure and the same promises, other numbers. */

/** What a problem promises and its variants keep. */
export interface Likeness {
	readonly status: 'optimal' | 'infeasible' | 'unbounded';
	readonly unique: boolean;
	readonly whole: boolean;
	/** constraints that bind at the best plan */
	readonly binding: readonly string[];
	readonly pivots: number;
	readonly artificials: number;
	/** the pivots whose ratio test is a tie */
	readonly ties: readonly number[];
	/** the pivots, as pairs of columns */
	readonly way: readonly string[];
}

/** What is kept of the pivots: their number, or which they are, or nothing but that they differ. */
export type SameWay = 'number' | 'same' | 'other';

/** What a problem is like; null where the run does not end. */
export function likenessOf(problem: Problem): Likeness | null {
	const candidate = new Candidate(problem);
	const { answer, best } = candidate;
	const seen = candidate.run();
	if (answer.status === 'stopped' || !seen) return null;
	const plan = best?.vertices[0] ?? null;
	return {
		status: answer.status,
		unique: best?.unique ?? false,
		whole: !!best && best.vertices.every((own) => [...own.values()].every(({ d }) => d === 1n)),
		binding: plan ? problem.constraints.filter((row) => bindsAt(row, plan)).map(({ name }) => name) : [],
		pivots: seen.run.pivots,
		artificials: candidate.artificials,
		ties: seen.ties,
		way: seen.way
	};
}

const alike = (a: Likeness, b: Likeness, way: SameWay): boolean =>
	a.status === b.status &&
	a.unique === b.unique &&
	(!a.whole || b.whole) &&
	a.binding.join() === b.binding.join() &&
	a.pivots === b.pivots &&
	a.artificials === b.artificials &&
	a.ties.length > 0 === b.ties.length > 0 &&
	(way === 'number' || (a.way.join() === b.way.join()) === (way === 'same'));

/** The constraints that do nothing, as a text: a variant has the same ones, whatever the original's are. */
const redundantOf = (problem: Problem): string => new Properties(problem).redundant?.join(' ') ?? '';

/** Numbers of a problem up to multiples of rows and their order: two with the same are hardly two. */
export function shapeOf(problem: Problem): string {
	const scaled = (values: readonly Rational[]): string => {
		const first = values.find((value) => !isZero(value));
		return first ? values.map((value) => value.div(first.abs()).toFraction()).join(' ') : '0';
	};
	const { variables, objective, constraints } = problem;
	const columns = variables.map(({ name }) =>
		[objective.terms, ...constraints.map(({ terms }) => terms)].map((terms) => terms.get(name) ?? ZERO)
	);
	const rows = [
		scaled(columns.map(([cost]) => cost).sort(compare)),
		...constraints
			.map(
				({ rhs, relation }, i) =>
					`${relation} ${scaled([...columns.map((column) => column[i + 1]).sort(compare), rhs])}`
			)
			.sort()
	];
	return rows.join('\n');
}

/** A number of about the same size, of the same sign; 0 stays 0, and a fraction keeps its denominator. */
function near(value: Rational, random: Seeded): Rational {
	if (isZero(value)) return value;
	const size = Number(value.n);
	const reach = Math.max(2, Math.ceil(size / 3));
	const other = random.int(Math.max(1, size - reach), size + reach);
	return rational(BigInt(other) * value.s, value.d);
}

function proposed(problem: Problem, like: Likeness, plan: Plan | null, random: Seeded): Problem {
	const moved = (terms: Terms): Terms =>
		withoutZeros(new Map([...terms].map(([name, value]) => [name, near(value, random)])));
	const rows = problem.constraints.map((row) => ({ ...row, terms: moved(row.terms) }));
	if (!plan)
		return {
			...problem,
			objective: { ...problem.objective, terms: moved(problem.objective.terms) },
			constraints: rows.map((row) => ({ ...row, rhs: near(row.rhs, random) }))
		};
	// around another plan of the same pattern of zeros: rows that bind do so again, and the objective is a mix of them, or near the old one
	const at = new Map([...plan].map(([name, value]) => [name, like.whole ? near(value, random) : value]));
	const constraints = rows.map((row, i): Constraint => {
		const left = evaluate(row.terms, at);
		const old = problem.constraints[i];
		const slack = old.rhs.sub(evaluate(old.terms, plan)).mul(old.relation === '>=' ? -1 : 1);
		return {
			...row,
			rhs: rhsFor(row.relation, left, like.binding.includes(row.name) ? ZERO : near(slack, random))
		};
	});
	const next = { ...problem, constraints };
	if (random.chance(0.5))
		return { ...next, objective: { ...problem.objective, terms: moved(problem.objective.terms) } };
	const weights = new Map(like.binding.map((name) => [name, rational(random.int(1, 3))]));
	const mix = costsFor(next, weights);
	return {
		...next,
		objective: { ...problem.objective, terms: mix.size ? mix : moved(problem.objective.terms) }
	};
}

/**
 * Looks for variants of a problem, each unlike the others and the problem itself up to multiples and order.
 * @param count how many are wanted
 * @param shouldStop asked now and then; true ends the search with what was found
 */
export function variants(
	problem: Problem,
	count: number,
	seed: number,
	way: SameWay,
	shouldStop: () => boolean,
	onFind: (found: Problem) => void = () => {}
): Problem[] {
	const like = likenessOf(problem);
	if (!like) return [];
	const random = new Seeded(seed);
	const plan = new Candidate(problem).best?.vertices[0] ?? null;
	const redundant = redundantOf(problem);
	const shapes = new Set([shapeOf(problem)]);
	const found: Problem[] = [];
	for (let tried = 0; found.length < count; tried++) {
		if (shouldStop()) break;
		const other = proposed(problem, like, plan, random);
		if (other.constraints.some(({ rhs }, i) => sign(rhs) * sign(problem.constraints[i].rhs) < 0)) continue;
		const own = likenessOf(other);
		if (!own || !alike(like, own, way) || redundantOf(other) !== redundant) continue;
		const shape = shapeOf(other);
		if (shapes.has(shape)) continue;
		shapes.add(shape);
		found.push(other);
		onFind(other);
	}
	return found;
}
