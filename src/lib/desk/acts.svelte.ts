/** milliseconds between two keys that still belong to one act of typing */
const PAUSE = 700;
/** acts that can be taken back */
const MOST = 300;

/** What was done, in one order, as the states before: to be taken back and done again. States are values. */
export class Acts<State> {
	#past = $state.raw<readonly State[]>([]);
	#future = $state.raw<readonly State[]>([]);
	/** what the last act was part of: another of the same is the same act */
	#group: unknown = null;
	#at = 0;
	/** acts that consist of several changes and are going on */
	#depth = 0;
	#isMarked = false;

	readonly canUndo: boolean = $derived(this.#past.length > 0);
	readonly canRedo: boolean = $derived(this.#future.length > 0);

	/**
	 * Something is about to be changed.
	 * @param before the state now
	 * @param group changes of one group in a row are one act; null for an act of its own
	 * @param isTyped whether a pause parts the acts of the group
	 */
	mark(before: State, group: unknown = null, isTyped = false): void {
		const now = Date.now();
		const isSame = group !== null && group === this.#group && (!isTyped || now - this.#at < PAUSE);
		this.#group = group;
		this.#at = now;
		this.#future = [];
		if (isSame || (this.#depth > 0 && this.#isMarked)) return;
		this.#isMarked = true;
		this.#past = [...this.#past.slice(-MOST + 1), before];
	}

	/** From now on changes are one act, until {@link end}. */
	begin(): void {
		if (this.#depth === 0) this.#isMarked = false;
		this.#group = null;
		this.#depth += 1;
	}

	end(): void {
		this.#depth = Math.max(0, this.#depth - 1);
		this.#group = null;
	}

	/** The state before the last act; null where there is none. */
	undo(now: State): State | null {
		return this.#turn(now, true);
	}

	redo(now: State): State | null {
		return this.#turn(now, false);
	}

	#turn(now: State, isBack: boolean): State | null {
		const [from, to] = isBack ? [this.#past, this.#future] : [this.#future, this.#past];
		const state = from.at(-1);
		if (state === undefined) return null;
		const rest = from.slice(0, -1);
		const longer = [...to, now];
		[this.#past, this.#future] = isBack ? [rest, longer] : [longer, rest];
		this.#group = null;
		return state;
	}

	clear(): void {
		this.#past = [];
		this.#future = [];
		this.#group = null;
		this.#depth = 0;
	}
}
