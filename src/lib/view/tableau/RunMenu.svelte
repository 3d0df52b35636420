<script lang="ts">
	import { RUN_FORMATS, type RunFormat } from '$lib/core/exchange/run';
	import { titleOf } from '$lib/core/lesson/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { download, fileName } from '../shared/download';
	import ToolMenu from '../shared/ToolMenu.svelte';

	/** The tableau, or the whole run with its sentences, as a file in the lesson's notation. */
	const { document: lesson, session } = useDesk();
	const NAMES: Record<RunFormat, string> = {
		latex: 'LaTeX',
		markdown: 'Markdown',
		csv: 'CSV',
		text: 'plain text'
	};
	const ENDS: Record<RunFormat, string> = { latex: '.tex', markdown: '.md', csv: '.csv', text: '.txt' };
	const TYPES: Record<RunFormat, string> = {
		latex: 'text/plain',
		markdown: 'text/markdown',
		csv: 'text/csv',
		text: 'text/plain'
	};

	interface Choice {
		readonly format: RunFormat;
		readonly whole: boolean;
	}
	const choices = [false, true].flatMap((whole) =>
		RUN_FORMATS.map((format) => ({ key: `${format} ${whole}`, value: { format, whole } }))
	);

	async function save({ format, whole }: Choice) {
		const { runText, tableauText } = await import('$lib/core/exchange/run');
		const { tableau } = session;
		if (!tableau) return;
		const { notation } = lesson;
		const text = whole ? runText(session.run(), notation, format) : tableauText(tableau, notation, format);
		const name = fileName(titleOf(lesson.lesson), `${whole ? '-run' : '-tableau'}${ENDS[format]}`);
		download(name, text, TYPES[format]);
	}
</script>

{#snippet item({ format, whole }: Choice)}{whole ? 'The run with its sentences' : 'This tableau'} as {NAMES[
		format
	]}{/snippet}
<ToolMenu
	text="Export"
	items={session.tableau ? choices : []}
	{item}
	onchoose={(choice) => void save(choice)}
/>
