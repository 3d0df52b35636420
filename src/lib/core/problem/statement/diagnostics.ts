import type { Message } from './messages';
import type { TextEdit } from './text-edit';

/** What can be wrong with a statement (errors), or worth a second look (notices). */
export type DiagnosticCode =
	| 'syntax'
	| 'empty'
	| 'no-objective'
	| 'second-objective'
	| 'product'
	| 'power'
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
	| 'unconstrained'
	| 'reading'
	| 'ambiguous'
	| 'objective-limited'
	| 'two-rows'
	| 'lower-bound'
	| 'lonely-name'
	| 'unit';

/** A way out of a finding: what the button says, and the edits that it makes. */
export interface Fix {
	readonly says: Message;
	readonly edits: readonly TextEdit[];
}

/** A finding about a stretch of the statement's text, with what to do about it. */
export interface Diagnostic {
	/** offset of the first character */
	readonly from: number;
	/** offset after the last character */
	readonly to: number;
	readonly severity: 'error' | 'notice';
	readonly code: DiagnosticCode;
	readonly message: Message;
	readonly fixes?: readonly Fix[];
}

/** Where something of the problem stands in the text. */
export interface TextPlace {
	readonly kind: 'objective' | 'constraint' | 'variable';
	readonly name: string;
	readonly from: number;
	readonly to: number;
}

type Stretch = Pick<Diagnostic, 'from' | 'to'>;

/** Collects findings while a statement is read. */
export class Findings {
	list: Diagnostic[] = [];

	error(at: Stretch, code: DiagnosticCode, message: Message, fixes: readonly Fix[] = []): void {
		this.#add(at, 'error', code, message, fixes);
	}

	notice(at: Stretch, code: DiagnosticCode, message: Message, fixes: readonly Fix[] = []): void {
		this.#add(at, 'notice', code, message, fixes);
	}

	#add(
		{ from, to }: Stretch,
		severity: Diagnostic['severity'],
		code: DiagnosticCode,
		message: Message,
		fixes: readonly Fix[]
	): void {
		this.list.push({ from, to, severity, code, message, ...(fixes.length > 0 ? { fixes } : {}) });
	}

	keep(wanted: (finding: Diagnostic) => boolean): void {
		this.list = this.list.filter(wanted);
	}

	get wrong(): boolean {
		return this.list.some((finding) => finding.severity === 'error');
	}
}
