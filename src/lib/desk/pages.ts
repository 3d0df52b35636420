import { en } from '../core/language/language';

/** The pages of the desk, in the order of their keys. A page is an address and an arrangement of panes. `shows`: what actions have an effect there. */
export const PAGES = [
	{ path: '/', name: en`Overview`, shows: ['lesson', 'tableau', 'region', 'kind'] },
	{ path: '/problem', name: en`Problem`, shows: ['lesson', 'region', 'kind'] },
	{ path: '/region', name: en`Region`, shows: ['lesson', 'tableau', 'region'] },
	{ path: '/simplex', name: en`Simplex`, shows: ['lesson', 'tableau', 'region'] },
	{ path: '/integers', name: en`Integers`, shows: ['lesson', 'tableau', 'region'] },
	{ path: '/sensitivity', name: en`Sensitivity`, shows: ['lesson', 'region'] },
	{ path: '/design', name: en`Design`, shows: ['lesson', 'region', 'kind'] }
] as const;

/** What a page shows, so that only what has an effect there is offered. */
export type Shown = 'lesson' | 'tableau' | 'region' | 'kind';

/** What a page of some address shows: those of the collection and of help nothing of the lesson. */
export const shownOn = (path: string): readonly Shown[] =>
	PAGES.find((page) => page.path === path)?.shows ?? [];

export const PAGE_PATHS: readonly string[] = PAGES.map(({ path }) => path);

/** the page of the collection, which is about no lesson in particular */
export const LESSONS_PATH = '/lessons';

/** where an exercise is done, in a window of its own */
export const PRACTICE_PATH = '/practice';

/** where the lesson is printed and exported */
export const HANDOUT_PATH = '/handout';

/** where a lecture is prepared and held */
export const LECTURE_PATH = '/lecture';

/** the speaker's window beside a lecture */
export const SPEAKER_PATH = '/speaker';

/** the guide and the words */
export const HELP_PATH = '/help';

/** The page that a lesson opens with; one that another version of the application had is the overview here. */
export const knownPage = (page: string): string => (PAGE_PATHS.includes(page) ? page : PAGES[0].path);
