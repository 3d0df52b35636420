import type { StoryTarget } from '$lib/core/lesson/story';
import type { Reading } from '$lib/core/problem/statement/read';

/** Where a number of the problem stands in the statement; null where it is not written by itself. */
export function numberPlace(
	reading: Reading,
	{ name, part }: StoryTarget
): { from: number; to: number } | null {
	const row = reading.rows.find((own) => (name === null ? own.kind === 'objective' : own.name === name));
	if (!row || part === null) return null;
	if (part === 'amount') return row.right;
	const term = row.terms?.find((own) => own.name === part);
	return term ? { from: (term.factor ?? term.mention ?? term).from, to: term.to } : null;
}
