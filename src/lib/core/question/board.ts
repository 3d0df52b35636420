import { parseRational, sign, toText, ZERO, type Rational } from '../number/rational';
import type { TableauJson } from '../tableau/written';
import type { Consequence } from './types';

/** A tableau of a question as numbers, and what a pivot on any of its entries would do. */
export class Board {
	constructor(private readonly tableau: TableauJson) {}

	/** the entry of the first objective row: negative where the column improves what is maximised */
	cost(column: string): Rational {
		const at = this.tableau.columns.indexOf(column);
		return at < 0 ? ZERO : parseRational(this.tableau.objective[0].entries[at]);
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
