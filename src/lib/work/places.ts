/** A job that takes longer than this, in milliseconds, is long: it may not stand in the way of short ones. */
export const SHORT = 250;

/** How many may work or wait at once. */
export interface PlacesSize {
	/** places of jobs that have not shown yet that they are long */
	readonly short: number;
	/** places of long jobs */
	readonly long: number;
	/** jobs that wait for a place of either kind */
	readonly waiting: number;
	/** milliseconds that a job waits at most */
	readonly patience: number;
}

interface Waiting {
	readonly client: string;
	readonly enter: () => void;
	readonly giveUp: () => void;
}

/**
 * Places of one kind, given in turn: to the client that holds the fewest, among those to the one that waits longest. No client holds
 * more than `each`, or waits with more than half of what may wait.
 */
class Line {
	readonly #held = new Map<string, number>();
	readonly #waiting: Waiting[] = [];
	#taken = 0;

	constructor(
		readonly places: number,
		readonly each: number,
		readonly size: PlacesSize
	) {}

	#heldBy = (client: string): number => this.#held.get(client) ?? 0;

	#mayEnter = (client: string): boolean => this.#taken < this.places && this.#heldBy(client) < this.each;

	#take(client: string): void {
		this.#taken += 1;
		this.#held.set(client, this.#heldBy(client) + 1);
	}

	/** A place, where one is free now. */
	takeNow(client: string): boolean {
		const may = this.#mayEnter(client);
		if (may) this.#take(client);
		return may;
	}

	/** A place, at once or after a while; false where none comes free in time, too many wait, or `gone` tells that nobody waits any more. */
	async enter(client: string, gone: AbortSignal): Promise<boolean> {
		if (gone.aborted) return false;
		if (this.takeNow(client)) return true;
		const beside = this.#waiting.filter((other) => other.client === client).length;
		if (this.#waiting.length >= this.size.waiting || beside >= this.size.waiting / 2) return false;
		return new Promise((resolve) => {
			const end = (entered: boolean) => {
				clearTimeout(timer);
				gone.removeEventListener('abort', waiting.giveUp);
				this.#waiting.splice(this.#waiting.indexOf(waiting), 1);
				if (entered) this.#take(client);
				resolve(entered);
			};
			const waiting: Waiting = { client, enter: () => end(true), giveUp: () => end(false) };
			const timer = setTimeout(waiting.giveUp, this.size.patience);
			gone.addEventListener('abort', waiting.giveUp, { once: true });
			this.#waiting.push(waiting);
		});
	}

	/** Gives a place back: to whoever is next. */
	leave(client: string): void {
		this.#taken -= 1;
		const held = this.#heldBy(client) - 1;
		if (held > 0) this.#held.set(client, held);
		else this.#held.delete(client);
		const [next] = this.#waiting
			.filter((waiting) => this.#mayEnter(waiting.client))
			.sort((a, b) => this.#heldBy(a.client) - this.#heldBy(b.client));
		next?.enter();
	}

	get waiting(): number {
		return this.#waiting.length;
	}

	/** Nobody waits any longer. */
	refuseAll(): void {
		for (const { giveUp } of [...this.#waiting]) giveUp();
	}
}

/**
 * Who may work: a job begins among the short ones; where it takes longer than `SHORT` it must have a place among the long ones, of which no
 * client holds all.
 */
export class Places {
	readonly short: Line;
	readonly long: Line;

	constructor(size: PlacesSize) {
		this.short = new Line(size.short, size.short, size);
		this.long = new Line(size.long, Math.max(1, size.long - 1), size);
	}

	/** jobs that wait for a place */
	get waiting(): number {
		return this.short.waiting + this.long.waiting;
	}

	refuseAll(): void {
		this.short.refuseAll();
		this.long.refuseAll();
	}
}
