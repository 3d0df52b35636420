/** What views and pages may use of this folder: methods and rules. The rest of the core and the desk import its modules themselves. */

export { type Comparison, comparison } from './comparison';
export { RULE_NAMES, type RuleName } from './rule';
export { moves } from './rules';
export type { Decision, Part, Work } from './types';
