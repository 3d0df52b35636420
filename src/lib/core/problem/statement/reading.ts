import type { Problem } from '../types';
import type { Diagnostic, TextPlace } from './diagnostics';
import type { Linear } from './linear';
import type { DeclarationSource, RowSource } from './source';

/** What became of a statement's text: the problem unless something is wrong, the findings, and where things stand. */
export interface Reading {
	readonly problem: Problem | null;
	readonly diagnostics: readonly Diagnostic[];
	readonly places: readonly TextPlace[];
	/** the objective and the constraints part by part, as far as they could be read */
	readonly rows: readonly RowSource[];
	readonly declarations: readonly DeclarationSource[];
}

export const NO_READING: Reading = { problem: null, diagnostics: [], places: [], rows: [], declarations: [] };

/** A row before it is known whether it is a constraint or a bound. */
export interface RowRead {
	name: string;
	at: { from: number; to: number };
	body: Linear;
}
