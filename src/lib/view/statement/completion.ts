import {
	acceptCompletion,
	autocompletion,
	closeCompletion,
	completionKeymap,
	completionStatus,
	moveCompletionSelection,
	CompletionContext,
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

/** Takes the first name in use that begins with what is written, without waiting for the list; none where none does. */
function takeFirst(view: EditorView, names: readonly string[]): void {
	const { state } = view;
	const { head } = state.selection.main;
	const found = completions(new CompletionContext(state, head, false), names);
	const written = found && state.sliceDoc(found.from, head).toLowerCase();
	const label = found?.options
		.map((option) => option.label)
		.filter((name) => name.toLowerCase().startsWith(written!))
		.sort((a, b) => a.localeCompare(b))[0];
	if (label === undefined) return;
	view.dispatch({
		changes: { from: found!.from, to: head, insert: label },
		selection: { anchor: found!.from + label.length },
		userEvent: 'input.complete'
	});
	closeCompletion(view);
}

/** Takes the option that is chosen, or else the first, also while the list is still worked out; false where none is offered. */
const take =
	(names: () => readonly string[]) =>
	(view: EditorView): boolean => {
		const status = completionStatus(view.state);
		if (status === 'pending') takeFirst(view, names());
		return (
			status === 'pending' ||
			(status === 'active' &&
				(acceptCompletion(view) || (moveCompletionSelection(true)(view) && acceptCompletion(view))))
		);
	};

/** Offers the names in use while one is being written. Nothing is chosen beforehand: Enter goes on to the next line. */
export const completion = (names: () => readonly string[]): Extension => [
	keymap.of([{ key: 'Tab', run: take(names) }, ...completionKeymap]),
	autocompletion({
		override: [(at) => completions(at, names())],
		icons: false,
		selectOnOpen: false,
		defaultKeymap: false
	})
];
