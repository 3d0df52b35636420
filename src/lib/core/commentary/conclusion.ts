import { tiedColumns } from '../answer/ties';
import { isZero, sign } from '../number/rational';
import type { Plan } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { rayAt, riseOf } from '../tableau/rise';
import { cost, readPlan, type Tableau } from '../tableau/tableau';
import { objectiveSentence, planSentence, usesSentence } from './plan';
import { byLayout, claim, entrySign, joined, say, type Remark, type Sentence } from '../sentence/sentence';

/** What the best plan of a tableau is the best of: a branch, or a relaxation whose plan is not whole, promise less. */
function bestOf(t: Tableau, plan: Plan): string {
	const isBranch = t.form.columns.some(({ id }) => id.startsWith('s+:branch:'));
	if (isBranch) return 'Best plan of this branch’s relaxation';
	const isWhole = t.form.problem.variables.every(
		({ name, domain }) => domain === 'continuous' || plan.get(name)!.d === 1n
	);
	return isWhole ? 'Best plan' : 'Best plan of the relaxation';
}

/** The conclusion at an optimal tableau, in the author's words and units. */
export function optimalRemark(t: Tableau): Remark {
	const { problem } = t.form;
	const plan = readPlan(t);
	const sense = problem.objective.sense === 'max' ? 'raise' : 'lower';
	const sentences: Sentence[] = [
		say`${bestOf(t, plan)}: ${planSentence(problem, plan)}. Then ${objectiveSentence(t)}.`
	];
	const uses = usesSentence(problem, plan);
	if (uses) sentences.push(uses);
	sentences.push(
		say`Nothing can ${sense} ${problem.objective.name} further: no entry of the objective row is ${{ sign: 'improving', goal: OBJECTIVE, objective: problem.objective }}.${claim({ is: 'dual-feasible', t, holds: true })}${claim({ is: 'feasible', t, holds: true })}`
	);
	const tied = tiedColumns(t);
	if (tied.length) {
		const names = joined(tied.map((column) => say`${t.form.columns[column]}`));
		const [has, where] =
			tied.length > 1 ? ['entries of', 'are 0: a pivot at one of them'] : ['entry of', 'is 0: a pivot there'];
		const moves = tied.some((column) => {
			const { limit } = riseOf(t, column);
			return limit === null || !isZero(limit);
		});
		const so = moves
			? say`so other plans are just as good`
			: say`but the step has no length here: it changes the basis and not the plan`;
		sentences.push(say`The ${has} ${names} in the objective row ${where} keeps the objective, ${so}.`);
	}
	const broken = problem.variables.filter((v) => v.domain !== 'continuous' && !(plan.get(v.name)?.d === 1n));
	if (broken.length)
		sentences.push(
			say`${joined(broken.map((v) => say`${v.name}`))} should be whole; this is the relaxation’s best plan, and the whole-number optimum can be no better.`
		);
	return { tone: 'conclusion', heading: say`Optimal`, sentences };
}

/** The conclusion where a column can rise for ever: the direction, in the author's variables. */
export function unboundedRemark(t: Tableau, position: number): Remark {
	const { problem } = t.form;
	const column = t.nonbasic[position];
	const name = t.form.columns[column];
	const moves = [...rayAt(t, position)].flatMap(([variable, move]) =>
		isZero(move) ? [] : [say`${variable} ${sign(move) > 0 ? 'rises' : 'falls'} by ${move.abs()}`]
	);
	const rate = cost(t, OBJECTIVE, column).abs();
	return {
		tone: 'conclusion',
		heading: say`Unbounded`,
		sentences: [
			say`${name} can rise without end: no entry of its column is ${entrySign('positive')}, so no row limits it.${byLayout(
				claim({ is: 'none', t, of: { column }, sign: 'positive' }),
				claim({ is: 'none', t, of: { column }, sign: 'negative' })
			)}`,
			say`For each unit of ${name}, ${joined(moves)}, and ${problem.objective.name} improves by ${rate}. There is no best plan; a limit is missing from the statement.`
		]
	};
}
