/** What views and pages may use of this folder. */

export { around, en } from './language';
