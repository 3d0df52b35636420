import type { StoryTarget } from '$lib/core/lesson';
import type { Reading } from '$lib/core/problem';

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

/** The number that stands at an offset of the statement, of those that are written by themselves. */
export function numberAt(reading: Reading, offset: number): StoryTarget | null {
	const covers = (place: { from: number; to: number } | null | undefined) =>
		!!place && place.from <= offset && offset <= place.to;
	for (const row of reading.rows) {
		const name = row.kind === 'objective' ? null : row.name;
		if (name === undefined) continue;
		if (covers(row.right)) return { name, part: 'amount' };
		const term = row.terms?.find((own) => covers(own));
		if (term) return { name, part: term.name };
	}
	return null;
}
