import { ONE, type Rational } from '../../number/rational';
import { readStatement } from './read';

/**
 * Reads a number as it may be typed into a cell: a fraction, a decimal, or a short piece of arithmetic such as `15.6/1000`.
 * @returns null for anything else
 */
export function readCell(typed: string): Rational | null {
	const text = typed.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2');
	// in a statement letters behind a number could be its unit; in a cell they are none of it
	if (/\p{L}/u.test(text.replace(/(?<=\d)e(?=[-+]?\d)/i, ''))) return null;
	if (!text || /[\n#:<>=≤≥,;\\[]/.test(text)) return null;
	const { problem } = readStatement(`max z = 0\nr: q + q ≤ ${text}`);
	const row = problem?.constraints[0];
	// anything but a number leaves other terms on the left
	return row && row.terms.size === 1 && row.terms.get('q')?.equals(ONE.add(1)) ? row.rhs : null;
}
