import { en } from '../../language/language';
import type { Problem } from '../types';
import type { Diagnostic } from './diagnostics';
import { message, type Message } from './messages';
import type { RowSource, Span } from './source';

/** Whether units fit: the unit of a coefficient times that of its variable is the unit of the row. */

/** A unit as a product of powers: `kg/dozen` is kg¹ dozen⁻¹. */
export type UnitPowers = ReadonlyMap<string, number>;

/**
 * Takes a unit apart: factors between blanks, · or *, division by / or “per”; `for each` counts as “per”.
 * @returns the power of each word; words are compared without regard to case
 */
export function unitPowers(text: string): UnitPowers {
	const powers = new Map<string, number>();
	let side = 1;
	const words = text
		.replace(/\bfor each\b|\beach\b|\ba\b(?=\s+\p{L})/giu, ' per ')
		.replace(/[/÷]/g, ' per ')
		.split(/[\s·*×]+/)
		.filter(Boolean);
	for (const word of words) {
		if (/^per$/i.test(word)) side = -1;
		else if (word !== '1') {
			const key = word.toLowerCase();
			powers.set(key, (powers.get(key) ?? 0) + side);
		}
	}
	return new Map([...powers].filter(([, power]) => power !== 0));
}

const times = (a: UnitPowers, b: UnitPowers): UnitPowers => {
	const product = new Map(a);
	for (const [word, power] of b) product.set(word, (product.get(word) ?? 0) + power);
	return new Map([...product].filter(([, power]) => power !== 0));
};

const same = (a: UnitPowers, b: UnitPowers): boolean =>
	a.size === b.size && [...a].every(([word, power]) => b.get(word) === power);

/** The unit as text: `kg·day/dozen`; 1 where nothing is left. */
function unitWords(powers: UnitPowers): string {
	const side = (sign: number) =>
		[...powers]
			.filter(([, power]) => power * sign > 0)
			.map(([word, power]) => word + (Math.abs(power) > 1 ? `^${Math.abs(power)}` : ''))
			.join('·');
	return (side(1) || '1') + (side(-1) ? `/${side(-1)}` : '');
}

/** Findings about coefficients and amounts that come with a unit which does not fit that of their row. */
export function unitFindings(problem: Problem, rows: readonly RowSource[]): Diagnostic[] {
	const units = new Map(problem.variables.map(({ name, unit }) => [name, unit]));
	const found: Diagnostic[] = [];
	const notice = ({ from, to }: Span, message: Message) =>
		found.push({ from, to, severity: 'notice', code: 'unit', message });
	for (const { kind, name, terms, right, rightUnit } of rows) {
		const own =
			kind === 'objective'
				? problem.objective.unit
				: problem.constraints.find((row) => row.name === name)?.unit;
		if (!own) continue;
		for (const term of terms ?? []) {
			if (!term.unit || !term.factor) continue;
			const given = unitPowers(term.unit);
			const product = term.name === null ? given : times(given, unitPowers(units.get(term.name) ?? ''));
			if (!same(product, unitPowers(own)))
				notice(
					term.factor,
					message('unitMisfit', term.name ?? en`The constant`, name, unitWords(product), own)
				);
		}
		if (right && rightUnit && !same(unitPowers(rightUnit), unitPowers(own)))
			notice(right, message('amountMisfit', name, rightUnit, own));
	}
	return found;
}
