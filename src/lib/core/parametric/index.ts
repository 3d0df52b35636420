/** What views and pages may use of this folder: the value as a function. The rest of the core and the desk import its modules themselves. */

export { cellAt, type MapCell } from './map';
export { valueOn } from './value-function';
