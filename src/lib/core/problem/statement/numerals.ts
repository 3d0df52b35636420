import type { Context, OtherReading } from './stretch';
import { matchAt } from './sticky';

/** Numbers as people write them: ½, 2½, 1,500,000, 10 000, 2,5. */

const VULGAR: Readonly<Record<string, readonly [number, number]>> = {
	'½': [1, 2],
	'⅓': [1, 3],
	'⅔': [2, 3],
	'¼': [1, 4],
	'¾': [3, 4],
	'⅕': [1, 5],
	'⅖': [2, 5],
	'⅗': [3, 5],
	'⅘': [4, 5],
	'⅙': [1, 6],
	'⅚': [5, 6],
	'⅛': [1, 8],
	'⅜': [3, 8],
	'⅝': [5, 8],
	'⅞': [7, 8]
};
const MIXED = /(\d*)[ \u00a0\u2009\u202f]?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/y;
const POWER = /(\d+(?:\.\d+)?)[eE]([-+]?\d{1,2})(?![\p{L}\p{Nd}_'.])/uy;
const SPACED = /\d{1,3}(?:[ \u00a0\u2009\u202f'’]\d{3})+(?:\.\d+)?(?![\d])/y;
const POINTS = /\d{1,3}(?:\.\d{3})+,\d+(?!\d)/y;
const GROUPS = /\d{1,3}(?:,\d{3})+(?:\.\d+)?(?!\d|[,.]\d)/y;
const COMMA = /\d+,\d+(?!\d|,\d)/y;

/** A decimal number times a power of ten, without it: 1.5e3 is 1500. */
function writtenOut(digits: string, power: number): string {
	const [whole, part = ''] = digits.split('.');
	const all = whole + part;
	const point = whole.length + power;
	if (point <= 0) return `0.${'0'.repeat(-point)}${all}`;
	return point >= all.length
		? all + '0'.repeat(point - all.length)
		: `${all.slice(0, point)}.${all.slice(point)}`;
}

/**
 * A number at a place of the source that is written by another habit.
 * @param comma what a comma inside numbers is, as far as the text shows it
 * @returns with two choices where a comma may be either; null where there is no such number
 */
export function numberAt(source: string, at: number, comma: Context['comma']): OtherReading | null {
	if (!/[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/.test(source[at])) return null;
	const number = (length: number, insert: string): OtherReading => ({
		to: at + length,
		insert,
		kind: 'number'
	});
	const mixed = matchAt(MIXED, source, at);
	if (mixed) {
		const [whole, mark] = [Number(mixed[1]), mixed[2]];
		const [over, under] = VULGAR[mark];
		const text = `${whole * under + over}/${under}`;
		return number(mixed[0].length, /[/÷]\s*$/.test(source.slice(0, at)) ? `(${text})` : text);
	}
	const power = matchAt(POWER, source, at);
	if (power) return number(power[0].length, writtenOut(power[1], Number(power[2])));
	const spaced = matchAt(SPACED, source, at);
	if (spaced) return number(spaced[0].length, spaced[0].replace(/[^\d.]/g, ''));
	const points = matchAt(POINTS, source, at);
	if (points) return number(points[0].length, points[0].replace(/\./g, '').replace(',', '.'));
	const groups = matchAt(GROUPS, source, at);
	if (groups && !/^0/.test(groups[0])) {
		const bare = groups[0].replace(/,/g, '');
		const sure = /,.*[,.]/.test(groups[0]) || comma === 'thousands';
		if (sure) return number(groups[0].length, bare);
		const decimal = groups[0].replace(',', '.');
		if (comma === 'decimal') return number(groups[0].length, decimal);
		return { ...number(groups[0].length, bare), choices: [bare, decimal] };
	}
	const decimal = matchAt(COMMA, source, at);
	return decimal ? number(decimal[0].length, decimal[0].replace(',', '.')) : null;
}
