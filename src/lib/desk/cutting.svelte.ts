import { fraction } from '$lib/core/integer/cut';
import { roundsOf } from '$lib/core/move/rounds';
import type { CutMove } from '$lib/core/move/types';
import type { Rational } from '$lib/core/number/rational';
import { OBJECTIVE } from '$lib/core/tableau/goal';
import { columnOf, goalValue, rhs } from '$lib/core/tableau/tableau';
import type { Desk } from './desk.svelte';
import type { IntegerWork } from './integer-work';
import type { Running } from './running.svelte';

export const CUT_RULES = ['first', 'largest', 'lexicographic'] as const;
export type CutRule = (typeof CUT_RULES)[number];

/** A row that a cut can be made from. */
export interface CutCandidate {
	readonly row: CutMove['row'];
	readonly name: string;
	readonly value: Rational;
	readonly part: Rational;
}

const MOST_ROUNDS = 200;

/**
 * Brings the relaxation to its end, from the start where nothing was begun. Where bounds of whole variables are fractional, it begins anew with
 * whole ones: cuts and branches need them.
 */
export async function solveRelaxation({ session }: Desk): Promise<void> {
	const inward = session.starts.find(({ move }) => move.kind === 'inward');
	const isInward = session.stops.some(({ node }) => node.move?.kind === 'inward');
	if (inward && !isInward) session.start(inward.move);
	if (!session.tableau) {
		const start = session.offers.find(({ move }) => move.kind === 'begin');
		if (start) session.take(start.move);
	}
	await session.follow('end');
}

/** Cutting planes: which row and which cut come next, and the rounds so far. */
export class Cutting {
	readonly #desk: Desk;
	readonly #running: Running<IntegerWork>;
	#cutRule = $state<CutRule>('first');
	#cutKind = $state<CutMove['cut']>(undefined);

	constructor(desk: Desk, running: Running<IntegerWork>) {
		this.#desk = desk;
		this.#running = running;
	}

	/** the cuts so far with their bounds */
	readonly rounds = $derived.by(() => roundsOf(this.#desk.session.stops));

	/** the rows of the present tableau that give a cut */
	readonly candidates: readonly CutCandidate[] = $derived.by((): CutCandidate[] => {
		const { session } = this.#desk;
		const t = session.tableau;
		if (!t) return [];
		return session.offers.flatMap(({ move }): CutCandidate[] => {
			if (move.kind !== 'cut') return [];
			const row = t.basis.findIndex((column) => columnOf(t, column).id === move.row);
			const value = row < 0 ? goalValue(t, OBJECTIVE) : rhs(t, row);
			const name = row < 0 ? t.form.problem.objective.name : columnOf(t, t.basis[row]).name;
			return [{ row: move.row, name, value, part: fraction(value) }];
		});
	});

	get rule(): CutRule {
		return this.#cutRule;
	}
	/** which of Gomory's cuts is asked for; undefined: the one that is right */
	get kind(): CutMove['cut'] {
		return this.#cutKind;
	}

	cutBy(rule: CutRule): void {
		this.#cutRule = rule;
	}

	cutWith(kind: CutMove['cut']): void {
		this.#cutKind = kind;
	}

	/** The row that the rule takes. */
	readonly chosenRow: CutCandidate | null = $derived.by(() => {
		const list = this.candidates;
		if (this.#cutRule === 'largest')
			return list.reduce<CutCandidate | null>((a, b) => (a && a.part.compare(b.part) >= 0 ? a : b), null);
		const objective = list.find(({ row }) => row === 'objective');
		if (this.#cutRule === 'lexicographic' && objective) return objective;
		return list.find(({ row }) => row !== 'objective') ?? objective ?? null;
	});

	/** Adds the cut of a row, or of the one that the rule takes; false where there is none. */
	cut(row = this.chosenRow?.row): boolean {
		if (row === undefined) return false;
		return this.#desk.session.take({ kind: 'cut', row, ...(this.#cutKind ? { cut: this.#cutKind } : {}) });
	}

	/** The cuts of all rows at once. */
	cutAll(): void {
		for (const { row } of this.candidates) this.cut(row);
	}

	/** A cut by the rule and the pivots that follow. */
	async round(): Promise<boolean> {
		await solveRelaxation(this.#desk);
		if (!this.cut()) return false;
		await this.#desk.session.follow('end');
		return true;
	}

	/** Rounds of cuts until the plan is whole, in pieces; can be cancelled. */
	async allRounds(): Promise<void> {
		await this.#running.during('rounds', async (signal) => {
			for (let i = 0; i < MOST_ROUNDS && !signal.aborted; i++) {
				if (!(await this.round())) return;
				await new Promise((resolve) => setTimeout(resolve));
			}
		});
	}
}
