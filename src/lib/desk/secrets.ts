import type { Secret } from '$lib/core/lesson/secrets';
import type { Shown } from './pages';

/** What can be kept from the class, as menu and finder say it; a secret that is not listed has its own place where it is opened. */
export interface ListedSecret {
	readonly secret: Secret;
	/** what is hidden, in the menu */
	readonly says: string;
	/** the action that hides it, and the one that shows it again */
	readonly hide: string;
	readonly show: string;
	readonly key?: string;
	/** what a page shows where it has an effect; null: only in its own pane */
	readonly where: Shown | null;
}

export const LISTED_SECRETS: readonly ListedSecret[] = [
	{
		secret: 'advice',
		says: 'What the rule would do',
		hide: 'Hide what the rule would do',
		show: 'Show what the rule would do',
		where: 'tableau'
	},
	{
		secret: 'cells',
		says: 'The numbers of each new tableau',
		hide: 'Cover the numbers of each new tableau',
		show: 'No longer cover new tableaux',
		key: 'm',
		where: 'tableau'
	},
	{
		secret: 'best',
		says: 'The best corner',
		hide: 'Hide the best corner',
		show: 'Show the best corner',
		// its action shows it of this problem alone
		where: null
	},
	{
		secret: 'kind',
		says: 'The kind of problem',
		hide: 'Hide what kind of problem it is',
		show: 'Show what kind of problem it is',
		key: 'k',
		where: 'kind'
	},
	{
		secret: 'nodes',
		says: 'The results of nodes',
		hide: 'Hide the results of nodes',
		show: 'Show the results of nodes',
		where: null
	},
	{
		secret: 'branching',
		says: 'What follows from a node',
		hide: 'Ask what follows from a node',
		show: 'Show at once what follows from a node',
		where: null
	}
];
