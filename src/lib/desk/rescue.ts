import { remember, remembered } from './remembered';

/** States of lessons that the store does not have yet, each in a slot of its own, where writing takes no time and outlives the page. */

/** A lesson that was not kept when its page went. */
export interface Rescued {
	readonly id: string;
	/** the revision that the store had when the tab last looked; null where it had none */
	readonly known: string | null;
	/** the revision under which the tab was about to keep it */
	readonly revision: string;
	readonly lesson: unknown;
}

const SLOT = 'mathesis-unsaved:';

/** The state that waits under a lesson's id; null where there is none. */
export function rescued(id: string): Rescued | null {
	const text = remembered(SLOT + id);
	try {
		return text === null ? null : (JSON.parse(text) as Rescued);
	} catch {
		// cut off while it was written
		forget(id);
		return null;
	}
}

export const putAside = (state: Rescued): void => remember(SLOT + state.id, JSON.stringify(state));

export const forget = (id: string): void => remember(SLOT + id, null);

/** Ids of all lessons that wait. */
export function waitingIds(): string[] {
	try {
		return Object.keys(localStorage)
			.filter((key) => key.startsWith(SLOT))
			.map((key) => key.slice(SLOT.length));
	} catch {
		return [];
	}
}
