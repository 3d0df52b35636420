import { affineColumns } from '../form/affine';
import { deriveCut, fraction, internalRow, type Cut } from '../integer/cut';
import { combined, type CombineFault } from '../integer/combined';
import { isDualFeasible } from '../method/dual';
import type { Position } from '../position/position';
import { isInteger, isZero, ONE, rational, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, evaluate, holds, type Problem, type Terms } from '../problem/types';
import { RELATION_SIGNS } from '../problem/relation';
import { columnOf, objectiveValue, readPlan, rhs, type Tableau } from '../tableau/tableau';
import { quantity } from './plan';
import { joined, linear, NOTHING_SAID, say, signed, type Remark, type Sentence } from '../sentence/sentence';

/** Cutting planes and branches in words: how each arises, line by line, and what it does. */

/** A sum of columns by name, with their coefficients. */
function sum(terms: Terms, t: Tableau): Sentence {
	const byName = new Map(t.form.columns.map((column) => [column.name, column]));
	return signed(
		[...terms].map(([name, value]) => {
			const column = byName.get(name);
			return { says: column ? say`${column}` : say`${name}`, value };
		})
	);
}

/** The columns of a row that count in it, each in units in which it is whole: `2 s1` where its row was multiplied by 2. */
function rowTerms(t: Tableau, row: number) {
	const { entries } = internalRow(t, row);
	return t.nonbasic.flatMap((column, k) => {
		if (isZero(entries[k]) || t.barred.has(column)) return [];
		const scale = rational(BigInt(t.scales[column]));
		const own = scale.equals(1) ? say`${columnOf(t, column)}` : say`(${scale} ${columnOf(t, column)})`;
		return [{ k, column, value: entries[k], says: own, scaled: !scale.equals(1) }];
	});
}

/** Each column of a cut in the author's variables: `s1 = 6 − bowls − vases`. */
function substitutionSentences(t: Tableau, columns: readonly number[]): Sentence[] {
	const affine = affineColumns(t.form);
	return columns.flatMap((column): Sentence[] => {
		const own = affine[column];
		if (!own || columnOf(t, column).kind === 'structural') return [];
		const terms = signedAfter(
			own.constant,
			[...own.terms].map(([name, value]) => ({ says: say`${name}`, value }))
		);
		return [say`${columnOf(t, column)} = ${terms}`];
	});
}

/** `6 − bowls + 2 vases` */
function signedAfter(constant: Rational, terms: readonly { says: Sentence; value: Rational }[]): Sentence {
	const kept = terms.filter(({ value }) => !isZero(value));
	if (isZero(constant)) return signed(kept);
	return kept.reduce<Sentence>(
		(all, { says, value }) => {
			const size = value.abs();
			const times = size.equals(1) ? says : say`${size} ${says}`;
			return say`${all} ${sign(value) < 0 ? '−' : '+'} ${times}`;
		},
		say`${constant}`
	);
}

/**
 * How a cut comes out of its row, line by line.
 * @param row the kernel row: of a basic variable, or the objective row
 * @param whole which columns are whole, in internal units
 * @param mixed the mixed-integer cut in any case
 */
export function deriveInWords(t: Tableau, row: number, whole: readonly boolean[], mixed = false): Sentence[] {
	const { kind, gains, least } = deriveCut(t, row, whole, mixed);
	const { rhs: value } = internalRow(t, row);
	const terms = rowTerms(t, row);
	const { objective } = t.form.problem;
	const name =
		row < t.basis.length
			? say`${columnOf(t, t.basis[row])}`
			: say`${objective.sense === 'min' ? '−' : ''}${objective.name}`;
	const written = (parts: readonly { says: Sentence; value: Rational }[]) =>
		parts.filter((part) => !isZero(part.value));
	const equation = say`${name}${plus(written(terms))} = ${value}`;
	const scaled = terms.some((term) => term.scaled)
		? say` Rows with fractions were multiplied to whole coefficients, so the slacks in brackets are whole with their factors.`
		: NOTHING_SAID;
	const f0 = fraction(value);
	const lines = [say`The row as an equation: ${equation}.${scaled}`];
	if (kind === 'gomory-fractional') {
		const floors = written(terms.map((term) => ({ ...term, value: term.value.floor() })));
		const parts = written(terms.map((term) => ({ ...term, value: fraction(term.value) })));
		const right = value.floor();
		lines.push(
			say`Whole parts to the left, parts from 0 up to 1 to the right: ${name}${plus(floors)}${isZero(right) ? NOTHING_SAID : say` ${sign(right) < 0 ? '+' : '−'} ${right.abs()}`} = ${f0}${minus(parts)}.`,
			say`At a whole plan the left side is a whole number, so the right side is one, too. It is at most ${f0}, which is below 1: so it is at most 0.`,
			say`That is the cut: ${signed(parts)} ≥ ${f0}.`
		);
	} else {
		const parts = terms.map((term) => {
			const isWhole = whole[term.column];
			const f = fraction(term.value);
			const how = isWhole
				? f.compare(f0) <= 0
					? say`${f} ÷ ${f0}`
					: say`(1 − ${f}) ÷ (1 − ${f0})`
				: sign(term.value) > 0
					? say`${term.value} ÷ ${f0}`
					: say`${term.value.neg()} ÷ (1 − ${f0})`;
			return say`${term.says}${isWhole ? ' (whole)' : ''}: ${how} = ${gains[term.k]}`;
		});
		lines.push(
			say`${name} is rounded down or up: down, the rest must make up for ${f0}; up, for ${ONE.sub(f0)}. Each term counts with its share of the way.`,
			say`${joined(parts, '; ', '; ')}.`,
			say`Either way the shares add up to at least 1: ${signed(written(terms.map((term) => ({ says: term.says, value: gains[term.k] }))))} ≥ ${least}.`
		);
	}
	const used = terms.filter((term) => !isZero(gains[term.k])).map((term) => term.column);
	const replaced = substitutionSentences(t, used);
	if (replaced.length) lines.push(say`In it, ${joined(replaced, ', ', ' and ')}.`);
	return lines;
}

/** ` + 2 s1 − s2` after something. */
const plus = (parts: readonly { says: Sentence; value: Rational }[]): Sentence =>
	parts.flatMap(({ says, value }) => {
		const size = value.abs();
		return say` ${sign(value) < 0 ? '−' : '+'} ${size.equals(1) ? says : say`${size} ${says}`}`;
	});
const minus = (parts: readonly { says: Sentence; value: Rational }[]): Sentence =>
	plus(parts.map((part) => ({ ...part, value: part.value.neg() })));

/** What a cut says of the author's variables, and by how much the present point breaks it. */
export function cutOff(before: Tableau, { original }: Cut): Sentence[] {
	if (!original)
		return [say`In the variables of the problem it cannot be written: one of them is split in two.`];
	const gap = evaluate(original.terms, readPlan(before)).sub(original.rhs).abs();
	const own = say`In the variables of the problem: ${linear(original.terms)} ${RELATION_SIGNS[original.relation]} ${original.rhs}.`;
	return [own, ...(isZero(gap) ? [] : [say`The present point breaks it by ${gap}.`])];
}

const slackSentence = (after: Tableau): Sentence => {
	const row = after.basis.length - 1;
	const value = rhs(after, row);
	const next = sign(value) < 0 ? say` and negative; the dual simplex method goes on` : NOTHING_SAID;
	return say`Its slack ${columnOf(after, after.basis[row])} = ${value} is basic${next}.`;
};

/** A cutting plane: how it was derived, what it says of the author's variables, and its row. */
export function cutRemark(
	before: Tableau,
	after: Tableau,
	cut: Cut,
	derivation: readonly Sentence[]
): Remark {
	const row = after.basis.length - 1;
	const { nonbasic } = cut;
	return {
		tone: 'step',
		heading: say`${{ constraint: after.form.rows[row].owner.name }}, from row ${cut.row}`,
		sentences: [
			...derivation,
			say`So ${sum(nonbasic.terms, before)} ≥ ${nonbasic.rhs}; every non-basic variable is 0 now, which breaks it.`,
			...cutOff(before, cut),
			slackSentence(after)
		]
	};
}

/** Why some constraints give no rounding cut. */
export function faultSentence(fault: CombineFault): Sentence {
	switch (fault.kind) {
		case 'nothing':
			return say`Give at least one constraint a multiplier that is not 0.`;
		case 'sign':
			return say`The multiplier of ${{ constraint: fault.constraint }} must ${fault.relation === '<=' ? 'not be negative' : 'not be positive'}, else the inequality turns round.`;
		case 'not-whole':
			return say`${fault.variable} need not be whole, so the left side need not be whole either: nothing can be rounded.`;
		case 'no-bound':
			return say`${fault.variable} has no lower bound, so its coefficient cannot be rounded down: choose multipliers that make it whole.`;
	}
}

/** A cut composed of constraints, from their sum to the rounded right-hand side. */
export function composedSentences(problem: Problem, multipliers: ReadonlyMap<string, Rational>): Sentence[] {
	const made = combined(problem, multipliers);
	if ('kind' in made) return [faultSentence(made)];
	const used = [...multipliers].filter(([, value]) => !isZero(value));
	const times = joined(used.map(([name, value]) => say`${value} times ${{ constraint: name }}`));
	const lines = [say`${times}, added: ${linear(made.sum.terms)} ≤ ${made.sum.rhs}.`];
	const isSame = [...made.sum.terms.values()].every(isInteger);
	if (!isSame)
		lines.push(
			say`Coefficients rounded down, which lowers the left side while no variable is below its lower bound: ${linear(made.weakened.terms)} ≤ ${made.weakened.rhs}.`
		);
	lines.push(
		isInteger(made.weakened.rhs)
			? say`The right-hand side is whole already: rounding gains nothing.`
			: say`At a whole plan the left side is whole, so it is at most the whole number below: ${linear(made.cut.terms)} ≤ ${made.cut.rhs}.`
	);
	return lines;
}

/** What a cut composed of constraints is, and whether it cuts off the present point. */
export function combineRemark(
	before: Position,
	multipliers: ReadonlyMap<string, Rational>,
	after: Position
): Remark {
	const t = after.work!.tableau;
	const { original } = after.cuts.at(-1)!;
	const plan = readPlan(before.work!.tableau);
	const left = evaluate(original!.terms, plan);
	const cuts = holds(left, original!.relation, original!.rhs)
		? say`The present point satisfies it: this cut does not cut it off.`
		: say`The present point breaks it by ${left.sub(original!.rhs).abs()}.`;
	return {
		tone: 'step',
		heading: say`cut ${after.cuts.length}, composed of constraints`,
		sentences: [...composedSentences(before.problem, multipliers), cuts, slackSentence(t)]
	};
}

/** Which cuts were dropped, and why nothing is lost. */
export function dropRemark(before: Position, after: Position): Remark {
	const names = after.cuts.flatMap((cut, i) =>
		cut.dropped && !before.cuts[i].dropped ? [say`cut ${i + 1}`] : []
	);
	const best = isDualFeasible(after.work!.tableau)
		? say`, so without ${names.length > 1 ? 'them' : 'it'} it stays the best of the relaxation`
		: NOTHING_SAID;
	return {
		tone: 'step',
		heading: say`Dropped: ${joined(names)}`,
		sentences: [
			say`The slack of ${joined(names)} is basic and positive: the present point satisfies ${names.length > 1 ? 'them' : 'it'} with room to spare${best}. The tableau gets smaller; a later point may break ${names.length > 1 ? 'them' : 'it'} again.`
		]
	};
}

/** A branch: what it leaves out, and why no whole plan is lost with its sister. */
export function branchRemark(
	before: Position,
	variable: string,
	relation: '<=' | '>=',
	value: Rational,
	after: Position
): Remark {
	const plan = readPlan(before.work!.tableau);
	const now = plan.get(variable) ?? ZERO;
	const [low, high] = [now.floor(), now.ceil()];
	const { objective } = before.problem;
	return {
		tone: 'step',
		heading: say`Branch ${variable} ${RELATION_SIGNS[relation]} ${value}`,
		sentences: [
			isInteger(now)
				? say`${variable} = ${now} at this point; other best points of this relaxation need not have it whole.`
				: say`${variable} = ${now} is not whole. A whole plan has ${variable} ≤ ${low} or ${variable} ≥ ${high}; between them there is none, so the two branches together lose no whole plan.`,
			say`Below this branch ${objective.name} can be no better than ${quantity(objectiveValue(before.work!.tableau), objective.unit)}, the bound of the relaxation it came from.`,
			slackSentence(after.work!.tableau)
		]
	};
}

/** Bounds that became whole. */
export function inwardRemark(before: Problem, after: Problem): Remark {
	const implied: Sentence[] = [];
	const told = before.variables.flatMap((variable, i): Sentence[] => {
		const [old, fresh] = [variable, after.variables[i]].map(effectiveBounds);
		if (!old.lower && !old.upper) {
			if (fresh.lower) implied.push(say`${variable.name} ≥ ${fresh.lower}`);
			else if (fresh.upper) implied.push(say`${variable.name} ≤ ${fresh.upper}`);
			return [];
		}
		const lower =
			old.lower && fresh.lower && !old.lower.equals(fresh.lower)
				? [say`${variable.name} ≥ ${old.lower} becomes ${variable.name} ≥ ${fresh.lower}`]
				: [];
		const upper =
			old.upper && fresh.upper && !old.upper.equals(fresh.upper)
				? [say`${variable.name} ≤ ${old.upper} becomes ${variable.name} ≤ ${fresh.upper}`]
				: [];
		return [...lower, ...upper];
	});
	return {
		tone: 'step',
		heading: say`Whole bounds`,
		sentences: [
			...(told.length > 0 ? [say`${joined(told)}. No whole plan is lost.`] : []),
			...(implied.length > 0
				? [say`The constraints imply ${joined(implied)}: said as a bound, it takes no plan away.`]
				: []),
			told.length + implied.length > 0
				? say`Whole variables are now measured from whole numbers, as cuts and branches need it.`
				: say`All bounds of whole variables are whole already.`
		]
	};
}
