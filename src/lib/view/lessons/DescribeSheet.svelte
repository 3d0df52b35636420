<script lang="ts">
	import { en } from '$lib/core/language';
	import { TagsInput } from '@skeletonlabs/skeleton-svelte';
	import type { LessonSummary } from '$lib/desk/collection.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import SheetForm from '../shared/SheetForm.svelte';

	/** Another title for a lesson, or other tags. */
	interface Props {
		lesson: LessonSummary;
		what: 'title' | 'tags';
		/** tags in use elsewhere */
		known: readonly string[];
		ontake: (change: { title?: string; tags?: readonly string[] }) => void;
		onclose: () => void;
	}
	let { lesson, what, known, ontake, onclose }: Props = $props();
	// as it is when the sheet opens
	// svelte-ignore state_referenced_locally
	let title = $state(lesson.title);
	// svelte-ignore state_referenced_locally
	let tags = $state([...lesson.tags]);
	const others = $derived(known.filter((tag) => !tags.includes(tag)).slice(0, 12));

	function take() {
		ontake(what === 'title' ? { title } : { tags });
		onclose();
	}
</script>

<Sheet title={what === 'title' ? en`Rename the lesson` : en`Tags of “${lesson.title}”`} {onclose}>
	<SheetForm action={en`Save`} onsubmit={take} {onclose}>
		{#if what === 'title'}
			<label><span>{en`Title`}</span><input class="field" bind:value={title} maxlength="200" /></label>
		{:else}
			<TagsInput
				value={tags}
				max={30}
				maxLength={40}
				addOnPaste
				onValueChange={({ value }) => (tags = value)}
			>
				<TagsInput.Label class="only-heard">{en`Tags`}</TagsInput.Label>
				<TagsInput.Control class="tag-line">
					<TagsInput.Context>
						{#snippet children(api)}
							{#each api().value as tag, index (tag)}
								<TagsInput.Item value={tag} {index} class="tag-own">
									<TagsInput.ItemPreview>
										<TagsInput.ItemText>{tag}</TagsInput.ItemText>
										<TagsInput.ItemDeleteTrigger aria-label={en`Take ${tag} away`}
											>×</TagsInput.ItemDeleteTrigger
										>
									</TagsInput.ItemPreview>
									<TagsInput.ItemInput />
								</TagsInput.Item>
							{/each}
						{/snippet}
					</TagsInput.Context>
					<TagsInput.Input class="field" placeholder={en`A tag, then Enter`} />
				</TagsInput.Control>
				<TagsInput.HiddenInput />
			</TagsInput>
			{#if others.length}
				<p class="others">
					{#each others as tag (tag)}<button
							type="button"
							class="btn tool"
							onclick={() => (tags = [...tags, tag])}>{tag}</button
						>{/each}
				</p>
			{/if}
		{/if}
	</SheetForm>
</Sheet>

<style>
	.others {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
	}
	:global(.tag-line) {
		display: flex;
		flex-wrap: wrap;
		gap: var(--gap-1);
	}
	:global(.tag-own) {
		border-bottom: 2px solid var(--now);
		padding: 0 0.3rem;
	}
</style>
