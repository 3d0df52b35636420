import { beginSearch } from '../../integer/branch';
import type { Search } from '../../integer/search';
import { SEARCH_RULES } from '../../integer/search-types';
import { compare, isInteger, toText, type Rational } from '../../number/rational';
import { asksForWhole, mustBeWhole, fractionalVariables } from '../../problem/whole';
import { writePlan } from '../../problem/use';
import type { QuestionKind, Situation, Slip } from '../types';
import { without } from './shared';

/** Questions about a branch-and-bound tree: what to branch on, which node comes next, the gap. */

/** nodes that are solved before a question is asked, at most */
const MOST_SOLVED = 12;

const isRelaxed = ({ problem, isLast, answer }: Situation): boolean =>
	isLast && answer.status === 'optimal' && asksForWhole(problem);

/** open nodes among which one still keeps an overview */
const MOST_OPEN = 5;

interface OpenNode {
	readonly id: number;
	readonly name: string;
	readonly bound: Rational;
}

/** The open nodes that may hold a better plan, the most promising first. */
function openOf({ openNodes, nodes, incumbent }: Search, up: 1 | -1): OpenNode[] {
	return openNodes
		.flatMap((id): OpenNode[] => {
			const { promise } = nodes[id];
			const isHopeful = promise && (!incumbent || compare(promise, incumbent.objective) * up > 0);
			return isHopeful ? [{ id, name: `node ${id}`, bound: promise }] : [];
		})
		.sort((a, b) => compare(b.bound, a.bound) * up);
}

/** Moments of a search with open nodes, each as far as it had come. */
function momentsOf({ problem, answer }: Situation): { open: OpenNode[]; incumbent: Rational | null }[] {
	const begun = beginSearch(problem, answer, { maxSteps: 2_000 });
	if ('ended' in begun) return [];
	const { search } = begun;
	const up = problem.objective.sense === 'max' ? 1 : -1;
	const moments: { open: OpenNode[]; incumbent: Rational | null }[] = [];
	for (let i = 0; i < MOST_SOLVED && !search.isDone; i++) {
		search.advance(SEARCH_RULES);
		const open = openOf(search, up);
		if (open.length > 0 && open.length <= MOST_OPEN)
			moments.push({ open, incumbent: search.incumbent?.objective ?? null });
	}
	return moments;
}

const boundsOf = (open: readonly OpenNode[]) =>
	Object.fromEntries([...open].sort((a, b) => a.id - b.id).map(({ name, bound }) => [name, toText(bound)]));

export const branchOn: QuestionKind = {
	answers: 'names',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, answer } = situation;
		if (!isRelaxed(situation) || !answer.solution) return null;
		const right = fractionalVariables(problem, answer.solution).map(({ name }) => name);
		if (right.length === 0) return null;
		const whole = problem.variables.filter(mustBeWhole).map(({ name }) => name);
		const broken = [...answer.solution].flatMap(([name, value]) => (isInteger(value) ? [] : [name]));
		const slips: Slip[] = [
			{ answer: broken, code: 'continuous-named' },
			{ answer: whole, code: 'whole-named' },
			{ answer: [], code: 'none-found' }
		];
		return {
			given: { plan: writePlan(answer.solution), choices: problem.variables.map(({ name }) => name) },
			right: [right],
			slips: without([right], slips)
		};
	}
};

export const nextNode: QuestionKind = {
	answers: 'choice',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		if (!isRelaxed(situation)) return null;
		const moments = momentsOf(situation).filter(
			({ open }) => compare(open[0].bound, open[open.length - 1].bound) !== 0
		);
		if (moments.length === 0) return null;
		const { open } = moments[situation.pick(moments.length)];
		const isBest = ({ bound }: OpenNode) => compare(bound, open[0].bound) === 0;
		const right = open.filter(isBest).map(({ name }) => name);
		const slips = open
			.filter((node) => !isBest(node))
			.map(({ name }) => ({ answer: name, code: 'not-best-bound' }));
		const nodes = boundsOf(open);
		return { given: { nodes, choices: Object.keys(nodes) }, right, slips };
	}
};

export const gap: QuestionKind = {
	answers: 'number',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		if (!isRelaxed(situation)) return null;
		const moments = momentsOf(situation).filter(({ incumbent }) => incumbent);
		if (moments.length === 0) return null;
		const { open, incumbent } = moments[situation.pick(moments.length)];
		const from = ({ bound }: OpenNode) => toText(bound.sub(incumbent!).abs());
		const right = from(open[0]);
		const slips: Slip[] = [
			{ answer: from(open[open.length - 1]), code: 'not-best-bound' },
			{ answer: toText(open[0].bound), code: 'bound-itself' },
			{ answer: '0', code: 'open-overlooked' }
		];
		return {
			given: { nodes: boundsOf(open), incumbent: toText(incumbent!) },
			right: [right],
			slips: without([right], slips)
		};
	}
};
