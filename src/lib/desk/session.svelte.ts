import type { Paragraph, Sentence } from '$lib/core/sentence/sentence';
import type { RunStep } from '$lib/core/formats/run';
import { withCuts } from '$lib/core/integer/cut';
import { decide } from '$lib/core/method/decide';
import { type Decision } from '$lib/core/method/types';
import { ruleNamed, type Rule } from '$lib/core/method/rule';
import { alternatives } from '$lib/core/move/admissible';
import { offers, perform } from '$lib/core/move/kinds';
import { moveOf } from '$lib/core/move/next';
import { basisOfCorner } from '$lib/core/move/basis';
import { pivotMove } from '$lib/core/move/pivot';
import { stated, type Position } from '$lib/core/position/position';
import type { Refusal } from '$lib/core/position/refusal';
import { cameBackTo, replay, type Stop } from '$lib/core/move/replay';
import { wayTo } from '$lib/core/move/way';
import { extend, pathTo, withoutBranch, type TrailNode } from '$lib/core/move/trail';
import type { Move, Offer } from '$lib/core/move/types';
import { keysOf } from '$lib/core/problem/lasting';
import { brokenConstraints, isFeasible, type Plan, type Problem } from '$lib/core/problem/types';
import { readPlan, type Tableau } from '$lib/core/tableau/tableau';
import { Covering } from './covering.svelte';
import type { Workspace } from './workspace';
import { identities, sameIdentities, type Identity } from './identity';
import { isLarge } from './large.svelte';
import type { Proposal, Removed } from './proposal';
import { remarksOf, stepsTold, type ToldStanding } from './remarks';
import type { Reveal } from './reveal.svelte';

const MOST_STEPS = 500;
const NO_ALTERNATIVES: ReadonlySet<string> = new Set();
const NO_LOOKS: ReadonlyMap<string, Identity> = new Map();
/** milliseconds of pivots between two breaths of the page */
const AT_ONCE = 20;

/** Where we stand in a lesson, what can be done there, and what is being considered. */
export class Session {
	readonly #workspace: Workspace;
	#proposal = $state.raw<Proposal | null>(null);
	#removed = $state.raw<Removed | null>(null);
	/** the step at which a rule that goes round was stopped */
	#stopped: number | null = null;
	#refused = $state.raw<{ at: number; why: Refusal } | null>(null);

	readonly #reveal: Reveal;
	/** which numbers of the tableau the class may not see yet */
	readonly covering: Covering;

	constructor(workspace: Workspace, reveal: Reveal) {
		this.#workspace = workspace;
		this.#reveal = reveal;
		this.covering = new Covering(workspace, this, reveal);
	}

	/** too large to be worked through on the page; a worker answers it instead */
	readonly large: boolean = $derived.by(() => {
		const { problem } = this.#workspace;
		return problem !== null && isLarge(problem);
	});
	readonly #walk = $derived.by(() => {
		const { problem, book, trail } = this.#workspace;
		if (!problem || this.large) return null;
		return replay(stated(problem, keysOf(book)), pathTo(trail, trail.current));
	});
	readonly #stop = $derived<Stop | null>(this.#walk?.stops.at(-1) ?? null);
	/** what the method at work would do */
	readonly decision = $derived.by((): Decision | null => {
		const work = this.position?.work;
		return work ? decide(work, this.rule) : null;
	});
	/** addresses of the entries on which the method at work allows a pivot besides the one of the rule: other columns that improve, and ties */
	readonly alternatives = $derived.by((): ReadonlySet<string> => {
		const work = this.position?.work;
		return work && this.decision && !this.hidesAdvice ? alternatives(work, this.decision) : NO_ALTERNATIVES;
	});
	/** what can be done here, but for pivots by hand */
	readonly offers = $derived.by((): readonly Offer[] => {
		const all = this.position ? offers(this.position, this.rule) : [];
		// pivots and ends of phases that are offered are what the rule would do
		return this.hidesAdvice ? all.filter(({ move }) => move.kind !== 'pivot' && move.kind !== 'phase') : all;
	});
	/** the ways to start, wherever we stand */
	readonly starts: readonly Offer[] = $derived.by(() =>
		this.#walk ? offers(this.#walk.stops[0].position, this.rule) : []
	);
	/** the earlier step whose basis has come back */
	readonly loop: Stop | null = $derived(this.#walk && cameBackTo(this.#walk.stops));
	readonly remarks: readonly Paragraph[] = $derived.by(() => remarksOf(this.#told));
	#looks: ReadonlyMap<string, Identity> | null = null;
	/** whether constraints have marks; not in a problem beside another whose marks would mean something else */
	hasMarks = $state(true);
	readonly #identities = $derived.by(() => {
		// the same looks stay the same value, so that a pivot redraws no line
		const looks = identities(this.#workspace.book, this.position);
		return (this.#looks = this.#looks && sameIdentities(this.#looks, looks) ? this.#looks : looks);
	});
	/** the problem where we stand with its cuts as constraints: what a picture of it shows */
	readonly drawn: Problem | null = $derived.by(
		() => this.problem && withCuts(this.problem, this.position?.cuts ?? [])
	);

	/** the steps from the problem as stated to where we stand */
	readonly stops: readonly Stop[] = $derived(this.#walk?.stops ?? []);
	/** the first step on the way to the one chosen that the statement does not allow, and why */
	get broken(): { node: TrailNode; why: Refusal } | null {
		return this.#walk?.broken ?? null;
	}
	readonly position: Position | null = $derived(this.#stop?.position ?? null);
	/** the trail's node that we stand on */
	readonly standing: number = $derived.by(() => this.#stop?.node.id ?? this.#workspace.trail.nodes[0].id);
	readonly tableau: Tableau | null = $derived(this.position?.work?.tableau ?? null);
	/** the problem where we stand: the statement's, with the changes that moves made */
	readonly problem: Problem | null = $derived.by(() => this.position?.problem ?? this.#workspace.problem);
	readonly plan: Plan | null = $derived(this.tableau && readPlan(this.tableau));
	/** whether the point we stand on is in the region */
	readonly inRegion: boolean = $derived(!!this.plan && !!this.problem && isFeasible(this.problem, this.plan));
	readonly rule: Rule = $derived.by(() => ruleNamed(this.#workspace.rule));
	/** how constraints look, by name */
	readonly identities = $derived(this.hasMarks ? this.#identities : NO_LOOKS);
	/** the constraints that the present point breaks, cuts included */
	readonly violated: ReadonlySet<string> = $derived.by(() => {
		const { plan } = this;
		return brokenConstraints(this.drawn, plan);
	});
	get proposal(): Proposal | null {
		return this.#proposal;
	}
	/** what was removed last */
	get removed(): Removed | null {
		return this.#removed;
	}
	readonly canGoBack: boolean = $derived(this.stops.length > 1);
	/** whether the rule says what to do next */
	get canStep(): boolean {
		return this.#nextMove() !== null;
	}

	/** whether the method at work has no next step, and is not at an end either */
	readonly isStuck: boolean = $derived(this.decision?.kind === 'stuck');

	/** what the sentences are about */
	readonly #told: ToldStanding = $derived.by(() => {
		const { broken, loop, stops } = this;
		const { covered } = this.covering;
		const refusal = this.#refused?.at === this.standing ? this.#refused.why : null;
		const [decision, offered] = [this.decision, this.offers];
		return {
			broken,
			covered,
			loop,
			stops,
			refusal,
			decision,
			offered,
			hidesAdvice: this.hidesAdvice
		};
	});

	/** whether what the rule does here may not be seen yet */
	readonly hidesAdvice: boolean = $derived.by(
		() => this.#reveal.conceals('advice') && !this.#reveal.isOpen('advice', String(this.standing))
	);

	/** Shows what the rule does at this step, and at no other. */
	showAdvice(): void {
		this.#reveal.openWhole('advice', String(this.standing));
	}

	/** whether the run has come to its end here */
	readonly isAtEnd: boolean = $derived(this.decision?.kind === 'end');

	/** The steps with a tableau on the way to where we stand, each with what is said of it. */
	run(): RunStep[] {
		return stepsTold(this.#told);
	}

	/** Looks at a move before it is made; null looks at none. */
	propose(move: Move | null): void {
		this.#proposal = move && this.position ? { move, result: perform(this.position, move) } : null;
	}

	/** Makes the move that was proposed; where it cannot be made, the reason is told and nothing changes. */
	commit(): boolean {
		const proposal = this.#proposal;
		this.#proposal = null;
		if (!proposal) return false;
		if (!proposal.result.ok) {
			this.#refused = { at: this.standing, why: proposal.result.why };
			return false;
		}
		// a step from where the statement forced us back to starts there
		this.#workspace.keepTrail(extend({ ...this.#workspace.trail, current: this.standing }, proposal.move));
		this.#refused = null;
		return true;
	}

	/** Proposes a move and makes it at once. */
	take(move: Move): boolean {
		this.propose(move);
		return this.commit();
	}

	/**
	 * Goes to a corner of the region by pivots along edges that join the trail, or, where there is no such way, to its basis at once.
	 * @param plan the corner
	 */
	visit(plan: Plan): boolean {
		const { position } = this;
		const way = position?.work && wayTo(position.work, plan);
		if (way) return this.#workspace.asOne(() => way.every((move) => this.take(move)));
		// from nowhere, or from outside the region, the corner's basis is named
		const named = position && basisOfCorner(position, plan);
		if (!named) this.#refused = { at: this.standing, why: { code: 'no-way' } };
		return named ? this.take(named) : false;
	}

	/** Starts in a way; what was done before stays as a branch. */
	start(move: Move): boolean {
		return this.#workspace.asOne(() => {
			this.goTo(this.#workspace.trail.nodes[0].id);
			return this.take(move);
		});
	}

	/** The pivot by hand that exchanges two columns of the present tableau, by their indices. */
	pivotByHand(enter: number, leave: number): Move | null {
		const work = this.position?.work;
		return work ? pivotMove(work, enter, leave, 'hand') : null;
	}

	/** The move that the method at work decides on; null at an end, or where it is stuck. */
	#nextMove(): Move | null {
		const [decision, work] = [this.decision, this.position?.work];
		return work && decision ? moveOf(work, decision, this.#workspace.rule) : null;
	}

	/** Does what the method and the rule say; false where there is nothing more to do. Where the method is stuck, that is told. */
	next(): boolean {
		if (this.loop && this.#stopped !== this.standing) {
			// the rule goes round for ever: it stops here once, and goes on only where it is told to again
			this.#stopped = this.standing;
			return false;
		}
		const move = this.#nextMove();
		if (!move && this.isStuck) this.#refused = { at: this.standing, why: { code: 'not-by-rule' } };
		return move !== null && this.take(move);
	}

	/**
	 * Follows the rule to the end of the part at work, or to the end; a basis that comes back ends it too. In pieces, so that the page
	 * stays responsive; whatever else is done meanwhile ends it.
	 */
	async follow(until: 'phase' | 'end'): Promise<void> {
		await this.#workspace.asOneInTime(() => this.#follow(until));
	}

	async #follow(until: 'phase' | 'end'): Promise<void> {
		const part = this.position?.work?.part;
		let paused = performance.now();
		for (let i = 0; i < MOST_STEPS; i++) {
			if ((i > 0 && this.loop) || !this.next()) return;
			if (until === 'phase' && this.position?.work?.part !== part) return;
			if (performance.now() - paused < AT_ONCE) continue;
			const { trail } = this.#workspace;
			await new Promise((resolve) => setTimeout(resolve));
			if (this.#workspace.trail !== trail) return;
			paused = performance.now();
		}
	}

	/** Goes to a step of the trail; how far the statement allows. */
	goTo(id: number): void {
		this.#workspace.keepTrail({ ...this.#workspace.trail, current: id });
		this.#refused = null;
		this.#proposal = null;
	}

	back(): void {
		const { parent } = this.#stop?.node ?? {};
		if (parent !== null && parent !== undefined) this.goTo(parent);
	}

	/**
	 * Takes a step and all that follow from it out of the trail; `removed` then has what puts them back.
	 * @param what what the step is called, for the reader
	 */
	remove(id: number, what: Sentence): void {
		const before = this.#workspace.trail;
		this.#workspace.keepTrail(withoutBranch({ ...before, current: this.standing }, id));
		this.#removed = { what, restore: () => this.#workspace.keepTrail(before) };
	}
}
