<script lang="ts">
	import { en } from '$lib/core/language';
	import { isAtOnce, KIND_LABELS, resultText, slipCounts, slipText, summed } from '$lib/core/question';
	import type { Practice } from '$lib/desk/practice.svelte';
	import { download, fileName } from '../shared/download';

	/** What went well, which slips came up, and the result to hand in. */
	let { practice }: { practice: Practice } = $props();
	let who = $state('');
	let copied = $state(false);
	let refused = $state(false);
	const lines = $derived(practice.lines);
	const { right, asked } = $derived(summed(lines));
	const slips = $derived(slipCounts(lines));
	const outcome = (line: (typeof lines)[number]): string =>
		!line.right ? en`not answered` : isAtOnce(line) ? en`at the first try` : en`in the end`;
	async function copy() {
		try {
			await navigator.clipboard.writeText(resultText(practice.result(who)));
			copied = true;
		} catch {
			refused = true;
		}
	}
</script>

<section class="end">
	<h2>{en`${right} of ${asked} right`}</h2>
	<table class="ruled results">
		<thead
			><tr
				><th scope="col">{en`question`}</th><th scope="col">{en`answered`}</th><th scope="col">{en`tries`}</th
				><th scope="col">{en`hints`}</th><th scope="col">{en`seconds`}</th></tr
			></thead
		>
		<tbody>
			{#each lines as line, i (i)}
				<tr>
					<th scope="row">{i + 1}. {KIND_LABELS[line.kind]}</th>
					<td>{line.right ? '✓' : '✗'} {outcome(line)}</td>
					<td class="number">{line.tries}</td>
					<td class="number">{line.hints}</td>
					<td class="number">{line.seconds}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if slips.length}
		<h3>{en`Slips to remember`}</h3>
		<ul>
			{#each slips as { kind, code, times } (`${kind} ${code}`)}
				<li>{KIND_LABELS[kind]}: {slipText(kind, code)}{times > 1 ? en` (${times} times)` : ''}</li>
			{/each}
		</ul>
	{/if}
	<p class="flex flex-wrap items-center gap-y-1 gap-x-2">
		<button
			class="btn tool now"
			disabled={practice.running.what !== null}
			onclick={() => void practice.another()}>{en`Another one like this`}</button
		>
		{#if practice.running.what}<button class="btn tool" onclick={() => practice.running.cancel()}
				>{en`Cancel`}</button
			>{/if}
		<button class="btn tool" onclick={() => practice.again()}>{en`Do it again`}</button>
	</p>
	<h3>{en`Hand in`}</h3>
	<p class="flex flex-wrap items-center gap-y-1 gap-x-2">
		<label>{en`Your name`} <input class="field" bind:value={who} maxlength="200" /></label>
		<button
			class="btn tool"
			onclick={() =>
				download(
					fileName(`${practice.exercise?.title ?? ''} ${who}`, '.result.json'),
					JSON.stringify(practice.result(who), null, 1),
					'application/json'
				)}>{en`Save result`}</button
		>
		<button class="btn tool" onclick={() => void copy()}>{copied ? en`Copied` : en`Copy as text`}</button>
	</p>
	{#if refused}<p role="alert">
			{en`The browser does not let this page copy. Save the result instead.`}
		</p>{/if}
</section>

<style>
	.end {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: var(--gap-2);
		justify-items: start;
	}
	.results {
		justify-self: start;
	}
	h2,
	h3,
	p {
		margin: 0;
	}
	h2 {
		font-size: 1.4rem;
	}
	h3 {
		font-size: var(--size-text);
		margin-top: var(--gap-2);
	}
	tbody th {
		font-weight: 500;
		white-space: normal;
	}
	@media (max-width: 30rem) {
		td,
		th {
			padding-inline: 0.25rem;
			font-size: var(--size-note);
		}
		td {
			white-space: normal;
		}
	}
	ul {
		margin: 0;
		padding-left: 1.2rem;
	}
</style>
