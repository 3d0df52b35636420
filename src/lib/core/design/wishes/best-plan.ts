import { en } from '../../language/language';
import { type Rational } from '../../number/rational';
import { evaluate, holds } from '../../problem/types';
import { bindsAt, rounded } from '../../problem/use';
import { isWholePoint } from '../plane';
import { needsBest, other, type WishKind } from './wish';

/** Wishes about the best plan: whole, not whole, not to be rounded, on these constraints, its value and its dual values. */

const isWhole = (value: Rational): boolean => value.d === 1n;

export const wholePlan: WishKind<'whole-plan'> = {
	kind: 'whole-plan',
	group: 'answer',
	first: { kind: 'whole-plan' },
	cost: 3,
	says: () => en`the best plan is whole`,
	decide({ best }) {
		return best &&
			best.rays.length + best.lines.length === 0 &&
			best.vertices.every((plan) => [...plan.values()].every(isWhole))
			? true
			: null;
	},
	// an edge may go on for ever: only what is not whole at a corner shows here
	quickly: ({ corners, best }) =>
		best.length > 0 && best.every((i) => isWholePoint(corners[i])) ? undefined : false,
	against(_wish, request) {
		if (other(request, 'fractional')) return en`the best plan cannot be whole and fractional`;
		if (other(request, 'rounding')) return en`an integer plan is its own rounding`;
		return needsBest(request);
	}
};

export const wholeValue: WishKind<'whole-value'> = {
	kind: 'whole-value',
	group: 'answer',
	first: { kind: 'whole-value' },
	cost: 3,
	says: () => en`the best value is whole`,
	decide: ({ answer }) =>
		answer.objective && isWhole(answer.objective) ? answer.objective.toFraction() : null,
	against: (_wish, request) => needsBest(request)
};

export const wholeDuals: WishKind<'whole-duals'> = {
	kind: 'whole-duals',
	group: 'dual values',
	first: { kind: 'whole-duals' },
	cost: 3,
	says: () => en`all dual values are whole`,
	decide: ({ answer }) => (answer.duals && [...answer.duals.values()].every(isWhole) ? true : null),
	against: (_wish, request) => needsBest(request)
};

export const fractional: WishKind<'fractional'> = {
	kind: 'fractional',
	group: 'whole numbers',
	first: { kind: 'fractional' },
	cost: 3,
	isWhole: true,
	says: () => en`all variables must be whole, but the relaxation’s best plan is not`,
	decide: ({ problem, best }) =>
		best &&
		problem.variables.every(({ domain }) => domain === 'integer') &&
		best.vertices.every((plan) => ![...plan.values()].every(isWhole))
			? true
			: null,
	against(_wish, request) {
		if (request.plan?.shall === 'best') return en`the best plan that was chosen is whole`;
		return needsBest(request);
	}
};

export const rounding: WishKind<'rounding'> = {
	kind: 'rounding',
	group: 'whole numbers',
	first: { kind: 'rounding', is: 'infeasible' },
	cost: 4,
	controls: [{ kind: 'choice', field: 'is', label: en`is`, of: ['infeasible'] }],
	isWhole: true,
	says: () => en`the best plan, rounded, violates a constraint`,
	decide({ problem, best }) {
		if (!best?.unique) return null;
		const [plan] = best.vertices;
		// halves could be rounded either way
		if ([...plan.values()].some((value) => value.d === 2n)) return null;
		const near = rounded(plan);
		const broken = problem.constraints.find(
			(row) => !holds(evaluate(row.terms, near), row.relation, row.rhs)
		);
		return broken ? broken.name : null;
	},
	against(_wish, request) {
		if (request.plan?.shall === 'best')
			return en`the best plan that was chosen is whole, and its own rounding`;
		return needsBest(request);
	}
};

export const binding: WishKind<'binding'> = {
	kind: 'binding',
	group: 'answer',
	first: { kind: 'binding', rows: ['r1', 'r2'] },
	cost: 3,
	controls: [{ kind: 'rows', field: 'rows', label: en`constraints that bind` }],
	says: ({ rows }) =>
		rows.length === 1
			? en`${rows[0]} binds at the best plan, no other`
			: en`${rows.join(', ') || en`no constraint`} bind at the best plan, no other`,
	decide({ problem, best }, { rows }) {
		if (!best?.unique) return null;
		const [plan] = best.vertices;
		const tight = problem.constraints.filter((row) => bindsAt(row, plan));
		const own = tight.map(({ name }) => name);
		return own.length === rows.length && own.every((name) => rows.includes(name)) ? own.join(' ') : null;
	},
	against({ rows }, request) {
		const names = Array.from({ length: request.constraints }, (_, i) => `r${i + 1}`);
		const stranger = rows.find((name) => !names.includes(name));
		if (stranger !== undefined)
			return en`“${stranger}” is not among the constraints r1 to r${request.constraints}`;
		if (new Set(rows).size < rows.length) return en`names a constraint twice`;
		const equal =
			request.relations?.findIndex((relation, i) => relation === '=' && !rows.includes(`r${i + 1}`)) ?? -1;
		if (equal >= 0) return en`r${equal + 1} is an equation and binds always`;
		const point = request.plan?.shall === 'best' ? request.plan.point : null;
		const zeros = point?.filter((value) => value === 0).length ?? 0;
		if (point && rows.length + zeros < request.variables)
			return en`the best plan that was chosen would not be a corner with so few constraints`;
		if (other(request, 'answer')?.is === 'several')
			return en`is about one best plan, and several are wished for`;
		return needsBest(request);
	}
};
