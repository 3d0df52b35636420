import { en } from '../language/language';
import { isName, MAX_NAME } from './types';

/** Names of another format made into names of ours, each once, with a note for every one that had to change. */
export class NameBook {
	private readonly known = new Map<string, string>();
	private readonly taken = new Set<string>();

	constructor(
		private readonly what: string,
		private readonly notes: string[]
	) {}

	/** The name that a foreign one becomes; the same each time. */
	of(foreign: string): string {
		const before = this.known.get(foreign);
		if (before !== undefined) return before;
		const name = this.free(this.valid(foreign.normalize('NFC').trim()));
		if (name !== foreign) this.notes.push(en`The ${this.what} “${foreign.slice(0, 60)}” is called ${name}.`);
		this.known.set(foreign, name);
		this.taken.add(name);
		return name;
	}

	private valid(foreign: string): string {
		if (isName(foreign)) return foreign;
		const letters = foreign.replace(/[^\p{L}\p{M}\p{Nd}_']+/gu, '_').replace(/^_+|_+$/g, '');
		const named = /^\p{L}/u.test(letters) ? letters : `n_${letters}`;
		return [...named].slice(0, MAX_NAME).join('') || 'n';
	}

	private free(name: string): string {
		let free = name;
		for (let i = 2; this.taken.has(free); i++) free = `${[...name].slice(0, MAX_NAME - 4).join('')}_${i}`;
		return free;
	}
}
