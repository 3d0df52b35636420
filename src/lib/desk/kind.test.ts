import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { kindOf } from '$lib/core/kind/kind';
import { readStatement } from '$lib/core/problem/statement/read';
import { Cancelled } from '$lib/work/cancelled';
import { Kind } from './kind.svelte';

const asked = vi.hoisted(() => ({ texts: [] as string[], fails: null as Error | null }));
vi.mock('$lib/work/client', () => ({
	kindInWorker: async (text: string) => {
		asked.texts.push(text);
		if (asked.fails) throw asked.fails;
		return kindOf(readStatement(text).problem!);
	}
}));

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

test('the kind of a statement is found out once typing pauses, of the last one alone; a search that was cancelled leaves the words', async () => {
	const kind = new Kind();
	const find = async (...statements: string[]) => {
		const all = statements.map((text) => kind.find(text));
		expect(kind.isCurrent).toBe(false);
		await vi.runAllTimersAsync();
		await Promise.all(all);
		return kind.words.map(({ says }) => says);
	};
	expect(await find('max z = x', 'max z = x\na: x <= 4')).toContain('one best plan');
	expect([asked.texts, kind.isCurrent]).toEqual([['max z = x\na: x <= 4'], true]);
	asked.fails = new Cancelled();
	expect(await find('max z = y')).toContain('one best plan');
	asked.fails = new Error('lost');
	expect(await find('max z = y')).toEqual([]);
	expect(kind.isCurrent).toBe(false);
	asked.fails = null;
	expect(await find('max z = y')).toContain('unbounded');
});
