<script lang="ts">
	import { en } from '$lib/core/language';
	import { hrefOf, type StoryTarget } from '$lib/core/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Choose from '../shared/Choose.svelte';
	import Pane from '../shared/Pane.svelte';
	import Scroll from '../shared/Scroll.svelte';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import Prose from './Prose.svelte';

	/** The story for the class, and notes for the instructor: read, or written as Markdown. */
	const { document: lesson } = useDesk();
	let side = $state<'story' | 'notes'>('story');
	let isWriting = $state(false);
	let area = $state<HTMLTextAreaElement>();
	const text = $derived(
		side === 'notes' ? lesson.telling.notes : lesson.telling.story || (lesson.problem?.story ?? '')
	);
	const MOST_TARGETS = 60;

	function write(now: string) {
		if (side === 'notes') lesson.telling.note(now);
		else lesson.telling.tell(now);
	}

	const targets = $derived.by(() => {
		const { problem } = lesson;
		if (!problem) return [];
		const { objective, constraints } = problem;
		const list: { key: string; value: StoryTarget; says: string }[] = [];
		const add = (name: string | null, part: string | null, says: string) =>
			list.push({ key: `${name}|${part}`, value: { name, part }, says });
		for (const name of objective.terms.keys()) add(null, name, en`${objective.name} per ${name}`);
		for (const row of constraints) {
			add(row.name, null, row.name);
			for (const name of row.terms.keys()) add(row.name, name, en`${row.name} per ${name}`);
			add(row.name, 'amount', en`the amount of ${row.name}`);
		}
		return list.slice(0, MOST_TARGETS);
	});
	const says = (target: StoryTarget) => targets.find(({ value }) => value === target)?.says ?? '';

	/** Links the words that are marked to what they gave. */
	function link(target: StoryTarget) {
		if (!area) return;
		const { selectionStart: from, selectionEnd: to } = area;
		const words = text.slice(from, to) || says(target);
		write(`${text.slice(0, from)}[${words}](${hrefOf(target)})${text.slice(to)}`);
		area.focus();
	}
</script>

{#snippet targetLine(target: StoryTarget)}{says(target)}{/snippet}

<Pane pane="story" name={en`Story`}>
	{#snippet tools()}
		{#if isWriting && side === 'story'}
			<ToolMenu text={en`Link to`} items={targets} item={targetLine} onchoose={link} />
		{/if}
		<Choose
			label={en`Story or notes`}
			options={[
				{ value: 'story', text: en`Story` },
				{ value: 'notes', text: en`Notes`, says: en`Notes for the instructor` }
			]}
			value={side}
			onchange={(value) => (side = value)}
		/>
		<button class="btn tool" aria-pressed={isWriting} onclick={() => (isWriting = !isWriting)}
			>{isWriting ? en`Done` : en`Write`}</button
		>
	{/snippet}
	{#if lesson.telling.isOutgrown}
		<p class="outgrown" role="status">
			<span
				>{en`The statement has become another problem. Story, notes and meanings are those of the one before.`}</span
			>
			<button class="btn tool" onclick={() => lesson.telling.settle(false)}>{en`Remove them`}</button>
			<button class="btn tool" onclick={() => lesson.telling.settle(true)}>{en`Keep them`}</button>
		</p>
	{/if}
	{#if isWriting}
		<textarea
			bind:this={area}
			aria-label={side === 'story' ? en`Story, in Markdown` : en`Notes, in Markdown`}
			maxlength="50000"
			value={text}
			placeholder={side === 'story'
				? en`What is decided, what is wanted, what limits it. Mark a number and link it to its place.`
				: en`What to ask, what to point at.`}
			oninput={(event) => write(event.currentTarget.value)}></textarea>
	{:else}
		<Scroll label={side === 'story' ? en`The story` : en`Notes`}>
			{#if text.trim()}<Prose {text} />{:else}<p class="nothing">
					{side === 'story' ? en`No story yet. “Write” adds one.` : en`No notes yet. “Write” adds some.`}
				</p>{/if}
		</Scroll>
	{/if}
</Pane>

<style>
	textarea {
		width: 100%;
		height: 100%;
		padding: 0 var(--gap-3);
		resize: none;
		border: 0;
		background: transparent;
		color: var(--ink);
		font: inherit;
		line-height: 1.5;
	}
	.outgrown {
		display: flex;
		align-items: center;
		gap: var(--gap-2);
		margin: 0 var(--gap-3) var(--gap-2);
		padding: 0.25rem var(--gap-2);
		font-size: var(--size-note);
		background: var(--now-wash);
	}
	.nothing {
		padding: 0;
	}
</style>
