<script lang="ts">
	import { en } from '$lib/core/language';
	import type { EditorView } from '@codemirror/view';
	import { untrack } from 'svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Pointed } from '$lib/desk/identity';
	import Pane from '../shared/Pane.svelte';
	import Findings from './Findings.svelte';
	import { numberAt, numberPlace } from './number-place';
	import { pastedKind, type PastedKind } from './pasted';

	const { document: lesson, selection, session } = useDesk();
	/** the editor, with what works on it; it comes after the first look at a page, and the text stands there as it is till then */
	let tools = $state.raw<typeof import('./editor') | null>(null);
	let editor = $state.raw<EditorView | null>(null);

	/** The constraint or variable that stands at an offset of the text. */
	function standingAt(offset: number): Pointed | null {
		const here = lesson.reading.places.filter((place) => place.from <= offset && offset <= place.to);
		const found =
			here.find((place) => place.kind === 'variable') ?? here.find((place) => place.kind === 'constraint');
		return found && found.kind !== 'objective' ? { kind: found.kind, name: found.name } : null;
	}

	const pointAt = (offset: number | null) =>
		offset === null
			? selection.point(null)
			: selection.point(standingAt(offset), numberAt(lesson.reading, offset));

	/** what was pasted that is no statement */
	let pasted = $state.raw<{ text: string; kind: PastedKind } | null>(null);
	let isTable = $state(false);
	/** nothing is stated yet: that is where everybody begins, and no fault */
	const findings = $derived(lesson.reading.diagnostics.filter(({ code }) => code !== 'empty'));

	/** what is to get another name: the variable or constraint at the cursor */
	let renaming = $state<Pointed | null>(null);

	function askName(offset: number) {
		if (!lesson.stale) renaming = standingAt(offset);
	}

	const makeIn = (node: HTMLElement, { makeEditor }: typeof import('./editor')) =>
		makeEditor(node, lesson.text, {
			label: en`Statement of the problem`,
			onwrite: (text) => lesson.type(text),
			onpoint: pointAt,
			names: () => lesson.problem?.variables.map(({ name }) => name) ?? [],
			onrename: askName,
			onundo: () => lesson.undo(),
			onredo: () => lesson.redo(),
			onpaste: (text) => {
				const kind = pastedKind(text);
				pasted = kind && { text, kind };
			}
		});

	function mount(node: HTMLElement) {
		let view: EditorView | null = null;
		let isGone = false;
		void import('./editor').then((module) => {
			if (isGone) return;
			view = untrack(() => makeIn(node, module));
			tools = module;
			editor = view;
		});
		return () => {
			isGone = true;
			view?.destroy();
		};
	}

	$effect(() => {
		const { text, held } = lesson;
		if (editor && !held && editor.state.doc.toString() !== text) tools?.replaceText(editor, text);
	});

	$effect(() => {
		if (editor) void tools?.showFindings(editor, findings);
	});

	$effect(() => {
		const { places } = lesson.reading;
		const known = session.identities;
		if (!editor) return;
		const lines = places.flatMap((place) => {
			const identity = place.kind === 'constraint' ? known.get(place.name) : undefined;
			return identity ? [{ place, identity }] : [];
		});
		tools?.showMarks(editor, lines);
	});

	$effect(() => {
		const { pointed, number } = selection;
		const lit: { from: number; to: number; line: boolean }[] = pointed
			? lesson.reading.places
					.filter((p) => p.kind === pointed.kind && p.name === pointed.name)
					.map((place) => ({ ...place, line: place.kind === 'constraint' }))
			: [];
		const at = number && numberPlace(lesson.reading, number);
		if (editor) tools?.showLit(editor, at ? [...lit, { ...at, line: false }] : lit);
	});

	function show(finding: { from: number; to: number }) {
		editor?.dispatch({ selection: { anchor: finding.from, head: finding.to }, scrollIntoView: true });
		editor?.focus();
	}
</script>

<Pane pane="statement" name={en`Statement`}>
	<div class="h-full flex flex-col min-h-0">
		<div class="flex-1 min-h-0 overflow-hidden" {@attach mount}>
			{#if !editor}<pre class="plain">{lesson.text}</pre>{/if}
		</div>
		{#if pasted}
			{#await import('./PastedOffer.svelte') then { default: PastedOffer }}
				{#if pasted}
					<PastedOffer {...pasted} ontable={() => (isTable = true)} onclose={() => (pasted = null)} />
				{/if}
			{/await}
		{/if}
		<Findings
			{findings}
			onshow={show}
			onfix={(fix) => {
				lesson.fix(fix);
				editor?.focus();
			}}
		/>
	</div>
</Pane>
{#if isTable && pasted}
	{#await import('../table/PasteSheet.svelte') then { default: PasteSheet }}
		{#if pasted}
			<PasteSheet
				text={pasted.text}
				onclose={() => {
					isTable = false;
					pasted = null;
				}}
			/>
		{/if}
	{/await}
{/if}
{#if renaming}
	{#await import('./RenameSheet.svelte') then { default: RenameSheet }}
		{#if renaming}
			<RenameSheet
				{...renaming}
				onclose={() => {
					renaming = null;
					editor?.focus();
				}}
			/>
		{/if}
	{/await}
{/if}

<style>
	/* where the editor's lines will stand */
	.plain {
		padding: 0.2rem 0.6rem 0 1.8rem;
		font-family: var(--font-text);
		line-height: 1.5;
		white-space: pre-wrap;
	}
</style>
