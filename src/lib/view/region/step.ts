import type { ScaleLinear } from 'd3';
import { rational, type Rational } from '$lib/core/number/rational';
import { perUnit } from './frame';

/** pixels that one step of a drag should have at least */
const PIXELS = 4;

/** The size of a step along an axis that fits the picture: 1, 2 or 5 times a power of ten, whole numbers where they are fine enough. */
export function stepOf(scale: ScaleLinear<number, number>): Rational {
	const wanted = PIXELS / Math.abs(perUnit(scale));
	const power = Math.floor(Math.log10(wanted));
	const lead = wanted / 10 ** power;
	const digit = lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10;
	const ten = 10n ** BigInt(Math.abs(power));
	return power < 0 ? rational(digit).div(rational(ten)) : rational(digit).mul(rational(ten));
}

/** The multiple of a step that is nearest to a place. */
export const snapped = (value: number, step: Rational): Rational =>
	step.mul(rational(BigInt(Math.round(value / (Number(step.n) / Number(step.d))))));
