<script lang="ts">
	import { en } from '$lib/core/language';
	import { untrack } from 'svelte';
	import { Pane, PaneGroup, PaneResizer } from 'paneforge';
	import SplitPlace from './SplitPlace.svelte';
	import { panesIn, type Panes, type PanePlace } from './arrangement';

	/** A place with movable borders between its parts; where they were moved to is kept in the browser. */
	let { place, panes, page }: { place: PanePlace; panes: Panes; page: string } = $props();
	/** A browser that keeps nothing still lets borders move. */
	const SIZES = {
		getItem(name: string) {
			try {
				return localStorage.getItem(name);
			} catch {
				return null;
			}
		},
		setItem(name: string, value: string) {
			try {
				localStorage.setItem(name, value);
			} catch {
				// the sizes hold while the page is open
			}
		}
	};
	const parts = $derived('pane' in place ? [] : 'across' in place ? place.across : place.down);
	const direction = $derived('across' in place ? 'horizontal' : 'vertical');
	const saved = $derived(`mathesis ${page} ${parts.map((part) => panesIn(part)[0]).join(' ')}`);
	let group = $state<{ setLayout(sizes: number[]): void; getLayout(): number[] }>();
	// until a border was moved by hand, the shares follow what there is to show
	const shares = $derived(parts.map(({ size }) => size));
	const sum = $derived(shares.reduce((all, own) => all + own, 0));
	$effect(() => {
		const wanted = shares.map((own) => (own * 100) / sum);
		const own = group;
		untrack(() => {
			if (!own || SIZES.getItem(en`${saved} moved`)) return;
			const now = own.getLayout();
			const isOther = now.some((size, i) => Math.abs(size - wanted[i]) > 0.5);
			if (now.length === wanted.length && isOther) own.setLayout(wanted);
		});
	});
	const moved = (isMoving: boolean) => isMoving && SIZES.setItem(en`${saved} moved`, 'yes');
	// a part is the same part while its first pane is: what changes beside that does not take the focus away
	const keyOf = (part: PanePlace) => panesIn(part)[0];
	const titles = (part: PanePlace) =>
		panesIn(part)
			.map((name) => panes[name].title)
			.join(', ');
</script>

{#if 'pane' in place}
	{@const View = panes[place.pane].component}
	<View />
{:else}
	<PaneGroup {direction} bind:this={group} autoSaveId={saved} storage={SIZES} keyboardResizeBy={4}>
		{#each parts as part, i (keyOf(part))}
			{#if i > 0}
				<PaneResizer
					class="pane-border"
					aria-label={en`Border before ${titles(part)}`}
					onDraggingChange={moved}
					onkeydown={() => moved(true)}
				/>
			{/if}
			<Pane defaultSize={part.size} minSize={8} order={i}>
				<SplitPlace place={part} {panes} {page} />
			</Pane>
		{/each}
	</PaneGroup>
{/if}
