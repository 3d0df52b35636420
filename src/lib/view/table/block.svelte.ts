/** A cell's place in the grid: row and column. */
export interface CellAt {
	readonly y: number;
	readonly x: number;
}

export const atOf = (input: HTMLInputElement): CellAt => {
	const [y, x] = input.dataset.at!.split(',').map(Number);
	return { y, x };
};

/** The block of cells that is chosen: from where it was begun to where it has come. */
export class Block {
	#from = $state.raw<CellAt | null>(null);
	#to = $state.raw<CellAt | null>(null);

	/** whether more than one cell is chosen */
	get isMany(): boolean {
		const [from, to] = [this.#from, this.#to];
		return !!from && !!to && (from.y !== to.y || from.x !== to.x);
	}
	get start(): CellAt | null {
		const [from, to] = [this.#from, this.#to];
		return from && to && { y: Math.min(from.y, to.y), x: Math.min(from.x, to.x) };
	}
	/** where the block has come to */
	get end(): CellAt | null {
		return this.#to;
	}

	has(y: number, x: number): boolean {
		const [from, to] = [this.#from, this.#to];
		if (!from || !to || !this.isMany) return false;
		const within = (a: number, b: number, c: number) => Math.min(a, b) <= c && c <= Math.max(a, b);
		return within(from.y, to.y, y) && within(from.x, to.x, x);
	}

	begin(at: CellAt): void {
		this.#from = this.#to = at;
	}

	reach(at: CellAt): void {
		this.#from ??= at;
		this.#to = at;
	}

	clear(): void {
		this.#from = this.#to = null;
	}
}
