import fc from 'fast-check';
import { expect, test } from 'vitest';
import { evaluate, isFeasible, type Problem } from '$lib/core/problem/types';
import { printStatement } from '$lib/core/problem/statement/print';
import { objectiveValue, readPlan } from '$lib/core/tableau/tableau';
import { anyProblem } from '../../../tests/support/problems';
import { Desk } from './desk.svelte';
import { newLesson, readLesson } from './lesson';

/** Something a teacher does; numbers are taken modulo what there is to choose from. */
type Act =
	| { do: 'write'; text: number }
	| { do: 'pivot'; row: number; position: number }
	| { do: 'goTo'; step: number }
	| { do: 'next' | 'back' | 'forget' | 'rule' };

const number = fc.nat(9);
const act: fc.Arbitrary<Act> = fc.oneof(
	fc.record({ do: fc.constant('write' as const), text: number }),
	{
		weight: 4,
		arbitrary: fc.record({ do: fc.constant('pivot' as const), row: number, position: number })
	},
	fc.record({ do: fc.constant('goTo' as const), step: number }),
	{
		weight: 3,
		arbitrary: fc.record({ do: fc.constantFrom('next' as const, 'back', 'forget', 'rule') })
	}
);

/** The lines of a statement without its last character: mostly wrong, sometimes another problem. */
const cutShort = (text: string) => text.slice(0, -1);

function perform(desk: Desk, step: Act, texts: readonly string[]): void {
	switch (step.do) {
		case 'write':
			return desk.write(texts[step.text % texts.length]);
		case 'pivot': {
			const t = desk.tableau;
			if (t && t.basis.length && t.nonbasic.length)
				desk.pivotAt(step.row % t.basis.length, step.position % t.nonbasic.length);
			return;
		}
		case 'goTo':
			return desk.goTo(desk.trail.nodes[step.step % desk.trail.nodes.length].id);
		case 'next':
			return void desk.next();
		case 'back':
			return desk.back();
		case 'forget':
			return desk.forgetImpossible();
		case 'rule':
			desk.rule = desk.rule === 'bland' ? 'dantzig' : 'bland';
	}
}

/** What must be true of a desk whatever was done on it. */
function expectSound(desk: Desk, problem: Problem | null): void {
	expect(desk.stale).toBe(desk.reading.problem === null && problem !== null);
	expect(desk.problem && printStatement(desk.problem)).toBe(problem && printStatement(problem));
	expect(desk.remarks.length > 0).toBe(problem !== null);
	// where we stand is a step that the statement allows, reached by steps that follow one another from the start
	expect(desk.path[0].parent).toBeNull();
	expect(desk.path.at(-1)!.id).toBe(desk.standing);
	desk.path.slice(1).forEach((node, i) => expect(node.parent).toBe(desk.path[i].id));
	const { tableau } = desk;
	expect(tableau !== null).toBe(desk.form !== null);
	if (!tableau || !problem) return;
	const plan = readPlan(tableau);
	expect(desk.inRegion).toBe(isFeasible(problem, plan));
	if (desk.feasible) expect(desk.inRegion).toBe(true);
	const { terms, constant } = problem.objective;
	expect(objectiveValue(tableau).toFraction()).toBe(evaluate(terms, plan, constant).toFraction());
	expect(tableau.basis.map((j) => tableau.form.columns[j].id).sort()).toEqual(basisAfter(desk).sort());
}

/** The basis that the steps on the way give, by trading names alone. */
function basisAfter(desk: Desk): string[] {
	const basis = new Set(desk.stops.get(desk.path[0].id)!.tableau!.basis.map((j) => desk.form!.columns[j].id));
	for (const { choice } of desk.path)
		if (choice) {
			expect(basis.delete(choice.leave)).toBe(true);
			basis.add(choice.enter);
		}
	return [...basis];
}

test('whatever is done, in any order, the desk stays sound, loses no step, and a kept lesson brings it all back', () => {
	let [branches, refused] = [0, 0];
	fc.assert(
		fc.property(
			fc.array(anyProblem({ slackStart: true, variables: 2 }), { minLength: 1, maxLength: 2 }),
			anyProblem(),
			fc.array(act, { minLength: 12, maxLength: 30, size: 'max' }),
			(startable, other, acts) => {
				const right = [...startable, other].map(printStatement);
				const texts = [...right, ...right.map(cutShort), ''];
				const desk = new Desk(newLesson(texts[0]));
				let problem = desk.problem;
				for (const step of acts) {
					const before = desk.trail.nodes;
					perform(desk, step, texts);
					problem = desk.reading.problem ?? problem;
					expectSound(desk, problem);
					if (step.do === 'forget') expect(desk.impossible).toBe(0);
					else expect(desk.trail.nodes.slice(0, before.length)).toEqual(before);
					if (desk.remarks[0]?.heading === 'No pivot on zero') refused += 1;
				}
				if (new Set(desk.trail.nodes.map((node) => node.parent)).size < desk.trail.nodes.length)
					branches += 1;
				const kept = JSON.parse(JSON.stringify(desk.lesson)) as unknown;
				const again = new Desk(readLesson(kept));
				expect(again.lesson).toEqual(desk.lesson);
				if (!desk.stale && problem) {
					expect(again.standing).toBe(desk.standing);
					expect(again.plan).toEqual(desk.plan);
				}
			}
		),
		{ numRuns: 120 }
	);
	expect([branches > 15, refused > 15]).toEqual([true, true]);
});
