import type { Trail } from '$lib/desk/trail';
import { pathTo } from '$lib/desk/trail';

/** The nodes to pass on the way from one step of the trail to another: up to the common ancestor, then down. */
export function wayBetween(trail: Trail, from: number, to: number): number[] {
	const [a, b] = [pathTo(trail, from).map((n) => n.id), pathTo(trail, to).map((n) => n.id)];
	let shared = 0;
	while (shared < a.length && a[shared] === b[shared]) shared++;
	return [...a.slice(Math.max(0, shared - 1)).reverse(), ...b.slice(shared)];
}

/** Moves an element through points of the picture; does nothing where motion is not wanted. */
export function travel(element: Element, points: readonly { x: number; y: number }[]): Animation | null {
	if (points.length < 2 || matchMedia('(prefers-reduced-motion: reduce)').matches) return null;
	const frames = points.map(({ x, y }) => ({ transform: `translate(${x}px, ${y}px)` }));
	const duration = Math.min(2400, 550 * (points.length - 1));
	return element.animate(frames, { duration, easing: points.length === 2 ? 'ease-in-out' : 'linear' });
}
