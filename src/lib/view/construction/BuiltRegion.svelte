<script lang="ts">
	import { en } from '$lib/core/language';
	import { onMount, tick } from 'svelte';
	import { plainText } from '$lib/core/sentence';
	import { bestFace } from '$lib/core/geometry';
	import { useConstruction } from '$lib/desk/construction.svelte';
	import { useDesk } from '$lib/desk/desk.svelte';
	import type { Look } from '../export/snapshot';
	import RegionPane from '../region/RegionPane.svelte';
	import BuildBar from './BuildBar.svelte';
	import DragLines from './DragLines.svelte';
	import ObjectiveLine from './ObjectiveLine.svelte';
	import OptimalPoint from './OptimalPoint.svelte';
	import { partOf, stageOf, stageWithout } from './stages';

	/** The region as it is built up before the class; which corner is best is marked when that has been shown. */
	const { document: lesson, offered, reveal } = useDesk();
	const construction = useConstruction();
	const { problem, region, step } = $derived(construction);

	const all = $derived(
		step
			? step.kind === 'conclusion'
			: reveal.hidden('values', lesson.text, [...construction.corners.keys()]).size === 0
	);
	const tellsBest = $derived(all && !reveal.conceals('best'));
	const stage = $derived.by(() => {
		if (!problem || !region) return null;
		if (step) return stageOf(problem, step);
		const name = construction.inspected;
		return name === null ? null : stageWithout(problem, region, name);
	});
	const of = $derived(
		problem && {
			problem,
			region,
			best: region && bestFace(problem, region),
			stage,
			part: step && partOf(problem, step),
			level: construction.level
		}
	);
	/** an empty region shows which constraints exclude one another */
	const violated = $derived(construction.conflict ? new Set(construction.conflict.names) : undefined);
	const showsObjective = $derived(
		!step || step.kind === 'direction' || step.kind === 'slide' || step.kind === 'conclusion'
	);

	/** Walks through the steps and takes a picture of each; then the page is as it was. */
	async function steps(picture: () => SVGSVGElement | null, look: Look) {
		const { snapshot } = await import('../export/snapshot');
		const before = construction.step?.key ?? null;
		const parts: { picture: SVGSVGElement; words: string }[] = [];
		for (const own of construction.steps) {
			construction.show(own.key);
			await tick();
			const svg = picture();
			const words = plainText(construction.heading(own), lesson.notation);
			if (svg) parts.push({ picture: snapshot(svg, look), words });
		}
		construction.show(before);
		return parts;
	}

	onMount(() =>
		offered.add(() => [
			{
				id: 'build on',
				group: en`Construction`,
				says: en`Next step of the construction`,
				key: 'PageDown',
				possible: construction.steps.length > 0,
				run: () => construction.next()
			},
			{
				id: 'build back',
				group: en`Construction`,
				says: en`Previous step of the construction`,
				key: 'PageUp',
				possible: construction.steps.length > 0,
				run: () => construction.previous()
			},
			{
				id: 'build all',
				group: en`Construction`,
				says: step ? en`Show the finished region` : en`Build the region up from the axes`,
				key: 'c',
				possible: construction.steps.length > 0,
				run: () => (construction.step ? construction.show(null) : construction.begin())
			}
		])
	);
</script>

<RegionPane {of} {steps} {violated} showsBest={tellsBest} showsWalk={!step} showsLine={false}>
	{#snippet under(_region, frame)}
		{#if problem && !step}<DragLines {problem} {frame} />{/if}
		{#if problem && region && showsObjective}
			<ObjectiveLine {problem} {region} {frame} sliding={step?.kind === 'slide'} />
		{/if}
	{/snippet}
	{#snippet inside(_region, frame)}
		{#if tellsBest}<OptimalPoint {frame} />{/if}
	{/snippet}
	{#snippet below()}<BuildBar showsBest={tellsBest} />{/snippet}
</RegionPane>
