/** What views and pages may use of this folder: the region. The rest of the core and the desk import its modules themselves. */

export {
	boxAround,
	type Box,
	drawn,
	type DrawnLine,
	fillPolygon,
	fitBox,
	lineInBox,
	type Spot,
	spot,
	spotIn
} from './box';
export { bestFace, edgesAt, valuesOf } from './best';
export { type BuildStep, intercepts, keptProblem } from './construction';
export { cornerKey, pointKey } from './corner-key';
export { type CornerRow, cornerTable } from './corner-table';
export { hullEdges } from './hull';
export {
	covered,
	type LabelSpot,
	type LabelWish,
	type PlacedLabel,
	placeTexts,
	type Rectangle,
	type Stroke
} from './labels';
export { facesOf, outline, type Polyhedron, polyhedron, polyhedronOf } from './polyhedron';
export { type Best, bestCorners, halfPlanes, openDirections, region } from './region';
export { planAt, pointOf, type Side, sidesOf, testHolds, testPoint, withoutConstraints } from './sides';
export type { HalfPlane, LineOwner, Point, Region } from './types';
