<script lang="ts">
	import { en } from '$lib/core/language';
	import { bendFound, numberWords, stretchesFound } from '$lib/core/commentary';
	import { csvText } from '$lib/core/spreadsheet';
	import { rational, toText } from '$lib/core/number';
	import { valueOn } from '$lib/core/parametric';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useSensitivity } from '$lib/desk/sensitivity.svelte';
	import { titleOf } from '$lib/core/lesson';
	import { download, fileName } from '../shared/download';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';
	import CurvePicture from './CurvePicture.svelte';

	/** The best value against one number: its pieces, the pivots between them, and the point that can be dragged along. */
	const { document: lesson } = useDesk();
	const sensitivity = useSensitivity();
	const { problem, varied, pieces, stretches, value, stairs } = $derived(sensitivity);
	let size = $state({ width: 480, height: 320 });
	let canvas = $state<HTMLElement>();
	let showsPlan = $state(false);
	const optimal = $derived(pieces.filter(({ status }) => status === 'optimal'));
	const bend = $derived(
		problem && varied && optimal.length > 1 ? numberWords(problem, bendFound(problem, varied)) : null
	);
	/** whether the number lies on a stretch; at a break on the one before */
	function isOn(i: number): boolean {
		const { from, to } = stretches[i];
		if (!value) return false;
		const [low, high] = to && to.lt(from) ? [to, from] : [from, to];
		return value.gte(low) && (!high || value.lte(high));
	}
	const told = $derived(problem ? stretchesFound(stretches).map((found) => numberWords(problem, found)) : []);
	const MOST_STAIRS = 60;

	function save() {
		const rows = pieces.map((piece) => {
			const at = piece.from ?? piece.to;
			const own = at && valueOn(piece, at);
			return [
				piece.from ? toText(piece.from) : '',
				piece.to ? toText(piece.to) : '',
				piece.status,
				own ? toText(own) : '',
				piece.line ? toText(piece.line.slope) : '',
				(piece.basis ?? []).join(' ')
			];
		});
		download(
			fileName(titleOf(lesson.lesson), '-value.csv'),
			csvText([['from', 'to', 'status', en`value at the first end`, 'slope', 'basis'], ...rows]),
			'text/csv'
		);
	}

	function climb() {
		const whole = [];
		const span = sensitivity.span.high.sub(sensitivity.span.low);
		const by = span.div(MOST_STAIRS).lt(1) ? rational(1) : span.div(MOST_STAIRS).ceil(0);
		for (
			let at = sensitivity.span.low.ceil(0);
			at.lte(sensitivity.span.high) && whole.length <= MOST_STAIRS;
			at = at.add(by)
		)
			whole.push(at);
		void sensitivity.climb(whole);
	}
</script>

<Pane pane="curve" name={en`Best value`} aside={lesson.stale ? en`last right statement` : null}>
	{#snippet tools()}
		{#if sensitivity.isWhole}
			{#if sensitivity.running.what}
				<button class="btn tool" onclick={() => sensitivity.running.cancel()}
					>{en`Cancel (${stairs.length})`}</button
				>
			{:else}
				<button class="btn tool" title={en`Solve for whole numbers at amounts side by side`} onclick={climb}
					>{en`Staircase`}</button
				>
			{/if}
		{/if}
		<button class="btn tool" aria-pressed={showsPlan} onclick={() => (showsPlan = !showsPlan)}
			>{en`Plan`}</button
		>
		<button class="btn tool" onclick={save}>CSV</button>
		{#await import('../export/PictureMenu.svelte') then { default: PictureMenu }}
			<PictureMenu what="value" picture={() => canvas?.querySelector('svg') ?? null} />
		{/await}
	{/snippet}
	{#if problem && varied}
		<div class="flex flex-col h-full">
			<div class="canvas" bind:this={canvas} bind:clientWidth={size.width} bind:clientHeight={size.height}>
				{#if optimal.length}
					{#if size.width > 160}<CurvePicture {problem} {varied} {size} {showsPlan} />{/if}
				{:else}
					<p class="nothing">
						{pieces[0]?.status === 'unbounded'
							? en`The objective is unbounded, whatever this number is.`
							: en`The problem is infeasible, whatever this number is.`}
					</p>
				{/if}
			</div>
			<div class="flex-1 min-h-0 border-t border-rule">
				<Scroll label={en`The pieces, and the pivots between them`}>
					{#if bend}<p><Words sentence={bend} linked={false} /></p>{/if}
					{#if value && sensitivity.reading && !sensitivity.reading.now.equals(value)}
						<p>
							<button class="btn tool" onclick={() => sensitivity.move(sensitivity.reading!.now)}
								>{en`Reset`}</button
							>
						</p>
					{/if}
					<ol>
						{#each told as sentence, i (i)}
							<li class:own={isOn(i)}>
								<button onclick={() => sensitivity.move(stretches[i].to ?? stretches[i].from)}
									><Words {sentence} linked={false} /></button
								>
							</li>
						{/each}
					</ol>
					{#if sensitivity.isWhole && stairs.length}
						<p>
							{en`The dots are best integer values, each found by solving. Between them the line shows the relaxation, which can be better than every integer plan.`}
						</p>
					{/if}
				</Scroll>
			</div>
		</div>
	{:else}
		<p class="nothing">{en`The curve appears here as soon as the statement can be read.`}</p>
	{/if}
</Pane>

<style>
	.canvas {
		flex: 1.6;
		min-height: 0;
		position: relative;
		overflow: hidden;
	}
	ol {
		margin: 0;
		padding-left: 1.3rem;
	}
	li button {
		text-align: left;
		cursor: pointer;
		min-height: 1.5rem;
	}
	li.own {
		background: var(--now-wash);
	}
	p {
		margin: 0 0 var(--gap-1);
	}
</style>
