import { conflictOf, gapOf } from '$lib/core/answer/conflict';
import { bestFace } from '$lib/core/geometry/best';
import { buildRemark, stepHeading } from '$lib/core/commentary/construction';
import { cornerFound } from '$lib/core/commentary/corner';
import { foundWords, headingWords, remarkWords } from '$lib/core/commentary/messages';
import { joined } from '$lib/core/sentence/sentence';
import { basicColumns } from '$lib/core/form/basic';
import { standardForm } from '$lib/core/form/standard';
import { construction, ordered, type BuildStep } from '$lib/core/geometry/construction';
import { byKey } from '$lib/core/geometry/point-key';
import { polyhedron } from '$lib/core/geometry/polyhedron';
import { region } from '$lib/core/geometry/region';
import { planAt, withCosts, withoutConstraints } from '$lib/core/geometry/sides';
import type { Vector } from '$lib/core/number/linear-algebra';
import { ZERO, type Rational } from '$lib/core/number/rational';
import { setRhs } from '$lib/core/problem/statement/edits';
import type { Problem } from '$lib/core/problem/types';
import type { LessonDocument } from './document.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import type { Figure } from './figure.svelte';

/** A constraint's amount that was dragged to another place. */
export interface DraggedAmount {
	readonly name: string;
	readonly from: Rational;
	/** the statement before and after */
	readonly before: string;
	readonly after: string;
}

/** The best plans along an edge, or along a half-line without end. */
export interface OptimalLine {
	readonly from: Vector;
	readonly way: Vector;
	readonly ends: boolean;
}

/** How far the region has been built up before the class: which constraints take part, in which order, and the step shown. */
export class Construction {
	readonly #figure: Figure;
	#off = $state.raw<readonly string[]>([]);
	#order = $state.raw<readonly string[]>([]);
	/** the key of the step shown; null shows the finished picture */
	#step = $state<string | null>(null);
	#level = $state.raw<Rational | null>(null);
	#turned = $state.raw<readonly Rational[] | null>(null);
	#inspected = $state<string | null>(null);
	#along = $state.raw<Rational>(ZERO);
	#dragged: { name: string; text: string; rhs: Rational } | null = null;
	#changed = $state.raw<DraggedAmount | null>(null);

	constructor(figure: Figure) {
		this.#figure = figure;
	}

	/** all constraints in the order in which they are drawn, switched off or not */
	readonly all: Problem | null = $derived.by(
		() => this.#figure.problem && ordered(this.#figure.problem, this.#order)
	);
	/** the problem without what is switched off, its objective as it is turned */
	readonly problem = $derived.by((): Problem | null => {
		const stated = this.all && withoutConstraints(this.all, this.#off);
		const turned = this.#turned;
		return stated && turned?.length === stated.variables.length ? withCosts(stated, turned) : stated;
	});
	/** its region in two variables; null for other numbers of them */
	readonly region = $derived(this.problem?.variables.length === 2 ? region(this.problem) : null);
	/** its region with corners, edges and faces */
	readonly body = $derived(this.region ?? (this.problem && polyhedron(this.problem)));
	readonly corners: ReadonlyMap<string, Vector> = $derived(
		byKey(this.body?.vertices.map(({ at }) => at) ?? [])
	);
	readonly steps: readonly BuildStep[] = $derived(
		this.problem ? construction(this.problem, [...this.corners.values()]) : []
	);
	/** the index of the step shown; −1 where the picture is finished */
	readonly index: number = $derived(this.steps.findIndex(({ key }) => key === this.#step));

	/** where the objective is best */
	readonly best = $derived(this.problem && this.body && bestFace(this.problem, this.body));
	/** the best plans, where they are an edge or a half-line */
	readonly optimal = $derived.by((): OptimalLine | null => {
		if (!this.best || this.body?.lines.length) return null;
		const [from, to] = this.best.points;
		const [ray, ...rays] = this.best.rays;
		if (this.best.points.length === 2 && !ray)
			return { from, way: to.map((value, i) => value.sub(from[i])), ends: true };
		return this.best.points.length === 1 && ray && rays.length === 0 ? { from, way: ray, ends: false } : null;
	});
	/** where the region is empty: a smallest set of sides in conflict, and how far they are apart */
	readonly conflict = $derived.by(() => {
		if (!this.problem || !this.body || this.body.dimension >= 0) return null;
		const names = conflictOf(this.problem, {}) ?? [];
		return { names, gap: gapOf(this.problem, names) };
	});

	/** the step shown; null where the picture is finished */
	readonly step: BuildStep | null = $derived(this.steps[this.index] ?? null);
	/** the value at which the objective's line stands; null where nobody moved it */
	get level(): Rational | null {
		return this.#level;
	}
	/** the coefficients that the objective is turned to; null as stated */
	get turned(): readonly Rational[] | null {
		return this.#turned;
	}
	/** whether the objective has been turned away from what is stated */
	readonly isTurned: boolean = $derived(this.#turned !== null);

	/** how far along them the point that is shown stands: the parameter of their formula */
	get along(): Rational {
		return this.#along;
	}
	readonly optimalPoint: Vector | null = $derived(
		this.optimal && this.optimal.from.map((value, i) => value.add(this.optimal!.way[i].mul(this.#along)))
	);
	/** the constraint whose own part in the region is looked at */
	get inspected(): string | null {
		return this.#inspected;
	}
	/** what was dragged last */
	get changed(): DraggedAmount | null {
		return this.#changed;
	}

	inspect(name: string | null): void {
		this.#inspected = name;
	}

	/** Moves the point that is shown along the best plans. */
	walk(along: Rational): void {
		this.#along = along;
	}

	/** Takes hold of a constraint's line. */
	take(lesson: LessonDocument, name: string): void {
		const row = lesson.problem?.constraints.find((own) => own.name === name);
		if (!row) return;
		lesson.hold();
		this.#dragged = { name, text: lesson.text, rhs: row.rhs };
	}

	/** Gives a constraint another amount in the statement. */
	changeRhs(lesson: LessonDocument, name: string, rhs: Rational): void {
		const edits = setRhs(lesson.text, lesson.reading, name, rhs);
		if (lesson.held) lesson.drag(edits);
		else lesson.edit(edits);
	}

	/** Lets the line go: what was done to it since it was taken is one change. */
	letGo(lesson: LessonDocument): void {
		lesson.letGo();
		const dragged = this.#dragged;
		this.#dragged = null;
		if (!dragged || dragged.text === lesson.text) return;
		const { name, text, rhs } = dragged;
		const last = this.#changed;
		// one key after the other moves the same line on
		const before = last?.name === name && last.after === text ? last : { from: rhs, before: text };
		this.#changed = { name, from: before.from, before: before.before, after: lesson.text };
	}

	/** Takes back what was done to a line since it was taken. */
	cancel(lesson: LessonDocument): void {
		if (this.#dragged) lesson.write(this.#dragged.text);
	}

	/** Takes the last change back, as long as nothing else was written since. */
	putBack(lesson: LessonDocument): void {
		if (this.#changed?.after === lesson.text) lesson.write(this.#changed.before);
		this.#changed = null;
	}

	isOff(name: string): boolean {
		return this.#off.includes(name);
	}

	/** What is said at a step. */
	remark(step: BuildStep) {
		const { isSlice, held } = this.#figure;
		return remarkWords(buildRemark(this.problem!, step, this.corners, isSlice ? held : []));
	}

	/** What is to say about a corner: the lines that meet there, how they are solved, the objective's value, its basis. */
	cornerText(at: Vector) {
		const problem = this.problem!;
		const form = standardForm(problem, { start: 'slack', equalities: 'one-row' });
		const columns = basicColumns(form, planAt(problem, at));
		return joined(
			[...cornerFound(problem, at), { code: 'basic-at-corner', columns } as const].map(foundWords),
			' ',
			' '
		);
	}

	heading(step: BuildStep) {
		return headingWords(stepHeading(this.problem!, step, this.corners.get(step.corner ?? '') ?? null));
	}

	/** Shows a step by its key; null shows the finished picture. */
	show(key: string | null): void {
		this.#step = key;
	}

	begin(): void {
		this.show(this.steps[0]?.key ?? null);
	}

	/** The next step; after the last one the picture is finished, and then it begins anew. */
	next(): void {
		this.show(this.steps[this.index + 1]?.key ?? null);
	}

	previous(): void {
		this.show(this.index < 0 ? (this.steps.at(-1)?.key ?? null) : (this.steps[this.index - 1]?.key ?? null));
	}

	/** Switches a constraint off, or on again. */
	toggle(name: string): void {
		this.#off = this.isOff(name) ? this.#off.filter((own) => own !== name) : [...this.#off, name];
	}

	/** Draws a constraint so many places later (or, negative, earlier). */
	shift(name: string, by: number): void {
		const names = this.all?.constraints.map((row) => row.name) ?? [];
		const from = names.indexOf(name);
		const to = from + by;
		if (from < 0 || to < 0 || to >= names.length) return;
		names.splice(to, 0, ...names.splice(from, 1));
		this.#order = names;
	}

	/** Puts the objective's line at a value; null lets it stand where the present point is. */
	put(level: Rational | null): void {
		this.#level = level;
	}

	/** Turns the objective to other coefficients, in the order of the axes; null turns it back. */
	turn(coefficients: readonly Rational[] | null): void {
		this.#turned = coefficients;
	}
}

/** The construction of the region. */
export const useConstruction = oneForDesk((desk) => new Construction(desk.figure));
