import { en } from '../core/language/language';
import { DEMO_STATEMENT } from './demo';
import type { Desk } from './desk.svelte';
import { remember, remembered } from './remembered';

const KEY = 'mathesis-hints';

/** What a new user is told on the sample, one at a time; each is gone once it was done or put away, and does not come back. */
interface Hint {
	readonly id: string;
	readonly says: string;
	/** whether it has been done already */
	isDone(desk: Desk): boolean;
}

const HINTS: readonly Hint[] = [
	{
		id: 'pivot',
		says: en`Click any entry of the tableau to pivot there, or press n for the step that the rule would take.`,
		isDone: ({ session }) => session.stops.some(({ node }) => node.move?.kind === 'pivot')
	},
	{
		id: 'edit',
		says: en`Change a number in the statement: region, tableau and sentences follow. Ctrl+Z undoes any change.`,
		isDone: ({ document }) => document.text !== DEMO_STATEMENT
	},
	{
		id: 'why',
		says: en`Why? (y) explains the rules with the numbers shown here.`,
		isDone: ({ reveal }) => reveal.showsReasons
	},
	{
		id: 'pages',
		says: en`The pages above show the same lesson: build the region up on Region (3), ask what a number is worth on Sensitivity (6).`,
		isDone: () => false
	},
	{
		id: 'find',
		says: en`Press / and type what you want to do to find any action. Press ? for all keys.`,
		isDone: () => false
	}
];

/** The quiet hints of a first visit. */
export class Hints {
	#gone = $state.raw<readonly string[]>((remembered(KEY) ?? '').split(' '));
	readonly #desk: Desk;

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** the hint that is shown now; null where none is left */
	get shown(): { readonly id: string; readonly says: string } | null {
		return HINTS.find((hint) => !this.#gone.includes(hint.id) && !hint.isDone(this.#desk)) ?? null;
	}

	/** Puts a hint away for good. */
	dismiss(id: string): void {
		this.#gone = [...this.#gone, id];
		remember(KEY, this.#gone.join(' ').trim());
	}

	/** Puts all hints away. */
	dismissAll(): void {
		this.#gone = HINTS.map(({ id }) => id);
		remember(KEY, this.#gone.join(' '));
	}
}
