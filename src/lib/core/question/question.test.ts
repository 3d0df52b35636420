import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { CannotStart } from '../method/solve';
import { parseRational, sign, toText, ZERO } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import type { Plan, Problem } from '../problem/types';
import { brokenAt, isAllowed, planFromTexts } from '../problem/use';
import { solveLinear } from '../answer/answer';
import type { Step } from '../method/types';
import { OBJECTIVE } from '../tableau/goal';
import { cost, entryAt, isArtificial, objectiveValue, pivot, readPlan, rhs } from '../tableau/tableau';
import { tableauJson } from '../tableau/written';
import { questions } from './ask';
import { canonical } from './answers';
import { pivoted } from './board';
import { cellsOf } from './cells';
import { resultCells, rowOfResult, slipsOf } from './results-table';
import { readResult, resultOf, resultText, slipCounts } from './result';
import { exerciseOf, PRESETS, questionsOf, readExercise } from './exercise';
import { judge } from './judge';
import { KINDS } from './kinds';
import { KIND_NAMES, type Answer, type KindName, type Question, type RelationAnswer } from './types';
import { consequenceText, saidOf, WORDS } from './words';

const MIX = readStatement('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18').problem!;
const first = (kind: (typeof KIND_NAMES)[number], problem = MIX): Question =>
	questions({ problem, kinds: [kind], seed: 1, count: 50 })[0];

test('known answers: what enters, what leaves, and what the wrong row would do', () => {
	const all = questions({
		problem: MIX,
		kinds: ['entering', 'leaving', 'state', 'value'],
		seed: 1,
		count: 50
	});
	const at = (kind: string, step: number) => all.find((own) => own.kind === kind && own.step === step)!;
	expect(at('entering', 0).right).toEqual(['y']);
	expect(judge(at('entering', 0), 'x')).toMatchObject({
		right: false,
		slip: 'not-by-rule',
		consequence: { rate: '3' }
	});
	expect(at('leaving', 0)).toMatchObject({ given: { entering: 'y' } });
	const [leaves] = at('leaving', 0).right as string[];
	expect(leaves).toBe(at('leaving', 0).tableau.rows[1].basic);
	// the third row's ratio is 9, so the second would be 12 − 2 · 9
	const third = at('leaving', 0).tableau.rows[2].basic;
	expect(judge(at('leaving', 0), third)).toMatchObject({
		slip: 'larger-ratio',
		consequence: { basic: { [leaves]: '-6' } }
	});
	expect(at('state', 2).right).toEqual(['optimal']);
	expect(at('value', 2).right).toEqual(['36']);
	expect(judge(at('value', 2), '36 euros').right).toBe(true);
	expect(judge(at('value', 2), 'many')).toMatchObject({ right: false, isReadable: false });
	// an answer without a known confusion is told where one begins
	const said = saidOf(at('value', 2), judge(at('value', 2), '17'), 'number');
	expect(said).toBe(`This is not right. ${WORDS.value.hints(at('value', 2))[0]}`);
});

test('answers are taken in any form that means the same', () => {
	const forms: [keyof { number: 1 }, string[]][] = [
		['number', ['3/2', '1.5', '1 1/2', '1,5', '6/4', '1.5 kg', '$1.5']]
	];
	for (const [kind, list] of forms) expect(new Set(list.map((own) => canonical(kind, own))).size).toBe(1);
	expect(canonical('plan', { x: '1.0', y: '0' })).toBe(canonical('plan', { x: '1' }));
	expect(canonical('names', 'b, a')).toBe(canonical('names', ['a', 'b']));
	expect(canonical('interval', ['2', null])).toBe(canonical('interval', ['4/2', '∞']));
	expect(canonical('sign', '≥ 0')).toBe('>= 0');
	expect([canonical('number', 'x'), canonical('yes-no', 'maybe'), canonical('plan', 'x')]).toEqual([
		null,
		null,
		null
	]);
});

test('the same request gives the same questions, and another seed others', () => {
	const ask = (seed: number) =>
		JSON.stringify(questions({ problem: MIX, seed, count: 12 }).map(({ problem: _, ...own }) => own));
	expect(ask(7)).toBe(ask(7));
	expect(new Set([1, 2, 3, 4, 5].map(ask)).size).toBeGreaterThan(1);
	expect(first('best-corner').right).toEqual([{ x: '2', y: '6' }]);
	expect(first('one-more').right.length).toBe(1);
});

/** The right answers by another route, where there is one: solving again, putting plans in, pivoting. */
function isRight(question: Question, answer: Answer): boolean {
	const { kind, given } = question;
	if (kind === 'feasible') {
		const broken = brokenAt(question.problem!, planFromTexts(given.plan!)).filter(({ bound }) => !bound);
		return (
			JSON.stringify([...(answer as string[])].sort()) ===
			JSON.stringify(broken.map(({ name }) => name).sort())
		);
	}
	const own = question.problem;
	const rowNamed = (name: string | undefined) => own!.constraints.find((row) => row.name === name)!;
	if (kind === 'coefficient')
		return parseRational(answer as string).equals(rowNamed(given.row).terms.get(given.column!) ?? 0);
	if (kind === 'phase-two') {
		// the sum of the artificial variables, as the row of phase one in the tableau has it
		const row = question.tableau.objective.find(({ name }) => name === 'w')!;
		return (answer === 'yes') === (row.rhs === '0');
	}
	if (kind === 'side') {
		const broken = brokenAt(own!, planFromTexts(given.plan!)).some(
			({ name, bound }) => !bound && name === given.row
		);
		return (answer === 'yes') === !broken;
	}
	if (kind === 'sides') {
		// a step off the line to the side that stays keeps the constraint, a step to the other breaks it
		const [x, y] = own!.variables.map((variable) => variable.name);
		return Object.entries(answer as Record<string, string>).every(([name, side]) => {
			const { terms, rhs: right, relation } = rowNamed(name);
			const [p, q] = [x, y].map((variable) => terms.get(variable) ?? parseRational('0'));
			const size = p.mul(p).add(q.mul(q));
			const [onX, onY] = [p, q].map((factor) => factor.mul(right).div(size));
			const step = { below: [0, -1], above: [0, 1], left: [-1, 0], right: [1, 0] }[side]!;
			const holds = (by: number) => {
				const left = p.mul(onX.add(step[0] * by)).add(q.mul(onY.add(step[1] * by)));
				return relation === '<=' ? left.lte(right) : left.gte(right);
			};
			return holds(1) && !holds(-1);
		});
	}
	if (kind === 'which-picture') {
		// the corners of the right one are allowed, and are as many as the bases that are feasible
		const corners = given.pictures![given.choices!.indexOf(answer as string)];
		const [x, y] = own!.variables.map((variable) => variable.name);
		const allowed = corners.every(([a, b]) => isAllowed(own!, planFromTexts({ [x]: a, [y]: b })));
		const others = given.pictures!.filter((other) => other !== corners);
		return allowed && others.every((other) => JSON.stringify(other) !== JSON.stringify(corners));
	}
	if (kind === 'artificial-row') {
		// minus the sum of the rows in which an artificial variable is basic
		const at = question.tableau.columns.indexOf(given.column!);
		const sum = question.tableau.rows
			.filter(({ basic }) => /^a\d/.test(basic))
			.reduce((all, { entries }) => all.add(parseRational(entries[at])), parseRational('0'));
		return sum.neg().equals(parseRational(answer as string));
	}
	const ofRow = (row: { terms: Problem['constraints'][number]['terms'] }, plan: Plan) =>
		[...row.terms].reduce(
			(sum, [name, factor]) => sum.add(factor.mul(plan.get(name) ?? 0)),
			parseRational('0')
		);
	if (kind === 'path') {
		// each corner is a plan, each better than the one before, and the last is best
		const plans = (answer as string[]).map((at) => {
			const [a, b] = at.slice(1, -1).split(', ');
			return planFromTexts({ [own!.variables[0].name]: a, [own!.variables[1].name]: b });
		});
		const worth = plans.map((plan) => ofRow(own!.objective, plan).add(own!.objective.constant));
		const up = own!.objective.sense === 'max';
		const isBetter = (value: (typeof worth)[number], i: number) =>
			i === 0 || (up ? value.gt(worth[i - 1]) : value.lt(worth[i - 1]));
		const isFeasible = (plan: Plan) => brokenAt(own!, plan).length === 0;
		return (
			plans.every(isFeasible) && worth.every(isBetter) && solveLinear(own!).objective!.equals(worth.at(-1)!)
		);
	}
	if (kind === 'violation') {
		const found = brokenAt(own!, planFromTexts(given.plan!)).find(
			({ name, bound }) => !bound && name === given.row
		);
		return answer === (found ? toText(found.by) : '0');
	}
	if (kind === 'plan-value')
		return toText(ofRow(own!.objective, planFromTexts(given.plan!)).add(own!.objective.constant)) === answer;
	if (kind === 'region-shape') {
		// the best of ± each variable says whether it goes on without end
		const ends = own!.variables.flatMap(({ name }) =>
			(['max', 'min'] as const).map(
				(sense) =>
					solveLinear({
						...own!,
						objective: { ...own!.objective, sense, terms: new Map([[name, parseRational('1')]]) }
					}).status
			)
		);
		if (answer === 'empty') return ends.every((status) => status === 'infeasible');
		return ends.includes('unbounded') === (answer === 'unbounded') && !ends.includes('infeasible');
	}
	if (kind === 'multiplier-bound' && answer !== 'none') {
		const { sense, terms, constant } = own!.objective;
		const weights = planFromTexts(given.weights!);
		const covers = own!.variables.every(({ name }) => {
			const sum = own!.constraints.reduce(
				(all, row) => all.add((row.terms.get(name) ?? parseRational('0')).mul(weights.get(row.name)!)),
				parseRational('0')
			);
			const size = terms.get(name) ?? parseRational('0');
			return sense === 'max' ? sum.gte(size) : sum.lte(size);
		});
		const total = own!.constraints.reduce(
			(all, row) => all.add(row.rhs.mul(weights.get(row.name)!)),
			constant
		);
		return covers && toText(total) === answer;
	}
	if (kind === 'complementary')
		return own!.constraints.every(
			(row) =>
				(answer as string[]).includes(row.name) === !ofRow(row, planFromTexts(given.plan!)).equals(row.rhs)
		);
	if (kind === 'plan-stays') {
		const terms = new Map([...own!.objective.terms, [given.column!, parseRational(given.number!)]]);
		const after = solveLinear({ ...own!, objective: { ...own!.objective, terms } });
		const here = ofRow({ terms }, planFromTexts(given.plan!)).add(own!.objective.constant);
		return (answer === 'yes') === (after.status === 'optimal' && after.objective!.equals(here));
	}
	if (kind === 'fractional-part') {
		const row = question.tableau.rows.find(({ basic }) => basic === given.row)!;
		const whole = parseRational(row.entries[question.tableau.columns.indexOf(given.column!)]).sub(
			parseRational(answer as string)
		);
		const part = parseRational(answer as string);
		return whole.d === 1n && part.gt(0) && part.lt(1);
	}
	if (kind === 'cut-point') {
		const { terms, relation, rhs: right } = given.cut!;
		const left = Object.entries(terms).reduce(
			(sum, [name, factor]) => sum.add(parseRational(factor).mul(parseRational(given.plan![name] ?? '0'))),
			parseRational('0')
		);
		const keeps = relation === '<=' ? left.lte(parseRational(right)) : left.gte(parseRational(right));
		// a valid cut cuts off no integer plan
		const isWhole = isAllowed(own!, planFromTexts(given.plan!));
		return (answer === 'no') === keeps && (!isWhole || keeps);
	}
	if (kind === 'branch-on')
		return own!.variables.every(
			({ name, domain }) =>
				(answer as string[]).includes(name) ===
				(domain !== 'continuous' && (given.plan![name] ?? '0').includes('/'))
		);
	if (kind === 'next-node' || kind === 'gap') {
		const up = own!.objective.sense === 'max';
		const bounds = Object.values(given.nodes!).map(parseRational);
		const best = bounds.reduce((all, value) => (value.gt(all) === up ? value : all));
		return kind === 'next-node'
			? given.nodes![answer as string] === toText(best)
			: toText(best.sub(parseRational(given.incumbent!)).abs()) === answer;
	}
	if (kind === 'intercept' && answer !== 'none') {
		// the point on the axis meets the row with equality
		const { terms, rhs: right } = rowNamed(given.row);
		return terms
			.get(given.column!)!
			.mul(parseRational(answer as string))
			.equals(right);
	}
	if (kind === 'corner-lines') {
		const plan = planFromTexts(given.plan!);
		const left = (row: Problem['constraints'][number]) =>
			[...row.terms].reduce(
				(sum, [name, factor]) => sum.add(factor.mul(plan.get(name)!)),
				parseRational('0')
			);
		const named = (answer as string[]).filter((name) => !name.includes('='));
		// a row without variables has no line
		const drawn = own!.constraints.filter(({ terms }) => [...terms.values()].some(({ n }) => n !== 0n));
		return drawn.every((row) => left(row).equals(row.rhs) === named.includes(row.name));
	}
	if (kind === 'redundant')
		// without a row the best of every objective is the same, tried in eight directions
		return (answer as string[]).every((name) =>
			[-2, -1, 1, 2].every((a) =>
				[-1, 3].every((b) => {
					const [x, y] = own!.variables.map((variable) => variable.name);
					const terms = new Map([
						[x, parseRational(String(a))],
						[y, parseRational(String(b))]
					]);
					const best = (problem: Problem) => {
						const { status, objective } = solveLinear({
							...problem,
							objective: { ...problem.objective, terms }
						});
						return objective && status === 'optimal' ? toText(objective) : status;
					};
					return (
						best(own!) === best({ ...own!, constraints: own!.constraints.filter((row) => row.name !== name) })
					);
				})
			)
		);
	if (kind === 'claim') return (answer === 'yes') === isAllowed(own!, planFromTexts(given.plan!));
	if (kind === 'dual-entering') {
		const row = question.tableau.rows.find(({ basic }) => basic === given.leaving)!;
		const after = pivoted(question.tableau, row.basic, answer as string)!;
		return after.objective[0].entries.every((entry) => !entry.startsWith('-'));
	}
	if (kind === 'ratio' && answer !== 'none') {
		const row = question.tableau.rows.find(({ basic }) => basic === given.row)!;
		const size = parseRational(row.entries[question.tableau.columns.indexOf(given.entering!)]);
		return toText(parseRational(row.rhs).div(size)) === answer;
	}
	return true;
}

/** The plan that the tableau of a question shows, by its question of that kind. */
function questionPlan({ step, tableau }: Question, problem: Problem): Plan {
	const found = plansShown.get(JSON.stringify([step, tableau]));
	if (!found) throw new Error('no plan for ' + problem.objective.name);
	return found;
}
const plansShown = new Map<string, Plan>();

/** Whether every right cut keeps all integer plans of a small grid and cuts the relaxation's plan off. */
function cutsRightly(question: Question, problem: Problem): boolean {
	const names = problem.variables.map(({ name }) => name);
	let plans: Record<string, string>[] = [{}];
	for (const name of names)
		plans = plans.flatMap((own) => [-1, 0, 1, 2, 3, 4].map((amount) => ({ ...own, [name]: String(amount) })));
	const allowed = plans.filter((own) => isAllowed(problem, planFromTexts(own)));
	return (question.right as RelationAnswer[]).every(({ terms, relation, rhs: right }) => {
		const side = (plan: Plan) =>
			Object.entries(terms).reduce(
				(sum, [name, factor]) => sum.add(parseRational(factor).mul(plan.get(name)!)),
				parseRational('0')
			);
		const keeps = (plan: Plan) =>
			relation === '<=' ? side(plan).lte(parseRational(right)) : side(plan).gte(parseRational(right));
		const shown = questionPlan(question, problem);
		return allowed.every((own) => keeps(planFromTexts(own))) && !keeps(shown);
	});
}

test('right answers are right and slips are wrong, for random problems of all methods; every consequence is true', () => {
	let judged = 0;
	const seen = new Set<string>();
	fc.assert(
		fc.property(
			fc.oneof(anyProblem(), anyProblem({ whole: true })),
			fc.constantFrom('auto', 'two-phase', 'big-m', 'dual') as fc.Arbitrary<
				'auto' | 'two-phase' | 'big-m' | 'dual'
			>,
			fc.integer({ min: 1, max: 1000 }),
			(problem, method, seed) => {
				let list: Question[];
				try {
					list = questions({ problem, method, seed, count: 40 });
				} catch (error) {
					if (error instanceof CannotStart) return;
					throw error;
				}
				const steps: Step[] = [];
				solveLinear(problem, { method, maxSteps: 200, onStep: (step) => steps.push(step) });
				for (const [step, { tableau }] of steps.entries())
					plansShown.set(JSON.stringify([step, tableauJson(tableau)]), readPlan(tableau));
				for (const question of list) {
					seen.add(question.kind);
					const next = steps[question.step + 1];
					// the run itself takes one of the right answers
					const taken = next?.choice && { entering: next.choice.entering, leaving: next.choice.leaving };
					const name = (column: number) => next.tableau.form.columns[column].name;
					if (taken && (question.kind === 'entering' || question.kind === 'leaving'))
						expect(question.right).toContain(name(taken[question.kind]));
					if (question.kind === 'entry') {
						const after = tableauJson(next.tableau);
						const row = after.rows.find(({ basic }) => basic === question.given.row)!;
						expect(question.right).toEqual([row.entries[after.columns.indexOf(question.given.column!)]]);
					}
					if (question.kind === 'next-tableau')
						expect([
							question.right[0],
							Object.fromEntries(
								cellsOf(pivoted(question.tableau, question.given.leaving!, question.given.entering!)!)
							)
						]).toEqual(Array(2).fill(Object.fromEntries(cellsOf(tableauJson(next.tableau)))));
					if (question.kind === 'wrong-entry') {
						const [shown, real] = [question.given.after!, tableauJson(next.tableau)].map(cellsOf);
						const wrong = shown.filter(([, value], i) => value !== real[i][1]).map(([cell]) => cell);
						expect(wrong).toEqual(question.right);
					}
					if (question.kind === 'cut') expect(cutsRightly(question, problem)).toBe(true);
					if (question.kind === 'corner-values')
						for (const [corner, worth] of Object.entries(question.right[0]))
							expect(worth).toBe(toText(valueAt(problem, corner)));
					if (question.kind === 'gain') {
						const change = objectiveValue(next.tableau).sub(objectiveValue(steps[question.step].tableau));
						expect(question.right).toEqual([toText(change)]);
					}
					if (question.kind === 'phase-two')
						expect(question.right).toEqual([solveLinear(problem).status === 'infeasible' ? 'no' : 'yes']);
					if (
						question.kind === 'state' &&
						question.step === steps.length - 1 &&
						question.right[0] === 'optimal'
					)
						expect(solveLinear(problem).status).toBe('optimal');
					const words = WORDS[question.kind];
					expect(words.asks(question)).toMatch(/[.?:]/);
					expect(words.hints(question)).toHaveLength(3);
					for (const right of question.right) {
						judged += 1;
						expect(judge(question, right).right).toBe(true);
						expect(isRight(question, right)).toBe(true);
					}
					for (const { answer, code } of question.slips) {
						judged += 1;
						const verdict = judge(question, answer);
						expect([question.kind, verdict.right]).toEqual([question.kind, false]);
						expect(verdict.slip).toBe(code);
						expect(words.slips[code], `${question.kind} ${code}`).toBeTruthy();
						if (verdict.consequence) expect(consequenceText(verdict.consequence)).toMatch(/\.$/);
					}
				}
			}
		),
		{ numRuns: 450 }
	);
	expect(judged).toBeGreaterThan(10_000);
	expect([...seen].length).toBeGreaterThan(KIND_NAMES.length - 4);
});

/** The objective at a corner written as `(2, 3/2)`. */
const valueAt = ({ variables, objective }: Problem, corner: string) =>
	corner
		.slice(1, -1)
		.split(', ')
		.reduce(
			(sum, amount, j) =>
				sum.add(parseRational(amount).mul(objective.terms.get(variables[j].name) ?? parseRational('0'))),
			objective.constant
		);

test('a pivot that is shown keeps the rule just where solving makes it, and the dual is read as it is solved', () => {
	const kept = Array.from({ length: 12 }, (_, seed) =>
		questions({ problem: MIX, kinds: ['rule-kept'], seed, count: 3 })
	).flat();
	const moves = new Map([
		[0, 'y'],
		[1, 'x']
	]);
	for (const { step, given, right, tableau } of kept) {
		const leaves = questions({ problem: MIX, kinds: ['leaving'], seed: 1, count: 9 }).find(
			(own) => own.step === step
		)!;
		const is =
			given.entering !== moves.get(step)
				? 'the entering variable is wrong'
				: leaves.right.includes(given.leaving!)
					? 'it follows the rule'
					: 'the leaving variable is wrong';
		expect(tableau.rows.some(({ basic }) => basic === given.leaving)).toBe(true);
		expect(right).toEqual([is]);
	}
	expect(new Set(kept.map(({ right }) => right[0])).size).toBe(3);
	const follows = kept.find(({ right }) => right[0] === 'the leaving variable is wrong')!;
	expect(judge(follows, 'it follows the rule').consequence).toHaveProperty('basic');
	// the dual that these answers write has the primal's optimum
	const free = readStatement('min z = 2 x - 3 y\nx + y >= 2\nx - y = 1\ny free').problem!;
	const relation = (problem: Problem, column: string) =>
		Array.from(
			{ length: 9 },
			(_, seed) => questions({ problem, kinds: ['dual-relation'], seed, count: 1 })[0]
		).find(({ given }) => given.column === column)!.right;
	expect([relation(MIX, 'x'), relation(free, 'x'), relation(free, 'y')]).toEqual([['≥'], ['≤'], ['=']]);
});

test('what a wrong leaving row would do is what the pivot gives', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			for (const question of questions({ problem, kinds: ['leaving'], seed: 3, count: 5 })) {
				const steps: { tableau: Parameters<typeof pivot>[0] }[] = [];
				solveLinear(problem, { onStep: (step) => steps.push(step) });
				const t = steps[question.step].tableau;
				const name = (column: number) => t.form.columns[column].name;
				const slot = t.nonbasic.findIndex((column) => name(column) === question.given.entering);
				for (const { answer } of question.slips) {
					const row = t.basis.findIndex((column) => name(column) === answer);
					const { consequence } = judge(question, answer);
					if (!consequence?.basic) continue;
					const after = pivot(t, row, slot);
					const negative = after.basis.flatMap((column, i) =>
						rhs(after, i).s < 0n && rhs(after, i).n !== 0n ? [[name(column), toText(rhs(after, i))]] : []
					);
					expect(consequence.basic).toEqual(Object.fromEntries(negative));
				}
			}
		}),
		{ numRuns: 60 }
	);
	expect(Object.keys(KINDS).sort()).toEqual([...KIND_NAMES].sort());
});

test('what a wrong entering column of the dual method would do is what the pivot gives', () => {
	const seen = new Set<string>();
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			let list: Question[] = [];
			try {
				list = questions({ problem, method: 'dual', kinds: ['dual-entering'], seed: 3, count: 5 });
			} catch (error) {
				if (!(error instanceof CannotStart)) throw error;
			}
			const steps: Step[] = [];
			if (list.length > 0) solveLinear(problem, { method: 'dual', onStep: (step) => steps.push(step) });
			for (const question of list) {
				const t = steps[question.step].tableau;
				const name = (column: number) => t.form.columns[column].name;
				const row = t.basis.findIndex((column) => name(column) === question.given.leaving);
				for (const { answer, code } of question.slips) {
					const slot = t.nonbasic.findIndex((column) => name(column) === answer);
					const { consequence } = judge(question, answer);
					if (code === 'zero-entry') {
						expect(consequence).toBeFalsy();
						continue;
					}
					seen.add(code);
					const after = pivot(t, row, slot);
					if (code === 'positive-entry')
						expect(consequence).toEqual({ basic: { [answer as string]: toText(rhs(after, row)) } });
					else
						for (const [column, entry] of Object.entries(consequence?.costs ?? { none: '0' }))
							expect([entry, entry.startsWith('-')]).toEqual([
								toText(
									cost(
										after,
										OBJECTIVE,
										after.nonbasic.find((own) => name(own) === column)!
									)
								),
								true
							]);
				}
			}
		}),
		{ numRuns: 200 }
	);
	expect(seen).toEqual(new Set(['positive-entry', 'larger-ratio']));
});

test('what each unit of a wrong entering variable would change is what a pivot on its column changes', () => {
	const seen = new Set<string | undefined>();
	fc.assert(
		fc.property(anyProblem(), fc.constantFrom('two-phase' as const, 'big-m' as const), (problem, method) => {
			const steps: Step[] = [];
			solveLinear(problem, { method, onStep: (step) => steps.push(step) });
			const list = questions({ problem, method, kinds: ['entering', 'improving'], seed: 1, count: 8 });
			for (const question of list) {
				const t = steps[question.step].tableau;
				const name = (column: number) => t.form.columns[column].name;
				const artificials = (own: typeof t) =>
					own.basis.reduce(
						(sum, column, i) => (isArtificial(own, column) ? sum.add(rhs(own, i)) : sum),
						ZERO
					);
				for (const { answer } of question.slips) {
					const { rate, of } = judge(question, answer).consequence ?? {};
					if (rate === undefined) continue;
					const slot = t.nonbasic.findIndex((column) => name(column) === answer);
					const row = t.basis.findIndex((_, i) => sign(entryAt(t, i, slot)) !== 0 && sign(rhs(t, i)) !== 0);
					if (row < 0) continue;
					seen.add(of);
					const after = pivot(t, row, slot);
					const change = of
						? artificials(after).sub(artificials(t))
						: objectiveValue(after).sub(objectiveValue(t));
					expect(toText(change)).toBe(toText(parseRational(rate).mul(rhs(after, row))));
				}
			}
		}),
		{ numRuns: 150 }
	);
	expect(seen).toEqual(new Set([undefined, 'artificials']));
});

test('of a next tableau the entries that are wrong are named, however the right ones are written', () => {
	const question = first('next-tableau');
	const [right] = question.right as Record<string, string>[];
	const cells = Object.keys(right);
	const loose = Object.fromEntries(cells.map((cell) => [cell, ` ${right[cell].replace('-', '−')}.0 `]));
	const written = Object.values(right).every((value) => !value.includes('/')) ? loose : right;
	expect(judge(question, written).right).toBe(true);
	const wrong = { ...right, [cells[2]]: '99' };
	expect(judge(question, wrong)).toMatchObject({ right: false, consequence: { wrong: [cells[2]] } });
	const [row] = cells[2].split('|');
	expect(consequenceText(judge(question, wrong).consequence)).toMatch(
		new RegExp(
			`^One entry is not right: the entry of row ${row} .+ From row ${row} subtract \\S+ times the new pivot row\\.$`
		)
	);
	const part = { [cells[0]]: right[cells[0]] };
	expect(consequenceText(judge(question, part).consequence)).toBe(
		`All entries are right so far. ${cells.length - 1} entries are still empty.`
	);
});

test('a variable that is called as an objective row is: every cell has a name of its own', () => {
	const problem = readStatement(
		'max profit = 3 z + 5 w\na: z <= 4\nb: 2 w <= 12\nc: 3 z + 2 w <= 18'
	).problem!;
	const question = questions({ problem, kinds: ['next-tableau'], seed: 1, count: 9 }).at(-1)!;
	const cells = cellsOf(pivoted(question.tableau, question.given.leaving!, question.given.entering!)!);
	expect(new Set(cells.map(([cell]) => cell)).size).toBe(cells.length);
	expect(judge(question, question.right[0]).right).toBe(true);
});

test('an exercise goes out and comes back the same; each preset asks something; a hostile one is refused', () => {
	const about = {
		title: 'The week',
		statement: 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nx, y integer',
		story: ''
	};
	for (const preset of PRESETS) {
		const exercise = exerciseOf(about, preset);
		const back = readExercise(JSON.parse(JSON.stringify(exercise)));
		expect(back).toEqual(exercise);
		// of a problem with an integer optimum there is nothing to cut
		if (preset.name !== 'Cutting planes' && preset.name !== 'Branch and bound')
			expect([preset.name, questionsOf(back).length > 0]).toEqual([preset.name, true]);
		expect(questionsOf(back)).toEqual(questionsOf(exercise));
	}
	const one = exerciseOf(about, PRESETS[0]);
	for (const wrong of [
		null,
		3,
		{ ...one, kinds: [] },
		{ ...one, kinds: ['other'] },
		{ ...one, statement: 'no' },
		{ ...one, hints: 9 },
		{ ...one, statement: `max z = ${Array.from({ length: 30 }, (_, i) => `x${i}`).join(' + ')}` }
	])
		expect(() => readExercise(wrong)).toThrow();
	expect(readExercise({ ...one, count: 1e6 }).count).toBe(40);
});

test('a result can be handed in, and a changed one is noticed', () => {
	const lines = [
		{
			kind: 'leaving' as const,
			right: true,
			tries: 2,
			hints: 1,
			seconds: 30,
			slips: ['larger-ratio', 'other']
		},
		{ kind: 'entering' as const, right: true, tries: 1, hints: 0, seconds: 90, slips: [] }
	];
	const result = resultOf({ who: 'A student', exercise: 'The week', ended: '2026-11-29T10:00:00Z', lines });
	expect(readResult(JSON.parse(JSON.stringify(result)))).toEqual({ result, fits: true });
	expect(readResult({ ...result, lines: [{ ...lines[0], tries: 1 }, lines[1]] }).fits).toBe(false);
	expect(() => readResult({ ...result, lines: [{ kind: 'other' }] })).toThrow();
	expect(slipCounts(lines)).toEqual([{ kind: 'leaving', code: 'larger-ratio', times: 1 }]);
	expect(resultCells([rowOfResult(result, true)])[1]).toEqual([
		'A student',
		'The week',
		result.ended,
		'2',
		'2',
		'1',
		'3',
		'1',
		'2',
		'fits'
	]);
	expect(slipsOf([result, result])).toEqual([{ kind: 'leaving', code: 'larger-ratio', times: 2 }]);
	expect(resultText(result)).toContain(
		'2 of 2 right, 1 of them at the first try and without a hint\n3 tries, 1 hint, 2 minutes'
	);
});

test('every kind is asked where it can be, and the sides of lines only of a few', () => {
	const texts = [
		'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nd: x + y <= 20',
		'min z = 2 x + 3 y\na: x + y >= 4\nb: x + 3 y >= 6\nc: x <= 9',
		'max z = x + y\na: x + y <= 4\nb: x - y <= 2\nc: x <= 3\nd: 2 x + 2 y <= 8',
		'max z = 5 x + 4 y\na: 6 x + 4 y <= 24\nb: x + 2 y <= 6\nx, y integer',
		'max z = 2 x + y\na: x + y = 3\nb: x - y >= -1\nx, y integer'
	];
	const problems = texts.map((text) => readStatement(text).problem!);
	const story = 'Each x takes 1 of a. There are 4 of a.';
	const isAsked = (kind: KindName) =>
		[...problems, { ...problems[0], story }].some((problem) =>
			(['auto', 'two-phase', 'dual'] as const).some((method) =>
				[1, 2, 3, 4].some((seed) => {
					try {
						return questions({ problem, method, kinds: [kind], seed, count: 5 }).length > 0;
					} catch (error) {
						if (error instanceof CannotStart) return false;
						throw error;
					}
				})
			)
		);
	expect(KIND_NAMES.filter((kind) => !isAsked(kind))).toEqual([]);
	const lines = (count: number) =>
		readStatement(
			`max z = x + y\n${Array.from({ length: count }, (_, i) => `r${i}: ${i + 1} x + y <= ${10 + 7 * i}`).join('\n')}`
		).problem!;
	const sides = (count: number) => questions({ problem: lines(count), kinds: ['sides'], seed: 1, count: 1 });
	expect([1, 2, 6].map((count) => Object.keys(sides(count)[0]?.right[0] ?? {}).length)).toEqual([0, 2, 6]);
	expect(sides(12)).toEqual([]);
});
