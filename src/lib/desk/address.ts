/** Addresses of pages where the application lives under a path of a web server, such as `/courses/mathesis`. */

let base = '';

/** Says under which path the application lives: empty, or a path without a slash at its end. */
export const liveUnder = (path: string): void => {
	base = path;
};

/** The address of a page. @param path such as `/simplex` */
export const addressOf = (path: string): string => base + path;

/** The page of an address, without what it lives under and without a slash at its end. */
export const pageOf = (pathname: string): string => {
	const own = pathname.startsWith(base) ? pathname.slice(base.length) : pathname;
	return own.replace(/\/(?:index\.html)?$/, '') || '/';
};
