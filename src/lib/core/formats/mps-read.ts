import { en } from '../language/language';
import { compare, isZero, NumberError, ONE, ZERO, type Rational } from '../number/rational';
import type { Issue } from '../problem/json';
import { InputError } from '../problem/json';
import {
	MAX_CONSTRAINTS,
	MAX_VARIABLES,
	withoutZeros,
	type Constraint,
	type Domain,
	type Problem,
	type Relation,
	type Sense
} from '../problem/types';
import { parseWithPower } from './decimals';
import { fixedFields, freeFields } from './mps-fields';
import { NameBook } from '../problem/foreign-names';

interface Row {
	readonly name: string;
	readonly relation: Relation;
	readonly terms: Map<string, Rational>;
	rhs: Rational;
	range: Rational | null;
}

interface Column {
	readonly name: string;
	domain: Domain;
	lower: Rational | null;
	upper: Rational | null;
	/** whether the file says anything of its lower bound */
	lowerSaid: boolean;
}

const RELATIONS: Record<string, Relation> = { L: '<=', G: '>=', E: '=' };
const SECTIONS = [
	'NAME',
	'OBJSENSE',
	'OBJSENSE_',
	'ROWS',
	'COLUMNS',
	'RHS',
	'RANGES',
	'BOUNDS',
	'ENDATA',
	'OBJNAME',
	'OBJSEN'
];
class Reader {
	private readonly rows = new Map<string, Row>();
	private readonly columns = new Map<string, Column>();
	private readonly costs = new Map<string, Rational>();
	private readonly rowNames: NameBook;
	private readonly columnNames: NameBook;
	private goal: string | null = null;
	private readonly ignored = new Set<string>();
	private sense: Sense = 'min';
	private constant = ZERO;
	private title = '';
	private whole = false;
	private at = 0;

	constructor(
		private readonly text: string,
		private readonly fixed: boolean,
		private readonly notes: string[]
	) {
		this.rowNames = new NameBook('constraint', notes);
		this.columnNames = new NameBook('variable', notes);
	}

	private fail(message: string): never {
		const issue: Issue = { path: 'content', message: en`line ${this.at}: ${message}` };
		throw new InputError([issue]);
	}

	private number(text: string): Rational {
		try {
			return parseWithPower(text);
		} catch (error) {
			if (error instanceof NumberError) this.fail(`“${text.slice(0, 40)}” ${error.message}.`);
			throw error;
		}
	}

	private fields(line: string, coded: boolean): string[] {
		return this.fixed ? fixedFields(line) : freeFields(line, coded);
	}

	read(): Problem {
		let section = '';
		for (const raw of this.text.split('\n')) {
			this.at += 1;
			const line = raw.replace(/\r$/, '').replace(/\t/g, ' ');
			if (line.startsWith('*') || !line.trim()) continue;
			if (!/^\s/.test(line)) {
				const [head, ...rest] = line.trim().split(/\s+/);
				section = head.toUpperCase();
				if (!SECTIONS.includes(section)) this.fail(en`the section “${head.slice(0, 40)}” is not known`);
				if (section === 'NAME') this.title = this.fixed ? line.slice(14).trim() : rest.join(' ');
				else if (section.startsWith('OBJSEN') && rest.length) this.setSense(rest[0]);
				if (section === 'ENDATA') return this.finish();
				continue;
			}
			this.data(section, line);
		}
		return this.fail(en`the file ends without ENDATA`);
	}

	private data(section: string, line: string): void {
		if (section === 'ROWS') this.row(this.fields(line, true));
		else if (section === 'COLUMNS') this.column(line);
		else if (section === 'RHS' || section === 'RANGES') this.amounts(section, this.fields(line, false));
		else if (section === 'BOUNDS') this.bound(this.fields(line, true));
		else if (section.startsWith('OBJSEN')) this.setSense(line.trim());
		else this.fail(en`this line belongs to no section`);
	}

	private setSense(word: string): void {
		if (/^max/i.test(word)) this.sense = 'max';
		else if (/^min/i.test(word)) this.sense = 'min';
		else this.fail(en`“${word.slice(0, 40)}” is neither MAX nor MIN`);
	}

	private row([code = '', foreign = '']: readonly string[]): void {
		const kind = code.toUpperCase();
		if (!foreign) this.fail(en`a row needs a name`);
		if (this.rows.has(foreign) || foreign === this.goal)
			this.fail(en`the row “${foreign.slice(0, 40)}” is there twice`);
		if (kind === 'N') {
			if (this.goal === null) this.goal = foreign;
			else {
				this.ignored.add(foreign);
				this.notes.push(en`A second objective, “${foreign.slice(0, 40)}”, is left out.`);
			}
			return;
		}
		const relation = RELATIONS[kind];
		if (!relation) this.fail(en`“${code.slice(0, 10)}” is no kind of row; N, L, G and E are`);
		if (this.rows.size >= MAX_CONSTRAINTS) this.fail(en`there are more than ${MAX_CONSTRAINTS} constraints`);
		this.rows.set(foreign, {
			name: this.rowNames.of(foreign),
			relation,
			terms: new Map(),
			rhs: ZERO,
			range: null
		});
	}

	private column(line: string): void {
		if (/'MARKER'/i.test(line)) {
			this.whole = /'INTORG'/i.test(line);
			return;
		}
		const [, foreign, ...pairs] = this.fields(line, false);
		let column = this.columns.get(foreign);
		if (!column) {
			if (this.columns.size >= MAX_VARIABLES) this.fail(en`there are more than ${MAX_VARIABLES} variables`);
			const domain = this.whole ? 'integer' : 'continuous';
			column = { name: this.columnNames.of(foreign), domain, lower: ZERO, upper: null, lowerSaid: false };
			this.columns.set(foreign, column);
		}
		this.pairs(pairs, (row, value) => {
			const { name } = column;
			if (row === this.goal) this.costs.set(name, (this.costs.get(name) ?? ZERO).add(value));
			else if (!this.ignored.has(row)) {
				const { terms } = this.rowOf(row);
				terms.set(name, (terms.get(name) ?? ZERO).add(value));
			}
		});
	}

	private rowOf(foreign: string): Row {
		return this.rows.get(foreign) ?? this.fail(en`there is no row “${foreign.slice(0, 40)}”`);
	}

	private pairs(parts: readonly string[], each: (row: string, value: Rational) => void): void {
		if (parts.length === 0 || parts.length % 2) this.fail(en`a name and a number are wanted, once or twice`);
		for (let i = 0; i < parts.length; i += 2) each(parts[i], this.number(parts[i + 1]));
	}

	/** Right-hand sides and ranges; the name of the set may be left out in the free form. */
	private amounts(section: string, [, ...parts]: readonly string[]): void {
		this.pairs(parts.length % 2 ? parts.slice(1) : parts, (row, value) => {
			if (row === this.goal) this.constant = section === 'RHS' ? value.neg() : this.constant;
			else if (this.ignored.has(row)) return;
			else if (section === 'RHS') this.rowOf(row).rhs = value;
			else this.rowOf(row).range = value;
		});
	}

	private bound([code = '', ...parts]: readonly string[]): void {
		const kind = code.toUpperCase();
		const valued = !['FR', 'MI', 'PL', 'BV'].includes(kind);
		const value = valued ? this.number(parts.at(-1) ?? '') : ZERO;
		// set name, column and value; the set's name may be left out
		const names = valued ? parts.slice(0, -1) : parts;
		const foreign =
			names.find((name) => this.columns.has(name) && (name !== names[0] || names.length === 1)) ??
			names[names.length > 1 ? 1 : 0] ??
			'';
		const column = this.columns.get(foreign) ?? this.fail(en`there is no column “${foreign.slice(0, 40)}”`);
		const lower = (limit: Rational | null) => Object.assign(column, { lower: limit, lowerSaid: true });
		switch (kind) {
			case 'UI':
			case 'UP':
				column.upper = value;
				if (value.s < 0n && !isZero(value) && !column.lowerSaid && isZero(column.lower ?? ONE)) {
					column.lower = null;
					this.notes.push(
						en`${column.name} has a negative upper bound and no lower one, so it may be any number below it.`
					);
				}
				break;
			case 'LI':
			case 'LO':
				lower(value);
				break;
			case 'FX':
				lower(value);
				column.upper = value;
				break;
			case 'FR':
				lower(null);
				column.upper = null;
				break;
			case 'MI':
				lower(null);
				break;
			case 'PL':
				column.upper = null;
				break;
			case 'BV':
				lower(ZERO);
				column.domain = 'binary';
				column.upper = null;
				break;
			default:
				this.fail(en`“${code.slice(0, 10)}” is no kind of bound`);
		}
		if (kind === 'UI' || kind === 'LI') column.domain = 'integer';
	}

	/** A row with a range says two things: what it says, and how far the other way it may go. */
	private constraints(): Constraint[] {
		return [...this.rows.values()].flatMap(({ name, relation, terms, rhs, range }): Constraint[] => {
			const row = { name, terms: withoutZeros(terms), relation, rhs };
			if (range === null) return [row];
			const size = range.abs();
			const [low, high] =
				relation === '<='
					? [rhs.sub(size), rhs]
					: relation === '>='
						? [rhs, rhs.add(size)]
						: range.s < 0n
							? [rhs.add(range), rhs]
							: [rhs, rhs.add(range)];
			if (compare(low, high) === 0) return [{ ...row, relation: '=', rhs: low }];
			const other = this.rowNames.of(`${name}_range`);
			this.notes.push(en`The range of ${name} becomes a second constraint, ${other}.`);
			return relation === '>='
				? [row, { ...row, name: other, relation: '<=', rhs: high }]
				: [
						{ ...row, relation: '<=', rhs: high },
						{ ...row, name: other, relation: '>=', rhs: low }
					];
		});
	}

	private finish(): Problem {
		if (this.goal === null) this.fail(en`there is no objective: a row of the kind N is wanted`);
		const constraints = this.constraints();
		if (constraints.length > MAX_CONSTRAINTS)
			this.fail(en`there are more than ${MAX_CONSTRAINTS} constraints`);
		const name = new NameBook('objective', this.notes).of(this.goal);
		const title = this.title.replace(/_/g, ' ').trim().slice(0, 200);
		return {
			...(title ? { title } : {}),
			variables: [...this.columns.values()].map(({ name: own, domain, lower, upper }) => ({
				name: own,
				domain,
				lower,
				upper
			})),
			objective: { sense: this.sense, name, terms: withoutZeros(this.costs), constant: this.constant },
			constraints
		};
	}
}

/**
 * Reads a problem in the trade's interchange format (MPS), free or fixed form: negative bounds, ranges, integer markers, sense and
 * constant of the objective.
 * @param notes what had to be read in a certain way is added here
 * @throws InputError with the line of the first fault
 */
export function readMps(text: string, notes: string[]): Problem {
	const free: string[] = [];
	try {
		const problem = new Reader(text, false, free).read();
		notes.push(...free);
		return problem;
	} catch (error) {
		if (!(error instanceof InputError)) throw error;
		// names with blanks are only possible where fields have fixed places
		const fixed: string[] = [];
		try {
			const problem = new Reader(text, true, fixed).read();
			notes.push(...fixed);
			return problem;
		} catch (second) {
			if (second instanceof InputError) throw error;
			throw second;
		}
	}
}
