/** What views and pages may use of this folder: answers, duals and certificates. The rest of the core and the desk import its modules themselves. */

export { certify } from './certificate';
export { summedRows } from './check';
export { fromPlan, pairsOf, weakBound } from './complementary';
export { type TableauCell, twinCell, twinOfDual } from './complementary-bases';
export type { DualProblem } from './dual-problem';
export { DUAL_NAMES, type WrittenDual } from './dual-steps';
export { dualValues, standingProblem } from './multipliers';
export { type Newcomer } from './newcomer';
export { segmentBetween } from './optimal-set';
export { tiedColumns } from './ties';
