import { pointer } from 'd3';
import { perFrame } from '../shared/per-frame';

interface DragMoves {
	start?(): void;
	/** where the pointer is in the picture, in pixels; at most once a frame */
	move(px: number, py: number): void;
	/** the drag is over, however it ended */
	end?(): void;
	/** before `end`, where Escape was pressed: what was done since the start is taken back */
	cancel?(): void;
}

/** what else a press would begin: the picture itself moves by these */
const OTHERS = ['mousedown', 'touchstart'] as const;
const stop = (event: Event) => event.stopPropagation();

/**
 * Attaches a drag, by mouse, pen or touch alike, to a part of a picture that can itself be dragged: the part comes first. The pointer is captured, so that
 * it is followed outside the picture, too; a drag that is broken off (by the browser, another window, or since the part is gone) ends where it is.
 */
export const draggable =
	({ start, move, end, cancel }: DragMoves) =>
	(node: SVGElement): (() => void) => {
		const { ask, finish } = perFrame(move);
		let held: number | null = null;
		const over = () => {
			if (held === null) return;
			const id = held;
			held = null;
			window.removeEventListener('keydown', onkeydown, true);
			window.removeEventListener('blur', over);
			if (node.hasPointerCapture(id)) node.releasePointerCapture(id);
			finish();
			end?.();
		};
		const onkeydown = (event: KeyboardEvent) => {
			if (event.key !== 'Escape') return;
			event.preventDefault();
			event.stopPropagation();
			finish();
			cancel?.();
			over();
		};
		const onpointerdown = (event: PointerEvent) => {
			if (event.button !== 0 || held !== null) return;
			event.stopPropagation();
			held = event.pointerId;
			node.setPointerCapture(held);
			window.addEventListener('keydown', onkeydown, true);
			window.addEventListener('blur', over);
			start?.();
		};
		const onpointermove = (event: PointerEvent) => {
			if (event.pointerId === held) ask(...pointer(event, node.ownerSVGElement));
		};
		const onpointerup = (event: PointerEvent) => {
			if (event.pointerId === held) over();
		};
		node.style.touchAction = 'none';
		for (const other of OTHERS) node.addEventListener(other, stop);
		node.addEventListener('pointerdown', onpointerdown);
		node.addEventListener('pointermove', onpointermove);
		for (const last of ['pointerup', 'pointercancel', 'lostpointercapture'] as const)
			node.addEventListener(last, onpointerup);
		return () => {
			over();
			for (const other of OTHERS) node.removeEventListener(other, stop);
			node.removeEventListener('pointerdown', onpointerdown);
			node.removeEventListener('pointermove', onpointermove);
			for (const last of ['pointerup', 'pointercancel', 'lostpointercapture'] as const)
				node.removeEventListener(last, onpointerup);
		};
	};
