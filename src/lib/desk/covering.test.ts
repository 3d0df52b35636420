import { expect, test } from 'vitest';
import { runText } from '$lib/core/formats/run';
import { newLesson } from '$lib/core/lesson/lesson';
import { paragraphText } from '$lib/core/sentence/sentence';
import { Desk } from './desk.svelte';
import { Handout } from './handout.svelte';

test('numbers of each new tableau are covered until they are asked for, and nothing that is told quotes them', () => {
	const { document, reveal, session } = new Desk(
		newLesson('max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18')
	);
	const told = () => session.remarks.map((own) => paragraphText(own)).join(' ');
	const last = () => runText(session.run().slice(-1), document.notation, 'text');
	session.next();
	expect(told()).toContain('So gain rises by 30 to 30.');
	expect(session.covering.covered.size).toBe(0);
	reveal.toggle('cells');
	// three rows and the objective's, five columns and the right-hand side
	expect(session.covering.covered.size).toBe(24);
	expect(told().trim()).toBe(
		'24 numbers of this tableau are covered: what is said of them waits until they are shown.'
	);
	expect(last().match(/\?/g)).toHaveLength(24);
	expect(last()).not.toContain('30');
	session.covering.show('objective rhs');
	expect(session.covering.covered.has('objective rhs')).toBe(false);
	expect(last()).toMatch(/gain( +\?){5} +30/);
	session.covering.showAll();
	expect(session.covering.isOn).toBe(false);
	expect(told()).toContain('30');
	// the next tableau comes covered, and the one before stays as it was shown
	session.next();
	expect(session.covering.covered.size).toBe(24);
	expect(runText(session.run(), document.notation, 'text').match(/\?/g)).toHaveLength(24);
	reveal.toggle('cells');
	expect(told()).toContain('Best plan');
});

test('a sheet leaves blank what is kept from the class, number by number', () => {
	const desk = new Desk(
		newLesson('max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18')
	);
	const handout = new Handout(desk);
	handout.choose('solution');
	expect(handout.printsHidden).toBe(false);
	desk.session.next();
	desk.session.next();
	desk.reveal.toggle('cells');
	desk.session.covering.show('objective rhs');
	expect(handout.printsHidden).toBe(true);
	handout.blankHidden();
	expect([handout.printsHidden, handout.followsTrail]).toEqual([false, true]);
	expect(handout.blocks).toMatchObject({ tableaux: 'cells', corners: 'blanks', picture: 'answers' });
	// the third tableau of the trail, all but the number that was shown
	expect(handout.cells).toHaveLength(desk.session.covering.covered.size);
	expect(handout.cells.every((cell) => cell.startsWith('3 '))).toBe(true);
	expect(handout.cells).not.toContain('3 objective rhs');
});
