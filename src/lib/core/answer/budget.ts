import type { StopReason } from './findings';

/** How many pivots a run with all of its parts may take, and whoever watches it: each part spends from the same budget. */
export class Budget {
	#spent = 0;

	/**
	 * @param most pivots
	 * @param watch asked with the pivots spent so far; an answer is the reason to stop
	 * @param whole the budget of which this one is a part: what is spent here is spent there, and its limits hold here
	 */
	constructor(
		private readonly most = Infinity,
		private readonly watch: (pivots: number) => StopReason | null = () => null,
		private readonly whole: Budget | null = null
	) {}

	/** pivots spent, in this budget and in its parts */
	get spent(): number {
		return this.#spent;
	}

	spend(pivots = 1): void {
		this.#spent += pivots;
		this.whole?.spend(pivots);
	}

	/** Asks whoever watches: why to stop here, or null. */
	asked(): StopReason | null {
		return this.whole?.asked() ?? this.watch(this.#spent);
	}

	/** Why no further pivot may be made; null where one may. */
	exhausted(): StopReason | null {
		return (
			this.whole?.exhausted() ?? (this.#spent >= this.most ? { code: 'step-limit', most: this.most } : null)
		);
	}

	/** A part with a watch of its own beside that of the whole. */
	part(watch: (pivots: number) => StopReason | null): Budget {
		return new Budget(Infinity, watch, this);
	}
}
