<script lang="ts">
	import { en } from '$lib/core/language';
	import { type KeptWish, type PlanKept, saysOf } from '$lib/core/design';
	import { useDesigner, type RankedFind } from '$lib/desk/designer.svelte';
	import { useGo } from '$lib/desk/go';
	import { useKeeping } from '$lib/desk/keeping.svelte';
	import Pane from '../shared/Pane.svelte';
	import ProgressLine from '../shared/ProgressLine.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import { litBy, NOWHERE } from './lit';
	import FindCard from './FindCard.svelte';

	/** What was found, side by side, each with its promises; the most pleasant by hand first. */
	const go = useGo();
	const designer = useDesigner();
	const keeping = useKeeping();
	const { finds, running, tried, missed, nearest, neverMet, searched } = $derived(designer);

	const told = $derived(
		[
			en`${finds.length} found`,
			en`${tried} candidates`,
			...(designer.rate === null ? [] : [en`${designer.rate} a second`])
		].join(', ')
	);
	/** of each wish how often it failed alone, the most frequent first */
	const alone = $derived(
		designer.alone.missed
			.map((count, i) => ({ count, says: saysOf(searched[i]) }))
			.filter(({ count }) => count > 0)
			.sort((a, b) => b.count - a.count)
	);
	/** the promise that is pointed at: the card shows where it comes true */
	let pointed = $state<{ card: number; promise: number } | null>(null);

	const says = (promise: KeptWish | PlanKept): string => {
		if (promise.kind === 'plan')
			return en`(${promise.point.join(', ')}) is ${promise.shall === 'best' ? en`a best plan` : en`feasible`}`;
		const words = saysOf(promise);
		// “the run takes 2 pivots” says the value already
		const { value, ...wish } = promise;
		return typeof value === 'boolean' || Object.values<unknown>(wish).includes(value)
			? words
			: `${words}: ${value}`;
	};

	const wishNamed = (kind: string) => {
		const wish = searched.find((own) => own.kind === kind);
		return wish ? `“${saysOf(wish)}”` : kind === 'form' ? en`good form` : en`the plan`;
	};

	async function take(found: Pick<RankedFind, 'problem'>, i: number) {
		await keeping.openNew(designer.lessonOf(found, en`Exercise ${designer.seed}.${i + 1}`));
		go('/');
	}
</script>

{#snippet failing()}
	{#if missed.length && running.what === null}
		<p class="text-soft text-note">
			{en`What failed first, and how often: ${missed
				.map(([kind, count]) => `${wishNamed(kind)} ${count}`)
				.join(', ')}.`}
			{#if alone.length}
				{en`Of ${designer.alone.of} that were judged by all wishes, this many failed by one alone: ${alone
					.map(({ count, says }) => `“${says}” ${count}`)
					.join(', ')}.`}
			{/if}
		</p>
	{/if}
{/snippet}

<Pane
	pane="finds"
	name={en`Problems found`}
	aside={running.what === 'search'
		? designer.onServer
			? en`searching on the server, ${told}`
			: en`searching, ${told}`
		: tried
			? told
			: null}
>
	<Scroll label={en`Problems that meet the wishes`}>
		{#if running.what === 'search'}
			<ProgressLine label={en`Search`} max={designer.count} value={finds.length} />
		{/if}
		<div class="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2 items-start">
			{#each finds as found, i (found.problem)}
				<FindCard
					problem={found.problem}
					wishes={searched}
					name={en`Problem ${i + 1}`}
					lit={pointed?.card === i ? litBy(found.promises[pointed.promise], found.problem) : NOWHERE}
				>
					<ul>
						{#each found.promises as promise, k (k)}<li>
								<button
									class="promise"
									title={en`Where the wish is met`}
									onpointerenter={() => (pointed = { card: i, promise: k })}
									onpointerleave={() => (pointed = null)}
									onfocus={() => (pointed = { card: i, promise: k })}
									onblur={() => (pointed = null)}
									onclick={() => (pointed = { card: i, promise: k })}>{says(promise)} ✓</button
								>
							</li>{/each}
						<li class="text-soft text-note">{en`${found.digits} digits to write by hand`}</li>
					</ul>
					<button class="btn tool now" onclick={() => void take(found, i)}>{en`Use this problem`}</button>
				</FindCard>
			{/each}
		</div>
		{#if finds.length < designer.count && running.what === null && (tried > 0 || designer.fault)}
			<p class="nothing">
				{finds.length === 0
					? en`Nothing was found in the time given.`
					: en`Only ${finds.length} of ${designer.count} were found in the time given.`}
			</p>
			{#if neverMet.length}
				<p>
					{en`${
						neverMet.length === 1
							? en`This wish was never met in the sample`
							: en`These wishes were never met together in the sample`
					}, which proves nothing: ${neverMet.map(saysOf).join('; ')}.`}
				</p>
			{/if}
			{#if nearest.length}
				<h3 class="text-text mt-2 mb-1">{en`Near misses`}</h3>
				<div class="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2 items-start">
					{#each nearest as near, i (i)}
						<FindCard problem={near.problem} wishes={searched} name={en`Near miss ${i + 1}`}>
							<ul>
								{#each near.misses as k (k)}<li>{saysOf(searched[k])} ✗</li>{/each}
							</ul>
							<button class="btn tool" onclick={() => void take(near, i)}>{en`Use this problem`}</button>
						</FindCard>
					{/each}
				</div>
			{/if}
		{:else if finds.length === 0 && running.what === null}
			<p class="nothing">{en`Problems that meet all wishes appear here.`}</p>
		{/if}
		{@render failing()}
	</Scroll>
</Pane>

<style>
	ul {
		margin: var(--gap-1) 0;
		font-size: var(--size-note);
	}
	.promise {
		text-align: left;
		cursor: pointer;
		color: inherit;
	}
	.promise:hover {
		background: var(--now-wash);
	}
</style>
