<script lang="ts">
	import { en } from '$lib/core/language';
	import { say } from '$lib/core/sentence';
	import { pointSentence } from '$lib/core/commentary';
	import { pointKey, pointOf } from '$lib/core/geometry';
	import { labelOf, type Stop } from '$lib/core/move';
	import { objectiveValue, readPlan } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { namingOf } from '$lib/desk/naming';
	import Pane from '../shared/Pane.svelte';
	import Words from '../shared/Words.svelte';
	import TableauGrid from './TableauGrid.svelte';

	/** Another tableau beside the present one: of the step before, of an earlier one, or one pinned; then also both ways with their corners. */
	const { document: lesson, pinned, session } = useDesk();
	const work = $derived(pinned.stop?.position.work ?? null);
	const number = $derived(pinned.stops.findIndex((stop) => stop === pinned.stop));

	interface Step {
		readonly key: string;
		readonly says: ReturnType<typeof say>;
	}
	/** each step of a way with a tableau: its point and its objective */
	const stepsOf = (stops: readonly Stop[]): Step[] =>
		stops.flatMap(({ position: { work: at } }) => {
			if (!at) return [];
			const t = at.tableau;
			const point = pointOf(t.form.problem, readPlan(t));
			return [{ key: pointKey(point), says: say`${pointSentence(point)}: ${objectiveValue(t)}` }];
		});
	const ways = $derived(pinned.isOn ? [stepsOf(pinned.stops), stepsOf(session.stops)] : []);
	/** a letter for each point, in the order in which the ways come to them */
	const letters = $derived(
		Object.fromEntries(
			[...new Set(ways.flat().map(({ key }) => key))].map((key, i) => [
				key,
				i < 26 ? String.fromCharCode(65 + i) : `A${i}`
			])
		)
	);
	const isShared = (key: string) => ways.every((steps) => steps.some((step) => step.key === key));
	const WAYS = [en`The pinned steps`, en`The steps to the current tableau`];
	const label = $derived(labelOf(pinned.stop?.node.move ?? null, namingOf(lesson, work?.tableau ?? null)));
</script>

<Pane pane="before" name={en`Tableau beside`} aside={pinned.isOn ? en`pinned` : null}>
	{#snippet tools()}
		<button
			class="btn tool"
			aria-label={en`Earlier tableau`}
			title={en`Earlier tableau (,)`}
			disabled={!pinned.canGoEarlier}
			onclick={() => pinned.earlier()}>‹</button
		>
		<button
			class="btn tool"
			aria-label={en`Later tableau`}
			title={en`Later tableau (.)`}
			disabled={!pinned.canGoLater}
			onclick={() => pinned.later()}>›</button
		>
		<button
			class="btn tool"
			title={en`Pin (t)`}
			aria-pressed={pinned.isOn}
			disabled={!session.tableau}
			onclick={() => pinned.toggle()}>{pinned.isOn ? en`Unpin` : en`Pin`}</button
		>
	{/snippet}
	{#if work}
		<div class="h-full flex flex-col">
			<p class="step">{en`Step ${number}:`} <Words sentence={label} linked={false} /></p>
			<div class="grid"><TableauGrid {work} decision={null} /></div>
			{#if pinned.isOn}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
				<div
					class="ways"
					tabindex="0"
					role="group"
					aria-label={en`Two ways, the same corners by the same letters`}
				>
					{#each ways as steps, i (i)}
						<section>
							<h3>{WAYS[i]}: {steps.length === 2 ? en`1 step` : en`${steps.length - 1} steps`}</h3>
							<ol>
								{#each steps as { key, says }, k (k)}
									<li>
										<b class:shared={isShared(key)}>{letters[key]}</b>
										<Words sentence={says} linked={false} />
									</li>
								{/each}
							</ol>
						</section>
					{/each}
				</div>
			{/if}
		</div>
	{:else}
		<p class="nothing">{en`The tableau before the last step appears here.`}</p>
	{/if}
</Pane>

<style>
	.step {
		padding: 0 var(--gap-3);
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.grid {
		flex: 1 1 8rem;
		min-height: 5rem;
	}
	.ways {
		flex: 0 1 auto;
		max-height: 45%;
		overflow: auto;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--gap-2);
		padding: var(--gap-1) var(--gap-3);
		border-top: 1px solid var(--rule);
		font-size: var(--size-note);
	}
	h3 {
		font-size: inherit;
		font-weight: 650;
	}
	ol {
		padding: 0;
	}
	b {
		display: inline-block;
		min-width: 1.4em;
		text-align: center;
		font-weight: 500;
	}
	.shared {
		font-weight: 700;
		border: 1px solid var(--ink);
		border-radius: 999px;
	}
</style>
