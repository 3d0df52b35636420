import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, evaluate, type Plan } from '../problem/types';
import { isBound } from '../problem/row-owner';
import type { Column, Form } from './types';

/** What a column of standard form is at a plan of the author's; null for columns that only help to start. */
function valueAt(form: Form, column: Column, index: number, plan: Plan): Rational | null {
	const { kind, owner } = column;
	if (kind === 'artificial' || kind === 'vacant') return null;
	if (kind === 'structural') {
		const own = form.substitutions.find(({ parts }) => parts.some((part) => part.column === index))!;
		const { factor } = own.parts.find((part) => part.column === index)!;
		const value = (plan.get(own.variable) ?? ZERO).sub(own.offset).mul(factor);
		return own.parts.length > 1 && sign(value) < 0 ? ZERO : value;
	}
	if (isBound(owner)) {
		const variable = form.problem.variables.find(({ name }) => name === owner.name);
		const upper = variable && effectiveBounds(variable).upper;
		return upper ? upper.sub(plan.get(owner.name) ?? ZERO) : null;
	}
	const row = form.problem.constraints.find(({ name }) => name === owner.name);
	return row ? row.rhs.sub(evaluate(row.terms, plan)) : null;
}

/** The columns of standard form that are not zero at a plan: at an intersection of as many lines as variables, its basic variables. */
export const basicColumns = (form: Form, plan: Plan): Column[] =>
	form.columns.filter((column, index) => {
		const value = valueAt(form, column, index, plan);
		return value !== null && !isZero(value);
	});
