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
export { type BestFace, bestFace, edgesAt, valuesOf } from './best';
export { type BuildStep, intercepts, keptProblem } from './construction';
export { pointKey } from './point-key';
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
export { facesOf, openWays, outline, type Polyhedron, polyhedron, polyhedronOf } from './polyhedron';
export { type Region, region } from './region';
export {
	type LineOwner,
	planAt,
	pointOf,
	type Side,
	sidesOf,
	testHolds,
	testPoint,
	withoutConstraints
} from './sides';
