import { SECRETS } from '$lib/core/lesson/secrets';
import { nextSecret, showsBestCorner } from './next-secret';
import { expect, test } from 'vitest';
import { pointKey } from '$lib/core/geometry/point-key';
import { newLesson } from '$lib/core/lesson/lesson';
import { rational } from '$lib/core/number/rational';
import { objectiveAt } from '$lib/core/problem/use';
import { Construction } from './construction.svelte';
import { Cutting, solveRelaxation } from './cutting.svelte';
import { Running } from './running.svelte';
import { windowAround } from '$lib/core/parametric/map';
import { Desk } from './desk.svelte';
import { Sensitivity } from './sensitivity.svelte';
import { bestDuals } from './worked-out';

const POTS = 'max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18';
const open = (text = POTS) => new Desk(newLesson(text));

test('a corner is magnified, the present point where none is pointed at, and the same key goes back', () => {
	const { document, figure, session } = open();
	figure.magnify(null);
	expect(document.view).toEqual({ x: 0, y: 0, scale: 6 });
	figure.magnify(null);
	const { at } = figure.region!.vertices.find(({ at: [x, y] }) => x.equals(4) && y.equals(3))!;
	figure.magnify(pointKey(at));
	expect(document.view).toEqual({ x: 4, y: 3, scale: 6 });
	figure.magnify(pointKey(at));
	expect(document.view).toBeNull();
	session.next();
	figure.magnify(null);
	expect(document.view).toEqual({ x: 0, y: 6, scale: 6 });
	// before anything is begun there is no point
	figure.magnify(null);
	session.goTo(session.stops[0].node.id);
	figure.magnify(null);
	expect(document.view).toBeNull();
});

test('one line moved in several goes is one change, with the amount from which it came; another line begins anew', () => {
	const { document, figure } = open();
	const construction = new Construction(figure);
	const drag = (name: string, to: number) => {
		construction.take(document, name);
		construction.changeRhs(document, name, rational(to));
		construction.letGo(document);
	};
	drag('clay', 20);
	drag('clay', 24);
	expect(construction.changed).toMatchObject({ name: 'clay', before: POTS, after: document.text });
	expect(construction.changed!.from.equals(18)).toBe(true);
	// something else was written since: what comes now is another change
	document.write(document.text.replace('<= 12', '<= 10'));
	const between = document.text;
	drag('clay', 30);
	expect(construction.changed).toMatchObject({ name: 'clay', before: between });
	drag('shelf', 5);
	expect(construction.changed!.from.equals(4)).toBe(true);
	construction.putBack(document);
	expect(document.text).toBe(between.replace('<= 24', '<= 30'));
	// a line that was only touched is no change
	construction.take(document, 'clay');
	construction.letGo(document);
	expect([construction.changed, document.held]).toEqual([null, false]);
});

test('the class does not see the values at corners before they are asked for', () => {
	const { reveal } = open();
	expect([reveal.conceals('values'), reveal.conceals('cells'), reveal.conceals('advice')]).toEqual([
		true,
		false,
		false
	]);
});

test('the class is asked with one switch, which is kept with the lesson; one thing after the other is shown, and undo takes each back', () => {
	const desk = open();
	const { document, plans, reveal, session } = desk;
	expect([showsBestCorner(desk), plans.showsBest]).toEqual([false, false]);
	// another column would improve as well, which tells what the rule may take
	expect(session.alternatives.size).toBe(1);
	reveal.askClass();
	expect(session.alternatives.size).toBe(0);
	session.next();
	expect([reveal.asksClass, session.covering.isOn, session.hidesAdvice]).toEqual([true, true, true]);
	expect(document.lesson.concealed.length).toBe(SECRETS.length);
	const said: string[] = [];
	for (let own = nextSecret(desk, '/'); own; own = nextSecret(desk, '/')) {
		said.push(own.says);
		own.run();
	}
	expect(said).toEqual([
		'Show the numbers of this tableau',
		'Show what the rule does here',
		'Show the best corner',
		'Show what kind of problem it is'
	]);
	expect([session.covering.isOn, session.hidesAdvice, showsBestCorner(desk)]).toEqual([false, false, true]);
	// the best corner and the best plan are one secret
	expect(plans.showsBest).toBe(true);
	document.undo();
	document.undo();
	expect(showsBestCorner(desk)).toBe(false);
	// what was shown of one step is not shown of the next
	session.next();
	expect([session.covering.isOn, session.hidesAdvice]).toEqual([true, true]);
	reveal.askClass();
	expect([reveal.asksClass, session.covering.isOn, session.hidesAdvice]).toEqual([false, false, false]);
});

test('the best corner is shown once the run has found it, unless it is kept from the class', () => {
	const desk = open();
	while (desk.session.canStep) desk.session.next();
	expect(showsBestCorner(desk)).toBe(true);
	desk.reveal.toggle('best');
	expect(showsBestCorner(desk)).toBe(false);
	desk.reveal.openWhole('best', desk.document.text);
	expect(showsBestCorner(desk)).toBe(true);
});

test('a pinned step is looked at from its own way; when its branch is gone, the steps before the present one are', () => {
	const { document, pinned, session } = open();
	expect([session.inRegion, pinned.isOn]).toEqual([true, false]);
	session.next();
	pinned.toggle();
	expect([pinned.isOn, pinned.stop?.node.id]).toEqual([true, session.standing]);
	const [first] = session.stops;
	session.goTo(first.node.id);
	expect([pinned.stops.length, session.stops.length]).toEqual([3, 1]);
	pinned.earlier();
	expect(pinned.stop!.position.work!.tableau.basis).toHaveLength(3);
	document.keepTrail({ ...document.trail, nodes: [document.trail.nodes[0]] });
	expect([pinned.isOn, pinned.stops.length]).toEqual([false, 0]);
	expect(session.inRegion).toBe(false);
	session.take(session.offers.find(({ move }) => move.kind === 'begin')!.move);
	expect([session.inRegion, pinned.stops.length]).toEqual([true, 1]);
});

test('before cuts, bounds that are not whole become so, once, and the relaxation is solved', async () => {
	const desk = open('max z = x + y\na: 2 x + 2 y <= 7\nx to 5/2 integer\ny integer');
	await solveRelaxation(desk);
	const kinds = () => desk.session.stops.flatMap(({ node }) => node.move?.kind ?? []);
	expect(kinds().slice(0, 2)).toEqual(['inward', 'begin']);
	expect(desk.session.decision?.kind).toBe('end');
	const steps = kinds().length;
	await solveRelaxation(desk);
	expect(kinds()).toHaveLength(steps);
	const plain = open();
	await solveRelaxation(plain);
	expect(plain.session.stops.flatMap(({ node }) => node.move?.kind ?? [])).not.toContain('inward');
});

test('two numbers are taken in the hand side by side; taking the second as the first trades them', () => {
	const sensitivity = new Sensitivity(open());
	// the first row that is worth something
	expect([sensitivity.varied, sensitivity.other]).toEqual([{ rhs: 'kiln' }, { rhs: 'shelf' }]);
	sensitivity.take({ rhs: 'clay' }, true);
	expect([sensitivity.varied, sensitivity.other]).toEqual([{ rhs: 'kiln' }, { rhs: 'clay' }]);
	sensitivity.take({ rhs: 'shelf' });
	expect([sensitivity.varied, sensitivity.other]).toEqual([{ rhs: 'shelf' }, { rhs: 'clay' }]);
	sensitivity.take({ rhs: 'clay' });
	expect([sensitivity.varied, sensitivity.other]).toEqual([{ rhs: 'clay' }, { rhs: 'shelf' }]);
	// nothing is tried at first: all dual values are 0
	expect([...sensitivity.tried!.duals].map(([name, value]) => `${name} ${value.toFraction()}`)).toEqual([
		'shelf 0',
		'kiln 0',
		'clay 0'
	]);
	sensitivity.move(rational(20));
	expect([sensitivity.value?.equals(20), sensitivity.secondValue?.equals(4)]).toEqual([true, true]);
	sensitivity.take({ objective: 'cups' });
	expect([sensitivity.value?.equals(3), sensitivity.other]).toEqual([true, { objective: 'jugs' }]);
});

test('the best plans of the dual are worth what the best plan is; without an end there is none', () => {
	const found = bestDuals(open().document.problem!)!;
	expect(found.set.vertices.map((plan) => objectiveAt(found.dual, plan).toFraction())).toEqual(['36']);
	expect(bestDuals(open('max z = x\na: x - y <= 1').document.problem!)).toBeNull();
});

test('the rule for cuts takes the row with the largest fraction, or the first', async () => {
	const desk = open('max z = 5 x + 4 y\na: 6 x + 4 y <= 23\nb: 3 x + 7 y <= 25\nx, y integer');
	const cutting = new Cutting(desk, new Running());
	await solveRelaxation(desk);
	const parts = cutting.candidates.filter(({ row }) => row !== 'objective').map(({ part }) => part);
	expect(parts.length).toBeGreaterThan(1);
	cutting.cutBy('first');
	expect(cutting.chosenRow!.part.equals(parts[0])).toBe(true);
	cutting.cutBy('largest');
	const { part } = cutting.chosenRow!;
	expect(cutting.candidates.every((other) => other.part.lte(part))).toBe(true);
	expect(part.equals(parts[0])).toBe(false);
});

test('a window around two numbers holds both intervals with a margin, and no amount below 0 that cannot be', () => {
	const { problem } = open().document;
	const none = { low: null, high: null };
	const found = windowAround(
		problem!,
		[{ rhs: 'shelf' }, { objective: 'cups' }],
		[{ low: rational(2), high: rational(6) }, none]
	);
	expect([found.first, found.second].map(({ low, high }) => [low.toFraction(), high.toFraction()])).toEqual([
		['0', '42/5'],
		['-3', '9']
	]);
});
