import { isZero, sign } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { rayAt } from '../tableau/rise';
import { cost, readPlan, type Tableau } from '../tableau/tableau';
import { objectiveSentence, planSentence, usesSentence } from './plan';
import { joined, say, type Remark, type Sentence } from './sentence';

/** Non-basic columns whose reduced cost is zero: other optimal plans may lie there. */
export function zeroCostColumns(t: Tableau): number[] {
	return t.nonbasic.filter((column) => !t.barred.has(column) && isZero(cost(t, OBJECTIVE, column)));
}

/** The conclusion at an optimal tableau, in the author's words and units. */
export function optimalRemark(t: Tableau): Remark {
	const { problem } = t.form;
	const plan = readPlan(t);
	const sense = problem.objective.sense === 'max' ? 'raise' : 'lower';
	const sentences: Sentence[] = [
		say`Best plan: ${planSentence(problem, plan)}. Then ${objectiveSentence(t)}.`
	];
	const uses = usesSentence(problem, plan);
	if (uses) sentences.push(uses);
	sentences.push(
		say`Nothing can ${sense} ${problem.objective.name} further: no entry of the objective row is ${{ sign: 'improving', goal: OBJECTIVE, objective: problem.objective }}.`
	);
	const zero = zeroCostColumns(t);
	if (zero.length) {
		const names = joined(zero.map((column) => say`${t.form.columns[column]}`));
		sentences.push(
			say`The entry of ${names} in the objective row is 0: a pivot there keeps the objective, so other plans may be just as good.`
		);
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
			say`${name} can rise without end: no entry of its column is positive, so no row limits it.`,
			say`For each unit of ${name}, ${joined(moves)}, and ${problem.objective.name} improves by ${rate}. There is no best plan; a limit is missing from the statement.`
		]
	};
}
