import { solveLinear } from '$lib/core/answer/answer';
import { writtenDual, type DualForm, type DualNames } from '$lib/core/answer/dual-steps';
import { inLine, rangeReading, type RangeReading } from '$lib/core/commentary/ranges';
import { asksForWhole } from '$lib/core/integer/whole';
import type { Multipliers } from '$lib/core/answer/multipliers';
import { compare, isZero, ONE, parseRational, ZERO, type Rational } from '$lib/core/number/rational';
import { cellAt, numberMap, windowAround, type Cell } from '$lib/core/parametric/map';
import { parametricRun, solvedPosition, type Stretch } from '$lib/core/parametric/run';
import { numberOf, valueFunction, withNumber, type Varied } from '$lib/core/parametric/value-function';
import type { Plan, Problem } from '$lib/core/problem/types';
import { planOf } from '$lib/core/problem/use';
import { printStatement } from '$lib/core/problem/statement/print';
import { useDesk, type Desk } from './desk.svelte';
import { Running } from './running.svelte';

export const LOOKS = ['ranges', 'two', 'curve', 'dual', 'pairs'] as const;
export type SensitivityLook = (typeof LOOKS)[number];

/** What the ways of looking at what an answer is worth are called. */
export const LOOK_WORDS: Readonly<Record<SensitivityLook, string>> = {
	ranges: 'Ranges',
	two: 'Two at once',
	curve: 'As a function',
	dual: 'The dual, written',
	pairs: 'Plan and dual values'
};

export const sameNumber = (a: Varied | null, b: Varied | null): boolean =>
	!!a &&
	!!b &&
	('rhs' in a ? 'rhs' in b && a.rhs === b.rhs : 'objective' in b && a.objective === b.objective);

/** A point of the staircase: the best whole value at an amount; null where there is no whole plan. */
export interface Stair {
	readonly at: Rational;
	readonly value: Rational | null;
}

const MILLISECONDS = 20_000;

const NO_AMOUNTS: Plan = new Map();
const noDuals = (problem: Problem): Multipliers =>
	new Map(problem.constraints.map(({ name }) => [name, ZERO]));

/** What is looked at on the page Sensitivity: one number taken in the hand, or two, the dual, and dual values tried. */
export class Sensitivity {
	readonly #desk: Desk;
	#look = $state<SensitivityLook>('ranges');
	#first = $state.raw<Varied | null>(null);
	#second = $state.raw<Varied | null>(null);
	#moved = $state.raw<{ text: string; first: Rational | null; second: Rational | null } | null>(null);
	#form = $state<DualForm>('stated');
	#names = $state<DualNames>('y');
	#shown = $state<number | null>(null);
	#tried = $state.raw<{ text: string; plan: Plan; duals: Multipliers } | null>(null);
	#stairs = $state.raw<{ text: string; key: string; list: readonly Stair[] } | null>(null);

	readonly running = new Running<'staircase'>();

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	readonly #problem = $derived.by(() => (this.#desk.session.large ? null : this.#desk.document.problem));
	readonly #answer = $derived(this.#problem && solveLinear(this.#problem));
	readonly #tableau = $derived(this.#answer?.status === 'optimal' ? this.#answer.tableau : null);
	readonly #chosen = $derived.by((): Varied | null => {
		const { constraints, variables } = this.#problem ?? { constraints: [], variables: [] };
		if (this.#first && this.has(this.#first)) return this.#first;
		const worth = constraints.find(({ name }) => !isZero(this.#answer?.duals?.get(name) ?? ZERO));
		const [row] = worth ? [worth] : constraints;
		if (row) return { rhs: row.name };
		return variables[0] ? { objective: variables[0].name } : null;
	});
	readonly #other = $derived.by((): Varied | null => {
		const [problem, first] = [this.#problem, this.#chosen];
		if (!problem || !first) return null;
		const all: Varied[] =
			'rhs' in first
				? problem.constraints.map(({ name }) => ({ rhs: name }))
				: problem.variables.map(({ name }) => ({ objective: name }));
		const own = this.#second;
		if (own && 'rhs' in own === 'rhs' in first && this.has(own) && !sameNumber(own, first)) return own;
		return all.find((other) => !sameNumber(other, first)) ?? null;
	});
	readonly #reading = $derived(
		this.#tableau && this.#chosen ? rangeReading(this.#tableau, this.#chosen) : null
	);
	readonly #otherReading = $derived(
		this.#tableau && this.#other ? rangeReading(this.#tableau, this.#other) : null
	);
	readonly #runs = $derived.by(() => {
		const [problem, t, varied] = [this.#problem, this.#tableau, this.#chosen];
		if (!problem || !t || !varied) return null;
		const from = solvedPosition(problem, t);
		return { down: parametricRun(from, varied, -1), up: parametricRun(from, varied, 1) };
	});
	readonly #pieces = $derived(
		this.#problem && this.#chosen ? valueFunction(this.#problem, this.#chosen, null, null) : []
	);
	readonly #span = $derived.by((): { low: Rational; high: Rational } => {
		const ends = this.#pieces.flatMap(({ from, to }) => [from, to]);
		const known = [...ends, this.value, this.#reading?.now ?? null].flatMap((own) => own ?? []).sort(compare);
		const [low, high] = [known[0] ?? ZERO, known.at(-1) ?? ONE];
		const wide = high.equals(low) ? (isZero(high) ? ONE : high.abs()) : high.sub(low);
		return { low: low.sub(wide.div(5)), high: high.add(wide.div(5)) };
	});
	readonly #window = $derived.by(() => {
		const [problem, first, second] = [this.#problem, this.#chosen, this.#other];
		if (!problem || !first || !second) return null;
		const free = { low: null, high: null };
		const interval = (own: RangeReading | null) => (own ? { low: own.low.at, high: own.high.at } : free);
		return windowAround(problem, [first, second], [interval(this.#reading), interval(this.#otherReading)]);
	});
	readonly #cells = $derived.by((): readonly Cell[] => {
		const [problem, first, second, window] = [this.#problem, this.#chosen, this.#other, this.#window];
		return problem && first && second && window ? numberMap(problem, [first, second], window) : [];
	});
	readonly #whatIf = $derived.by((): Problem | null => {
		const [problem, first] = [this.#problem, this.#chosen];
		if (!problem || !first) return null;
		const one = withNumber(problem, first, this.value ?? numberOf(problem, first));
		const [second, value] = [this.#other, this.#look === 'two' ? this.secondValue : null];
		return second && value ? withNumber(one, second, value) : one;
	});
	readonly #written = $derived(this.#problem && writtenDual(this.#problem, this.#form, this.#names));

	has(varied: Varied): boolean {
		const problem = this.#problem;
		return 'rhs' in varied
			? !!problem?.constraints.some(({ name }) => name === varied.rhs)
			: !!problem?.variables.some(({ name }) => name === varied.objective);
	}

	get look(): SensitivityLook {
		return this.#look;
	}
	/** the problem as stated; null where there is none, or it is too large for the page */
	get problem(): Problem | null {
		return this.#problem;
	}
	/** whether whole numbers are asked for: then all this is of the relaxation */
	get isWhole(): boolean {
		return !!this.#problem && asksForWhole(this.#problem);
	}
	/** the relaxation, solved */
	get answer() {
		return this.#answer;
	}
	/** its last tableau, where it has a best plan */
	get tableau() {
		return this.#tableau;
	}
	/** the number taken in the hand */
	get varied(): Varied | null {
		return this.#chosen;
	}
	/** the second one, of the same sort */
	get other(): Varied | null {
		return this.#other;
	}
	get reading(): RangeReading | null {
		return this.#reading;
	}
	get otherReading(): RangeReading | null {
		return this.#otherReading;
	}
	/** the pivots as the number falls and rises; null where there is nothing to start from */
	get runs() {
		return this.#runs;
	}
	/** the stretches in one line, from the lowest number on */
	get stretches(): readonly Stretch[] {
		return this.#runs ? inLine(this.#runs.down, this.#runs.up) : [];
	}
	get pieces() {
		return this.#pieces;
	}
	/** how far the number is looked at along the curve: all breaks, the number, and some way on */
	get span() {
		return this.#span;
	}
	get window() {
		return this.#window;
	}
	get cells(): readonly Cell[] {
		return this.#cells;
	}
	/** the number as it was moved; as it is where it was not */
	get value(): Rational | null {
		const [problem, varied] = [this.#problem, this.#chosen];
		const moved = this.#moved?.text === this.#desk.document.text ? this.#moved.first : null;
		return moved ?? (problem && varied && numberOf(problem, varied));
	}
	get secondValue(): Rational | null {
		const [problem, varied] = [this.#problem, this.#other];
		const moved = this.#moved?.text === this.#desk.document.text ? this.#moved.second : null;
		return moved ?? (problem && varied && numberOf(problem, varied));
	}
	/** the cell of the map where the two numbers are */
	get here(): Cell | null {
		const [x, y] = [this.value, this.secondValue];
		return x && y ? cellAt(this.#cells, [x, y]) : null;
	}
	/** the problem with the numbers as they were moved */
	get whatIf(): Problem | null {
		return this.#whatIf;
	}
	/** what dual variables are called */
	get names(): DualNames {
		return this.#names;
	}
	get form(): DualForm {
		return this.#form;
	}
	/** the dual, with the steps in which it is written */
	get written() {
		return this.#written;
	}
	/** how many steps of the dual are shown */
	get steps(): number {
		const all = this.#written?.steps.length ?? 0;
		return Math.min(this.#shown ?? all, all);
	}
	/** the plan and the dual values being tried: at first, nothing at all */
	get tried(): { readonly plan: Plan; readonly duals: Multipliers } | null {
		const problem = this.#problem;
		if (!problem) return null;
		if (this.#tried?.text === this.#desk.document.text) return this.#tried;
		return { plan: planOf(problem, NO_AMOUNTS), duals: noDuals(problem) };
	}
	/** the staircase of whole numbers, as far as it was found for this number */
	get stairs(): readonly Stair[] {
		const own = this.#stairs;
		return own?.text === this.#desk.document.text && own.key === JSON.stringify(this.#chosen) ? own.list : [];
	}

	show(look: SensitivityLook): void {
		this.#look = look;
	}

	/** Takes a number in the hand; a second one of the same sort beside it. */
	take(varied: Varied, isSecond = false): void {
		this.#moved = null;
		if (isSecond) this.#second = varied;
		else {
			if (sameNumber(varied, this.#other)) this.#second = this.#chosen;
			this.#first = varied;
		}
	}

	/** Moves the number, and the second one; null puts it back. */
	move(first: Rational | null, second: Rational | null = this.#moved?.second ?? null): void {
		this.#moved = { text: this.#desk.document.text, first, second };
	}

	callDuals(names: DualNames): void {
		this.#names = names;
	}

	write(form: DualForm): void {
		this.#form = form;
		this.#shown = null;
	}

	/** Shows so many steps of the dual; null shows all. */
	step(to: number | null): void {
		this.#shown = to === null ? null : Math.max(0, to);
	}

	tryPlan(plan: Plan): void {
		const now = this.tried;
		if (now) this.#tried = { text: this.#desk.document.text, plan, duals: now.duals };
	}

	tryDuals(duals: Multipliers): void {
		const now = this.tried;
		if (now) this.#tried = { text: this.#desk.document.text, plan: now.plan, duals };
	}

	/** Solves for whole numbers at amounts side by side, off the page: each is told as it is found. */
	async climb(amounts: readonly Rational[]): Promise<void> {
		const [problem, varied] = [this.#problem, this.#chosen];
		if (!problem || !varied) return;
		const own = { text: this.#desk.document.text, key: JSON.stringify(varied) };
		this.#stairs = { ...own, list: [] };
		await this.running.during('staircase', async (signal) => {
			const { answerInWorker } = await import('$lib/work/client');
			for (const at of amounts) {
				const text = printStatement(withNumber(problem, varied, at));
				const answer = await answerInWorker(text, MILLISECONDS, () => {}, signal);
				const value =
					answer?.status === 'optimal' && answer.objective ? parseRational(answer.objective) : null;
				this.#stairs = { ...own, list: [...this.#stairs!.list, { at, value }] };
			}
		});
	}
}

const made = new WeakMap<Desk, Sensitivity>();

/** What is looked at of an answer's worth on the desk that the views above provide; made when it is first asked for. */
export function useSensitivity(): Sensitivity {
	const desk = useDesk();
	const known = made.get(desk);
	if (known) return known;
	// it outlives the page that asks for it first
	let fresh: Sensitivity;
	$effect.root(() => {
		fresh = new Sensitivity(desk);
	});
	made.set(desk, fresh!);
	return fresh!;
}
