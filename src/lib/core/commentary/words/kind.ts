import type { ProblemKind } from '../../kind/kind';
import { isBound, ownerOf } from '../../problem/row-owner';

/** A word about the kind of problem, and what it means here. */
export interface KindWord {
	readonly key: string;
	readonly says: string;
	readonly why: string;
	/** the constraints that it is about */
	readonly about: readonly string[];
}

const listed = (names: readonly string[]): string =>
	names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** A member of a conflict in words: a constraint by its name, a bound as what it says. */
const member = (name: string): string => {
	const owner = ownerOf(name);
	return isBound(owner) ? `the ${owner.kind} bound of ${owner.name}` : name;
};

const STARTS: Record<ProblemKind['start'], readonly [string, string]> = {
	slacks: [
		'start: slacks',
		'With every variable at its bound all slacks are right, so the primal method can begin there.'
	],
	dual: [
		'start: dual simplex',
		'The slacks are no feasible start, but the objective row is right already: the dual simplex method needs no artificial variable.'
	],
	artificial: [
		'start: artificial variables',
		'Neither the slacks nor the objective row are right: two phases or big-M have to find a first corner.'
	]
};

function ending({ status, unique }: ProblemKind): KindWord {
	const word = (says: string, why: string): KindWord => ({ key: 'ending', says, why, about: [] });
	if (status === 'unbounded')
		return word(
			'unbounded',
			'The objective improves without limit along a direction that no constraint limits.'
		);
	if (status === 'stopped')
		return word('not found out', 'The time was up before the kind of problem was known.');
	return unique
		? word(
				'one best plan',
				'Exactly one plan is best; every other reduced cost differs from zero or leads nowhere.'
			)
		: word(
				'several best plans',
				'The best value is reached by more than one plan: a whole edge, face or half-line of them.'
			);
}

/** What is said of a kind of problem, quiet word by quiet word. */
export function kindWords(kind: ProblemKind): KindWord[] {
	const { status, conflict, bounded, degenerate, redundant, fractional, start } = kind;
	if (status === 'infeasible')
		return [
			{
				key: 'infeasible',
				says: conflict.length
					? `infeasible: ${listed(conflict.map(member))} exclude each other`
					: 'infeasible',
				why: conflict.length
					? 'No plan satisfies all of these. Leave any one of them out, and the others can be satisfied.'
					: 'No plan keeps every constraint. The time was up before a smallest conflict was found.',
				about: conflict
			},
			{ key: 'start', says: STARTS[start][0], why: STARTS[start][1], about: [] }
		];
	const words: KindWord[] = [];
	const add = (key: string, says: string, why: string, about: readonly string[] = []) =>
		words.push({ key, says, why, about });
	if (status !== 'stopped')
		add('feasible', 'feasible', 'At least one plan keeps every constraint and every bound.');
	if (bounded !== null)
		add(
			'region',
			bounded ? 'bounded region' : 'region without end',
			bounded
				? 'No variable can increase or decrease without limit inside the region.'
				: 'Some variable can increase or decrease without limit inside the region; the objective may still be bounded.'
		);
	words.push(ending(kind));
	if (degenerate === 'best')
		add(
			'degenerate',
			'degenerate',
			'More lines than needed meet at the best corner that was found: a basic variable is zero there.'
		);
	if (degenerate === 'on the way')
		add(
			'degenerate',
			'degenerate on the way',
			'At a corner before the best one a basic variable is zero: a pivot may change the basis and not the corner.'
		);
	if (redundant.length)
		add(
			'redundant',
			`redundant: ${listed(redundant)}`,
			redundant.length === 1
				? 'This constraint follows from the others: without it the region is the same.'
				: 'Each of these follows from all the others: without it the region is the same. Left out together they may matter.',
			redundant
		);
	if (fractional)
		add(
			'whole',
			fractional.length ? 'fractional relaxation' : 'whole relaxation',
			fractional.length
				? `Without the demand for whole numbers, ${listed(fractional)} ${fractional.length === 1 ? 'is' : 'are'} not whole at the best corner.`
				: 'The best corner is whole already: the demand for whole numbers costs nothing.'
		);
	add('start', STARTS[start][0], STARTS[start][1]);
	return words;
}
