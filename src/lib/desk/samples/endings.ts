import { sample, type Sample } from './sample';

/** The other ways in which a problem can end. */
export const ENDINGS: readonly Sample[] = [
	sample(
		'An optimal edge',
		'/',
		['several optima', 'graphical'],
		`
title "Two plans as good"

max profit [thalers] = 20 bowls + 40 vases

kiln [hours]: bowls + 2 vases ≤ 40
clay [kg]: 2 bowls + vases ≤ 50
wheel [hours]: bowls + 3 vases ≤ 54

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
Vases earn [twice](#.vases) what bowls do, and take [twice](#kiln.vases) the kiln. Which shall the pottery make?
`,
		`
The objective line falls on the kiln’s. After the last pivot a reduced cost of zero stands under a non-basic variable: pivot there, and once more to be back.
`
	),
	sample(
		'An optimal half-line',
		'/',
		['several optima', 'unbounded region'],
		`
title "The balance of the shelves"

max balance = bowls - vases

lead: bowls - vases ≤ 4
orders [dozen]: bowls + vases ≥ 6

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
A shop takes any amount, but [at most four dozen](#lead.amount) more bowls than vases; it pays for the difference.
`,
		`
The region has no end, and yet there is a best value: on a whole half-line. Which of its plans would one choose, and by what second wish?
`
	),
	sample(
		'Infeasible',
		'/',
		['infeasible'],
		`
title "More than the kiln can hold"

max profit [thalers] = 30 bowls + 45 vases

kiln [hours]: bowls + 4 vases ≤ 40
bowl_orders [dozen]: bowls ≥ 16
vase_orders [dozen]: vases ≥ 8
clay [kg]: 5/2 bowls + 4 vases ≤ 100

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
Sixteen dozen bowls and eight dozen vases are promised. The kiln has [40 hours](#kiln.amount).
`,
		`
Three of the four constraints exclude each other, and each of the three is needed for that. Phase one ends above zero; its multipliers prove it by hand.
`
	),
	sample(
		'Unbounded',
		'/',
		['unbounded'],
		`
title "Who forgot the clay?"

max profit [thalers] = 30 bowls + 45 vases

matching: bowls - vases ≤ 10
orders [dozen]: vases ≥ 5

bowls [dozen] from 0
vases [dozen] from 0
`,
		`
The shop wants [at most ten dozen](#matching.amount) more bowls than vases, and [five dozen](#orders.amount) vases in any case.
`,
		`
No ratio limits the entering variable: its column is a direction without end. The mistake is in the statement, not in the method.
`
	)
];
