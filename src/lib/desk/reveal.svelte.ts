import { NOTHING_HIDDEN, without } from './hidden-parts';
import { remember, remembered } from './remembered';

/**
 * What can be kept from the class until it was asked, in every place that would show it. `advice`: what the rule would do next, in tableau, menus,
 * finder and sentences; `best`: where the objective is best, in pictures of the region; `kind`: what kind of problem is stated; `cells`: the
 * numbers of each new tableau, with what is said of them; `nodes`: what the nodes of a tree come to; `values`: the objective at corners.
 */
export type Secret = 'advice' | 'best' | 'kind' | 'cells' | 'nodes' | 'values';

/** Secrets that are opened part by part: a number, a node, a corner at a time. */
export type Parted = 'cells' | 'nodes' | 'values';

/** where the browser remembers that the kind is concealed */
const KIND_KEY = 'mathesis-hides-kind';

/** What the class may see already: an instructor hides what the rule would do next, asks, and reveals it. */
export class Reveal {
	/** corners are asked for one by one from the beginning */
	#concealed = $state.raw<readonly Secret[]>(['values']);
	/** of a secret the parts that are shown, as long as what they are parts of is there */
	#opened = $state.raw<Partial<Record<Parted, { of: string; parts: readonly string[] }>>>({});
	#showsInverse = $state(false);
	#showsReasons = $state(false);
	/** told before anything is kept from the class or shown to it, so that it can be taken back */
	#before: () => void = () => {};

	constructor() {
		if (typeof document !== 'undefined' && remembered(KIND_KEY) !== null)
			this.#concealed = [...this.#concealed, 'kind'];
	}

	/** @param before called before each act that {@link restore} may have to take back */
	watch(before: () => void): void {
		this.#before = before;
	}

	/** what the class may see, as a value */
	get state() {
		return { concealed: this.#concealed, opened: this.#opened };
	}

	restore({ concealed, opened }: Reveal['state']): void {
		this.#opened = opened;
		this.#conceal(concealed);
	}

	#conceal(concealed: readonly Secret[]): void {
		this.#concealed = concealed;
		if (typeof document !== 'undefined') remember(KIND_KEY, this.conceals('kind') ? 'hidden' : null);
	}

	/** Whether something may not be seen yet; everything that shows it asks here. */
	conceals(secret: Secret): boolean {
		return this.#concealed.includes(secret);
	}

	#shown(secret: Parted, of: string): readonly string[] {
		const own = this.#opened[secret];
		return own?.of === of ? own.parts : [];
	}

	/**
	 * The parts of a secret that may not be seen yet.
	 * @param of what they are parts of: what was shown of something else is not shown here
	 * @param all its parts
	 */
	hidden(secret: Parted, of: string, all: readonly string[]): ReadonlySet<string> {
		return this.conceals(secret) ? without(all, this.#shown(secret, of)) : NOTHING_HIDDEN;
	}

	/** Shows one more part of a secret. */
	show(secret: Parted, of: string, part: string): void {
		this.open(secret, of, [...this.#shown(secret, of), part]);
	}

	/** Shows just these parts of a secret. */
	open(secret: Parted, of: string, parts: readonly string[]): void {
		this.#before();
		this.#opened = { ...this.#opened, [secret]: { of, parts } };
	}

	/** whether the basis inverse and the multipliers are marked in the tableau */
	get showsInverse(): boolean {
		return this.#showsInverse;
	}

	/** whether the reasons behind the rules that act here are told */
	get showsReasons(): boolean {
		return this.#showsReasons;
	}

	toggleReasons(): void {
		this.#showsReasons = !this.#showsReasons;
	}

	toggleInverse(): void {
		this.#showsInverse = !this.#showsInverse;
	}

	/** Keeps something from the class, or shows it again. */
	toggle(secret: Secret): void {
		this.#before();
		this.#conceal(
			this.conceals(secret) ? this.#concealed.filter((own) => own !== secret) : [...this.#concealed, secret]
		);
	}
}
