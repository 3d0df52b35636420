import { addCut, wholeColumns } from '../../integer/cut';
import { branchAndBound } from '../../integer/branch';
import { isInteger, sign, toText, type Rational } from '../../number/rational';
import { asksForWhole, isWhole, mustBeWhole } from '../../problem/whole';
import { writePlan } from '../../problem/use';
import type { Stated } from '../../form/affine';
import { columnOf, rhs } from '../../tableau/tableau';
import type { Answer, Kind, Slip } from '../types';
import { nameOf, without } from './shared';

/** Questions about whole numbers: the cut of a row, and whether a node of a tree is closed. */

/** nodes that are looked at for a question about one of them */
const MOST_NODES = 60;

const statedAnswer = ({ terms, relation, rhs: right }: Stated): Answer => ({
	terms: Object.fromEntries([...terms].map(([name, value]) => [name, toText(value)])),
	relation,
	rhs: toText(right)
});

export const cut: Kind = {
	answers: 'relation',
	ask({ problem, tableau: t, isLast, answer, pick }) {
		if (!isLast || answer.status !== 'optimal' || answer.tableau !== t || !asksForWhole(problem)) return null;
		const whole = new Set(problem.variables.filter(mustBeWhole).map(({ name }) => name));
		const rows = t.basis.flatMap((column, row) => {
			const { kind, owner } = columnOf(t, column);
			return kind === 'structural' && whole.has(owner.name) && !isInteger(rhs(t, row)) ? [row] : [];
		});
		if (rows.length === 0) return null;
		const row = rows[pick(rows.length)];
		const columns = wholeColumns(t.form);
		const forms = [false, true].flatMap((mixed) => addCut(t, row, columns, 1, mixed).cut.original ?? []);
		// a cut that says 0 ≥ 1 shows that there is no integer plan: it is no inequality to write
		if (forms.length === 0 || forms.some(({ terms }) => terms.size === 0)) return null;
		const right = forms.map(statedAnswer);
		const [first] = forms;
		const slips: Slip[] = [
			{
				answer: statedAnswer({ ...first, relation: first.relation === '<=' ? '>=' : '<=' }),
				code: 'relation-turned'
			},
			{
				answer: statedAnswer({
					...first,
					rhs: first.relation === '<=' ? first.rhs.add(1) : first.rhs.sub(1)
				}),
				code: 'cuts-nothing'
			}
		];
		return { given: { row: nameOf(t, t.basis[row]) }, right, slips: without(right, slips) };
	}
};

export const close: Kind = {
	answers: 'closing',
	about: 'statement',
	ask({ problem, isLast, answer, pick }) {
		if (!isLast || answer.status !== 'optimal' || !asksForWhole(problem)) return null;
		const { nodes } = branchAndBound(problem, { mostNodes: MOST_NODES, maxSteps: 2_000 });
		const solved = nodes.filter(({ status }) => status === 'optimal' || status === 'infeasible');
		if (solved.length === 0) return null;
		const node = solved[pick(solved.length)];
		const gain = (value: Rational) => (problem.objective.sense === 'max' ? value : value.neg());
		const found = solved.flatMap(({ id, solution, bound }) =>
			id < node.id && solution && bound && isWhole(problem, solution) ? [bound] : []
		);
		const incumbent = found.reduce<Rational | null>(
			(best, value) => (best && gain(best).gte(gain(value)) ? best : value),
			null
		);
		const right =
			node.status === 'infeasible'
				? 'infeasible'
				: incumbent && sign(gain(node.bound!).sub(gain(incumbent))) <= 0
					? 'bound'
					: isWhole(problem, node.solution!)
						? 'integer'
						: 'branch';
		const slips: Slip[] = [
			...(right === 'bound' ? [{ answer: 'branch', code: 'bound-overlooked' }] : []),
			...(right === 'branch'
				? [
						{ answer: 'bound', code: 'can-still-be-better' },
						{ answer: 'integer', code: 'not-integer' }
					]
				: []),
			...(right === 'integer' ? [{ answer: 'branch', code: 'already-integer' }] : []),
			...(right === 'infeasible' ? [{ answer: 'branch', code: 'nothing-below' }] : [])
		];
		return {
			given: {
				relaxation: {
					status: node.status,
					...(node.status === 'optimal'
						? { objective: toText(node.bound!), solution: writePlan(node.solution!) }
						: {})
				},
				incumbent: incumbent && toText(incumbent)
			},
			// a bound that the incumbent reaches closes an integer node as well
			right:
				right === 'bound' && node.solution && isWhole(problem, node.solution)
					? ['bound', 'integer']
					: [right],
			slips
		};
	}
};
