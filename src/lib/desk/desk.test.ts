import { offerWords } from '$lib/core/commentary/words/offer';
import { describe, expect, test } from 'vitest';
import { plainText, paragraphText } from '$lib/core/sentence/sentence';
import { Desk } from './desk.svelte';
import { newLesson } from '$lib/core/lesson/lesson';
import { setRhs } from '$lib/core/problem/statement/edits';

const MIX = 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';
const BEALE =
	'min z = -3/4 x1 + 20 x2 - 1/2 x3 + 6 x4\na: 1/4 x1 - 8 x2 - x3 + 9 x4 <= 0\nb: 1/2 x1 - 12 x2 - 1/2 x3 + 3 x4 <= 0\nc: x3 <= 1';
const deskOn = (text: string) => new Desk(newLesson(text));
const said = ({ session }: Desk) =>
	session.remarks.map((remark) => `${plainText(remark.heading)}: ${paragraphText(remark)}`).join('\n');
const plan = ({ session }: Desk) => [...session.plan!.values()].map((v) => v.toFraction());
const nodes = (desk: Desk) => desk.document.trail.nodes.length;

/** A pivot by hand, by the names of the columns. */
function pivot({ session }: Desk, enter: string, leave: string): boolean {
	const index = (name: string) => session.tableau!.form.columns.findIndex((column) => column.name === name);
	return session.take(session.pivotByHand(index(enter), index(leave))!);
}

describe('the desk', () => {
	test('a hold that nobody ended loses nothing: another edit ends it, and an editor takes up the text before it writes', () => {
		const { document } = deskOn('max z = x\nr: x <= 4');
		document.hold();
		document.edit(setRhs(document.text, document.reading, 'r', document.problem!.constraints[0].rhs.add(1)));
		expect([document.held, document.text]).toEqual([false, 'max z = x\nr: x <= 5']);
		document.hold();
		document.drag(setRhs(document.text, document.reading, 'r', document.problem!.constraints[0].rhs.add(1)));
		expect(document.held).toBe(true);
		// the editor still has the text of before the drag
		document.type('max z = x\nr: x <= 5 ');
		expect([document.held, document.text]).toEqual([false, 'max z = x\nr: x <= 6']);
	});

	test('where the method cannot go on by rule, the next step says so', () => {
		const desk = deskOn('max z = x\na: x + y >= 2\nb: x + y <= 5');
		desk.session.start({ kind: 'begin', way: 'by-hand', equalities: 'one-row' });
		expect(desk.session.next()).toBe(false);
		expect(said(desk)).toContain('Not by rule: The method at work cannot go on from here by itself.');
		const offered = desk.session.offers.map(({ found }) => plainText(offerWords(found)));
		expect(offered).toContain('Give every row a basic variable, by pivots');
		expect(offered.join()).not.toContain('Pivot negative');
	});

	test('beside the present tableau an earlier one is looked at, or a pinned one from another branch', () => {
		const desk = deskOn(MIX);
		const { session, pinned } = desk;
		session.take({ kind: 'begin', way: 'primal', equalities: 'one-row' });
		session.next();
		session.next();
		const [, start, first] = session.stops.map(({ node }) => node.id);
		expect([pinned.stop?.node.id, pinned.isWanted, pinned.canGoLater]).toEqual([first, false, false]);
		pinned.earlier();
		expect([pinned.stop?.node.id, pinned.isWanted, pinned.canGoLater]).toEqual([start, true, true]);
		// no further back than the problem as stated, and as many steps forward again
		for (let i = 0; i < 5; i++) pinned.earlier();
		expect([pinned.canGoEarlier, pinned.stop]).toEqual([false, pinned.stops[0]]);
		for (let i = pinned.stops.length; i > 2; i--) pinned.later();
		expect([pinned.stop?.node.id, pinned.canGoEarlier, pinned.canGoLater]).toEqual([start, true, true]);
		for (let i = 0; i < 5; i++) pinned.earlier();
		expect(pinned.canGoEarlier).toBe(false);
		for (let i = 0; i < 9; i++) pinned.later();
		expect(pinned.stop?.node.id).toBe(first);
		const last = session.standing;
		pinned.earlier();
		pinned.toggle();
		session.goTo(start);
		expect([pinned.isOn, pinned.stop?.node.id, pinned.stops.length]).toEqual([true, last, 4]);
		pinned.toggle();
		expect(pinned.isOn).toBe(false);
	});

	test('what the rule would do is not offered while it is hidden, in no place', () => {
		const { session, reveal } = deskOn('min z = x + y\na: x + y >= 2\nb: x - y = 0');
		session.take({ kind: 'begin', way: 'two-phase', equalities: 'one-row' });
		const kinds = () => session.offers.map(({ move }) => move.kind);
		expect(kinds()).toContain('pivot');
		reveal.toggle('advice');
		expect(kinds()).not.toContain('pivot');
		while (session.decision?.kind === 'pivot') session.next();
		expect(session.decision?.kind).toBe('hand-over');
		const told = () => session.remarks.map((remark) => plainText(remark.heading));
		expect([kinds(), told()]).toEqual([
			expect.not.arrayContaining(['phase']),
			expect.not.arrayContaining(['Next'])
		]);
		reveal.toggle('advice');
		expect([kinds(), told()]).toEqual([expect.arrayContaining(['phase']), expect.arrayContaining(['Next'])]);
	});

	test('follows the rule, goes back, branches, and tells each step', async () => {
		const desk = deskOn(MIX);
		const { session } = desk;
		expect(said(desk)).toContain('Start: Every slack is basic');
		expect(session.next()).toBe(true);
		expect(plan(desk)).toEqual(['0', '6']);
		await session.follow('end');
		expect(said(desk)).toContain('Best plan: x = 2 and y = 6. Then z = 36.');
		expect([session.next(), session.canStep]).toEqual([false, false]);
		session.goTo(1);
		expect(pivot(desk, 'x', 's1')).toBe(true);
		expect([plan(desk), nodes(desk)]).toEqual([['4', '0'], 5]);
		session.back();
		expect(session.standing).toBe(1);
		session.next();
		expect(nodes(desk)).toBe(5);
	});

	test('a move is proposed before it is made; one that cannot be made changes nothing and tells why', () => {
		const desk = deskOn(MIX);
		const { session } = desk;
		session.propose(session.pivotByHand(1, 3));
		expect(session.proposal!.result.ok).toBe(true);
		expect([nodes(desk), plan(desk)]).toEqual([2, ['0', '0']]);
		session.propose(null);
		expect(session.commit()).toBe(false);
		expect(pivot(desk, 'y', 's1')).toBe(false);
		expect(nodes(desk)).toBe(2);
		expect(said(desk)).toContain('No pivot on zero');
		session.next();
		expect(said(desk)).not.toContain('No pivot on zero');
	});

	test('a phase is followed to its end, then the rest, and the region shows what is broken meanwhile', async () => {
		const desk = deskOn('min cost = 2 x + 3 y\nneed: x + y >= 4\nfix: x - y = 1');
		const { session } = desk;
		expect([session.inRegion, [...session.violated]]).toEqual([false, ['need', 'fix']]);
		expect(desk.figure.pointOf(session.position!)![0].toFraction()).toBe('0');
		await session.follow('phase');
		expect(session.position!.work!.part).toBe('phase-two');
		expect([session.inRegion, session.violated.size]).toEqual([true, 0]);
		await session.follow('end');
		expect(said(desk)).toContain('Best plan: x = 5/2 and y = 3/2.');
	});

	test('an edit above leaves colours, and where we stand; a renamed row stays who it is', () => {
		const desk = deskOn(MIX);
		const { document, session } = desk;
		session.next();
		const look = () => session.identities.get('b')?.mark;
		const before = look();
		document.write(MIX.replace('a: x', 'top: x + y <= 99\na: x'));
		expect([session.standing, look(), plan(desk)]).toEqual([2, before, ['0', '6']]);
		document.write(MIX.replace('a: x', 'top: x + y <= 99\na: x').replace('b: 2 y', 'kiln: 2 y'));
		expect([session.standing, session.identities.get('kiln')?.mark, plan(desk)]).toEqual([
			2,
			before,
			['0', '6']
		]);
	});

	test('a wrong text keeps the last right problem; undoing it brings everything back', async () => {
		const desk = deskOn(MIX);
		const { document, session } = desk;
		await session.follow('end');
		const { problem } = document;
		document.write(MIX + ' +');
		expect([document.stale, document.problem === problem, plan(desk)]).toEqual([true, true, ['2', '6']]);
		document.write(MIX.replace('18', '24'));
		expect([document.stale, plan(desk)]).toEqual([false, ['4', '6']]);
		// when row b becomes loose the first step would leave the region, which it did not
		document.write(MIX.replace('12', '40'));
		expect([session.standing, plan(desk)]).toEqual([1, ['0', '0']]);
		expect(said(desk)).toContain('would leave the region, which it did not when it was taken');
		document.write('max z = u\nr: u <= 1');
		expect([session.standing, said(desk)]).toEqual([1, expect.stringContaining('Not possible now')]);
		document.write(MIX);
		expect([session.standing, plan(desk)]).toEqual([3, ['2', '6']]);
	});

	test('a rule that cycles does not run for ever: the loop is said', async () => {
		const desk = deskOn(BEALE);
		const { document, session } = desk;
		await session.follow('end');
		expect(nodes(desk)).toBe(8);
		expect(said(desk)).toContain('The same basis again: This basis was here 6 steps ago');
		expect(session.loop!.node.id).toBe(1);
		session.goTo(1);
		document.chooseRule('bland');
		await session.follow('end');
		expect(said(desk)).toContain('Then z = −5/4.');
		session.goTo(1);
		document.chooseRule('lexicographic');
		await session.follow('end');
		expect(said(desk)).toContain('Then z = −5/4.');
	});

	test('whatever is done meanwhile ends a run to the end', async () => {
		const size = 12;
		const names = Array.from({ length: size }, (_, j) => `x${j + 1}`);
		const rows = names.map((name, i) => {
			const before = names.slice(0, i).map((other, j) => `${2 ** (i - j + 1)} ${other}`);
			return `r${i + 1}: ${[...before, name].join(' + ')} <= ${5 ** (i + 1)}`;
		});
		const goal = names.map((name, j) => `${2 ** (size - 1 - j)} ${name}`).join(' + ');
		const desk = deskOn(`max z = ${goal}\n${rows.join('\n')}`);
		const running = desk.session.follow('end');
		desk.session.goTo(1);
		await running;
		expect(desk.session.standing).toBe(1);
		expect(nodes(desk)).toBeLessThan(502);
	});

	test('a branch is removed and put back; steps have names and notes', () => {
		const desk = deskOn(MIX);
		const { document, session } = desk;
		session.next();
		session.next();
		document.annotate(2, { name: 'up', note: 'along the axis' });
		session.remove(2, []);
		expect([nodes(desk), session.standing]).toEqual([2, 1]);
		session.removed!.restore();
		expect([nodes(desk), session.standing, document.trail.nodes[2].name]).toEqual([4, 3, 'up']);
		document.annotate(2, { name: '' });
		expect(document.trail.nodes[2]).toEqual({
			id: 2,
			parent: 1,
			move: expect.anything() as unknown,
			note: 'along the axis'
		});
	});

	test('a change and a cut show in problem, region and looks; the statement stays', async () => {
		const desk = deskOn('max z = 5 x + 8 y\na: x + y <= 6\nb: 5 x + 9 y <= 45\nx, y integer');
		const { session } = desk;
		await session.follow('end');
		session.take({ kind: 'cut', row: 'x:x' });
		expect(desk.figure.region!.sides.map(({ owner }) => owner.name)).toContain('cut 1');
		expect([...session.violated]).toEqual(['cut 1']);
		expect(session.identities.get('cut 1')).toEqual({
			...session.identities.get('cut 1')!,
			mark: 'triangle'
		});
		await session.follow('end');
		expect(session.inRegion).toBe(true);
		session.goTo(1);
		session.take({ kind: 'change', change: { rhs: 'a', value: '4' } });
		expect(session.problem!.constraints[0].rhs.toFraction()).toBe('4');
		expect(desk.document.problem!.constraints[0].rhs.toFraction()).toBe('6');
	});

	test('pointing at one lights it everywhere, and only it; a considered column is let go when asked again', () => {
		const { selection } = deskOn(MIX);
		selection.point({ kind: 'constraint', name: 'b' });
		expect([
			selection.isPointed({ kind: 'constraint', name: 'b' }),
			selection.isPointed({ kind: 'variable', name: 'b' }),
			selection.isPointed(null)
		]).toEqual([true, false, false]);
		selection.point(null);
		expect(selection.isPointed({ kind: 'constraint', name: 'b' })).toBe(false);
		selection.consider('x:x');
		expect(selection.considered).toBe('x:x');
		selection.consider('x:x');
		expect(selection.considered).toBeNull();
	});
});
