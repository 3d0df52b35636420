import { beforeEach, describe, expect, test, vi } from 'vitest';
import { plainText } from '$lib/core/commentary/sentence';
import { Desk } from './desk.svelte';
import { Keeping } from './keeping.svelte';
import { newLesson } from './lesson';

const store = vi.hoisted(() => ({
	kept: null as unknown,
	setAside: null as unknown,
	fail: null as string | null
}));
vi.mock('$lib/store/lessons', () => {
	const result = (value: unknown) =>
		Promise.resolve(store.fail ? { ok: false, message: store.fail } : { ok: true, value });
	return {
		keepLesson: (lesson: unknown) => {
			if (!store.fail) store.kept = lesson;
			return result(lesson);
		},
		fetchLesson: () => result(store.kept),
		setAside: (data: unknown) => {
			store.setAside = data;
			return result(data);
		}
	};
});

const MIX = 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';
const deskOn = (text: string) => new Desk(newLesson(text));
const said = (desk: Desk) =>
	desk.remarks
		.map(({ heading, sentences }) => `${heading}: ${sentences.map((s) => plainText(s)).join(' ')}`)
		.join('\n');
const plan = (desk: Desk) => [...desk.plan!.values()].map((v) => v.toFraction());

describe('the desk', () => {
	test('follows the rule, goes back, branches, and tells each step', async () => {
		const desk = deskOn(MIX);
		expect(said(desk)).toContain('Start');
		expect(desk.next()).toBe(true);
		expect(plan(desk)).toEqual(['0', '6']);
		await desk.toTheEnd();
		expect(said(desk)).toContain('Best plan: x = 2 and y = 6. Then z = 36.');
		expect(desk.next()).toBe(false);
		desk.goTo(0);
		desk.pivotAt(0, 0);
		expect([plan(desk), desk.trail.nodes.length]).toEqual([['4', '0'], 4]);
		desk.back();
		expect(desk.standing).toBe(0);
		desk.next();
		expect(desk.trail.nodes).toHaveLength(4);
	});

	test('a zero entry is refused with the reason, and the reason goes with the next step', () => {
		const desk = deskOn(MIX);
		desk.pivotAt(0, 1);
		expect(desk.trail.nodes).toHaveLength(1);
		expect(said(desk)).toContain('No pivot on zero');
		desk.next();
		expect(said(desk)).not.toContain('No pivot on zero');
	});

	test('a wrong text keeps the last right problem; undoing it brings everything back', async () => {
		const desk = deskOn(MIX);
		await desk.toTheEnd();
		const { problem } = desk;
		desk.write(MIX + ' +');
		expect([desk.stale, desk.problem === problem, plan(desk)]).toEqual([true, true, ['2', '6']]);
		desk.write(MIX);
		expect([desk.stale, desk.problem === problem, plan(desk)]).toEqual([false, true, ['2', '6']]);
		desk.write(MIX.replace('18', '24'));
		expect(desk.problem!.constraints[0]).toBe(problem!.constraints[0]);
		expect(plan(desk)).toEqual(['4', '6']);
		desk.write('max z = u\nr: u <= 1');
		expect([desk.standing, desk.impossible]).toEqual([0, 2]);
		desk.write(MIX);
		expect([plan(desk), desk.impossible]).toEqual([['2', '6'], 0]);
		desk.write('max z = u\nr: u <= 1');
		desk.forgetImpossible();
		expect(desk.trail.nodes).toHaveLength(1);
	});

	test('a rule that cycles does not run for ever', async () => {
		const beale = deskOn(
			'min z = -3/4 x1 + 20 x2 - 1/2 x3 + 6 x4\na: 1/4 x1 - 8 x2 - x3 + 9 x4 <= 0\nb: 1/2 x1 - 12 x2 - 1/2 x3 + 3 x4 <= 0\nc: x3 <= 1'
		);
		await beale.toTheEnd();
		expect(beale.trail.nodes.length).toBeLessThan(12);
		expect(said(beale)).not.toContain('Optimal');
		beale.goTo(0);
		beale.rule = 'bland';
		await beale.toTheEnd();
		expect(said(beale)).toContain('Then z = −5/4.');
	});

	test('pointing at one lights it everywhere, and only it', () => {
		const desk = deskOn(MIX);
		desk.point({ kind: 'constraint', name: 'b' });
		expect([
			desk.isPointed({ kind: 'constraint', name: 'b' }),
			desk.isPointed({ kind: 'variable', name: 'b' }),
			desk.isPointed(null)
		]).toEqual([true, false, false]);
		desk.point(null);
		expect(desk.isPointed({ kind: 'constraint', name: 'b' })).toBe(false);
	});
});

describe('keeping', () => {
	beforeEach(() => Object.assign(store, { kept: null, setAside: null, fail: null }));

	test('what was done is there again: statement, trail position, numbers, view', async () => {
		const desk = deskOn(MIX);
		const keeping = new Keeping(desk);
		await keeping.restore();
		desk.next();
		desk.numbers = 'decimal';
		desk.view = { x: 1, y: 2, scale: 3 };
		await keeping.flush();
		expect(keeping.state).toBe('saved');
		const other = deskOn('max z = x');
		await new Keeping(other).restore();
		expect(other.lesson).toEqual(desk.lesson);
		expect(plan(other)).toEqual(['0', '6']);
	});

	test('a change is saved within a second', async () => {
		vi.useFakeTimers();
		const desk = deskOn(MIX);
		const keeping = new Keeping(desk);
		await keeping.restore();
		desk.write(MIX.replace('18', '19'));
		keeping.touch();
		expect(keeping.state).toBe('saving');
		await vi.advanceTimersByTimeAsync(999);
		vi.useRealTimers();
		expect([keeping.state, (store.kept as { statement: string }).statement]).toEqual([
			'saved',
			MIX.replace('18', '19')
		]);
	});

	test('refused storage and a damaged lesson have their message, and the desk works', async () => {
		store.fail = 'no room';
		const desk = deskOn(MIX);
		const keeping = new Keeping(desk);
		await keeping.restore();
		expect([keeping.state, keeping.message]).toEqual(['failed', 'no room']);
		store.fail = null;
		desk.next();
		await keeping.flush();
		expect(keeping.state).toBe('saved');
		store.kept = { format: 'mathesis-lesson', version: 1, statement: MIX, trail: 'gone' };
		const fresh = deskOn('max z = x\nr: x <= 1');
		const again = new Keeping(fresh);
		await again.restore();
		expect(again.message).toContain('damaged');
		expect(store.setAside).toEqual(store.kept);
		expect(fresh.text).toContain('r: x <= 1');
		again.dismiss();
		expect(again.message).toBeNull();
	});
});
