import type { Clause, Draft } from './clause';
import type { Evidence } from './names';

/** Words that only lead to a statement: where, also, there must be, for all i, headings. */

const HEADING =
	/^(?:(?:the )?(?:objective|target|goal)(?: function)?|obj|zielfunktion|(?:decision )?variables?|unknowns?|(?:functional |structural )?constraints?|restrictions?|conditions?|nb|(?:neben)?bedingungen|restriktionen|entscheidungsvariablen|contraintes|restricciones|nichtnegativit(?:ä|ae)t(?:sbedingung(?:en)?)?|let|thanks|thank you|cheers|hello|hi|max or min|bounds?|limits|(?:and )?non ?negativity(?: constraints?| conditions?| restrictions?)?|non ?neg|sign(?: constraints?| restrictions?| conditions?)?|signs|domains?|types?|integrality(?: constraints?| conditions?)?|logical constraints?|lp|ilp|ip|mip|(?:the )?(?:lp |ip |linear |integer )?(?:model|formulation|program(?:me)?|problem)|linear program(?:me)?|integer program(?:me)?|given|where|with|and|data|task|end|find|solve|we want to|our goal is to|i want to|let us|please)$/i;
/** Whether words only say what kind of line follows. */
export const isHeading = (text: string): boolean =>
	HEADING.test(text.trim().replace(/[-_]/g, ' ').replace(/\s+/g, ' '));

/** what is said of several variables, or of a domain: it has no name */
export const SIGNS = /^p?w(?:[ca]+w)+q?[rih]|^p?w(?:[ca]*w)*q?[ih]|^A/;

/** what one does with a thing: make at least 3 */
const DOES =
	/^(?:there|we|you|make|produce|sell|buy|build|use|order|ship|plant|deliver|bake|brew|need|want|require|take|include|pick|choose)$/i;

/** Takes away what only leads to a statement. */
export function withoutLead(clause: Clause, draft: Draft, evidence: Evidence): void {
	// find x and y that maximise …, all x_j ≥ 0
	const lead =
		/^[wacAlu]+(?=g)/.exec(clause.shape)?.[0].length ??
		(/^w(?=p?w[^r]*[rih])/.test(clause.shape) &&
		/^(?:all|both|each|every|any|var|let|param)$/i.test(clause.tokens[0].says)
			? 1
			: 0);
	if (lead > 0 && !/l/.test(clause.shape.slice(0, lead))) draft.passStart(clause, lead, 'sense');
	// where x + y ≤ 4, where x and y are integers
	if (
		/^w(?:[nwsp].*r|p?w[^r]*[ih]|A)/.test(clause.shape) &&
		/^(?:where|with|and|also|finally|furthermore|moreover|further|additionally|while|given|wobei|mit|avec|donde|con)$/i.test(
			clause.tokens[0].says
		) &&
		!evidence.goal.has(clause.tokens[0].says) &&
		clause.tokens[1].apart &&
		!/^w+rw+$/.test(clause.shape)
	)
		draft.passStart(clause, 1, 'rows');
	// Nonnegativity x ≥ 0
	const heading = /^w{1,3}(?=wr)/.exec(clause.shape)?.[0].length ?? 0;
	if (heading > 0 && isHeading(clause.text(0, heading)) && !evidence.terms.has(clause.text(0, heading)))
		draft.passStart(clause, heading, 'rows');
	// for all i: x_i ≥ 0
	const each = /^v[^l]{1,12}l(?=.*[rih])/.exec(clause.shape)?.[0].length ?? 0;
	const indices = clause.tokens.slice(1, Math.max(1, each - 1)).filter(({ kind }) => kind === 'word');
	if (each > 0 && indices.every(({ says }) => /^\p{L}$/u.test(says))) draft.passStart(clause, each, 'domain');
	// x, y ≥ 0 (non-negativity)
	const remark = SIGNS.test(clause.shape) ? /(?<=[nih])p[ws]+q$/.exec(clause.shape) : null;
	if (remark && !clause.tokens.slice(remark.index).some(({ says }) => evidence.terms.has(says)))
		draft.passEnd(clause, remark.index, 'comment');
	// At least 10 units in all: x + y ≥ 10
	const told = /^r[nwuPd]*l(?=[nwsp].*r)/.exec(clause.shape)?.[0].length;
	if (told) draft.passStart(clause, told, 'rows');
	// there must be at least 2 x
	const [doer] = clause.tokens;
	const isDone = /^wrn?w$/.test(clause.shape) && !evidence.goal.has(doer.says) && DOES.test(doer.says);
	if (isDone && (evidence.terms.get(doer.says) ?? 0) < 2) draft.passStart(clause, 1, 'prose');
	// we have x + y ≤ 4
	const weHave = /^ww(?=[nwsp].*r)/.test(clause.shape) && clause.text(0, 2);
	if (weHave && /^(?:i|we|you) (?:have|know|need|require)$/i.test(weHave)) draft.passStart(clause, 2, 'rows');
	// (x + y ≤ 4)
	if (/^p[^pq]*r[^pq]*q$/.test(clause.shape)) {
		draft.put(clause.tokens[0], '', 'mark');
		draft.put(clause.tokens.at(-1)!, '', 'mark');
		clause.tokens = clause.tokens.slice(1, -1);
	}
}
