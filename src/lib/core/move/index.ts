/** What views and pages may use of this folder: moves and trails. The rest of the core and the desk import its modules themselves. */

export { eligible } from './basis';
export { formOptions } from './begin';
export { kernelRowOf, wholeAt, whyNoCut } from './cut';
export { labelOf, tell } from './kinds';
export { noCutWords, refusalParagraph, RULE_LABELS } from './messages';
export { choiceOf, columnIndex } from './pivot';
export type { Stop } from './replay';
export { touchOf } from './rounds';
export { branchOf, type Trail, type TrailNode, wayBetween } from './trail';
export type { BeginMove, ChangeMove, Offer } from './types';
