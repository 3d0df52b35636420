/** What views and pages may use of this folder: lectures. The rest of the core and the desk import its modules themselves. */

export { lectureRemarks, lectureWebPage } from './web-page';
