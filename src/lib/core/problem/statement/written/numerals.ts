import type { Context } from './token';
import { matchAt } from '../sticky';

/** Numbers as people write them: ½, 2½, 2 1/2, 1,500,000, 10 000, 24.000, 2,5, 1e3. */

export interface NumberRead {
	readonly length: number;
	/** as the statement language writes it */
	readonly says: string;
	/** as it can be read too */
	readonly otherwise?: string;
}

const VULGAR = '½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
const PARTS = [
	'1/2',
	'1/3',
	'2/3',
	'1/4',
	'3/4',
	'1/5',
	'2/5',
	'3/5',
	'4/5',
	'1/6',
	'5/6',
	'1/8',
	'3/8',
	'5/8',
	'7/8'
];
const MIXED = new RegExp(`(\\d*)[ \\u00a0\\u2009\\u202f]?([${VULGAR}])`, 'y');
const MIXED_PLAIN = /(\d+)[ \u00a0\u2009\u202f]+(\d{1,2})[/⁄](\d{1,3})(?![\d.,])/y;
const MIXED_TEX = /(\d+)[ \t]*\\[dt]?frac(?:[ \t]*\{(\d+)\}[ \t]*\{(\d+)\}|[ \t]*(\d)[ \t]*(\d))/y;
const POWER = /(\d+(?:\.\d+)?)[eE]([-+]?\d{1,2})(?![\p{L}\p{Nd}_'.])/uy;
const SPACED = /\d{1,3}(?:[ \u00a0\u2009\u202f'’]\d{3})+(?:[.,]\d+)?(?![\d])/y;
const SPACED_TEX = /\d{1,3}(?:(?:\\[,;:! ]|~)\d{3})+(?!\d)/y;
const BRACED = /\d+\{,\}\d+/y;
const POINTS = /\d{1,3}(?:\.\d{3})+,\d+(?!\d)/y;
const POINT_GROUPS = /[1-9]\d{0,2}(?:\.\d{3})+(?![\d,])/y;
const GROUPS = /\d{1,3}(?:,\d{3})+(?:\.\d+)?(?!\d|[,.]\d)/y;
const COMMA = /\d+,\d+(?!\d|,\d)/y;
const WIDE = /[０-９]+/y;
const PLAIN = /\d+(?:\.\d+)?|\.\d+/y;

/** A decimal without zeros at its end, so that nobody takes its point for a mark of thousands: 1.500 is 1.5. */
const trimmed = (decimal: string): string => decimal.replace(/(\.\d*?)0+$/, '$1').replace(/\.$/, '');

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

const whole = (count: string, over: string, under: string): string =>
	`${Number(count || 0) * Number(under) + Number(over)}/${under}`;

/**
 * The number at a place of a text; null where none is.
 * @param context with what a comma inside numbers is; where it may be either, the other reading comes too
 */
export function numberAt(source: string, at: number, { tex, comma, dots, e }: Context): NumberRead | null {
	if (!/[\d.½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞０-９]/.test(source[at])) return null;
	const match = (pattern: RegExp) => matchAt(pattern, source, at);
	const number = (text: string, says: string, otherwise?: string): NumberRead => ({
		length: text.length,
		says,
		otherwise
	});
	// behind a division line a fraction has brackets of its own
	const part = (text: string, says: string) =>
		number(text, /[/÷]\s*$/.test(source.slice(Math.max(0, at - 3), at)) ? `(${says})` : says);
	const vulgar = match(MIXED);
	if (vulgar) {
		const [over, under] = PARTS[VULGAR.indexOf(vulgar[2])].split('/');
		return part(vulgar[0], whole(vulgar[1], over, under));
	}
	const mixed = match(MIXED_PLAIN);
	if (mixed && Number(mixed[2]) < Number(mixed[3]))
		return part(mixed[0], whole(mixed[1], mixed[2], mixed[3]));
	if (tex) {
		const own = match(MIXED_TEX);
		if (own) return part(own[0], whole(own[1], own[2] ?? own[4], own[3] ?? own[5]));
		const spaced = match(SPACED_TEX)?.[0];
		if (spaced) return number(spaced, spaced.replace(/\D/g, ''));
		const braced = match(BRACED)?.[0];
		if (braced) {
			const isGroup = /^[1-9]\d{0,2}\{,\}\d{3}$/.test(braced) && comma !== 'decimal';
			return number(braced, braced.replace('{,}', isGroup ? '' : '.'));
		}
	}
	const power = e ? null : match(POWER);
	if (power) return number(power[0], writtenOut(power[1], Number(power[2])));
	const spaced = match(SPACED)?.[0];
	if (spaced) return number(spaced, spaced.replace(',', '.').replace(/[^\d.]/g, ''));
	const points = match(POINTS)?.[0];
	if (points) return number(points, points.replace(/\./g, '').replace(',', '.'));
	if (comma === 'decimal') {
		const groups = match(POINT_GROUPS)?.[0];
		if (groups) return number(groups, groups.replace(/\./g, ''));
	}
	const dotted = dots ? match(POINT_GROUPS)?.[0] : undefined;
	if (dotted) return number(dotted, dotted.replace(/\./g, ''), trimmed(dotted));
	const groups = match(GROUPS)?.[0];
	if (groups && !/^0/.test(groups)) {
		const bare = groups.replace(/,/g, '');
		if (comma === 'thousands' || /,.*[,.]/.test(groups)) return number(groups, bare);
		const decimal = groups.replace(',', '.');
		return comma === 'decimal' ? number(groups, decimal) : number(groups, bare, trimmed(decimal));
	}
	// 1,2,3 is a list
	const decimal = /\d,$/.test(source.slice(Math.max(0, at - 2), at)) ? undefined : match(COMMA)?.[0];
	// 0 or 1, between brackets of a set, are two numbers: {0,1}
	if (
		decimal &&
		!/(?:[{[(]|(?<![\p{L}\p{Nd}])[ijkmn](?:\s*(?:=|∈)|\s+in))\s*$/u.test(
			source.slice(Math.max(0, at - 8), at)
		) &&
		!/^\s*(?:\\?[}\]]|,)/.test(source.slice(at + decimal.length))
	)
		return number(decimal, decimal.replace(',', '.'));
	const wide = match(WIDE)?.[0];
	if (wide)
		return number(
			wide,
			wide.replace(/[０-９]/g, (digit) => String(digit.charCodeAt(0) - 0xff10))
		);
	const plain = match(PLAIN)?.[0];
	return plain ? number(plain, plain) : null;
}
