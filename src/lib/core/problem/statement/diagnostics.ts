/** What can be wrong with a statement (errors), or worth a second look (notices). */
export type DiagnosticCode =
	| 'syntax'
	| 'empty'
	| 'no-objective'
	| 'second-objective'
	| 'product'
	| 'power'
	| 'strict'
	| 'no-relation'
	| 'chain'
	| 'same-name'
	| 'zero-division'
	| 'variable-division'
	| 'number'
	| 'name'
	| 'bound'
	| 'limit'
	| 'repeated-variable'
	| 'near-name'
	| 'unconstrained';

/** A finding about a stretch of the statement's text, with what to do about it. */
export interface Diagnostic {
	/** offset of the first character */
	readonly from: number;
	/** offset after the last character */
	readonly to: number;
	readonly severity: 'error' | 'notice';
	readonly code: DiagnosticCode;
	readonly message: string;
}

/** Where something of the problem stands in the text. */
export interface Place {
	readonly kind: 'objective' | 'constraint' | 'variable';
	readonly name: string;
	readonly from: number;
	readonly to: number;
}

/** Collects findings while a statement is read. */
export class Findings {
	list: Diagnostic[] = [];

	error(at: { from: number; to: number }, code: DiagnosticCode, message: string): void {
		this.list.push({ from: at.from, to: at.to, severity: 'error', code, message });
	}

	notice(at: { from: number; to: number }, code: DiagnosticCode, message: string): void {
		this.list.push({ from: at.from, to: at.to, severity: 'notice', code, message });
	}

	keep(wanted: (finding: Diagnostic) => boolean): void {
		this.list = this.list.filter(wanted);
	}

	get wrong(): boolean {
		return this.list.some((finding) => finding.severity === 'error');
	}
}
