import { pointer, select, zoom, zoomIdentity } from 'd3';

export interface ViewMoves {
	/** magnifies by a factor; the point at (px, py) stays where it is */
	zoomBy(factor: number, px: number, py: number): void;
	panBy(dx: number, dy: number): void;
}

/** Wheel, drag and pinch in a picture, as d3's zoom reads them; what it reports becomes the desk's own view. Gives what ends it. */
export function gestures(node: SVGSVGElement, { zoomBy, panBy }: ViewMoves): () => void {
	let last = zoomIdentity;
	const behaviour = zoom<SVGSVGElement, unknown>()
		.filter((event: Event) => event.type !== 'dblclick' && !(event as MouseEvent).button)
		.on('zoom', (event) => {
			const { transform, sourceEvent } = event;
			if (!sourceEvent) return;
			if (transform.k !== last.k) {
				const [px, py] = pointer(sourceEvent.touches?.[0] ?? sourceEvent, node);
				zoomBy(transform.k / last.k, px, py);
			} else panBy(transform.x - last.x, transform.y - last.y);
			last = transform;
		});
	select(node).call(behaviour);
	return () => select(node).on('.zoom', null);
}
