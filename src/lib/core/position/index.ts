/** What views and pages may use of this folder: positions. The rest of the core and the desk import its modules themselves. */

export { type Position, stated } from './position';
