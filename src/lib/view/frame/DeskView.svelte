<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Keeping } from '$lib/desk/keeping.svelte';
	import CommentaryPane from '../commentary/CommentaryPane.svelte';
	import RegionPane from '../region/RegionPane.svelte';
	import StatementPane from '../statement/StatementPane.svelte';
	import TypesetPane from '../statement/TypesetPane.svelte';
	import TableauPane from '../tableau/TableauPane.svelte';
	import TrailPane from '../trail/TrailPane.svelte';
	import TopBar from './TopBar.svelte';

	interface Props {
		desk: Desk;
		keeping: Keeping;
		dark: boolean;
		ondark: () => void;
	}
	let { desk, keeping, dark, ondark }: Props = $props();
</script>

<div class="page">
	<TopBar {desk} {keeping} {dark} {ondark} />
	<main class:wide={desk.problem !== null && !desk.region}>
		<div class="statement"><StatementPane {desk} /></div>
		<div class="typeset"><TypesetPane {desk} /></div>
		<div class="trail"><TrailPane {desk} /></div>
		<div class="region"><RegionPane {desk} /></div>
		<div class="commentary"><CommentaryPane {desk} /></div>
		<div class="tableau"><TableauPane {desk} /></div>
	</main>
</div>

<style>
	.page {
		height: 100vh;
		display: flex;
		flex-direction: column;
		overflow: hidden;
	}
	main {
		flex: 1;
		min-height: 0;
		display: grid;
		grid-template-columns: minmax(17rem, 23fr) minmax(0, 32fr) minmax(0, 25fr);
		grid-template-rows: minmax(0, 30fr) minmax(0, 26fr) minmax(0, 40fr);
		grid-template-areas:
			'statement region commentary'
			'typeset region commentary'
			'trail tableau tableau';
		gap: 1px;
		background: var(--rule);
		border-top: 1px solid var(--rule);
	}
	/* more than two variables: no picture, so the tableau takes its place and what it can use */
	.wide {
		grid-template-areas:
			'statement tableau tableau'
			'typeset tableau tableau'
			'trail region commentary';
		grid-template-columns: minmax(17rem, 23fr) minmax(0, 12fr) minmax(0, 45fr);
	}
	main > div {
		min-width: 0;
		min-height: 0;
	}
	.statement {
		grid-area: statement;
	}
	.typeset {
		grid-area: typeset;
	}
	.trail {
		grid-area: trail;
	}
	.region {
		grid-area: region;
	}
	.commentary {
		grid-area: commentary;
	}
	.tableau {
		grid-area: tableau;
	}
</style>
