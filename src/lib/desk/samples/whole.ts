import { sample, type Sample } from './sample';

/** Problems in whole numbers. */
export const WHOLE: readonly Sample[] = [
	sample(
		'Rounding fails',
		'/problem',
		['whole numbers', 'rounding'],
		`
title "Whole kiln loads"

max profit [thalers] = 5 bowls + 8 vases

shelves [places]: bowls + vases ≤ 6
firing [hours]: 5 bowls + 9 vases ≤ 45

bowls [loads] integer
vases [loads] integer
`,
		`
The kiln is fired in whole loads. A load of bowls earns [5 thalers](#.bowls), a load of vases [8](#.vases).
`,
		`
Without whole numbers the best plan has 9/4 loads of bowls and 15/4 of vases. Round it to the nearest, then down: one is not allowed, the other is far from the best, and none of the four roundings is best. Let the class guess before “Find the best whole plan”.
`
	),
	sample(
		'Cutting planes',
		'/integers',
		['whole numbers', 'Gomory cuts'],
		`
title "Two cuts"

max vases_made = vases

shelves: 3 bowls + 2 vases ≤ 6
sets: -3 bowls + 2 vases ≤ 0

bowls [crates] integer
vases [crates] integer
`,
		`
As many crates of vases as can be: [two places](#shelves.vases) for a crate of vases, [three](#shelves.bowls) for one of bowls, and vases only go with bowls.
`,
		`
The best corner has one and a half crates of vases. Choose “Cutting planes”: the first cut says: at most one. A second cut and two dual simplex pivots end at a whole corner; the proof has both.
`
	),
	sample(
		'Branch and bound',
		'/integers',
		['whole numbers', 'branch and bound', 'binary'],
		`
title "Which orders to take"

max profit [thalers] = 19 harbour + 23 castle + 30 market + 40 abbey

kiln [hours]: 6 harbour + 8 castle + 10 market + 13 abbey ≤ 23

harbour, castle, market, abbey binary
`,
		`
Four houses have sent orders; each is taken whole or not at all. The kiln has [23 hours](#kiln.amount).
`,
		`
By profit per hour the relaxation takes harbour and abbey and a part of a third. Round it down and something better is missed. Choose “Branch and bound” and “Ask first”, and ask the class for every node whether it closes.
`
	)
];
