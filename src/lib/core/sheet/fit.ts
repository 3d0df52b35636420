import { en } from '../language/language';
import { withoutUnits, type Content, type BoardLine } from '../notation/lines';
import type { Notation } from '../notation/notation';
import { takeApart } from '../number/show';
import type { Rational } from '../number/rational';
import { MARGIN, pageSize, type PageSetup } from './style';

/** How a tableau is made to fit the width of a page. */

/** About how many letters wide a cell is. */
function contentWidth(content: Content, notation: Notation): number {
	if (content.kind === 'name' || content.kind === 'word') return [...content.text].length;
	if (content.kind !== 'number') return 2;
	const own = (value: Rational) => {
		const { digits, over, whole } = takeApart(value, notation.numbers);
		// the two parts of a fraction stand one above the other, in small type
		return 1 + (whole?.length ?? 0) + (over ? 0.8 * Math.max(digits.length, over.length) : digits.length);
	};
	const { plain, m } = content.cell;
	return own(plain) + (m ? own(m) + 3 : 0);
}

/** letters that fit in a line of a page, at a size of type in points */
const lettersAcross = (setup: PageSetup): number =>
	((pageSize(setup).width - 2 * MARGIN) * 2.835) / (setup.type * 0.52);

/** About how many letters wide a tableau is. */
const widthOf = (lines: readonly BoardLine[], notation: Notation): number =>
	lines[0].cells.reduce(
		(sum, _, j) => {
			const widest = Math.max(...lines.map(({ cells }) => contentWidth(cells[j].content, notation)));
			return sum + Math.max(2.4, widest) + 2;
		},
		Math.max(...lines.map(({ name }) => contentWidth(name, notation))) + 2
	);

const FOLDED = en`Columns of basic variables are left out: each has a 1 in its own row and 0 elsewhere.`;

/** sizes of type, and the look that a sheet's style gives them */
const SIZES = [
	{ size: 1, style: '', told: '' },
	{ size: 0.8, style: 'small', told: en`This tableau is wide: it is set in smaller type.` },
	{ size: 0.64, style: 'smaller', told: en`This tableau is wide: it is set in much smaller type.` }
] as const;
const TURNED = { style: 'smaller turned', told: en`This tableau is wide: it is turned on its side.` };

/**
 * A tableau as it fits a page: one that is too wide leaves out the columns of basic variables, where its rows are named by them; then its type is
 * smaller; then it is turned on its side.
 * @returns its lines, the look of its size, and what is said of it; empty where it fits as it is
 */
export function fittedTableau(
	lines: readonly BoardLine[],
	notation: Notation,
	setup: PageSetup
): { readonly lines: readonly BoardLine[]; readonly style: string; readonly told: string } {
	const room = lettersAcross(setup);
	const isWide = widthOf(lines, notation) > room;
	const folded = isWide ? withoutUnits(lines) : null;
	const shown = folded ?? lines;
	const width = widthOf(shown, notation);
	const { style, told } = SIZES.find(({ size }) => width * size <= room) ?? TURNED;
	return { lines: shown, style, told: [folded ? FOLDED : '', told].filter(Boolean).join(' ') };
}
