import { scaleLinear, type ScaleLinear } from 'd3';

/** How numbers become pixels along an axis, and which of them are written there. */

/** Pixels for one unit of an axis; from its ends, since near 0 and 1 huge numbers leave no digits. */
export function perUnit(scale: ScaleLinear<number, number>): number {
	const [[d0, d1], [r0, r1]] = [scale.domain(), scale.range()];
	return (r1 - r0) / (d1 - d0);
}

/** Ticks of an axis and the power of ten that is taken out of them. */
export function ticks(
	scale: ScaleLinear<number, number>,
	count: number
): { values: number[]; power: number; text(v: number): string } {
	const [from, to] = scale.domain();
	const most = Math.max(Math.abs(from), Math.abs(to));
	const exponent = most > 0 ? Math.floor(Math.log10(most) / 3) * 3 : 0;
	// 0.2, 0.4 need no power of ten, 0.002 does
	const power = exponent >= 6 || most < 0.01 ? exponent : 0;
	const format = scaleLinear([from / 10 ** power, to / 10 ** power], [0, 1]).tickFormat(count);
	return { values: scale.ticks(count), power, text: (v) => grouped(format(v / 10 ** power)) };
}

/** thousands as everywhere else: a narrow space, from five digits on */
const grouped = (text: string): string =>
	text.replace(/\d[\d,]*/, (digits) => digits.replaceAll(',', digits.length > 5 ? '\u202f' : ''));

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** `×10⁶` for an axis title. */
export const showPower = (power: number): string =>
	power === 0
		? ''
		: ` ×10${power < 0 ? '⁻' : ''}${[...String(Math.abs(power))].map((d) => RAISED[Number(d)]).join('')}`;
