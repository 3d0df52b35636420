import type { RunOptions } from '../answer/answer';
import { dualProblem } from '../answer/dual-problem';
import { NumberError, parseRational, toText, ZERO, type Rational } from '../number/rational';
import { stopWords } from '../answer/messages';
import { followedFunction, ParametricStopped, valueOn } from '../parametric/value-function';
import type { Varied } from '../problem/varied';
import { writeProblem } from '../problem/codec';
import { InputError } from '../problem/json';
import { plainText } from '../sentence/sentence';
import { NotPossible } from './region';
import { DUAL_REQUEST, PARAMETRIC_REQUEST, requestReader } from './requests';
import type { DualJson, ParametricJson } from './shapes';

const readDual = requestReader(DUAL_REQUEST);
const readParametric = requestReader(PARAMETRIC_REQUEST);

/**
 * The dual of a problem's relaxation.
 * @param data `{ problem }`
 * @throws InputError for input that is no problem
 */
export function answerDual(data: unknown): DualJson {
	const { problem } = readDual(data);
	const dual = dualProblem(problem);
	const owners = [...dual.variableOf, ...dual.boundOf].map(([row, name]) => [name, row]);
	return {
		problem: writeProblem(dual.problem),
		variables: Object.fromEntries(owners),
		constraints: Object.fromEntries([...dual.constraintOf].map(([variable, row]) => [row, variable]))
	};
}

/** An end of the interval; what is left out or null is none. */
function endOf(value: unknown, path: string): Rational | null {
	if (value === undefined || value === null) return null;
	try {
		if (typeof value === 'string' || typeof value === 'number') return parseRational(String(value));
	} catch (error) {
		if (!(error instanceof NumberError)) throw error;
		throw new InputError([{ path, message: error.message }]);
	}
	throw new InputError([{ path, message: 'must be a number as text, or null for no end' }]);
}

function readRequest(data: unknown) {
	const { problem, given } = readParametric(data);
	const { rhs, objective } = given.vary;
	if ((rhs === undefined) === (objective === undefined))
		throw new InputError([
			{ path: 'vary', message: 'must name one constraint (rhs) or one variable (objective)' }
		]);
	const varied: Varied = rhs !== undefined ? { rhs } : { objective: objective! };
	const [list, name, kind] =
		'rhs' in varied
			? ([problem.constraints, varied.rhs, 'constraints'] as const)
			: ([problem.variables, varied.objective, 'variables'] as const);
	if (!list.some((own) => own.name === name))
		throw new InputError([
			{ path: `vary.${'rhs' in varied ? 'rhs' : 'objective'}`, message: `“${name}” is not among the ${kind}` }
		]);
	const [from, to] = [endOf(given.from, 'from'), endOf(given.to, 'to')];
	if (from && to && from.gt(to)) throw new InputError([{ path: 'to', message: 'must not be below from' }]);
	return { problem, varied, from, to };
}

/**
 * The optimal objective as a function of one number.
 * @param data `{ problem, vary: { rhs } | { objective }, from, to }`
 * @throws InputError for input that is not valid, NotPossible where the time is up
 */
export function answerParametric(data: unknown, options: RunOptions = {}): ParametricJson {
	const { problem, varied, from, to } = readRequest(data);
	try {
		return {
			pieces: followedFunction(problem, varied, from, to, options).map((piece) => {
				const where = piece.from ?? piece.to ?? ZERO;
				const value = valueOn(piece, where);
				return {
					from: piece.from && toText(piece.from),
					to: piece.to && toText(piece.to),
					status: piece.status,
					...(value
						? { objective: { at: toText(value), slope: toText(piece.line!.slope), where: toText(where) } }
						: {}),
					...(piece.basis ? { basis: piece.basis } : {})
				};
			})
		};
	} catch (error) {
		if (error instanceof ParametricStopped)
			throw new NotPossible(plainText(stopWords(error.reason)), 'problem');
		throw error;
	}
}
