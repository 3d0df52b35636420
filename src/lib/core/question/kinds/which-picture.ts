import { region } from '../../geometry/region';
import { withoutConstraints } from '../../geometry/sides';
import { isZero, toText } from '../../number/rational';
import { asksForWhole } from '../../problem/whole';
import type { Constraint, Problem } from '../../problem/types';
import { planFromTexts } from '../../problem/use';
import type { Consequence, QuestionKind, Question } from '../types';
import { isFlat, violations } from './shared';

/** pictures to choose from, the right one among them */
const MOST_PICTURES = 4;

type Corners = readonly (readonly [string, string])[];

/** The corners of a bounded region with an inside, in order round it; null for any other. */
function cornersOf(problem: Problem): Corners | null {
	const { shape, vertices } = region(problem);
	return shape === 'polygon' ? vertices.map(({ at: [x, y] }) => [toText(x), toText(y)]) : null;
}

const withRow = (problem: Problem, index: number, change: (row: Constraint) => Constraint): Problem => ({
	...problem,
	constraints: problem.constraints.map((row, i) => (i === index ? change(row) : row))
});

/** Each misreading of the problem with its code: one constraint turned or left out, axes swapped, coefficients taken for intercepts. */
function misreadings(problem: Problem): { code: string; problem: Problem }[] {
	const [x, y] = problem.variables.map(({ name }) => name);
	const swapped = (row: Constraint): Constraint => ({
		...row,
		terms: new Map([...row.terms].map(([name, value]) => [name === x ? y : x, value]))
	});
	return [
		{ code: 'axes-swapped', problem: { ...problem, constraints: problem.constraints.map(swapped) } },
		...problem.constraints.flatMap((row, i) => {
			const [a, b] = [row.terms.get(x), row.terms.get(y)];
			const turned = row.relation === '<=' ? '>=' : '<=';
			return [
				...(row.relation === '='
					? []
					: [{ code: 'other-side', problem: withRow(problem, i, (own) => ({ ...own, relation: turned })) }]),
				{
					code: 'one-missing',
					problem: withoutConstraints(problem, [row.name])
				},
				...(a && b && !isZero(a) && !isZero(b)
					? [
							{
								// the line through (a, 0) and (0, b): b x + a y = a b
								code: 'coefficients-as-intercepts',
								problem: withRow(problem, i, (own) => ({
									...own,
									terms: new Map([
										[x, b],
										[y, a]
									]),
									rhs: a.mul(b)
								}))
							}
						]
					: [])
			];
		})
	];
}

const letterOf = (i: number): string => 'ABCD'[i];
const keyOf = (corners: Corners): string =>
	corners
		.map((corner) => corner.join())
		.sort()
		.join(' ');

/** Which of some pictures shows the feasible region. */
export const whichPicture: QuestionKind = {
	answers: 'choice',
	about: 'statement',
	withProblem: true,
	ask(situation) {
		const { problem, pick } = situation;
		// of a problem in whole numbers the feasible plans are points
		if (!isFlat(situation) || asksForWhole(problem)) return null;
		const own = cornersOf(problem);
		if (!own) return null;
		const taken = new Set([keyOf(own)]);
		const all = misreadings(problem).flatMap(({ code, problem: other }) => {
			const corners = cornersOf(other);
			return corners ? [{ code, corners }] : [];
		});
		// one of each code before a second one of any
		const start = all.length > 0 ? pick(all.length) : 0;
		const turned = [...all.slice(start), ...all.slice(0, start)];
		const seen = new Set<string>();
		const isFirst = ({ code }: { code: string }) => !seen.has(code) && !!seen.add(code);
		const firsts = turned.filter(isFirst);
		const others = [...firsts, ...turned.filter((one) => !firsts.includes(one))]
			.filter(({ corners }) => !taken.has(keyOf(corners)) && !!taken.add(keyOf(corners)))
			.slice(0, MOST_PICTURES - 1);
		if (others.length < 2) return null;
		const place = pick(others.length + 1);
		const pictures = [
			...others.slice(0, place).map(({ corners }) => corners),
			own,
			...others.slice(place).map(({ corners }) => corners)
		];
		return {
			given: { choices: pictures.map((_, i) => letterOf(i)), pictures },
			right: [letterOf(place)],
			slips: others.map(({ code }, i) => ({ answer: letterOf(i < place ? i : i + 1), code }))
		};
	},
	consequence({ problem, given, right }: Question, answer): Consequence | null {
		const shown = given.pictures?.[given.choices?.indexOf(answer as string) ?? -1];
		const own = given.pictures?.[given.choices?.indexOf(right[0] as string) ?? -1];
		if (!shown || !own) return null;
		const names = problem!.variables.map(({ name }) => name);
		const planOf = ([x, y]: Corners[number]) => ({ [names[0]]: x, [names[1]]: y });
		for (const corner of shown) {
			const broken = violations(problem!, planFromTexts(planOf(corner)));
			if (broken) return { point: planOf(corner), ...broken };
		}
		const lacking = own.find((corner) => !shown.some((other) => other.join() === corner.join()));
		return lacking ? { point: planOf(lacking), isLacking: true } : null;
	}
};
