<script lang="ts">
	import { en } from '$lib/core/language';
	import { onDestroy } from 'svelte';
	import { certify, segmentBetween, standingProblem, tiedColumns } from '$lib/core/answer';
	import {
		alongWords,
		bestPlansFound,
		bestPlansWords,
		boundFound,
		boundWords,
		checksOf,
		checkWords,
		type Meaning,
		type ReadingFinding,
		readingsOf,
		readingWords,
		storyFound,
		storyWords
	} from '$lib/core/commentary';
	import { basisKey, moved, pivot, readPlan, tightestRows } from '$lib/core/tableau';
	import { rational } from '$lib/core/number';
	import { objectiveAt, type Plan } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { bestPlansFast } from '$lib/desk/worked-out';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import Words from '../shared/Words.svelte';

	/** The answer read off the last tableau, all best plans, and two ways of checking it. */
	const { document: lesson, plans, selection, session } = useDesk();
	const t = $derived(
		session.decision?.kind === 'end' && session.decision.end.status === 'optimal' && !session.covering.isOn
			? session.tableau
			: null
	);
	const problem = $derived(t?.form.problem ?? null);
	const plan = $derived(t && readPlan(t));
	const set = $derived(t && bestPlansFast(t));
	const standing = $derived(t && standingProblem(t.form));
	const certificate = $derived(
		session.decision?.kind === 'end' && !session.covering.isOn ? certify(session.decision.end) : null
	);
	/** pivots that keep the objective, and whether they lead back to a basis that was here before */
	const others = $derived.by(() => {
		const work = session.position?.work;
		if (!t || !work) return [];
		const keys = session.stops.flatMap(({ position }) =>
			position.work ? [basisKey(position.work.tableau)] : []
		);
		return tiedColumns(t).flatMap((column) => {
			const position = t.nonbasic.indexOf(column);
			const [row] = tightestRows(t, position);
			const move = row === undefined ? null : session.pivotByHand(column, t.basis[row]);
			if (!move || row === undefined) return [];
			const known = keys.includes(basisKey(pivot(t, row, position)));
			return [{ column: t.form.columns[column], move, known }];
		});
	});
	/** points that a slider goes along, in the set of best plans: its corners, then a way on along each ray */
	const way = $derived.by((): Plan[] => {
		if (!set || set.unique || set.lines.length > 0) return [];
		const end = set.vertices.at(-1)!;
		return [...set.vertices, ...set.rays.map((ray) => moved(end, ray, rational(FAR)))];
	});
	const SLIDE = en`Slide along them`;
	/** steps between two points of the way, and how many times a ray is followed */
	const PARTS = 12;
	const FAR = 6;
	let slid = $state(0);
	const slidTo = $derived.by(() => {
		if (!problem || way.length < 2) return null;
		const at = Math.min(Math.floor(slid / PARTS), way.length - 2);
		const { from, direction } = segmentBetween(way[at], way[at + 1]);
		const here = moved(from, direction, rational(slid - at * PARTS, PARTS));
		return {
			here,
			says: alongWords(problem, { code: 'stays-best', plan: here, value: objectiveAt(problem, here) })
		};
	});
	/** the plan slid to is the plan being tried, too: the picture and the plans follow it */
	function slide(to: number) {
		slid = to;
		if (!slidTo) return;
		plans.take(slidTo.here);
		selection.slide(slidTo.here);
	}
	onDestroy(() => selection.slide(null));
	const isBack = $derived(session.loop !== null);
	const meaning: Meaning = (kind, name) => lesson.telling.meaning(kind, name);
	const point = (name: string | null) => selection.point(name === null ? null : { kind: 'constraint', name });
	const pointed = (line: ReadingFinding) =>
		'variable' in line ? ({ kind: 'variable', name: line.variable } as const) : null;
	function read(line: ReadingFinding | null) {
		selection.read(line && { columns: line.columns, value: line.code === 'objective' });
		selection.point(line && pointed(line));
	}
</script>

<Pane pane="answer" name={en`The answer`} aside={lesson.stale ? en`last right statement` : null}>
	{#if t && problem && plan}
		<Scroll label={en`The answer and its checks`}>
			<div class="grid grid-cols-[repeat(auto-fit,minmax(16rem,1fr))] content-start gap-y-2 gap-x-4">
				<section>
					<h3>{en`Read off the tableau`}</h3>
					<ul>
						{#each readingsOf(t) as line, i (i)}
							<li class:lit={selection.isPointed(pointed(line))}>
								<button
									class="line"
									onpointerenter={() => read(line)}
									onpointerleave={() => read(null)}
									onfocus={() => read(line)}
									onblur={() => read(null)}><Words sentence={readingWords(line)} linked={false} /></button
								>
							</li>
						{/each}
					</ul>
				</section>
				<section>
					<h3>{en`In words`}</h3>
					{#each storyFound(problem, plan, set?.unique ?? false) as found, i (i)}
						<p><Words sentence={storyWords(found, meaning)} linked={false} decimals /></p>
					{/each}
				</section>
				<section>
					<h3>{en`All best plans`}</h3>
					{#if set}
						<p><Words sentence={bestPlansWords(bestPlansFound(problem, set))} decimals /></p>
					{/if}
					{#if way.length > 1}
						<label class="slide"
							>{SLIDE}
							<input
								type="range"
								min="0"
								max={(way.length - 1) * PARTS}
								value={slid}
								oninput={({ currentTarget }) => slide(Number(currentTarget.value))}
							/>
						</label>
						{#if slidTo}<p aria-live="polite"><Words sentence={slidTo.says} linked={false} /></p>{/if}
					{/if}
					{#if isBack}<p>
							{en`This optimal basis was here before: the tour of the best plans is back where it began.`}
						</p>{/if}
					{#each others as { column, move, known } (column.id)}
						<button class="btn tool" onclick={() => session.take(move)}
							><Words
								sentence={alongWords(problem, { code: known ? 'back-to-known' : 'to-another', column })}
								linked={false}
							/></button
						>
					{/each}
				</section>
				<section>
					<h3>{en`Put into the constraints`}</h3>
					<ul>
						{#each checksOf(problem, plan) as found (found.row.name)}
							<li
								class:lit={selection.isPointed({ kind: 'constraint', name: found.row.name })}
								onpointerenter={() => point(found.row.name)}
								onpointerleave={() => point(null)}
							>
								<Words sentence={checkWords(found)} />
							</li>
						{/each}
					</ul>
				</section>
				{#if certificate?.kind === 'optimal' && standing}
					<section>
						<h3>{en`Why no plan is better`}</h3>
						{#each boundFound(standing, certificate.multipliers, plan) as found (found.code)}
							<p><Words sentence={boundWords(found)} decimals /></p>
						{/each}
					</section>
				{/if}
			</div>
		</Scroll>
	{:else}
		<p class="nothing">{en`The answer is read off here once the tableau is optimal.`}</p>
	{/if}
</Pane>

<style>
	section {
		min-width: 0;
	}
	h3 {
		font-size: var(--size-text);
		font-weight: 650;
	}
	ul {
		padding: 0;
	}
	.line {
		text-align: left;
		cursor: default;
	}
	.slide {
		display: flex;
		gap: var(--gap-2);
		align-items: center;
	}
	.lit {
		background: var(--now-wash);
	}
</style>
