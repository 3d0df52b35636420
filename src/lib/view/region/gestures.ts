import { pointer, select, zoom, zoomIdentity } from 'd3';
import { onEscape } from '../picture/on-escape';

export interface ViewMoves {
	/** magnifies by a factor; the point at (px, py) stays where it is */
	zoomBy(factor: number, px: number, py: number): void;
	panBy(dx: number, dy: number): void;
	/** a gesture begins */
	start?(): void;
	/** Escape was pressed during a gesture: what it did is taken back */
	cancel?(): void;
}

/** Wheel, drag and pinch in a picture, as d3's zoom reads them; what it reports becomes the desk's own view. Gives what ends it. */
export function gestures(node: SVGSVGElement, { zoomBy, panBy, start, cancel }: ViewMoves): () => void {
	let last = zoomIdentity;
	/** what listens while a gesture goes on */
	let going = new AbortController();
	let isCancelled = false;
	const giveUp = () => {
		isCancelled = true;
		cancel?.();
	};
	const behaviour = zoom<SVGSVGElement, unknown>()
		.filter((event: Event) => event.type !== 'dblclick' && !(event as MouseEvent).button)
		.on('start', () => {
			going = new AbortController();
			isCancelled = false;
			onEscape(giveUp, going.signal);
			start?.();
		})
		.on('end', () => going.abort())
		.on('zoom', (event) => {
			const { transform, sourceEvent } = event;
			if (!sourceEvent) return;
			// the pointer is still down, but the gesture is over
			if (isCancelled) {
				last = transform;
				return;
			}
			if (transform.k !== last.k) {
				const [px, py] = pointer(sourceEvent.touches?.[0] ?? sourceEvent, node);
				zoomBy(transform.k / last.k, px, py);
			} else panBy(transform.x - last.x, transform.y - last.y);
			last = transform;
		});
	select(node).call(behaviour);
	return () => {
		going.abort();
		select(node).on('.zoom', null);
	};
}
