import { en } from '../language/language';
import { isZero, rational, type Rational } from '../number/rational';
import type { Problem, Relation } from '../problem/types';
import { decimalText, endingMultiple, endsAsDecimal } from './decimals';
import { numbered } from '../problem/names';

const ROW_KINDS: Record<Relation, string> = { '<=': 'L', '>=': 'G', '=': 'E' };

/** Short names for the fixed form, which has eight characters for each. */
function shortNames(
	names: readonly string[],
	prefix: string,
	what: string,
	notes: string[]
): Map<string, string> {
	const plain = (name: string) => /^[\x21-\x7e]{1,8}$/.test(name);
	const taken = new Set(names.filter(plain));
	return new Map(
		names.map((name) => {
			if (plain(name)) return [name, name];
			const short = numbered(prefix, 1, taken);
			taken.add(short);
			notes.push(en`The ${what} ${name} is called ${short}: the fixed form has eight characters for a name.`);
			return [name, short];
		})
	);
}

/** Lines of the fixed form have their fields at fixed columns, those of the free form blanks between them. */
const line = (
	fixed: boolean,
	[first, second, third, value]: readonly [string, string, string, string?]
): string =>
	fixed
		? ` ${first.padEnd(2)} ${second.padEnd(8)}  ${third.padEnd(8)}${value === undefined ? '' : `  ${value.padStart(12)}`}`.trimEnd()
		: [' ', first, second, third, value].filter((part) => part !== undefined && part !== '').join(' ');

/**
 * Writes a problem in the trade's interchange format (MPS), numbers as decimals. A row whose numbers do not end as decimals is multiplied so that
 * they do; what cannot be said exactly is noted.
 * @param notes what the format cannot hold is added here
 */
export function writeMps(problem: Problem, fixed: boolean, notes: string[]): string {
	const { objective, variables, constraints } = problem;
	if (problem.story) notes.push(en`The story is not kept.`);
	const withUnits = [objective, ...variables, ...constraints].filter(({ unit }) => unit);
	if (withUnits.length > 0) notes.push(en`Units are kept as comments only.`);
	const same = (names: readonly string[]) => new Map(names.map((name) => [name, name]));
	const columnNames = variables.map(({ name }) => name);
	const rowNames = [objective.name, ...constraints.map(({ name }) => name)];
	// a row may be called as the objective is
	const goal = constraints.some(({ name }) => name === objective.name)
		? `${objective.name}_goal`
		: objective.name;
	const columns = fixed ? shortNames(columnNames, 'X', 'variable', notes) : same(columnNames);
	const rows = fixed
		? shortNames([goal, ...rowNames.slice(1)], 'R', 'constraint', notes)
		: same([goal, ...rowNames]);
	if (fixed === false && problem.title) notes.push(en`Of the title, blanks become underscores.`);
	const rounded = (value: Rational, where: string): string => {
		if (!endsAsDecimal(value))
			notes.push(en`${where} ${value.toFraction()} is rounded to ${decimalText(value)}.`);
		return decimalText(value);
	};
	const scales = new Map(
		constraints.map((row) => {
			const multiple = endingMultiple([...row.terms.values(), row.rhs]);
			if (multiple !== 1n)
				notes.push(
					en`The constraint ${row.name} is multiplied by ${multiple}, so that its numbers are decimals.`
				);
			return [row.name, rational(multiple)];
		})
	);
	const put = (first: string, second: string, third: string, value?: string) =>
		line(fixed, [first, second, third, value]);
	const title = (problem.title ?? '').replace(/\s+/g, fixed ? ' ' : '_').trim();
	const out = [
		...withUnits.map(({ name, unit }) => `* ${name} in ${unit!.replace(/\s+/g, ' ')}`),
		`NAME          ${title}`.trimEnd(),
		'OBJSENSE',
		`    ${objective.sense.toUpperCase()}`,
		'ROWS'
	];
	out.push(put('N', rows.get(goal)!, ''));
	for (const row of constraints) out.push(put(ROW_KINDS[row.relation], rows.get(row.name)!, ''));
	out.push('COLUMNS');
	let whole = false;
	const mark = (end: boolean) =>
		`    MARKER                 'MARKER'                 '${end ? 'INTEND' : 'INTORG'}'`;
	for (const { name, domain } of variables) {
		const integer = domain !== 'continuous';
		if (integer !== whole) out.push(mark(whole));
		whole = integer;
		const own = columns.get(name)!;
		const cost = objective.terms.get(name);
		let said = false;
		const entry = (row: string, value: string) => {
			out.push(put('', own, row, value));
			said = true;
		};
		if (cost) entry(rows.get(goal)!, rounded(cost, en`The objective coefficient of ${name},`));
		for (const row of constraints) {
			const value = row.terms.get(name);
			if (value) entry(rows.get(row.name)!, decimalText(value.mul(scales.get(row.name)!)));
		}
		// a variable that occurs nowhere has to be named all the same
		if (!said) entry(rows.get(goal)!, '0');
	}
	if (whole) out.push(mark(true));
	out.push('RHS');
	if (!isZero(objective.constant))
		out.push(
			put('', 'RHS', rows.get(goal)!, rounded(objective.constant.neg(), en`The constant of the objective,`))
		);
	for (const row of constraints)
		if (!isZero(row.rhs))
			out.push(put('', 'RHS', rows.get(row.name)!, decimalText(row.rhs.mul(scales.get(row.name)!))));
	const bounds = variables.flatMap(({ name, lower, upper, domain }) => {
		const own = columns.get(name)!;
		const bound = (kind: string, value?: Rational) =>
			put(kind, 'BND', own, value && rounded(value, en`A bound of ${name},`));
		if (domain === 'binary') {
			const usual = lower && isZero(lower) && (!upper || upper.equals(1));
			return [
				bound('BV'),
				...(usual
					? []
					: [...(lower ? [bound('LO', lower)] : [bound('MI')]), ...(upper ? [bound('UP', upper)] : [])])
			];
		}
		if (!lower && !upper) return [bound('FR')];
		if (lower && upper && lower.equals(upper)) return [bound('FX', lower)];
		return [
			...(lower ? (isZero(lower) && !(upper && upper.s < 0n) ? [] : [bound('LO', lower)]) : [bound('MI')]),
			...(upper ? [bound('UP', upper)] : [])
		];
	});
	if (bounds.length) out.push('BOUNDS', ...bounds);
	return [...out, 'ENDATA', ''].join('\n');
}
