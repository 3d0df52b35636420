<script lang="ts">
	import { Pane, PaneGroup, PaneResizer } from 'paneforge';
	import SplitPlace from './SplitPlace.svelte';
	import { panesIn, type Panes, type Place } from './arrangement';

	/** A place with movable borders between its parts; where they were moved to is kept in the browser. */
	let { place, panes, page }: { place: Place; panes: Panes; page: string } = $props();
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
	const keyOf = (part: Place) => panesIn(part).join(' ');
	const titles = (part: Place) =>
		panesIn(part)
			.map((name) => panes[name].title)
			.join(', ');
</script>

{#if 'pane' in place}
	{@const View = panes[place.pane].component}
	<View />
{:else}
	<PaneGroup
		{direction}
		autoSaveId={`mathesis ${page} ${panesIn(place).join(' ')}`}
		storage={SIZES}
		keyboardResizeBy={4}
	>
		{#each parts as part, i (keyOf(part))}
			{#if i > 0}
				<PaneResizer class="pane-border" aria-label={`Border before ${titles(part)}`} />
			{/if}
			<Pane defaultSize={part.size} minSize={8} order={i}>
				<SplitPlace place={part} {panes} {page} />
			</Pane>
		{/each}
	</PaneGroup>
{/if}
