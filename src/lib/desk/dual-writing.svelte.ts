import { en } from '../core/language/language';
import { solveLinear } from '$lib/core/answer/answer';
import { dualTableau, type DualTableau, type TableauCell } from '$lib/core/answer/complementary-bases';
import {
	planOfDual,
	writtenDual,
	type DualBounds,
	type DualForm,
	type DualNames
} from '$lib/core/answer/dual-steps';
import { hasBounds } from '$lib/core/answer/kept-bounds';
import { newLesson, withTitle, type Lesson } from '$lib/core/lesson/lesson';
import { printStatement } from '$lib/core/problem/statement/print';
import type { Desk } from './desk.svelte';
import type { Plan, Problem } from '$lib/core/problem/types';
import type { Tableau } from '$lib/core/tableau/tableau';

/** The dual as a course writes it, how far it is written, and its last tableau beside the primal's. */
export class DualWriting {
	readonly #problem: () => Problem | null;
	readonly #primal: () => Tableau | null;
	readonly #desk: Pick<Desk, 'document' | 'reveal'>;
	#form = $state<DualForm>('stated');
	#names = $state<DualNames>('y');
	#bounds = $state<DualBounds>('rows');
	#pointed = $state.raw<{ of: 'primal' | 'dual'; cell: TableauCell } | null>(null);

	/**
	 * @param problem the problem as stated, if there is one
	 * @param primal its last tableau, where it has a best plan
	 * @param desk what of the dual is shown already, with the statement that it is of
	 */
	constructor(
		problem: () => Problem | null,
		primal: () => Tableau | null,
		desk: Pick<Desk, 'document' | 'reveal'>
	) {
		this.#desk = desk;
		this.#problem = problem;
		this.#primal = primal;
	}

	/** whether the problem has bounds that are more than signs */
	readonly hasBounds: boolean = $derived.by(() => {
		const problem = this.#problem();
		return !!problem && hasBounds(problem);
	});
	/** the dual, with the steps in which it is written */
	readonly written = $derived.by(() => {
		const problem = this.#problem();
		return problem && writtenDual(problem, this.#form, this.#names, this.#bounds);
	});
	/** the dual, solved */
	readonly answer = $derived(this.written && solveLinear(this.written.dual.problem));
	/** its last tableau as it belongs to the primal's; null for the dual of the standard form, or where there is none */
	readonly last = $derived.by((): DualTableau | null => {
		const [primal, written, answer] = [this.#primal(), this.written, this.answer];
		if (!primal || !written || this.#form === 'standard') return null;
		return answer?.status === 'optimal' && answer.tableau
			? dualTableau(primal, answer.tableau, written)
			: null;
	});
	/** the primal's plan, read off the dual; null where the dual is that of the standard form, or has no best plan */
	readonly plan = $derived.by((): Plan | null => {
		const [written, duals] = [this.written, this.answer?.duals];
		if (!written || !duals || this.#form === 'standard') return null;
		return planOfDual(written, duals);
	});

	get form(): DualForm {
		return this.#form;
	}
	/** what dual variables are called */
	get names(): DualNames {
		return this.#names;
	}
	/** whether bounds become rows, or are kept */
	get bounds(): DualBounds {
		return this.#bounds;
	}
	/** how many steps are shown */
	readonly steps: number = $derived.by(() => {
		const all = this.written?.steps.length ?? 0;
		const { document, reveal } = this.#desk;
		if (reveal.isOpen('dual', document.text)) return all;
		return Math.min(reveal.opened('dual', document.text).length, all);
	});
	/** whether all of it is written: then the last tableaux are shown */
	readonly isWritten: boolean = $derived(this.written !== null && this.steps === this.written.steps.length);
	/** the cell of one of the two last tableaux that is pointed at */
	get pointed() {
		return this.#pointed;
	}

	point(of: 'primal' | 'dual', cell: TableauCell | null): void {
		this.#pointed = cell && { of, cell };
	}

	write(form: DualForm): void {
		this.#form = form;
	}

	call(names: DualNames): void {
		this.#names = names;
	}

	keep(bounds: DualBounds): void {
		this.#bounds = bounds;
	}

	/** Shows so many steps; null shows all. */
	step(to: number | null): void {
		const { document, reveal } = this.#desk;
		if (to === null) reveal.openWhole('dual', document.text);
		else
			reveal.open(
				'dual',
				document.text,
				Array.from({ length: to }, (_, i) => String(i + 1))
			);
	}

	/** The dual as a lesson of its own. */
	lesson({ primal, dual }: ReturnType<typeof writtenDual>): Lesson {
		const title = `Dual of ${primal.title ?? en`the problem`}`.slice(0, 120);
		const story = en`This is the dual of another lesson. Its variables are the dual values of the constraints there.`;
		return { ...newLesson(withTitle(printStatement({ ...dual.problem, title }), title)), story };
	}
}
