import type { Polyhedron } from '../geometry/polyhedron';
import { isZero, max, min, ZERO, type Rational } from '../number/rational';

/** The least distance of two corners, squared, where each axis counts as long as the corners reach along it; null with fewer than two. */
export function leastApart({ vertices }: Polyhedron): Rational | null {
	const width = vertices[0]?.at.length ?? 0;
	const reach = Array.from({ length: width }, (_, j) => {
		const along = vertices.map(({ at }) => at[j]);
		return along.reduce(max).sub(along.reduce(min));
	});
	let least: Rational | null = null;
	vertices.forEach(({ at: p }, i) =>
		vertices.slice(0, i).forEach(({ at: q }) => {
			const squared = reach.reduce((sum, own, j) => {
				if (isZero(own)) return sum;
				const by = p[j].sub(q[j]).div(own);
				return sum.add(by.mul(by));
			}, ZERO);
			if (!least || squared.lt(least)) least = squared;
		})
	);
	return least;
}
