import { en } from '../../language/language';
import type { Answer } from '../types';
import { answerText, at, rights, ruleText, signed, type WordsOf } from './shared';

/** `clay below, kiln left`: the sides of lines. */
const sidesText = (answer: Answer): string =>
	Object.entries(answer as Readonly<Record<string, string>>)
		.map(([name, side]) => (side === 'left' || side === 'right' ? en`${side} of ${name}` : `${side} ${name}`))
		.join(', ');

/** Words of questions about the picture of two variables. */
export const PICTURE: WordsOf<
	| 'side'
	| 'sides'
	| 'which-picture'
	| 'intercept'
	| 'corner-lines'
	| 'corner-values'
	| 'redundant'
	| 'region-shape'
	| 'best-corner'
	| 'path'
> = {
	side: {
		asks: (q) => en`${at(q.given.plan)} lies on one side of the line ${q.given.row}. Does that side stay?`,
		because: (q) =>
			en`Put ${at(q.given.plan)} into ${q.given.row}: it ${q.right[0] === 'yes' ? en`holds` : en`does not hold`}, so that side ${q.right[0] === 'yes' ? en`stays` : en`goes`}.`,
		hints: (q) => [
			en`One point decides for its whole side.`,
			en`Put ${at(q.given.plan)} into the left side of ${q.given.row}.`,
			en`Compare the sum with the right-hand side.`
		],
		slips: { 'other-side': en`Put the point into the constraint: it says the opposite.` }
	},
	sides: {
		asks: () => en`Which side of each line stays?`,
		because: (q) => en`What stays: ${sidesText(q.right[0])}.`,
		hints: () => [
			en`Take a point that is not on the line, such as the origin.`,
			en`Put it into the constraint. If it holds, the side of that point stays.`,
			en`The sign alone does not tell: with a negative coefficient ≤ can be the side above.`
		],
		slips: {
			'by-sign': en`The sign alone does not tell the side: put a point into each constraint.`,
			'other-side': en`These are the sides that go.`
		}
	},
	'which-picture': {
		asks: () => en`Which picture shows the feasible region?`,
		because: (q) => en`Picture ${rights(q)} has just the points that satisfy every constraint.`,
		hints: () => [
			en`Work out where the lines meet the axes.`,
			en`Choose a point in a picture and put it into each constraint.`,
			en`Every corner of the right picture satisfies all constraints, and no point outside does.`
		],
		slips: {
			'axes-swapped': en`The two axes have changed places.`,
			'other-side': en`The wrong side of a line is kept here.`,
			'one-missing': en`A constraint has not been drawn here.`,
			'coefficients-as-intercepts': en`A line meets the axes at its coefficients here. The right-hand side has to be divided by them.`
		}
	},
	intercept: {
		asks: (q) =>
			en`Where does the line of ${q.given.row} meet the axis of ${q.given.column}? Answer none if it does not.`,
		because: (q) =>
			q.right[0] === 'none'
				? en`${q.given.column} does not stand in ${q.given.row}, so the line is parallel to that axis.`
				: en`With the other variable at 0, ${q.given.column} is the right-hand side divided by its coefficient, ${rights(q)}.`,
		hints: () => [
			en`On the axis the other variable is 0.`,
			en`What is left is one equation with one variable.`,
			en`Divide the right-hand side by the coefficient.`
		],
		slips: {
			'not-divided': en`This is the right-hand side. Divide it by the coefficient.`,
			'coefficient-read': en`This is the coefficient. The right-hand side is divided by it.`,
			inverted: en`This is the coefficient divided by the right-hand side. It is the other way round.`
		}
	},
	'corner-lines': {
		asks: (q) => en`Which lines meet in the corner ${at(q.given.plan)}?`,
		because: (q) => en`There ${answerText(q.right[0])} hold with equality.`,
		hints: (q) => [
			en`Put ${at(q.given.plan)} into each constraint.`,
			en`A line passes through the corner if both sides are equal there.`,
			en`An axis is a line, too: there a variable is at its bound.`
		],
		slips: {
			'one-missing': en`One line that passes through the corner is missing.`,
			'one-too-many': en`One of these lines does not pass through the corner.`
		}
	},
	'corner-values': {
		asks: () => en`Fill in the corner table: what is the objective at each corner?`,
		because: (q) => en`The values are ${rights(q)}.`,
		hints: () => [
			en`Put the coordinates of each corner into the objective.`,
			en`The first coordinate belongs to the first variable.`,
			en`Multiply each coordinate by its coefficient, and add.`
		],
		slips: {
			'coefficients-swapped': en`The two coefficients have changed places.`,
			'constant-forgotten': en`The objective has a constant, too.`
		}
	},
	redundant: {
		asks: () =>
			en`Which constraints can be left out, each by itself, without changing the feasible region? Name all, or none.`,
		because: (q) =>
			`${(q.right[0] as readonly string[]).length === 0 ? en`Each constraint cuts something off.` : en`Without ${answerText(q.right[0])} the region is the same.`}`,
		hints: () => [
			en`A redundant line touches the region in one corner at most, or not at all.`,
			en`Cover each line in turn and look whether the region grows.`,
			en`Compare where the lines meet the axes.`
		],
		slips: {
			'none-found': en`At least one constraint cuts nothing off.`,
			'others-named': en`Each of these cuts something off: without it the region would be larger.`
		}
	},
	'region-shape': {
		asks: () => en`Is the feasible region bounded, unbounded or empty?`,
		because: (q) =>
			q.right[0] === 'empty'
				? en`No point satisfies all constraints.`
				: q.right[0] === 'bounded'
					? en`The constraints leave no direction in which it goes on without end.`
					: en`There is a direction in which it goes on without end.`,
		hints: () => [
			en`Shade the side of each line that stays.`,
			en`Look for a part of the plane that all of them leave.`,
			en`Follow that part away from the lines: is it closed on every side?`
		],
		slips: {
			'has-a-point': en`Some points satisfy all constraints.`,
			'no-point': en`The sides that stay have no point in common.`,
			'goes-on': en`In one direction nothing limits it.`,
			'is-closed': en`It is closed on every side.`
		}
	},
	path: {
		asks: (q) =>
			en`In which order does the simplex method visit the corners ${(q.given.choices ?? []).map(signed).join(', ')}? ${ruleText(q)}`,
		because: (q) => en`It goes ${(q.right[0] as readonly string[]).map(signed).join(' → ')}.`,
		hints: () => [
			en`It starts where the variables of the problem are 0.`,
			en`Each pivot goes along an edge to a corner beside the one before.`,
			en`The rule says which variable increases first, and so along which axis it goes.`
		],
		slips: {
			reversed: en`It starts at the other end of this path.`,
			'other-way': en`It goes round the region in the other direction.`
		}
	},
	'best-corner': {
		asks: () => en`Which corner of the feasible region is best?`,
		because: (q) => en`The objective is best at ${rights(q)}.`,
		hints: () => [
			en`Move the objective line in its improving direction.`,
			en`It leaves the region at a corner, or along an edge.`,
			en`Compare the objective’s value at the corners.`
		],
		slips: {
			start: en`This is where the simplex method starts. Other corners are better.`,
			outside: en`This point is not in the feasible region.`
		}
	}
};
