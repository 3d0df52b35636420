/** What views and pages may use of this folder. */

export { en } from './language';
