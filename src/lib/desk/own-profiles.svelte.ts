import { readProfiles, withProfiles, writeProfiles, type Profile } from '$lib/core/notation/check';
import { remember, remembered } from './remembered';

const KEY = 'mathesis-notations';

function kept(): Profile[] {
	const text = remembered(KEY);
	if (text === null) return [];
	try {
		return readProfiles(text);
	} catch {
		// what another version kept, or another page wrote: as if there were none
		return [];
	}
}

/** The reader's own notations, kept in the browser. */
export class OwnProfiles {
	#list = $state.raw<readonly Profile[]>(kept());

	get list(): readonly Profile[] {
		return this.#list;
	}

	/** Keeps profiles; one of the same name gives way. */
	keep(profiles: readonly Profile[]): void {
		this.#set(withProfiles(this.#list, profiles));
	}

	/** Gives a profile another name; one that has it gives way. */
	rename(from: string, to: string): void {
		this.#set(
			this.#list.flatMap((own) => (own.name === from ? [{ ...own, name: to }] : own.name === to ? [] : [own]))
		);
	}

	remove(name: string): void {
		this.#set(this.#list.filter((own) => own.name !== name));
	}

	#set(list: readonly Profile[]): void {
		this.#list = list;
		remember(KEY, list.length ? writeProfiles(list) : null);
	}
}
