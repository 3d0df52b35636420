import { expect, test } from 'vitest';
import { rational } from '$lib/core/number/rational';
import { writePlan } from '$lib/core/problem/use';
import { Desk } from './desk.svelte';
import { newLesson } from '$lib/core/lesson/lesson';
import { readLesson } from '$lib/core/lesson/check';

const MIX = 'max z = 3 x + 5 y # per dozen\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nx integer';
const amounts = ({ plans }: Desk) => writePlan(plans.plan);

test('a plan is tried, rounded, and goes to the nearest corner of the region', () => {
	const desk = new Desk(newLesson(MIX));
	const { document, plans } = desk;
	expect(amounts(desk)).toEqual({ x: '0', y: '0' });
	plans.set('x', rational(7, 2));
	plans.set('y', rational(11, 3));
	expect(amounts(desk)).toEqual({ x: '7/2', y: '11/3' });
	plans.snap();
	expect(amounts(desk)).toEqual({ x: '4', y: '3' });
	plans.set('x', rational(5, 2));
	plans.toWhole();
	expect(amounts(desk)).toEqual({ x: '2', y: '3' });
	plans.place('x', rational(18, 5), 'y', rational(18, 5));
	plans.toWhole();
	// the nearest integer plan of all would break c
	expect(amounts(desk)).toEqual({ x: '3', y: '4' });
	plans.set('x', rational(5, 2));
	plans.round();
	expect(amounts(desk)).toEqual({ x: '3', y: '4' });
	document.write(MIX.replace('x integer', 'x from 2\ny from 1'));
	expect(amounts(desk)).toEqual({ x: '3', y: '4' });
	document.write('max z = u + v + w\na: u + v + w <= 3\nu from 2');
	plans.snap();
	expect(amounts(desk)).toEqual({ u: '2', v: '0', w: '0' });
});

test('plans are kept with the lesson, and one that is no plan is refused', () => {
	const desk = new Desk(newLesson(MIX));
	desk.plans.set('x', rational(1, 3));
	desk.document.keepPlan('first', desk.plans.plan);
	desk.document.keepPlan('second', desk.plans.plan);
	desk.plans.set('y', rational(2));
	desk.document.keepPlan('first', desk.plans.plan);
	desk.document.removePlan('second');
	const kept = JSON.parse(JSON.stringify(desk.document.lesson));
	expect(readLesson(kept).plans).toEqual([{ name: 'first', amounts: { x: '1/3', y: '2' } }]);
	expect(() => readLesson({ ...kept, plans: [{ name: 'first', amounts: { x: 'many' } }] })).toThrow();
	expect(() => readLesson({ ...kept, plans: [{ name: 'x'.repeat(81), amounts: {} }] })).toThrow();
	const { plans, ...before } = { ...kept, version: 2 };
	expect([plans.length, readLesson(before).plans]).toEqual([1, []]);
});
