/**
 * Texts as people write them, each with what it means in the statement language; and what is told of it (a part of a notice), where something is
 * read otherwise than it stands.
 */
const TWELVE = Array.from({ length: 12 }, (_, i) => `x${i + 1}`);
export const TWO = 'max z = 3 x + 2 y';
export const TEXTS: Readonly<
	Record<string, readonly (readonly [written: string, means: string, told?: string])[]>
> = {
	'sums that are not written out': [
		[
			'max 3x1 + 3x2 + ... + 3x5\nx1 + x2 + … + x5 <= 4\nx1 - x2 - ... - x4 >= -2',
			'max 3x1 + 3x2 + 3x3 + 3x4 + 3x5\nr1: x1 + x2 + x3 + x4 + x5 <= 4\nr2: x1 - x2 - x3 - x4 >= -2',
			'“+ ... +” is read as “+ 3 x3 + 3 x4 +”, “+ … +” as “+ x3 + x4 +”, “- ... -” as “- x3 -”.'
		]
	],
	'columns that are no table': [
		[`${TWO}\nx + y <= 4\n# clay  1  2\n# kiln  2  3`, `${TWO}\nr1: x + y <= 4`],
		[
			'max 1/2 x1 + ... + 1/2 x4\n  x1 + ... + x4      <= 4\n  x1            - x4 <= 2',
			'max 1/2 x1 + 1/2 x2 + 1/2 x3 + 1/2 x4\nr1: x1 + x2 + x3 + x4 <= 4\nr2: x1 - x4 <= 2'
		]
	],
	'an objective that is told before it is stated': [
		['We want to minimise cost.\nmin 3x + 2y\nx + y >= 4', 'min 3x + 2y\nr1: x + y >= 4', 'is ignored'],
		[
			'The pottery wants to maximise its weekly profit from bowls and vases.\nmax 3 bowls + 2 vases\nbowls + vases <= 4',
			'max 3 bowls + 2 vases\nr1: bowls + vases <= 4',
			'is ignored'
		]
	],
	'lists of variables': [
		[
			`${TWO}\nx + y <= 4\nwhere x and y are non-negative integers.`,
			`${TWO}\nr1: x + y <= 4\nx, y integer`,
			'“where” is ignored'
		],
		[
			'max x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx1, ..., x3 >= 0',
			'max x1 + 2x2 + x3\nr1: x1 + x2 + x3 <= 4',
			'is read as “x1, x2, x3 >= 0”'
		],
		[`${TWO}\nx + y <= 4\nx y >= 0`, `${TWO}\nr1: x + y <= 4`]
	],
	'amounts compared in words': [
		[
			`${TWO}\nx + y <= 4\nx is at most 2 more than y`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`,
			'is read as “x ≤ y + 2”'
		],
		[`${TWO}\nx + y <= 4\nx is at least 3 less than y`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= -3`],
		[`${TWO}\nx + y <= 4\ngap: x is at most 3 less than y`, `${TWO}\nr1: x + y <= 4\ngap: x - y >= -3`],
		[`${TWO}\nx + y <= 4\nx exceeds y by at least 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y >= 2`],
		[
			`${TWO}\nx + y <= 4\nx exceeds y by more than 2`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y >= 2`,
			'A strict inequality'
		],
		[
			`${TWO}\nx + y <= 4\nx is less than 3 more than y`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 3`,
			'A strict inequality'
		],
		[`${TWO}\nx + y <= 4\nx must not exceed y by more than 3`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 3`],
		[
			'max 3 chairs + 2 tables\nchairs + tables <= 9\nthere are at least 2 chairs per table',
			'max 3 chairs + 2 tables\nr1: chairs + tables <= 9\nr2: chairs - 2 tables >= 0',
			'is read as “chairs ≥ 2 tables”'
		],
		[`${TWO}\nx + y <= 4\nfor every x at least 4 y`, `${TWO}\nr1: x + y <= 4\nr2: y - 4 x >= 0`],
		[
			`${TWO}\nx + y <= 4\nthe number of x is at least the number of y`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y >= 0`,
			'“the number of” is ignored (2 places)'
		]
	],
	'a relation behind its number': [
		[
			`${TWO}\nx + y = 10 or less\nx is 2 or more`,
			`${TWO}\nr1: x + y <= 10\nr2: x >= 2`,
			'“= 10 or less” is read as “≤ 10”'
		]
	],
	'sums in words': [
		[`${TWO}\nthe sum of x and y is at most 4`, `${TWO}\nr1: x + y <= 4`, 'is read as “x + y ≤ 4”'],
		[`${TWO}\nx and y together are less than 10`, `${TWO}\nr1: x + y <= 10`, 'A strict inequality'],
		[`${TWO}\ncap: at most 10 of x and y together\nx <= 3`, `${TWO}\ncap: x + y <= 10\nr2: x <= 3`],
		[`${TWO}\nx + y <= 4\nas many x as y`, `${TWO}\nr1: x + y <= 4\nr2: x - y = 0`],
		[`${TWO}\nx + y <= 4\nat least twice as many x as y`, `${TWO}\nr1: x + y <= 4\nr2: x - 2y >= 0`]
	],
	'numbers in words': [
		[
			'max three x + 2 y\nx + two y <= ten\none x + y >= two',
			'max 3 x + 2 y\nr1: x + 2 y <= 10\nr2: x + y >= 2',
			'“three” is read as “3”, “two” as “2” (2 places), “ten” as “10”, and 1 more likewise.'
		],
		[
			`${TWO}\nx + y <= 4\nx makes up at most 40 % of x + y`,
			`${TWO}\nr1: x + y <= 4\nr2: 0.6 x - 0.4 y <= 0`
		],
		[`${TWO}\nx + y <= 4 % clay`, `${TWO}\nr1: x + y <= 4`, 'Read as a comment']
	],
	'rows named like functions': [
		[
			'max f(x, y) = 3x + 2y\ng(x, y) = x + y <= 4\nh(x, y): x - y >= 1',
			'max f = 3x + 2y\ng: x + y <= 4\nh: x - y >= 1'
		]
	],
	'units before a sign': [
		[
			'max 3 €/piece · x + 2 €/piece · y\nx + y <= 4',
			'max 3 x + 2 y\nr1: x + y <= 4',
			'“€/piece ·” is read as “[€/piece]” (2 places)'
		]
	],
	'for each index, said first': [
		[
			'min 3·x₁ + 2·x₂\nx₁ + x₂ >= 4\n∀i: xᵢ ≥ 0',
			'min 3 x1 + 2 x2\nr1: x1 + x2 >= 4',
			'“xᵢ ≥ 0” is read as “x1, x2 ≥ 0”'
		],
		['min 3 x1 + 2 x2\nx1 + x2 >= 4\nfor all i: x_i >= 0', 'min 3 x1 + 2 x2\nr1: x1 + x2 >= 4']
	],
	'what is to be done with it': [
		[
			`${TWO}\nx + y <= 4\nSolve graphically.\nFind the best plan and explain.`,
			`${TWO}\nr1: x + y <= 4`,
			'is ignored (2 places)'
		],
		[`${TWO}\nx + y <= 4\ny = 0.5x or more`, `${TWO}\nr1: x + y <= 4\nr2: y - 0.5 x >= 0`]
	],
	'all of them': [[`${TWO}\nx + y <= 4\nall >= 0`, `${TWO}\nr1: x + y <= 4`]],
	'what only leads to a statement': [
		[
			'Solve by the simplex method: Max 3x + 2y s.t. x + y <= 4',
			`max z = 3x + 2y\nr1: x + y <= 4`,
			'“Solve by the simplex method:” is ignored'
		],
		[
			`min 3x + 2y\nAt least 10 units in all: x + y >= 10\nNo more than 6 of x`,
			'min 3x + 2y\nr1: x + y >= 10\nr2: x <= 6'
		],
		['max 3x + 4y given that x + y <= 4, x <= 3', 'max 3x + 4y\nr1: x + y <= 4\nr2: x <= 3'],
		[`${TWO}\nx + y <= 4\nx, y ≥ 0 (non-negativity)`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y <= 4\nx, y nonneg.`, `${TWO}\nr1: x + y <= 4`, '“nonneg” is read as “from 0”']
	],
	'units in words': [
		[
			'max profit = 3x + 2y (in dollars)\nclay (in kg): x + y <= 4 (in kg)',
			'max profit [dollars] = 3x + 2y\nclay [kg]: x + y <= 4',
			'“profit =” is read as “profit [dollars] =”.'
		]
	],
	'words at the end of the objective': [
		['min 4a + 3b where\n2a + b >= 10', 'min 4a + 3b\nr1: 2a + b >= 10', '“where” is ignored']
	],
	'signs of variables': [
		[`${TWO}\nx + y <= 4\nx >= -5\nx to 5`, `${TWO}\nr1: x + y <= 4\nx from -5 to 5`, 'no longer at least 0'],
		[
			`${TWO}\nx + y <= 4\nx from 2 to 5\nx >= -5`,
			`${TWO}\nr1: x + y <= 4\nx from 2 to 5`,
			'which is tighter'
		],
		[`${TWO}\nx + y <= 4\ny <= 0`, `${TWO}\nr1: x + y <= 4\ny free to 0`, 'no longer at least 0'],
		[`${TWO}\nx + y <= 4\ny <= 0\nx, y >= 0`, `${TWO}\nr1: x + y <= 4\ny to 0`],
		[`${TWO}\nx, y >= 0\nx + y <= 4\ny <= 0`, `${TWO}\nr1: x + y <= 4\ny to 0`]
	],
	'areas behind an amount': [
		[`${TWO}\nx + y <= 16 m²`, `${TWO}\nr1: x + y <= 16`, '“m²” is read as “[m²]”'],
		[`${TWO}\nx + y <= 16 m^2`, `${TWO}\nr1: x + y <= 16`, '“m^2” is read as “[m²]”']
	],
	'positive integers': [
		[
			`${TWO}\nx + y <= 4\nx, y are positive integers`,
			`${TWO}\nr1: x + y <= 4\nx, y from 1 integer`,
			'from 1 integer'
		],
		[`${TWO}\nx + y <= 4\nnon-neg`, `${TWO}\nr1: x + y <= 4`, 'is ignored']
	],
	'sets, and a as a name': [
		[`max 3a + 2b\na + b <= 4\na, b in N`, `max 3a + 2b\nr1: a + b <= 4\na, b integer`, 'read as “integer”'],
		[`max 3a + 2b\na + b <= 4 where a, b in N.`, `max 3a + 2b\nr1: a + b <= 4\na, b integer`],
		[`max 3a + 2b\na + b <= 4\na must be an integer`, `max 3a + 2b\nr1: a + b <= 4\na integer`],
		[
			`${TWO}\nx + y <= 4, where both are whole numbers`,
			`${TWO}\nr1: x + y <= 4\nx, y integer`,
			'is read as “x, y integer”'
		]
	],
	'the sense behind': [
		['Profit: P = 3x + 2y (maximise)\nClay: x + y <= 4', 'max P = 3x + 2y\nClay: x + y <= 4'],
		['Profit: 3x + 2y (max)\nClay: x + y <= 4', 'max Profit = 3x + 2y\nClay: x + y <= 4'],
		['Cost 3x + 2y should be minimised\nx + y >= 4', 'min Cost = 3x + 2y\nr1: x + y >= 4'],
		['The profit 3x + 2y must be maximised where x + y <= 4', 'max profit = 3x + 2y\nr1: x + y <= 4'],
		['Profit (max): 3x + 2y\nx + y <= 4', 'max Profit = 3x + 2y\nr1: x + y <= 4'],
		['P = 3x + 2y is to be maximised\nx + y <= 4', 'max P = 3x + 2y\nr1: x + y <= 4']
	],
	'lines drawn below a heading': [
		[
			'Production\n==========\nmax 3x + 2y\nConstraints\n-----------\nx + y <= 4',
			'max 3x + 2y\nr1: x + y <= 4',
			'is ignored'
		]
	],
	'an objective with a remark, or its name first': [
		['z = max 3x + 2y\nx + y <= 4', 'max z = 3x + 2y\nr1: x + y <= 4'],
		[
			'max z = 3x + 2y, where x and y are the numbers of bowls and vases\nx + y <= 4',
			'max z = 3x + 2y\nr1: x + y <= 4',
			'“, where” is ignored'
		]
	],
	'who has to do it': [
		[`${TWO}\nx + y <= 4\nThere must be at least 2 x`, `${TWO}\nr1: x + y <= 4\nr2: x >= 2`],
		[`${TWO}\nx + y <= 4\nwe need at least 2 x`, `${TWO}\nr1: x + y <= 4\nr2: x >= 2`]
	],
	proportions: [
		[`${TWO}\nx + y <= 4\nx : y >= 3 : 2`, `${TWO}\nr1: x + y <= 4\nr2: 2x >= 3y`, 'is read as “2 x >= 3 y”']
	],
	'bullets and currencies': [
		[
			'- max 3x + 2y\n- x + y <= 4\n- x - y <= 2',
			'max 3x + 2y\nr1: x + y <= 4\nr2: x - y <= 2',
			'read as a bullet'
		],
		['max 3x + 2y €\nx + y <= 4', 'max 3x + 2y\nr1: x + y <= 4', '“€” is ignored']
	],
	'relations in other signs': [
		[`${TWO}\nx + y = < 4\nx = > 1`, `${TWO}\nr1: x + y <= 4\nr2: x >= 1`, '“= <” is read as “≤”'],
		[`${TWO}\nx + y in [2, 9/2]`, `${TWO}\nr1: 2 <= x + y <= 9/2`, 'is read as “2 ≤ x + y ≤ 9/2”']
	],
	'units and labels behind an amount': [
		[`${TWO}\n2x + y <= 100 (labor)`, `${TWO}\nlabor: 2 x + y <= 100`, 'labor'],
		[`${TWO}\nx + y <= 40 hours`, `${TWO}\nr1: x + y <= 40`, 'a unit'],
		[`${TWO}\nx + y <= 100h`, `${TWO}\nr1: x + y <= 100`, 'a unit'],
		// a comment behind it changes nothing
		[`${TWO}\nx + y <= 100h   # limit`, `${TWO}\nr1: x + y <= 100`, 'a unit'],
		[`title "No #3"\n${TWO}\nx + y <= 4 kg# clay`, `title "No #3"\n${TWO}\nr1: x + y <= 4`, 'a unit'],
		[
			`${TWO}\nx + y <= 4   constraint 1\nx + 3y <= 6   constraint 2`,
			`${TWO}\nconstraint_1: x + y <= 4\nconstraint_2: x + 3 y <= 6`,
			'constraint_1'
		],
		[`${TWO}\nx + y <= 4  row 7`, `${TWO}\nrow_7: x + y <= 4`, 'row_7'],
		[
			`${TWO}\nx + y <= 4\nx [dozen] >= 2`,
			`${TWO}\nr1: x + y <= 4\nr2: x >= 2\nx [dozen]`,
			'line of its own.'
		],
		[
			'max 30 thalers per bowl + 45 thalers per vase\nclay: 2 kg for each bowl + 4 per vase <= 100 kg per week',
			'max z = 30 bowl + 45 vase\nclay: 2 bowl + 4 vase <= 100',
			'“thalers per” is ignored'
		],
		[`max z = 3 per + 2 y\na: per + y <= 4`, `max z = 3 per + 2 y\na: per + y <= 4`],
		[`${TWO}\nx + y <= 4 (max chairs)`, `${TWO}\nmax_chairs: x + y <= 4`, 'max_chairs'],
		[
			`${TWO}\nx + y <= 4 (max)\nx >= 2 (min)`,
			`${TWO}\nr1: x + y <= 4\nr2: x >= 2`,
			'Read as a comment (2 places).'
		],
		[`${TWO}\nx + y <= 4\nx <= 5 (2)`, `${TWO}\nr1: x + y <= 4\nr2: x <= 5`, '“(2)” is read as a count.'],
		[
			`${TWO}\nx + y <= 4 ... clay\nx + 3y <= 6 … kiln`,
			`${TWO}\nclay: x + y <= 4\nkiln: x + 3 y <= 6`,
			'clay'
		],
		[`${TWO}\nx + y <= 4\nx <= 5 (5%)`, `${TWO}\nr1: x + y <= 4\nr2: x <= 5`, 'Read as a comment.'],
		[
			`${TWO}\nclay | x + y <= 4\nkiln hours | x + 3y <= 6`,
			`${TWO}\nclay: x + y <= 4\nkiln_hours: x + 3 y <= 6`,
			'clay:'
		],
		// units before a comma, and before the next row
		[`${TWO}\nx + y <= 4\nx <= 3 kg, y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x <= 3\nr3: y <= 2`, 'a unit'],
		[
			`${TWO}\nx <= 3 kg y <= 2 kg\nx + y <= 4 kg`,
			`${TWO}\nr1: x <= 3\nr2: y <= 2\nr3: x + y <= 4`,
			'“kg” is read as a unit (3 places).'
		],
		[`${TWO}\nx <= 3 kg`, `${TWO}\nr1: x <= 3`, 'a unit'],
		[`${TWO}\nx + y <= 4   (1)\nx - y <= 2   (2)`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\nx + y <= 4   (1)`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\n(1) 2x + y <= 4`, `${TWO}\nr1: 2 x + y <= 4`],
		[`${TWO}\n(2) x + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		['max z = 3x_{1} + 2x_2\nr: 2x_{1} + x_{2} <= 4', 'max z = 3 x1 + 2 x2\nr: 2 x1 + x2 <= 4'],
		[`${TWO}\nx + y <= 40 (kiln hours)`, `${TWO}\nkiln_hours: x + y <= 40`],
		[`${TWO}\nLabor hours: 2 x + y <= 1200 hours`, `${TWO}\nLabor_hours: 2 x + y <= 1200`, 'a unit'],
		[`${TWO}\nclay: x + y <= 100 (kg)`, `${TWO}\nclay: x + y <= 100`, '[kg]'],
		[`${TWO}\nr: x + y at most 1,500 hours`, `${TWO}\nr: x + y <= 1500`, 'a unit'],
		[`${TWO}\nr: x + y höchstens 40 Stunden`, `${TWO}\nr: x + y <= 40`, 'a unit'],
		// the same unit behind several rows, in several words, with a remark or in brackets
		[
			`${TWO}\n2x + y <= 40 hours\nx + 3y <= 60 hours`,
			`${TWO}\nr1: 2 x + y <= 40\nr2: x + 3 y <= 60`,
			'a unit'
		],
		[
			`${TWO}\n2x + y >= 24 g\nx + 3y at least 24 g`,
			`${TWO}\nr1: 2 x + y >= 24\nr2: x + 3 y >= 24`,
			'a unit'
		],
		[`${TWO}\n2x+y <= 60h\nx+y <= 40h`, `${TWO}\nr1: 2 x + y <= 60\nr2: x + y <= 40`, 'a unit'],
		[
			`${TWO}\n2x + y <= 40 labor hours\nx + 3y <= 60 machine hours`,
			`${TWO}\nr1: 2 x + y <= 40\nr2: x + 3 y <= 60`,
			'[labor hours]'
		],
		[
			`${TWO}\n2x+y<=60 (capacity)\nx+3y<=40 (capacity)`,
			`${TWO}\nr1: 2 x + y <= 60\nr2: x + 3 y <= 40`,
			'[capacity]'
		],
		[
			`${TWO}\n2x + y <= 100 hours (labor)\nx + 3y <= 90 hours (machine)`,
			`${TWO}\nlabor: 2 x + y <= 100\nmachine: x + 3 y <= 90`,
			'a unit'
		],
		[
			`${TWO}\nclay: 2x + y <= 40 kg\nwheel: x + 3y <= 60 hours\nkiln: x <= 20 hours`,
			`${TWO}\nclay: 2 x + y <= 40\nwheel: x + 3 y <= 60\nkiln: x <= 20`,
			'a unit'
		],
		[
			`${TWO}\nMax demand: x <= 40\nx + y <= 50`,
			`${TWO}\nMax_demand: x <= 40\nr2: x + y <= 50`,
			'Max_demand'
		],
		// a name that stands elsewhere is a variable, and a word of the language says what it says
		[`${TWO}\nx <= 3 y`, `${TWO}\nr1: x <= 3 y`],
		[`${TWO}\nx <= 3 integer`, `${TWO}\nr1: x <= 3\nx integer`]
	],
	'lower bounds': [
		[`${TWO}\nr: x + y <= 4\nx >= -5`, `${TWO}\nr: x + y <= 4\nx from -5`, 'lower bound of x'],
		[`${TWO}\nr: x + y <= 4\nx >= -5\nx >= 0`, `${TWO}\nr: x + y <= 4`, 'tighter'],
		[`${TWO}\nr: x + y <= 4\nx, y >= 0\nx >= -5`, `${TWO}\nr: x + y <= 4`, 'tighter'],
		[`${TWO}\nr: x + y <= 4\nlow: x >= -5`, `${TWO}\nr: x + y <= 4\nlow: x >= -5`],
		[`${TWO}\nr: x + y <= 4\n-x <= 5`, `${TWO}\nr: x + y <= 4\nx from -5`, 'lower bound of x'],
		[`${TWO}\nr: x + y <= 4\n0 <= x, y <= 3`, `${TWO}\nr: x + y <= 4\nx from 0 to 3\ny from 0 to 3`],
		[`${TWO}\nr: x + y <= 4\n1 <= x, y <= 3`, `${TWO}\nr: x + y <= 4\nx from 1 to 3\ny from 1 to 3`],
		[`${TWO}\nr: x + y <= 4\nx >= -inf`, `${TWO}\nr: x + y <= 4\nx free`],
		[`${TWO}\nr: x + y <= 4\n-∞ <= x <= 7`, `${TWO}\nr: x + y <= 4\nx free to 7`],
		[`${TWO}\nr: x + y <= 4\n2 <= x <= inf`, `${TWO}\nr: x + y <= 4\nx from 2`],
		[`${TWO}\nr: x + y <= 4\nx <= ∞`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx ∈ [0, 3]`, `${TWO}\nr: x + y <= 4\nx from 0 to 3`],
		[`${TWO}\nr: x + y <= 4\nx, y in [1, 3]`, `${TWO}\nr: x + y <= 4\nx from 1 to 3\ny from 1 to 3`]
	],
	indices: [
		['max x(1)+x(2)\nr: x(1)+2x(2) <= 4', 'max z = x1 + x2\nr: x1 + 2 x2 <= 4', 'x1'],
		['max x[1]+x[2]\nr: x[1]+2x[2] <= 4', 'max z = x1 + x2\nr: x1 + 2 x2 <= 4', 'x1'],
		['max x(1,2)+x(2,1)\nr: x(1,2)+2x(2,1) <= 4', 'max z = x1_2 + x2_1\nr: x1_2 + 2 x2_1 <= 4', 'x1_2'],
		['max z = x1 + x2\nr: x1 + x2 <= 4\nx_i >= 0, i = 1, 2', 'max z = x1 + x2\nr: x1 + x2 <= 4\nx1, x2 >= 0'],
		['max z = x1 + x2\nr: x1 + x2 <= 4\nx_j >= 0, j = 1..2', 'max z = x1 + x2\nr: x1 + x2 <= 4\nx1, x2 >= 0'],
		['max z = x1 + x2\nr: x1 + x2 <= 4\nx_j >= 0 for all j', 'max z = x1 + x2\nr: x1 + x2 <= 4\nx1, x2 >= 0'],
		[
			'max z = x1 + x2 + x3 + x4\nr: x1 + x2 + x3 + x4 <= 4\nx1, …, x4 >= 0',
			'max z = x1 + x2 + x3 + x4\nr: x1 + x2 + x3 + x4 <= 4'
		],
		[
			'max z = x1 + x2 + x3\nr: x1 + x2 + x3 <= 4\nx1, ..., x3 integer',
			'max z = x1 + x2 + x3\nr: x1 + x2 + x3 <= 4\nx1, x2, x3 integer'
		],
		...[
			'x1,…,x12 integer',
			'x1, \\dots, x12 integer',
			'x1,\t\\ldots ,x12 integer',
			'x1, \\cdots, x12 integer'
		].map((line): [string, string] => [
			`max z = ${TWELVE.join(' + ')}\nr: ${TWELVE.join(' + ')} <= 4\n${line}`,
			`max z = ${TWELVE.join(' + ')}\nr: ${TWELVE.join(' + ')} <= 4\n${TWELVE.join(', ')} integer`
		]),
		['max z = 3x(1) + 2x(2)\nr: x(1) + x(2) <= 4', 'max z = 3 x1 + 2 x2\nr: x1 + x2 <= 4']
	],
	'the objective limited': [
		[`${TWO}\nr: x + y <= 4\nz <= 10`, `${TWO}\nr: x + y <= 4\nr2: 3 x + 2 y <= 10`, 'z is the objective'],
		[`${TWO} + 5\nr: x + y <= 4\nleast: z >= 10`, `${TWO} + 5\nr: x + y <= 4\nleast: 3 x + 2 y >= 5`]
	],
	numbers: [
		[`${TWO}\nr: x + y <= 3,600`, `${TWO}\nr: x + y <= 3600`, '3600'],
		[`${TWO}\nr: 1,5 x + 2,25 y <= 3,600`, `${TWO}\nr: 3/2 x + 9/4 y <= 18/5`],
		[`${TWO}\nr: x + y <= 1e3`, `${TWO}\nr: x + y <= 1000`],
		[`${TWO}\nr: 2.5e-1 x + y <= 4`, `${TWO}\nr: 1/4 x + y <= 4`],
		[`${TWO}\nr: 2 ½ x + y <= 4`, `${TWO}\nr: 5/2 x + y <= 4`],
		[`${TWO}\nr: 40% x + y <= 4`, `${TWO}\nr: 2/5 x + y <= 4`],
		[`max z = $3x + $2y\nr: x + y <= 4`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 400 €`, `${TWO}\nr: x + y <= 400`],
		[`${TWO}\nr: ２x + y <= １２`, `${TWO}\nr: 2 x + y <= 12`]
	],
	'names of rows': [
		[`${TWO}\nLabor hours: x + y <= 4`, `${TWO}\nLabor_hours: x + y <= 4`, 'Labor_hours'],
		[`${TWO}\nConstraint 1: x + y <= 4`, `${TWO}\nConstraint_1: x + y <= 4`],
		[`${TWO}\n(C1) x + y <= 4`, `${TWO}\nC1: x + y <= 4`],
		[`${TWO}\na) x + y <= 4\nb) x - y <= 1`, `${TWO}\na: x + y <= 4\nb: x - y <= 1`],
		[`${TWO}\nC1. x + y <= 4`, `${TWO}\nC1: x + y <= 4`],
		[`${TWO}\nwood & glue: x + y <= 4`, `${TWO}\nwood_glue: x + y <= 4`]
	],
	'domains in words': [
		[`${TWO}\nr: x + y <= 4\ninteger x`, `${TWO}\nr: x + y <= 4\nx integer`],
		[`${TWO}\nr: x + y <= 4\nint x, y`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx int`, `${TWO}\nr: x + y <= 4\nx integer`],
		[`${TWO}\nr: x + y <= 4\nx, y ∈ Z`, `${TWO}\nr: x + y <= 4\nx, y integer`]
	],
	'two limits': [
		[`${TWO}\nmix: 2 <= x + y <= 4`, `${TWO}\nmixa: x + y >= 2\nmixb: x + y <= 4`, 'mixa and mixb'],
		[`${TWO}\n2 <= x + y <= 4`, `${TWO}\nr1a: x + y >= 2\nr1b: x + y <= 4`]
	],
	'relations in words': [
		...(
			[
				'less than or equal to',
				'is less than or equal to',
				'cannot exceed',
				'must not exceed',
				'is limited to',
				'is at most'
			] as const
		).map((words) => [`${TWO}\nr: x + y ${words} 4`, `${TWO}\nr: x + y <= 4`] as const),
		...(['greater than or equal to', 'no fewer than', 'must be at least', 'is no less than'] as const).map(
			(words) => [`${TWO}\nr: x + y ${words} 4`, `${TWO}\nr: x + y >= 4`] as const
		),
		...(['is equal to', 'equals', 'must equal'] as const)
			.slice(0, 2)
			.map((words) => [`${TWO}\nr: x + y ${words} 4`, `${TWO}\nr: x + y = 4`] as const)
	],
	'marks of pages': [
		[`${TWO}\n- x + y <= 4\n- x - y <= 2`, `${TWO}\nr1: -x + y <= 4\nr2: -x - y <= 2`, 'a minus sign'],
		[`${TWO}\n* x + y <= 4\n* x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n• x + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		// one row among others that begins with a minus has a negative term
		[`${TWO}\n- x + y <= 4\nx + y <= 9`, `${TWO}\nr1: -x + y <= 4\nr2: x + y <= 9`],
		[
			'<p>max z = 3x<sub>1</sub> + 2x<sub>2</sub></p><p>r: x<sub>1</sub> + x<sub>2</sub> <= 4</p>',
			'max z = 3 x1 + 2 x2\nr: x1 + x2 <= 4'
		],
		[`${TWO}\rr: x + y <= 4\r`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\r\nr: x + y <= 4\r\n`, `${TWO}\nr: x + y <= 4`]
	],
	sections: [
		[`${TWO}\nsubject to\nr: x + y <= 4\nBounds\n0 <= x <= 3\nEnd`, `${TWO}\nr: x + y <= 4\nx from 0 to 3`],
		[`${TWO}\nr: x + y <= 4\nGeneral\nx y\nEnd`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nBinaries\nx\nEnd`, `${TWO}\nr: x + y <= 4\nx binary`]
	],
	'ways to begin': [
		['Maximize z = 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['MAXIMIZE 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['maximise 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max: 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['Max Z = 3x + 2y\nr: x + y <= 4', 'max Z = 3 x + 2 y\nr: x + y <= 4'],
		['max 3x+2y\nr: x+y<=4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['z = 3x + 2y -> max\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['z = 3x + 2y → max!\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z := 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['maximize profit: 3x + 2y\nr: x + y <= 4', 'max profit = 3 x + 2 y\nr: x + y <= 4'],
		['min cost = 3x + 2y\nr: x + y >= 4', 'min cost = 3 x + 2 y\nr: x + y >= 4'],
		['Minimize: 3x + 2y\nr: x + y >= 4', 'min z = 3 x + 2 y\nr: x + y >= 4'],
		['min. z = 3x + 2y\nr: x + y >= 4', 'min z = 3 x + 2 y\nr: x + y >= 4'],
		['maximum z = 3x + 2y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4']
	],
	'between objective and rows': [
		['max z = 3 x + 2 y\nsubject to\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nSubject to:\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\ns.t.\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nst\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y s.t. x + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		[
			'max z = 3 x + 2 y subject to x + y <= 4, x - y <= 2',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x - y <= 2'
		],
		['max z = 3 x + 2 y\nsuch that\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nsubject to the constraints\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nConstraints:\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nwhere x + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['max z = 3 x + 2 y;\nr: x + y <= 4;', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y,\nr: x + y <= 4,\nx >= 0', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y.\nr: x + y <= 4.', 'max z = 3 x + 2 y\nr: x + y <= 4']
	],
	relations: [
		['max z = 3 x + 2 y\nr: x + y ≤ 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y =< 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y ⩽ 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y ⩾ 4', 'max z = 3 x + 2 y\nr: x + y >= 4'],
		['max z = 3 x + 2 y\nr: x + y => 4', 'max z = 3 x + 2 y\nr: x + y >= 4'],
		['max z = 3 x + 2 y\nr: x + y == 4', 'max z = 3 x + 2 y\nr: x + y = 4'],
		['max z = 3 x + 2 y\nr: x <= 4 - y', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + 2 <= 6 - y', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y \\le 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		[
			'max z = 3 x + 2 y\nr: x + y \\lt 4\nx \\gt 1',
			'max z = 3 x + 2 y\nr: x + y <= 4\nx >= 1',
			'A strict inequality is read as ≤ or ≥'
		],
		['max z = 3 x + 2 y\nr: x + y \\geq 4', 'max z = 3 x + 2 y\nr: x + y >= 4'],
		['max z = 3 x + 2 y\nr: x + y at most 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y at least 4', 'max z = 3 x + 2 y\nr: x + y >= 4'],
		['max z = 3 x + 2 y\nr: x + y exactly 4', 'max z = 3 x + 2 y\nr: x + y = 4'],
		['max z = 3 x + 2 y\nr: x + y must be at most 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y no more than 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y should not exceed 4', 'max z = 3 x + 2 y\nr: x + y <= 4']
	],
	'products and numbers': [
		['max z = 3*x + 2*y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3·x + 2·y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3×x + 2×y\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x+2 y\nr: x+y<=4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3(x) + 2(y)\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = x*3 + y*2\nr: x + y <= 4', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3x + 2y\nr: 2(x + y) <= 8', 'max z = 3 x + 2 y\nr: 2 x + 2 y <= 8'],
		['max z = 3x + 2y\nr: x/2 + y <= 4', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: 1/2 x + y <= 4', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: (1/2)x + y <= 4', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: .5x + y <= 4', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: 0.5 x + y <= 4.0', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: x + y <= 1 000', 'max z = 3 x + 2 y\nr: x + y <= 1000'],
		["max z = 3x + 2y\nr: x + y <= 1'000", 'max z = 3 x + 2 y\nr: x + y <= 1000'],
		['max z = 3x + 2y\nr: ½x + y <= 4', 'max z = 3 x + 2 y\nr: 1/2 x + y <= 4'],
		['max z = 3x + 2y\nr: x – y <= 4', 'max z = 3 x + 2 y\nr: x - y <= 4'],
		['max z = 3x + 2y\nr: x − y <= 4', 'max z = 3 x + 2 y\nr: x - y <= 4'],
		['max z = 3x + 2y\nr: -x + y <= 4', 'max z = 3 x + 2 y\nr: -x + y <= 4'],
		['max z = 3x + 2y - 7\nr: x + y <= 4', 'max z = 3 x + 2 y - 7\nr: x + y <= 4']
	],
	names: [
		['max z = 3x₁ + 2x₂\nr: x₁ + x₂ <= 4', 'max z = 3 x1 + 2 x2\nr: x1 + x2 <= 4'],
		['max z = 3x_1 + 2x_2\nr: x_1 + x_2 <= 4', 'max z = 3 x_1 + 2 x_2\nr: x_1 + x_2 <= 4'],
		[
			'max z = 3 chairs + 2 tables\nwood: chairs + tables <= 4',
			'max z = 3 chairs + 2 tables\nwood: chairs + tables <= 4'
		],
		['max z = 3X + 2Y\nr: X + Y <= 4', 'max z = 3 X + 2 Y\nr: X + Y <= 4'],
		['max z = 3α + 2β\nr: α + β <= 4', 'max z = 3 α + 2 β\nr: α + β <= 4'],
		["max z = 3x' + 2y\nr: x' + y <= 4", "max z = 3 x' + 2 y\nr: x' + y <= 4"],
		[
			'max z = 3 Töpfe + 2 Krüge\nTon: Töpfe + Krüge <= 4',
			'max z = 3 Töpfe + 2 Krüge\nTon: Töpfe + Krüge <= 4'
		]
	],
	'signs and domains': [
		['max z = 3 x + 2 y\nr: x + y <= 4\nx, y >= 0', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx >= 0, y >= 0', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		[
			'max z = 3 x + 2 y\nr: x + y <= 4\nx, y ≥ 0 and integer',
			'max z = 3 x + 2 y\nr: x + y <= 4\nx, y integer'
		],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx, y integers', 'max z = 3 x + 2 y\nr: x + y <= 4\nx, y integer'],
		[
			'max z = 3 x + 2 y\nr: x + y <= 4\nx and y are integers',
			'max z = 3 x + 2 y\nr: x + y <= 4\nx, y integer'
		],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx ∈ {0, 1}', 'max z = 3 x + 2 y\nr: x + y <= 4\nx binary'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx ∈ ℤ', 'max z = 3 x + 2 y\nr: x + y <= 4\nx integer'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx ∈ ℕ', 'max z = 3 x + 2 y\nr: x + y <= 4\nx integer'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx free', 'max z = 3 x + 2 y\nr: x + y <= 4\nx free'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx unrestricted', 'max z = 3 x + 2 y\nr: x + y <= 4\nx free'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx unrestricted in sign', 'max z = 3 x + 2 y\nr: x + y <= 4\nx free'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx urs', 'max z = 3 x + 2 y\nr: x + y <= 4\nx free'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx binary', 'max z = 3 x + 2 y\nr: x + y <= 4\nx binary'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx is binary', 'max z = 3 x + 2 y\nr: x + y <= 4\nx binary'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx, y nonnegative', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y <= 4\nx, y non-negative', 'max z = 3 x + 2 y\nr: x + y <= 4'],
		['max z = 3 x + 2 y\nr: x + y <= 4\n2 <= x <= 3', 'max z = 3 x + 2 y\nr: x + y <= 4\nx from 2 to 3'],
		['max z = 3 x + 2 y\nr: x + y <= 4\ny from 1 to 3', 'max z = 3 x + 2 y\nr: x + y <= 4\ny from 1 to 3']
	],
	'sources in LaTeX': [
		[
			'\\max z = 3x_1 + 2x_2 \\\\\n\\text{s.t. } x_1 + x_2 \\le 4 \\\\\nx_1, x_2 \\ge 0',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4'
		],
		[
			'\\begin{align*}\n\\max\\ & 3x_{1} + 2x_{2}\\\\\n\\text{s.t.}\\ & x_{1} + x_{2} \\leq 4\\\\\n& x_{1}, x_{2} \\geq 0\n\\end{align*}',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4'
		],
		['$\\max z = 3x + 2y$\n$x + y \\leq 4$', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['\\max 3x + 2y \\\\ \\frac{1}{2} x + y \\leq 4', 'max z = 3 x + 2 y\nr1: 1/2 x + y <= 4'],
		['\\max z = 3 \\cdot x + 2 \\cdot y \\\\ x + y \\leqslant 4', 'max z = 3 x + 2 y\nr1: x + y <= 4']
	],
	'names before and behind rows': [
		[
			`${TWO}\nx + y <= 4 (clay)\nkiln hours x + 3y <= 6`,
			`${TWO}\nclay: x + y <= 4\nkiln_hours: x + 3y <= 6`,
			'“clay” beside its row is read as its name, “kiln hours” is read as “kiln_hours:”.'
		],
		[
			`${TWO}\nclay\nx + y <= 4\nkiln hours\nx + 3y <= 6`,
			`${TWO}\nclay: x + y <= 4\nkiln_hours: x + 3y <= 6`,
			'is read as “clay:”'
		],
		[`${TWO}\nclay\nx + y <= 4\nx + 3y <= 6`, `${TWO}\nr1: x + y <= 4\nr2: x + 3y <= 6`, 'is ignored'],
		[`${TWO}\nC1 x + y <= 4\nC2 x + 3y <= 6`, `${TWO}\nC1: x + y <= 4\nC2: x + 3 y <= 6`, 'C1'],
		[`${TWO}\nclay 2x + y <= 100`, `${TWO}\nclay: 2 x + y <= 100`, 'clay:'],
		[
			`${TWO}\nx + y <= 4;  clay\nx + 3y <= 6;  kiln`,
			`${TWO}\nclay: x + y <= 4\nkiln: x + 3 y <= 6`,
			'“clay”, “kiln” beside their rows are read as their names.'
		],
		[`${TWO}\nx + y <= 4 ... (1)\nx + 3y <= 6 ... (2)`, `${TWO}\nr1: x + y <= 4\nr2: x + 3 y <= 6`],
		[`${TWO}\nclay (kg): x + y <= 4`, `${TWO}\nclay: x + y <= 4`, 'clay [kg]'],
		[`max 3x + 2y (profit)\nx + y <= 4 (clay)`, 'max profit = 3 x + 2 y\nclay: x + y <= 4', 'profit'],
		// a name that stands elsewhere too is a variable
		[`${TWO}\nx y <= 4\nx, y integer`.replace('x y', 'x + y'), `${TWO}\nr1: x + y <= 4\nx, y integer`]
	],
	'rows put together otherwise': [
		[`max z = 3x+2y s.t. x+y≤4 x+3y≤6 x,y≥0`, `${TWO}\nr1: x + y <= 4\nr2: x + 3 y <= 6`, 'read by itself'],
		[`${TWO}\n|x - y| <= 4`, `${TWO}\nr1a: x - y >= -4\nr1b: x - y <= 4`, '-4 ≤ x - y ≤ 4'],
		[`${TWO}\nr: x + y <= 9\nx between 1 and 4`, `${TWO}\nr: x + y <= 9\nx from 1 to 4`, '1 ≤ x ≤ 4'],
		[`${TWO}\nr: x + y at most 4 and at least 2`, `${TWO}\nra: x + y >= 2\nrb: x + y <= 4`],
		[`${TWO}\nr: x at least 40% of x + y`, `${TWO}\nr: 0.6 x - 0.4 y >= 0`, '40% of x + y'],
		[`${TWO}\n4 >= x + y`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nr: x + y < 4`, `${TWO}\nr: x + y <= 4`, 'strict'],
		['max z\nz = 3x + 2y\nr: x + y <= 4', `${TWO}\nr: x + y <= 4`, 'z = 3x + 2y'],
		[`${TWO}\nr: x + y <= 4\nall variables are integers`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nall variables nonnegative`, `${TWO}\nr: x + y <= 4`],
		['max 3x1 + 2x2\nr: x1 + x2 <= 4\nxi ≥ 0 ∀ i ∈ {1,2}', 'max z = 3 x1 + 2 x2\nr: x1 + x2 <= 4'],
		['max 3x1 + 2x2\nr: x1 + x2 <= 4\nxj >= 0, for j = 1, 2', 'max z = 3 x1 + 2 x2\nr: x1 + x2 <= 4'],
		['MAX 3X + 2Y\nST\nr: X + Y < 4\nEND\nGIN X', 'max z = 3 X + 2 Y\nr: X + Y <= 4\nX integer']
	],
	'units written out': [
		[`max 3 €/bowl x + 2 €/vase y\nr: x + y <= 4`, `${TWO}\nr: x + y <= 4`, '[€/bowl]'],
		[`${TWO}\nlabor: x + y <= 40 hrs/week`, `${TWO}\nlabor: x + y <= 40`, '[hrs/week]'],
		[`${TWO}\nr: x + y no more than 4 units of clay`, `${TWO}\nr: x + y <= 4`, '[units of clay]'],
		['max 3x + 2y [thalers]\nr: x + y <= 4', 'max z [thalers] = 3 x + 2 y\nr: x + y <= 4']
	],
	'what only tells': [
		[
			'max 40 b + 30 v\nwhere b = bowls, v = vases\nr: 2b + v <= 100',
			'max z = 40 b + 30 v\nr: 2 b + v <= 100',
			'mean'
		],
		[
			'Let x be the number of bowls and y the number of vases.\nmax 3x + 2y\nr: x + y <= 4',
			`${TWO}\nr: x + y <= 4`
		],
		['x = bowls\ny = vases\nmax 3x + 2y\nr: x + y <= 4', `${TWO}\nr: x + y <= 4`, '2 places'],
		[
			'A potter fires bowls and vases.\nmax 3x + 2y\nr: x + y <= 4',
			`${TWO}\nr: x + y <= 4`,
			'states no objective'
		],
		['Objective: max 3x + 2y\nr: x + y <= 4\nNon-negativity: x, y >= 0', `${TWO}\nr: x + y <= 4`],
		['max 3x + 2y // profit\nr: x + y <= 4 // clay', `${TWO}\nr: x + y <= 4`, 'comment'],
		// an equation between two variables is one
		[`${TWO}\nr: x + y <= 4\nx = y`, `${TWO}\nr: x + y <= 4\nr2: x - y = 0`]
	],
	'the same in one line': [
		['max 3x + 2y s.t. x + y <= 4; x - y <= 2', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x - y <= 2'],
		['max 3x + 2y, x + y <= 4, x <= 3', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x <= 3'],
		['max 3x + 2y subject to x + y <= 4 and x - y <= 2', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x - y <= 2']
	],
	'units in every habit': [
		[
			`${TWO}\n2x + y <= 40 hours per week\nx + 3y <= 60 hours per week`,
			`${TWO}\nr1: 2 x + y <= 40\nr2: x + 3 y <= 60`
		],
		[
			`${TWO}\nclay: 2x + y <= 100 kg\nkiln: x + 3y <= 90 hours`,
			`${TWO}\nclay: 2 x + y <= 100\nkiln: x + 3 y <= 90`
		],
		[
			`${TWO}\n2x + y <= 100 kg of clay\nx + 3y <= 90 hours of kiln time`,
			`${TWO}\nr1: 2 x + y <= 100\nr2: x + 3 y <= 90`
		],
		[`${TWO}\n2x + y <= 100 (kg)\nx + 3y <= 90 (hours)`, `${TWO}\nkg: 2 x + y <= 100\nhours: x + 3 y <= 90`],
		[`${TWO}\n2x + y <= 100 [kg]\nx + 3y <= 90 [h]`, `${TWO}\nr1: 2 x + y <= 100\nr2: x + 3 y <= 90`],
		[
			`\\max 3x + 2y \\\\ 2x + y \\le 100\\,\\text{kg} \\\\ x + 3y \\le 90\\ \\text{h}`,
			`${TWO}\nr1: 2 x + y <= 100\nr2: x + 3 y <= 90`
		],
		[`${TWO}\nx + y ≥ 12 pieces\n2x + y ≤ 30 pieces`, `${TWO}\nr1: x + y >= 12\nr2: 2 x + y <= 30`],
		[
			`max 30 bowls + 45 vases\n2 bowls + 4 vases <= 100 kg clay\nbowls + vases <= 40 hours`,
			`max z = 30 bowls + 45 vases\nr1: 2 bowls + 4 vases <= 100\nr2: bowls + vases <= 40`
		],
		[`max 3x + 2y euros\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`max 30 thalers bowls + 45 thalers vases\nbowls + vases <= 40`,
			`max z = 30 bowls + 45 vases\nr1: bowls + vases <= 40`
		],
		[`${TWO}\n2x + y <= 40 hrs\nx + 3y <= 60 hrs`, `${TWO}\nr1: 2 x + y <= 40\nr2: x + 3 y <= 60`],
		[`${TWO}\n2x + y <= 40hrs\nx + 3y <= 60 hrs.`, `${TWO}\nr1: 2 x + y <= 40\nr2: x + 3 y <= 60`],
		[`${TWO}\nx + y <= 40 (total number of pieces)`, `${TWO}\ntotal_number_of_pieces: x + y <= 40`],
		[
			`${TWO}\n2x + y <= 100 kg   (clay)\nx + 3y <= 90 h   (kiln)`,
			`${TWO}\nclay: 2 x + y <= 100\nkiln: x + 3 y <= 90`
		]
	],
	'names of several words': [
		[
			`max 5 t-shirts + 9 sweaters\n2 t-shirts + 3 sweaters <= 40\nt-shirts <= 12`,
			`max z = 5 t_shirts + 9 sweaters\nr1: 2 t_shirts + 3 sweaters <= 40\nr2: t_shirts <= 12`
		],
		[
			`min 2 low-fat + 3 whole-milk\nlow-fat + whole-milk >= 10\nlow-fat >= 2`,
			`min z = 2 low_fat + 3 whole_milk\nr1: low_fat + whole_milk >= 10\nr2: low_fat >= 2`
		],
		[
			`max 3 oak tables + 2 pine chairs\n4 oak tables + pine chairs <= 40`,
			`max z = 3 oak_tables + 2 pine_chairs\nr1: 4 oak_tables + pine_chairs <= 40`
		],
		[
			`max 3 small bowls + 5 large bowls\nsmall bowls + 2 large bowls <= 30\nlarge bowls <= 9`,
			`max z = 3 small_bowls + 5 large_bowls\nr1: small_bowls + 2 large_bowls <= 30\nr2: large_bowls <= 9`
		],
		[
			`max 3 x 1 + 2 x 2\nx 1 + x 2 <= 4\n2 x 1 - x 2 <= 6`,
			`max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nr2: 2 x1 - x2 <= 6`
		],
		[`max 3x-y\nx-y<=4\nx+y<=9`, `max z = 3 x - y\nr1: x - y <= 4\nr2: x + y <= 9`],
		[`max bowls-vases\nbowls<=4\nvases>=1`, `max z = bowls - vases\nr1: bowls <= 4\nr2: vases >= 1`],
		[`max x₁₂ + x₂₁\nx₁₂ + 2x₂₁ ≤ 4`, `max z = x12 + x21\nr1: x12 + 2 x21 <= 4`],
		[`max 3x_{12} + 2x_{21}\nx_{12} + x_{21} <= 4`, `max z = 3 x12 + 2 x21\nr1: x12 + x21 <= 4`],
		[`max 3xA + 2xB\nxA + xB <= 4`, `max z = 3 xA + 2 xB\nr1: xA + xB <= 4`],
		[`max 3 x_A + 2 x_B\nx_A + x_B <= 4`, `max z = 3 x_A + 2 x_B\nr1: x_A + x_B <= 4`],
		[`max x[1,2] + 2x[2,1]\nx[1,2] + x[2,1] <= 4`, `max z = x1_2 + 2 x2_1\nr1: x1_2 + x2_1 <= 4`],
		[`max 3·x₁ + 2·x₂\nx₁ + x₂ ≤ 4`, `max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4`]
	],
	counts: [
		[`${TWO}\n1. x + y <= 4\n2. x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n1) x + y <= 4\n2) x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n[1] x + y <= 4\n[2] x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n① x + y ≤ 4\n② x − y ≤ 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n(2.1) x + y <= 4\n(2.2) x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n(1a) x + y <= 4\n(1b) x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\nR1) x + y <= 4\nR2) x - y <= 2`, `${TWO}\nR1: x + y <= 4\nR2: x - y <= 2`],
		[`${TWO}\nx + y <= 4  [1]\nx - y <= 2  [2]`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO} (0)\nx + y <= 4 (1)\nx - y <= 2 (2)`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n(2) x + y <= 4\n(4) x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`(1) ${TWO}\n(2) x + y <= 4\n(3) x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\n1: x + y <= 4\n2: x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\nx + y <= 4 ①\nx - y <= 2 ②`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`${TWO}\nx + y <= 4    (1.1)\nx - y <= 2    (1.2)`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`]
	],
	'numbers, further': [
		[`max z = 0,75 x + 2 y\nr: x + y <= 24.000`, `max z = 0.75 x + 2 y\nr: x + y <= 24000`],
		[`${TWO}\nr: 2 1/2 x + y <= 4`, `${TWO}\nr: 5/2 x + y <= 4`],
		[`\\max z = 3x + 2y \\\\ 2\\frac12 x + y \\le 4`, `${TWO}\nr1: 5/2 x + y <= 4`],
		[`\\max z = 3x + 2y \\\\ 2{,}5 x + y \\le 4`, `${TWO}\nr1: 5/2 x + y <= 4`],
		[`${TWO}\nr: x + y <= 40%`, `${TWO}\nr: x + y <= 0.4`],
		[`max z = $3 x + $2 y\nr: $1 x + $1 y <= $4`, `${TWO}\nr: x + y <= 4`],
		[`max z = 3e2 + 2y\nr: e2 + y <= 4`, `max z = 3 e2 + 2 y\nr: e2 + y <= 4`],
		[`max z = 3e + 2f\nr: 3e + f <= 4`, `max z = 3 e + 2 f\nr: 3 e + f <= 4`],
		[
			`${TWO}\na: x + y <= 4,800\nb: x <= 6,900\nc: y <= 1,900`,
			`${TWO}\na: x + y <= 4800\nb: x <= 6900\nc: y <= 1900`
		],
		[`${TWO}\nr: x + y <= 12 000`, `${TWO}\nr: x + y <= 12000`],
		[`${TWO}\nr: 1.5x + .25y <= 4`, `${TWO}\nr: 3/2 x + 1/4 y <= 4`],
		[`${TWO}\nr: ¾x + 1½y ≤ 4`, `${TWO}\nr: 3/4 x + 3/2 y <= 4`],
		[`${TWO}\nr: 3/4x + 3/2y <= 4`, `${TWO}\nr: 3/4 x + 3/2 y <= 4`],
		[`${TWO}\nr: (3/4)x + y/3 <= 4`, `${TWO}\nr: 3/4 x + 1/3 y <= 4`],
		[`max z = 1.200 x + 800 y\nr: 2,5 x + y <= 1.000,50`, `max z = 1200 x + 800 y\nr: 2.5 x + y <= 1000.5`],
		[`${TWO}\nr: x + y <= 1.5e3`, `${TWO}\nr: x + y <= 1500`],
		[`${TWO}\nr: x + y <= £400`, `${TWO}\nr: x + y <= 400`]
	],
	'objectives, further': [
		[`Maximize\n3x + 2y\nsubject to\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`Maximize:\n  3x + 2y\nSubject to:\n  x + y <= 4\n  x - y <= 2`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		],
		[`max\nz = 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`max{3x + 2y : x + y <= 4, x - y <= 2, x, y >= 0}`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`max {3x + 2y | x + y <= 4, x >= 0, y >= 0}`, `${TWO}\nr1: x + y <= 4`],
		[`f(x, y) = 3x + 2y → max\nx + y <= 4`, `max f = 3 x + 2 y\nr1: x + y <= 4`],
		[`F(x1,x2) = 3x1 + 2x2 -> max\nx1 + x2 <= 4`, `max F = 3 x1 + 2 x2\nr1: x1 + x2 <= 4`],
		[`Maximise P where P = 3x + 2y\nx + y <= 4`, `max P = 3 x + 2 y\nr1: x + y <= 4`],
		[`Maximise P\nP = 3x + 2y\nx + y <= 4`, `max P = 3 x + 2 y\nr1: x + y <= 4`],
		[`P = 3x + 2y\nMaximise P\nsubject to x + y <= 4`, `max P = 3 x + 2 y\nr1: x + y <= 4`],
		[`Maximise P, where P = 3x + 2y, subject to\nx + y <= 4`, `max P = 3 x + 2 y\nr1: x + y <= 4`],
		[`Max profit 3x + 2y\nx + y <= 4`, `max profit = 3 x + 2 y\nr1: x + y <= 4`],
		[`Maximize total profit = 3x + 2y\nx + y <= 4`, `max total_profit = 3 x + 2 y\nr1: x + y <= 4`],
		[`3x + 2y max\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Obj: max 3x + 2y\nC1: x + y <= 4`, `${TWO}\nC1: x + y <= 4`],
		[`max 3x + 2y = z\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Objective function: Maximize Z = 3x + 2y\nx + y <= 4`, `max Z = 3 x + 2 y\nr1: x + y <= 4`],
		[`maximize the profit: 3x + 2y\nx + y <= 4`, `max profit = 3 x + 2 y\nr1: x + y <= 4`],
		[`Maximize profit P = 3x + 2y\nx + y <= 4`, `max P = 3 x + 2 y\nr1: x + y <= 4`],
		[`Max Z(x,y) = 3x + 2y\ns.t.\nx + y ≤ 4`, `max Z = 3 x + 2 y\nr1: x + y <= 4`],
		[`We want to maximise 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Goal: maximize 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`max z = 3x\n      + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`max z = 3x +\n      2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`MAXIMIZE PROFIT = 3X + 2Y\nSUBJECT TO\nX + Y <= 4`, `max PROFIT = 3 X + 2 Y\nr1: X + Y <= 4`],
		[`Min C = 3x + 2y\nx + y ≥ 4`, `min C = 3 x + 2 y\nr1: x + y >= 4`],
		[`minimise cost: 3x + 2y\nx + y >= 4`, `min cost = 3 x + 2 y\nr1: x + y >= 4`],
		[`max 3x+2y\n2x+y<=4\nx,y>=0`, `${TWO}\nr1: 2 x + y <= 4`],
		[`z = 3x + 2y\nmaximize z\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`]
	],
	'signs, further': [
		[`max x1 + x2 + x3\nx1 + x2 + x3 <= 4\nx1–x3 ≥ 0`, `max z = x1 + x2 + x3\nr1: x1 + x2 + x3 <= 4`],
		[
			`max x1 + x2 + x3\nx1 + x2 + x3 <= 4\nx1, …, x3 integer`,
			`max z = x1 + x2 + x3\nr1: x1 + x2 + x3 <= 4\nx1, x2, x3 integer`
		],
		[`max x1 + x2\nx1 + x2 <= 4\nx_j ≥ 0 for all j`, `max z = x1 + x2\nr1: x1 + x2 <= 4`],
		[`max x1 + x2\nx1 + x2 <= 4\nx_j ∈ {0, 1}, j = 1, 2`, `max z = x1 + x2\nr1: x1 + x2 <= 4\nx1, x2 binary`],
		[`max x1 + x2\nx1 + x2 <= 4\nxj ≥ 0 (j = 1, 2)`, `max z = x1 + x2\nr1: x1 + x2 <= 4`],
		[`max x1 + x2\nx1 + x2 <= 4\nxi binary for i = 1,2`, `max z = x1 + x2\nr1: x1 + x2 <= 4\nx1, x2 binary`],
		[`${TWO}\nr: x + y <= 4\n(x, y) ≥ 0`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx, y = 0/1`, `${TWO}\nr: x + y <= 4\nx, y binary`],
		[`${TWO}\nr: x + y <= 4\nx, y = 0 or 1`, `${TWO}\nr: x + y <= 4\nx, y binary`],
		[`${TWO}\nr: x + y <= 4\nx ∈ {0;1}`, `${TWO}\nr: x + y <= 4\nx binary`],
		[`${TWO}\nr: x + y <= 4\nx, y ≥ 0 [integer]`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx, y ∈ Z≥0`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx, y ∈ ℤ≥0`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx, y = 0, 1, 2, …`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx, y = 0, 1, 2, ...`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx <= y <= 5`, `${TWO}\nr: x + y <= 4\nr2: x - y <= 0\nr3: y <= 5`],
		[`${TWO}\nr: x + y <= 9\nx >= 2 and <= 4`, `${TWO}\nr: x + y <= 9\n2 <= x <= 4`],
		[`${TWO}\nr: x + y <= 4\nx,y>=0 and integer`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\nx y >= 0`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx and y are non-negative`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nall variables >= 0`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nall variables are non-negative`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx, y ≥ 0, x integer`, `${TWO}\nr: x + y <= 4\nx integer`],
		[`${TWO}\nr: x + y <= 4\nx ≥ 0, y free`, `${TWO}\nr: x + y <= 4\ny free`],
		[`${TWO}\nr: x + y <= 4\nx ≥ 0, y unrestricted`, `${TWO}\nr: x + y <= 4\ny free`],
		[`${TWO}\nr: x + y <= 4\nx is integer and y is binary`, `${TWO}\nr: x + y <= 4\nx integer\ny binary`],
		[`${TWO}\nr: x + y <= 4\nx ∈ ℕ, y ≥ 0`, `${TWO}\nr: x + y <= 4\nx integer`],
		[`${TWO}\nr: x + y <= 4\nx, y cannot be negative`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx and y must be whole numbers`, `${TWO}\nr: x + y <= 4\nx, y integer`],
		[`${TWO}\nr: x + y <= 4\ny urs`, `${TWO}\nr: x + y <= 4\ny free`],
		[`${TWO}\nr: x + y <= 4\nx ∈ {0, 1, 2, 3}`, `${TWO}\nr: x + y <= 4\nx from 0 to 3 integer`],
		[`${TWO}\nr: x + y <= 4\nx, y ∈ ℝ₊`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nBounds\n0 <= x <= 3`, `${TWO}\nr: x + y <= 4\n0 <= x <= 3`],
		[`${TWO}\nr: x + y <= 4\nx≥0;y≥0`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx ≥ 0 y ≥ 0`, `${TWO}\nr: x + y <= 4`],
		[`${TWO}\nr: x + y <= 4\nx,y int;`, `${TWO}\nr: x + y <= 4\nx, y integer`]
	],
	layout: [
		[`${TWO}\n2x + y\n<= 100\nx + y <= 60`, `${TWO}\nr1: 2 x + y <= 100\nr2: x + y <= 60`],
		[`${TWO}\nx + y<=4 x + 3y<=6`, `${TWO}\nr1: x + y <= 4\nr2: x + 3 y <= 6`],
		[`${TWO}\nx + y ≤ 4 && x + 3y ≤ 6`, `${TWO}\nr1: x + y <= 4\nr2: x + 3 y <= 6`],
		[`${TWO}\nx + y ≤ 4 ∧ x + 3y ≤ 6`, `${TWO}\nr1: x + y <= 4\nr2: x + 3 y <= 6`],
		[`> max z = 3x + 2y\n> x + y <= 4\n> x - y <= 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		['```\nmax z = 3x + 2y\nx + y <= 4\n```', `${TWO}\nr1: x + y <= 4`],
		[`**Maximize** 3x + 2y\n**subject to** x + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Pottery problem\n\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Exercise 3.2 (10 points)\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`Problem 4\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`max 3x + 2y\nx + y <= 4 -- clay\nx <= 3 -- kiln`, `${TWO}\nr1: x + y <= 4\nr2: x <= 3`],
		[`max 3x + 2y ! profit\nx + y <= 4 ! clay`, `${TWO}\nr1: x + y <= 4`],
		[`/* pottery */\nmax 3x + 2y\nx + y <= 4 /* clay */`, `${TWO}\nr1: x + y <= 4`],
		[`% pottery\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`max: 3*x + 2*y;\nc1: x + y <= 4;\nc2: x - y <= 2;\nint x;`,
			`${TWO}\nc1: x + y <= 4\nc2: x - y <= 2\nx integer`
		],
		[
			`max 3x + 2y\ns.t.\nx + y <= 4\nx, y >= 0\n\nOptimal solution: x = 4, y = 0, z = 12`,
			`${TWO}\nr1: x + y <= 4`
		],
		[`max 3x + 2y\ns.t.\nx + y <= 4\nSolution: x = 4, y = 0`, `${TWO}\nr1: x + y <= 4`],
		[
			`LP:\nmax 3x + 2y\nConstraints\n- x + y <= 4\n- x <= 3\nBounds\nx <= 3`,
			`${TWO}\nr1: -x + y <= 4\n-x <= 3\nr2: x <= 3`
		],
		[
			`max 3x + 2y\nsubject to:\n\tx + y <= 4\n\tx - y <= 2\n\tx, y >= 0`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		],
		[`max 3x + 2y s.t. x+y<=4, x-y<=2, x>=0, y>=0`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[`max 3x + 2y s.t. x+y<=4; x-y<=2; x,y>=0.`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`],
		[
			`Maximize 3x + 2y subject to x + y <= 4, x - y <= 2 and x, y >= 0.`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		],
		[`max 3x + 2y\n~~~\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`Decision variables: x = number of bowls, y = number of vases\nmax 3x + 2y\nx + y <= 4`,
			`${TWO}\nr1: x + y <= 4`
		],
		[
			`Variables:\nx: number of bowls\ny: number of vases\nObjective:\nmax 3x + 2y\nConstraints:\nclay: x + y <= 4`,
			`${TWO}\nclay: x + y <= 4`
		],
		[`Let x = number of bowls\nLet y = number of vases\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[`x - number of bowls\ny - number of vases\nmax 3x + 2y\nx + y <= 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`max 3x + 2y\nx + y <= 4\nwhere x is the number of bowls and y the number of vases`,
			`${TWO}\nr1: x + y <= 4`
		],
		[
			`max 3x + 2y,\n    x + y <= 4,\n    x - y <= 2,\n    x, y >= 0.`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		]
	],
	'LaTeX, further': [
		[`\\max_{x,y} 3x + 2y \\\\ x + y \\leq 4`, `${TWO}\nr1: x + y <= 4`],
		[`\\underset{x,y}{\\max} \\; 3x + 2y \\\\ x + y \\leq 4`, `${TWO}\nr1: x + y <= 4`],
		[`\\max \\quad 3x + 2y \\qquad \\text{s.t.} \\quad x + y \\le 4`, `${TWO}\nr1: x + y <= 4`],
		[
			`\\begin{array}{ll} \\max & 3x + 2y \\\\ \\text{subject to} & x + y \\le 4 \\\\ & x - y \\le 2 \\\\ & x, y \\ge 0 \\end{array}`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		],
		[
			`\\begin{cases} x + y \\le 4 \\\\ x - y \\le 2 \\end{cases}\n\\max 3x + 2y`,
			`${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`
		],
		[`$$\\max z = 3x + 2y$$\n$$x + y \\le 4$$`, `${TWO}\nr1: x + y <= 4`],
		[
			`\\max\\ z = 3x_1 + 2x_2 \\\\ \\text{u.d.N. } x_1 + x_2 \\le 4 \\\\ x_1, x_2 \\in \\mathbb{N}_0`,
			`max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nx1, x2 integer`
		],
		[`\\max 3x + 2y \\\\ \\left| x - y \\right| \\le 4`, `${TWO}\nr1: -4 <= x - y <= 4`],
		[
			`\\max 3x_1 + 2x_2 \\\\ x_1 + x_2 \\le 4 \\\\ x_j \\ge 0 \\quad \\forall j`,
			`max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4`
		],
		[
			`\\max 3x_1 + 2x_2 \\\\ x_1 + x_2 \\le 4 \\\\ x_j \\in \\{0, 1\\}, \\; j = 1, 2`,
			`max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nx1, x2 binary`
		],
		[`\\max 3x + 2y \\\\ x + y \\le 4 \\\\ x \\in [0, 5]`, `${TWO}\nr1: x + y <= 4\nx to 5`],
		[
			`\\max & 3x + 2y \\\\ \\text{clay:} && x + y &\\le 4 \\\\ \\text{kiln:} && x &\\le 3`,
			`${TWO}\nclay: x + y <= 4\nkiln: x <= 3`
		],
		[
			`\\begin{align}\n\\max\\quad & 3x+2y \\label{eq:obj}\\\\\n\\text{s.t.}\\quad & x+y\\le 4 \\tag{1}\\\\\n& x,y\\ge 0 \\nonumber\n\\end{align}`,
			`${TWO}\nr1: x + y <= 4`
		],
		[`\\max 3\\alpha + 2\\beta \\\\ \\alpha + \\beta \\le 4`, `max z = 3 α + 2 β\nr1: α + β <= 4`],
		[`\\multicolumn{2}{l}{\\max 3x + 2y} \\\\ x + y & \\le 4`, `${TWO}\nr1: x + y <= 4`],
		[`\\max 3x + 2y \\qquad x + y \\le 4 \\qquad x - y \\le 2`, `${TWO}\nr1: x + y <= 4\nr2: x - y <= 2`]
	],
	'words, further': [
		[`${TWO}\nx + y less than 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y up to 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y cannot be more than 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y <= 4\ny must be zero`, `${TWO}\nr1: x + y <= 4\nr2: y = 0`],
		[`${TWO}\nx + y <= 4\nx at most twice y`, `${TWO}\nr1: x + y <= 4\nr2: x - 2 y <= 0`],
		[`${TWO}\nx + y <= 4\nx must be at least twice y`, `${TWO}\nr1: x + y <= 4\nr2: x - 2 y >= 0`],
		[`${TWO}\nx + y <= 4\nx ≥ 30% of x + y`, `${TWO}\nr1: x + y <= 4\nr2: 0.7 x - 0.3 y >= 0`],
		[`${TWO}\nx + y must not be less than 4`, `${TWO}\nr1: x + y >= 4`],
		[`${TWO}\nx + y should be at most 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y is no greater than 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y not exceeding 4`, `${TWO}\nr1: x + y <= 4`],
		[`${TWO}\nx + y has to be exactly 4`, `${TWO}\nr1: x + y = 4`],
		[`${TWO}\nx + y must equal 4`, `${TWO}\nr1: x + y = 4`],
		[`${TWO}\nx + y is between 2 and 4`, `${TWO}\nr1: 2 <= x + y <= 4`],
		[`${TWO}\nbread: x + y max 4`, `${TWO}\nbread: x + y <= 4`]
	],
	'whole pages': [
		[
			'max 40x1 + 30x2\ns.t. x1 + x2 <= 12 (hours)\n     2x1 + x2 <= 16 (hours)\n     x1, x2 >= 0',
			'max z = 40 x1 + 30 x2\nr1: x1 + x2 <= 12\nr2: 2 x1 + x2 <= 16'
		],
		[
			'Maximize Z = 40x1 + 30x2\nSubject to:\n  x1 + x2 ≤ 12 (labor)\n  2x1 + x2 ≤ 16 (machine)\nand x1, x2 ≥ 0',
			'max Z = 40 x1 + 30 x2\nlabor: x1 + x2 <= 12\nmachine: 2 x1 + x2 <= 16'
		],
		[
			'A potter makes bowls (x) and vases (y).\nEach bowl brings 30, each vase 45.\nmax 30x + 45y\n2.5x + 4y <= 100\n2x + 1.5y <= 63',
			'max z = 30 x + 45 y\nr1: 2.5 x + 4 y <= 100\nr2: 2 x + 1.5 y <= 63'
		],
		[
			'Let\nx = no. of bowls\ny = no. of vases\n\nMaximise P = 30x + 45y\n\nsubject to\n2x + 3y <= 60   (clay)\nx + y <= 25     (kiln)\nx >= 0, y >= 0',
			'max P = 30 x + 45 y\nclay: 2 x + 3 y <= 60\nkiln: x + y <= 25'
		],
		[
			'min cost = 2 oats + 3 barley\nprotein: 12 oats + 8 barley >= 24 g\nfiber: 2 oats + 5 barley >= 10 g',
			'min cost = 2 oats + 3 barley\nprotein: 12 oats + 8 barley >= 24\nfiber: 2 oats + 5 barley >= 10'
		],
		[
			'min 2 oats + 3 barley\n12 oats + 8 barley at least 24 g protein\n2 oats + 5 barley at least 10 g fiber',
			'min z = 2 oats + 3 barley\nr1: 12 oats + 8 barley >= 24\nr2: 2 oats + 5 barley >= 10'
		],
		[
			'Max z=5x+4y\n6x+4y≤24 (1)\nx+2y≤6 (2)\nx,y≥0 (3)',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'max z = 5x + 4y s.t. 6x + 4y <= 24 and x + 2y <= 6 and x,y >= 0',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'hi, could you check this one?\nmax 5x + 4y\n6x + 4y <= 24\nx + 2y <= 6\nthanks!',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'Maximise 5x + 4y subject to 6x + 4y ≤ 24, x + 2y ≤ 6, x ≥ 0, y ≥ 0',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'max 5x+4y;\n6x+4y<=24;\nx+2y<=6;\nx>=0;y>=0;',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'max: 5x + 4y;\nsubject to\nC1: 6x + 4y <= 24;\nC2: x + 2y <= 6;',
			'max z = 5 x + 4 y\nC1: 6 x + 4 y <= 24\nC2: x + 2 y <= 6'
		],
		[
			'maximize 5*x1 + 4*x2\nsubject to\nc1: 6*x1 + 4*x2 <= 24\nc2: x1 + 2*x2 <= 6\nbounds\nx1 <= 3\ngenerals\nx1\nx2\nend',
			'max z = 5 x1 + 4 x2\nc1: 6 x1 + 4 x2 <= 24\nc2: x1 + 2 x2 <= 6\nr3: x1 <= 3\nx1, x2 integer'
		],
		[
			'Zielfunktion: max z = 5x + 4y\nNebenbedingungen:\n6x + 4y ≤ 24\nx + 2y ≤ 6\nNichtnegativität: x, y ≥ 0',
			'max z = 5 x + 4 y\nr1: 6 x + 4 y <= 24\nr2: x + 2 y <= 6'
		],
		[
			'Decision variables\nx1: tons of exterior glaze\nx2: tons of interior glaze\nObjective\nmax z = 5x1 + 4x2\nConstraints\n6x1 + 4x2 <= 24 (clay M1)\nx1 + 2x2 <= 6 (clay M2)',
			'max z = 5 x1 + 4 x2\nclay_M1: 6 x1 + 4 x2 <= 24\nclay_M2: x1 + 2 x2 <= 6'
		],
		[
			'max z = 3x1 + 2x2 - x3 + x4\n2x1 - 4x2 - x3 + x4 <= 8\nx1 + x2 + 2x3 - 3x4 <= 10\nx1,x2,x3,x4 >= 0',
			'max z = 3 x1 + 2 x2 - x3 + x4\nr1: 2 x1 - 4 x2 - x3 + x4 <= 8\nr2: x1 + x2 + 2 x3 - 3 x4 <= 10'
		],
		[
			'min w = 4y1 + 12y2 + 18y3\ns.t.\ny1 + 3y3 >= 3\n2y2 + 2y3 >= 5\ny1, y2, y3 >= 0',
			'min w = 4 y1 + 12 y2 + 18 y3\nr1: y1 + 3 y3 >= 3\nr2: 2 y2 + 2 y3 >= 5'
		],
		[
			'maximize 3x + 2y\nsubject to the following constraints:\n1. 2x + y ≤ 18\n2. 2x + 3y ≤ 42\n3. 3x + y ≤ 24\n4. x ≥ 0, y ≥ 0',
			'max z = 3 x + 2 y\nr1: 2 x + y <= 18\nr2: 2 x + 3 y <= 42\nr3: 3 x + y <= 24'
		],
		[
			'Max Profit = $30 bowls + $45 vases\nClay (kg): 2.5 bowls + 4 vases <= 100\nWheel (hours): 2 bowls + 1.5 vases <= 63',
			'max Profit = 30 bowls + 45 vases\nClay: 2.5 bowls + 4 vases <= 100\nWheel: 2 bowls + 1.5 vases <= 63'
		],
		[
			'x = bowls per week\ny = vases per week\nProfit: max 30x + 45y\nClay: 2.5x + 4y ≤ 100 kg/week\nWheel: 2x + 1.5y ≤ 63 h/week',
			'max Profit = 30 x + 45 y\nClay: 2.5 x + 4 y <= 100\nWheel: 2 x + 1.5 y <= 63'
		],
		[
			'max 8a + 5b\n2a + b ≤ 1.000\n3a + 4b ≤ 2.400\na + b ≤ 700\na − b ≤ 350',
			'max z = 8 a + 5 b\nr1: 2 a + b <= 1000\nr2: 3 a + 4 b <= 2400\nr3: a + b <= 700\nr4: a - b <= 350'
		],
		[
			'max 8a + 5b\n2a + b ≤ 1,000\n3a + 4b ≤ 2,400\na + b ≤ 700\na − b ≤ 350',
			'max z = 8 a + 5 b\nr1: 2 a + b <= 1000\nr2: 3 a + 4 b <= 2400\nr3: a + b <= 700\nr4: a - b <= 350'
		],
		[
			'Maximiere\n  G = 8a + 5b\nunter\n  2a + b ≤ 1000\n  3a + 4b ≤ 2400\n  a, b ≥ 0 und ganzzahlig',
			'max G = 8 a + 5 b\nr1: 2 a + b <= 1000\nr2: 3 a + 4 b <= 2400\na, b integer'
		],
		[
			'max x1 + 2x2\nst\nx1 + x2 <= 4\n-x1 + x2 <= 2\nend\nint x1',
			'max z = x1 + 2 x2\nr1: x1 + x2 <= 4\nr2: -x1 + x2 <= 2\nx1 integer'
		],
		[
			'max   2x + 3y\n      x +  y <= 10\n      x      <=  6\n           y <=  7',
			'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6\nr3: y <= 7'
		],
		[
			'| Maximise | 2x + 3y |\n|---|---|\n| subject to | x + y <= 10 |\n| | x <= 6 |',
			'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6'
		],
		[
			'maximise 2x+3y\nx+y is at most 10\nx is no more than 6\ny cannot exceed 7',
			'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6\nr3: y <= 7'
		],
		['max 2x + 3y\ns.t. x + y ≤ 10 ∀ days', 'max z = 2 x + 3 y\nr1: x + y <= 10'],
		[
			'max z = 2x + 3y\nsubject to:\n    x + y <= 10,    (resource A)\n    x <= 6,         (resource B)\n    x, y >= 0.',
			'max z = 2 x + 3 y\nresource_A: x + y <= 10\nresource_B: x <= 6'
		],
		[
			'max z = 2x + 3y\nresource A: x + y <= 10\nresource B: x <= 6\nnonnegativity: x, y >= 0',
			'max z = 2 x + 3 y\nresource_A: x + y <= 10\nresource_B: x <= 6'
		],
		[
			'Max 2 wheat + 3 corn\nland: wheat + corn <= 100 acres\nwater: 2 wheat + 4 corn <= 320 units\nwheat, corn >= 0',
			'max z = 2 wheat + 3 corn\nland: wheat + corn <= 100\nwater: 2 wheat + 4 corn <= 320'
		],
		[
			'Maximize 2W + 3C\nLand     W + C ≤ 100\nWater    2W + 4C ≤ 320',
			'max z = 2 W + 3 C\nLand: W + C <= 100\nWater: 2 W + 4 C <= 320'
		],
		[
			'max 2x_1+3x_2\\\\\nx_1+x_2\\leq 10\\\\\nx_1\\geq 0,\\ x_2\\geq 0',
			'max z = 2 x1 + 3 x2\nr1: x1 + x2 <= 10'
		],
		[
			'$\\max\\; 2x_1+3x_2$ s.t. $x_1+x_2\\le 10$, $x_1\\le 6$, $x_1,x_2\\ge 0$',
			'max z = 2 x1 + 3 x2\nr1: x1 + x2 <= 10\nr2: x1 <= 6'
		],
		[
			'\\begin{aligned}\\text{maximize}\\quad & 2x_1 + 3x_2\\\\ \\text{subject to}\\quad & x_1 + x_2 \\le 10\\\\ & x_1 \\le 6\\\\ & x_1, x_2 \\ge 0\\end{aligned}',
			'max z = 2 x1 + 3 x2\nr1: x1 + x2 <= 10\nr2: x1 <= 6'
		],
		[
			'\\text{Maximize } Z = 2x_1 + 3x_2 \\\\ \\text{subject to } \\begin{cases} x_1 + x_2 \\le 10 \\\\ x_1 \\le 6 \\\\ x_1, x_2 \\ge 0 \\end{cases}',
			'max Z = 2 x1 + 3 x2\nr1: x1 + x2 <= 10\nr2: x1 <= 6'
		],
		[
			'min 20A + 50B, A + B >= 4 doses, 3A + 5B <= 30 mg',
			'min z = 20 A + 50 B\nr1: A + B >= 4\nr2: 3 A + 5 B <= 30'
		],
		['min z = x + y\nx ≥ 2\ny ≥ 1\nx + 2y ≥ 6', 'min z = x + y\nr1: x >= 2\nr2: y >= 1\nr3: x + 2 y >= 6'],
		[
			'max 4x + 3y; 2x + y <= 8; x + 3y <= 9; x, y integer',
			'max z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9\nx, y integer'
		],
		[
			'max 4x + 3y\n2x + y <= 8\nx + 3y <= 9\nx in {0,1}, y in {0,1}',
			'max z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9\nx, y binary'
		],
		[
			'max 4x + 3y\n2x + y <= 8\nx + 3y <= 9\nx, y are 0 or 1',
			'max z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9\nx, y binary'
		],
		[
			'max 16x1 + 22x2 + 12x3 + 8x4\n5x1 + 7x2 + 4x3 + 3x4 <= 14\nxi ∈ {0,1} for i = 1,…,4',
			'max z = 16 x1 + 22 x2 + 12 x3 + 8 x4\nr1: 5 x1 + 7 x2 + 4 x3 + 3 x4 <= 14\nx1, x2, x3, x4 binary'
		],
		[
			'max 4x + 3y\n2x + y <= 8 [h]\nx + 3y <= 9 [kg]\n0 <= x <= 3\n0 <= y',
			'max z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9\n0 <= x <= 3'
		],
		[
			'max 4x + 3y\n2x + y + s1 = 8\nx + 3y + s2 = 9\nx, y, s1, s2 >= 0',
			'max z = 4 x + 3 y\nr1: 2 x + y + s1 = 8\nr2: x + 3 y + s2 = 9'
		],
		[
			'max 4 x + 3 y\n\n2 x + y ≤ 8\n\nx + 3 y ≤ 9\n\nx ≥ 0\n\ny ≥ 0',
			'max z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9'
		],
		['Z = 4x + 3y (max)\n2x + y ≤ 8\nx + 3y ≤ 9', 'max Z = 4 x + 3 y\nr1: 2 x + y <= 8\nr2: x + 3 y <= 9'],
		['max Z, Z = 4x + 3y\n2x + y ≤ 8', 'max Z = 4 x + 3 y\nr1: 2 x + y <= 8'],
		[
			'Maximize: Z = 4x + 3y\n\nConstraint 1: 2x + y ≤ 8\nConstraint 2: x + 3y ≤ 9\n\nNon-negativity constraints: x ≥ 0, y ≥ 0',
			'max Z = 4 x + 3 y\nConstraint_1: 2 x + y <= 8\nConstraint_2: x + 3 y <= 9'
		],
		[
			'Kiln hours: 2 bowls + 3 vases ≤ 40\nClay kg: bowls + 4 vases ≤ 60\nMaximise 30 bowls + 45 vases',
			'max z = 30 bowls + 45 vases\nKiln_hours: 2 bowls + 3 vases <= 40\nClay_kg: bowls + 4 vases <= 60'
		],
		[
			'max 30 bowls + 45 vases\n2 bowls + 3 vases ≤ 40 kiln hours\nbowls + 4 vases ≤ 60 kg clay\nbowls ≥ 2 vases',
			'max z = 30 bowls + 45 vases\nr1: 2 bowls + 3 vases <= 40\nr2: bowls + 4 vases <= 60\nr3: bowls - 2 vases >= 0'
		],
		[
			'max 30 bowls + 45 vases\n2 bowls + 3 vases ≤ 40\nbowls at least half of vases',
			'max z = 30 bowls + 45 vases\nr1: 2 bowls + 3 vases <= 40\nr2: bowls - 1/2 vases >= 0'
		],
		[
			'max 30 bowls + 45 vases\n2 bowls + 3 vases ≤ 40\nat most 12 bowls\nat least 3 vases',
			'max z = 30 bowls + 45 vases\nr1: 2 bowls + 3 vases <= 40\nr2: bowls <= 12\nr3: vases >= 3'
		],
		[
			'max 30 bowls + 45 vases\n2 bowls + 3 vases ≤ 40\nno more than 12 bowls',
			'max z = 30 bowls + 45 vases\nr1: 2 bowls + 3 vases <= 40\nr2: bowls <= 12'
		],
		[
			'max 3x+2y\n x+y<=4\n x+3y<=6\n x<=3\n x>=0\n y>=0\nanswer: z = 11',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6\nr3: x <= 3'
		],
		['5. max z = 3x + 2y\nx + y <= 4\nx <= 3', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x <= 3'],
		['a) max z = 3x + 2y, x + y <= 4, x <= 3, x, y >= 0', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x <= 3'],
		[
			'max z = 3x + 2y\nunder the constraints\nx + y ≤ 4\n−x + y ≤ 2',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: -x + y <= 2'
		],
		['max z = 3x + 2y\n-2x + y ≤ 2\n-x + 3y ≤ 9', 'max z = 3 x + 2 y\nr1: -2 x + y <= 2\nr2: -x + 3 y <= 9'],
		[
			'Max 12C + 18T\nWood: 3C + 6T <= 120\nLabour: 2C + 4T <= 90\nC,T >= 0',
			'max z = 12 C + 18 T\nWood: 3 C + 6 T <= 120\nLabour: 2 C + 4 T <= 90'
		],
		[
			'maximize 12*C+18*T st 3*C+6*T<=120, 2*C+4*T<=90, C>=0, T>=0',
			'max z = 12 C + 18 T\nr1: 3 C + 6 T <= 120\nr2: 2 C + 4 T <= 90'
		],
		[
			'max z = 12x1 + 18x2 | s.t. | 3x1 + 6x2 <= 120 | 2x1 + 4x2 <= 90',
			'max z = 12 x1 + 18 x2\nr1: 3 x1 + 6 x2 <= 120\nr2: 2 x1 + 4 x2 <= 90'
		],
		[
			'Objective: Max Z = 12x1 + 18x2\n\nConstraints:\n(i) 3x1 + 6x2 <= 120\n(ii) 2x1 + 4x2 <= 90\n(iii) x1, x2 >= 0',
			'max Z = 12 x1 + 18 x2\nr1: 3 x1 + 6 x2 <= 120\nr2: 2 x1 + 4 x2 <= 90'
		],
		[
			'max z = 12x1 + 18x2\ns.t.  3x1 + 6x2 + s1 = 120\n      2x1 + 4x2 + s2 = 90\n      x1, x2, s1, s2 ≥ 0',
			'max z = 12 x1 + 18 x2\nr1: 3 x1 + 6 x2 + s1 = 120\nr2: 2 x1 + 4 x2 + s2 = 90'
		],
		[
			'Minimise the total cost C = 5a + 7b\nsubject to a + b ≥ 10, a ≤ 6 and b ≤ 8',
			'min C = 5 a + 7 b\nr1: a + b >= 10\nr2: a <= 6\nr3: b <= 8'
		],
		[
			'minimize cost=5a+7b\nsuch that\na+b>=10\n0<=a<=6\n0<=b<=8',
			'min cost = 5 a + 7 b\nr1: a + b >= 10\n0 <= a <= 6\n0 <= b <= 8'
		],
		[
			'MINIMIZE COST = 5A + 7B;\nSUBJECT TO;\nA + B >= 10;\nA <= 6;',
			'min COST = 5 A + 7 B\nr1: A + B >= 10\nr2: A <= 6'
		],
		[
			'min 5a + 7b s.t. a + b >= 10 (demand), a <= 6 (capacity A), b <= 8 (capacity B)',
			'min z = 5 a + 7 b\ndemand: a + b >= 10\ncapacity_A: a <= 6\ncapacity_B: b <= 8'
		],
		[
			'min 5a + 7b\na + b ≥ 10 tonnes per day\na ≤ 6 t/day\nb ≤ 8 t/day',
			'min z = 5 a + 7 b\nr1: a + b >= 10\nr2: a <= 6\nr3: b <= 8'
		],
		[
			'max 3x₁+5x₂\nx₁≤4\n2x₂≤12\n3x₁+2x₂≤18\nx₁,x₂≥0',
			'max z = 3 x1 + 5 x2\nr1: x1 <= 4\nr2: 2 x2 <= 12\nr3: 3 x1 + 2 x2 <= 18'
		],
		[
			'Maximise 3 doors + 5 windows\nPlant 1: doors <= 4 hours\nPlant 2: 2 windows <= 12 hours\nPlant 3: 3 doors + 2 windows <= 18 hours',
			'max z = 3 doors + 5 windows\nPlant_1: doors <= 4\nPlant_2: 2 windows <= 12\nPlant_3: 3 doors + 2 windows <= 18'
		],
		[
			'max 3d + 5w where d, w ≥ 0\nd ≤ 4, 2w ≤ 12, 3d + 2w ≤ 18',
			'max z = 3 d + 5 w\nr1: d <= 4\nr2: 2 w <= 12\nr3: 3 d + 2 w <= 18'
		],
		[
			'max 3d + 5w with d ≤ 4; 2w ≤ 12; 3d + 2w ≤ 18; d, w ≥ 0',
			'max z = 3 d + 5 w\nr1: d <= 4\nr2: 2 w <= 12\nr3: 3 d + 2 w <= 18'
		],
		[
			'max 3d+5w subject to d≤4 and 2w≤12 and 3d+2w≤18 and d≥0 and w≥0',
			'max z = 3 d + 5 w\nr1: d <= 4\nr2: 2 w <= 12\nr3: 3 d + 2 w <= 18'
		],
		[
			'Max 3d+5w, s.t. d ≤ 4. 2w ≤ 12. 3d + 2w ≤ 18.',
			'max z = 3 d + 5 w\nr1: d <= 4\nr2: 2 w <= 12\nr3: 3 d + 2 w <= 18'
		],
		[
			'min 4x11 + 6x12 + 5x21 + 3x22\nx11 + x12 = 30 (mill A)\nx21 + x22 = 40 (mill B)\nx11 + x21 = 35\nx12 + x22 = 35\nxij ≥ 0',
			'min z = 4 x11 + 6 x12 + 5 x21 + 3 x22\nmill_A: x11 + x12 = 30\nmill_B: x21 + x22 = 40\nr3: x11 + x21 = 35\nr4: x12 + x22 = 35'
		],
		[
			'min 4x_{11} + 6x_{12} + 5x_{21} + 3x_{22} \\\\ x_{11} + x_{12} = 30 \\\\ x_{21} + x_{22} = 40 \\\\ x_{ij} \\ge 0 \\quad \\forall i, j',
			'min z = 4 x11 + 6 x12 + 5 x21 + 3 x22\nr1: x11 + x12 = 30\nr2: x21 + x22 = 40'
		],
		[
			'min 4x11 + 6x12\nx11 + x12 = 30\nall xij >= 0 and integer',
			'min z = 4 x11 + 6 x12\nr1: x11 + x12 = 30\nx11, x12 integer'
		],
		['max p = 10x + 6y + 4z\nx + y + z <= 100', 'max p = 10 x + 6 y + 4 z\nr1: x + y + z <= 100'],
		[
			'Max 3 A + 4 B\n1/2 A + 1/4 B <= 40\n1/3 A + 1/2 B <= 50',
			'max z = 3 A + 4 B\nr1: 1/2 A + 1/4 B <= 40\nr2: 1/3 A + 1/2 B <= 50'
		],
		['Max 3 A + 4 B\n1 1/2 A + 2 1/4 B <= 40', 'max z = 3 A + 4 B\nr1: 3/2 A + 9/4 B <= 40'],
		[
			'max 0.05 bonds + 0.08 stocks\nbonds + stocks <= 10,000\nstocks <= 40% of (bonds + stocks)',
			'max z = 0.05 bonds + 0.08 stocks\nr1: bonds + stocks <= 10000\nr2: 0.6 stocks - 0.4 bonds <= 0'
		],
		[
			'max 5% bonds + 8% stocks\nbonds + stocks <= 10,000 euros',
			'max z = 0.05 bonds + 0.08 stocks\nr1: bonds + stocks <= 10000'
		],
		[
			'max 3x + 2y\nx + y <= 4\nx <= 2y\ny - x <= 1',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x - 2 y <= 0\nr3: y - x <= 1'
		],
		['max 3x + 2y\nx/2 + y/3 <= 1\nx >= y', 'max z = 3 x + 2 y\nr1: 1/2 x + 1/3 y <= 1\nr2: x - y >= 0'],
		[
			'MAX 3x+2y\nSUBJECT TO\n2) x+y<=4\n3) x+3y<=6\nEND',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'max 3x + 2y   # profit\nc1: x + y <= 4   # clay\nc2: x + 3y <= 6',
			'max z = 3 x + 2 y\nc1: x + y <= 4\nc2: x + 3 y <= 6'
		],
		[
			'max 3x + 2y ... (1)\ns.t. x + y <= 4 ... (2)\nx + 3y <= 6 ... (3)',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Find x and y that maximise 3x + 2y subject to x + y ≤ 4 and x + 3y ≤ 6.',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Solve the following LP graphically:\nmax z = 3x + 2y\nsubject to\nx + y ≤ 4\nx + 3y ≤ 6\nx, y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Consider the linear program\n  max  3x + 2y\n  s.t. x + y ≤ 4\n       x + 3y ≤ 6\n       x, y ≥ 0.\nSolve it with the simplex method.',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Maximise  z = 3x + 2y\nsubject to  x + y ≤ 4\n            x + 3y ≤ 6\n            x ≥ 0,  y ≥ 0\n(a) Sketch the feasible region.\n(b) Find the best corner.',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'max z = 3x + 2y\nx + y ≤ 4,  x + 3y ≤ 6,  x, y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		['max 3x+2y\tx+y<=4\tx+3y<=6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['x+y≤4\nx+3y≤6\nx≥0 y≥0\nmax 3x+2y', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['subject to x+y≤4, x+3y≤6\nmaximise 3x+2y', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['max 3x + 2y\nx plus y at most 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		[
			'max 3x + 2y\nx + y <= 4\nx is at least 1\ny is at most 3\nx must be an integer',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1\nr3: y <= 3\nx integer'
		],
		['max 3x + 2y\nx + y <= 4\nx and y integer valued', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx, y integer'],
		['max 3x + 2y\nx + y <= 4\nx, y \\in \\mathbb{Z}_+', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx, y integer'],
		['max 3x + 2y\nx + y <= 4\nx, y ∈ Z+', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx, y integer'],
		['max 3x + 2y\nx + y <= 4\nx, y nonnegative integers', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx, y integer'],
		['max 3x + 2y\nx + y <= 4\nx ∈ {0,1}\ny ≥ 0', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx binary'],
		['max 3x + 2y\nx + y <= 4\nx ≤ 0, y free', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx <= 0\ny free'],
		['max 3x + 2y\nx + y <= 4\n-5 ≤ x ≤ 5', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx from -5 to 5'],
		[
			'max 60 desks + 30 tables + 20 chairs\n8 desks + 6 tables + chairs <= 48 board ft\n4 desks + 2 tables + 1.5 chairs <= 20 finishing hours\n2 desks + 1.5 tables + 0.5 chairs <= 8 carpentry hours\ntables <= 5',
			'max z = 60 desks + 30 tables + 20 chairs\nr1: 8 desks + 6 tables + chairs <= 48\nr2: 4 desks + 2 tables + 1.5 chairs <= 20\nr3: 2 desks + 1.5 tables + 0.5 chairs <= 8\nr4: tables <= 5'
		],
		[
			'max 60 desks + 30 tables\n8 desks + 6 tables <= 48 ft\n4 desks + 2 tables <= 20 h',
			'max z = 60 desks + 30 tables\nr1: 8 desks + 6 tables <= 48\nr2: 4 desks + 2 tables <= 20'
		],
		[
			'maximise 60x1+30x2\ns.t.\n8x1+6x2<=48 : lumber\n4x1+2x2<=20 : finishing',
			'max z = 60 x1 + 30 x2\nlumber: 8 x1 + 6 x2 <= 48\nfinishing: 4 x1 + 2 x2 <= 20'
		],
		[
			'max 60x1 + 30x2\n8x1 + 6x2 ≤ 48 feet of lumber available\n4x1 + 2x2 ≤ 20 finishing hours available',
			'max z = 60 x1 + 30 x2\nr1: 8 x1 + 6 x2 <= 48\nr2: 4 x1 + 2 x2 <= 20'
		],
		[
			'max 3x1 + 2x2\ns.t. x1 + x2 ≤ 4  (dual: y1)\n     x1 ≤ 3       (dual: y2)',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nr2: x1 <= 3'
		],
		['max 3x + 2y; x + y < 4; x > 1', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		[
			'max 3x + 2y\nx + y is less than or equal to 4\nx is greater than or equal to 1',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'
		],
		['max 3x + 2y\nx + y =< 4\nx => 1', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		['Max 3x+2y\ns.t. :\nx+y≤4 ;\nx≤3 .', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x <= 3'],
		[
			'Max 3 x1 + 2 x2\nSt\n1 x1 + 1 x2 <= 4\n1 x1 + 3 x2 <= 6',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nr2: x1 + 3 x2 <= 6'
		],
		[
			'min z = 2x + 3y, subject to: x + y = 10; x >= 3; y <= 8; x, y ∈ ℕ₀',
			'min z = 2 x + 3 y\nr1: x + y = 10\nr2: x >= 3\nr3: y <= 8\nx, y integer'
		]
	],
	'further pages': [
		[
			'Exercise 2.4. Solve graphically: max z = 3x + 2y subject to x + y ≤ 4, x + 3y ≤ 6, x, y ≥ 0.',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Problem: maximise 3x + 2y\nConstraints:\n • x + y ≤ 4\n • x + 3y ≤ 6\n • x ≥ 0, y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'max 3x + 2y\n1) x + y ≤ 4\n2) x + 3y ≤ 6\n3) x ≥ 0\n4) y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'max 3x+2y (thalers)\nx+y<=4 (kg)\nx+3y<=6 (kg)',
			'max thalers = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Max 3x + 2y thalers per week\nx + y ≤ 4 kg per week\nx + 3y ≤ 6 hours per week',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'MAX Z = 3X1 + 2X2\nSUBJECT TO:\nX1 + X2 <= 4\nX1 + 3X2 <= 6\nX1 >= 0\nX2 >= 0\nEND',
			'max Z = 3 X1 + 2 X2\nr1: X1 + X2 <= 4\nr2: X1 + 3 X2 <= 6'
		],
		[
			'maximize\n 3x + 2y\nsubject to\n c1: x + y <= 4\n c2: x + 3y <= 6\nbounds\n 0 <= x <= 40\n y >= 0\nend',
			'max z = 3 x + 2 y\nc1: x + y <= 4\nc2: x + 3 y <= 6\n0 <= x <= 40'
		],
		[
			'let x be bowls, y be vases\nmax 3x + 2y\nclay 1x + 1y <= 4\nkiln 1x + 3y <= 6',
			'max z = 3 x + 2 y\nclay: x + y <= 4\nkiln: x + 3 y <= 6'
		],
		[
			'max 3·bowls + 2·vases\nclay: bowls + vases ≤ 4 kg\nkiln: bowls + 3·vases ≤ 6 h\nbowls, vases ≥ 0 (integer)',
			'max z = 3 bowls + 2 vases\nclay: bowls + vases <= 4\nkiln: bowls + 3 vases <= 6\nbowls, vases integer'
		],
		[
			'max z=3x+2y\nunder the conditions that\nx+y<=4\nx+3y<=6',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'What is the maximum of 3x + 2y subject to x + y ≤ 4 and x + 3y ≤ 6?',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		['maximum 3x + 2y\nwith\nx + y ≤ 4\nx + 3y ≤ 6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['z → max\nz = 3x + 2y\nx + y ≤ 4\nx + 3y ≤ 6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		[
			'3x + 2y → max!\nx + y ≤ 4\nx + 3y ≤ 6\nx, y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		['max f(x,y)=3x+2y\ng1: x+y<=4\ng2: x+3y<=6', 'max f = 3 x + 2 y\ng1: x + y <= 4\ng2: x + 3 y <= 6'],
		[
			'max 3x+2y\ns.t.\nx+y<=4\t# clay\nx+3y<=6\t# kiln',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'Maximise profit = 3 bowls + 2 vases, subject to\nbowls + vases ≤ 4 (clay),\nbowls + 3 vases ≤ 6 (kiln),\nbowls ≥ 0 and vases ≥ 0.',
			'max profit = 3 bowls + 2 vases\nclay: bowls + vases <= 4\nkiln: bowls + 3 vases <= 6'
		],
		[
			'max 3 x1 + 2 x2\n\ns.t.\n\n1 x1 + 1 x2 <= 4\n\n1 x1 + 3 x2 <= 6',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4\nr2: x1 + 3 x2 <= 6'
		],
		['max 3x + 2y\nx + y - 4 <= 0\nx + 3y - 6 <= 0', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['max 3x + 2y\n0 ≤ x + y ≤ 4', 'max z = 3 x + 2 y\nr1: 0 <= x + y <= 4'],
		['max 3x + 2y\nx + y = 4\nx - y = 0', 'max z = 3 x + 2 y\nr1: x + y = 4\nr2: x - y = 0'],
		['max 3x + 2y\nx + y ≤ 4\ny ≤ 2x + 1', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: y - 2 x <= 1'],
		['max 3x + 2y\nx + y ≤ 4\ny ≥ x', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: y - x >= 0'],
		[
			'min 0.6 corn + 0.35 soy\ncorn + soy ≥ 800 lb\n0.21 corn - 0.30 soy ≤ 0\n0.03 corn - 0.01 soy ≥ 0',
			'min z = 0.6 corn + 0.35 soy\nr1: corn + soy >= 800\nr2: 0.21 corn - 0.30 soy <= 0\nr3: 0.03 corn - 0.01 soy >= 0'
		],
		[
			'min 0,6 mais + 0,35 soja\nmais + soja ≥ 800 kg\n0,21 mais − 0,30 soja ≤ 0',
			'min z = 0.6 mais + 0.35 soja\nr1: mais + soja >= 800\nr2: 0.21 mais - 0.3 soja <= 0'
		],
		[
			'Minimiere K = 0,6x + 0,35y\nu. d. N.\nx + y ≥ 800\nx, y ≥ 0',
			'min K = 0.6 x + 0.35 y\nr1: x + y >= 800'
		],
		[
			'max 12a + 9b\na <= 1000 footballs\nb <= 1500 footballs\na + b <= 1750 brass plaques\n4a + 2b <= 4800 feet',
			'max z = 12 a + 9 b\nr1: a <= 1000\nr2: b <= 1500\nr3: a + b <= 1750\nr4: 4 a + 2 b <= 4800'
		],
		[
			'max 12a + 9b\na ≤ 1,000\nb ≤ 1,500\na + b ≤ 1,750\n4a + 2b ≤ 4,800',
			'max z = 12 a + 9 b\nr1: a <= 1000\nr2: b <= 1500\nr3: a + b <= 1750\nr4: 4 a + 2 b <= 4800'
		],
		[
			'max 12 a + 9 b\nfoot: a <= 1000; soccer: b <= 1500; plaques: a + b <= 1750; wood: 4a + 2b <= 4800',
			'max z = 12 a + 9 b\nfoot: a <= 1000\nsoccer: b <= 1500\nplaques: a + b <= 1750\nwood: 4 a + 2 b <= 4800'
		],
		[
			'\\max \\; 12a + 9b\n\\text{subject to} \\; a \\le 1000, \\; b \\le 1500, \\; a + b \\le 1750',
			'max z = 12 a + 9 b\nr1: a <= 1000\nr2: b <= 1500\nr3: a + b <= 1750'
		],
		[
			'\\[\\begin{aligned}\n\\max_{a,b}\\;& 12a+9b\\\\\n\\text{s.t.}\\;& a\\leqslant 1000 && \\text{(brass)}\\\\\n& a+b\\leqslant 1750 && \\text{(plaques)}\n\\end{aligned}\\]',
			'max z = 12 a + 9 b\nbrass: a <= 1000\nplaques: a + b <= 1750'
		],
		[
			'$$\\begin{array}{rl} \\min & 2x_1 + 3x_2 \\\\ \\text{s.t.} & x_1 + x_2 \\ge 10 \\\\ & 2x_1 - x_2 \\le 6 \\\\ & x_1, x_2 \\ge 0 \\end{array}$$',
			'min z = 2 x1 + 3 x2\nr1: x1 + x2 >= 10\nr2: 2 x1 - x2 <= 6'
		],
		[
			'min 2x_{1}+3x_{2} \\quad\\text{s.t.}\\quad x_{1}+x_{2}\\ge10,\\ x_{1}\\le6',
			'min z = 2 x1 + 3 x2\nr1: x1 + x2 >= 10\nr2: x1 <= 6'
		],
		[
			'model:\nmax = 3*x + 2*y;\nx + y <= 4;\nx + 3*y <= 6;\nend',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'var x >= 0;\nvar y >= 0;\nmaximize z: 3*x + 2*y;\nsubject to c1: x + y <= 4;\nsubject to c2: x + 3*y <= 6;',
			'max z = 3 x + 2 y\nc1: x + y <= 4\nc2: x + 3 y <= 6'
		],
		[
			'objective = 3*x + 2*y  (maximize)\nx + y <= 4\nx + 3*y <= 6',
			'max objective = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'max 5x1 + 4x2 + 3x3\n2x1 + 3x2 + x3 ≤ 5\n4x1 + x2 + 2x3 ≤ 11\n3x1 + 4x2 + 2x3 ≤ 8\nx1, x2, x3 ≥ 0',
			'max z = 5 x1 + 4 x2 + 3 x3\nr1: 2 x1 + 3 x2 + x3 <= 5\nr2: 4 x1 + x2 + 2 x3 <= 11\nr3: 3 x1 + 4 x2 + 2 x3 <= 8'
		],
		[
			'max 5x1+4x2+3x3 s.t. 2x1+3x2+x3≤5 4x1+x2+2x3≤11 3x1+4x2+2x3≤8 x1,x2,x3≥0',
			'max z = 5 x1 + 4 x2 + 3 x3\nr1: 2 x1 + 3 x2 + x3 <= 5\nr2: 4 x1 + x2 + 2 x3 <= 11\nr3: 3 x1 + 4 x2 + 2 x3 <= 8'
		],
		['max 3x + 2y\nx + y ≤ 4\nnumber of x at least 1', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		['max 3x + 2y\nx + y ≤ 4\nx ≥ 1 piece', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		['max 3x + 2y\nx + y ≤ 4\nat least 1 x', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		['max 3x + 2y\nx + y ≤ 4\n1 ≤ x', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x >= 1'],
		['max 3x + 2y\nx + y ≤ 4\nx = 0,1,2,…', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx integer'],
		['max 3x + 2y\nx + y ≤ 4\nx ∈ {1, …, 5}', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx from 1 to 5 integer'],
		['max 3x + 2y; s.t. x + y <= 4; x,y >= 0; integers', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx, y integer']
	],
	'vectors and sums': [
		[
			'max c^T x\nA x ≤ b\nx ≥ 0\nc = [3, 5]\nA = [1 0; 0 2; 3 2]\nb = [4, 12, 18]',
			'max z = 3 x1 + 5 x2\nr1: x1 <= 4\nr2: 2 x2 <= 12\nr3: 3 x1 + 2 x2 <= 18',
			'written out'
		],
		[
			"max c'x\ns.t. Ax <= b\nx >= 0\nwhere\nc = (3 5)\nA = [[1, 0], [0, 2], [3, 2]]\nb = (4 12 18)",
			'max z = 3 x1 + 5 x2\nr1: x1 <= 4\nr2: 2 x2 <= 12\nr3: 3 x1 + 2 x2 <= 18'
		],
		[
			'max ∑_j c_j x_j\n∑_j a_ij x_j ≤ b_i for all i\nx_j ≥ 0\nc = (3, 5)\na = [1 0\n0 2\n3 2]\nb = (4, 12, 18)',
			'max z = 3 x1 + 5 x2\nr1: x1 <= 4\nr2: 2 x2 <= 12\nr3: 3 x1 + 2 x2 <= 18'
		],
		[
			'max c^T x\nA x ≤ b\nx integer\nc = [3, 5]\nA = [1 0; 0 2; 3 2]\nb = [4; 12; 18]',
			'max z = 3 x1 + 5 x2\nr1: x1 <= 4\nr2: 2 x2 <= 12\nr3: 3 x1 + 2 x2 <= 18\nx1, x2 integer'
		]
	],
	'other languages': [
		[
			'Maximiere z = 3x + 2y\nunter den Nebenbedingungen\nr: x + y höchstens 4\nx, y ganzzahlig',
			`${TWO}\nr: x + y <= 4\nx, y integer`
		],
		['Minimiere z = 3x + 2y\nu.d.N.\nr: x + y mindestens 4', 'min z = 3 x + 2 y\nr: x + y >= 4'],
		[
			'Maximiser z = 3x + 2y\nsous contraintes\nr: x + y au plus 4\nx, y entiers',
			`${TWO}\nr: x + y <= 4\nx, y integer`
		],
		['Minimiser z = 3x + 2y\ns.c.\nr: x + y au moins 4\ny libre', 'min z = 3 x + 2 y\nr: x + y >= 4\ny free'],
		[
			'Maximizar z = 3x + 2y\nsujeto a\nr: x + y como máximo 4\nx, y enteros',
			`${TWO}\nr: x + y <= 4\nx, y integer`
		],
		[
			'Minimizar z = 3x + 2y\ns.a.\nr: x + y al menos 4\nx binaria',
			'min z = 3 x + 2 y\nr: x + y >= 4\nx binary'
		]
	],
	'copied from documents': [
		[
			'max\u2061z = 3𝑥₁ + 2𝑥₂\n𝑥₁ + 𝑥₂ ≤ 4\n𝑥₁, 𝑥₂ ≥ 0',
			'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4',
			'“𝑥₁” is read as “x1” (3 places)'
		],
		['𝑚𝑎𝑥 3𝑥 + 2𝑦\n𝑠.𝑡. 𝒙 + 2𝒚 ≤ 𝟔\n𝑦 ∈ ℤ.', 'max z = 3 x + 2 y\nr1: x + 2 y <= 6\ny integer'],
		['maxz=3x1+2x2\ns.t.x1+x2≤4', 'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4'],
		['Max: 3x+2y St: x+y<=4, x+3y<=6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['min_{x,y} 3x + 2y\nx + y ≥ 4', 'min z = 3 x + 2 y\nr1: x + y >= 4'],
		['\\maximize 3x + 2y\n\\st x + y \\leq 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		[
			'max 3x + 2y\n1) x + y ≤ 4 → (Labour)\n2) x + 3y ≤ 6 → Kiln',
			'max z = 3 x + 2 y\nLabour: x + y <= 4\nKiln: x + 3 y <= 6'
		],
		[
			'max 3x + 2y\n(i) x + y ≤ 4\n(ii) x + 3y ≤ 6\n(iii) x ≥ 0, y ≥ 0',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		]
	],
	'letters that stand for numbers': [
		[
			'max 20 x + 30 y\nx <= M d\nM = 1000\nd binary\nx + y <= 150',
			'max z = 20 x + 30 y\nr1: x - 1000 d <= 0\nr2: x + y <= 150\nd binary',
			'“M” is read as “1000”.'
		],
		['max a x + b y where a = 3, b = 1/2\nx + y <= 4', 'max z = 3 x + 1/2 y\nr1: x + y <= 4'],
		[
			'Let x be the number of A and y the number of B.\nmin 16x + y\n9x - y >= 4\nSolution: x = 3, y = 4',
			'min z = 16 x + y\nr1: 9 x - y >= 4'
		],
		['max z = 3x + 2y\nx + y <= 4\nx = 2', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x = 2']
	],
	'what a coefficient is for': [
		[
			'max 5 per chair + 8 per table\nLabor: 3 hours per chair and 4 hours per table, at most 120 hours',
			'max z = 5 chair + 8 table\nLabor: 3 chair + 4 table <= 120',
			'“and” is read as “+”'
		],
		[
			'Maximise profit: 3 per unit of x, 2 per unit of y\nx + y <= 4',
			'max profit = 3 x + 2 y\nr1: x + y <= 4'
		],
		['max 3x + 2y\nx <= 4 per day\nx + y <= 9', 'max z = 3 x + 2 y\nr1: x <= 4\nr2: x + y <= 9']
	],
	'an index that runs': [
		['max 3x_1 + 2x2\nx1 + x_2 <= 4', 'max z = 3 x1 + 2 x2\nr1: x1 + x2 <= 4', '“x_1” is read as “x1”'],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j >= 0, j = 1, …, n',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j >= 0, j=1..n',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j >= 0 \\quad \\forall j = 1, \\ldots, n',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_1, x_2, …, x_n >= 0 and integer',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nx1, x2, x3 integer'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j >= 0, for j=1,...,n and integer',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nx1, x2, x3 integer'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nxj integer for j = 1,2,3',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nx1, x2, x3 integer'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j <= 2, j = 1, 2',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nr2: x1 <= 2\nr3: x2 <= 2'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j integer, j = 1, …, n',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nx1, x2, x3 integer'
		],
		[
			'max 3x1 + 2x2 + x3\nx1 + x2 + x3 <= 4\nx_j integer, j = 2, …, 3',
			'max z = 3 x1 + 2 x2 + x3\nr1: x1 + x2 + x3 <= 4\nx2, x3 integer'
		]
	],
	'shares and choices in words': [
		[
			'min 3x + 2y\nx + y ≥ 4\nx is at most one third of the sum x + y',
			'min z = 3 x + 2 y\nr1: x + y >= 4\nr2: 2/3 x - 1/3 y <= 0'
		],
		['min 3x + 2y\nx + y ≥ 4\nx ≤ two thirds of y', 'min z = 3 x + 2 y\nr1: x + y >= 4\nr2: x - 2/3 y <= 0'],
		[
			'min 3x + 2y\nhalf of x + y is at least 2',
			'min z = 3 x + 2 y\nr1: 1/2 x + 1/2 y >= 2',
			'half of x + y'
		],
		[
			'min 3x + 2y\nx + y ≥ 4\nx is half as many as y',
			'min z = 3 x + 2 y\nr1: x + y >= 4\nr2: x - 1/2 y = 0'
		],
		[
			'max 3x + 2y + z\nx + y + 3z <= 4\nat most 2 of x, y, z are chosen',
			'max z = 3 x + 2 y + z\nr1: x + y + 3 z <= 4\nr2: x + y + z <= 2'
		],
		['max 3x + 2y\nx + y <= 4\nx = 0, 1, …, 5', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx to 5 integer'],
		[
			'max 3x + 2y\nx + y <= 4\nx is an integer between 0 and 3',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nx to 3 integer'
		]
	],
	'as boards and sheets set it': [
		['Exercise 2.3: max 2x + 3y s.t. x + y ≤ 10; x ≤ 6', 'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6'],
		['max 2x + 3y\n⎧ x + y ≤ 10\n⎨ x ≤ 6\n⎩ x, y ≥ 0', 'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6'],
		[
			'Maximise (2x + 3y)\nSubject to (x + y ≤ 10), (x ≤ 6)',
			'max z = 2 x + 3 y\nr1: x + y <= 10\nr2: x <= 6'
		],
		['G(x,y) = 2x + 3y → Max!\nNB: x + y ≤ 10\nNNB: x, y ≥ 0', 'max G = 2 x + 3 y\nr1: x + y <= 10'],
		['min C = 2x + 3y + 100 (fixed cost)\nx + y >= 10', 'min C = 2 x + 3 y + 100\nr1: x + y >= 10'],
		[
			'max 2x + 3y\nx + y ≤ 10 <- labour\nx ≤ 6 <- demand',
			'max z = 2 x + 3 y\nlabour: x + y <= 10\ndemand: x <= 6'
		],
		['max 2x + 3y\nlabour = x + y ≤ 10', 'max z = 2 x + 3 y\nlabour: x + y <= 10']
	],
	'limits in sentences': [
		[
			'max 3x + 2y\nx + y <= 9\nx and y differ by at most 3',
			'max z = 3 x + 2 y\nr1: x + y <= 9\nr2: -3 <= x - y <= 3'
		],
		[
			'max 3x + 2y\nx + y combined at most 9\nx never above 5\ny never below 1',
			'max z = 3 x + 2 y\nr1: x + y <= 9\nr2: x <= 5\nr3: y >= 1'
		],
		['max 3x + 2y\nx + y <= 9\nmake at least 3 x', 'max z = 3 x + 2 y\nr1: x + y <= 9\nr2: x >= 3'],
		[
			'max 3x + 2y\nx + y <= 9\nx is at least 20 percent of y',
			'max z = 3 x + 2 y\nr1: x + y <= 9\nr2: x - 0.2 y >= 0'
		]
	],
	'signs in sentences': [
		['max 3x + 2y\nx + y ≤ 4\nx can be negative', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx free'],
		['max 3x + 2y\nx + y ≤ 4\nx is non-positive', 'max z = 3 x + 2 y\nr1: x + y <= 4\nx free to 0'],
		['max 3x + 2y\nx + y ≤ 4\nx is not allowed to be negative', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['max 3x + 2y\nx + y should stay below 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['max z: z = 3x + 2y\nx + y ≤ 4 | kiln', 'max z = 3 x + 2 y\nkiln: x + y <= 4']
	],
	'signs that are said twice': [
		['max x + y\nx + y <= 4\nx, y >= 0\nx, y ∈ ℝ', 'max z = x + y\nr1: x + y <= 4'],
		['max x + y\nx + y <= 4\nall variables >= 0\nx, y ∈ R', 'max z = x + y\nr1: x + y <= 4'],
		['max x + y\nx + y <= 4\nx >= 0\ny ∈ R', 'max z = x + y\nr1: x + y <= 4\ny free'],
		['max 3x + 2y\nx + y <= 4\nwith all variables >= 0', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['max 3x + 2y\nx + y <= 4\n(x, y) ≥ (0, 0)', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['max 3x + 2y\nNonnegativity x ≥ 0 y ≥ 0\nx + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4']
	],
	'notes in Markdown': [
		[
			'**Maximize** $3x + 2y$\n\n- $x + y \\leq 4$\n- $2x + y \\leq 6$',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: 2 x + y <= 6'
		],
		[
			'min 5x + 4y\n- 2x + y >= 10\n- x + 2y >= 8\n- x, y are integers',
			'min z = 5 x + 4 y\nr1: 2 x + y >= 10\nr2: x + 2 y >= 8\nx, y integer'
		],
		['max 3x + 2y s.t. x + y <= 4 & x + 3y <= 6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['max 3x + 2y\n[clay] x + y <= 4', 'max z = 3 x + 2 y\nclay: x + y <= 4']
	],
	'whole sentences': [
		[
			'maximise the profit 3x + 2y\nthe machine time x + y is limited to 4 hours\n(two phases)',
			'max profit = 3 x + 2 y\nmachine_time: x + y <= 4'
		],
		['max z = 3x + 2y, wobei x + y <= 4, x + 3y <= 6', 'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'],
		['Find x, y so that 3x + 2y is maximal, x + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['3x + 2y should be as large as possible\nx + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		['z -> max, z = 3x + 2y\nx + y <= 4', 'max z = 3 x + 2 y\nr1: x + y <= 4'],
		[
			'I have x + y <= 4 and x + 3y <= 6, and I want to maximise 3x + 2y.',
			'max z = 3 x + 2 y\nr1: x + y <= 4\nr2: x + 3 y <= 6'
		],
		[
			'We maximise 3x + 2y where x is the number of bowls and y the number of vases.\nAlso x + y <= 4.',
			'max z = 3 x + 2 y\nr1: x + y <= 4'
		],
		['max 3x + 2y (profit in €)\nx + y <= 4 (clay in kg)', 'max profit [€] = 3 x + 2 y\nclay: x + y <= 4']
	],
	'what is said in another order': [
		['max z = 3x + 2y [thalers]\nr: x + y <= 4', 'max z [thalers] = 3 x + 2 y\nr: x + y <= 4'],
		['max 3x + 2y [thalers/week]\nr: x + y <= 4', 'max z [thalers/week] = 3 x + 2 y\nr: x + y <= 4'],
		['min total cost = 3x + 2y [€]\nr: x + y >= 4', 'min total_cost [€] = 3 x + 2 y\nr: x + y >= 4'],
		['max z = 3x + 2y\nr: x + y <= 4\nx integer >= 1', 'max z = 3 x + 2 y\nr: x + y <= 4\nx >= 1 integer'],
		['max z = 3x + 2y\nr: x + y <= 4\nx, y int, <= 3', 'max z = 3 x + 2 y\nr: x + y <= 4\nx, y <= 3 integer'],
		[
			'max 40 bowls + 30 boxes\nsubject to: clay 3 bowls + 4 boxes <= 120\nkiln 2 bowls + 1 box <= 40',
			'max z = 40 bowls + 30 boxes\nclay: 3 bowls + 4 boxes <= 120\nkiln: 2 bowls + boxes <= 40'
		]
	]
};

/** Texts that are no linear problem as they stand, or could be several: they are never read silently. */
export const REFUSED: readonly string[] = [
	'max c^T x\nA x ≤ b\nx ≥ 0\nc = [3, 5]\nA = [1 0 2; 0 2 1]\nb = [4, 12]',
	'max 3x + 2y\nx + y <= 4\neither x >= 2 or y >= 2',
	'max 3x + 2y\nx + y <= 4\nif x > 0 then y = 0',
	'max 3x + 2y\nx + y <= 4\nx is even',
	'max 3x*y\nx + y <= 4',
	'max 3x + 2y\nThe kiln can take at most 40 pieces.',
	'max 3x + 2y\nx + y <= 4\nx ≠ 2',
	'max min(x, y)\nx + y <= 4',
	'max 3x + 2y\nx + y',
	'max 3x + 2y\nx + y <= 4\nneither x nor y may exceed 3',
	'| | bowls | vases | RHS |\n|---|---|---|---|\n| max profit | 30 | 45 | |\n| clay | 2 | 4 | <= 100 |\n| kiln | 1 | 2 | <= 45 |',
	';bowls;vases;RHS\nmax profit;30;45;\nclay;2;4;100',
	',bowls,vases,RHS\nmax profit,30,45,\nclay,2,4,100\nkiln,1,2,45',
	'max 3x + 2y\nx + y <= 4\nat least one of x and y must be 0',
	'max 3x + 2y\nx + y <= 4\nat most 2 of x, y, w are chosen',
	'max 3 x + 2 y\nclay  4 x + 2 y  40\nwheel  x + 2 y  22',
	'3x + 2y\nx + y <= 4',
	'max z-12x1-18x2=0\n3x1+6x2<=120',
	'max ∑ c_j x_j\n∑ a_j x_j ≤ 10',
	'max c^T x\nA x ≤ b\nx ≥ 0',
	'max 6 A + 4 B\nA takes 2 hours, B takes 1 hour, 40 hours available',
	'A bowl earns 3 and needs 1 kg; a vase earns 2 and needs 1 kg; 4 kg are there.',
	'max 3x + 2y\nx + y ≤ 4 or x + 3y ≤ 6',
	'max 3x + 2y\nx + y ≤ 4\nx must be even',
	'max 3x + 2y\nx + y ≤ 4\nno bowls without vases',
	'max |x| + y\nx + y ≤ 4',
	'max 3x1 + 2x2 + ... + 5x5\nx1 + x2 <= 4',
	'max 3x1 + 3x2 + ...\nx1 + x2 <= 4',
	'max 3x1 + 3x2 + ... + x5\nx1 + x2 <= 4',
	'max 3x + 2y\nx + y <= 4\nx must not exceed y by at least 2',
	'max 3x + 2y\nx + y <= 4\nas many x as rent',
	'max 3x + 2y\nx + y <= 4\nx ≠ 3',
	'max 3x + 2y\nx + y <= 4\nfor every table at least 4 chairs',
	'            x   y   RHS\nprofit      3   2\nclay        2   1   ≤ 10\nkiln        1   3   ≤ 15',
	'max 3x + 2y\nx + y <= 4\nx ∈ {1, 3, 5}',
	'max 3x + 2y\n0.333... x + y <= 4',
	'max 5 m + 3 c\n2 m + c <= 16 m²',
	'max x/y\nx + y ≤ 4',
	'max 3x + 2y^2\nx + y ≤ 4',
	'hello',
	'x + y ≤ 4',
	'max',
	'max 3x + 2y\nx + y ≤'
];
