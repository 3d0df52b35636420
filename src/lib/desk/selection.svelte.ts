import { samePointed, type Pointed } from './identity';

/** What the reader points at, and which column is being considered. */
export class Selection {
	#pointed = $state.raw<Pointed | null>(null);
	#considered = $state<string | null>(null);

	/** the constraint or variable that lights up everywhere */
	get pointed(): Pointed | null {
		return this.#pointed;
	}
	/** the id of the column whose ratios are asked for */
	get considered(): string | null {
		return this.#considered;
	}

	point(pointed: Pointed | null): void {
		if (pointed !== this.#pointed && !samePointed(pointed, this.#pointed)) this.#pointed = pointed;
	}

	isPointed(pointed: Pointed | null): boolean {
		return samePointed(pointed, this.#pointed);
	}

	/** Considers a column, or stops considering it when asked again. */
	consider(column: string | null): void {
		this.#considered = column === this.#considered ? null : column;
	}
}
