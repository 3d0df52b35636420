import { isDualFeasible } from '../method/dual';
import { redundancy } from '../method/artificial';
import type { Finding } from '../method/findings';
import type { Work } from '../method/types';
import { isZero, ZERO } from '../number/rational';
import type { Position } from '../position/position';
import type { Problem } from '../problem/types';
import { BIG_M, INFEASIBILITY, type Goal } from '../tableau/goal';
import { negativeRows } from '../tableau/ratio';
import {
	columnOf,
	hasGoal,
	isArtificial,
	isPrimalFeasible,
	rhs,
	vacantRows,
	type Tableau
} from '../tableau/tableau';
import type { BeginFinding, Remark, RemarkFinding } from './findings';
import { placeOf } from './place';

/** What is found of a start, of a basis that was chosen, of artificial variables, of another part of a method, and of a problem that changed. */

/** The basic variables that are negative; nothing where none is. */
function negatives(t: Tableau): BeginFinding[] {
	const rows = negativeRows(t);
	return rows.length === 0 ? [] : [{ code: 'negative-basics', t, rows }];
}

/** What is basic at the start. */
function basisFound(t: Tableau): BeginFinding[] {
	const basic = t.basis.map((column) => columnOf(t, column));
	const kinds = new Set(basic.map(({ kind }) => kind));
	const artificial = basic.filter(({ kind }) => kind === 'artificial');
	const vacant = vacantRows(t);
	const found: BeginFinding[] = [];
	if (kinds.size === 1 && kinds.has('slack')) found.push({ code: 'slacks-basic' });
	else if (artificial.length > 0) found.push({ code: 'artificials-stand-in', columns: artificial });
	const own = t.basis.flatMap((column, row) =>
		columnOf(t, column).kind === 'structural'
			? [{ column: columnOf(t, column), constraint: t.form.rows[row].owner.name }]
			: []
	);
	if (own.length > 0) {
		const priced = t.basis.filter((j) => !isZero(t.form.costs.get(j) ?? ZERO)).map((j) => columnOf(t, j));
		const { objective } = t.form.problem;
		found.push({ code: 'own-columns-basic', columns: own });
		if (priced.length > 0) found.push({ code: 'priced-out', columns: priced, objective });
	}
	if (vacant.length > 0)
		found.push({
			code: 'rows-without-basic',
			constraints: vacant.map((row) => t.form.rows[row].owner.name)
		});
	return [...found, ...negatives(t)];
}

/** What a goal of the artificial variables is for, and how its row arises. */
function goalFound(t: Tableau, goal: Goal): BeginFinding[] {
	const rows = t.basis.flatMap((column, row) => (isArtificial(t, column) ? [row] : []));
	if (rows.length === 0) return [];
	const { objective } = t.form.problem;
	return [
		{ code: 'artificial-goal', goal, objective, artificials: rows.map((row) => columnOf(t, t.basis[row])) },
		{ code: 'goal-row', t, goal, rows }
	];
}

/** The first basic solution, and how it came about. */
export function startRemark({ tableau: t }: Work): Remark {
	const { problem } = t.form;
	const goal = [INFEASIBILITY, BIG_M].find((own) => hasGoal(t, own));
	return {
		tone: 'step',
		heading: { code: 'start' },
		found: [
			...basisFound(t),
			...(goal ? goalFound(t, goal) : []),
			placeOf(t),
			{ code: 'objective-now', t },
			{ code: 'sense-worked', objective: problem.objective },
			{ code: 'names-taken', columns: t.form.columns },
			...(problem.variables.some((v) => v.domain !== 'continuous')
				? [{ code: 'relaxation-only' } as const]
				: [])
		]
	};
}

/** What a chosen basis is, how it was reached, and what it makes of the objective row. */
export function basisRemark(
	before: Tableau,
	exchanges: readonly { readonly enter: number; readonly leave: number }[],
	after: Tableau
): Remark {
	const basic = [...after.basis].sort((a, b) => a - b);
	const priced = basic.filter((j) => !isZero(after.form.costs.get(j) ?? ZERO));
	const named = exchanges.map(({ enter, leave }) => ({
		enter: columnOf(before, enter),
		leave: columnOf(before, leave)
	}));
	const { objective } = after.form.problem;
	return {
		tone: 'step',
		heading: { code: 'basis', columns: basic.map((j) => columnOf(after, j)) },
		found: [
			named.length === 0 ? { code: 'basis-stands-already' } : { code: 'exchanged', exchanges: named },
			...(priced.length > 0
				? [{ code: 'priced-out', columns: priced.map((j) => columnOf(after, j)), objective } as const]
				: []),
			...negatives(after),
			placeOf(after),
			{ code: 'objective-now', t: after }
		]
	};
}

/** Artificial variables that a move added. */
export function artificialRemark(before: Tableau, after: Tableau): Remark {
	const added = after.basis.flatMap((index, row) => {
		const column = columnOf(after, index);
		return column.kind === columnOf(before, index).kind
			? []
			: [{ column, value: rhs(after, row), constraint: after.form.rows[row].owner.name }];
	});
	return {
		tone: 'step',
		heading: { code: 'artificials', count: added.length },
		found: [{ code: 'artificials-measure', added }]
	};
}

/** What one part of a method handed over to another means. */
export function phaseRemark(before: Work, { tableau: t, part }: Work): Remark {
	const { objective } = t.form.problem;
	const method = (found: Finding): RemarkFinding => ({ code: 'method', t, found });
	const found = (): RemarkFinding[] => {
		switch (part) {
			case 'primal':
				return [
					before.part === 'repair' ? method({ code: 'repaired' }) : { code: 'improving-enter', objective }
				];
			case 'phase-one':
				return goalFound(t, INFEASIBILITY);
			case 'phase-two':
				return [
					method({ code: before.part === 'big-m' ? 'big-m-done' : 'phase-one-done' }),
					...redundancy(t).map(method),
					{ code: 'carried-along', objective }
				];
			case 'big-m':
				return goalFound(t, BIG_M);
			case 'dual':
				return [{ code: 'dual-begins', t }];
			case 'repair':
				return [{ code: 'repair-begins' }];
		}
	};
	return { tone: 'step', heading: { code: 'part', part }, found: [...found(), placeOf(t)] };
}

/** What goes on after a change, told against what was true before it. */
function goesOn(before: Tableau, { tableau: t, part }: Work): BeginFinding[] {
	if (part === 'dual') return [{ code: 'dual-goes-on', t, was: isDualFeasible(before) }];
	if (part === 'repair') return [{ code: 'repair-goes-on', t }];
	if (part !== 'primal') return [];
	const was = isPrimalFeasible(before);
	return [{ code: isDualFeasible(t) ? 'optimal-at-once' : 'primal-goes-on', t, was }];
}

/** What differs between two problems that differ in one number or one constraint. */
function difference(before: Problem, after: Problem): BeginFinding {
	const added = after.constraints[before.constraints.length];
	if (added) return { code: 'constraint-added', constraint: added.name };
	const i = after.constraints.findIndex((own, k) => !own.rhs.equals(before.constraints[k].rhs));
	if (i >= 0) {
		const { name, rhs: to } = after.constraints[i];
		return { code: 'rhs-changed', constraint: name, from: before.constraints[i].rhs, to };
	}
	const costOf = ({ objective }: Problem, name: string) => objective.terms.get(name) ?? ZERO;
	const { name } = after.variables.find((own) => !costOf(before, own.name).equals(costOf(after, own.name)))!;
	return { code: 'cost-changed', variable: name, from: costOf(before, name), to: costOf(after, name) };
}

/** What a change of the problem does to a tableau already reached. */
export function changeRemark(before: Position, { problem, work }: Position): Remark {
	const { tableau: t } = work!;
	const old = before.work!.tableau;
	const rows = negativeRows(t);
	return {
		tone: 'step',
		heading: { code: 'changed' },
		found: [
			difference(before.problem, problem),
			...(rows.length > 0 ? [{ code: 'made-infeasible', t, rows, was: isPrimalFeasible(old) } as const] : []),
			placeOf(t),
			{ code: 'objective-now', t },
			...goesOn(old, work!)
		]
	};
}
