<script lang="ts">
	import { type BestFace, fitBox, spot } from '$lib/core/geometry';
	import type { Problem } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import RegionPicture from './RegionPicture.svelte';
	import { frameOf, type Frame } from './frame';
	import { makePicture, type Picture, type Scene } from './picture';

	interface Props {
		problem: Problem;
		scene: Scene;
		frame: Frame;
		picture: Picture;
		best: BestFace | null;
	}
	/** Where corners lie so close that they cannot be told apart, a part of the picture magnified in a free corner of it. */
	let { problem, scene, frame, picture, best }: Props = $props();
	const { document, session } = useDesk();
	/** pixels between corners that can just be told apart */
	const CLOSE = 13;

	/** the largest crowd of corners, by their indices */
	const crowd = $derived.by(() => {
		const { corners } = picture;
		const crowds = corners.map((c) =>
			corners.filter((other) => Math.hypot(other.x - c.x, other.y - c.y) < CLOSE)
		);
		const largest = crowds.reduce((a, b) => (b.length > a.length ? b : a), []);
		return largest.length > 1 ? largest : null;
	});
	const size = $derived({ width: frame.size.width * 0.42, height: frame.size.height * 0.42 });
	const inset = $derived.by(() => {
		if (!crowd || size.width < 160 || size.height < 120) return null;
		const own = crowd.map(({ index }) => scene.region.vertices[index]);
		const box = fitBox(
			{ vertices: own, directions: [], lines: [] },
			[],
			own.map(({ at }) => spot(at))
		);
		const inner = frameOf(box, size);
		const middle = { x: crowd[0].x, y: crowd[0].y };
		return {
			frame: inner,
			picture: makePicture(scene, inner, best, document.notation.numbers, session.identities),
			middle,
			left: middle.x < frame.size.width / 2 ? frame.size.width - size.width - 8 : 54,
			top: middle.y < frame.size.height / 2 ? frame.size.height - size.height - 44 : 28
		};
	});
</script>

{#if inset}
	<g class="pointer-events-none" data-inset aria-hidden="true">
		<circle class="spot" cx={inset.middle.x} cy={inset.middle.y} r={CLOSE + 3} />
		<g transform={`translate(${inset.left} ${inset.top})`}>
			<rect width={size.width} height={size.height} rx="3" />
			<RegionPicture
				{problem}
				region={scene.region}
				frame={inset.frame}
				picture={inset.picture}
				{best}
				showsWalk={false}
			/>
		</g>
	</g>
{/if}

<style>
	rect {
		fill: var(--sheet);
		stroke: var(--rule-strong);
		stroke-width: 1.5;
	}
	.spot {
		fill: none;
		stroke: var(--rule-strong);
		stroke-width: 1.5;
		stroke-dasharray: 3 3;
	}
</style>
