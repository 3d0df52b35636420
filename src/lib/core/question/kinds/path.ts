import { solveLinear } from '../../answer/answer';
import { region } from '../../geometry/region';
import { readPlan } from '../../tableau/tableau';
import type { QuestionKind, Slip } from '../types';
import { cornerText, isFlat, without } from './shared';

/** corners that are put in order at once, at most */
const MOST_CORNERS = 6;

/** In which order the run visits the corners of a region of two variables. */
export const path: QuestionKind = {
	answers: 'order',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, part, rule } = situation;
		if (!isFlat(situation) || part !== 'primal') return null;
		const [x, y] = problem.variables.map(({ name }) => name);
		const visited: string[] = [];
		const { status } = solveLinear(problem, {
			rule,
			onStep: ({ tableau }) => {
				const plan = readPlan(tableau);
				const at = cornerText(plan.get(x)!, plan.get(y)!);
				// a step of length 0 stays where it is
				if (visited.at(-1) !== at) visited.push(at);
			}
		});
		if (status !== 'optimal' || visited.length < 3 || visited.length > MOST_CORNERS) return null;
		const round = region(problem).vertices.map(({ at: [x, y] }) => cornerText(x, y));
		// as they stand round the region, from the start on, in both directions
		const from = round.indexOf(visited[0]);
		const turned = [...round.slice(from), ...round.slice(0, from)].filter((at) => visited.includes(at));
		const backwards = [turned[0], ...turned.slice(1).reverse()];
		const slips: Slip[] = [
			{ answer: [...visited].reverse(), code: 'reversed' },
			{ answer: turned, code: 'other-way' },
			{ answer: backwards, code: 'other-way' }
		];
		return {
			given: { rule: rule.entering, choices: [...visited].sort() },
			right: [visited],
			slips: without([visited], slips)
		};
	}
};
