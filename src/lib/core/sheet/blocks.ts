import { en } from '../language/language';
import { certify } from '../answer/certificate';
import { dualProblem } from '../answer/dual-problem';
import { optimalSet } from '../answer/optimal-set';
import { ranging, type Interval } from '../answer/ranging';
import type { LinearAnswer, RunOptions } from '../answer/answer';
import type { BranchResult } from '../integer/branch';
import { branchingText, nodeWords } from '../integer/messages';
import { isBound } from '../problem/row-owner';
import { asksForWhole } from '../problem/whole';
import { bestPlansFound, boundFound, checksOf, storyFound } from '../commentary/answer-findings';
import { bestPlansWords, boundWords, checkWords, storyWords } from '../commentary/words/answer';
import { remarkWords } from '../commentary/messages';
import { proofFound } from '../commentary/dual-findings';
import { dualWords } from '../commentary/words/duality';
import { stages } from '../form/stages';
import type { System } from '../form/types';
import { cornerTable, type CornerRow } from '../geometry/corner-table';
import { formOptions } from '../move/begin';
import { labelOf, tell } from '../move/kinds';
import type { Naming } from '../move/types';
import type { Notation } from '../notation/notation';
import { isZero, ZERO, type Rational } from '../number/rational';
import { stated } from '../position/position';
import { OWN_NAMES } from '../problem/keys';
import { RELATION_SIGNS } from '../problem/relation';
import type { Plan, Problem } from '../problem/types';
import { changeSentence, rowWords } from '../sentence/form-words';
import { joined, plainText, say, signed, signedAfter, type Sentence } from '../sentence/sentence';
import { objectiveValue, type Tableau } from '../tableau/tableau';
import { drawingOf } from './drawing';
import type { SheetStep } from './steps';
import { linearText } from './statement';
import { runParts } from './tableaux';
import { treeDrawing } from './tree-drawing';
import type { BlockName, Fill } from './presets';
import type { SheetPart } from './types';

/** What each block of a sheet prints of a problem, with its numbers or with room for them. */

/** What a sheet is made of. */
export interface SheetSource {
	readonly problem: Problem;
	readonly title: string;
	readonly story: string;
	/** what a variable or constraint means, empty where nothing is said */
	meaning(kind: 'variables' | 'constraints', name: string): string;
	readonly notation: Notation;
	readonly steps: readonly SheetStep[];
	/** cells of tableaux that are left blank where single ones are, see cellOnSheet */
	readonly cells: readonly string[];
	/** what ids in moves are called */
	naming(t: Tableau): Naming;
	/** how long runs may be */
	readonly options: RunOptions;
	/** the relaxation solved, a run of it with rounds of cutting planes, and the search for integer plans: each done once, when it is first asked for */
	relaxation(): LinearAnswer;
	rounds(): readonly SheetStep[];
	search(): BranchResult;
}

type Filled = Exclude<Fill, 'none'>;
type Build = (source: SheetSource, fill: Filled) => SheetPart[];

const heading = (says: string): SheetPart => ({ kind: 'heading', says });
/** A number, or a blank for it. */
const open = (fill: Filled, says: Sentence): Sentence | null => (fill === 'answers' ? says : null);
const amount = (value: Rational | null, none: string): Sentence => (value ? say`${value}` : say`${none}`);

const story: Build = ({ story: text }) => (text.trim() ? [{ kind: 'prose', text }] : []);

const statement: Build = ({ problem }) => [{ kind: 'statement', problem }];

function meanings({ problem, meaning }: SheetSource): SheetPart[] {
	const lines = (['variables', 'constraints'] as const).flatMap((kind) =>
		problem[kind].flatMap(({ name }) => {
			const own = meaning(kind, name);
			return own ? [say`${{ constraint: name }}: ${own}`] : [];
		})
	);
	return lines.length > 0 ? [heading(en`Meanings`), { kind: 'sentences', lines }] : [];
}

function picture({ problem }: SheetSource, fill: Filled): SheetPart[] {
	const drawing = drawingOf(problem, fill);
	return drawing ? [heading(en`Region`), { kind: 'picture', drawing }] : [];
}

/** The lines that meet in a corner. */
const meeting = ({ sides }: CornerRow): Sentence =>
	joined(
		sides.map(({ owner, rhs }) =>
			isBound(owner)
				? say`${{ constraint: owner.name }} = ${owner.kind === 'lower' ? rhs.neg() : rhs}`
				: say`${{ constraint: owner.name }}`
		)
	);

function corners({ problem }: SheetSource, fill: Filled): SheetPart[] {
	const { variables, objective } = problem;
	if (variables.length > 3) return [];
	const { rows } = cornerTable(problem, { outside: false });
	if (rows.length === 0) return [];
	const point = (row: CornerRow) =>
		say`(${joined(
			row.at.map((value) => say`${value}`),
			', ',
			', '
		)})`;
	const names = joined(
		variables.map(({ name }) => say`${{ constraint: name }}`),
		', ',
		', '
	);
	const lastHead = say`${{ constraint: objective.name }}`;
	return [
		heading(en`Corner table`),
		{
			kind: 'grid',
			head: [say`(${names})`, say`lines that meet`, lastHead],
			rows: rows.map((row) => [
				fill === 'grid' ? null : point(row),
				open(fill, meeting(row)),
				open(fill, say`${row.objective}${row.isBest ? en` (best)` : ''}`)
			])
		}
	];
}

const mixed = (terms: System['objective']): Sentence =>
	signed(
		terms.map(({ of, coefficient }) => ({
			says: 'variable' in of ? say`${{ constraint: of.variable }}` : say`${of}`,
			value: coefficient
		}))
	);

function form({ problem, steps }: SheetSource, fill: Filled): SheetPart[] {
	const move = steps.map((step) => step.move).find((own) => own?.kind === 'begin');
	const begin =
		move?.kind === 'begin'
			? move
			: { kind: 'begin' as const, way: 'auto' as const, equalities: 'one-row' as const };
	const way = stages(problem, formOptions(stated(problem), begin), OWN_NAMES);
	const last = way.at(-1)?.system;
	if (!last) return [];
	if (fill !== 'answers') return [heading(en`Standard form`), { kind: 'room', lines: last.rows.length + 2 }];
	const { objective } = problem;
	const goal = say`${last.negated ? '−' : ''}${{ constraint: objective.name }}`;
	const constant = isZero(last.constant) ? [] : signedAfter([{ says: [], value: last.constant }]);
	const rows: Sentence[][] = [
		[say`${last.sense}`, say`${goal} = ${mixed(last.objective)}${constant}`],
		...last.rows.map(({ owner, terms, relation, rhs }) => [
			isBound(owner) ? rowWords(owner) : say`${owner.name}`,
			say`${mixed(terms)} ${RELATION_SIGNS[relation]} ${rhs}`
		])
	];
	return [
		heading(en`Standard form`),
		{ kind: 'sentences', lines: way.map(({ change }) => changeSentence(change)) },
		{ kind: 'grid', head: [say`row`, say`reads`], rows }
	];
}

function tableaux({ steps, notation, naming, cells }: SheetSource, fill: Filled): SheetPart[] {
	const parts = runParts(steps, notation, naming, fill, cells);
	return parts.length > 0 ? [heading(en`Simplex tableaux`), ...parts] : [];
}

/** The steps in words: what was done, and the basis and the value that it led to. */
function trail({ steps, naming, problem }: SheetSource, fill: Filled): SheetPart[] {
	const taken = steps.flatMap(({ position, move }) => {
		const t = position.work?.tableau;
		return t && move ? [{ t, says: labelOf(move, naming(t)) }] : [];
	});
	if (taken.length === 0) return [];
	const name = say`${{ constraint: problem.objective.name }}`;
	return [
		heading(en`Steps`),
		{
			kind: 'grid',
			head: [say`step`, say`what is done`, say`basis`, name],
			rows: taken.map(({ t, says }, i) => [
				say`${i + 1}`,
				open(fill, says),
				open(
					fill,
					joined(
						t.basis.map((column) => say`${t.form.columns[column]}`),
						', ',
						', '
					)
				),
				open(fill, say`${objectiveValue(t)}`)
			])
		}
	];
}

function dual({ problem }: SheetSource, fill: Filled): SheetPart[] {
	const own = dualProblem(problem).problem;
	return [
		heading(en`Dual problem`),
		fill === 'answers'
			? { kind: 'statement', problem: own }
			: { kind: 'room', lines: own.constraints.length + 2 }
	];
}

/** The relaxation solved; null where it has no best plan. */
function optimum({ relaxation }: SheetSource): (LinearAnswer & { tableau: Tableau }) | null {
	const answer = relaxation();
	const { tableau } = answer;
	return answer.status === 'optimal' && tableau ? { ...answer, tableau } : null;
}

function ranges(source: SheetSource, fill: Filled): SheetPart[] {
	const { problem } = source;
	const answer = asksForWhole(problem) ? null : optimum(source);
	if (!answer) return [];
	const found = ranging(answer.tableau);
	const row = (name: string, now: Rational, { low, high }: Interval, dualValue: Rational | null) => [
		say`${{ constraint: name }}`,
		say`${now}`,
		open(fill, amount(low, '−∞')),
		open(fill, amount(high, '∞')),
		...(dualValue ? [open(fill, say`${dualValue}`)] : [])
	];
	const interval = (of: ReadonlyMap<string, Interval>, name: string) =>
		of.get(name) ?? { low: null, high: null };
	return [
		heading(en`Ranges`),
		{
			kind: 'grid',
			head: [say`coefficient of`, say`now`, say`plan stays from`, say`to`],
			rows: problem.variables.map(({ name }) =>
				row(name, problem.objective.terms.get(name) ?? ZERO, interval(found.objective, name), null)
			)
		},
		{
			kind: 'grid',
			head: [say`right-hand side of`, say`now`, say`dual value holds from`, say`to`, say`dual value`],
			rows: problem.constraints.map(({ name, rhs }) =>
				row(name, rhs, interval(found.rhs, name), answer.duals?.get(name) ?? ZERO)
			)
		}
	];
}

/** How each cut of some rounds comes about, below its name. */
const derivations = (rounds: readonly SheetStep[]): SheetPart[] =>
	rounds.flatMap(({ position, move }, i): SheetPart[] => {
		if (move?.kind !== 'cut') return [];
		const { heading: name, sentences } = remarkWords(tell(rounds[i - 1].position, move, position));
		return [heading(plainText(name)), { kind: 'sentences', lines: sentences }];
	});

function cuts({ problem, rounds }: SheetSource, fill: Filled): SheetPart[] {
	if (!asksForWhole(problem)) return [];
	const steps = rounds();
	const found = steps.at(-1)?.position.cuts ?? [];
	if (found.length === 0) return [];
	return [
		heading(en`Cuts`),
		{
			kind: 'grid',
			head: [say`cut`, say`row`, say`in the non-basic variables`, say`in the problem’s variables`],
			rows: found.map(({ row, nonbasic, original }, i) => [
				say`${i + 1}`,
				open(fill, say`${{ constraint: row }}`),
				open(fill, say`${linearText(nonbasic.terms)} ≥ ${nonbasic.rhs}`),
				open(
					fill,
					original
						? say`${linearText(original.terms)} ${RELATION_SIGNS[original.relation]} ${original.rhs}`
						: say`–`
				)
			])
		},
		...(fill === 'answers' ? derivations(steps) : [])
	];
}

export const planText = ({ variables }: Problem, plan: Plan): Sentence =>
	joined(
		variables.map(({ name }) => say`${{ constraint: name }} = ${plan.get(name) ?? ZERO}`),
		', ',
		', '
	);

function tree({ problem, search }: SheetSource, fill: Filled): SheetPart[] {
	if (!asksForWhole(problem)) return [];
	const { nodes } = search();
	if (nodes.length === 0) return [];
	// an empty table to write in does not show what the tree looks like
	const drawn = fill === 'grid' ? null : treeDrawing(nodes, () => (fill === 'answers' ? 'all' : 'box'));
	return [
		heading(en`Branch and bound`),
		...(drawn ? [{ kind: 'tree', tree: drawn } as const] : []),
		{
			kind: 'grid',
			// what a tree shows is not told again
			head: [
				say`node`,
				...(drawn ? [] : [say`from`, say`added`]),
				say`bound`,
				say`plan of its relaxation`,
				say`closed`
			],
			rows: nodes.map(({ id, parent, branching, bound, solution, closed }) => [
				say`${id}`,
				...(drawn
					? []
					: [
							open(fill, parent === null ? say`–` : say`${parent}`),
							open(fill, branching ? branchingText(branching) : say`–`)
						]),
				open(fill, bound ? say`${bound}` : say`–`),
				open(fill, solution ? planText(problem, solution) : say`–`),
				open(fill, closed ? nodeWords(closed) : say`branched`)
			])
		}
	];
}

/** Lines that an answer in words takes by hand. */
const ANSWER_ROOM = 5;

function answer(source: SheetSource, fill: Filled): SheetPart[] {
	if (fill !== 'answers') return [heading(en`Answer`), { kind: 'room', lines: ANSWER_ROOM }];
	const { problem, meaning } = source;
	const says = (lines: Sentence[]): SheetPart[] => [heading(en`Answer`), { kind: 'sentences', lines }];
	const story = (...of: Parameters<typeof storyFound>) =>
		storyFound(...of).map((found) => storyWords(found, meaning));
	if (asksForWhole(problem)) {
		const { status, solution } = source.search();
		if (status === 'optimal' && solution) return says(story(problem, solution, false));
		return says([say`${STATUS_WORDS[status]}`]);
	}
	const { status, solution, tableau, certificate } = source.relaxation();
	if (status !== 'optimal' || !solution || !tableau)
		return says(certificate ? [dualWords(problem, proofFound(certificate))] : [say`${STATUS_WORDS[status]}`]);
	const proof = certify({ status: 'optimal', tableau });
	const set = optimalSet(tableau);
	return says([
		...story(problem, solution, set.unique),
		bestPlansWords(bestPlansFound(problem, set)),
		...checksOf(problem, solution).map(checkWords),
		...(proof?.kind === 'optimal' ? boundFound(problem, proof.multipliers, solution).map(boundWords) : [])
	]);
}

const STATUS_WORDS: Readonly<Record<LinearAnswer['status'], string>> = {
	optimal: en`The problem has an optimal plan.`,
	infeasible: en`No plan is feasible.`,
	unbounded: en`The objective is unbounded.`,
	stopped: en`The search was stopped before its end.`
};

/** All blocks but the questions, which are numbered across a sheet. */
export const BUILDERS: Readonly<Record<Exclude<BlockName, 'questions'>, Build>> = {
	story,
	statement,
	meanings,
	picture,
	corners,
	form,
	tableaux,
	trail,
	dual,
	ranges,
	cuts,
	tree,
	answer
};
