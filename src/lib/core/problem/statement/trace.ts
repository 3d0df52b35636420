import type { Diagnostic, Fix, TextPlace } from './diagnostics';
import type { Forgiven } from './forgive';
import type { Rewriting } from './written';
import { message, MOST_READ, type ReadingKind, type ReadPart } from './messages';
import type { Reading } from './reading';
import type { DeclarationSource, RowSource, Span, TermSource } from './source';

/** Places of the text that was parsed, brought back to the text that was written; and what was read otherwise, told. */

/** habits that are put right in two places of a line */
const MOVED: ReadonlySet<ReadingKind> = new Set(['label', 'sense', 'unit', 'parameter']);

/** What was written and what it means, each once: first what an edit says, then the others as they stand. */
function readParts(source: string, first: Rewriting, edits: readonly Rewriting[]): ReadPart[] {
	const partOf = ({ from, to, insert }: Rewriting): ReadPart => ({
		written: source.slice(from, to).trim(),
		means: insert.trim(),
		places: 0
	});
	const keyOf = ({ written, means }: ReadPart) => `${written}\n${means}`.toLowerCase();
	const shown = partOf(first);
	const parts = new Map([[keyOf(shown), shown]]);
	for (const edit of edits) {
		const own = partOf(edit);
		const known = parts.get(keyOf(own)) ?? own;
		parts.set(keyOf(own), { ...known, places: known.places + 1 });
	}
	return [...parts.values()];
}

/** What was read otherwise: a quiet notice for each habit, with a way to write it in the language itself. */
function told(source: string, rewritings: readonly Rewriting[]): Diagnostic[] {
	const kinds = new Map<ReadingKind, Rewriting[]>();
	for (const own of rewritings) kinds.set(own.kind, [...(kinds.get(own.kind) ?? []), own]);
	return [...kinds].map(([kind, edits]): Diagnostic => {
		const shown = edits.find(({ insert }) => insert.trim()) ?? edits[0];
		const fixes: Fix[] = [{ says: message('rewrite'), edits }];
		if (kinds.size > 1) fixes.push({ says: message('rewriteAll'), edits: rewritings });
		// what is moved about in a line is one place
		const lines = new Set(edits.map(({ from }) => source.lastIndexOf('\n', from - 1)));
		const times = MOVED.has(kind) ? lines.size : edits.length;
		const read = readParts(source, shown, edits);
		// the other half of what was moved is not ignored
		const halves = MOVED.has(kind) && shown.insert.trim() ? read.filter(({ means }) => means) : read;
		const said = message('readAs', kind, halves.slice(0, MOST_READ), halves.length, times);
		return { from: shown.from, to: shown.to, severity: 'notice', code: 'reading', message: said, fixes };
	});
}

/** What can be read in two ways: the likelier stands meanwhile, and both are there to choose from. */
const asked = (source: string, { doubts }: Forgiven): Diagnostic[] =>
	doubts.map(({ from, to, kind, choices }) => ({
		from,
		to,
		severity: 'notice',
		code: 'ambiguous',
		message: message(
			'ambiguous',
			source.slice(from, to),
			choices.map(({ insert }) => insert),
			choices[0].edits.length,
			kind
		),
		fixes: choices.map(({ insert, edits }) => ({ says: message('choose', insert, kind), edits }))
	}));

/** What cannot be read at all. */
const refused = ({ refusals }: Forgiven): Diagnostic[] =>
	refusals.map(({ from, to, message: says }) => ({
		from,
		to,
		severity: 'error',
		code: 'syntax',
		message: says
	}));

/** A reading of the forgiven text as one of the text that was written. */
export function traced(source: string, forgiven: Forgiven, reading: Reading): Reading {
	const { rewritings, origin } = forgiven;
	const back = <T extends Span>(own: T): T => ({ ...own, ...origin(own) });
	const maybe = (own: Span | null) => own && origin(own);
	const fix = ({ says, edits }: Fix): Fix => ({ says, edits: edits.map(back) });
	const term = (own: TermSource): TermSource => ({
		...back(own),
		mention: maybe(own.mention),
		sign: maybe(own.sign),
		factor: maybe(own.factor)
	});
	const row = (own: RowSource): RowSource => ({
		...back(own),
		label: maybe(own.label),
		unit: maybe(own.unit),
		left: origin(own.left),
		terms: own.terms && own.terms.map(term),
		relation: maybe(own.relation),
		right: maybe(own.right)
	});
	// what stands in a stretch that cannot be read is not missed as well
	const isGoalRefused = forgiven.refusals.some((own) =>
		/\b(?:max|min)/i.test(source.slice(own.from, own.to))
	);
	const isMissed = ({ code }: Diagnostic) =>
		forgiven.refusals.length > 0 &&
		(code === 'no-objective' || code === 'empty'
			? isGoalRefused || !forgiven.text.trim()
			: /^(?:unconstrained|lonely-name|near-name)$/.test(code));
	/** what is not expected, as it is written: “and”, which was read as a comma */
	const asWritten = (own: Diagnostic): Diagnostic => {
		if (own.message.name !== 'unexpected' && own.message.name !== 'keyword') return own;
		const [says] = own.message.about as [string];
		const place = origin({ from: own.from, to: own.from + says.length });
		const written = source.slice(place.from, place.to).trim();
		const isSame = written === '' || written.startsWith(says) || written.length > 30;
		return isSame ? own : { ...own, message: message('unexpected', written) };
	};
	const found = reading.diagnostics
		.filter((own) => !isMissed(own))
		.map(asWritten)
		.map((own) => ({
			...back(own),
			...(own.fixes ? { fixes: own.fixes.map(fix) } : {})
		}));
	return {
		problem: forgiven.refusals.length > 0 ? null : reading.problem,
		diagnostics: [
			...found,
			...asked(source, forgiven),
			...refused(forgiven),
			...told(source, rewritings)
		].sort((a, b) => a.from - b.from || a.to - b.to),
		places: reading.places.map((own): TextPlace => back(own)),
		rows: reading.rows.map(row),
		declarations: reading.declarations.map((own): DeclarationSource => back(own))
	};
}
