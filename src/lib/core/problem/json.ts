import * as yup from 'yup';
import { NumberError, parseRational, toText, ZERO, type Rational } from '../number/rational';
import { isName, MAX_CONSTRAINTS, MAX_VARIABLES, withoutZeros, type Problem, type Terms } from './types';

/** What is wrong with a piece of input, and where. */
export interface Issue {
	readonly path: string;
	readonly message: string;
}

/** Raised for input that is not a problem; `issues` has every fault that was found. */
export class InputError extends Error {
	constructor(readonly issues: readonly Issue[]) {
		super(issues[0]?.message ?? 'The input is not valid.');
	}
}

type Message = string | null;

/** A yup test whose message may depend on the value. */
const checked = <T extends yup.AnySchema>(schema: T, look: (value: unknown) => Message): T =>
	schema.test('checked', function (this: yup.TestContext, value: unknown) {
		const message = look(value);
		return message === null || this.createError({ message });
	} as yup.TestFunction) as T;

function numberMessage(value: unknown): Message {
	if (typeof value !== 'string' && typeof value !== 'number')
		return 'must be a number, as text such as "7/3" or plain';
	try {
		readNumber(value);
		return null;
	} catch (error) {
		if (error instanceof NumberError) return error.message;
		throw error;
	}
}

/** A number of the format: text, or a JSON number taken as its decimal text. */
function readNumber(value: string | number): Rational {
	if (typeof value === 'string') return parseRational(value);
	if (!Number.isFinite(value)) throw new NumberError('is not a number; write 12, -2.5 or 7/3');
	const text = String(value);
	const match = /^(-?)(\d+)(?:\.(\d+))?e([+-]\d+)$/.exec(text);
	if (!match) return parseRational(text);
	const [, minus, whole, decimals = '', exponent] = match;
	const shift = Number(exponent) - decimals.length;
	const digits = whole + decimals;
	return parseRational(
		minus +
			(shift >= 0
				? digits + '0'.repeat(shift)
				: '0.' + '0'.repeat(Math.max(0, -shift - digits.length)) + digits)
	);
}

const number = () => checked(yup.mixed(), numberMessage);
const optionalNumber = () => checked(yup.mixed(), (v) => (v === undefined ? null : numberMessage(v)));
const bound = () =>
	checked(yup.mixed().nullable(), (v) => (v === undefined || v === null ? null : numberMessage(v)));

const text = (most: number) =>
	checked(yup.mixed(), (v) =>
		v === undefined
			? null
			: typeof v !== 'string'
				? 'must be text'
				: v.length > most
					? `has more than ${most} characters`
					: null
	);
const unit = () =>
	checked(yup.mixed(), (v) => {
		if (v === undefined) return null;
		if (typeof v !== 'string' || v.length > 60) return 'must be text of at most 60 characters';
		return /[[\]\n\r]/.test(v) ? 'must not have brackets or line breaks' : null;
	});
const name = () =>
	checked(yup.mixed(), (v) =>
		typeof v === 'string' && isName(v)
			? null
			: "must be a name: a letter, then letters, digits, _ or ', at most 40 characters"
	);

const plain = (v: unknown): v is Record<string, unknown> =>
	typeof v === 'object' && v !== null && !Array.isArray(v);

const terms = () =>
	yup.mixed().test('terms', function (value) {
		if (!plain(value))
			return this.createError({ message: 'must be an object of variable names and coefficients' });
		const faults = Object.entries(value).flatMap(([variable, coefficient]) => {
			const message = numberMessage(coefficient);
			return message ? [this.createError({ path: `${this.path}.${variable}`, message })] : [];
		});
		return faults.length ? new yup.ValidationError(faults) : true;
	});

const object = (fields: yup.ObjectShape, what: string) =>
	yup.object(fields).typeError(`must be ${what}`).required(`must be ${what}`);
const list = (item: yup.AnySchema, most: number, what: string) =>
	yup
		.array(item)
		.typeError(`must be a list of ${what}`)
		.required(`must be a list of ${what}`)
		.max(most, `has more than ${most} ${what}`);
const oneOf = (values: readonly string[], optional = false) =>
	checked(yup.mixed(), (v) =>
		(optional && v === undefined) || values.includes(v as string)
			? null
			: `must be one of ${values.join(', ')}`
	);

const schema = object(
	{
		format: oneOf(['mathesis-problem']),
		version: checked(yup.mixed(), (v) => (v === 1 ? null : 'must be 1, the version this application reads')),
		title: text(200),
		story: text(20_000),
		variables: list(
			object(
				{
					name: name(),
					unit: unit(),
					lower: bound(),
					upper: bound(),
					domain: oneOf(['continuous', 'integer', 'binary'], true)
				},
				'an object'
			),
			MAX_VARIABLES,
			'variables'
		),
		objective: object(
			{
				sense: oneOf(['max', 'min']),
				name: name(),
				unit: unit(),
				terms: terms(),
				constant: optionalNumber()
			},
			'an object'
		),
		constraints: list(
			object(
				{ name: name(), unit: unit(), terms: terms(), relation: oneOf(['<=', '>=', '=']), rhs: number() },
				'an object'
			),
			MAX_CONSTRAINTS,
			'constraints'
		)
	},
	'a problem object'
);

interface Raw {
	title?: string;
	story?: string;
	variables: {
		name: string;
		unit?: string;
		lower?: string | number | null;
		upper?: string | number | null;
		domain?: Problem['variables'][number]['domain'];
	}[];
	objective: {
		sense: 'max' | 'min';
		name: string;
		unit?: string;
		terms: Record<string, string | number>;
		constant?: string | number;
	};
	constraints: {
		name: string;
		unit?: string;
		terms: Record<string, string | number>;
		relation: '<=' | '>=' | '=';
		rhs: string | number;
	}[];
}

/** Every fault that yup reports, as paths below a root. */
export function faultsOf(error: yup.ValidationError, root: string): Issue[] {
	const leaves = (e: yup.ValidationError): yup.ValidationError[] =>
		e.inner.length ? e.inner.flatMap(leaves) : [e];
	return leaves(error).map((leaf) => ({
		path: [root, leaf.path].filter(Boolean).join(leaf.path?.startsWith('[') ? '' : '.'),
		message: leaf.errors[0] ?? leaf.message
	}));
}

/** Names twice, and terms of variables that are not there: what no field can tell alone. */
function crossFaults(raw: Raw, root: string): Issue[] {
	const at = (path: string) => (root ? `${root}.${path}` : path);
	const issues: Issue[] = [];
	const unique = (items: readonly { name: string }[], what: string) => {
		const seen = new Set<string>();
		items.forEach((item, i) => {
			if (seen.has(item.name))
				issues.push({ path: at(`${what}[${i}].name`), message: `“${item.name}” is already taken` });
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
					message: `“${variable}” is not among the variables`
				});
	};
	foreign(raw.objective, 'objective');
	raw.constraints.forEach((row, i) => foreign(row, `constraints[${i}]`));
	return issues;
}

/**
 * Reads a problem of the problem format (docs/FORMAT.md).
 * @param data what JSON.parse gave; numbers as text or plain
 * @param root the path of this data in what was sent, for messages
 * @throws InputError with every fault and its path
 */
export function readProblem(data: unknown, root = ''): Problem {
	try {
		schema.validateSync(data, { strict: true, abortEarly: false });
	} catch (error) {
		if (error instanceof yup.ValidationError) throw new InputError(faultsOf(error, root));
		throw error;
	}
	const raw = data as Raw;
	const issues = crossFaults(raw, root);
	if (issues.length) throw new InputError(issues);
	const read = (source: Record<string, string | number>): Terms =>
		withoutZeros(Object.entries(source).map(([variable, value]) => [variable, readNumber(value)] as const));
	const words = (source: { unit?: string }) => (source.unit?.trim() ? { unit: source.unit.trim() } : {});
	return {
		...(raw.title ? { title: raw.title } : {}),
		...(raw.story ? { story: raw.story } : {}),
		variables: raw.variables.map((v) => ({
			name: v.name,
			...words(v),
			lower: v.lower === undefined ? ZERO : v.lower === null ? null : readNumber(v.lower),
			upper: v.upper === undefined || v.upper === null ? null : readNumber(v.upper),
			domain: v.domain ?? 'continuous'
		})),
		objective: {
			sense: raw.objective.sense,
			name: raw.objective.name,
			...words(raw.objective),
			terms: read(raw.objective.terms),
			constant: raw.objective.constant === undefined ? ZERO : readNumber(raw.objective.constant)
		},
		constraints: raw.constraints.map((row) => ({
			name: row.name,
			...words(row),
			terms: read(row.terms),
			relation: row.relation,
			rhs: readNumber(row.rhs)
		}))
	};
}

const writeTerms = (terms: Terms) =>
	Object.fromEntries([...terms].map(([variable, value]) => [variable, toText(value)]));

/** Writes a problem in the problem format; reading it gives the same problem again. */
export function writeProblem(problem: Problem): Record<string, unknown> {
	const { objective } = problem;
	const words = (source: { unit?: string }) => (source.unit ? { unit: source.unit } : {});
	return {
		format: 'mathesis-problem',
		version: 1,
		...(problem.title ? { title: problem.title } : {}),
		...(problem.story ? { story: problem.story } : {}),
		variables: problem.variables.map((v) => ({
			name: v.name,
			...words(v),
			lower: v.lower && toText(v.lower),
			upper: v.upper && toText(v.upper),
			domain: v.domain
		})),
		objective: {
			sense: objective.sense,
			name: objective.name,
			...words(objective),
			terms: writeTerms(objective.terms),
			constant: toText(objective.constant)
		},
		constraints: problem.constraints.map((row) => ({
			name: row.name,
			...words(row),
			terms: writeTerms(row.terms),
			relation: row.relation,
			rhs: toText(row.rhs)
		}))
	};
}
