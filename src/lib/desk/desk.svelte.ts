import { zeroPivotRemark } from '$lib/core/commentary/pivot';
import type { Remark } from '$lib/core/commentary/sentence';
import { bestCorners, region } from '$lib/core/geometry/region';
import type { Point } from '$lib/core/geometry/types';
import type { Form } from '$lib/core/form/types';
import { basisKey } from '$lib/core/method/primal';
import { advise, type Advice } from '$lib/core/method/rules';
import { slackStart } from '$lib/core/method/slack-start';
import type { Rule } from '$lib/core/method/types';
import { keeper, keepSame } from '$lib/core/keep';
import type { NumberStyle } from '$lib/core/number/show';
import { readStatement, type Reading } from '$lib/core/problem/statement/read';
import type { Plan, Problem } from '$lib/core/problem/types';
import { cell, isInRegion, isPrimalFeasible, pivot, readPlan, type Tableau } from '$lib/core/tableau/tableau';
import type { Tree } from '@lezer/common';
import { Cancelled, readInWorker } from '$lib/work/client';
import { DEMO_STATEMENT } from './demo';
import { identities, samePointed, type Identity, type Pointed } from './identity';
import { isLarge, LargeAnswer } from './large.svelte';
import { newLesson, type DeskRule, type Lesson, type RegionView } from './lesson';
import { remarksOn } from './remarks';
import {
	NEW_TRAIL,
	pathTo,
	takeStep,
	whereabouts,
	withoutImpossible,
	type Trail,
	type TrailNode,
	type TrailStop,
	type Whereabouts
} from './trail';

const REGION_LINES = 80;
const MOST_STEPS = 500;
/** characters that are read between two frames; longer texts go to the worker when typing pauses */
const READ_AT_ONCE = 6_000;
const PAUSE = 200;
/** milliseconds of pivots between two breaths of the page */
const AT_ONCE = 20;

/** The state of an open lesson: what is stated, where in the trail we are, what is pointed at. Drawing is the views' part. */
export class Desk {
	text = $state('');
	trail = $state.raw<Trail>(NEW_TRAIL);
	rule = $state<DeskRule>('dantzig');
	numbers = $state<NumberStyle>('fraction');
	view = $state.raw<RegionView | null>(null);
	pointed = $state.raw<Pointed | null>(null);
	/** the column under consideration, by index, while it can enter */
	considered = $state<number | null>(null);
	private readonly keptIdentities = keeper<ReadonlyMap<string, Identity>>();
	private readonly keptRemarks = keeper<readonly Remark[]>();
	private readonly keptPath = keeper<readonly TrailNode[]>();
	private memory: { form: Form | null; stops?: ReadonlyMap<number, TrailStop> } = { form: null };
	private pendingRead: AbortController | null = null;
	private refused = $state.raw<Remark | null>(null);

	/** the last right problem; it stays while the text is wrong */
	problem = $state.raw<Problem | null>(null);
	/** what the text reads as */
	reading = $state.raw<Reading>({ problem: null, diagnostics: [], places: [] });

	readonly stale = $derived(this.reading.problem === null && this.problem !== null);
	readonly answer = new LargeAnswer();
	// few derived values, each from few others: the library marks everything once for each way that leads there
	private readonly start = $derived(this.problem && !this.large ? slackStart(this.problem) : null);
	private readonly whereabouts = $derived(this.findWhereabouts());
	readonly standing = $derived(this.whereabouts.stop.node.id);
	readonly path = $derived(this.keptPath(pathTo(this.trail, this.standing)));
	readonly identities = $derived(this.keptIdentities(identities(this.problem)));
	readonly advice: Advice | null = $derived(
		this.tableau && this.feasible ? advise(this.tableau, [0], this.fullRule) : null
	);
	readonly region = $derived.by(() => {
		const { problem } = this;
		if (!problem || problem.variables.length !== 2 || problem.constraints.length > REGION_LINES) return null;
		return region(problem);
	});
	readonly best = $derived(this.problem && this.region ? bestCorners(this.problem, this.region) : null);
	readonly remarks: readonly Remark[] = $derived(
		this.keptRemarks(this.start ? remarksOn(this.start, this.whereabouts, this.advice, this.refused) : [])
	);

	constructor(lesson: Lesson = newLesson(DEMO_STATEMENT)) {
		this.open(lesson);
	}

	/** too large to be pivoted through on the page; a worker answers it instead */
	get large(): boolean {
		return this.problem !== null && isLarge(this.problem);
	}
	get form(): Form | null {
		return this.start?.ready ? this.start.form : null;
	}
	/** the trail's steps with their tableaux */
	get stops(): ReadonlyMap<number, TrailStop> {
		return this.whereabouts.stops;
	}
	/** the step we stand on */
	get stop(): TrailStop {
		return this.whereabouts.stop;
	}
	get tableau(): Tableau | null {
		return this.whereabouts.stop.tableau;
	}
	get feasible(): boolean {
		return this.whereabouts.feasible;
	}
	get inRegion(): boolean {
		return this.feasible || (!!this.tableau && isInRegion(this.tableau));
	}
	get plan(): Plan | null {
		return this.tableau && readPlan(this.tableau);
	}

	private get fullRule(): Rule {
		return { entering: this.rule, ties: 'lowest-index' };
	}

	/** Shows a lesson in place of the present one. */
	open(lesson: Lesson): void {
		this.problem = null;
		this.write(lesson.statement);
		this.trail = lesson.trail;
		this.rule = lesson.rule;
		this.numbers = lesson.numbers;
		this.view = lesson.view;
		this.considered = null;
	}

	/** The lesson as it is kept. */
	get lesson(): Lesson {
		return {
			format: 'mathesis-lesson',
			version: 1,
			statement: this.text,
			trail: this.trail,
			rule: this.rule,
			numbers: this.numbers,
			view: this.view
		};
	}

	/**
	 * Takes in the statement's text; a wrong text leaves the last right problem where it is.
	 * @param tree the text's syntax, where an editor knows it
	 */
	write(text: string, tree?: Tree): void {
		this.text = text;
		this.pendingRead?.abort();
		if (text.length <= READ_AT_ONCE) this.take(readStatement(text, tree));
		else void this.readLong(text);
	}

	/** A long text is read by a worker, once typing pauses. */
	private async readLong(text: string): Promise<void> {
		const pending = new AbortController();
		this.pendingRead = pending;
		await new Promise((resolve) => setTimeout(resolve, PAUSE));
		if (pending.signal.aborted) return;
		try {
			this.take(await readInWorker(text, pending.signal));
		} catch (error) {
			// without a worker the page may be slow, but it works
			if (!(error instanceof Cancelled)) this.take(readStatement(text));
		}
	}

	private take(reading: Reading): void {
		this.reading = reading;
		const { problem } = reading;
		// views draw again what is another object
		const kept = problem && keepSame(this.problem, problem);
		if (!kept || kept === this.problem) return;
		this.problem = kept;
		this.refused = null;
		this.considered = null;
		if (this.large) void this.answer.find(this.text);
		else this.answer.cancel();
	}

	/** Pivots at a row and kernel position by hand; a zero entry is refused with the reason. */
	pivotAt(row: number, position: number): void {
		const { tableau } = this;
		if (!tableau) return;
		if (!cell(tableau, row, position)) {
			this.refused = zeroPivotRemark(tableau, row, tableau.nonbasic[position]);
			return;
		}
		this.step(tableau, row, position, 'hand');
	}

	private step(tableau: Tableau, row: number, position: number, by: DeskRule | 'hand'): void {
		const columns = tableau.form.columns;
		const outside = by === 'hand' && !isPrimalFeasible(pivot(tableau, row, position));
		const choice = {
			enter: columns[tableau.nonbasic[position]].id,
			leave: columns[tableau.basis[row]].id,
			by,
			...(outside ? { outside } : {})
		};
		// a step from where the statement forced us back to starts there
		this.trail = takeStep({ ...this.trail, current: this.standing }, choice);
		this.refused = null;
		this.considered = null;
	}

	/** Does what the rule says; false where there is nothing more to do. */
	next(): boolean {
		const { tableau, advice } = this;
		if (!tableau || advice?.kind !== 'pivot') return false;
		this.step(tableau, advice.choice.row, advice.choice.position, this.rule);
		return true;
	}

	/**
	 * Follows the rule to its end, or until a basis comes back; in pieces, so that the page stays responsive. Whatever else is
	 * done meanwhile ends it.
	 */
	async toTheEnd(): Promise<void> {
		const seen: string[] = [];
		let paused = performance.now();
		for (let i = 0; i < MOST_STEPS; i++) {
			const key = this.tableau ? basisKey(this.tableau) : '';
			if (seen.includes(key) || !this.next()) return;
			seen.push(key);
			if (performance.now() - paused < AT_ONCE) continue;
			const { trail } = this;
			await new Promise((resolve) => setTimeout(resolve));
			if (this.trail !== trail) return;
			paused = performance.now();
		}
	}

	/** Where in the trail we stand; what belongs to the same form is kept from one time to the next. */
	private findWhereabouts(): Whereabouts {
		const { form, trail } = this;
		const found = whereabouts(trail, form, this.memory.form === form ? this.memory.stops : undefined);
		this.memory = { form, stops: found.stops };
		return found;
	}

	/** Goes to a step of the trail that the statement allows. */
	goTo(id: number): void {
		if (!this.stops.get(id)?.tableau) return;
		this.trail = { ...this.trail, current: id };
		this.refused = null;
		this.considered = null;
	}

	/** The point of the plane that a step of the trail stands on; null with other than two variables. */
	pointOf(id: number): Point | null {
		const tableau = this.stops.get(id)?.tableau;
		if (!tableau || !this.region) return null;
		const plan = readPlan(tableau);
		const [x, y] = this.region.axes.map((name) => plan.get(name)!);
		return { x, y };
	}

	/** The points of all steps taken so far. */
	get trailPoints(): Point[] {
		return this.trail.nodes.flatMap((node) => this.pointOf(node.id) ?? []);
	}

	/** Steps of the trail that the statement no longer allows, while it allows a start. */
	get impossible(): number {
		return this.form ? [...this.stops.values()].filter(({ tableau }) => !tableau).length : 0;
	}

	/** Takes those steps out of the trail, as the reader asks. */
	forgetImpossible(): void {
		this.trail = withoutImpossible(this.trail, this.stops);
	}

	back(): void {
		const { parent } = this.stop.node;
		if (parent !== null) this.goTo(parent);
	}

	point(pointed: Pointed | null): void {
		if (pointed === this.pointed || samePointed(pointed, this.pointed)) return;
		this.pointed = pointed;
	}

	isPointed(pointed: Pointed | null): boolean {
		return samePointed(pointed, this.pointed);
	}
}
