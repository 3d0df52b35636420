import type { OptimalSet } from '../../answer/optimal-set';
import { summedRows } from '../../answer/check';
import type { Multipliers } from '../../answer/multipliers';
import { valueFactor, type Notation } from '../../notation/notation';
import { isZero, ZERO } from '../../number/rational';
import { withoutZeros, type Plan, type Problem } from '../../problem/types';
import { RELATION_SIGNS } from '../../problem/relation';
import { objectiveAt, usesOf } from '../../problem/use';
import { OBJECTIVE } from '../../tableau/goal';
import {
	columnOf,
	columnValue,
	goalValue,
	objectiveValue,
	readPlan,
	type Tableau
} from '../../tableau/tableau';
import { pointOf } from '../../geometry/sides';
import { namesOf } from '../corner';
import { pointSentence, products } from './points';
import { quantity } from './plan';
import {
	byLayout,
	byNotation,
	joined,
	linear,
	NOTHING_SAID,
	say,
	signsOf,
	taken,
	type Sentence
} from '../../sentence/sentence';

/** A line of the answer: what it is about, and the cells that it is read from. */
export interface ReadingLine {
	readonly about: string | null;
	readonly says: Sentence;
	/** ids of the columns whose values it uses */
	readonly columns: readonly string[];
	/** whether it reads the cell of the value */
	readonly value: boolean;
}

/** How the answer is read off a tableau: each of the author's variables from its cell, and the objective from the value's cell. */
export function readingSentences(t: Tableau): ReadingLine[] {
	const plan = readPlan(t);
	const { problem } = t.form;
	const lines = t.form.substitutions.map(({ variable, offset, parts }) => {
		const value = plan.get(variable)!;
		const unit = problem.variables.find(({ name }) => name === variable)?.unit;
		const cells = parts.map(({ column, factor }) => ({ column, factor, value: columnValue(t, column) }));
		const where = (column: number) =>
			t.basis.includes(column)
				? say`${columnOf(t, column)} is basic, ${byLayout(say`the right-hand side of its row`, say`the constant of its equation`)} is ${columnValue(t, column)}`
				: say`${columnOf(t, column)} is not basic, so it is 0`;
		const own = joined(
			cells.map(({ column }) => where(column)),
			'; ',
			'; '
		);
		const plain = parts.length === 1 && isZero(offset) && parts[0].factor === 1;
		const isNothing = isZero(offset) && cells.every((cell) => isZero(cell.value));
		const made =
			plain || isNothing
				? NOTHING_SAID
				: say` So ${variable} = ${isZero(offset) && cells.length ? say`` : say`${offset}`}${cells.flatMap(
						({ factor, value: part }, i): Sentence =>
							i === 0 && isZero(offset)
								? factor === 1
									? say`${part}`
									: say`−${part}`
								: say` ${factor === 1 ? '+' : '−'} ${part}`
					)} = ${value}.`;
		const fixed = parts.length === 0 ? say`its bounds leave only ${value}` : own;
		return {
			about: variable,
			says: say`${variable} = ${quantity(value, unit)}: ${fixed}.${made}`,
			columns: parts.map(({ column }) => columnOf(t, column).id),
			value: false
		};
	});
	const { name, unit, sense } = problem.objective;
	const objective = (notation: Notation): Sentence => {
		const shown = goalValue(t, OBJECTIVE).mul(valueFactor(notation, OBJECTIVE, sense));
		const value = objectiveValue(t);
		const turned = shown.equals(value) ? NOTHING_SAID : say`, and its sign is turned`;
		return say`${name} = ${quantity(value, unit)}: the cell of the value in row ${{ goal: OBJECTIVE, objective: problem.objective }} shows ${shown}${turned}.`;
	};
	const others = t.nonbasic.filter((j) => !t.barred.has(j)).map((j) => say`${columnOf(t, j)}`);
	const cover =
		others.length === 0
			? []
			: [
					{
						about: null,
						says: say`${byLayout(
							say`Cover up the columns of the non-basic variables ${joined(others)}: they are 0. Each row is then an equation for its basic variable alone.`,
							say`Put 0 for the non-basic variables ${joined(others)} on the right: what is left of each equation is the value of its basic variable.`
						)}`,
						columns: t.basis.map((j) => columnOf(t, j).id),
						value: false
					}
				];
	return [
		...cover,
		...lines,
		{
			about: null,
			says: say`${byNotation([...signsOf(OBJECTIVE), 'value'], objective)}`,
			columns: [],
			value: true
		}
	];
}

/**
 * The answer in the words and units of the story.
 * @param meaning what a variable or constraint means, empty where nothing is said
 */
export function storySentences(
	problem: Problem,
	plan: Plan,
	meaning: (kind: 'variables' | 'constraints', name: string) => string
): Sentence[] {
	const called = (kind: 'variables' | 'constraints', name: string) => {
		const own = meaning(kind, name);
		return own ? say`${name} (${own})` : say`${name}`;
	};
	const { objective } = problem;
	const told = problem.variables.map(({ name, unit }) => {
		const value = plan.get(name) ?? ZERO;
		const own = called('variables', name);
		if (isZero(value)) return say`no ${own}`;
		if (value.s < 0n) return say`${own} = ${quantity(value, unit)}`;
		return unit ? say`${quantity(value, unit)} of ${own}` : say`${value} of ${own}`;
	});
	const uses = usesOf(problem, plan).flatMap(({ row, used, slack }): Sentence[] => {
		const own = called('constraints', row.name);
		if (row.relation === '=') return [];
		if (isZero(slack)) return [say`${own} is binding, at ${quantity(used, row.unit)}.`];
		const rest = quantity(slack.abs(), row.unit);
		return [
			row.relation === '<=' ? say`${own} has ${rest} left.` : say`${own} exceeds what is required by ${rest}.`
		];
	});
	const value = objectiveAt(problem, plan);
	return [
		say`The best plan has ${joined(told)}. Then ${objective.name} is ${quantity(value, objective.unit)}, the ${objective.sense === 'max' ? 'most' : 'least'} possible.`,
		...uses
	];
}

/** All best plans: the one, a segment or half-line with its parameter, or corners with weights and rays. */
export function optimalSetSentences(problem: Problem, set: OptimalSet): Sentence[] {
	const point = (plan: Plan) => pointOf(problem, plan);
	const [first, second] = set.vertices.map(point);
	const names = namesOf(problem).join(', ');
	const rest = set.complete ? NOTHING_SAID : say` There are more; these were found.`;
	if (set.unique)
		return [say`No other plan is as good: (${names}) = ${pointSentence(first)} is the only one.`];
	if (set.lines.length > 0)
		return [
			say`The best plans contain a whole line: (${names}) = ${pointSentence(first)} + t·${pointSentence(point(set.lines[0]))} for every number t${set.dimension > 1 ? ', and more' : ''}.${rest}`
		];
	if (set.dimension === 1 && set.rays.length === 1)
		return [
			say`The best plans are a half-line: (${names}) = ${pointSentence(first)} + t·${pointSentence(point(set.rays[0]))}, t ≥ 0.${rest}`
		];
	if (set.dimension === 1 && set.vertices.length === 2) {
		const way = second.map((value, i) => value.sub(first[i]));
		return [
			say`The best plans are a segment: (${names}) = ${pointSentence(first)} + t·${pointSentence(way)}, 0 ≤ t ≤ 1.${rest}`
		];
	}
	const corners = set.vertices.map((plan, i) => say`λ${i + 1}·${pointSentence(point(plan))}`);
	const rays = set.rays.map((plan, i) => say` + μ${i + 1}·${pointSentence(point(plan))}`);
	return [
		say`The best plans are a set of dimension ${set.dimension}: (${names}) = ${joined(corners, ' + ', ' + ')}${rays.flat()}, where the λ are not negative and add up to 1${set.rays.length ? ' and the μ are not negative' : ''}.${rest}`
	];
}

/** The plan put into every constraint as it is stated. */
export const checkSentences = (
	problem: Problem,
	plan: Plan
): { readonly about: string; readonly says: Sentence }[] =>
	usesOf(problem, plan).map(({ row, used, kept }) => {
		const sum = products(row.terms, namesOf(problem), pointOf(problem, plan));
		return {
			about: row.name,
			says: say`${{ constraint: row.name }}: ${sum} = ${used} ${RELATION_SIGNS[row.relation]} ${row.rhs}${kept ? ' ✓' : ' ✗'}`
		};
	});

/** Why no plan can be better, line by line: constraints times their multipliers, added, bound the objective (weak duality). */
export function proofSentences(problem: Problem, multipliers: Multipliers, plan: Plan): Sentence[] {
	const used = [...multipliers].filter(([, value]) => !isZero(value));
	const { objective } = problem;
	const value = objectiveAt(problem, plan);
	if (used.length === 0)
		return [
			say`The signs and bounds of the variables alone keep ${objective.name} from getting better than ${value}.`
		];
	const { terms, rhs } = summedRows(problem, multipliers);
	const left = withoutZeros(terms);
	const rows = taken(used.map(([name, times]) => ({ times, row: say`${{ constraint: name }}` })));
	const most = objective.sense === 'max';
	const rest = withoutZeros(
		namesOf(problem).map(
			(name) => [name, (objective.terms.get(name) ?? ZERO).sub(left.get(name) ?? ZERO)] as const
		)
	);
	const beyond = rest.size
		? say` What is left of ${objective.name}, ${linear(rest)}, is ${most ? 'at most' : 'at least'} ${value.sub(rhs).sub(objective.constant)} by the signs and bounds of the variables.`
		: NOTHING_SAID;
	return [
		say`${rows}: ${linear(left)} ${most ? '≤' : '≥'} ${rhs}.${beyond}`,
		say`So ${objective.name} ${most ? '≤' : '≥'} ${value} for every plan, and this plan has ${value}.`
	];
}
