<script lang="ts">
	import { en } from '$lib/core/language';
	import { useDesk } from '$lib/desk/desk.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';

	/** Which two or three of many variables the picture shows. */
	const { figure, session } = useDesk();
	const MOST_CHOICES = 60;
	const names = $derived(session.problem?.variables.map(({ name }) => name) ?? []);
	const choices = $derived.by(() => {
		const pairs = names.flatMap((a, i) => names.slice(i + 1).map((b) => [a, b]));
		const triples = names.flatMap((a, i) =>
			names.slice(i + 1).flatMap((b, j) => names.slice(i + j + 2).map((c) => [a, b, c]))
		);
		const all = [...pairs, ...triples].slice(0, MOST_CHOICES);
		return all.map((value) => ({ key: value.join(' '), value }));
	});
</script>

{#snippet item(axes: readonly string[])}{axes.join(', ')}{/snippet}
{#if names.length > 2}
	<ToolMenu
		text={en`Axes`}
		label={en`Axes: ${figure.axes.join(', ')}`}
		items={choices}
		{item}
		onchoose={(axes) => figure.choose(axes)}
	/>
{/if}
