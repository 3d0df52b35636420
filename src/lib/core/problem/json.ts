import { en } from '../language/language';
import * as yup from 'yup';
import { decodeProblem } from './codec';
import { PROBLEM_FORMAT, type ProblemJson } from './format';
import { isPlain, type Of, type Shape } from './shape';
import { partsOf } from './shape-parts';
import { checkOf } from './shape-check';
import { MAX_CONSTRAINTS, MAX_VARIABLES, type Problem } from './types';

/** What is wrong with a piece of input, and where. */
export interface Issue {
	readonly path: string;
	readonly message: string;
}

/** Raised for input that is not a problem; `issues` has every fault that was found. */
export class InputError extends Error {
	constructor(readonly issues: readonly Issue[]) {
		super(issues[0]?.message ?? en`The input is not valid.`);
	}
}

/** Reads a part of what was sent; what is wrong with it joins the other issues, so that all are told at once. */
export function collect(issues: Issue[], read: () => void): void {
	try {
		read();
	} catch (error) {
		if (!(error instanceof InputError)) throw error;
		issues.push(...error.issues);
	}
}

/** Every fault that yup reports, as paths below a root. */
function faultsOf(error: yup.ValidationError, root: string): Issue[] {
	const leaves = (e: yup.ValidationError): yup.ValidationError[] =>
		e.inner.length ? e.inner.flatMap(leaves) : [e];
	return leaves(error).map(({ path = '', errors, message }) => {
		const [says = message] = errors;
		// shapes name the field at fault in their messages, where nobody has its path
		const field = `${path || 'this'} `;
		return {
			path: [root, path].filter(Boolean).join(path.startsWith('[') ? '' : '.'),
			message: says.startsWith(field) ? says.slice(field.length) : says
		};
	});
}

/**
 * Checks data against a schema.
 * @param root path of the data in what was sent
 * @throws InputError with every fault and its path
 */
function validate(schema: yup.Schema, data: unknown, root = ''): void {
	try {
		schema.validateSync(data, { strict: true, abortEarly: false });
	} catch (error) {
		if (error instanceof yup.ValidationError) throw new InputError(faultsOf(error, root));
		throw error;
	}
}

const readFormat = inputReader(PROBLEM_FORMAT);

/**
 * Makes the reader of a shape for what was sent.
 * @returns a function that gives what is described of data, with what holds where something was left out; `root`: its path in what was sent
 * @throws InputError with every fault and its path, where the reader is given something else
 */
export function inputReader<S extends Shape>(shape: S): (data: unknown, root?: string) => Of<S> {
	const check = checkOf(shape);
	return (data, root = '') => {
		validate(check, data, root);
		return partsOf(shape, data);
	};
}

/** Names twice, and terms of variables that are not there: what no field can tell alone. */
function crossFaults(raw: ProblemJson, root: string): Issue[] {
	const at = (path: string) => (root ? `${root}.${path}` : path);
	const issues: Issue[] = [];
	const unique = (items: readonly { name: string }[], what: string) => {
		const seen = new Set<string>();
		items.forEach((item, i) => {
			if (seen.has(item.name))
				issues.push({ path: at(`${what}[${i}].name`), message: en`“${item.name}” is already taken` });
			seen.add(item.name);
		});
		return seen;
	};
	const known = unique(raw.variables, 'variables');
	unique(raw.constraints, 'constraints');
	const foreign = (owner: { terms: Record<string, unknown> }, path: string) => {
		for (const variable of Object.keys(owner.terms))
			if (!known.has(variable))
				issues.push({
					path: at(`${path}.terms.${variable}`),
					message: en`“${variable}” is not among the variables`
				});
	};
	foreign(raw.objective, 'objective');
	raw.constraints.forEach((row, i) => foreign(row, `constraints[${i}]`));
	return issues;
}

/** Lists that are too long are refused before anything in them is looked at. */
function sizeFaults(data: unknown, root: string): Issue[] {
	if (!isPlain(data)) return [];
	return Object.entries({ variables: MAX_VARIABLES, constraints: MAX_CONSTRAINTS }).flatMap(([key, most]) => {
		const list = data[key];
		return Array.isArray(list) && list.length > most
			? [{ path: root ? `${root}.${key}` : key, message: en`has more than ${most} ${key}` }]
			: [];
	});
}

/**
 * Reads a problem of the problem format (docs/FORMAT.md).
 * @param data what JSON.parse gave; numbers as text or plain
 * @param root the path of this data in what was sent, for messages
 * @throws InputError with the faults and their paths
 */
export function readProblem(data: unknown, root = ''): Problem {
	const tooLong = sizeFaults(data, root);
	if (tooLong.length) throw new InputError(tooLong);
	const raw = readFormat(data, root);
	const issues = crossFaults(raw, root);
	if (issues.length) throw new InputError(issues);
	return decodeProblem(raw);
}
