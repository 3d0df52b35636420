/** What views and pages may use of this folder: exercises by wishes. The rest of the core and the desk import its modules themselves. */

export { costsFor, rhsFor, type RowAt, rowsAt } from './by-hand';
export { NAMED_EXERCISES, type NamedExercise } from './exercises';
export { FORM_WORDS } from './form';
export { NAMINGS } from './naming';
export { coneAt } from './objective-cone';
export { FORM_PARTS, type FormPart, type KeptWish, type PlanKept, type Wish } from './types';
export type { Control } from './wishes/controls';
export { kindOfWish, saysOf, WISH_NAMES } from './wishes/kinds';
export { GROUP_LABELS } from './wishes/words';
export { WISH_GROUPS } from './wishes/wish';
export { choiceWords } from './wishes/words';
