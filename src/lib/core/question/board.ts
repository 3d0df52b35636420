import { parseRational, sign, toText, ZERO, type Rational } from '../number/rational';
import type { TableauJson } from '../tableau/written';
import type { Consequence } from './types';

/** Whether a tableau has the row of phase one, so that the sum of the artificial variables is made least. */
export const isPhaseOne = ({ objective }: TableauJson): boolean => objective.some(({ name }) => name === 'w');

/** A tableau of a question as numbers, and what a pivot on any of its entries would do. */
export class QuestionBoard {
	constructor(private readonly tableau: TableauJson) {}

	/**
	 * The entry of a column in the objective row that counts: negative where the column improves. While there are artificial variables their row comes
	 * first, and with M the objective decides only where their row has 0.
	 */
	cost(column: string): { readonly of: 'objective' | 'artificials'; readonly entry: Rational } {
		const { columns, objective } = this.tableau;
		const at = columns.indexOf(column);
		const entryOf = (own: string) => {
			const row = objective.find(({ name }) => name === own);
			return row && at >= 0 ? parseRational(row.entries[at]) : null;
		};
		const artificials = entryOf('w') ?? entryOf('M');
		const counts = artificials !== null && (isPhaseOne(this.tableau) || sign(artificials) !== 0);
		return counts
			? { of: 'artificials', entry: artificials }
			: { of: 'objective', entry: entryOf('z') ?? ZERO };
	}
	isBasic(name: string): boolean {
		return this.tableau.rows.some(({ basic }) => basic === name);
	}

	/** The basic variables that would be negative after a pivot, and their values; null where there is no such pivot, or none would be. */
	afterPivot(row: string, column: string): Consequence | null {
		const after = pivoted(this.tableau, row, column);
		const negative = after ? negativeIn(after) : [];
		return negative.length > 0 ? { basic: Object.fromEntries(negative) } : null;
	}

	/** What a pivot of the dual method would spoil: the entering variable is negative, or entries of the objective row are; null where there is none. */
	afterDualPivot(row: string, column: string): Consequence | null {
		const after = pivoted(this.tableau, row, column);
		if (!after) return null;
		const entering = negativeIn(after).filter(([basic]) => basic === column);
		if (entering.length > 0) return { basic: Object.fromEntries(entering) };
		const goal = after.objective.find(({ name }) => name === 'z');
		const negative = after.columns.flatMap((name, i) => {
			const entry = goal?.entries[i] ?? '0';
			return sign(parseRational(entry)) < 0 ? [[name, entry]] : [];
		});
		return negative.length > 0 ? { costs: Object.fromEntries(negative) } : null;
	}
}

/**
 * The tableau after a pivot, worked out on the numbers of a question.
 * @returns null where there is no such pivot
 */
export function pivoted(t: TableauJson, row: string, column: string): TableauJson | null {
	const at = t.columns.indexOf(column);
	const own = t.rows.find(({ basic }) => basic === row);
	if (at < 0 || !own || t.rows.some(({ basic }) => basic === column)) return null;
	const size = parseRational(own.entries[at]);
	if (sign(size) === 0) return null;
	const line = [...own.entries, own.rhs].map((value) => parseRational(value).div(size));
	const next = (
		{ entries, rhs }: { readonly entries: readonly string[]; readonly rhs: string },
		isOwn: boolean
	) => {
		const factor = parseRational(entries[at]);
		const values = isOwn
			? line
			: [...entries, rhs].map((value, j) => parseRational(value).sub(line[j].mul(factor)));
		const texts = values.map(toText);
		return { entries: texts.slice(0, -1), rhs: texts[texts.length - 1] };
	};
	return {
		columns: t.columns,
		rows: t.rows.map((other) => ({
			basic: other === own ? column : other.basic,
			...next(other, other === own)
		})),
		objective: t.objective.map((goal) => ({ ...goal, ...next(goal, false) }))
	};
}

/** The basic variables of a tableau that are negative, and their values. */
export const negativeIn = ({ rows }: TableauJson): [basic: string, value: string][] =>
	rows.flatMap(({ basic, rhs }): [string, string][] => (sign(parseRational(rhs)) < 0 ? [[basic, rhs]] : []));
