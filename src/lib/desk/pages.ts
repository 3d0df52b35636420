/** The pages of the desk, in the order of their keys. A page is an address and an arrangement of panes. */
export const PAGES = [
	{ path: '/', name: 'Overview' },
	{ path: '/problem', name: 'Problem' },
	{ path: '/region', name: 'Region' },
	{ path: '/simplex', name: 'Simplex' },
	{ path: '/integers', name: 'Integers' },
	{ path: '/sensitivity', name: 'Sensitivity' },
	{ path: '/design', name: 'Design' }
] as const;

export const PAGE_PATHS: readonly string[] = PAGES.map(({ path }) => path);

/** the page of the collection, which is about no lesson in particular */
export const LESSONS_PATH = '/lessons';

/** the guide and the words */
export const HELP_PATH = '/help';

/** The page that a lesson opens with; one that another version of the application had is the overview here. */
export const knownPage = (page: string): string => (PAGE_PATHS.includes(page) ? page : PAGES[0].path);
