import type { ProblemDraft } from './types';
import type { Seeded } from './seeded';
import type { DesignRequest } from './types';

/** Problems on which the largest coefficient comes back to a basis: to maximise, rows ≤ 0; a row more ends the region. */
interface KnownCycle {
	readonly costs: readonly number[];
	readonly rows: readonly (readonly number[])[];
}

/** Beale 1955, as Dantzig 1963 has it; Chvátal 1983, chapter 3; Marshall and Suurballe 1969. */
const KNOWN: readonly KnownCycle[] = [
	{
		costs: [0.75, -20, 0.5, -6],
		rows: [
			[0.25, -8, -1, 9],
			[0.5, -12, -0.5, 3]
		]
	},
	{
		costs: [10, -57, -9, -24],
		rows: [
			[0.5, -5.5, -2.5, 9],
			[0.5, -1.5, -0.5, 1]
		]
	},
	{
		costs: [0.4, 0.4, -1.8],
		rows: [
			[0.6, -6.4, 4.8],
			[0.2, -1.8, 0.6],
			[0.4, -1.6, 0.2]
		]
	}
];

/** factors of the objective */
const FACTORS = [1, 1, 2, 4, 5, 10];

/** Whether a cycle is known for a size and for relations. */
export const knowsCycle = ({ variables, constraints, relations }: DesignRequest): boolean =>
	fitting(variables, constraints).length > 0 && (relations?.every((own) => own === '<=') ?? true);

const fitting = (variables: number, constraints: number) =>
	KNOWN.filter(({ costs, rows }) => costs.length <= variables && rows.length < constraints);

/**
 * A known cycle made another problem; null where none is known of this size. What is done to it leaves each step of the cycle as it was: the objective times
 * a factor, further rows with an amount above 0, which no ratio of 0 meets, and further variables that take none of its resources and bring a loss. The order of the cycle’s own rows and
 * variables decides ties, so it stays.
 */
export function scaledCycle(request: DesignRequest, random: Seeded): ProblemDraft | null {
	const { variables, constraints, sense, numbers } = request;
	if (!knowsCycle(request)) return null;
	const known = random.pick(fitting(variables, constraints));
	const most = Math.max(1, numbers.to);
	/** the list with further members among its own, which stay in their order */
	const among = <T>(own: readonly T[], length: number, make: () => T): T[] => {
		const list = [...own];
		while (list.length < length) list.splice(random.int(0, list.length), 0, make());
		return list;
	};
	// −1 stands for a further variable or row
	const columns = among([...known.costs.keys()], variables, () => -1);
	const lines = among([...known.rows.keys()], constraints, () => -1);
	const gain = random.pick(FACTORS);
	const costs = columns.map((j) =>
		j < 0 ? -gain * random.int(1, most) : Math.round(known.costs[j] * gain * 1000) / 1000
	);
	return {
		rows: lines.map((i) => columns.map((j) => (i < 0 ? random.int(1, most) : j < 0 ? 0 : known.rows[i][j]))),
		relations: lines.map(() => '<='),
		rhs: lines.map((i) => (i < 0 ? random.int(1, Math.max(1, numbers.rhs)) : 0)),
		costs: costs.map((own) => (sense === 'max' ? own : -own))
	};
}
