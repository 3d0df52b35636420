import { en } from '../core/language/language';
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
		says: en`What the rule would do`,
		hide: en`Hide what the rule would do`,
		show: en`Show what the rule would do`,
		where: 'tableau'
	},
	{
		secret: 'cells',
		says: en`The numbers of each new tableau`,
		hide: en`Cover the numbers of each new tableau`,
		show: en`Stop covering new tableaux`,
		key: 'm',
		where: 'tableau'
	},
	{
		secret: 'best',
		says: en`The best corner`,
		hide: en`Hide the best corner`,
		show: en`Show the best corner`,
		// its action shows it of this problem alone
		where: null
	},
	{
		secret: 'kind',
		says: en`The kind of problem`,
		hide: en`Hide what kind of problem it is`,
		show: en`Show what kind of problem it is`,
		key: 'k',
		where: 'kind'
	},
	{
		secret: 'nodes',
		says: en`The results of nodes`,
		hide: en`Hide the results of nodes`,
		show: en`Show the results of nodes`,
		where: null
	},
	{
		secret: 'branching',
		says: en`What follows from a node`,
		hide: en`Ask what follows from a node`,
		show: en`Show at once what follows from a node`,
		where: null
	}
];
