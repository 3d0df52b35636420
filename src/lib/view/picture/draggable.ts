import { pointer } from 'd3';
import { perFrame } from '../shared/per-frame';
import { onEscape } from './on-escape';

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
		/** what listens while the part is there, and what only while it is dragged */
		const attached = new AbortController();
		let dragged = new AbortController();
		const over = () => {
			if (held === null) return;
			const id = held;
			held = null;
			dragged.abort();
			if (node.hasPointerCapture(id)) node.releasePointerCapture(id);
			finish();
			end?.();
		};
		const giveUp = () => {
			finish();
			cancel?.();
			over();
		};
		const onpointerdown = (event: PointerEvent) => {
			if (event.button !== 0 || held !== null) return;
			event.stopPropagation();
			held = event.pointerId;
			node.setPointerCapture(held);
			dragged = new AbortController();
			const { signal } = dragged;
			onEscape(giveUp, signal);
			window.addEventListener('blur', over, { signal });
			start?.();
		};
		const onpointermove = (event: PointerEvent) => {
			if (event.pointerId === held) ask(...pointer(event, node.ownerSVGElement));
		};
		const onpointerup = (event: PointerEvent) => {
			if (event.pointerId === held) over();
		};
		node.style.touchAction = 'none';
		const { signal } = attached;
		for (const other of OTHERS) node.addEventListener(other, stop, { signal });
		node.addEventListener('pointerdown', onpointerdown, { signal });
		node.addEventListener('pointermove', onpointermove, { signal });
		for (const last of ['pointerup', 'pointercancel', 'lostpointercapture'] as const)
			node.addEventListener(last, onpointerup, { signal });
		return () => {
			over();
			attached.abort();
		};
	};

/** For a drag of something that has a value: where Escape is pressed, it gets back the value that it had at the start. */
export function takenBack<T>(
	now: () => T,
	put: (value: T) => void
): Required<Pick<DragMoves, 'start' | 'cancel'>> {
	let before: T;
	return { start: () => void (before = now()), cancel: () => put(before) };
}
