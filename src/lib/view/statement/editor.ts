import { messageText, type Diagnostic as Finding, type TextPlace } from '$lib/core/problem';
import type { Identity } from '$lib/desk/identity';
import { defaultKeymap } from '@codemirror/commands';
import {
	EditorState,
	Prec,
	RangeSet,
	StateEffect,
	StateField,
	type Extension,
	type RangeValue
} from '@codemirror/state';
import { Decoration, EditorView, gutter, GutterMarker, keymap, placeholder } from '@codemirror/view';
import { markPath } from '../shared/marks';
import { statementLanguage } from './language';

/** A line of the statement that has an identity in the other views. */
export interface MarkedLine {
	readonly place: TextPlace;
	readonly identity: Identity;
}

class IdentityMarker extends GutterMarker {
	constructor(private readonly identity: Identity) {
		super();
	}
	eq(other: IdentityMarker): boolean {
		return other.identity.mark === this.identity.mark && other.identity.colour === this.identity.colour;
	}
	toDOM(): Node {
		const box = document.createElement('span');
		const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
		const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
		const { d, filled } = markPath(this.identity.mark, 6, 6);
		svg.setAttribute('width', '12');
		svg.setAttribute('height', '12');
		svg.style.overflow = 'visible';
		path.setAttribute('d', d);
		path.setAttribute('fill', filled ? 'currentColor' : 'none');
		path.setAttribute('stroke', 'currentColor');
		path.setAttribute('stroke-width', '2');
		svg.append(path);
		box.style.color = this.identity.colour;
		box.append(svg);
		return box;
	}
}

/** A set of ranges that moves with the text, and the effect that puts another in its place. */
function ranges<T extends RangeValue>(provide?: (field: StateField<RangeSet<T>>) => Extension) {
	const replace = StateEffect.define<RangeSet<T>>();
	const field = StateField.define<RangeSet<T>>({
		create: () => RangeSet.empty,
		update: (set, tr) =>
			tr.effects.reduce((now, effect) => (effect.is(replace) ? effect.value : now), set.map(tr.changes)),
		provide
	});
	/** Tells the editor only what it does not show yet: each telling costs it a measurement of the page. */
	const show = (view: EditorView, set: RangeSet<T>) => {
		if (!RangeSet.eq([view.state.field(field)], [set])) view.dispatch({ effects: replace.of(set) });
	};
	return { field, show };
}

const marks = ranges<GutterMarker>();
const lit = ranges<Decoration>((field) => EditorView.decorations.from(field));

const look = EditorView.theme({
	'&': { height: '100%', fontSize: 'var(--size-text)', color: 'var(--ink)', backgroundColor: 'transparent' },
	'&.cm-focused': { outline: 'none' },
	'.cm-scroller': { fontFamily: 'var(--font-text)', lineHeight: '1.5', overflow: 'auto' },
	'.cm-content': { padding: '0.2rem 0', caretColor: 'var(--ink)' },
	'.cm-line': { padding: '0 0.6rem 0 0.2rem' },
	'.cm-gutters': { backgroundColor: 'transparent', border: 'none', paddingLeft: '0.5rem' },
	'.cm-identity': { width: '1.1rem' },
	'.cm-identity .cm-gutterElement': { display: 'flex', alignItems: 'start', paddingTop: '0.4rem' },
	'.cm-content ::selection': { backgroundColor: 'color-mix(in oklab, var(--focus) 25%, transparent)' },
	'.lit-line': { backgroundColor: 'var(--now-wash)' },
	'.lit-name': { backgroundColor: 'var(--now-wash)' },
	'.cm-lintRange-error': {
		backgroundImage: 'none',
		textDecoration: 'underline wavy var(--error) 1.5px',
		textUnderlineOffset: '3px'
	},
	'.cm-lintRange-info, .cm-lintRange-warning': {
		backgroundImage: 'none',
		textDecoration: 'underline dotted var(--notice) 2px',
		textUnderlineOffset: '3px'
	},
	'.cm-lintPoint-error::after': { borderBottomColor: 'var(--error)' },
	'.cm-placeholder': { color: 'var(--ink-soft)', fontStyle: 'italic', whiteSpace: 'pre-wrap' },
	'.cm-tooltip.cm-tooltip-autocomplete > ul': {
		fontFamily: 'var(--font-text)',
		fontSize: 'var(--size-text)'
	},
	'.cm-tooltip.cm-tooltip-autocomplete > ul > li[aria-selected]': {
		backgroundColor: 'var(--now-wash)',
		color: 'var(--ink)'
	},
	'.cm-tooltip': {
		backgroundColor: 'var(--sheet-raised)',
		color: 'var(--ink)',
		border: '1px solid var(--rule)',
		maxWidth: '24rem'
	}
});

/** what stands faintly where nothing is stated */
const EXAMPLE =
	'max profit = 3 x1 + 5 x2\nclay:  x1 + 2 x2 <= 12\nwheel: 3 x1 + x2 <= 15\n\nOr paste a problem as it is written, a table, or an MPS file.';

export interface EditorHooks {
	readonly label: string;
	onwrite(text: string): void;
	/** the pointer or cursor is at this offset, or away */
	onpoint(offset: number | null): void;
	/** the names in use, offered while one is being written */
	names(): readonly string[];
	/** the name at this offset shall be another */
	onrename(offset: number): void;
	/** the last act of the lesson is taken back, or done again: the editor has no undo of its own */
	onundo(): void;
	onredo(): void;
	/** a text was pasted */
	onpaste(text: string): void;
}

/** Builds the statement's editor in an element. */
export function makeEditor(parent: HTMLElement, text: string, hooks: EditorHooks): EditorView {
	let rested = { x: NaN, y: NaN };
	const extensions: Extension[] = [
		EditorView.lineWrapping,
		keymap.of([{ key: 'F2', run: ({ state }) => (hooks.onrename(state.selection.main.head), true) }]),
		keymap.of([
			{ key: 'Mod-z', run: () => (hooks.onundo(), true), preventDefault: true },
			{ key: 'Mod-y', run: () => (hooks.onredo(), true), preventDefault: true },
			{ key: 'Mod-Shift-z', run: () => (hooks.onredo(), true), preventDefault: true },
			...defaultKeymap
		]),
		statementLanguage(),
		placeholder(EXAMPLE),
		marks.field,
		lit.field,
		gutter({ class: 'cm-identity', markers: (view) => view.state.field(marks.field) }),
		look,
		EditorView.contentAttributes.of({ 'aria-label': hooks.label, spellcheck: 'false', tabindex: '0' }),
		EditorView.updateListener.of((update) => {
			const { state } = update;
			if (update.docChanged) hooks.onwrite(state.doc.toString());
			if (update.selectionSet && update.view.hasFocus) hooks.onpoint(state.selection.main.head);
		}),
		EditorView.domEventHandlers({
			mousemove: (event, view) => {
				// what moves under a resting pointer is not pointed at
				const { clientX: x, clientY: y } = event;
				if (x === rested.x && y === rested.y) return;
				rested = { x, y };
				hooks.onpoint(view.posAtCoords({ x, y }));
			},
			paste: (event) => hooks.onpaste(event.clipboardData?.getData('text/plain') ?? ''),
			mouseleave: () => hooks.onpoint(null),
			blur: () => hooks.onpoint(null)
		})
	];
	const view = new EditorView({ parent, state: EditorState.create({ doc: text, extensions }) });
	// offering names is no part of the first page
	void import('./completion').then(({ completion }) => {
		if (view.dom.isConnected)
			view.dispatch({ effects: StateEffect.appendConfig.of(Prec.high(completion(hooks.names))) });
	});
	return view;
}

/** Brings the editor to another text; what both have at their ends is not touched. */
export function replaceText(view: EditorView, text: string): void {
	const old = view.state.doc.toString();
	let from = 0;
	while (from < old.length && from < text.length && old[from] === text[from]) from++;
	let end = 0;
	const most = Math.min(old.length, text.length) - from;
	while (end < most && old[old.length - 1 - end] === text[text.length - 1 - end]) end++;
	view.dispatch({ changes: { from, to: old.length - end, insert: text.slice(from, text.length - end) } });
}

/** what underlines findings is loaded when there is the first one */
let lint: typeof import('@codemirror/lint') | null = null;

/** Underlines findings where they are. */
export async function showFindings(view: EditorView, findings: readonly Finding[]): Promise<void> {
	if (!lint && findings.length === 0) return;
	const { doc } = view.state;
	lint ??= await import('@codemirror/lint');
	// findings of a text that has changed meanwhile have been followed by others
	if (!view.dom.isConnected || view.state.doc !== doc) return;
	const diagnostics = findings.map((finding) => ({
		from: Math.min(finding.from, doc.length),
		to: Math.min(finding.to, doc.length),
		severity: finding.severity === 'error' ? ('error' as const) : ('info' as const),
		message: messageText(finding.message)
	}));
	view.dispatch(lint.setDiagnostics(view.state, diagnostics));
}

/** Shows the marks of identities at the beginning of lines; places may belong to a longer text. */
export function showMarks(view: EditorView, lines: readonly MarkedLine[]): void {
	const { doc } = view.state;
	const known = lines.filter(({ place }) => place.from <= doc.length);
	marks.show(
		view,
		RangeSet.of(
			known.map(({ place, identity }) => new IdentityMarker(identity).range(doc.lineAt(place.from).from)),
			true
		)
	);
}

/** Lights lines and names; places may belong to a longer text. */
export function showLit(
	view: EditorView,
	places: readonly { from: number; to: number; line: boolean }[]
): void {
	const { doc } = view.state;
	const known = places.filter(({ from, to }) => to <= doc.length && from <= to);
	lit.show(
		view,
		Decoration.set(
			known.map(({ from, to, line }) =>
				line
					? Decoration.line({ class: 'lit-line' }).range(doc.lineAt(from).from)
					: Decoration.mark({ class: 'lit-name' }).range(from, to)
			),
			true
		)
	);
}
