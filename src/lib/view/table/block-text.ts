import { atOf, type Block } from './block.svelte';

/** The cells of a block as text: tabs between cells, a line for each row; places without a cell stay empty. */
export function blockText(block: Block, inputs: readonly HTMLInputElement[]): string {
	const rows = new Map<number, Map<number, string>>();
	for (const input of inputs) {
		const { y, x } = atOf(input);
		if (!block.has(y, x)) continue;
		const row = rows.get(y) ?? new Map<number, string>();
		rows.set(y, row.set(x, input.value));
	}
	const columns = [...rows.values()].flatMap((row) => [...row.keys()]);
	const [first, last] = [Math.min(...columns), Math.max(...columns)];
	return [...rows]
		.sort(([a], [b]) => a - b)
		.map(([, row]) => Array.from({ length: last - first + 1 }, (_, k) => row.get(first + k) ?? '').join('\t'))
		.join('\n');
}
