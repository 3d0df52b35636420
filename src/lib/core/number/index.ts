/** What views and pages may use of this folder: exact numbers and how they are shown. The rest of the core and the desk import its modules themselves. */

export { dot, type Vector } from './linear-algebra';
export {
	approximate,
	compare,
	isZero,
	max,
	min,
	NumberError,
	ONE,
	parseRational,
	type Rational,
	rational,
	sign,
	toText,
	ZERO
} from './rational';
export { decimalBeside, NUMBER_STYLES, type NumberStyle, showNumber, takeApart, texNumber } from './show';
