import type { ScaleLinear } from 'd3';
import { type Rational, rational } from '$lib/core/number';
import { perUnit } from './scale';

/** pixels that one step of a drag should have at least */
export const PIXELS = 4;

/** The least step that is not below a size: 1, 2 or 5 times a power of ten. */
export function stepFrom(wanted: number): Rational {
	const power = Math.floor(Math.log10(wanted));
	const lead = wanted / 10 ** power;
	const digit = lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10;
	const ten = 10n ** BigInt(Math.abs(power));
	return power < 0 ? rational(digit).div(rational(ten)) : rational(digit).mul(rational(ten));
}

/** The size of a step along an axis that fits the picture. */
export const stepOf = (scale: ScaleLinear<number, number>): Rational =>
	stepFrom(PIXELS / Math.abs(perUnit(scale)));

/** The multiple of a step that is nearest to a place. */
export const snapped = (value: number, step: Rational): Rational =>
	step.mul(rational(BigInt(Math.round(value / (Number(step.n) / Number(step.d))))));
