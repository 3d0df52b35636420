import type { Relation } from '../problem/types';
import { formAsked } from './form';
import { scaledCycle } from './known-cycles';
import { planeOf } from './plane';
import type { Seeded } from './seeded';
import type { DesignRequest, ProblemDraft, FormPart, WishName } from './types';
import { sourcesAndSinks } from './wishes/transport';
import { other } from './wishes/wish';

/**
 * Candidates, proposed: by a construction where one is known (a plan and dual values first, then the data; rows that contradict one another; a direction
 * that is open; known cycles, scaled), at random elsewhere. A proposal promises nothing: whatever it is, it is judged afterwards.
 */

const dot = (a: readonly number[], b: readonly number[]): number =>
	a.reduce((sum, value, j) => sum + value * b[j], 0);

const divisor = (a: number, b: number): number => (b === 0 ? Math.abs(a) : divisor(b, a % b));

/** amounts of a plan that is not given */
const MOST_AMOUNT = 9;
/** how often a coefficient is one of the smallest where fractions are not wanted */
const SMOOTH = 0.75;
const ONES = [-1, 0, 1, 1, 1, 2];
/** what is sent in a transport problem, where the numbers leave room */
const LOT = 5;
/** attempts at a row before the whole draft is given up */
const ATTEMPTS = 12;

/** One draft after the other for a request. */
export class Proposer {
	readonly #request: DesignRequest;
	readonly #random: Seeded;
	/** how often a coefficient is made 0 */
	readonly #zeros: number;
	/** whether fractions on the way are not wanted */
	readonly #isSmooth: boolean;
	readonly #form: ReadonlySet<FormPart>;

	constructor(request: DesignRequest, random: Seeded) {
		this.#request = request;
		this.#random = random;
		this.#isSmooth = (other(request, 'denominator')?.atMost ?? 10) <= 3;
		this.#form = formAsked(request);
		const wanted = other(request, 'zeros')?.atLeast ?? 0;
		this.#zeros = Math.min(0.8, (1.2 * wanted) / (request.variables * request.constraints));
	}

	/** The next proposal; null where an attempt came to nothing. */
	next(): ProblemDraft | null {
		const request = this.#request;
		const is = other(request, 'answer')?.is;
		const face = other(request, 'best-dimension')?.exactly ?? (is === 'several' ? 1 : 0);
		const draft = other(request, 'cycle')
			? scaledCycle(request, this.#random)
			: other(request, 'transport')
				? this.#transport()
				: is === 'infeasible' || other(request, 'conflict')
					? this.#contradicting()
					: is === 'unbounded' || other(request, 'one-way-out')
						? this.#open()
						: this.#aroundPlan(face);
		return draft && this.#form.has('idle-row') ? this.#cuttingOff(draft) : draft;
	}

	#coefficient(): number {
		const { from, to } = this.#request.numbers;
		// a pivot on 1 divides nothing, and makes the next ones small
		if (this.#isSmooth && this.#random.chance(SMOOTH)) {
			const small = ONES.filter((value) => value >= from && value <= to);
			if (small.length) return this.#random.pick(small);
		}
		return this.#random.int(from, to);
	}

	#row(): number[] {
		for (;;) {
			const row = Array.from({ length: this.#request.variables }, () =>
				this.#random.chance(this.#zeros) ? 0 : this.#coefficient()
			);
			if (
				row.some((value) => value !== 0) ||
				(this.#request.numbers.from === 0 && this.#request.numbers.to === 0)
			)
				return row;
		}
	}

	#relations(): Relation[] {
		const { relations, constraints, sense } = this.#request;
		if (relations) return [...relations];
		const wanted = other(this.#request, 'artificial')?.exactly;
		const usual: Relation = sense === 'max' ? '<=' : '>=';
		const others: readonly Relation[] = sense === 'max' ? ['>=', '>=', '='] : ['<=', '<=', '='];
		const list = Array.from({ length: constraints }, (_, i): Relation => {
			if (wanted !== undefined) return i < wanted ? this.#random.pick(['>=', '>=', '=']) : '<=';
			return this.#random.chance(0.75) ? usual : this.#random.pick(others);
		});
		return this.#random.shuffled(list);
	}

	/** The plan that is wished, or one with as many zeros as the binding rows leave open. */
	#point(bindingRows: number | undefined): number[] {
		const { plan, variables } = this.#request;
		if (plan) return [...plan.point];
		const point = Array.from({ length: variables }, () => this.#random.int(1, MOST_AMOUNT));
		const zeros =
			bindingRows !== undefined
				? Math.max(0, variables - bindingRows)
				: this.#random.chance(0.25)
					? this.#random.int(1, variables - 1)
					: 0;
		for (const j of this.#random.shuffled(point.map((_, i) => i)).slice(0, zeros)) point[j] = 0;
		return point;
	}

	/** Rows around a plan, some of which bind there; the objective a positive mix of those, so that the plan is a best one. */
	#aroundPlan(face: number): ProblemDraft | null {
		const isEdge = face > 0;
		const { variables, constraints, plan, numbers } = this.#request;
		const random = this.#random;
		const named = other(this.#request, 'binding')?.rows;
		const isDegenerate =
			other(this.#request, 'degenerate')?.is === true ||
			['zero-step', 'both-degenerate', 'worthless-limit'].some((kind) =>
				other(this.#request, kind as WishName)
			);
		const allUsed = other(this.#request, 'all-used');
		const isFree =
			plan?.shall !== 'best' &&
			!allUsed &&
			!named &&
			!isEdge &&
			!other(this.#request, 'whole-plan') &&
			random.chance(0.5);
		const point = this.#point(named?.length);
		const relations = this.#relations();
		const zeros = point.filter((value) => value === 0).length;
		const equal = relations.flatMap((relation, i) => (relation === '=' ? [i] : []));
		const wanted = Math.min(
			constraints,
			allUsed ? constraints - allUsed.but : Math.max(0, variables - zeros) + (isDegenerate ? 1 : 0)
		);
		const rest = random.shuffled(relations.flatMap((relation, i) => (relation === '=' ? [] : [i])));
		const tight = new Set(
			named
				? named.map((name) => Number(name.slice(1)) - 1)
				: isFree
					? [
							...equal,
							...rest.slice(0, random.int(0, Math.min(rest.length, isDegenerate ? variables + 1 : 1)))
						]
					: [...equal, ...rest.slice(0, Math.max(0, wanted - equal.length))]
		);
		const rows: number[][] = [];
		const rhs: number[] = [];
		for (let i = 0; i < constraints; i++) {
			const found = this.#rowAt(point, relations[i], tight.has(i));
			if (!found) return null;
			rows.push(found.row);
			rhs.push(found.rhs);
		}
		if (isFree) return { rows, relations, rhs, costs: this.#row() };
		const costs = this.#costs(rows, relations, [...tight], point, face);
		return costs && costs.every((value) => value >= numbers.from && value <= numbers.to)
			? { rows, relations, rhs, costs }
			: null;
	}

	/** A row that a plan keeps, exactly or with something left. */
	#rowAt(
		point: readonly number[],
		relation: Relation,
		isTight: boolean
	): { row: number[]; rhs: number } | null {
		const { numbers, plan } = this.#request;
		for (let i = 0; i < ATTEMPTS; i++) {
			const row = this.#row();
			const used = dot(row, point);
			const slack =
				isTight || relation === '=' ? 0 : this.#random.int(1, Math.max(2, Math.ceil(Math.abs(used) / 2)));
			const rhs = relation === '>=' ? used - slack : used + slack;
			if (rhs >= 0 && (rhs <= numbers.rhs || (plan && used > numbers.rhs))) return this.#reduced(row, rhs);
		}
		return null;
	}

	/** The same row without its common factor, where good form asks for that and the numbers stay within what is wished. */
	#reduced(row: number[], rhs: number): { row: number[]; rhs: number } {
		const { from, to } = this.#request.numbers;
		const common = [...row, rhs].reduce(divisor, 0);
		const smaller = row.map((value) => value / common);
		return common > 1 &&
			this.#form.has('common-factor') &&
			smaller.every((value) => value >= from && value <= to)
			? { row: smaller, rhs: rhs / common }
			: { row, rhs };
	}

	/**
	 * The same draft in two variables where each constraint that cuts nothing off is replaced by one that cuts off a single corner, not a best one: so no other
	 * constraint loses its edge.
	 */
	#cuttingOff(draft: ProblemDraft): ProblemDraft {
		let own = draft;
		for (let k = 0; k < 2 * draft.rows.length; k++) {
			const plane = planeOf(own, this.#request.sense);
			const idle = plane?.idle?.at(0);
			if (!plane || idle === undefined) return own;
			const row = this.#row();
			const turn = own.relations[idle] === '>=' ? -1 : 1;
			const far = plane.corners
				.map(({ at: [x, y, w] }, i) => ({ i, reach: (turn * (row[0] * x + row[1] * y)) / w }))
				.sort((a, b) => b.reach - a.reach);
			const isOpen = plane.rays.some(([x, y]) => turn * (row[0] * x + row[1] * y) > 0);
			if (isOpen || far.length < 2 || plane.best.includes(far[0].i)) continue;
			// a whole number strictly between what the farthest corner and the next one reach; the plane is judged again afterwards
			const [least, most] = [Math.floor(far[1].reach) + 1, Math.ceil(far[0].reach) - 1];
			if (least > most) continue;
			const rhs = turn * this.#random.int(least, most);
			const { plan, numbers } = this.#request;
			const losesPlan = plan !== null && turn * dot(row, plan.point) > turn * rhs;
			if (rhs < 0 || rhs > numbers.rhs || losesPlan) continue;
			const better = this.#reduced(row, rhs);
			own = {
				...own,
				rows: own.rows.with(idle, better.row),
				rhs: own.rhs.with(idle, better.rhs)
			};
		}
		return own;
	}

	/** Coefficients of the objective for which the plan is best: a positive mix of the binding rows, less something where an amount is 0. */
	#costs(
		rows: readonly number[][],
		relations: readonly Relation[],
		tight: readonly number[],
		point: readonly number[],
		face: number
	): number[] | null {
		const { sense, numbers, variables } = this.#request;
		const isEdge = face > 0;
		const random = this.#random;
		const turn = sense === 'max' ? 1 : -1;
		const used = isEdge ? random.shuffled(tight).slice(0, Math.max(1, tight.length - face)) : tight;
		const sum = Array<number>(variables).fill(0);
		for (const i of used) {
			const sign = relations[i] === '=' ? random.pick([1, -1]) : relations[i] === '<=' ? turn : -turn;
			const times = random.pick([1, 1, 2, 3]) * sign;
			rows[i].forEach((value, j) => (sum[j] += times * value));
		}
		point.forEach((amount, j) => {
			if (amount === 0 && !isEdge) sum[j] -= turn * random.int(0, 4);
		});
		const common = sum.reduce((a, b) => divisor(a, b), 0);
		if (common === 0) return null;
		const small = sum.map((value) => value / common);
		const most = Math.max(...small.map(Math.abs));
		const limit = Math.max(Math.abs(numbers.from), Math.abs(numbers.to));
		if (most <= limit) {
			const factor = random.int(1, Math.floor(limit / most));
			return small.map((value) => value * factor);
		}
		// rounded it may leave the cone: the judge sees, but a plan that was chosen keeps what it promises
		return isEdge || this.#request.plan?.shall === 'best'
			? null
			: small.map((value) => Math.round((value * limit) / most));
	}

	/** From each source to each sink: the sources have somewhat more than the sinks need, and costs are at random. */
	#transport(): ProblemDraft | null {
		const { variables, constraints, numbers, relations } = this.#request;
		const size = sourcesAndSinks(variables, constraints);
		if (!size) return null;
		const random = this.#random;
		const { sources, sinks } = size;
		const unit = numbers.rhs >= 8 * LOT ? LOT : 1;
		const most = Math.floor(numbers.rhs / (unit * sinks));
		if (most < 1) return null;
		const needs = Array.from({ length: sinks }, () => unit * random.int(1, most));
		const total = needs.reduce((sum, own) => sum + own, 0);
		// up to eight variables there are two sources; neither has enough alone, so that each matters
		const first = unit * random.int(1, Math.max(1, total / unit - 1));
		const spare = unit * random.int(0, Math.max(1, Math.floor(total / (4 * unit))));
		const amounts = [first, total - first + spare, ...needs];
		const order = relations
			? [...relations.keys()].sort((i, k) => Number(relations[i] !== '<=') - Number(relations[k] !== '<='))
			: Array.from({ length: constraints }, (_, i) => i);
		const rows: number[][] = Array.from({ length: constraints }, () => []);
		const rhs: number[] = [];
		order.forEach((place, i) => {
			rows[place] = Array.from({ length: variables }, (_, j) =>
				Number(i < sources ? Math.floor(j / sinks) === i : j % sinks === i - sources)
			);
			rhs[place] = amounts[i];
		});
		return {
			rows,
			relations: relations ? [...relations] : rows.map((_, i) => (i < sources ? '<=' : '>=')),
			rhs,
			costs: Array.from({ length: variables }, () =>
				random.int(Math.max(1, numbers.from), Math.max(1, numbers.to))
			)
		};
	}

	/** Two rows that contradict each other, the second a part of the first that shall be more; the others at random. */
	#contradicting(): ProblemDraft | null {
		const { constraints, variables, numbers } = this.#request;
		const random = this.#random;
		const relations = this.#relations();
		if (!relations.some((relation) => relation !== '<=')) relations[random.int(0, constraints - 1)] = '>=';
		const above = random.pick(relations.flatMap((relation, i) => (relation === '<=' ? [] : [i])));
		const most = (other(this.#request, 'conflict')?.exactly ?? 2) - 1;
		const below = random
			.shuffled(relations.flatMap((relation, i) => (relation === '>=' || i === above ? [] : [i])))
			.slice(0, Math.max(1, most));
		const rows = relations.map(() => this.#row());
		const rhs = relations.map(() => random.int(Math.min(MOST_AMOUNT, numbers.rhs), numbers.rhs));
		if (below.length === 0 || most === 0) {
			// rows ≥ only: no amount helps where no coefficient is positive
			rows[above] = Array.from({ length: variables }, () =>
				random.int(numbers.from, Math.min(0, numbers.to))
			);
			rhs[above] = random.int(1, Math.max(1, numbers.rhs));
		} else {
			// less than all of them together, and more is asked for
			rows[above] = rows[above].map((_, j) => {
				const together = below.reduce((sum, i) => sum + rows[i][j], 0);
				const upTo = Math.min(numbers.to, together);
				return random.int(Math.min(upTo, Math.max(numbers.from, upTo - 3)), upTo);
			});
			const upper = Math.floor(Math.max(0, numbers.rhs - 1) / below.length);
			for (const i of below) rhs[i] = random.int(Math.min(MOST_AMOUNT, upper), upper);
			const together = below.reduce((sum, i) => sum + rhs[i], 0);
			const near = together + Math.max(MOST_AMOUNT, Math.ceil(together / 2));
			rhs[above] = random.int(together + 1, Math.max(together + 1, Math.min(numbers.rhs, near)));
		}
		return rows.every((row) => row.some((value) => value !== 0))
			? { rows, relations, rhs, costs: this.#row() }
			: null;
	}

	/** A direction that no row ends, and an objective that it improves. */
	#open(): ProblemDraft | null {
		const { variables, constraints, sense } = this.#request;
		const random = this.#random;
		const way = Array.from({ length: variables }, () => random.int(0, 2));
		if (!way.some((value) => value > 0)) way[random.int(0, variables - 1)] = 1;
		const point = this.#point(undefined);
		const relations = this.#relations();
		const rows: number[][] = [];
		const rhs: number[] = [];
		for (let i = 0; i < constraints; i++) {
			let found: { row: number[]; rhs: number } | null = null;
			for (let k = 0; k < ATTEMPTS && !found; k++) {
				const own = this.#rowAt(point, relations[i], false);
				if (!own) continue;
				const along = dot(own.row, way);
				const isOpen = relations[i] === '<=' ? along <= 0 : relations[i] === '>=' ? along >= 0 : along === 0;
				if (isOpen) found = own;
			}
			if (!found) return null;
			rows.push(found.row);
			rhs.push(found.rhs);
		}
		const costs = this.#row();
		const gain = dot(costs, way) * (sense === 'max' ? 1 : -1);
		return gain > 0 ? { rows, relations, rhs, costs } : null;
	}
}
