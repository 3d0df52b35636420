import { contextOf, tokensOf } from './tokens';
import { Draft, type Doubt, type TextRefusal, type Rewriting } from './clause';
import { clausesOf } from './split';
import { evidenceOf, hyphens, settleNames, singularNames, spacedIndices, withOneIndex } from './names';
import { withoutLabels } from './labels';
import { passTelling } from './telling';
import { settleGoal } from './goals';
import { settleSigns, signedNames } from './signs';
import { refuseOthers, settleDots, settleProportion, settleRow, settleShares } from './rows';
import {
	passCounts,
	settleAsMany,
	settleComparison,
	settleDifference,
	settleOrLess,
	settlePer,
	settleRatio,
	settleSumOf,
	settleTogether
} from './comparisons';
import { settleParameters } from './parameters';
import { plainUnit } from './latex';
import { writeOut } from './matrices';
import { refuseTable } from './tables';

/** What a text means in the statement language: stretches of it that are read as something else, what can be meant in two ways, what cannot be read. */
export interface Written {
	readonly edits: readonly Rewriting[];
	readonly doubts: readonly Doubt[];
	readonly refusals: readonly TextRefusal[];
}
export type { WayToRead, Doubt, TextRefusal, Rewriting } from './clause';

/**
 * Reads a text as people write it: tokens, the statements they make, what each word is by where it stands in the whole text, and then each statement by
 * its shape.
 * @param source any text
 * @returns edits that bring it to the statement language, in order and without overlap
 */
export function readWritten(source: string): Written {
	const whole = new Draft();
	if (writeOut(source, whole) || refuseTable(source, whole))
		return { edits: inOrder(whole.edits), doubts: [], refusals: whole.refusals };
	const context = contextOf(source);
	const { tokens: parts, passed } = tokensOf(source, context);
	const draft = new Draft();
	const tokens = withOneIndex(parts, draft);
	for (const own of passed) draft.put(own, own.says, own.habit);
	const clauses = clausesOf(tokens, source, draft);
	for (const clause of clauses) {
		settleShares(clause, draft);
		settleDots(clause, draft);
		settleProportion(clause, draft);
		settleComparison(clause, draft);
		settleOrLess(clause, draft);
		settleDifference(clause, draft);
		settlePer(clause, draft);
	}
	const isHyphen = hyphens(clauses);
	spacedIndices(clauses, draft);
	settleParameters(clauses, draft);
	let evidence = evidenceOf(clauses, isHyphen);
	for (const clause of clauses) {
		passCounts(clause, draft, evidence);
		settleRatio(clause, draft, evidence);
		settleTogether(clause, draft, evidence);
		settleSumOf(clause, draft, evidence);
		settleAsMany(clause, draft, evidence);
	}
	withoutLabels(clauses, draft, evidence, isHyphen);
	evidence = evidenceOf(clauses, isHyphen);
	for (const clause of clauses) if (clause.shape !== '') refuseOthers(clause, draft, evidence);
	passTelling(clauses, draft, evidence);
	const stated = clauses.filter((clause) => clause.shape !== '');
	evidence = evidenceOf(stated, isHyphen);
	settleNames(stated, draft, evidence, isHyphen);
	evidence = evidenceOf(stated, () => false);
	singularNames(stated, draft, evidence);
	settleGoal(stated, draft, evidence);
	const signed = signedNames(stated, evidence);
	for (const clause of stated) {
		if (clause.shape === '' || /g/.test(clause.shape)) continue;
		if (!settleSigns(clause, draft, evidence, signed)) settleRow(clause, draft);
	}
	numbers(tokens, draft);
	// what no statement took in as a whole is said token by token
	const taken = [...draft.edits].filter(({ from, to }) => to > from).sort((a, b) => a.from - b.from);
	let next = 0;
	let end = 0;
	const isTaken = ({ from, to }: { from: number; to: number }) => {
		for (; next < taken.length && taken[next].from <= from; next++) end = Math.max(end, taken[next].to);
		return to <= end;
	};
	for (const { kind, from, to, says, habit } of tokens) {
		const insert = kind === 'unit' && context.tex ? plainUnit(says) : says;
		if ((habit || insert !== says) && source.slice(from, to) !== insert && !isTaken({ from, to }))
			draft.edits.push({ from, to, insert, kind: habit ?? 'latex' });
	}
	return { edits: inOrder(draft.edits), doubts: draft.doubts, refusals: draft.refusals };
}

/** Numbers that can be read in two ways are one question. */
function numbers(tokens: ReturnType<typeof tokensOf>['tokens'], draft: Draft): void {
	const found = tokens.filter(
		(token) =>
			token.otherwise !== undefined &&
			!draft.edits.some((own) => own.from <= token.from && token.to <= own.to && own.insert === '')
	);
	const [first] = found;
	if (!first) return;
	const choice = (text: (token: (typeof found)[number]) => string) => ({
		insert: text(first),
		edits: found.map((token) => ({ from: token.from, to: token.to, insert: text(token) }))
	});
	for (const { from, to, says } of found)
		if (!draft.edits.some((own) => own.from <= from && to <= own.to)) draft.put({ from, to }, says, 'number');
	draft.doubts.push({
		from: first.from,
		to: first.to,
		kind: 'number',
		choices: [choice(({ says }) => says), choice(({ otherwise }) => otherwise!)]
	});
}

/** Edits by their places; one inside another, or in the way of one before, is left out. */
function inOrder(edits: readonly Rewriting[]): Rewriting[] {
	const sorted = edits
		.map((edit, i) => ({ edit, i }))
		.sort(
			(a, b) =>
				a.edit.from - b.edit.from ||
				(a.edit.to === a.edit.from ? 0 : 1) - (b.edit.to === b.edit.from ? 0 : 1) ||
				b.edit.to - a.edit.to ||
				a.i - b.i
		);
	const kept: Rewriting[] = [];
	for (const { edit } of sorted) {
		const last = kept.at(-1);
		if (!last || edit.from >= last.to) kept.push(edit);
		else if (edit.to > last.to && last.insert === '') kept.push({ ...edit, from: last.to });
	}
	return kept;
}
