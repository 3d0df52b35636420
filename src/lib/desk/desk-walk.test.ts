import fc from 'fast-check';
import { expect, test } from 'vitest';
import { evaluate, isFeasible, type Problem } from '$lib/core/problem/types';
import { printStatement } from '$lib/core/problem/statement/print';
import { isPrimalFeasible, objectiveValue, readPlan } from '$lib/core/tableau/tableau';
import { anyProblem } from '../../../tests/support/problems';
import { Desk } from './desk.svelte';
import { newLesson } from '$lib/core/lesson/lesson';
import { SEARCH_RULES } from '$lib/core/integer/search-types';
import type { Reveal } from './reveal.svelte';
import type { LessonDocument } from './document.svelte';
import { renameEverywhere } from './renaming';
import { rational } from '$lib/core/number/rational';
import { setRhs } from '$lib/core/problem/statement/edits';
import { readLesson } from '$lib/core/lesson/check';

/** Something a teacher does; numbers are taken modulo what there is to choose from. */
type Act =
	| { do: 'write'; text: number }
	| { do: 'pivot'; row: number; slot: number }
	| { do: 'goTo'; step: number }
	| { do: 'offer'; offer: number }
	| { do: 'amount'; row: number; value: number }
	| {
			do: 'next' | 'back' | 'remove' | 'rule' | 'rename' | 'keep' | 'tag' | 'drag' | 'hide' | 'show' | 'grow';
	  };

const number = fc.nat(9);
const act: fc.Arbitrary<Act> = fc.oneof(
	fc.record({ do: fc.constant('write' as const), text: number }),
	{ weight: 4, arbitrary: fc.record({ do: fc.constant('pivot' as const), row: number, slot: number }) },
	{ weight: 2, arbitrary: fc.record({ do: fc.constant('offer' as const), offer: number }) },
	fc.record({ do: fc.constant('goTo' as const), step: number }),
	{ weight: 3, arbitrary: fc.record({ do: fc.constantFrom('next' as const, 'back', 'remove', 'rule') }) }
);

/** The same, and what is done on other pages. */
const anywhere: fc.Arbitrary<Act> = fc.oneof(
	{ weight: 2, arbitrary: act },
	fc.record({ do: fc.constant('amount' as const), row: number, value: number }),
	fc.record({ do: fc.constantFrom('rename' as const, 'keep', 'tag', 'drag', 'hide', 'show', 'grow') })
);

/** The lines of a statement without its last character: mostly wrong, sometimes another problem. */
const cutShort = (text: string) => text.slice(0, -1);

function perform({ session, document, reveal }: Desk, step: Act, texts: readonly string[]): void {
	switch (step.do) {
		case 'write':
			return document.write(texts[step.text % texts.length]);
		case 'pivot': {
			const t = session.tableau;
			if (!t || !t.basis.length || !t.nonbasic.length) return;
			const [enter, leave] = [t.nonbasic[step.slot % t.nonbasic.length], t.basis[step.row % t.basis.length]];
			return void session.take(session.pivotByHand(enter, leave)!);
		}
		case 'goTo':
			return session.goTo(document.trail.nodes[step.step % document.trail.nodes.length].id);
		case 'offer':
			if (session.offers.length) session.take(session.offers[step.offer % session.offers.length].move);
			return;
		case 'next':
			return void session.next();
		case 'back':
			return session.back();
		case 'remove':
			if (session.canGoBack) session.remove(session.standing, []);
			return;
		case 'rule':
			return document.chooseRule(document.rule === 'bland' ? 'dantzig' : 'bland');
		default:
			return onOtherPages(document, reveal, step);
	}
}

function onOtherPages(document: LessonDocument, reveal: Reveal, step: Act): void {
	const { problem, text, reading } = document;
	if (step.do === 'hide') return reveal.toggle('advice');
	if (step.do === 'show')
		return reveal.show('cells', 'here', String(reveal.state.opened.cells?.parts.length));
	if (!problem || document.stale) return;
	if (step.do === 'grow') {
		const { tree } = document;
		const looked = tree ? tree.looked + 1 : 0;
		return document.keepTree({ rules: SEARCH_RULES, decisions: [], waits: null, looked }, null);
	}
	const row = problem.constraints[step.do === 'amount' ? step.row % problem.constraints.length : 0];
	if (step.do === 'rename') {
		const [{ name }] = problem.variables;
		renameEverywhere(document, 'variable', name, `${name.slice(0, 9)}q`);
	} else if (step.do === 'keep') document.keepPlan(`plan ${document.plans.length}`, new Map());
	else if (step.do === 'tag') document.telling.tag([...document.telling.tags, 'week']);
	else if (step.do === 'amount' && row) {
		document.edit(setRhs(text, reading, row.name, rational(step.value)));
	} else if (step.do === 'drag' && row) {
		document.hold();
		for (const by of [1, 2, 3])
			document.drag(setRhs(document.text, document.reading, row.name, row.rhs.add(by)));
		document.letGo();
	}
}

/** What must be true of a desk whatever was done on it. */
function expectSound({ session, document }: Desk, problem: Problem | null): void {
	expect(document.stale).toBe(document.reading.problem === null && problem !== null);
	expect(document.problem && printStatement(document.problem)).toBe(problem && printStatement(problem));
	expect(session.remarks.length > 0).toBe(problem !== null);
	// where we stand is reached by steps that follow one another from the problem as stated
	const { stops } = session;
	if (problem) {
		expect(stops[0].node.parent).toBeNull();
		expect(stops.at(-1)!.node.id).toBe(session.standing);
		stops.slice(1).forEach(({ node }, i) => expect(node.parent).toBe(stops[i].node.id));
	}
	const { tableau, position } = session;
	if (!tableau || !position) return;
	const plan = readPlan(tableau);
	expect(session.inRegion).toBe(isFeasible(position.problem, plan));
	expect(session.violated.size > 0 && session.inRegion && position.cuts.length === 0).toBe(false);
	const { terms, constant } = position.problem.objective;
	expect(objectiveValue(tableau).toFraction()).toBe(evaluate(terms, plan, constant).toFraction());
	const kinds = tableau.basis.map((j) => tableau.form.columns[j].kind);
	const proper = kinds.every((kind) => kind !== 'artificial' && kind !== 'vacant');
	if (proper && isPrimalFeasible(tableau)) expect(session.inRegion).toBe(true);
}

test('whatever is done, in any order, the desk stays sound, loses no step, and a kept lesson brings it all back', () => {
	let [branches, refused] = [0, 0];
	fc.assert(
		fc.property(
			fc.array(anyProblem({ variables: 2 }), { minLength: 1, maxLength: 2 }),
			anyProblem(),
			fc.array(act, { minLength: 12, maxLength: 30, size: 'max' }),
			(some, other, acts) => {
				const right = [...some, other].map(printStatement);
				const texts = [...right, ...right.map(cutShort), ''];
				const desk = new Desk(newLesson(texts[0]));
				const { document, session } = desk;
				let { problem } = document;
				for (const step of acts) {
					const before = document.trail.nodes;
					const before_ = session.standing;
					perform(desk, step, texts);
					problem = document.reading.problem ?? problem;
					expectSound(desk, problem);
					if (step.do === 'remove') {
						expect(document.trail.nodes.length).toBeLessThanOrEqual(before.length);
						expect(document.trail.nodes.some(({ id }) => id === before_) && before_ !== before[0].id).toBe(
							false
						);
					} else expect(document.trail.nodes.slice(0, before.length)).toEqual(before);
					if (session.remarks[0]?.tone === 'warning') refused += 1;
				}
				const parents = document.trail.nodes.map((node) => node.parent);
				if (new Set(parents).size < parents.length) branches += 1;
				const kept = JSON.parse(JSON.stringify(document.lesson)) as unknown;
				const again = new Desk(readLesson(kept));
				if (document.stale || !problem) return;
				expect(again.document.lesson).toEqual(document.lesson);
				expect(again.session.standing).toBe(session.standing);
				expect(again.session.plan).toEqual(session.plan);
				expect(again.session.identities).toEqual(session.identities);
			}
		),
		{ numRuns: 100 }
	);
	expect([branches > 15, refused > 15]).toEqual([true, true]);
});

test('acts on all pages are taken back and done again in one order, each state the same', () => {
	let most = 0;
	fc.assert(
		fc.property(
			anyProblem({ variables: 2 }),
			anyProblem(),
			fc.array(anywhere, { minLength: 30, maxLength: 30 }),
			(first, second, acts) => {
				const texts = [printStatement(first), printStatement(second), 'max z = ', ''];
				const desk = new Desk(newLesson(texts[0]));
				const { document } = desk;
				const state = () =>
					JSON.stringify([
						document.lesson,
						desk.reveal.state,
						document.stale,
						document.problem && printStatement(document.problem)
					]);
				const states = [state()];
				const note = () => state() !== states.at(-1) && states.push(state());
				for (const step of acts) {
					perform(desk, step, texts);
					note();
				}
				most = Math.max(most, states.length);
				const seen = [state()];
				for (; document.canUndo; document.undo()) if (state() !== seen.at(-1)) seen.push(state());
				if (state() !== seen.at(-1)) seen.push(state());
				expect(seen.reverse()).toEqual(states);
				const again = [state()];
				while (document.canRedo) {
					document.redo();
					if (state() !== again.at(-1)) again.push(state());
				}
				expect(again).toEqual(states);
			}
		),
		{ numRuns: 60 }
	);
	expect(most).toBeGreaterThan(15);
});
