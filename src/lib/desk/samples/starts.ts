import { sample, type Sample } from './sample';

/** Problems whose slacks are no start. */
export const STARTS: readonly Sample[] = [
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
The fair has ordered [twelve dozen](#orders.amount) pieces, at least [five dozen](#vase_orders.amount) of them vases. Making nothing is no plan any more.
`,
		`
With bowls and vases at zero both orders are short: their surplus variables would be negative. Bring the artificial variables in one row at a time, and derive the phase-one row entry by entry.
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
The crate for the harbour holds exactly [twenty dozen](#crate.amount); half empty, it is not shipped.
`,
		`
The region is a segment. Show the equality as one row with an artificial variable, then begin again with it as two inequalities.
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
A small firing costs [6 thalers](#.small), a large one [9](#.large). What shall be lit so that every order is met?
`,
		`
The objective row is right from the start, the right-hand sides are not: no artificial variable is needed. Choose the row first, then the column.
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
A made-up accounting of gains and debts: glaze and firing time are earned by some pieces and spent by others, and nothing is in stock.
`,
		`
With the largest coefficient as the rule, and the first row in a tie, six pivots lead back to where they began. Choose Bland’s rule and it ends.
`
	)
];
