import { say } from '$lib/core/sentence/sentence';
import { branchName } from '$lib/core/move/branch';
import { branchOfKey } from '$lib/core/problem/keys';
import type { Naming } from '$lib/core/move/types';
import type { Tableau } from '$lib/core/tableau/tableau';
import type { LessonDocument } from './document.svelte';

/** What the ids in moves are called; those that the tableau does not know are called after what they stand for. */
export function namingOf({ book }: Pick<LessonDocument, 'book'>, tableau: Tableau | null): Naming {
	const columns = new Map(tableau?.form.columns.map((column) => [column.id, column]));
	const nameOf = (kind: 'constraints' | 'variables', key: string): string => {
		const branch = kind === 'constraints' ? branchOfKey(key) : null;
		if (branch) return branchName(nameOf('variables', branch.variable), branch.relation, branch.value);
		return book[kind].find((own) => own.key === key)?.name ?? key;
	};
	return {
		column(id) {
			const column = columns.get(id);
			if (column) return column.kind === 'vacant' ? [] : say`${column}`;
			const [, kind, key] = /^([^:]*):(?:bound:)?(.*?)(?::2)?$/.exec(id) ?? [];
			return kind?.startsWith('x')
				? say`${nameOf('variables', key)}`
				: say`slack of ${nameOf('constraints', key ?? id)}`;
		},
		constraint: (key) => say`${nameOf('constraints', key)}`,
		variable: (key) => say`${nameOf('variables', key)}`
	};
}
