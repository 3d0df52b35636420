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
The kiln is fired in whole loads. A load of bowls earns [5 thalers](#.bowls), a load of vases [8](#.vases). Each takes a place of [6](#shelves.amount) on the shelves; bowls are fired for [5 hours](#firing.bowls), vases for [9](#firing.vases), of [45](#firing.amount).
`,
		`
Without whole numbers the best plan has 9/4 loads of bowls and 15/4 of vases. Round it to the nearest, then down: one is infeasible, the other is far from the best, and none of the four roundings is best. Ask: which rounding is the best one? Expected: none; let the class guess before “Find an optimal integer plan”. Fifteen minutes; key 5. The usual mistake: rounding down and stopping there.
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
As many crates of vases as can be: [two places](#shelves.vases) for a crate of vases, [three](#shelves.bowls) for one of bowls, of [six](#shelves.amount) on the shelves. Vases only go with bowls: [twice](#sets.vases) the crates of vases are at most [three times](#sets.bowls) those of bowls.
`,
		`
The best corner has one and a half crates of vases; rounded up it leaves the region. Ask: what is true of every integer plan and not of this corner? Expected: at most one crate, the first cut. A second cut and two dual simplex pivots end at a whole corner; the proof has both. Twenty minutes; key 5, then r. The usual mistake: cutting off whole points, which “Proof” would show.
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
Four houses have sent orders; each is taken whole or not at all. Harbour pays [19 thalers](#.harbour) for [6 hours](#kiln.harbour) in the kiln, castle [23](#.castle) for [8](#kiln.castle), market [30](#.market) for [10](#kiln.market), abbey [40](#.abbey) for [13](#kiln.abbey). The kiln has [23 hours](#kiln.amount).
`,
		`
By profit per hour the relaxation takes harbour and abbey and a part of a third. Round it down and something better is missed. Choose “Branch and bound” and “Ask first”, and let the class judge every node. Ask: which nodes will close, and why? Expected: by bound as soon as an integer plan is known. Twenty minutes; key 5, then x. The usual mistake: closing a node because its plan is fractional.
`
	),
	sample(
		'A tree where depth first is worse',
		'/integers',
		['whole numbers', 'branch and bound'],
		`
title "Deep down the wrong side"

max profit [thalers] = 7 bowls + 10 vases

clay [kg]: 3 bowls + 8 vases ≤ 20
kiln [hours]: 6 bowls + 5 vases ≤ 24

bowls [crates] integer
vases [crates] integer
`,
		`
A crate of bowls earns [7 thalers](#.bowls), a crate of vases [10](#.vases). In clay they take [3](#clay.bowls) and [8 kg](#clay.vases) of [20](#clay.amount), in the kiln [6](#kiln.bowls) and [5 hours](#kiln.vases) of [24](#kiln.amount). Only whole crates are sold.
`,
		`
Ask: is it better to go deep or to look where the bound is best? Expected: here best bound solves 7 nodes, depth first 13, since it goes down a side that never holds the best plan. Then turn “down first” into “up first”. Fifteen minutes; key 5, “Branch and bound”. The usual mistake: taking one tree for a rule; depth first finds integer plans sooner elsewhere.
`
	)
];
