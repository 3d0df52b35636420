import { en } from '../../language/language';
import type { ProblemKind } from '../../kind/kind';
import { ownerOf } from '../../problem/row-owner';

/** A word about the kind of problem, and what it means here. */
export interface KindWord {
	readonly key: string;
	readonly says: string;
	readonly why: string;
	/** the constraints that it is about */
	readonly about: readonly string[];
}

const listed = (names: readonly string[]): string =>
	names.length < 2 ? names.join('') : en`${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** A member of a conflict in words: a constraint by its name, a bound as what it says. */
const member = (name: string): string => {
	const owner = ownerOf(name);
	return owner.kind === 'lower'
		? en`the lower bound of ${owner.name}`
		: owner.kind === 'upper'
			? en`the upper bound of ${owner.name}`
			: name;
};

const STARTS: Record<ProblemKind['start'], readonly [string, string]> = {
	slacks: [
		en`start: slacks`,
		en`With every variable at its bound all slacks are right, so the primal method can begin there.`
	],
	dual: [
		en`start: dual simplex`,
		en`The slacks are no feasible start, but the objective row is right already: the dual simplex method needs no artificial variable.`
	],
	artificial: [
		en`start: artificial variables`,
		en`Neither the slacks nor the objective row are right: two phases or big-M have to find a first corner.`
	]
};

function ending({ status, unique }: ProblemKind): KindWord {
	const word = (says: string, why: string): KindWord => ({ key: 'ending', says, why, about: [] });
	if (status === 'unbounded')
		return word(
			en`unbounded`,
			en`The objective improves without limit along a direction that no constraint limits.`
		);
	if (status === 'stopped')
		return word(en`not found out`, en`The time was up before the kind of problem was known.`);
	return unique
		? word(
				en`one best plan`,
				en`Exactly one plan is best; every other reduced cost differs from zero or leads nowhere.`
			)
		: word(
				en`several best plans`,
				en`The best value is reached by more than one plan: a whole edge, face or half-line of them.`
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
					? en`infeasible: ${listed(conflict.map(member))} exclude each other`
					: en`infeasible`,
				why: conflict.length
					? en`No plan satisfies all of these. Leave any one of them out, and the others can be satisfied.`
					: en`No plan satisfies every constraint. The time was up before a smallest conflict was found.`,
				about: conflict
			},
			{ key: 'start', says: STARTS[start][0], why: STARTS[start][1], about: [] }
		];
	const words: KindWord[] = [];
	const add = (key: string, says: string, why: string, about: readonly string[] = []) =>
		words.push({ key, says, why, about });
	if (status !== 'stopped')
		add('feasible', en`feasible`, en`At least one plan satisfies every constraint and every bound.`);
	if (bounded !== null)
		add(
			'region',
			bounded ? en`bounded region` : en`region without end`,
			bounded
				? en`No variable can increase or decrease without limit inside the region.`
				: en`Some variable can increase or decrease without limit inside the region; the objective may still be bounded.`
		);
	words.push(ending(kind));
	if (degenerate === 'best')
		add(
			'degenerate',
			en`degenerate`,
			en`More lines than needed meet at the best corner that was found: a basic variable is zero there.`
		);
	if (degenerate === 'on the way')
		add(
			'degenerate',
			en`degenerate on the way`,
			en`At a corner before the best one a basic variable is zero: a pivot may change the basis and not the corner.`
		);
	if (redundant.length)
		add(
			'redundant',
			en`redundant: ${listed(redundant)}`,
			redundant.length === 1
				? en`This constraint follows from the others: without it the region is the same.`
				: en`Each of these follows from all the others: without it the region is the same. Left out together they may matter.`,
			redundant
		);
	if (fractional)
		add(
			'whole',
			fractional.length ? en`fractional relaxation` : en`whole relaxation`,
			fractional.length
				? en`Without the demand for whole numbers, ${listed(fractional)} ${fractional.length === 1 ? en`is` : en`are`} not whole at the best corner.`
				: en`The best corner is whole already: the demand for whole numbers costs nothing.`
		);
	add('start', STARTS[start][0], STARTS[start][1]);
	return words;
}
