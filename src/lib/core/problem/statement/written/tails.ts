import { asName } from '../../names';
import { said, type Clause, type Draft } from './clause';
import type { Evidence } from './names';
import type { Token } from './token';

/** What stands behind a row: its name, its unit, a remark. */

/** what rows are called that are only counted */
const COUNTED_ROW = /^(?:constraint|row|restriction|condition|equation|eq|inequality)$/i;

/** Gives a row a name that stands elsewhere. */
export function nameRow(row: Clause, draft: Draft, text: string): void {
	row.labelled = asName(text);
	draft.put({ from: row.from, to: row.from }, `${row.labelled}: `, 'label');
}

/** x + y ≤ 16 m², 16 m^2: the unit, where its letter is no variable; returns whether there is one. */
function areaBehind(clause: Clause, draft: Draft, { words }: Evidence): boolean {
	const raised = /r[^r]*n(wen?)$/.exec(clause.shape);
	if (!raised) return false;
	const at = clause.shape.length - raised[1].length;
	const written = clause.source.slice(clause.tokens[at].from, clause.to);
	const isArea = /^(?:[cdk]?m|mm|ft|in|yd)(?:[²³]|\^[23])$/.test(written);
	if (!isArea || (words.get(clause.tokens[at].says) ?? 0) > 1) return false;
	const unit = `[${written.replace('^2', '²').replace('^3', '³')}]`;
	draft.put({ from: clause.tokens[at - 1].to, to: clause.to }, ` ${unit}`, 'unit');
	clause.merge(at, clause.shape.length, 'unit', unit);
	return true;
}

/** Words behind a row: its name behind a mark or in brackets, a unit. */
export function tails(
	clause: Clause,
	draft: Draft,
	evidence: Evidence,
	ends: ReadonlyMap<string, number>
): void {
	// x + y ≤ 4 : clay, x + y ≤ 4 ← clay
	const marked = /r[^l]*[nw]u?([lxoy?])(w+|pw+q)$/.exec(clause.shape);
	const markAt = clause.shape.length - (marked?.[2].length ?? 0) - 1;
	// j = 1..n is a range
	const isRange = marked?.[1] === 'o' && !clause.tokens[markAt].apart;
	// a row that has its name already: the mark and what it points at is a remark
	if (marked && clause.labelled && /[lxo?]/.test(marked[1]) && !isRange && !/^g/.test(clause.shape))
		return draft.passEnd(clause, markAt, 'comment');
	if (marked && !isRange && !clause.labelled && !/^g/.test(clause.shape)) {
		nameRow(clause, draft, clause.text(markAt + 1).replace(/^\(|\)$/g, ''));
		draft.passEnd(clause, markAt, 'label');
		return;
	}
	if (areaBehind(clause, draft, evidence)) return;
	// max z = 3x + 100 (fixed cost)
	const aside = /^g[^l]*r.*n(p(w+)q)$/.exec(clause.shape);
	if (aside) {
		const at = clause.shape.length - aside[1].length;
		const words = clause.tokens.slice(at + 1, -1);
		if (clause.tokens[at].apart && words.every(({ says }) => evidence.words.get(says) === 1))
			draft.passEnd(clause, at, 'comment');
		return;
	}
	// x + y ≤ 4   constraint 1
	const counted = /r[^lr]*[nw]u?(w+n)$/.exec(clause.shape);
	if (counted && !clause.labelled && !/g/.test(clause.shape)) {
		const at = clause.shape.length - counted[1].length;
		const words = said(clause.tokens.slice(at, -1));
		if (clause.tokens[at].apart && ((ends.get(words) ?? 0) > 1 || COUNTED_ROW.test(words))) {
			nameRow(clause, draft, clause.text(at));
			draft.passEnd(clause, at, 'label');
			return;
		}
	}
	// x ≥ 2 (min)
	if (/r[^r]*[nw]u?pgq$/.test(clause.shape) && clause.tokens[clause.shape.indexOf('r')].says !== '=') {
		draft.passEnd(clause, clause.shape.length - 3, 'comment');
		return;
	}
	// a remark that is no name: (dual: y1)
	const remark = /p[wncdl]*l[wncd]*q$/.exec(clause.shape);
	if (remark && /r.*[nw]u?$/.test(clause.shape.slice(0, remark.index))) {
		draft.passEnd(clause, remark.index, 'comment');
		return;
	}
	const end = /([uw]*)p(w(?:[wcd]|n(?=q))*)q$/.exec(clause.shape);
	if (!end || !/r.*[nw]u?$/.test(clause.shape.slice(0, end.index + end[1].length)) || /^g/.test(clause.shape))
		return;
	const inside = clause.tokens.slice(end.index + end[1].length + 1, -1);
	// (clay, kg) is named by what comes first
	const comma = inside.findIndex(({ kind }) => kind === 'comma');
	const words: Token[] = comma > 0 ? inside.slice(0, comma) : [...inside];
	// (clay in kg) has a unit
	const unitAt = words.findIndex(({ says }) => says === 'in');
	const unit = unitAt > 0 ? said(words.slice(unitAt + 1)) : '';
	if (unit) words.length = unitAt;
	if (words.some(({ says }) => (evidence.terms.get(says) ?? 0) > 0)) return;
	const text = said(words);
	const at = { from: clause.tokens[end.index + end[1].length - 1].to, to: clause.to };
	const isNew = (ends.get(text) ?? 1) === 1 && words.some(({ says }) => evidence.words.get(says) === 1);
	if (isNew && !clause.labelled) {
		nameRow(clause, draft, text);
		draft.put(at, unit ? ` [${unit}]` : '', 'label');
	} else draft.put(at, end[1] ? '' : ` [${text}]`, 'unit');
	clause.drop(end.index + end[1].length, clause.shape.length);
}
