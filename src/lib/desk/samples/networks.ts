import { sample, type Sample } from './sample';

/** Flows through a network: what comes to a place leaves it again. */
export const NETWORKS: readonly Sample[] = [
	sample(
		'A maximum flow',
		'/simplex',
		['models', 'network', 'duality'],
		`
title "Water for the pottery"

max water [litres] = spring_mill + spring_ford

mill: spring_mill - mill_ford - mill_kiln = 0
ford: spring_ford + mill_ford - ford_kiln = 0
pipe_a [litres]: spring_mill ≤ 8
pipe_b [litres]: spring_ford ≤ 5
pipe_c [litres]: mill_ford ≤ 3
pipe_d [litres]: mill_kiln ≤ 4
pipe_e [litres]: ford_kiln ≤ 9
`,
		`
Water runs from the spring by the mill and the ford to the kiln. The pipe from the spring to the mill carries [8](#pipe_a.amount) litres a minute, the one to the ford [5](#pipe_b.amount); from the mill to the ford [3](#pipe_c.amount), from the mill to the kiln [4](#pipe_d.amount), from the ford to the kiln [9](#pipe_e.amount). Nothing is lost on the way. How much can arrive?
`,
		`
Ask: which pipes would have to be closed to stop all water? Expected: those from the spring to the ford, from the mill to the ford and from the mill to the kiln: 5 + 3 + 4 = 12, and 12 litres can flow. The dual values (key 6) are 1 for these pipes and 0 for the others: the smallest cut. Twenty minutes. The usual mistake: to add up the pipes at the spring.
`
	),
	sample(
		'A minimum-cost flow',
		'/simplex',
		['models', 'network', 'transport'],
		`
title "Crates over the bridge"

min cost [thalers] = 2 kiln_mill + 5 kiln_ford + mill_ford + 4 mill_market + 2 ford_market + 3 ford_harbour

kiln [crates]: kiln_mill + kiln_ford = 10
mill [crates]: kiln_mill - mill_ford - mill_market = 0
ford [crates]: kiln_ford + mill_ford - ford_market - ford_harbour = 0
market [crates]: mill_market + ford_market = 6
bridge [crates]: mill_ford ≤ 5
`,
		`
[Ten](#kiln.amount) crates leave the kiln; [six](#market.amount) are for the market, the others for the harbour. A crate costs [2](#.kiln_mill) thalers to the mill and [5](#.kiln_ford) to the ford; one from the mill over the bridge to the ford, [4](#.mill_market) from the mill to the market, [2](#.ford_market) from the ford to the market and [3](#.ford_harbour) to the harbour. The bridge bears [5](#bridge.amount) crates.
`,
		`
Ask: why has the harbour no row? Expected: what is left over goes there; its row would follow from the others. The plan is whole by itself and costs 59. Then: what is a sixth crate over the bridge worth (key 6)? Expected: 1 thaler. Twenty minutes. The usual mistake: a sign for each arrow chosen anew in every row.
`
	)
];
