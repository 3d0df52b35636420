import { parseRational, toText, type Rational } from '../core/number/rational';
import type { At, MapCell, Window } from '../core/parametric/map';

/** The map of two numbers as it crosses to a worker and back: its numbers as texts. */

type PackedAt = readonly [string, string];

export type PackedWindow = Readonly<Record<keyof Window, { readonly low: string; readonly high: string }>>;

export interface PackedCell {
	readonly status: MapCell['status'];
	readonly polygon: readonly PackedAt[];
	readonly basis: readonly string[];
	/** constant, and the rates of the first and the second number */
	readonly plane: readonly [string, string, string] | null;
}

const number = (text: string): Rational => parseRational(text)!;

export const packWindow = ({ first, second }: Window): PackedWindow => ({
	first: { low: toText(first.low), high: toText(first.high) },
	second: { low: toText(second.low), high: toText(second.high) }
});

export const takeWindow = ({ first, second }: PackedWindow): Window => ({
	first: { low: number(first.low), high: number(first.high) },
	second: { low: number(second.low), high: number(second.high) }
});

export const packCell = ({ polygon, plane, ...rest }: MapCell): PackedCell => ({
	...rest,
	polygon: polygon.map(([x, y]): PackedAt => [toText(x), toText(y)]),
	plane: plane && [toText(plane.constant), toText(plane.first), toText(plane.second)]
});

export const takeCell = ({ polygon, plane, ...rest }: PackedCell): MapCell => ({
	...rest,
	polygon: polygon.map(([x, y]): At => [number(x), number(y)]),
	plane: plane && { constant: number(plane[0]), first: number(plane[1]), second: number(plane[2]) }
});
