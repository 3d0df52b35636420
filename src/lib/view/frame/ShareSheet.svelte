<script lang="ts">
	import { QrCode } from '@skeletonlabs/skeleton-svelte';
	import { forStudents, lessonText, problemText, titleOf } from '$lib/core/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { fragmentOf } from '$lib/desk/link';
	import { PAGES } from '$lib/desk/pages';
	import { download, fileName } from '../shared/download';
	import Sheet from '../shared/Sheet.svelte';

	/** The lesson as a file, as a link, and its problem in the formats of the trade. */
	let { onclose, onexercise }: { onclose: () => void; onexercise: () => void } = $props();
	const { document: open } = useDesk();
	const own = $state.snapshot(open.lesson);
	/** whether the class gets it, and which page it opens with there */
	let isForStudents = $state(false);
	let page = $state(own.page);
	const lesson = $derived(isForStudents ? forStudents(own, page) : own);
	const link = $derived(`${location.origin}/${fragmentOf(lesson)}`);
	const isHere = ['localhost', '127.0.0.1', '[::1]'].includes(location.hostname);
	/** bytes that a QR code of the largest size holds, with the least correction */
	const MOST_QR = 2953;
	/** above this many characters a link is broken by some programs that pass it on */
	const LONG = 8000;
	const FORMATS = [
		{ format: 'statement', says: 'Statement', end: '.txt' },
		{ format: 'mps', says: 'MPS', end: '.mps' },
		{ format: 'mps-fixed', says: 'MPS, fixed columns', end: '-fixed.mps' },
		{ format: 'csv', says: 'Table (CSV)', end: '.csv' },
		{ format: 'latex', says: 'LaTeX', end: '.tex' },
		{ format: 'json', says: 'Problem (JSON)', end: '.json' }
	] as const;
	let told = $state<readonly string[]>([]);
	let copied = $state(false);

	function give({ format, says, end }: (typeof FORMATS)[number]) {
		try {
			// the statement goes as it was written, comments and all
			const { text, notes } =
				format === 'statement' ? { text: lesson.statement, notes: [] } : problemText(lesson, format);
			download(fileName(titleOf(lesson), end), text);
			told = notes.length ? notes.map((note) => `${says}: ${note}`) : [];
		} catch (error) {
			told = [`The statement cannot be read, so there is no problem to write: ${(error as Error).message}.`];
		}
	}

	async function copy() {
		try {
			await navigator.clipboard.writeText(link);
			copied = true;
		} catch {
			told = ['The browser does not let this page copy. Mark the link and copy it by hand.'];
		}
	}
</script>

<Sheet title="Share this lesson" {onclose}>
	<div class="two">
		<div>
			<p class="for">
				<label
					><input type="checkbox" bind:checked={isForStudents} /> For students: without notes, recipe and later
					steps</label
				>
				{#if isForStudents}
					<label
						>opens on
						<select class="field" bind:value={page}>
							{#each PAGES as { path, name } (path)}<option value={path}>{name}</option>{/each}
						</select></label
					>
				{/if}
			</p>
			<h3>As a file</h3>
			<p>
				<button
					class="btn tool now"
					onclick={() =>
						download(fileName(titleOf(lesson), '.mathesis.json'), lessonText(lesson), 'application/json')}
					>The whole lesson</button
				>
			</p>
			<p class="formats">
				{#each FORMATS as one (one.format)}
					<button class="btn tool" onclick={() => give(one)}>{one.says}</button>
				{/each}
			</p>
			{#if told.length}<ul role="status">
					{#each told as line (line)}<li>{line}</li>{/each}
				</ul>{/if}
			<h3>As an exercise</h3>
			<p>
				<button class="btn tool" disabled={!open.problem} onclick={onexercise}>Make an exercise …</button>
			</p>
			<h3>As a link</h3>
			<p class="link">
				<input
					class="field"
					readonly
					value={link}
					aria-label="Link with the lesson in it"
					onfocus={(e) => e.currentTarget.select()}
				/>
				<button class="btn tool" onclick={() => void copy()}>{copied ? 'Copied' : 'Copy'}</button>
			</p>
			<p class="note">
				{link.length.toLocaleString('en-GB')} characters. The lesson is in the link itself; nothing goes to a server.
				{#if isHere}This link leads to this computer only: students need the address that your server has in
					the network.{/if}
				{#if link.length > LONG}Some programs cut off links of this length; a file is safer.{/if}
			</p>
		</div>
		<div class="code">
			{#if link.length <= MOST_QR}
				<QrCode value={link} encoding={{ ecc: 'L' }}>
					<QrCode.Frame class="qr" role="img" aria-label="QR code of the link"
						><QrCode.Pattern /></QrCode.Frame
					>
				</QrCode>
			{:else}
				<p class="note">
					The link is too long for a QR code, which holds {MOST_QR.toLocaleString('en-GB')} characters.
				</p>
			{/if}
		</div>
	</div>
	<button class="btn tool" onclick={onclose}>Close</button>
</Sheet>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(18rem, 26rem) 16rem;
		gap: var(--gap-3) 2rem;
		margin-bottom: var(--gap-2);
	}
	h3 {
		margin: 0 0 0.3rem;
		font-size: var(--size-text);
		font-style: italic;
		font-weight: 500;
		color: var(--ink-soft);
	}
	p {
		margin: 0 0 var(--gap-3);
	}
	.for {
		display: grid;
		gap: var(--gap-1);
	}
	.formats {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
	}
	ul {
		margin: 0 0 var(--gap-3);
		padding-left: 1.1rem;
		font-size: var(--size-note);
	}
	.link {
		display: flex;
		gap: var(--gap-1);
		margin-bottom: var(--gap-1);
	}
	.link input {
		flex: 1;
	}
	.note {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	/* black on white in every mode: phones read it so */
	.code :global(.qr) {
		width: 16rem;
		height: 16rem;
		background: white;
		fill: black;
		padding: 0.8rem;
		box-sizing: border-box;
	}
	@media (max-width: 52rem) {
		.two {
			grid-template-columns: 1fr;
		}
	}
</style>
