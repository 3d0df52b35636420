import type { Answer } from '../types';
import { answerText, at, rights, ruleText, signed, type WordsOf } from './shared';

/** `clay below, kiln left`: the sides of lines. */
const sidesText = (answer: Answer): string =>
	Object.entries(answer as Readonly<Record<string, string>>)
		.map(([name, side]) => (side === 'left' || side === 'right' ? `${side} of ${name}` : `${side} ${name}`))
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
		asks: (q) => `${at(q.given.plan)} lies on one side of the line ${q.given.row}. Does that side stay?`,
		because: (q) =>
			`Put ${at(q.given.plan)} into ${q.given.row}: it ${q.right[0] === 'yes' ? 'holds' : 'does not hold'}, so that side ${q.right[0] === 'yes' ? 'stays' : 'goes'}.`,
		hints: (q) => [
			'One point decides for its whole side.',
			`Put ${at(q.given.plan)} into the left side of ${q.given.row}.`,
			'Compare the sum with the right-hand side.'
		],
		slips: { 'other-side': 'Put the point into the constraint: it says the opposite.' }
	},
	sides: {
		asks: () => 'Which side of each line stays?',
		because: (q) => `What stays: ${sidesText(q.right[0])}.`,
		hints: () => [
			'Take a point that is not on the line, such as the origin.',
			'Put it into the constraint. If it holds, the side of that point stays.',
			'The sign alone does not tell: with a negative coefficient ≤ can be the side above.'
		],
		slips: {
			'by-sign': 'The sign alone does not tell the side: put a point into each constraint.',
			'other-side': 'These are the sides that go.'
		}
	},
	'which-picture': {
		asks: () => 'Which picture shows the feasible region?',
		because: (q) => `Picture ${rights(q)} has just the points that satisfy every constraint.`,
		hints: () => [
			'Work out where the lines meet the axes.',
			'Choose a point in a picture and put it into each constraint.',
			'Every corner of the right picture satisfies all constraints, and no point outside does.'
		],
		slips: {
			'axes-swapped': 'The two axes have changed places.',
			'other-side': 'The wrong side of a line is kept here.',
			'one-missing': 'A constraint has not been drawn here.',
			'coefficients-as-intercepts':
				'A line meets the axes at its coefficients here. The right-hand side has to be divided by them.'
		}
	},
	intercept: {
		asks: (q) =>
			`Where does the line of ${q.given.row} meet the axis of ${q.given.column}? Answer none if it does not.`,
		because: (q) =>
			q.right[0] === 'none'
				? `${q.given.column} does not stand in ${q.given.row}, so the line is parallel to that axis.`
				: `With the other variable at 0, ${q.given.column} is the right-hand side divided by its coefficient, ${rights(q)}.`,
		hints: () => [
			'On the axis the other variable is 0.',
			'What is left is one equation with one variable.',
			'Divide the right-hand side by the coefficient.'
		],
		slips: {
			'not-divided': 'This is the right-hand side. Divide it by the coefficient.',
			'coefficient-read': 'This is the coefficient. The right-hand side is divided by it.',
			inverted: 'This is the coefficient divided by the right-hand side. It is the other way round.'
		}
	},
	'corner-lines': {
		asks: (q) => `Which lines meet in the corner ${at(q.given.plan)}?`,
		because: (q) => `There ${answerText(q.right[0])} hold with equality.`,
		hints: (q) => [
			`Put ${at(q.given.plan)} into each constraint.`,
			'A line passes through the corner if both sides are equal there.',
			'An axis is a line, too: there a variable is at its bound.'
		],
		slips: {
			'one-missing': 'One line that passes through the corner is missing.',
			'one-too-many': 'One of these lines does not pass through the corner.'
		}
	},
	'corner-values': {
		asks: () => 'Fill in the corner table: what is the objective at each corner?',
		because: (q) => `The values are ${rights(q)}.`,
		hints: () => [
			'Put the coordinates of each corner into the objective.',
			'The first coordinate belongs to the first variable.',
			'Multiply each coordinate by its coefficient, and add.'
		],
		slips: {
			'coefficients-swapped': 'The two coefficients have changed places.',
			'constant-forgotten': 'The objective has a constant, too.'
		}
	},
	redundant: {
		asks: () =>
			'Which constraints can be left out, each by itself, without changing the feasible region? Name all, or none.',
		because: (q) =>
			`${(q.right[0] as readonly string[]).length === 0 ? 'Each constraint cuts something off.' : `Without ${answerText(q.right[0])} the region is the same.`}`,
		hints: () => [
			'A redundant line touches the region in one corner at most, or not at all.',
			'Cover each line in turn and look whether the region grows.',
			'Compare where the lines meet the axes.'
		],
		slips: {
			'none-found': 'At least one constraint cuts nothing off.',
			'others-named': 'Each of these cuts something off: without it the region would be larger.'
		}
	},
	'region-shape': {
		asks: () => 'Is the feasible region bounded, unbounded or empty?',
		because: (q) =>
			q.right[0] === 'empty'
				? 'No point satisfies all constraints.'
				: q.right[0] === 'bounded'
					? 'The constraints leave no direction in which it goes on without end.'
					: 'There is a direction in which it goes on without end.',
		hints: () => [
			'Shade the side of each line that stays.',
			'Look for a part of the plane that all of them leave.',
			'Follow that part away from the lines: is it closed on every side?'
		],
		slips: {
			'has-a-point': 'Some points satisfy all constraints.',
			'no-point': 'The sides that stay have no point in common.',
			'goes-on': 'In one direction nothing limits it.',
			'is-closed': 'It is closed on every side.'
		}
	},
	path: {
		asks: (q) =>
			`In which order does the simplex method visit the corners ${(q.given.choices ?? []).map(signed).join(', ')}? ${ruleText(q)}`,
		because: (q) => `It goes ${(q.right[0] as readonly string[]).map(signed).join(' → ')}.`,
		hints: () => [
			'It starts where the variables of the problem are 0.',
			'Each pivot goes along an edge to a corner beside the one before.',
			'The rule says which variable increases first, and so along which axis it goes.'
		],
		slips: {
			reversed: 'It starts at the other end of this path.',
			'other-way': 'It goes round the region in the other direction.'
		}
	},
	'best-corner': {
		asks: () => 'Which corner of the feasible region is best?',
		because: (q) => `The objective is best at ${rights(q)}.`,
		hints: () => [
			'Move the objective line in its improving direction.',
			'It leaves the region at a corner, or along an edge.',
			'Compare the objective’s value at the corners.'
		],
		slips: {
			start: 'This is where the simplex method starts. Other corners are better.',
			outside: 'This point is not in the feasible region.'
		}
	}
};
