import { sample, type Sample } from './sample';

/** Problems whose slacks are no start. */
export const STARTS: readonly Sample[] = [
	sample(
		'One artificial variable',
		'/simplex',
		['two phases', 'big-M'],
		`
title "An order to be met"

max profit [thalers] = 30 bowls + 20 vases

clay [kg]: 2 bowls + vases ≤ 40
order [dozen]: bowls + vases ≥ 12

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
A dozen bowls earns [30 thalers](#.bowls), a dozen vases [20](#.vases). Bowls take [2 kg](#clay.bowls) of clay a dozen, vases 1 kg, of [40 kg](#clay.amount). [Twelve dozen](#order.amount) pieces, whichever, are promised to the fair.
`,
		`
Ask: which row has nobody to start with? Expected: the order; at zero its surplus would be −12. One artificial variable, one phase-one row, one pivot. Ten minutes; key 4, Start. The usual mistake: letting the surplus be basic with −12.
`
	),
	sample(
		'Artificial variables',
		'/simplex',
		['two phases', 'big-M'],
		`
title "Orders for the fair"

max profit [thalers] = 30 bowls + 20 vases

clay [kg]: 2 bowls + vases ≤ 40
orders [dozen]: bowls + vases ≥ 12
vase_orders [dozen]: vases ≥ 5

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
A dozen bowls earns [30 thalers](#.bowls), a dozen vases [20](#.vases); they take [2 kg](#clay.bowls) and 1 kg of the [40 kg](#clay.amount) of clay. The fair has ordered [twelve dozen](#orders.amount) pieces, at least [five dozen](#vase_orders.amount) of them vases. Making nothing is no plan any more.
`,
		`
Ask: what does each artificial variable say at the start? Expected: by how much its order is short, 12 and 5. Bring them in one row at a time, and derive the phase-one row entry by entry. Twenty minutes; key 4, Go on with. The usual mistake: forgetting to price the basic artificial variables out of the phase-one row.
`
	),
	sample(
		'An equality',
		'/simplex',
		['two phases', 'equality'],
		`
title "A full crate"

max profit [thalers] = 25 bowls + 40 vases

crate [dozen]: bowls + vases = 20
clay [kg]: 2 bowls + 5 vases ≤ 70
wheel [hours]: 3 bowls + 2 vases ≤ 66

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
The crate for the harbour holds exactly [twenty dozen](#crate.amount) bowls and vases; half empty, it is not shipped. A dozen bowls earns [25 thalers](#.bowls), a dozen vases [40](#.vases). They take [2 kg](#clay.bowls) and [5 kg](#clay.vases) of clay, of [70](#clay.amount), and [3](#wheel.bowls) and [2 hours](#wheel.vases) at the wheel, of [66](#wheel.amount).
`,
		`
Ask: what does the region look like before it is drawn? Expected: a segment, since an equality leaves a line. Show the equality as one row with an artificial variable, then begin again with it as two inequalities. Fifteen minutes; key 4, Start. The usual mistake: giving an equality a slack.
`
	),
	sample(
		'The dual simplex method',
		'/simplex',
		['dual simplex', 'minimum'],
		`
title "Firing the orders at least cost"

min cost [thalers] = 6 small + 9 large

bowls [dozen]: 2 small + 4 large ≥ 30
vases [dozen]: 3 small + 2 large ≥ 28
tiles [dozen]: small + 5 large ≥ 25

small [firings] from 0
large [firings] from 0
`,
		`
A small firing costs [6 thalers](#.small), a large one [9](#.large). A small one holds [2 dozen](#bowls.small) bowls, [3 dozen](#vases.small) vases and 1 dozen tiles, a large one [4](#bowls.large), [2](#vases.large) and [5](#tiles.large). [30 dozen](#bowls.amount) bowls, [28](#vases.amount) of vases and [25](#tiles.amount) of tiles are ordered. What shall be lit so that every order is met?
`,
		`
Ask: which of the two, plan or objective row, needs repair? Expected: the plan; the tableau is dual feasible from the start, so no artificial variable is needed. Choose the row first, then the column. Fifteen minutes; key 4, then n. The usual mistake: dividing by positive entries as in the primal method.
`
	),
	sample(
		'A corner with too many lines, and a cycle',
		'/simplex',
		['degenerate', 'Bland’s rule'],
		`
title "Round and round the wheel"

max profit = 3/4 bowls - 150 vases + 1/50 tiles - 6 jugs

glaze: 1/4 bowls - 60 vases - 1/25 tiles + 9 jugs ≤ 0
firing: 1/2 bowls - 90 vases - 1/50 tiles + 3 jugs ≤ 0
shelf: tiles ≤ 1

bowls, vases, tiles, jugs ≥ 0
`,
		`
A made-up accounting of gains and debts. A bowl gains [3/4](#.bowls), a tile [1/50](#.tiles); a vase costs [150](#.vases), a jug [6](#.jugs). Glaze is spent by bowls, [1/4](#glaze.bowls), and by jugs, [9](#glaze.jugs), and earned by vases, [60](#glaze.vases), and tiles, [1/25](#glaze.tiles). Firing time is spent by bowls, [1/2](#firing.bowls), and jugs, [3](#firing.jugs), and earned by vases, [90](#firing.vases), and tiles, [1/50](#firing.tiles). Nothing of either is in stock, and one tile has a place on the shelf.
`,
		`
Ask: does the plan change with the next pivot? Expected: no, every step has length 0. With the largest coefficient as the rule, and the first row in a tie, six pivots lead back to where they began. Choose Bland’s rule and it ends. Fifteen minutes; key 4, then n seven times. The usual mistake: taking a tie for a cycle; most ties end well.
`
	),
	sample(
		'Two phases and big M side by side',
		'/simplex',
		['two phases', 'big-M', 'minimum'],
		`
title "Two ways to begin"

min cost [thalers] = 4 red + 3 white

plasticity: 2 red + white ≥ 10
batch [kg]: red + white = 8
stock [kg]: white ≤ 7

red [kg] from 0
white [kg] from 0
`,
		`
Red clay costs [4](#.red) thalers a kilogram, white clay [3](#.white). The batch has exactly [8 kg](#batch.amount). A kilogram of red gives [2](#plasticity.red) points of plasticity, one of white 1; [10](#plasticity.amount) are needed. [7 kg](#stock.amount) of white clay are in stock.
`,
		`
Start with two phases, pin the tableau (key t) and go to the end; then go back to the problem as stated and start with big M: the trail keeps both. Ask: do the same pivots come? Expected: the same columns enter; the row of M says what the phase-one row said, multiplied by M. Fifteen minutes; key 4, then n. The usual mistake: a number such as 1000 for M, and then not knowing whether it was large enough.
`
	)
];
