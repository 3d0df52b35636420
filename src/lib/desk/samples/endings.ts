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
A dozen bowls earns [20 thalers](#.bowls), a dozen vases [twice that](#.vases); bowls take 1 hour in the kiln, vases [twice that](#kiln.vases), of [40](#kiln.amount). They take [2 kg](#clay.bowls) and 1 kg of the [50 kg](#clay.amount) of clay, and 1 and [3 hours](#wheel.vases) of [54](#wheel.amount) at the wheel. Which shall the pottery make?
`,
		`
Ask: how many best plans are there? Expected: infinitely many, all of an edge; the objective line falls on the kiln’s. After the last pivot a reduced cost of zero stands under a non-basic variable: pivot there, and once more to be back. Ten minutes; key 1, then g. The usual mistake: two best corners taken for two best plans.
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
A shop takes any amount, but [at most four dozen](#lead.amount) more bowls than vases; it pays for the difference. [Six dozen](#orders.amount) pieces it wants in any case.
`,
		`
Ask: the region has no end; has the objective? Expected: no, it has a best value, on a whole half-line. Which of its plans would one choose, and by what second wish? Five minutes; key 3. The usual mistake: an unbounded region taken for an unbounded problem.
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
[Sixteen dozen](#bowl_orders.amount) bowls and [eight dozen](#vase_orders.amount) vases are promised. A dozen bowls earns [30 thalers](#.bowls) and takes 1 hour in the kiln, a dozen vases [45](#.vases) and [4 hours](#kiln.vases); the kiln has [40 hours](#kiln.amount). In clay they take [2½ kg](#clay.bowls) and [4 kg](#clay.vases), of [100 kg](#clay.amount).
`,
		`
Ask: which rows exclude each other? Expected: the kiln and the two orders; leaving out any one of them is enough, and the clay has nothing to do with it. Phase one ends above zero; its multipliers prove it by hand. Ten minutes; key 4, then g. The usual mistake: blaming the last row that was written.
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
A dozen bowls earns [30 thalers](#.bowls), a dozen vases [45](#.vases). The shop wants [at most ten dozen](#matching.amount) more bowls than vases, and [five dozen](#orders.amount) vases in any case.
`,
		`
Ask: what would stop the profit? Expected: nothing that is written; clay was forgotten. No ratio limits the entering variable: its column is a direction without end. Five minutes; key 4, then g. The usual mistake: looking for it in the method; it is in the statement.
`
	)
];
