import { en } from '../language/language';
import { METHODS, type MethodName } from '../method/solve';
import { ruleNamed, RULE_NAMES, type RuleName } from '../method/rule';
import { InputError } from '../problem/json';
import { count, flag, list, oneOf, record, text, type Of } from '../problem/shape';
import { readerOf } from '../problem/shape-check';
import { MAX_STATEMENT } from '../problem/statement/limits';
import { readStatement } from '../problem/statement/read';
import type { Problem } from '../problem/types';
import { questions } from './ask';
import { KIND_NAMES, type KindName, type Question } from './types';

/** An exercise: a problem, which questions are asked about it, and how answers are taken. The questions follow from it. */

/** variables and constraints that the problem of an exercise has at most: its tableaux are worked by hand, on the page */
export const MOST_SIZE = 24;

/** questions that an exercise asks at most */
export const MOST_ASKED = 40;

const EXERCISE = record({
	format: oneOf(['mathesis-exercise']),
	version: oneOf([1]),
	title: text(200, 0),
	/** the problem in the statement language */
	statement: text(MAX_STATEMENT),
	story: text(50_000, 0),
	method: oneOf(METHODS),
	rule: oneOf(RULE_NAMES),
	kinds: list(oneOf(KIND_NAMES), KIND_NAMES.length, 1),
	count: count,
	seed: count,
	/** hints for each question */
	hints: oneOf([0, 1, 2, 3]),
	/** whether each answer is judged at once; else all are at the end */
	atOnce: flag,
	/** whether the next question waits for a right answer */
	waits: flag
});
export type Exercise = Of<typeof EXERCISE>;

const read = readerOf(EXERCISE);

/** Whether nobody would work a problem by hand. */
export const isTooLarge = ({ variables, constraints }: Problem): boolean =>
	variables.length + constraints.length > MOST_SIZE;

/**
 * Checks an exercise that comes from a file or a link.
 * @throws yup.ValidationError that names the first field at fault
 * @throws InputError where its problem cannot be read
 */
export function readExercise(data: unknown): Exercise {
	const own = read(data);
	const { problem } = readStatement(own.statement);
	if (!problem) throw new InputError([{ path: 'statement', message: en`cannot be read as a problem` }]);
	if (isTooLarge(problem))
		throw new InputError([
			{ path: 'statement', message: en`has more than ${MOST_SIZE} variables and constraints` }
		]);
	return { ...own, count: Math.min(own.count, MOST_ASKED) };
}

/** What an exercise asks; the same exercise asks the same questions. */
export function questionsOf({ statement, method, rule, kinds, seed, count: wanted }: Exercise): Question[] {
	const { problem } = readStatement(statement);
	if (!problem || isTooLarge(problem)) return [];
	return questions({ problem, method, rule: ruleNamed(rule), kinds, seed, count: wanted });
}

/** What exercises are usually about. */
export interface Preset {
	readonly name: string;
	readonly kinds: readonly KindName[];
	readonly method: MethodName;
}

export const PRESETS = [
	{
		name: en`The simplex method by hand`,
		kinds: ['entering', 'leaving', 'next-tableau', 'state'],
		method: 'auto'
	},
	{ name: en`Only the choices`, kinds: ['entering', 'ratio', 'leaving', 'state'], method: 'auto' },
	{
		name: en`Two phases`,
		kinds: ['artificial-row', 'entering', 'leaving', 'entry', 'phase-two'],
		method: 'two-phase'
	},
	{ name: en`With M`, kinds: ['artificial-row', 'entering', 'leaving', 'entry'], method: 'big-m' },
	{
		name: en`The model`,
		kinds: ['sentence', 'relation', 'coefficient', 'standard-form', 'feasible', 'violation', 'plan-value'],
		method: 'auto'
	},
	{
		name: en`Graphical`,
		kinds: [
			'which-picture',
			'region-shape',
			'side',
			'sides',
			'intercept',
			'corner-lines',
			'feasible',
			'corner-values',
			'best-corner',
			'path',
			'redundant'
		],
		method: 'auto'
	},
	{
		name: en`The dual simplex method`,
		kinds: ['dual-leaving', 'dual-entering', 'next-tableau'],
		method: 'auto'
	},
	{
		name: en`Read the answer`,
		kinds: ['state', 'plan', 'value', 'degenerate', 'other-optimum'],
		method: 'auto'
	},
	{
		name: en`Duality`,
		kinds: ['dual-sign', 'dual-relation', 'dual-number', 'multiplier-bound', 'dual-value', 'complementary'],
		method: 'auto'
	},
	{ name: en`Sensitivity`, kinds: ['dual-value', 'one-more', 'interval', 'plan-stays'], method: 'auto' },
	{ name: en`Cutting planes`, kinds: ['rounding', 'fractional-part', 'cut', 'cut-point'], method: 'auto' },
	{
		name: en`Branch and bound`,
		kinds: ['rounding', 'branch-on', 'close', 'next-node', 'gap'],
		method: 'auto'
	},
	{ name: en`Find the mistake`, kinds: ['wrong-entry', 'rule-kept', 'claim'], method: 'auto' }
] as const satisfies readonly Preset[];

/** An exercise about a problem as a preset makes it. */
export const exerciseOf = (
	about: Pick<Exercise, 'title' | 'statement' | 'story'> & { readonly rule?: RuleName },
	{ kinds, method }: Preset,
	seed = 1
): Exercise => ({
	rule: 'dantzig',
	...about,
	format: 'mathesis-exercise',
	version: 1,
	method,
	kinds,
	count: 10,
	seed,
	hints: 3,
	atOnce: true,
	waits: true
});
