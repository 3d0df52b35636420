import { compare, isZero, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, evaluate, isFeasible, type Problem, type Terms } from '../problem/types';
import type { Certificate } from './certificate';
import type { Multipliers } from './multipliers';

/** Σ multiplier · row, as terms and right-hand side. */
export function summedRows(problem: Problem, multipliers: Multipliers): { terms: Terms; rhs: Rational } {
	const terms = new Map<string, Rational>();
	let rhs = ZERO;
	for (const row of problem.constraints) {
		const factor = multipliers.get(row.name) ?? ZERO;
		rhs = rhs.add(factor.mul(row.rhs));
		for (const [name, value] of row.terms) terms.set(name, (terms.get(name) ?? ZERO).add(factor.mul(value)));
	}
	return { terms, rhs };
}

/** The greatest value of a linear expression when only the variables' bounds hold; null where it has no end. */
export function greatest(problem: Problem, terms: Terms): Rational | null {
	let sum = ZERO;
	for (const variable of problem.variables) {
		const coefficient = terms.get(variable.name) ?? ZERO;
		if (isZero(coefficient)) continue;
		const { lower, upper } = effectiveBounds(variable);
		const bound = sign(coefficient) > 0 ? upper : lower;
		if (!bound) return null;
		sum = sum.add(coefficient.mul(bound));
	}
	return sum;
}

/** Whether each multiplier has the sign that keeps its row's direction: `wanted` on ≥ rows, the other on ≤ rows. */
const rightSigns = (problem: Problem, multipliers: Multipliers, wanted: 1 | -1): boolean =>
	problem.constraints.every(({ name, relation }) => {
		const s = sign(multipliers.get(name) ?? ZERO);
		return relation === '=' || s === 0 || s === (relation === '>=' ? wanted : -wanted);
	});

function checkOptimal(problem: Problem, certificate: Extract<Certificate, { kind: 'optimal' }>): boolean {
	const { point, multipliers } = certificate;
	const { sense, terms, constant } = problem.objective;
	const up = sense === 'max' ? -1 : 1;
	if (!isFeasible(problem, point) || !rightSigns(problem, multipliers, up as 1 | -1)) return false;
	const combined = summedRows(problem, multipliers);
	// what the rows leave of the objective can be bettered only as far as the bounds let it
	const rest = new Map<string, Rational>();
	for (const { name } of problem.variables) {
		const left = (terms.get(name) ?? ZERO).sub(combined.terms.get(name) ?? ZERO);
		rest.set(name, sense === 'max' ? left : left.neg());
	}
	const most = greatest(problem, rest);
	if (most === null) return false;
	const limit = combined.rhs.add(sense === 'max' ? most : most.neg()).add(constant);
	return compare(limit, evaluate(terms, point, constant)) === 0;
}

function checkInfeasible(
	problem: Problem,
	certificate: Extract<Certificate, { kind: 'infeasible' }>
): boolean {
	const { multipliers, variable } = certificate;
	if (variable !== undefined) {
		const named = problem.variables.find((v) => v.name === variable);
		const { lower, upper } = named ? effectiveBounds(named) : { lower: null, upper: null };
		if (lower && upper && compare(lower, upper) > 0) return true;
	}
	if (!rightSigns(problem, multipliers, 1)) return false;
	const combined = summedRows(problem, multipliers);
	const most = greatest(problem, combined.terms);
	return most !== null && compare(most, combined.rhs) < 0;
}

function checkUnbounded(problem: Problem, certificate: Extract<Certificate, { kind: 'unbounded' }>): boolean {
	const { point, ray } = certificate;
	const gain = sign(evaluate(problem.objective.terms, ray));
	if (!isFeasible(problem, point) || gain !== (problem.objective.sense === 'max' ? 1 : -1)) return false;
	const keepsRows = problem.constraints.every((row) => {
		const s = sign(evaluate(row.terms, ray));
		return s === 0 || (row.relation !== '=' && s === (row.relation === '>=' ? 1 : -1));
	});
	return (
		keepsRows &&
		problem.variables.every((variable) => {
			const { lower, upper } = effectiveBounds(variable);
			const s = sign(ray.get(variable.name) ?? ZERO);
			return (s >= 0 || !lower) && (s <= 0 || !upper);
		})
	);
}

/**
 * Verifies a certificate by arithmetic on the problem alone, without any simplex code (weak duality; Farkas 1902).
 * @returns whether it proves what it claims
 */
export function checkCertificate(problem: Problem, certificate: Certificate): boolean {
	if (certificate.kind === 'optimal') return checkOptimal(problem, certificate);
	return certificate.kind === 'infeasible'
		? checkInfeasible(problem, certificate)
		: checkUnbounded(problem, certificate);
}
