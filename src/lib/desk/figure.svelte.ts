import { bestFace } from '$lib/core/geometry/best';
import { pointKey } from '$lib/core/geometry/point-key';
import { region } from '$lib/core/geometry/region';
import { spot } from '$lib/core/geometry/box';
import { pointOf, sliced } from '$lib/core/geometry/sides';
import type { Position } from '$lib/core/position/position';
import type { Vector } from '$lib/core/number/linear-algebra';
import { ZERO, type Rational } from '$lib/core/number/rational';
import type { Problem } from '$lib/core/problem/types';
import { readPlan } from '$lib/core/tableau/tableau';
import type { LessonDocument } from './document.svelte';
import type { Session } from './session.svelte';

/** more lines than this cannot be told apart in a picture */
const MOST_LINES = 80;
/** more faces than this cannot be told apart in a picture that turns */
const MOST_FACES = 40;

/** how much a corner is magnified */
const MAGNIFIED = 6;

/** What the picture of the region shows: which variables, and of the others which amounts. */
export class Figure {
	readonly #document: LessonDocument;
	readonly #session: Session;
	#chosen = $state.raw<readonly string[]>([]);
	#sameScale = $state(false);

	constructor(document: LessonDocument, session: Session) {
		this.#document = document;
		this.#session = session;
	}

	/** the variables along the axes */
	readonly axes = $derived.by((): readonly string[] => {
		const names = this.#session.problem?.variables.map(({ name }) => name) ?? [];
		const chosen = this.#chosen.filter((name) => names.includes(name));
		if (chosen.length >= 2) return chosen;
		return names.length <= 3 ? names : names.slice(0, 2);
	});
	/** whether other variables are held fast */
	readonly isSlice: boolean = $derived.by(() => this.axes.length !== this.#session.problem?.variables.length);
	/** the problem in the variables shown, cuts included; null where there is none, or too much to be drawn */
	readonly problem = $derived.by((): Problem | null => {
		const { drawn } = this.#session;
		if (!drawn || drawn.variables.length === 0) return null;
		const lines = this.axes.length === 3 ? MOST_FACES : MOST_LINES;
		if (drawn.constraints.length > lines) return null;
		const own = drawn.variables.map(({ name }) => name);
		const asStated = own.length === this.axes.length && own.every((name, i) => name === this.axes[i]);
		return asStated ? drawn : sliced(drawn, this.axes, this.#session.plan);
	});
	/** the region of two variables; null for other numbers of them */
	readonly region = $derived(this.problem && this.axes.length === 2 ? region(this.problem) : null);
	/** where the objective is best, for two variables */
	readonly best = $derived(this.region && this.problem ? bestFace(this.problem, this.region) : null);

	/** the variables that are held fast, with their amounts */
	readonly held: readonly { name: string; amount: Rational }[] = $derived.by(() => {
		const names = this.#session.problem?.variables.map(({ name }) => name) ?? [];
		return names
			.filter((name) => !this.axes.includes(name))
			.map((name) => ({ name, amount: this.#session.plan?.get(name) ?? ZERO }));
	});
	/** whether pages without a place to choose variables have a picture to show */
	readonly isWhole: boolean = $derived(this.problem !== null && !this.isSlice);
	/** whether a unit is equally long on both axes */
	get sameScale(): boolean {
		return this.#sameScale;
	}

	toggleScale(): void {
		this.#sameScale = !this.#sameScale;
	}

	/** Shows two or three variables, in this order. */
	choose(axes: readonly string[]): void {
		this.#chosen = axes;
	}

	/**
	 * Magnifies around a corner of the plane, else around the present point; or, where it is magnified, goes back.
	 * @param corner the key of the corner that is pointed at
	 */
	magnify(corner: string | null): void {
		const { view } = this.#document;
		const { position } = this.#session;
		const pointed = this.region?.vertices.find((own) => pointKey(own.at) === corner)?.at;
		const at = pointed ?? (position && this.pointOf(position));
		if (view) this.#document.look(null);
		else if (at) this.#document.look({ ...spot(at), scale: MAGNIFIED });
	}

	/** Where a position stands in the picture; null where nothing was begun, or (in a slice) it is not the present one. */
	at(position: Position): Vector | null {
		const t = position.work?.tableau;
		if (!t || !this.problem) return null;
		if (this.isSlice && position !== this.#session.position) return null;
		return pointOf(this.problem, readPlan(t));
	}

	/** Where a position stands in the plane; null for other numbers of variables. */
	pointOf(position: Position): Vector | null {
		return this.region && this.at(position);
	}
}
