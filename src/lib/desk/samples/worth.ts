import { sample, type Sample } from './sample';

/** What an answer is worth, and phenomena of the simplex method. */
export const WORTH: readonly Sample[] = [
	sample(
		'Dual values and complementary slackness',
		'/sensitivity',
		['duality', 'complementary slackness'],
		`
title "Is the plan a best one?"

max profit [thalers] = 6 bowls + 5 vases + 4 jugs

clay [kg]: 2 bowls + vases + jugs ≤ 18
wheel [hours]: bowls + 2 vases + jugs ≤ 16
kiln [hours]: bowls + vases + 3 jugs ≤ 30
`,
		`
A dozen bowls earns [6](#.bowls) thalers, vases [5](#.vases), jugs [4](#.jugs). There are [18 kg](#clay.amount) of clay, of which bowls take [2](#clay.bowls) and the others one; [16](#wheel.amount) hours at the wheel, vases [2](#wheel.vases), the others one; and [30](#kiln.amount) hours of the kiln, jugs [3](#kiln.jugs), the others one. Somebody says: 4 dozen bowls, 2 dozen vases, 8 dozen jugs.
`,
		`
“Plan and dual values”: type the plan, then “Dual values from the plan”. The equations that follow settle whether it is best. Ask: which dual values must be 0? Expected: none, since every row binds; the three equations have one solution, and it is not negative. Then try 2, 2 and 8. Fifteen minutes; key 6. The usual mistake: to conclude from slack 0 that the dual value is not 0.
`
	),
	sample(
		'A range used',
		'/sensitivity',
		['ranges'],
		`
title "How dear may clay be?"

max profit [thalers] = 11 bowls + 8 vases

clay [kg]: 4 bowls + 2 vases ≤ 40
wheel [hours]: bowls + 2 vases ≤ 22
`,
		`
Bowls earn [11](#.bowls) thalers a dozen, vases [8](#.vases). Bowls take [4 kg](#clay.bowls) of clay, vases [2 kg](#clay.vases), of [40 kg](#clay.amount); the wheel has [22](#wheel.amount) hours, an hour for bowls and [2](#wheel.vases) for vases. The neighbour offers 10 kg of clay at 2 thalers each. And what if bowls earned 12 instead?
`,
		`
Press the amount of clay. Ask: one more is worth more than 2, but for how many? Expected: for all ten. Then press the 11: at 12 the plan stays. Nothing needs to be solved again for either. Ten minutes; key 6. The usual mistake: the rate used past the end of its interval.
`
	),
	sample(
		'Two numbers changed at once',
		'/sensitivity',
		['ranges', '100 % rule'],
		`
title "Both at once"

max profit [thalers] = 3 bowls + 2 vases

clay [kg]: 2 bowls + vases ≤ 100
wheel [hours]: bowls + vases ≤ 80
shelf [dozen]: bowls ≤ 40
`,
		`
Bowls earn [3](#.bowls) thalers a dozen, vases [2](#.vases). There are [100 kg](#clay.amount) of clay, [2](#clay.bowls) for bowls and one for vases, [80](#wheel.amount) hours at the wheel, and the shelf holds [40](#shelf.amount) dozen bowls.
`,
		`
“Two at once”: each interval alone is an arm of the cross. Ask: does the basis stay at all corners of the rectangle that they span? Expected: at two of the four it does not. Drag the point there. That is why intervals hold one at a time. The 100 % rule promises only the diamond. Fifteen minutes; key 6. The usual mistake: both numbers moved to the ends of their intervals.
`
	),
	sample(
		'An optimum at a degenerate corner',
		'/sensitivity',
		['degeneracy', 'duality'],
		`
title "Three lines through one corner"

max profit [thalers] = 4 bowls + 3 vases

clay [kg]: 2 bowls + vases ≤ 20
wheel [hours]: bowls + vases ≤ 12
kiln [hours]: 3 bowls + 2 vases ≤ 32
`,
		`
Bowls earn [4](#.bowls) thalers, vases [3](#.vases). Clay: [2 kg](#clay.bowls) and one, of [20](#clay.amount); the wheel: an hour each, of [12](#wheel.amount); the kiln: [3](#kiln.bowls) hours and [2](#kiln.vases), of [32](#kiln.amount).
`,
		`
All three lines pass through (8, 4). Ask: what is one more hour at the wheel worth? Expected: it depends on the direction; one more changes the profit by one rate, one less by another. The basis tells only one of them. Fifteen minutes; key 6. The usual mistake: to trust the dual value of the basis that was reached.
`
	),
	sample(
		'An optimal face',
		'/simplex',
		['several optima', 'three variables'],
		`
title "All that the clay gives"

max profit [thalers] = 2 bowls + 2 vases + 2 jugs

clay [kg]: bowls + vases + jugs ≤ 12
wheel [hours]: bowls + 2 vases ≤ 16
kiln [hours]: vases + 2 jugs ≤ 18
`,
		`
Everything earns the same: [2](#.bowls) thalers a dozen, [2](#.vases), [2](#.jugs), and takes the same clay, of which there are [12 kg](#clay.amount). Vases need [2](#wheel.vases) of [16](#wheel.amount) hours at the wheel, bowls one; jugs [2](#kiln.jugs) of [18](#kiln.amount) hours of the kiln, vases one.
`,
		`
The objective is parallel to the clay: the best plans are a face of dimension two. Slide along them in the answer, and turn the body. Ask: if all of these are best, what else might one want? Expected: a second wish, such as few vases. Ten minutes; key 4, then g. The usual mistake: looking for one other corner only.
`
	),
	sample(
		'Rules that part ways',
		'/simplex',
		['pivoting rules'],
		`
title "Which way round?"

max profit [thalers] = 4 bowls + 5 vases

clay [kg]: 2 bowls + vases ≤ 19
wheel [hours]: 4 bowls + 6 vases ≤ 28
kiln [hours]: bowls + 3 vases ≤ 11
`,
		`
Bowls earn [4](#.bowls) thalers a dozen, vases [5](#.vases). Bowls take [2 kg](#clay.bowls) of clay, vases one, of [19](#clay.amount); at the wheel [4](#wheel.bowls) hours and [6](#wheel.vases), of [28](#wheel.amount); in the kiln an hour and [3](#kiln.vases), of [11](#kiln.amount).
`,
		`
The largest coefficient takes the vases first and goes round by three pivots; the greatest improvement looks how far each step leads, and takes one. Ask: which variable does each rule take first? Expected: the largest coefficient the vases, the greatest improvement the bowls. Then begin with the bowls by hand. Ten minutes; key 4, then n. The usual mistake: to think one rule always the best.
`
	),
	sample(
		'Klee and Minty’s cube',
		'/simplex',
		['pivoting rules', 'three variables'],
		`
title "Every corner of a cube"

max height = 100 x + 10 y + z

first: x ≤ 1
second: 20 x + y ≤ 100
third: 200 x + 20 y + z ≤ 10000
`,
		`
A cube that is a little askew: [100](#.x) x, [10](#.y) y and z are added up. x is at most [1](#first.amount), [20](#second.x) x and y at most [100](#second.amount), [200](#third.x) x, [20](#third.y) y and z at most [10000](#third.amount).
`,
		`
With the largest coefficient the method visits all eight corners; with the greatest improvement it takes one step. Ask: how many pivots will there be? Expected: seven; few guess it. Klee and Minty found in 1972 that this goes on with more variables. Ten minutes; key 4, then n. The usual mistake: to conclude that the method is slow on problems of every day.
`
	),
	sample(
		'A relaxation that is whole by itself',
		'/integers',
		['whole numbers', 'transport'],
		`
title "Whole crates without asking"

min cost [thalers] = 2 aa + 4 ab + 5 ba + ab2 + 3 bb

kiln_a [crates]: aa + ab + ab2 ≤ 8
kiln_b [crates]: ba + bb ≤ 9
shop_a [crates]: aa + ba ≥ 7
shop_b [crates]: ab + ab2 + bb ≥ 6
cart [crates]: ab2 ≤ 3
aa [crates] integer
ab [crates] integer
ba [crates] integer
ab2 [crates] integer
bb [crates] integer
`,
		`
Kiln A has [8](#kiln_a.amount) crates, kiln B [9](#kiln_b.amount); shop A wants [7](#shop_a.amount), shop B [6](#shop_b.amount). A crate costs [2](#.aa) thalers from A to A, [4](#.ab) from A to B, [5](#.ba) from B to A, [3](#.bb) from B to B; a neighbour's cart takes up to [3](#cart.amount) crates from A to B for one each.
`,
		`
Every column has ones in a row of a kiln and a row of a shop: each corner is whole, and nothing has to be cut or branched. Ask: what happens if one number becomes 5/2? Expected: the corners become fractional, though the matrix stays. Ten minutes; key 5. The usual mistake: to credit the numbers in the objective.
`
	),
	sample(
		'Strong duality',
		'/sensitivity',
		['duality', 'strong duality'],
		`
title "What would a buyer offer?"

max profit [thalers] = 7 bowls + 5 vases

clay [kg]: 3 bowls + 2 vases ≤ 24
wheel [hours]: 2 bowls + 3 vases ≤ 26

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
A dozen bowls earns [7](#.bowls) thalers, a dozen vases [5](#.vases). They take [3 kg](#clay.bowls) and [2 kg](#clay.vases) of the [24 kg](#clay.amount) of clay, and [2](#wheel.bowls) and [3](#wheel.vases) of the [26](#wheel.amount) hours at the wheel. A buyer wants to take over all the clay and all the hours. What must be offered at least, so that selling is no worse than making bowls and vases?
`,
		`
Collect prices of clay and wheel that the pottery must accept; write their bounds on the board (3 and 1, say: 98). Ask: what is the lowest bound that such prices can give? Expected: 58, and no lower: the plan 4 and 6 earns 58, so the two meet. “The dual, written” builds the buyer’s problem row by row; “Plan and dual values” shows the gap close. Twenty minutes; key 6. The usual mistake: to think that the prices are the pottery’s to choose.
`
	),
	sample(
		'Infeasible, and its dual unbounded',
		'/sensitivity',
		['duality', 'infeasible', 'unbounded'],
		`
title "Promised more than the kiln holds"

max profit [thalers] = 2 bowls + 3 vases

kiln [hours]: bowls + vases ≤ 6
orders [dozen]: bowls + vases ≥ 8

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
A dozen bowls earns [2](#.bowls) thalers, a dozen vases [3](#.vases). Each dozen takes an hour of the kiln, which has [6](#kiln.amount); [8 dozen](#orders.amount) are promised.
`,
		`
Ask: what does the dual say of a problem without a plan? Expected: its values have no limit; the same multipliers that prove the contradiction (kiln minus orders: 0 ≤ −2) are a direction in which the dual improves without limit. Write the dual and open it as a problem: page Simplex shows its ray. Fifteen minutes; key 6. The usual mistake: to believe that the dual of an infeasible problem is always unbounded; it can be infeasible, too.
`
	)
];
