<script lang="ts">
	import { redo, redoDepth, undo, undoDepth } from '@codemirror/commands';
	import type { EditorView } from '@codemirror/view';
	import { untrack } from 'svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import Pane from '../shared/Pane.svelte';
	import Findings from './Findings.svelte';
	import { makeEditor, replaceText, showFindings, showLit, showMarks } from './editor';

	let { desk }: { desk: Desk } = $props();
	let editor = $state.raw<EditorView | null>(null);
	let depths = $state({ undo: 0, redo: 0 });

	/** The constraint or variable that stands at an offset of the text. */
	function pointAt(offset: number | null) {
		if (offset === null) return desk.point(null);
		const here = desk.reading.places.filter((place) => place.from <= offset && offset <= place.to);
		const found =
			here.find((place) => place.kind === 'variable') ?? here.find((place) => place.kind === 'constraint');
		desk.point(found && found.kind !== 'objective' ? { kind: found.kind, name: found.name } : null);
	}

	function mount(node: HTMLElement) {
		return untrack(() => {
			const view = makeEditor(node, desk.text, {
				label: 'Statement of the problem',
				onwrite: (text) => desk.write(text),
				onpoint: pointAt
			});
			editor = view;
			return () => view.destroy();
		});
	}

	$effect(() => {
		const { text } = desk;
		if (editor && editor.state.doc.toString() !== text) replaceText(editor, text);
		if (editor) depths = { undo: undoDepth(editor.state), redo: redoDepth(editor.state) };
	});

	$effect(() => {
		if (editor) showFindings(editor, desk.reading.diagnostics);
	});

	$effect(() => {
		const lines = desk.reading.places.flatMap((place) => {
			const identity = place.kind === 'constraint' ? desk.identities.get(place.name) : undefined;
			return identity ? [{ place, identity }] : [];
		});
		if (editor) showMarks(editor, lines);
	});

	$effect(() => {
		const lit = desk.reading.places.filter(
			(place) => place.kind !== 'objective' && desk.isPointed({ kind: place.kind, name: place.name })
		);
		if (editor)
			showLit(
				editor,
				lit.map((place) => ({ ...place, line: place.kind === 'constraint' }))
			);
	});

	function show(finding: { from: number; to: number }) {
		editor?.dispatch({ selection: { anchor: finding.from, head: finding.to }, scrollIntoView: true });
		editor?.focus();
	}
</script>

<Pane name="Statement">
	{#snippet tools()}
		<button
			class="btn-icon tool"
			aria-label="Undo edit"
			title="Undo edit"
			disabled={!depths.undo}
			onclick={() => editor && undo(editor)}>↶</button
		>
		<button
			class="btn-icon tool"
			aria-label="Redo edit"
			title="Redo edit"
			disabled={!depths.redo}
			onclick={() => editor && redo(editor)}>↷</button
		>
	{/snippet}
	<div class="stack">
		<div class="editor" {@attach mount}></div>
		<Findings findings={desk.reading.diagnostics} onshow={show} />
	</div>
</Pane>

<style>
	.stack {
		height: 100%;
		display: flex;
		flex-direction: column;
		min-height: 0;
	}
	.editor {
		flex: 1;
		min-height: 0;
		overflow: hidden;
	}
	.tool {
		font-size: 1.1rem;
		width: 1.9rem;
		height: 1.9rem;
	}
</style>
