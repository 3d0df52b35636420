import { FIRST_CONCEALED, type Secret, SECRETS } from '$lib/core/lesson/secrets';
import { NOTHING_HIDDEN, without } from './hidden-parts';

export type { Secret };

/** What is shown on request alone, so that no lesson has to keep it from the class: steps of the dual, and dual values beside a plan. */
type OnRequest = 'dual' | 'duals';

/** Secrets that are opened part by part: what the rule does at a step, a number, a node, a corner at a time; the best plan of a problem. */
export type Parted = 'advice' | 'best' | 'cells' | 'nodes' | 'values' | OnRequest;

/** What the lesson keeps from the class. */
interface Concealing {
	readonly concealed: readonly Secret[];
	conceal(concealed: readonly Secret[]): void;
}

/** the one part of a secret that is opened as a whole */
const WHOLE = 'whole';

/** What the class may see already: an instructor hides what the rule would do next, asks, and reveals it. */
export class Reveal {
	readonly #document: Concealing;
	/** of a secret the parts that are shown, as long as what they are parts of is there */
	#opened = $state.raw<Partial<Record<Parted, { of: string; parts: readonly string[] }>>>({});
	#showsInverse = $state(false);
	#showsReasons = $state(false);
	/** told before anything is kept from the class or shown to it, so that it can be taken back */
	#before: () => void = () => {};

	/** @param document the lesson that keeps what is concealed */
	constructor(document: Concealing) {
		this.#document = document;
	}

	/** @param before called before each act that {@link restore} may have to take back */
	watch(before: () => void): void {
		this.#before = before;
	}

	/** what the class may see, as a value */
	readonly state = $derived.by(() => ({ concealed: this.#document.concealed, opened: this.#opened }));

	restore({ concealed, opened }: Reveal['state']): void {
		this.#opened = opened;
		this.#document.conceal(concealed);
	}

	/** Whether something may not be seen yet; everything that shows it asks here. */
	conceals(secret: Secret): boolean {
		return this.#document.concealed.includes(secret);
	}

	/** whether the class is asked: nothing is shown before it is found */
	get asksClass(): boolean {
		return SECRETS.every((secret) => this.conceals(secret));
	}

	/** Keeps everything from the class that it can find by itself, or shows it again. */
	askClass(): void {
		this.#before();
		this.#opened = {};
		this.#document.conceal(this.asksClass ? FIRST_CONCEALED : SECRETS);
	}

	/** the parts of a secret that were opened, of what it is a secret of */
	opened(secret: Parted, of: string): readonly string[] {
		const own = this.#opened[secret];
		return own?.of === of ? own.parts : [];
	}

	/**
	 * The parts of a secret that may not be seen yet.
	 * @param of what they are parts of: what was shown of something else is not shown here
	 * @param all its parts
	 */
	hidden(secret: Exclude<Parted, OnRequest>, of: string, all: readonly string[]): ReadonlySet<string> {
		return this.conceals(secret) ? without(all, this.opened(secret, of)) : NOTHING_HIDDEN;
	}

	/** Whether a secret was opened as a whole, of what it is a secret of. */
	isOpen(secret: Parted, of: string): boolean {
		return this.opened(secret, of).includes(WHOLE);
	}

	/** Opens a secret as a whole. */
	openWhole(secret: Parted, of: string): void {
		this.open(secret, of, [WHOLE]);
	}

	/** Hides again what was opened of a secret, or of one of its parts. */
	close(secret: Parted, of: string, part?: string): void {
		const left = part === undefined ? [] : this.opened(secret, of).filter((own) => own !== part);
		this.open(secret, of, left);
	}

	/** Shows one more part of a secret. */
	show(secret: Parted, of: string, part: string): void {
		this.open(secret, of, [...this.opened(secret, of), part]);
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
		const { concealed } = this.#document;
		this.#document.conceal(
			this.conceals(secret) ? concealed.filter((own) => own !== secret) : [...concealed, secret]
		);
	}
}
