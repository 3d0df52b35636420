/** What views and pages may use of this folder: standard form. The rest of the core and the desk import its modules themselves. */

export { basicColumns } from './basic';
export { stages } from './stages';
export type { MixedTerm, System } from './types';
