import { drag, pointer, select } from 'd3';
import { perFrame } from '../shared/per-frame';

interface DragMoves {
	start?(): void;
	/** where the pointer is in the picture, in pixels; at most once a frame */
	move(px: number, py: number): void;
	end?(): void;
}

/** Attaches a drag, by mouse or touch, to a part of a picture that can itself be dragged: the part comes first. */
export const draggable =
	({ start, move, end }: DragMoves) =>
	(node: SVGElement): (() => void) => {
		const { ask, finish } = perFrame(move);
		const behaviour = drag<SVGElement, unknown>()
			.container(() => node.ownerSVGElement!)
			.on('start', ({ sourceEvent }) => {
				sourceEvent.stopPropagation();
				start?.();
			})
			.on('drag', ({ sourceEvent }) => {
				const [px, py] = pointer(sourceEvent.touches?.[0] ?? sourceEvent, node.ownerSVGElement);
				ask(px, py);
			})
			.on('end', () => {
				finish();
				end?.();
			});
		select(node).call(behaviour);
		return () => select(node).on('.drag', null);
	};
