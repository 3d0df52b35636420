<script lang="ts">
	import { en } from '$lib/core/language';
	import {
		type Constraint,
		moveRow,
		RELATION_SIGNS,
		removeRow,
		setRelation,
		turnRow,
		type Variable
	} from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { useGo } from '$lib/desk/go';
	import { askWorth } from '$lib/desk/worth';
	import type { RowAt } from '$lib/core/design';
	import { toText } from '$lib/core/number';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import ActionMenu from './ActionMenu.svelte';
	import type { TableText } from '$lib/desk/table-text';
	import type { CellSnippet } from './cell-snippet';
	import { cellNumber, NEXT, WORDS } from './cells';

	/** A resource: its use by each activity, relation, amount and unit, and what can be done with it. */
	interface Props {
		row: Constraint;
		/** whose statement it is */
		lesson: TableText;
		variables: readonly Variable[];
		index: number;
		/** its row of the grid */
		y: number;
		isLast: boolean;
		/** what it comes to at the plan that the problem is made around */
		at?: RowAt;
		cell: CellSnippet;
	}
	let { row, lesson, variables, index, y, isLast, at, cell }: Props = $props();
	const desk = useDesk();
	const go = useGo();
	const { selection, session } = desk;
	const { name, terms, relation, rhs, unit } = $derived(row);
	const identity = $derived(session.identities.get(name));
	const move = (by: 1 | -1) => lesson.edit(moveRow(lesson.text, lesson.reading, name, by));
	const actions = $derived([
		{ key: 'up', says: en`Move up`, possible: index > 0, run: () => move(-1) },
		{ key: 'down', says: en`Move down`, possible: !isLast, run: () => move(1) },
		{
			key: 'worth',
			says: en`What is it worth?`,
			possible: !lesson.blank?.has(`rhs|${name}`),
			run: () => void askWorth(desk, go, { rhs: name })
		},
		{
			key: 'turn',
			says: en`Multiply by −1`,
			run: () => lesson.edit(turnRow(lesson.text, lesson.reading, name))
		},
		{
			key: 'remove',
			says: en`Remove`,
			run: () => lesson.edit(removeRow(lesson.text, lesson.reading, name))
		}
	]);

	/** The number under the pointer lights the words of the story that gave it. */
	function point(part: string | null) {
		selection.point({ kind: 'constraint', name }, part === null ? null : { name, part });
	}
</script>

<tr
	class:lit={selection.isPointed({ kind: 'constraint', name })}
	onpointerenter={() => point(null)}
	onpointerleave={() => selection.point(null)}
>
	<th scope="row"
		>{#if identity}<MarkGlyph {identity} />{/if}{@render cell(
			`row|${name}`,
			y,
			0,
			name,
			en`Name of the resource ${name}`
		)}</th
	>
	{#each variables as { name: variable }, j (variable)}
		{@const value = terms.get(variable)}
		<td
			class:here={selection.isNumber(name, variable)}
			onpointerenter={() => point(variable)}
			onfocusin={() => point(variable)}
			onpointerleave={() => point(null)}
			>{@render cell(
				`use|${name}|${variable}`,
				y,
				j + 1,
				value ? cellNumber(lesson, name, variable, value) : '',
				en`${name} per ${variable}`
			)}</td
		>
	{/each}
	<td class="sign"
		><button
			class="relation"
			aria-label={en`${name}: ${WORDS[relation]}; change`}
			onclick={() => lesson.edit(setRelation(lesson.text, lesson.reading, name, NEXT[relation]))}
			>{RELATION_SIGNS[relation]}</button
		></td
	>
	<td
		class="amount"
		class:follows={at}
		class:here={selection.isNumber(name, 'amount')}
		onpointerenter={() => point('amount')}
		onfocusin={() => point('amount')}
		onpointerleave={() => point(null)}
		>{@render cell(
			`rhs|${name}`,
			y,
			variables.length + 1,
			cellNumber(lesson, name, 'amount', rhs),
			en`Amount of ${name}`
		)}</td
	>
	<td class="unit"
		>{@render cell(`unit|${name}`, y, variables.length + 2, unit ?? '', en`Unit of ${name}`)}</td
	>
	{#if at}
		<td class="left" class:broken={!at.isMet}
			><NumberView value={at.left} style={lesson.notation.numbers} />{#if !at.isMet}<span
					>{en`by ${toText(at.slack.abs())}`}</span
				>{/if}</td
		>
		<td
			>{#if row.relation === '='}<NumberView
					value={at.slack}
					style={lesson.notation.numbers}
				/>{:else}{@render cell(
					`left|${name}`,
					y,
					variables.length + 3,
					toText(at.slack),
					en`Left of ${name}`
				)}{/if}</td
		>
	{/if}
	<td class="more"><ActionMenu label={en`More for the resource ${name}`} {actions} /></td>
</tr>

<style>
	th :global(input) {
		text-align: left;
		font-weight: 600;
		font-size: var(--size-text);
	}
	.left {
		font-weight: 650;
		min-width: 3.4rem;
	}
	.broken {
		color: var(--error);
		text-decoration: underline wavy 1px;
	}
	/* what follows is set apart from what was typed */
	.follows :global(input) {
		font-style: italic;
		color: var(--ink-soft);
	}
	/* relation and amount stay in sight at the right edge */
	.amount,
	.sign {
		position: sticky;
		right: 0;
		z-index: 1;
		background: var(--sheet);
	}
	.sign {
		right: var(--amount, 0);
	}
	.amount :global(input) {
		font-weight: 600;
	}
	.unit :global(input) {
		font-size: var(--size-note);
		color: var(--ink-soft);
	}
	.more :global(.tool) {
		border-color: transparent;
		padding-inline: 0.2rem;
		color: var(--ink-soft);
	}
	.lit :is(th, td) {
		background: var(--now-wash);
	}
	.lit .here,
	.here {
		box-shadow: inset 0 -2px var(--now);
	}
</style>
