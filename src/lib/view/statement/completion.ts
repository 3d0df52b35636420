import {
	acceptCompletion,
	autocompletion,
	completionKeymap,
	completionStatus,
	moveCompletionSelection,
	type CompletionContext,
	type CompletionResult
} from '@codemirror/autocomplete';
import type { Extension } from '@codemirror/state';
import { keymap, type EditorView } from '@codemirror/view';

/** The names in use that go on as what stands before the cursor; none inside comments and texts. */
function completions(at: CompletionContext, names: readonly string[]): CompletionResult | null {
	const word = at.matchBefore(/\p{L}[\p{L}\p{M}\p{Nd}_']*/u);
	const line = at.state.doc.lineAt(at.pos);
	const before = line.text.slice(0, at.pos - line.from);
	if ((!word && !at.explicit) || /[#"]/.test(before)) return null;
	const options = names.filter((name) => name !== word?.text).map((label) => ({ label }));
	return options.length ? { from: word?.from ?? at.pos, options } : null;
}

/** Takes the option that is chosen, or else the first; false where none is offered. While options are still looked for, nothing happens: the cursor stays. */
const take = (view: EditorView): boolean =>
	completionStatus(view.state) === 'pending' ||
	(completionStatus(view.state) === 'active' &&
		(acceptCompletion(view) || (moveCompletionSelection(true)(view) && acceptCompletion(view))));

/** Offers the names in use while one is being written. Nothing is chosen beforehand: Enter goes on to the next line. */
export const completion = (names: () => readonly string[]): Extension => [
	keymap.of([{ key: 'Tab', run: take }, ...completionKeymap]),
	autocompletion({
		override: [(at) => completions(at, names())],
		icons: false,
		selectOnOpen: false,
		defaultKeymap: false
	})
];
