import { en } from '../core/language/language';
import { solveLinear } from '$lib/core/answer/answer';
import { newcomer, type Activity, type Newcomer } from '$lib/core/answer/newcomer';
import {
	coefficientFound,
	inLine,
	rangeReading,
	type CoefficientFinding,
	type RangeReading
} from '$lib/core/commentary/ranges';
import { asksForWhole } from '$lib/core/problem/whole';
import type { Multipliers } from '$lib/core/answer/multipliers';
import { compare, isZero, ONE, parseRational, ZERO, type Rational } from '$lib/core/number/rational';
import { cellAt, windowAround, type MapCell, type Window } from '$lib/core/parametric/map';
import { parametricRun, piecesOf, solvedPosition } from '$lib/core/move/parametric-run';
import { type Stretch } from '$lib/core/parametric/stretch';
import { valueFunction } from '$lib/core/parametric/value-function';
import { numberOf, withNumber, type Varied } from '$lib/core/problem/varied';
import type { Plan, Problem } from '$lib/core/problem/types';
import { planOf } from '$lib/core/problem/use';
import { printStatement } from '$lib/core/problem/statement/print';
import { writeProblem } from '$lib/core/problem/codec';
import { untrack } from 'svelte';
import { DualWriting } from './dual-writing.svelte';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { Running } from './running.svelte';

export const LOOKS = ['ranges', 'two', 'curve', 'dual', 'both', 'pairs'] as const;
export type SensitivityLook = (typeof LOOKS)[number];

/** What the ways of looking at what an answer is worth are called. */
export const LOOK_WORDS: Readonly<Record<SensitivityLook, string>> = {
	ranges: en`Ranges`,
	two: en`Two at once`,
	curve: en`As a function`,
	dual: en`The dual, written`,
	both: en`Both solved`,
	pairs: en`Plan and dual values`
};

export const sameNumber = (a: Varied | null, b: Varied | null): boolean =>
	!!a &&
	!!b &&
	('rhs' in a ? 'rhs' in b && a.rhs === b.rhs : 'objective' in b && a.objective === b.objective);

/** A point of the staircase: the best integer value at an amount; null where there is no integer plan. */
export interface Stair {
	readonly at: Rational;
	readonly value: Rational | null;
}

const MILLISECONDS = 20_000;

const NO_CELLS: readonly MapCell[] = [];
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
	#tried = $state.raw<{ text: string; plan: Plan; duals: Multipliers } | null>(null);
	#map = $state.raw<{ of: unknown; cells: readonly MapCell[] } | null>(null);
	#stairs = $state.raw<{ text: string; key: string; list: readonly Stair[] } | null>(null);

	readonly running = new Running<'staircase'>();
	/** the map, while it is being made off the page */
	readonly mapping = new Running<'map'>();

	/** the dual as a course writes it */
	readonly dual: DualWriting;

	constructor(desk: Desk) {
		this.#desk = desk;
		this.dual = new DualWriting(
			() => this.problem,
			() => this.tableau,
			desk
		);
		$effect(() => {
			const asked = this.#mapped;
			if (asked) void untrack(() => this.#drawMap(asked));
		});
	}

	async #drawMap(asked: { problem: Problem; varied: readonly [Varied, Varied]; window: Window }) {
		await this.mapping.during('map', async (signal) => {
			const { mapInWorker } = await import('$lib/work/client');
			const json = writeProblem(asked.problem);
			const cells = await mapInWorker(json, asked.varied, asked.window, MILLISECONDS, signal);
			this.#map = { of: asked, cells };
		});
	}

	/** the problem as stated; null where there is none, or it is too large for the page */
	readonly problem: Problem | null = $derived.by(() =>
		this.#desk.session.large ? null : this.#desk.document.problem
	);
	/** the relaxation, solved */
	readonly answer = $derived(this.problem && solveLinear(this.problem));
	/** its last tableau, where it has a best plan */
	readonly tableau = $derived(this.answer?.status === 'optimal' ? this.answer.tableau : null);
	/** the number taken in the hand */
	readonly varied = $derived.by((): Varied | null => {
		const { constraints, variables } = this.problem ?? { constraints: [], variables: [] };
		if (this.#first && this.has(this.#first)) return this.#first;
		const worth = constraints.find(({ name }) => !isZero(this.answer?.duals?.get(name) ?? ZERO));
		const [row] = worth ? [worth] : constraints;
		if (row) return { rhs: row.name };
		return variables[0] ? { objective: variables[0].name } : null;
	});
	/** the second one, of the same sort */
	readonly other = $derived.by((): Varied | null => {
		const [problem, first] = [this.problem, this.varied];
		if (!problem || !first) return null;
		const all: Varied[] =
			'rhs' in first
				? problem.constraints.map(({ name }) => ({ rhs: name }))
				: problem.variables.map(({ name }) => ({ objective: name }));
		const own = this.#second;
		if (own && 'rhs' in own === 'rhs' in first && this.has(own) && !sameNumber(own, first)) return own;
		return all.find((other) => !sameNumber(other, first)) ?? null;
	});
	readonly reading: RangeReading | null = $derived(
		this.tableau && this.varied ? rangeReading(this.tableau, this.varied) : null
	);
	readonly otherReading: RangeReading | null = $derived(
		this.tableau && this.other ? rangeReading(this.tableau, this.other) : null
	);
	/** the pivots as the number falls and rises; null where there is nothing to start from */
	readonly runs = $derived.by(() => {
		const [problem, t, varied] = [this.problem, this.tableau, this.varied];
		if (!problem || !t || !varied) return null;
		const from = solvedPosition(problem, t);
		return { down: parametricRun(from, varied, -1), up: parametricRun(from, varied, 1) };
	});
	readonly pieces = $derived.by(() => {
		const [problem, varied, runs] = [this.problem, this.varied, this.runs];
		if (!problem || !varied) return [];
		const found = runs && piecesOf(varied, runs.down, runs.up);
		return found ?? valueFunction(problem, varied, null, null);
	});
	/** how far the number is looked at along the curve: all breaks, the number, and some way on */
	readonly span = $derived.by((): { low: Rational; high: Rational } => {
		const ends = this.pieces.flatMap(({ from, to }) => [from, to]);
		const known = [...ends, this.value, this.reading?.now ?? null].flatMap((own) => own ?? []).sort(compare);
		const [low, high] = [known[0] ?? ZERO, known.at(-1) ?? ONE];
		const wide = high.equals(low) ? (isZero(high) ? ONE : high.abs()) : high.sub(low);
		return { low: low.sub(wide.div(5)), high: high.add(wide.div(5)) };
	});
	readonly window = $derived.by(() => {
		const [problem, first, second] = [this.problem, this.varied, this.other];
		if (!problem || !first || !second) return null;
		const free = { low: null, high: null };
		const interval = (own: RangeReading | null) => (own ? { low: own.low.at, high: own.high.at } : free);
		return windowAround(problem, [first, second], [interval(this.reading), interval(this.otherReading)]);
	});
	/** what the map is of; null while it is not looked at */
	readonly #mapped = $derived.by(() => {
		const [problem, first, second, window] = [this.problem, this.varied, this.other, this.window];
		if (!problem || !first || !second || !window || this.#look !== 'two') return null;
		return { problem, varied: [first, second] as const, window };
	});
	/** the problem with the numbers as they were moved */
	readonly whatIf = $derived.by((): Problem | null => {
		const [problem, first] = [this.problem, this.varied];
		if (!problem || !first) return null;
		const one = withNumber(problem, first, this.value ?? numberOf(problem, first));
		const [second, value] = [this.other, this.#look === 'two' ? this.secondValue : null];
		return second && value ? withNumber(one, second, value) : one;
	});

	/** a best plan of that; null where there is none */
	readonly changedPlan = $derived.by((): Plan | null => {
		const changed = this.whatIf;
		return changed && !this.#desk.session.large ? (solveLinear(changed).solution ?? null) : null;
	});

	has(varied: Varied): boolean {
		const problem = this.problem;
		return 'rhs' in varied
			? !!problem?.constraints.some(({ name }) => name === varied.rhs)
			: !!problem?.variables.some(({ name }) => name === varied.objective);
	}

	get look(): SensitivityLook {
		return this.#look;
	}
	/** whether whole numbers are asked for: then all this is of the relaxation */
	readonly isWhole: boolean = $derived(!!this.problem && asksForWhole(this.problem));
	/** the stretches in one line, from the lowest number on */
	readonly stretches: readonly Stretch[] = $derived(this.runs ? inLine(this.runs.down, this.runs.up) : []);
	/** the parts of the map; none before they are found */
	readonly cells: readonly MapCell[] = $derived(
		this.#map && this.#map.of === this.#mapped ? this.#map.cells : NO_CELLS
	);
	/** the number as it was moved; as it is where it was not */
	readonly value: Rational | null = $derived.by(() => {
		const [problem, varied] = [this.problem, this.varied];
		const moved = this.#moved?.text === this.#desk.document.text ? this.#moved.first : null;
		return moved ?? (problem && varied && numberOf(problem, varied));
	});
	readonly secondValue: Rational | null = $derived.by(() => {
		const [problem, varied] = [this.problem, this.other];
		const moved = this.#moved?.text === this.#desk.document.text ? this.#moved.second : null;
		return moved ?? (problem && varied && numberOf(problem, varied));
	});
	/** the cell of the map where the two numbers are */
	readonly here: MapCell | null = $derived.by(() => {
		const [x, y] = [this.value, this.secondValue];
		return x && y ? cellAt(this.cells, [x, y]) : null;
	});
	/** the plan and the dual values being tried: at first, nothing at all */
	get tried(): { readonly plan: Plan; readonly duals: Multipliers } | null {
		const problem = this.problem;
		if (!problem) return null;
		if (this.#tried?.text === this.#desk.document.text) return this.#tried;
		return { plan: planOf(problem, NO_AMOUNTS), duals: noDuals(problem) };
	}
	/** the staircase of whole numbers, as far as it was found for this number */
	readonly stairs: readonly Stair[] = $derived.by(() => {
		const own = this.#stairs;
		return own?.text === this.#desk.document.text && own.key === JSON.stringify(this.varied) ? own.list : [];
	});

	/** How far a coefficient inside a row may move; the problem has a best plan. */
	coefficient(row: string, variable: string): CoefficientFinding {
		return coefficientFound(this.tableau!, row, variable);
	}

	/** What adding an activity would do, priced out and solved; null where there is no best plan to add it to. */
	newcomer(activity: Activity): Newcomer | null {
		const [problem, answer] = [this.problem, this.answer];
		return problem && answer?.duals && answer.objective
			? newcomer(problem, answer.duals, answer.objective, activity)
			: null;
	}

	show(look: SensitivityLook): void {
		this.#look = look;
	}

	/** Takes a number in the hand; a second one of the same sort beside it. */
	take(varied: Varied, isSecond = false): void {
		this.#moved = null;
		if (isSecond) this.#second = varied;
		else {
			if (sameNumber(varied, this.other)) this.#second = this.varied;
			this.#first = varied;
		}
	}

	/** Moves the number, and the second one; null puts it back. */
	move(first: Rational | null, second: Rational | null = this.#moved?.second ?? null): void {
		this.#moved = { text: this.#desk.document.text, first, second };
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
		const [problem, varied] = [this.problem, this.varied];
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

/** What is looked at of an answer’s worth. */
export const useSensitivity = oneForDesk((desk) => new Sensitivity(desk));
