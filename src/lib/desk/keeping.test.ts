import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { newLesson, titleOf } from '$lib/core/lesson/lesson';
import { thinned } from '$lib/store/versions';
import { MemoryStore } from '../../../tests/support/forage';
import { Collection } from './collection.svelte';
import { Desk } from './desk.svelte';
import { Keeping } from './keeping.svelte';

vi.mock('localforage', async () => {
	const { MemoryStore: Store } = await import('../../../tests/support/forage');
	return { default: { createInstance: (options: { storeName: string }) => Store.named(options) } };
});

const MIX = 'title "Mix"\nmax z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';
const stored = (name: string) => MemoryStore.named({ storeName: name });

/** A tab: a desk and what keeps its lesson; all share the browser's storage. */
async function tab(statement = MIX) {
	const desk = new Desk(newLesson(statement));
	const keeping = new Keeping(desk.document);
	await keeping.restore();
	await keeping.flush();
	return { desk, document: desk.document, keeping, collection: new Collection(keeping, desk.document) };
}

beforeEach(() => {
	MemoryStore.reset();
	const local = new Map<string, string>();
	const calls = {
		getItem: (k: string) => local.get(k) ?? null,
		setItem: (k: string, v: string) => void local.set(k, v),
		removeItem: (k: string) => void local.delete(k)
	};
	// what is kept shows as properties, as in a browser
	const storage = new Proxy(calls, {
		ownKeys: () => [...local.keys()],
		getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true })
	});
	vi.stubGlobal('localStorage', storage);
	vi.stubGlobal('sessionStorage', { ...calls, getItem: () => null });
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('the open lesson', () => {
	test('what was done is there again: statement, who is who, where we stand, story, numbers, view', async () => {
		const { document, desk, keeping } = await tab();
		desk.session.next();
		document.write(MIX.replace('b: 2', 'kiln: 2'));
		document.telling.tell('A [story](#kiln)');
		document.telling.mean('constraints', 'kiln', 'hours of fire');
		document.write(document.text.replace('kiln: 2', 'oven: 2'));
		document.showNumbers('decimal');
		document.look({ x: 1, y: 2, scale: 3 });
		document.stay('/problem');
		await keeping.flush();
		expect(keeping.state).toBe('saved');
		const other = await tab('max z = x');
		expect(other.document.lesson).toEqual(document.lesson);
		expect(other.document.telling.meaning('constraints', 'oven')).toBe('hours of fire');
		expect(other.keeping.id).toBe(keeping.id);
	});

	test('an edit is saved within 150 milliseconds, also while one types on; one taken back is no edit', async () => {
		const { document, keeping } = await tab();
		vi.useFakeTimers();
		for (const limit of ['19', '190']) {
			document.write(MIX.replace('18', limit));
			keeping.touch();
			expect(keeping.state).toBe('saving');
			await vi.advanceTimersByTimeAsync(75);
		}
		await vi.advanceTimersByTimeAsync(75);
		expect(keeping.state).toBe('saved');
		const view = { x: 1, y: 2, scale: 3 };
		for (const look of [view, null]) {
			document.look(look);
			keeping.touch();
		}
		await vi.advanceTimersByTimeAsync(150);
		expect(keeping.state).toBe('saved');
		document.look(view);
		const saving = keeping.flush();
		document.look(null);
		keeping.touch();
		await saving;
		await vi.advanceTimersByTimeAsync(150);
		const kept = await stored('lessons').getItem<{ lesson: { statement: string; view: unknown } }>(
			keeping.id
		);
		expect([keeping.state, kept?.lesson.statement, kept?.lesson.view]).toEqual([
			'saved',
			MIX.replace('18', '190'),
			null
		]);
	});

	test('what could not be saved before the page went is there at the next start, once', async () => {
		const { document, keeping } = await tab();
		document.write(MIX.replace('18', '99'));
		// the browser ends the page before the store has answered
		MemoryStore.refusal = 'gone';
		keeping.leave();
		await keeping.flush();
		MemoryStore.refusal = null;
		const again = await tab('max z = x');
		expect([again.document.text.includes('99'), again.keeping.id]).toEqual([true, keeping.id]);
		expect(again.keeping.state).toBe('saved');
		again.document.write(MIX.replace('18', '55'));
		await again.keeping.flush();
		again.keeping.leave();
		expect((await tab('max z = x')).document.text).toContain('55');
	});

	test('refused storage and a damaged lesson have their message, and the desk works', async () => {
		MemoryStore.refusal = 'quota';
		const { desk, keeping } = await tab();
		expect([keeping.state, keeping.message]).toEqual(['failed', expect.stringContaining('full')]);
		MemoryStore.refusal = null;
		desk.session.next();
		await keeping.flush();
		expect(keeping.state).toBe('saved');
		await stored('lessons').setItem(keeping.id, {
			id: keeping.id,
			revision: 'r',
			edited: 1,
			lesson: { format: 'mathesis-lesson', version: 2, trail: 'gone' }
		});
		const again = await tab('max z = x\nr: x <= 1');
		expect(again.keeping.message).toContain('damaged');
		expect(stored('damaged').size).toBe(1);
		expect(again.document.text).toContain('r: x <= 1');
		expect(again.keeping.id).not.toBe(keeping.id);
		again.keeping.dismiss();
		expect(again.keeping.message).toBeNull();
	});

	test('a store that answers late is waited for: what it has kept is this tab’s own, however much was typed meanwhile', async () => {
		const { document, keeping, collection } = await tab();
		vi.useFakeTimers();
		for (const limit of ['19', '33']) {
			MemoryStore.answersAfter = new Promise((resolve) => setTimeout(resolve, 5_000));
			document.write(MIX.replace('18', limit));
			keeping.touch();
			await vi.advanceTimersByTimeAsync(4_500);
			expect([keeping.state, keeping.message]).toEqual(['slow', null]);
			document.write(MIX.replace('18', `${limit}0`));
			keeping.touch();
			await vi.advanceTimersByTimeAsync(60_000);
			expect([keeping.state, keeping.message]).toEqual(['saved', null]);
		}
		await collection.refresh();
		expect(collection.shown.map(({ title }) => title)).toEqual(['Mix']);
		const kept = await stored('lessons').getItem<{ lesson: { statement: string } }>(keeping.id);
		expect(kept?.lesson.statement).toContain('330');
	});

	test('what is refused is said once, tried again with growing pauses, and no more said once it is kept', async () => {
		const { document, keeping } = await tab();
		vi.useFakeTimers();
		MemoryStore.refusal = 'quota';
		const tries = vi.spyOn(stored('lessons'), 'getItem');
		document.write(MIX.replace('18', '19'));
		keeping.touch();
		await vi.advanceTimersByTimeAsync(30_000);
		expect([keeping.state, keeping.message]).toEqual(['failed', expect.stringContaining('full')]);
		expect(tries.mock.calls.length).toBeLessThan(8);
		expect(tries.mock.calls.length).toBeGreaterThan(2);
		MemoryStore.refusal = null;
		await vi.advanceTimersByTimeAsync(60_000);
		expect([keeping.state, keeping.message]).toEqual(['saved', null]);
	});

	test('what two tabs could not save is there afterwards, each in its lesson', async () => {
		const a = await tab();
		const b = await tab();
		await b.keeping.openNew(newLesson('title "Other"\nmax z = jugs'));
		MemoryStore.refusal = 'quota';
		for (const [each, text] of [
			[a, MIX.replace('18', '99')],
			[b, 'title "Other"\nmax z = 7 jugs']
		] as const) {
			each.document.write(text);
			each.keeping.touch();
			await each.keeping.flush();
		}
		MemoryStore.refusal = null;
		const { collection } = await tab('max z = x');
		const texts = async () =>
			Promise.all(
				stored('lessons').keys.map(
					async (id) =>
						(await stored('lessons').getItem<{ lesson: { statement: string } }>(id))!.lesson.statement
				)
			);
		await vi.waitFor(async () =>
			expect((await texts()).sort()).toEqual(
				[MIX.replace('18', '99'), 'title "Other"\nmax z = 7 jugs'].sort()
			)
		);
		await collection.refresh();
		expect(collection.shown.map(({ title }) => title).sort()).toEqual(['Mix', 'Other']);
	});

	test('a lesson made while nothing can be stored is in the list once something can', async () => {
		MemoryStore.refusal = 'blocked';
		const { document, keeping } = await tab();
		document.write(MIX.replace('18', '99'));
		keeping.touch();
		await keeping.flush();
		expect(keeping.state).toBe('failed');
		MemoryStore.refusal = null;
		const again = await tab('max z = x');
		expect(again.document.text).toContain('99');
		await again.collection.refresh();
		expect(again.collection.shown.map(({ title }) => title)).toEqual(['Mix']);
	});

	test('the only lesson of an earlier version of the application comes into the collection', async () => {
		const { story: _1, notes: _2, tags: _3, page: _4, meanings: _5, ...second } = newLesson(MIX);
		await stored('lessons').setItem('open-lesson', { ...second, version: 2 });
		const { document, collection } = await tab('max z = x');
		expect(document.text).toBe(MIX);
		await collection.refresh();
		expect(collection.shown.map(({ title }) => title)).toEqual(['Mix']);
		expect(stored('lessons').keys).not.toContain('open-lesson');
	});
});

test('the text of a file opens as a lesson of its own, and one that cannot be read is refused with its fault', async () => {
	vi.doMock('$lib/work/client', async () => {
		const { jobs } = await import('$lib/work/jobs');
		const { Cancelled } = await import('$lib/work/cancelled');
		return { openInWorker: async (name: string, text: string) => jobs.open(name, text), Cancelled };
	});
	const { Files } = await import('./files.svelte');
	const { document, keeping } = await tab();
	const gone: string[] = [];
	const files = new Files(keeping, (path) => void gone.push(path));
	const text = 'NAME T\nROWS\n N cost\n L a\nCOLUMNS\n x cost 3 a 1\nRHS\n RHS a 4\nENDATA';
	await files.openText('t.mps', text);
	expect([document.problem?.constraints.map(({ name }) => name), gone.length]).toEqual([['a'], 1]);
	await files.openText('t.json', '{"format":"mathesis-lesson"');
	expect([files.report?.refused, files.report?.lines.length]).toEqual([true, 1]);
	expect(document.problem?.constraints.map(({ name }) => name)).toEqual(['a']);
	vi.doUnmock('$lib/work/client');
});

describe('two tabs', () => {
	test('what is saved in one is shown in the other', async () => {
		const a = await tab();
		const b = await tab();
		a.document.write(MIX.replace('18', '99'));
		await a.keeping.flush();
		await vi.waitFor(() => expect(b.document.text).toContain('99'));
		// the editor there tells back what it was told, which is no change of its own
		const { lesson } = b.document;
		b.document.write(b.document.text);
		expect(b.document.lesson).toEqual(lesson);
		expect(b.document.lesson.lasting).toBe(lesson.lasting);
		b.document.write(b.document.text.replace('99', '77'));
		await b.keeping.flush();
		await vi.waitFor(() => expect(a.document.text).toContain('77'));
		expect(a.keeping.id).toBe(b.keeping.id);
		expect(a.keeping.message).toBeNull();
	});

	test('where both were changed at once, both are kept', async () => {
		const a = await tab();
		const b = await tab();
		a.document.write(MIX.replace('18', '99'));
		b.document.write(MIX.replace('18', '77'));
		await a.keeping.flush();
		await b.keeping.flush();
		await vi.waitFor(async () => {
			await a.collection.refresh();
			expect(a.collection.shown.map(({ title }) => title).sort()).toEqual(['Mix', 'Mix (other tab)']);
		});
		expect([a.document.text.includes('99'), b.document.text.includes('77')]).toEqual([true, true]);
		expect(b.keeping.message).toContain('another tab');
		expect(a.keeping.id).not.toBe(b.keeping.id);
	});
});

describe('the collection', () => {
	test('new, duplicate, rename, tags, search, delete and undo', async () => {
		const { document, keeping, collection } = await tab();
		await collection.create(newLesson('title "Other"\nmax z = jugs'));
		expect(titleOf({ statement: document.text })).toBe('Other');
		await collection.refresh();
		const mix = collection.shown.find(({ title }) => title === 'Mix')!;
		await collection.duplicate(mix.id);
		await collection.describe(mix.id, { tags: ['primal', 'short'] });
		await collection.describe(keeping.id, { title: 'A "new" name' });
		await keeping.flush();
		await collection.refresh();
		const titles = () => collection.shown.map(({ title }) => title).sort();
		expect(titles()).toEqual(['A "new" name', 'Mix', 'Mix (copy)']);
		expect([collection.tags, document.text.split('\n')[0]]).toEqual([
			['primal', 'short'],
			'title "A \\"new\\" name"'
		]);
		collection.query = 'jugs';
		expect(titles()).toEqual(['A "new" name']);
		collection.query = 'MIX copy';
		expect(titles()).toEqual(['Mix (copy)']);
		collection.query = '';
		collection.tag = 'short';
		expect(titles()).toEqual(['Mix']);
		collection.tag = null;
		// the open one gives its place to another
		const open = collection.shown.find(({ id }) => id === keeping.id)!;
		await collection.remove(open);
		expect([titles(), keeping.id === open.id]).toEqual([['Mix', 'Mix (copy)'], false]);
		// as what was done last, undo takes it back
		document.undo();
		await vi.waitFor(() => expect(titles()).toEqual(['A "new" name', 'Mix', 'Mix (copy)']));
		expect(await collection.open(open.id)).toBe('/');
		expect(document.text).toContain('jugs');
		expect(await collection.open('gone')).toBeNull();
		expect(document.text).toContain('jugs');
	});

	test('a copy of the open lesson has what was typed last', async () => {
		const { document, keeping, collection } = await tab();
		document.write(MIX.replace('18', '99'));
		await collection.duplicate(keeping.id);
		const copy = collection.shown.find(({ title }) => title === 'Mix (copy)')!;
		await collection.open(copy.id);
		expect(document.text).toContain('99');
	});

	test('one goes back to an earlier state, and forth again', async () => {
		const { document, keeping, collection } = await tab();
		document.write(MIX.replace('18', '99'));
		await keeping.flush();
		const [first] = await collection.versions(keeping.id);
		expect(await collection.goBack(first)).toBe(true);
		expect(document.text).toBe(MIX);
		const versions = await collection.versions(keeping.id);
		expect(await collection.goBack(versions[0])).toBe(true);
		expect(document.text).toContain('99');
		expect(await collection.goBack({ at: 1, lesson: { format: 'other' } })).toBe(false);
		expect(document.text).toContain('99');
	});

	test('versions thin out with their age, and the last of each time stays', () => {
		const [minute, hour, day] = [60_000, 3_600_000, 86_400_000];
		const now = 1_000 * day;
		const at = (...ages: number[]) => ages.map((age) => ({ at: now - age, lesson: null }));
		const all = at(
			9 * day + 5 * hour,
			9 * day + 4 * hour,
			5 * hour - minute,
			5 * hour - 2 * minute,
			hour,
			10 * minute,
			5 * minute
		);
		expect(thinned(all, now)).toEqual(
			at(9 * day + 4 * hour, 5 * hour - 2 * minute, hour, 10 * minute, 5 * minute)
		);
	});
});
