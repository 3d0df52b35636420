<script lang="ts">
	import { en } from '$lib/core/language';
	import { hrefOf, numberOf, numberSaid, type StoryTarget, targetOf } from '$lib/core/lesson';
	import { toText } from '$lib/core/number';
	import type { Pointed } from '$lib/desk/identity';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { markdownToHtml } from './markdown';

	/** A story as it is read: its links light what they gave, and are lit by it. */
	let { text }: { text: string } = $props();
	const { document: lesson, selection } = useDesk();
	const html = $derived(markdownToHtml(text));
	let prose = $state<HTMLElement>();

	const linkOf = (event: Event) => (event.target as Element).closest?.('a') ?? null;

	/** What lights up for a target: the row or variable it names; a coefficient of the objective lights its variable. */
	function pointedBy({ name, part }: StoryTarget): Pointed | null {
		const { problem } = lesson;
		const wanted = name ?? part;
		if (problem?.constraints.some((row) => row.name === wanted)) return { kind: 'constraint', name: wanted! };
		return problem?.variables.some((own) => own.name === wanted) ? { kind: 'variable', name: wanted! } : null;
	}

	function point(event: Event) {
		const link = linkOf(event);
		const target = link && targetOf(link.getAttribute('href') ?? '');
		if (target) selection.point(pointedBy(target), target.part === null ? null : target);
	}

	function leave(event: Event) {
		if (linkOf(event)) selection.point(null);
	}

	// what is pointed at elsewhere lights the words that gave it
	$effect(() => {
		void html;
		const { number, pointed } = selection;
		const wanted = number ? [hrefOf(number)] : pointed ? [hrefOf({ name: pointed.name, part: null })] : [];
		for (const link of prose?.querySelectorAll('a') ?? [])
			link.classList.toggle(
				'lit',
				wanted.includes(hrefOf(targetOf(link.getAttribute('href') ?? '') ?? { name: '', part: '' }))
			);
	});

	// words whose number is another in the problem by now are marked until they agree
	$effect(() => {
		void html;
		const { problem } = lesson;
		for (const link of prose?.querySelectorAll('a') ?? []) {
			const target = targetOf(link.getAttribute('href') ?? '');
			const now = problem && target && numberOf(problem, target);
			const said = numberSaid(link.textContent ?? '');
			const differs = !!now && !!said && !now.equals(said);
			link.classList.toggle('differs', differs);
			if (differs) link.title = en`In the problem it is ${toText(now)}`;
			else link.removeAttribute('title');
		}
	});
</script>

<!-- links are what one acts on; the text hears it for all of them -->
<!-- svelte-ignore a11y_no_static_element_interactions, a11y_click_events_have_key_events -->
<div
	class="prose"
	bind:this={prose}
	onpointerover={point}
	onpointerout={leave}
	onfocusin={point}
	onfocusout={leave}
	onclick={(event) => linkOf(event) && event.preventDefault()}
>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- markdown-it escapes all markup of the text -->
	{@html html}
</div>

<style>
	.prose {
		line-height: 1.5;
	}
	.prose :global(:is(p, ul, ol, h1, h2, h3, blockquote, pre)) {
		margin: 0 0 0.5rem;
	}
	.prose :global(:is(h1, h2, h3)) {
		font-size: 1.05em;
	}
	.prose :global(:is(ul, ol)) {
		padding-left: 1.3rem;
		list-style: revert;
	}
	.prose :global(a) {
		color: inherit;
		text-decoration: underline dotted var(--now);
		text-underline-offset: 0.2em;
		cursor: help;
	}
	.prose :global(a.differs) {
		text-decoration: underline wavy var(--error);
	}
	.prose :global(a.differs)::after {
		content: ' ≠';
		color: var(--error);
	}
	.prose :global(:is(a.lit, a:hover, a:focus-visible)) {
		background: var(--now-wash);
		text-decoration-style: solid;
	}
</style>
