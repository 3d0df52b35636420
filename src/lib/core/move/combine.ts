import { combineRemark } from '../commentary/whole';
import { joined, say } from '../sentence/sentence';
import { combined } from '../integer/combined';
import { handOver } from '../method/decide';
import { NumberError, ONE, parseRational, ZERO, type Rational } from '../number/rational';
import { appendLimit } from '../tableau/build';
import { limitRow, partAfter } from './limit';
import { cutId } from '../problem/column-id';
import { cutName } from '../problem/row-owner';
import * as messages from './messages';
import { refused, nameOf, type Position } from '../position/position';
import type { CombineMove, MoveKind } from './types';

/**
 * The multipliers of a move by the constraints' names.
 * @throws NumberError where one is no number
 */
const multipliersOf = ({ keys }: Position, { multipliers }: CombineMove): Map<string, Rational> =>
	new Map(
		Object.entries(multipliers).map(([key, text]) => [nameOf(keys.constraints, key), parseRational(text)])
	);

export const combine: MoveKind<CombineMove> = {
	perform(position, move) {
		const { work, cuts } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		try {
			const multipliers = multipliersOf(position, move);
			const made = combined(position.problem, multipliers);
			if ('kind' in made) return refused({ code: 'not-composed', fault: made });
			const t = work.tableau;
			const number = cuts.length + 1;
			const original = { ...made.cut, relation: '<=' as const };
			const slack = { id: cutId(number), name: `c${number}` };
			const { column, row } = limitRow(t.form, { kind: 'cut', name: cutName(number) }, original, slack);
			const used = [...multipliers].filter(([, value]) => value.n !== 0n).map(([name]) => name);
			const cut = {
				kind: 'chvatal-gomory' as const,
				row: used.join(', '),
				nonbasic: { terms: new Map([[column.name, ONE]]), rhs: ZERO },
				original
			};
			const tableau = appendLimit(t, column, row);
			const after = handOver({ ...work, tableau }, partAfter(work, tableau));
			return { ok: true, position: { ...position, cuts: [...cuts, cut], work: after } };
		} catch (error) {
			if (error instanceof NumberError) return refused({ code: 'not-a-number', message: error.message });
			throw error;
		}
	},
	label: ({ multipliers }, names) =>
		messages.cutFromRows(joined(Object.keys(multipliers).map((key) => say`${names.constraint(key)}`))),
	tell: (before, move, after) => combineRemark(before, multipliersOf(before, move), after),
	// multipliers are written where the cut is composed
	offers: () => []
};
