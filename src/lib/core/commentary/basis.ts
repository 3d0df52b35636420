import { isZero, ZERO } from '../number/rational';
import { joined, say, type Remark, type Sentence } from '../sentence/sentence';
import { columnOf, type Tableau } from '../tableau/tableau';
import { objectiveSentence, placeSentence } from './plan';
import { negativeSentences } from './start';

/** What a chosen basis is, how it was reached, and what it makes of the objective row. */
export function basisRemark(
	before: Tableau,
	exchanges: readonly { readonly enter: number; readonly leave: number }[],
	after: Tableau
): Remark {
	const basic = [...after.basis].sort((a, b) => a - b);
	const steps = exchanges.map(({ enter, leave }): Sentence => {
		const from = columnOf(before, leave);
		return from.kind === 'vacant'
			? say`${columnOf(before, enter)} in row ${{ constraint: from.owner.name }}`
			: say`${columnOf(before, enter)} in for ${from}`;
	});
	const priced = basic.filter((j) => !isZero(after.form.costs.get(j) ?? ZERO));
	const reached =
		steps.length === 0
			? say`It is the basis that stands here already.`
			: say`${steps.length === 1 ? 'One exchange leads' : `${steps.length} exchanges lead`} there: ${joined(steps)}.`;
	const objective = { goal: { kind: 'objective' } as const, objective: after.form.problem.objective };
	const pricing: Sentence[] =
		priced.length === 0
			? []
			: [
					say`In row ${objective} ${joined(priced.map((j) => say`${columnOf(after, j)}`))} ${priced.length > 1 ? 'are' : 'is'} replaced from ${priced.length > 1 ? 'their own rows' : 'its own row'}, so that only non-basic variables stand in it.`
				];
	return {
		tone: 'step',
		heading: say`Basis ${joined(basic.map((j) => say`${columnOf(after, j)}`))}`,
		sentences: [
			reached,
			...pricing,
			...negativeSentences(after),
			placeSentence(after),
			say`${objectiveSentence(after)}.`
		]
	};
}
