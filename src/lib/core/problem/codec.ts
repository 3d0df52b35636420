import { readNumber } from './json-number';
import { toText, ZERO } from '../number/rational';
import type { ProblemJson } from './format';
import { withoutZeros, type Problem, type Terms } from './types';

const words = (source: { unit?: string }) => (source.unit?.trim() ? { unit: source.unit.trim() } : {});

/** The problem that JSON of the format says; the JSON is taken to be right. */
export function decodeProblem(raw: ProblemJson): Problem {
	const read = (source: Record<string, string | number>): Terms =>
		withoutZeros(Object.entries(source).map(([variable, value]) => [variable, readNumber(value)] as const));
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
export function writeProblem(problem: Problem): ProblemJson {
	const { objective } = problem;
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
