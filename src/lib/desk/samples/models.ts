import { sample, type Sample } from './sample';

/** Models that a first course builds: each story tells the whole of its model. */
export const MODELS: readonly Sample[] = [
	sample(
		'Blending with ratios',
		'/problem',
		['models', 'blending'],
		`
title "A glaze from three powders"

min cost [thalers] = 6 frit + 4 ash + 8 flint

batch [kg]: frit + ash + flint = 100
silica [kg]: 0.3 frit + 0.15 ash + 0.85 flint ≥ 40
ratio [kg]: 2 ash - frit ≤ 0

frit [kg] from 0
ash [kg] from 0
flint [kg] from 0
`,
		`
A batch of [100 kg](#batch.amount) of glaze is mixed from frit at [6](#.frit) thalers a kilogram, ash at [4](#.ash) and flint at [8](#.flint). It needs [40 kg](#silica.amount) of silica; frit is [30 %](#silica.frit) silica, ash [15 %](#silica.ash), flint [85 %](#silica.flint). There may be at most half as much ash as frit: [twice](#ratio.ash) the ash is no more than the frit.
`,
		`
Ask: how is “at most half as much” written without a quotient? Expected: 2 ash − frit ≤ 0. The best mix has 50 kg of frit and 25 kg each of ash and flint. Ten minutes. The usual mistake is the ratio upside down; try a plan with 2 kg of ash and 1 kg of frit on page Problem (key 2).
`
	),
	sample(
		'Transport from kilns to shops',
		'/problem',
		['models', 'transport'],
		`
title "From two kilns to three shops"

min cost [thalers] = 4 north_mill + 6 north_bridge + 9 north_market + 5 south_mill + 3 south_bridge + 7 south_market

north [crates]: north_mill + north_bridge + north_market ≤ 30
south [crates]: south_mill + south_bridge + south_market ≤ 40
mill [crates]: north_mill + south_mill ≥ 20
bridge [crates]: north_bridge + south_bridge ≥ 25
market [crates]: north_market + south_market ≥ 22
`,
		`
The north kiln has [30](#north.amount) crates, the south kiln [40](#south.amount). The shop at the mill wants [20](#mill.amount), the one at the bridge [25](#bridge.amount), the one on the market [22](#market.amount). A crate from the north costs [4](#.north_mill) thalers to the mill, [6](#.north_bridge) to the bridge, [9](#.north_market) to the market; from the south [5](#.south_mill), [3](#.south_bridge) and [7](#.south_market).
`,
		`
Every variable stands in two rows, each with a 1. Ask: will the best plan be whole? Expected: it is, and on page Integers it would be without asking. Fifteen minutes; key 4, then g. The usual mistake: demands written with ≤.
`
	),
	sample(
		'Assignment of potters to tasks',
		'/simplex',
		['models', 'assignment', 'degeneracy'],
		`
title "Three potters, three tasks"

min time [hours] = 6 ada_throw + 9 ada_glaze + 5 ada_fire + 7 ben_throw + 6 ben_glaze + 8 ben_fire + 8 cora_throw + 7 cora_glaze + 6 cora_fire

ada: ada_throw + ada_glaze + ada_fire = 1
ben: ben_throw + ben_glaze + ben_fire = 1
cora: cora_throw + cora_glaze + cora_fire = 1
throw: ada_throw + ben_throw + cora_throw = 1
glaze: ada_glaze + ben_glaze + cora_glaze = 1
fire: ada_fire + ben_fire + cora_fire = 1
`,
		`
Each potter does [one](#ada.amount) task, and each task is done once. Ada needs [6](#.ada_throw) hours to throw, [9](#.ada_glaze) to glaze, [5](#.ada_fire) to fire; Ben [7](#.ben_throw), [6](#.ben_glaze), [8](#.ben_fire); Cora [8](#.cora_throw), [7](#.cora_glaze), [6](#.cora_fire).
`,
		`
One of the six equations says nothing new: the tableau shows which. Every corner is degenerate. Ask: which row could be left out before starting? Expected: any one of them. Fifteen minutes; key 4, then g. The usual mistake: a column for each pair and a row for none.
`
	),
	sample(
		'Production over four weeks with a store',
		'/problem',
		['models', 'production', 'time'],
		`
title "Tiles for the autumn"

min cost [thalers] = 5 make1 + 5 make2 + 6 make3 + 6 make4 + 0.5 keep1 + 0.5 keep2 + 0.5 keep3

week1 [crates]: make1 - keep1 = 30
week2 [crates]: keep1 + make2 - keep2 = 50
week3 [crates]: keep2 + make3 - keep3 = 20
week4 [crates]: keep3 + make4 = 60
make1, make2, make3, make4 to 45
`,
		`
The shop wants [30](#week1.amount) crates of tiles in the first week, then [50](#week2.amount), [20](#week3.amount) and [60](#week4.amount). A crate made in the first week or the second costs [5](#.make1) thalers, [also 5](#.make2), later [6](#.make3), [and 6](#.make4). At most 45 crates are made a week; a crate kept to the next week costs half a thaler each time, [1/2](#.keep1), [1/2](#.keep2), [1/2](#.keep3).
`,
		`
What is kept links one week with the next: what comes in, less what goes on, is what is wanted. Ask: what is the equation of week two? Expected: keep1 + make2 − keep2 = 50. Then on page Sensitivity (key 6): what is one more crate of capacity worth, and when? Twenty minutes. The usual mistake: the store counted twice.
`
	),
	sample(
		'Staffing of shifts',
		'/problem',
		['models', 'staffing'],
		`
title "The long firing"

min people = dawn + noon + dusk + night

morning [people]: dawn + night ≥ 5
afternoon [people]: dawn + noon ≥ 8
evening [people]: noon + dusk ≥ 6
small_hours [people]: dusk + night ≥ 3
`,
		`
A firing is watched day and night in quarters of six hours; everybody works two quarters in a row, beginning at dawn, noon, dusk or night. In the morning [5](#morning.amount) people are needed, in the afternoon [8](#afternoon.amount), in the evening [6](#evening.amount), in the small hours [3](#small_hours.amount).
`,
		`
Ask: who works in the morning? Expected: those who began at dawn, and those who began at night. Several best plans: look at the answer on page Simplex (key 4). Fifteen minutes. The usual mistake is one variable for each quarter.
`
	),
	sample(
		'Cutting rolls of packing paper',
		'/integers',
		['models', 'cutting', 'whole numbers'],
		`
title "Rolls of packing paper"

min rolls = three_wide + two_wide_narrow + wide_two_narrow + four_narrow

wide: 3 three_wide + 2 two_wide_narrow + wide_two_narrow ≥ 14
narrow: two_wide_narrow + 2 wide_two_narrow + 4 four_narrow ≥ 19
three_wide, two_wide_narrow, wide_two_narrow, four_narrow integer
`,
		`
A roll is cut into [three](#wide.three_wide) wide strips, or [two](#wide.two_wide_narrow) wide and one narrow, or one wide and [two](#narrow.wide_two_narrow) narrow, or [four](#narrow.four_narrow) narrow ones. [14](#wide.amount) wide and [19](#narrow.amount) narrow strips are wanted, from as few rolls as can be.
`,
		`
A variable is a way to cut, not a strip. Ask: which ways to cut are there? Expected: all that leave too little for another strip. The relaxation is not whole; rounding up works here, and is it best? Twenty minutes; key 5, then x. The usual mistake: a variable for each strip.
`
	),
	sample(
		'A kiln with a fixed charge',
		'/integers',
		['models', 'fixed charge', 'binary'],
		`
title "Is the second kiln lit?"

max profit [thalers] = 12 tiles - 40 lit

clay [kg]: 4 tiles ≤ 58
kiln: tiles - 20 lit ≤ 0

tiles [crates] from 0
lit binary
`,
		`
Lighting the second kiln costs [40](#.lit) thalers, however much is in it; a crate of tiles earns [12](#.tiles) and takes [4 kg](#clay.tiles) of the [58 kg](#clay.amount) of clay. The kiln holds [20](#kiln.lit) crates, and none where it is not lit.
`,
		`
The 20 is the M of this constraint. The smallest that is valid is 58/4 = 29/2: nothing larger can be made anyway. Change it and look at the relaxation: it gets tighter. Ask: what would a smaller M do? Expected: cut off good plans. Fifteen minutes; key 5. The usual mistake: M as large as can be, to be safe.
`
	),
	sample(
		'A free variable',
		'/simplex',
		['standard form', 'free variable'],
		`
title "Bought or sold"

max gain [thalers] = 9 bowls - 4 clay_bought

balance [kg]: 3 bowls - clay_bought = 12
wheel [hours]: 2 bowls ≤ 14
carts [kg]: clay_bought ≤ 30

bowls [dozen] from 0
clay_bought [kg] free
`,
		`
A dozen bowls earns [9](#.bowls) thalers and takes [3 kg](#balance.bowls) of clay; [12 kg](#balance.amount) are in store. More is bought at [4](#.clay_bought) a kilogram, or what is left is sold at the same price. The wheel has [14](#wheel.amount) hours, [2](#wheel.bowls) for a dozen; the cart brings [30 kg](#carts.amount) at most.
`,
		`
Ask: how does a variable of either sign come into standard form? Expected: as a difference of two. Look at the tableau: their columns are each other’s negative. Ten minutes; key 4, the standard form step by step. The usual mistake: both parts in the basis at once, which cannot be.
`
	),
	sample(
		'A redundant equality',
		'/simplex',
		['artificial variables', 'redundant equality'],
		`
title "What goes out comes in"

min cost [thalers] = 3 aa + 5 ab + 4 ba + 2 bb

kiln_a [crates]: aa + ab = 20
kiln_b [crates]: ba + bb = 15
shop_a [crates]: aa + ba = 25
shop_b [crates]: ab + bb = 10

aa [crates] from 0
ab [crates] from 0
ba [crates] from 0
bb [crates] from 0
`,
		`
Kiln A sends [20](#kiln_a.amount) crates, kiln B [15](#kiln_b.amount); shop A gets [25](#shop_a.amount), shop B [10](#shop_b.amount). A crate costs [3](#.aa) from A to A, [5](#.ab) from A to B, [4](#.ba) from B to A, [2](#.bb) from B to B.
`,
		`
All that is sent is received, so one of the four equations follows from the others. Phase one ends with an artificial variable basic at 0 that no column can replace: its row says nothing new. Ask: why can no column replace it? Expected: a row of zeros can hold no basis. Fifteen minutes; key 4, then p. The usual mistake: to call the problem infeasible.
`
	),
	sample(
		'Maximin',
		'/problem',
		['models', 'maximin'],
		`
title "The same for both potters"

max least [thalers] = share

ada [thalers]: share - 3 bowls - vases ≤ 0
ben [thalers]: share - bowls - 4 vases ≤ 0
clay [kg]: 2 bowls + 3 vases ≤ 24
`,
		`
A dozen bowls brings Ada [3](#ada.bowls) thalers and Ben one, a dozen vases Ada one and Ben [4](#ben.vases). Bowls take [2 kg](#clay.bowls) of clay, vases [3 kg](#clay.vases), and there are [24 kg](#clay.amount). The one who gets less shall get as much as can be.
`,
		`
The least of two amounts is a number that neither is below: so it becomes a variable. Ask: why do both rows bind at the best plan? Expected: if only one did, something could be moved to the other. Ten minutes; key 2. The usual mistake: the two rows with the wrong relation, which makes it unbounded.
`
	),
	sample(
		'A shortest path',
		'/simplex',
		['models', 'network'],
		`
title "The cart to the market"

min way [miles] = 4 kiln_ford + 2 kiln_mill + ford_market + 5 mill_market + mill_ford

start: kiln_ford + kiln_mill = 1
ford: kiln_ford + mill_ford - ford_market = 0
mill: kiln_mill - mill_ford - mill_market = 0
`,
		`
One cart leaves the kiln, [1](#start.amount) way is taken. From the kiln to the ford are [4](#.kiln_ford) miles, to the mill [2](#.kiln_mill); from the mill to the ford one, from the mill to the market [5](#.mill_market), from the ford to the market one. What comes to a place leaves it again.
`,
		`
The best plan is 0 and 1 without asking for it. The dual values are distances: page Sensitivity (key 6), “Plan and dual values”. Ask: what does the dual value of the mill say? Expected: it is −2: from the mill 2 miles are left to the market, and whoever stays there saves them. The dual value of the start is the whole way, 4. Fifteen minutes. The usual mistake: arrows entered with the same sign at both ends.
`
	)
];
