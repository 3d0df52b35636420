<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		boundFound,
		boundWords,
		integerWords,
		leafFound,
		pointSentence,
		remarkWords
	} from '$lib/core/commentary';
	import { pointOf } from '$lib/core/geometry';
	import { labelOf, tell } from '$lib/core/move';
	import { objectiveAt } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { cutProof, listedPoints, provedLeaf } from '$lib/desk/worked-out';
	import { useIntegers } from '$lib/desk/integers.svelte';
	import { namingOf } from '$lib/desk/naming';
	import { gradual } from '../shared/gradual.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import Words from '../shared/Words.svelte';

	/** What shows that the claim is right: the leaves of the tree with their certificates, the cuts with their derivations, or all whole points. */
	const { document: lesson, session } = useDesk();
	const integers = useIntegers();
	/** leaves that are proved on the page */
	const MOST_LEAVES = 60;
	const search = $derived(integers.tree.search);
	const progress = $derived(integers.tree.progress);
	const leaves = $derived(
		progress.isDone ? progress.nodes.filter(({ state }) => state !== 'branched').map(({ id }) => id) : []
	);
	// each is proved as it is drawn
	const listed = gradual(() => leaves.slice(0, MOST_LEAVES));
	const points = $derived(integers.problem && listedPoints(integers.problem));
	const proof = $derived(cutProof(session));
	const cutSteps = $derived(
		session.stops.flatMap((stop, i) => {
			const { move } = stop.node;
			if (i === 0 || (move?.kind !== 'cut' && move?.kind !== 'combine')) return [];
			return [
				{
					id: stop.node.id,
					label: labelOf(move, namingOf(lesson, stop.position.work?.tableau ?? null)),
					remark: remarkWords(tell(session.stops[i - 1].position, move, stop.position))
				}
			];
		})
	);
	/** the cuts whose derivation is open */
	let opened = $state.raw<readonly number[]>([]);
	const style = $derived(lesson.notation.numbers);
</script>

<section>
	<h3 class="text-text font-[650]">{en`The tree`}</h3>
	{#if search && progress.isDone}
		{#each progress.said as sentence, i (i)}<p><Words {sentence} linked={false} /></p>{/each}
		<ul>
			{#each listed.shown as id (id)}
				{@const own = provedLeaf(search, id)}
				{#if own}
					<li>
						<Words sentence={integerWords(search.problem, leafFound(search, own))} linked={false} />
						{own.holds ? en`✓ checked` : en`✗ not proved`}
					</li>
				{/if}
			{/each}
		</ul>
		{#if leaves.length > MOST_LEAVES}<p>
				{en`${leaves.length - MOST_LEAVES} more leaves are not listed.`}
			</p>{/if}
	{:else}
		<p>
			{en`When the search under “Branch and bound” is done, each leaf appears here with its certificate.`}
		</p>
	{/if}
</section>
<section>
	<h3 class="text-text font-[650]">{en`The cuts`}</h3>
	{#if cutSteps.length > 0}
		<ol>
			{#each cutSteps as { id, label, remark } (id)}
				<li>
					<details
						ontoggle={({ currentTarget }) =>
							(opened = currentTarget.open ? [...opened, id] : opened.filter((own) => own !== id))}
					>
						<summary><Words sentence={label} linked={false} /></summary>
						{#if opened.includes(id)}
							{#each remark.sentences as sentence, i (i)}<p><Words {sentence} linked={false} /></p>{/each}
						{/if}
					</details>
				</li>
			{/each}
		</ol>
		{#if proof}
			{#if proof.plan && proof.certificate.kind === 'optimal'}
				{#each boundFound(proof.problem, proof.certificate.multipliers, proof.plan) as found (found.code)}
					<p><Words sentence={boundWords(found)} linked={false} /></p>
				{/each}
			{:else}<p>{en`The constraints and cuts contradict one another: no integer plan is left.`}</p>{/if}
			<p>
				{proof.holds ? en`✓ checked against the constraints with the cuts` : en`✗ not proved`}
			</p>
		{:else}<p>{en`The cuts have not reached an integer plan yet.`}</p>{/if}
	{:else}
		<p>
			{en`After cuts that end at an integer plan, each appears here with its derivation, and the multipliers of the last tableau.`}
		</p>
	{/if}
</section>
<section>
	<h3 class="text-text font-[650]">{en`All whole points`}</h3>
	{#if points && integers.problem}
		<p>
			{en`${points.feasible.length === 1 ? en`1 whole point lies` : en`${points.feasible.length} whole points lie`} in the region, of ${points.looked} looked at:`}
		</p>
		<ul class="points">
			{#each points.feasible as plan, i (i)}
				<li>
					<Words sentence={pointSentence(pointOf(integers.problem, plan))} linked={false} />: <NumberView
						value={objectiveAt(integers.problem, plan)}
						{style}
					/>
				</li>
			{/each}
		</ul>
	{:else}<p>{en`They are too many to be listed here, or not finitely many.`}</p>{/if}
</section>

<style>
	section {
		margin-bottom: var(--gap-3);
	}
	p {
		margin: 0 0 var(--gap-1);
	}
	ul,
	ol {
		margin: 0;
		padding-left: 1.3rem;
		list-style: disc;
	}
	ol {
		list-style: decimal;
	}
	.points {
		columns: 3;
		padding: 0;
	}
	summary {
		cursor: pointer;
	}
</style>
