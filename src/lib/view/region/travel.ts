/** Moves an element through points of the picture; does nothing where motion is not wanted. */
export function travel(element: Element, points: readonly { x: number; y: number }[]): Animation | null {
	if (points.length < 2 || matchMedia('(prefers-reduced-motion: reduce)').matches) return null;
	const frames = points.map(({ x, y }) => ({ transform: `translate(${x}px, ${y}px)` }));
	const duration = Math.min(2400, 550 * (points.length - 1));
	return element.animate(frames, { duration, easing: points.length === 2 ? 'ease-in-out' : 'linear' });
}
