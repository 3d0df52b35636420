import { addRow, addVariable, removeRow, removeVariable, rename } from '$lib/core/problem/statement/edits';
import type { Reading } from '$lib/core/problem/statement/reading';
import { readStatement } from '$lib/core/problem/statement/read';
import { applyEdits, type TextEdit } from '$lib/core/problem/statement/text-edit';
import type { Problem } from '$lib/core/problem/types';
import {
	EMPTY_ROW,
	filledIn,
	freeName,
	isUntouched,
	NO_BLANKS,
	NOTHING,
	shortened,
	stillBlank,
	withCell,
	withoutCell,
	type BlankCells
} from './blank-cells';
import type { LessonDocument } from './document.svelte';
import type { TableText } from './table-text';

interface State {
	readonly text: string;
	readonly reading: Reading;
	readonly blank: BlankCells;
}

const stateOf = (text: string, blank: BlankCells): State => ({ text, reading: readStatement(text), blank });

/** activities and resources that an empty table has to begin with */
const BEGIN = 2;

/**
 * A table with cells to be filled in: an empty one, or one with a new resource. It is a statement of its own, so that its cells are changed like those of any
 * other; the lesson says the same without the resources that have no amount yet. Another text in the lesson is somebody else's, and ends it.
 */
export class BlankTable implements TableText {
	readonly #lesson: LessonDocument;
	#state = $state.raw<State>(stateOf(NOTHING.text, NOTHING.blank));
	/** what the lesson says by this table; null before it was begun */
	#said = $state.raw<string | null>(null);
	/** what stands before the objective of an empty table and stays there, such as a title; null where it began with a problem */
	#before = $state.raw<string | null>(null);

	constructor(lesson: LessonDocument) {
		this.#lesson = lesson;
	}

	readonly text: string = $derived(this.#state.text);
	readonly reading: Reading = $derived(this.#state.reading);
	readonly blank: BlankCells = $derived(this.#state.blank);
	readonly problem: Problem | null = $derived(this.reading.problem);
	readonly notation = $derived.by(() => this.#lesson.notation);
	readonly telling = $derived.by(() => this.#lesson.telling);
	get stale(): boolean {
		return false;
	}
	/** whether it is what the lesson says */
	readonly isOn: boolean = $derived.by(() => this.#said !== null && this.#lesson.text === this.#said);
	/** whether it began with nothing */
	readonly isFresh: boolean = $derived(this.isOn && this.#before !== null);

	/** Begins an empty table; what the lesson says so far, a title at most, stays. */
	begin(): void {
		this.#begin(this.#lesson.text.trim(), NOTHING.text, NOTHING.blank);
		this.resize(BEGIN, BEGIN);
	}

	#begin(before: string | null, text: string, blank: BlankCells): void {
		this.#before = before;
		this.#said = this.#lesson.text;
		this.#state = stateOf(text, blank);
	}

	/** Another size of an empty table; what was typed stays as far as there is room. */
	resize(variables: number, rows: number): void {
		const last = (all: readonly { readonly name: string }[]) => all.at(-1)!.name;
		while (this.problem!.variables.length < variables) this.addVariable();
		while (this.problem!.constraints.length < rows) this.addRow();
		while (this.problem!.variables.length > variables)
			this.edit(removeVariable(this.text, this.reading, last(this.problem!.variables)));
		while (this.problem!.constraints.length > rows)
			this.edit(removeRow(this.text, this.reading, last(this.problem!.constraints)));
	}

	/**
	 * A new resource, which counts once it has an amount.
	 * @returns its name
	 */
	addRow(): string {
		if (!this.isOn) this.#begin(null, this.#lesson.text, NO_BLANKS);
		const { edits, name } = addRow(this.text, this.reading, EMPTY_ROW);
		this.#put(edits, [`row|${name}`, `rhs|${name}`]);
		return name;
	}

	addVariable(): void {
		const { edits, name } = addVariable(this.text, this.reading);
		this.#put(edits, this.#before === null ? [] : [`variable|${name}`]);
	}

	edit(edits: readonly TextEdit[]): void {
		if (edits.length > 0) this.#put(edits, []);
	}

	write(text: string): void {
		this.#set(stateOf(text, this.blank));
	}

	/** What is done in it is one act; a text that is written back takes back what became of its blank cells, too. */
	asOne<T>(act: () => T): T {
		const before = this.#state;
		const result = this.#lesson.asOne(act);
		if (this.text === before.text && this.blank !== before.blank) this.#set(before);
		return result;
	}

	filled(row: string, typed: string): void {
		const change = typed.trim() === '' ? withCell : withoutCell;
		this.#set({ ...this.#state, blank: change(this.blank, `rhs|${row}`) });
	}

	giveWay(kind: 'variable' | 'constraint', name: string): void {
		const part = kind === 'variable' ? 'variable' : 'row';
		if (!this.blank.has(`${part}|${name}`)) return;
		const other = freeName(this.problem!, kind);
		this.#put(rename(this.text, this.reading, kind, name, other), [`${part}|${other}`]);
	}

	#put(edits: readonly TextEdit[], added: readonly string[]): void {
		const text = applyEdits(this.text, edits);
		const reading = readStatement(text);
		if (!reading.problem) return;
		const blank = stillBlank([...this.blank, ...added], this.problem!, reading.problem);
		this.#set({ text, reading, blank });
	}

	/** Another state of it; the lesson says what of it is filled in. */
	#set(state: State): void {
		this.#state = state;
		const { text, reading, blank } = state;
		const filled = filledIn(text, reading, blank);
		if (this.#before === null) return this.#say(filled);
		if (isUntouched(reading.problem!, blank) && this.#lesson.text.trim() === this.#before) return;
		this.#say((this.#before ? `${this.#before}\n` : '') + shortened(filled));
	}

	#say(text: string): void {
		this.#said = text;
		this.#lesson.write(text);
	}
}
