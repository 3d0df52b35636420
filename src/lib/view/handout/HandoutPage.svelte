<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		BLOCKS,
		FILLS,
		MOST_VARIANTS,
		type BlockName,
		type Fill,
		type PageSetup,
		pageRule,
		PAPERS,
		SHEET_PRESETS,
		type SheetFormat,
		type SheetPreset,
		sheetStyle,
		TYPE_SIZES
	} from '$lib/core/sheet';
	import { KIND_LABELS, KIND_NAMES, type KindName } from '$lib/core/question';
	import { titleOf } from '$lib/core/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { MOST_QUESTIONS, useHandout } from '$lib/desk/handout.svelte';
	import { adoptStyle } from '../shared/adopted-style';
	import Choose from '../shared/Choose.svelte';
	import { downloadBlob, fileName } from '../shared/download';
	import { layOut, type Printed } from './pages';

	/** What is printed or exported of the lesson: choices at the left, real pages at the right. */
	const { document: lesson, session } = useDesk();
	const handout = useHandout();

	const PRESETS: Readonly<Record<SheetPreset, string>> = {
		problem: en`Problem`,
		solution: en`Worked solution`,
		blank: en`Blank tableaux`,
		picture: en`Graph paper`,
		exam: en`Exam`
	};
	const BLOCK_LABELS: Readonly<Record<BlockName, string>> = {
		story: en`Story`,
		statement: en`Problem`,
		meanings: en`Meanings`,
		picture: en`Region`,
		corners: en`Corner table`,
		form: en`Standard form`,
		tableaux: en`Tableaux`,
		trail: en`Steps in words`,
		dual: en`Dual problem`,
		ranges: en`Ranges`,
		cuts: en`Cuts`,
		tree: en`Branch and bound`,
		answer: en`Answer`,
		questions: en`Questions`
	};
	const FILL_LABELS: Readonly<Record<Fill, string>> = {
		none: en`not printed`,
		answers: en`with the answers`,
		blanks: en`with blanks`,
		'pivot-row': en`the pivot row left blank`,
		rhs: en`right-hand sides left blank`,
		ratios: en`ratios left blank`,
		cells: en`single numbers left blank`,
		grid: en`an empty grid`
	};
	/** blocks of which nothing can be left blank */
	const WHOLE: readonly BlockName[] = ['story', 'statement', 'meanings'];
	const fillsOf = (block: BlockName): readonly Fill[] =>
		WHOLE.includes(block)
			? ['answers', 'none']
			: block === 'questions'
				? ['blanks', 'answers', 'none']
				: block === 'tableaux'
					? FILLS
					: ['answers', 'blanks', 'grid', 'none'];
	const PAPER_LABELS = { a4: 'A4', letter: en`Letter` } as const;
	const FORMATS: readonly { format: SheetFormat; says: string }[] = [
		{ format: 'html', says: 'HTML' },
		{ format: 'latex', says: 'LaTeX' },
		{ format: 'text', says: en`Text` },
		{ format: 'csv', says: en`Questions (CSV)` },
		{ format: 'qti-3.0', says: en`Quiz (QTI 3.0)` },
		{ format: 'qti-2.1', says: en`Quiz (QTI 2.1)` }
	];

	let paper = $state<HTMLElement>();
	let pages = $state(0);
	const setPage = (change: Partial<PageSetup>) => (handout.page = { ...handout.page, ...change });

	// the sheets follow the choices, and the lesson
	$effect(() => {
		void [lesson.problem, lesson.notation, lesson.rule, session.stops, lesson.telling.story];
		void [handout.preset, handout.blocks, handout.page, handout.variants, handout.seed, handout.count];
		void [handout.kinds, handout.followsTrail, handout.carries, handout.cells];
		const timer = setTimeout(() => void handout.make(), 120);
		return () => clearTimeout(timer);
	});

	const printed = $derived.by((): Printed[] => {
		const sheets = handout.sheets.map(({ title, student }) => ({ title, parts: student }));
		const keys = handout.sheets.flatMap(({ title, key }) =>
			key.length > 0 ? [{ title: en`${title}: answers`, parts: key }] : []
		);
		return handout.withKey ? [...sheets, ...keys] : sheets;
	});
	const hasKey = $derived(handout.sheets.some(({ key }) => key.length > 0));

	$effect(() => adoptStyle(`${pageRule(handout.page, 0)}\n${sheetStyle(handout.page)}`));
	$effect(() => {
		if (!paper) return;
		const focused =
			document.activeElement instanceof HTMLElement ? document.activeElement.dataset.cell : null;
		pages = layOut(paper, printed, handout.page);
		for (const cell of paper.querySelectorAll<HTMLElement>('[data-cell]')) cell.tabIndex = 0;
		// the pages are made anew with each number that is pressed
		if (focused) paper.querySelector<HTMLElement>(`[data-cell="${CSS.escape(focused)}"]`)?.focus();
	});

	/** A number of a tableau is pressed: it is left blank, or printed again. */
	function press(event: Event): void {
		const { cell } = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]')?.dataset ?? {};
		if (!cell) return;
		event.preventDefault();
		handout.turnCell(cell);
	}

	async function save(format: SheetFormat) {
		for (const { name, type, content, encoding } of await handout.files(format)) {
			const data =
				encoding === 'base64' ? Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0)) : content;
			downloadBlob(fileName(titleOf(lesson.lesson), `-${name}`), new Blob([data], { type }));
		}
	}

	function toggleKind(kind: KindName, isOn: boolean) {
		handout.kinds = isOn ? [...handout.kinds, kind] : handout.kinds.filter((own) => own !== kind);
	}
</script>

<main id="main" class="handout" tabindex="-1">
	<section class="choices" aria-label={en`What is printed`}>
		<h2>{en`Handout`}</h2>
		<p class="line acts">
			<button class="btn tool now" disabled={handout.refusal !== null} onclick={() => window.print()}
				>{en`Print or save as PDF`}</button
			>
		</p>
		<p class="line formats">
			{#each FORMATS as { format, says } (format)}
				<button class="btn tool" disabled={handout.refusal !== null} onclick={() => void save(format)}
					>{says}</button
				>
			{/each}
		</p>
		<label
			>{en`Sheet`}
			<select
				class="field"
				value={handout.preset}
				onchange={(event) => handout.choose(event.currentTarget.value as SheetPreset)}
			>
				{#each SHEET_PRESETS as preset (preset)}<option value={preset}>{PRESETS[preset]}</option>{/each}
			</select></label
		>
		<fieldset>
			<legend>{en`Contents`}</legend>
			{#each BLOCKS as block (block)}
				<label
					><span>{BLOCK_LABELS[block]}</span>
					<select
						class="field"
						data-block={block}
						value={handout.blocks[block] ?? 'none'}
						onchange={(event) => handout.fill(block, event.currentTarget.value as Fill)}
					>
						{#each fillsOf(block) as fill (fill)}<option value={fill}
								>{WHOLE.includes(block) && fill === 'answers'
									? en`printed`
									: block === 'questions' && fill === 'blanks'
										? en`with room to answer`
										: FILL_LABELS[fill]}</option
							>{/each}
					</select></label
				>
			{/each}
		</fieldset>
		{#if handout.printsHidden}<p class="line">
				<span class="text-note text-soft">{en`The sheet prints what is hidden from the class.`}</span>
				<button class="btn tool" onclick={() => handout.blankHidden()}>{en`Leave it blank`}</button>
			</p>{/if}
		{#if (handout.blocks.questions ?? 'none') !== 'none'}
			<label class="line"
				>{en`At most`}
				<input class="field small" type="number" min="1" max={MOST_QUESTIONS} bind:value={handout.count} />
				{en`questions`}</label
			>
			<details>
				<summary
					>{en`Kinds: ${handout.kinds.length === 0 ? en`those that suit paper` : handout.kinds.length}`}</summary
				>
				{#each KIND_NAMES as kind (kind)}
					<label class="check"
						><input
							type="checkbox"
							checked={handout.kinds.includes(kind)}
							onchange={(event) => toggleKind(kind, event.currentTarget.checked)}
						/>
						{KIND_LABELS[kind]}</label
					>
				{/each}
			</details>
		{/if}
		<label class="line"
			>{en`Variants`}
			<input class="field small" type="number" min="1" max={MOST_VARIANTS} bind:value={handout.variants} />
			{#if handout.variants > 1}<button class="btn tool" onclick={() => (handout.seed += 1)}
					>{en`Other questions`}</button
				>{/if}</label
		>
		{#if handout.hasTrail}<label class="check"
				><input type="checkbox" bind:checked={handout.followsTrail} />
				{en`Tableaux of the trail as it stands, not of the whole run`}</label
			>{/if}
		{#if hasKey}<label class="check"
				><input type="checkbox" bind:checked={handout.withKey} />
				{en`Print the answers on separate pages`}</label
			>{/if}
		<label class="check"
			><input type="checkbox" bind:checked={handout.withLink} />
			{en`A code at the end that opens the problem in the browser`}</label
		>
		{#if handout.withLink && handout.carries !== 'lesson'}<p class="text-note text-soft">
				{handout.carries === 'problem'
					? en`The lesson is too long for a code on paper: it carries the problem only.`
					: en`The problem is too long for a code on paper: its link is printed instead.`}
			</p>{/if}
		<div class="line">
			<Choose
				label={en`Paper`}
				options={PAPERS.map((value) => ({ value, text: PAPER_LABELS[value] }))}
				value={handout.page.paper}
				onchange={(own) => setPage({ paper: own })}
			/>
			<Choose
				label={en`Direction`}
				options={[
					{ value: 'upright', text: en`Portrait` },
					{ value: 'across', text: en`Landscape` }
				]}
				value={handout.page.landscape ? 'across' : 'upright'}
				onchange={(own) => setPage({ landscape: own === 'across' })}
			/>
			<label
				>{en`Type`}
				<select
					class="field"
					value={handout.page.type}
					onchange={(event) => setPage({ type: Number(event.currentTarget.value) })}
				>
					{#each TYPE_SIZES as size (size)}<option value={size}>{size} pt</option>{/each}
				</select></label
			>
		</div>
	</section>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<section class="preview" aria-label={en`The pages`} tabindex="0">
		<p class="count" role="status">
			{handout.isMakingFiles
				? en`Making the files …`
				: handout.running.what
					? en`Making the pages …`
					: handout.refusal
						? ''
						: `${pages} ${pages === 1 ? en`page` : en`pages`}`}
		</p>
		{#if handout.refusal ?? handout.fileFault}<p role="alert">{handout.refusal ?? handout.fileFault}</p>{/if}
		{#if handout.blocks.tableaux === 'cells'}
			<p class="text-note text-soft">
				{en`Press a number of a tableau to leave it blank; press it again to print it.`}
				{#if handout.cells.length > 0}<button class="btn tool" onclick={() => (handout.cells = [])}
						>{en`Print all`}</button
					>{/if}
			</p>
		{/if}
		<!-- the numbers that are pressed have the focus themselves -->
		<!-- svelte-ignore a11y_no_static_element_interactions -->
		<div
			class="pages"
			bind:this={paper}
			hidden={handout.refusal !== null}
			onclick={press}
			onkeydown={(event) => (event.key === 'Enter' || event.key === ' ') && press(event)}
		></div>
	</section>
</main>

<style>
	.handout {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(17rem, 22rem) 1fr;
		outline: none;
	}
	.choices {
		overflow: auto;
		padding: var(--gap-2) var(--gap-3) var(--gap-3);
		display: grid;
		gap: var(--gap-2);
		align-content: start;
		border-right: 1px solid var(--rule);
	}
	h2 {
		font-size: var(--size-title);
		font-weight: 500;
	}
	fieldset {
		border: 0;
		display: grid;
		gap: 0.2rem;
	}
	legend {
		font-style: italic;
		color: var(--ink-soft);
	}
	fieldset label {
		display: grid;
		grid-template-columns: 8.5rem 1fr;
		align-items: center;
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1) var(--gap-2);
		align-items: center;
	}
	.small {
		width: 4rem;
	}
	.check {
		display: block;
	}
	.preview {
		overflow: auto;
		padding: var(--gap-2) var(--gap-3);
		background: var(--paper-deep, var(--paper));
	}
	.count {
		margin: 0 0 var(--gap-1);
		color: var(--ink-soft);
		font-size: var(--size-note);
		min-height: 1.2em;
	}
	.pages {
		display: grid;
		gap: 1.2rem;
		justify-content: center;
		zoom: 0.85;
	}
	.pages[hidden] {
		display: none;
	}
	.pages :global(.page-of-paper) {
		position: relative;
		box-sizing: border-box;
		overflow: hidden;
		box-shadow: 0 1px 6px rgb(0 0 0 / 30%);
	}
	.pages :global(.page-of-paper > footer) {
		position: absolute;
		inset: auto 0 8mm;
		text-align: center;
		font-size: 0.75em;
	}
	@media (max-width: 52rem) {
		.handout {
			grid-template-columns: 1fr;
			overflow: auto;
			display: block;
		}
		.choices,
		.preview {
			overflow: visible;
			border-right: 0;
		}
		.preview {
			overflow-x: auto;
		}
		.pages {
			zoom: 0.45;
		}
	}
	@media print {
		.choices,
		.count {
			display: none;
		}
		.handout,
		.preview,
		.pages {
			display: block;
			overflow: visible;
			padding: 0;
			zoom: 1;
			background: none;
		}
		.pages :global(.page-of-paper) {
			box-shadow: none;
			break-after: page;
		}
		.pages :global(.page-of-paper:last-child) {
			break-after: auto;
		}
	}
</style>
