import type { Address } from '$lib/core/notation/board';
import type { StoryTarget } from '$lib/core/lesson/story';
import type { Plan } from '$lib/core/problem/types';
import { samePointed, type Pointed } from './identity';

const isNumber = (a: StoryTarget | null, b: StoryTarget | null): boolean =>
	a === b || (!!a && !!b && a.name === b.name && a.part === b.part);

/** Numbers of the answer being read off the tableau: right-hand sides of these columns' rows, and the cell of the value. */
export interface CellsRead {
	readonly columns: readonly string[];
	readonly value: boolean;
}

/** What the reader points at, and which column is being considered. */
export class Selection {
	#pointed = $state.raw<Pointed | null>(null);
	#number = $state.raw<StoryTarget | null>(null);
	#corner = $state<string | null>(null);
	#column = $state<string | null>(null);
	#considered = $state<string | null>(null);
	#reading = $state.raw<CellsRead | null>(null);
	#slid = $state.raw<Plan | null>(null);
	#cell = $state.raw<Address | null>(null);

	/** the constraint or variable that lights up everywhere */
	get pointed(): Pointed | null {
		return this.#pointed;
	}
	/** the one number of the problem that is pointed at: a coefficient of a row or of the objective, or the row's amount */
	get number(): StoryTarget | null {
		return this.#number;
	}
	/** the corner of the region that is pointed at, by its key */
	get corner(): string | null {
		return this.#corner;
	}
	/** the id of the tableau's column that is pointed at */
	get column(): string | null {
		return this.#column;
	}
	/** the id of the column whose ratios are asked for */
	get considered(): string | null {
		return this.#considered;
	}

	/** the cells of an optimal tableau that are being read */
	get reading(): CellsRead | null {
		return this.#reading;
	}

	/** the cell of the present tableau that is pointed at */
	get cell(): Address | null {
		return this.#cell;
	}

	pointCell(cell: Address | null): void {
		this.#cell = cell;
	}

	/** the plan that a slider along the best plans stands at */
	get slid(): Plan | null {
		return this.#slid;
	}

	slide(plan: Plan | null): void {
		this.#slid = plan;
	}

	read(reading: CellsRead | null): void {
		this.#reading = reading;
	}

	point(pointed: Pointed | null, number: StoryTarget | null = null): void {
		if (!isNumber(number, this.#number)) this.#number = number;
		if (pointed !== this.#pointed && !samePointed(pointed, this.#pointed)) this.#pointed = pointed;
	}

	isPointed(pointed: Pointed | null): boolean {
		return samePointed(pointed, this.#pointed);
	}

	pointCorner(key: string | null): void {
		this.#corner = key;
	}

	pointColumn(id: string | null): void {
		this.#column = id;
	}

	/** Whether a number is the one that is pointed at. */
	isNumber(name: string | null, part: string): boolean {
		return this.#number?.name === name && this.#number.part === part;
	}

	/** Considers a column, or stops considering it when asked again. */
	consider(column: string | null): void {
		this.#considered = column === this.#considered ? null : column;
	}
}
