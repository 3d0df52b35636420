/** What views and pages may use of this folder: the API without HTTP. The rest of the core and the desk import its modules themselves. */

export { openApi } from './openapi';
export { problemDetails } from './reply';
