import { en } from '../../language/language';
import type { MapPoint, MapCell } from '../../parametric/map';
import { withNumber, type Varied } from '../../problem/varied';
import { isZero, type Rational } from '../../number/rational';
import { withoutZeros, type Problem } from '../../problem/types';
import { claim, joined, linear, say, type Sentence } from '../../sentence/sentence';
import { quantity } from './plan';

/** What is said of a part of the map of two numbers. */

/** `clay`, or `profit per bowl`: a number of the map, short enough for an axis. */
export const axisName = (problem: Problem, varied: Varied): string =>
	'rhs' in varied ? varied.rhs : en`${problem.objective.name} per ${varied.objective}`;

const planeAt = ({ constant, first, second }: NonNullable<MapCell['plane']>, [x, y]: MapPoint): Rational =>
	constant.add(first.mul(x)).add(second.mul(y));

/** What is best in a part of the map, in one line: `vases, jugs: profit = 20 + 3 clay + 1/2 wheel`. */
export function legendSentence(problem: Problem, varied: readonly [Varied, Varied], cell: MapCell): Sentence {
	const { plane, made } = cell;
	if (!plane)
		return say`${cell.status === 'infeasible' ? en`no plan is feasible` : en`${problem.objective.name} is unbounded`}`;
	const rates = withoutZeros(
		[plane.first, plane.second].map((rate, i) => [axisName(problem, varied[i]), rate])
	);
	const { constant } = plane;
	const value = isZero(constant)
		? linear(rates)
		: say`${linear(rates)} ${constant.s < 0n ? '−' : '+'} ${constant.abs()}`;
	return say`${made.length ? made.join(', ') : en`nothing made`}: ${problem.objective.name} = ${rates.size ? value : say`${constant}`}`;
}

/**
 * What is best in a part of the map, and how fast the objective changes with either number.
 * @param at the two numbers, in that part
 */
export function cellSentence(
	problem: Problem,
	varied: readonly [Varied, Varied],
	cell: MapCell,
	at: MapPoint
): Sentence {
	const { name, unit } = problem.objective;
	const problemAt = (own: MapPoint) =>
		varied.reduce((now, number, i) => withNumber(now, number, own[i]), problem);
	const { plane } = cell;
	if (cell.status !== 'optimal' || !plane)
		return cell.status === 'infeasible'
			? say`No plan is feasible here.${claim({ problem: problemAt(at), code: 'status', status: 'infeasible' })}`
			: say`${name} is unbounded here.${claim({ problem: problemAt(at), code: 'status', status: 'unbounded' })}`;
	// three corners of the part say what both rates are
	const told = [at, ...cell.polygon.slice(0, 3)].flatMap((own) =>
		claim({ problem: problemAt(own), code: 'best', value: planeAt(plane, own) })
	);
	const [first, second] = varied.map((own) => axisName(problem, own));
	return say`Here the basis ${joined(cell.basis.map((own) => say`${own}`))} is optimal: ${name} = ${quantity(planeAt(plane, at), unit)}; each unit of ${first} changes it by ${plane.first}, each unit of ${second} by ${plane.second}.${told}`;
}
