import { sample, type Sample } from './sample';

/** Decisions of yes and no: covering, either–or, set-ups. */
export const LOGIC: readonly Sample[] = [
	sample(
		'Set covering',
		'/integers',
		['models', 'covering', 'binary'],
		`
title "Who sees every kiln?"

min posts = mill + ford + hill + bridge + market

north: mill + hill ≥ 1
south: ford + bridge ≥ 1
east: hill + market ≥ 1
west: mill + bridge ≥ 1
harbour: ford + market ≥ 1
mill, ford, hill, bridge, market binary
`,
		`
Fire-watchers stand at the mill, the ford, the hill, the bridge or the market. The north kiln is seen from the mill and the hill, the south kiln from the ford and the bridge, the east kiln from the hill and the market, the west kiln from the mill and the bridge, the harbour kiln from the ford and the market. How few posts see all five?
`,
		`
Ask: what will the best plan of the relaxation be? Expected: half a watcher at each post, 2.5 together; so 3 are needed at least, and 3 are enough. Add up all five rows and round: that is the cut. Fifteen minutes; key 5. The usual mistake: to round every half up, which gives five.
`
	),
	sample(
		'Either–or, and if–then',
		'/integers',
		['models', 'binary', 'big-M'],
		`
title "Wheel or mould"

max profit [thalers] = 9 jugs + 7 plates - 10 mould - 5 line

wheel [hours]: 2 jugs + plates - 12 mould ≤ 20
press [hours]: jugs + 3 plates + 18 mould ≤ 48
line_used [dozen]: plates - 16 line ≤ 0
clay [kg]: jugs + plates ≤ 16

jugs [dozen] from 0
plates [dozen] from 0
mould, line binary
`,
		`
A dozen jugs earns [9](#.jugs) thalers, a dozen plates [7](#.plates), and each takes a kilogram of the [16 kg](#clay.amount) of clay. Either everything is thrown: then the wheel’s [20](#wheel.amount) hours count, [2](#wheel.jugs) for jugs and one for plates. Or a mould is rented for [10](#.mould) thalers: then the press counts, 30 hours, one for jugs and [3](#press.plates) for plates. The wheel’s row is let go by [12](#wheel.mould) more hours, which no plan can use up; without the mould the press’s row is let go by [18](#press.mould), to [48](#press.amount). If plates are made at all, [16](#line_used.line) dozen at most, the glaze line is set up for [5](#.line) thalers.
`,
		`
Ask: what is the smallest M of each row? Expected: 12, since 16 kg of clay allow no more than 32 hours at the wheel; 18, since the press needs 48 hours at most. Then read the best plan: is the mould rented? Expected: yes, and only jugs are made. Twenty minutes; key 5. The usual mistake: both rows let go by the same value of the variable.
`
	),
	sample(
		'Lot sizes with set-ups over four weeks',
		'/integers',
		['models', 'lot sizes', 'binary', 'time'],
		`
title "How often is the mould set up?"

min cost [thalers] = 30 set1 + 30 set2 + 30 set3 + 30 set4 + keep1 + keep2 + keep3

week1 [crates]: make1 - keep1 = 12
week2 [crates]: keep1 + make2 - keep2 = 8
week3 [crates]: keep2 + make3 - keep3 = 15
week4 [crates]: keep3 + make4 = 10
mould1 [crates]: make1 - 45 set1 ≤ 0
mould2 [crates]: make2 - 33 set2 ≤ 0
mould3 [crates]: make3 - 25 set3 ≤ 0
mould4 [crates]: make4 - 10 set4 ≤ 0
set1, set2, set3, set4 binary
`,
		`
Tiles are pressed in a mould. In the four weeks [12](#week1.amount), [8](#week2.amount), [15](#week3.amount) and [10](#week4.amount) crates are wanted. A week in which any are pressed costs a set-up: [30](#.set1) thalers in the first, [as many](#.set2) in the second, [the third](#.set3) and [the fourth](#.set4). A crate that is kept to the next week costs one thaler. With a set-up no more is pressed than is still wanted: [45](#mould1.set1), [33](#mould2.set2), [25](#mould3.set3), [10](#mould4.set4) crates.
`,
		`
Ask: in which weeks will the mould be set up? Expected: in the first and the third; each set-up serves whole weeks, and the cost is 78. Why are the numbers at the set-ups not all 45? A smaller one makes the relaxation tighter. Twenty-five minutes; key 5. The usual mistake: to keep crates and to press in the same week.
`
	)
];
