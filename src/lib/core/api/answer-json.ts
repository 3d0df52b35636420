import type { Marginal, OneSide } from '../parametric/marginal';
import { plainText } from '../sentence/sentence';
import type { Certificate } from '../answer/certificate';
import type { LinearAnswer } from '../answer/answer';
import type { OptimalSet } from '../answer/optimal-set';
import type { Interval, Ranging } from '../answer/ranging';
import { stopWords } from '../answer/messages';
import type { BranchNode } from '../integer/branch';
import type { Cover } from '../integer/covers';
import type { Cut } from '../integer/cut';
import { nodeWords } from '../integer/messages';
import { findingWords, startWords } from '../method/messages';
import type { Step } from '../method/types';
import { toText, type Rational } from '../number/rational';
import { objectiveValue, readPlan } from '../tableau/tableau';
import { tableauJson } from '../tableau/written';
import type {
	BoundJson,
	CertificateJson,
	CoverJson,
	CutJson,
	IntervalJson,
	LinearJson,
	MarginalJson,
	NodeJson,
	NumbersJson,
	OptimalSetJson,
	RangingJson,
	SideJson,
	StepJson
} from './shapes';

/** A map of numbers as an object of texts. */
export const numbers = (map: ReadonlyMap<string, Rational>): NumbersJson =>
	Object.fromEntries([...map].map(([name, value]) => [name, toText(value)]));

const interval = ({ low, high }: Interval): IntervalJson => ({
	low: low && toText(low),
	high: high && toText(high)
});
const intervals = (map: ReadonlyMap<string, Interval>): Record<string, IntervalJson> =>
	Object.fromEntries([...map].map(([name, value]) => [name, interval(value)]));

/** Ranges as the API writes them. */
export const rangingJson = (ranging: Ranging): RangingJson => ({
	degenerate: ranging.degenerate,
	objective: intervals(ranging.objective),
	rhs: intervals(ranging.rhs)
});

/** Bounds that the plan meets, with their values and intervals, by variable. */
export const boundsJson = ({ bounds }: Ranging): Record<string, BoundJson> =>
	Object.fromEntries(
		[...bounds].map(([name, { side, dual, ...range }]) => [
			name,
			{ side, dual: toText(dual), ...interval(range) }
		])
	);

const sideJson = ({ rate, for: far }: OneSide): SideJson => ({
	rate: rate && toText(rate),
	for: far && toText(far)
});

/** What one more and one less of a right-hand side are worth, as the API writes it. */
export const marginalJson = ({ more, less }: Marginal): MarginalJson => ({
	more: sideJson(more),
	less: sideJson(less)
});

/** The set of optimal plans as the API writes it. */
export const optimalSetJson = (set: OptimalSet): OptimalSetJson => ({
	unique: set.unique,
	dimension: set.dimension,
	vertices: set.vertices.map(numbers),
	rays: set.rays.map(numbers),
	...(set.lines.length ? { lines: set.lines.map(numbers) } : {}),
	...(set.complete ? {} : { complete: false as const })
});

/** A certificate as the API writes it. */
export function certificateJson(certificate: Certificate): CertificateJson {
	if (certificate.kind === 'unbounded')
		return { kind: 'unbounded', point: numbers(certificate.point), ray: numbers(certificate.ray) };
	if (certificate.kind === 'infeasible')
		return {
			kind: 'infeasible',
			multipliers: numbers(certificate.multipliers),
			...(certificate.variable === undefined ? {} : { variable: certificate.variable })
		};
	return {
		kind: 'optimal',
		point: numbers(certificate.point),
		multipliers: numbers(certificate.multipliers)
	};
}

/** The part of an answer that every status has, and what an optimum adds. */
export const linearJson = (answer: LinearAnswer): LinearJson => ({
	status: answer.status,
	...(answer.reason ? { reason: plainText(stopWords(answer.reason)), reasonCode: answer.reason.code } : {}),
	...(answer.objective ? { objective: toText(answer.objective) } : {}),
	...(answer.solution ? { solution: numbers(answer.solution) } : {}),
	method: answer.method,
	why: plainText(startWords(answer.why)),
	whyCode: answer.why.code,
	pivots: answer.pivots
});

/** A step of a run with its tableau, as the API writes it. */
export function stepJson(step: Step): StepJson {
	const { tableau, choice, part } = step;
	const name = (column: number) => tableau.form.columns[column].name;
	return {
		kind: step.kind,
		phase: part === 'phase-one' || part === 'drive-out' ? 1 : 2,
		part,
		...(choice ? { entering: name(choice.entering), leaving: name(choice.leaving) } : {}),
		...(step.note
			? {
					note: step.note.found.map((found) => plainText(findingWords(step.note!.at, found))).join(' '),
					noteCodes: step.note.found.map(({ code }) => code)
				}
			: {}),
		basis: tableau.basis.map(name),
		point: numbers(readPlan(tableau)),
		objective: toText(objectiveValue(tableau)),
		tableau: tableauJson(tableau)
	};
}

/** A node of a search tree as the API writes it. */
export const nodeJson = (node: BranchNode): NodeJson => ({
	id: node.id,
	parent: node.parent,
	branching: node.branching && { ...node.branching, value: toText(node.branching.value) },
	status: node.status,
	bound: node.bound && toText(node.bound),
	solution: node.solution && numbers(node.solution),
	closed: node.closed && plainText(nodeWords(node.closed)),
	closedCode: node.closed && node.closed.code
});

/** A cover inequality as the API writes it. */
export const coverJson = ({ row, terms, rhs }: Cover): CoverJson => ({
	row,
	terms: numbers(terms),
	relation: '<=',
	rhs: toText(rhs)
});

/** A cutting plane as the API writes it. */
export const cutJson = (cut: Cut): CutJson => ({
	kind: cut.kind,
	row: cut.row,
	nonbasic: { terms: numbers(cut.nonbasic.terms), relation: '>=', rhs: toText(cut.nonbasic.rhs) },
	original: cut.original && {
		terms: numbers(cut.original.terms),
		relation: cut.original.relation,
		rhs: toText(cut.original.rhs)
	}
});
