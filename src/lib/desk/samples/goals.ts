import { sample, type Sample } from './sample';

/** Wishes instead of limits, and costs that are not one straight line. */
export const GOALS: readonly Sample[] = [
	sample(
		'Goals with deviations',
		'/problem',
		['models', 'goal programming'],
		`
title "Wishes that do not fit together"

min regret = profit_short + 20 kiln_over + 15 orders_short

profit [thalers]: 30 bowls + 45 vases + profit_short - profit_over = 900
kiln [hours]: bowls + 2 vases + kiln_under - kiln_over = 30
orders [dozen]: vases + orders_short - orders_over = 12
clay [kg]: 2 bowls + 4 vases ≤ 80
`,
		`
A dozen bowls earns [30](#profit.bowls) thalers, a dozen vases [45](#profit.vases); [900](#profit.amount) are wished for. A dozen bowls takes an hour of the kiln, vases [2](#kiln.vases); it should not burn for more than [30](#kiln.amount) hours. [12 dozen](#orders.amount) vases are wanted. A thaler that is missing counts one point of regret, an hour too many [20](#.kiln_over), a dozen vases too few [15](#.orders_short). Only the clay is a limit: [80 kg](#clay.amount), [2](#clay.bowls) for bowls, [4](#clay.vases) for vases.
`,
		`
Each wish is an equation with two deviations, one for either side. Ask: why are both never positive at once? Expected: taking the same from both changes no row and saves regret. The best plan makes 12 dozen of each and fires 6 hours too long: a regret of 120. What if an hour too many counted 40? Fifteen minutes; key 2. The usual mistake: the wrong deviation in the objective.
`
	),
	sample(
		'An absolute value and a cost in pieces',
		'/problem',
		['models', 'absolute value', 'piecewise linear'],
		`
title "Dearer clay, steady work"

max profit [thalers] = 12 bowls - 2 cheap - 3 dear - 4 more - 4 fewer

clay [kg]: 3 bowls - cheap - dear ≤ 0
store [kg]: cheap ≤ 30
steady [dozen]: bowls - more + fewer = 8
wheel [hours]: 2 bowls ≤ 34
`,
		`
A dozen bowls earns [12](#.bowls) thalers and takes [3 kg](#clay.bowls) of clay. The first [30 kg](#store.amount) cost [2](#.cheap) thalers each, what goes beyond costs [3](#.dear). Last week [8 dozen](#steady.amount) were made; each dozen [more](#.more) and each dozen [fewer](#.fewer) costs 4 thalers for the change. The wheel has [34](#wheel.amount) hours, [2](#wheel.bowls) for a dozen.
`,
		`
Ask: why is the dear clay not bought before the cheap? Expected: because it is dearer; a cost that fell in pieces would need integers. And why are more and fewer never both positive? The best plan makes 10 dozen. Fifteen minutes; key 2, then the objective as a function of the store (key 6). The usual mistake: an absolute value that is to be large.
`
	)
];
