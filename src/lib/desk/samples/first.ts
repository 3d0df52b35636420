import { DEMO_STATEMENT, DEMO_STORY } from '../demo';
import { sample, type Sample } from './sample';

/** Problems to begin with: one best corner, three variables, large numbers, a minimum. */
export const FIRST: readonly Sample[] = [
	sample(
		'One best corner',
		'/',
		['graphical', 'primal'],
		DEMO_STATEMENT,
		DEMO_STORY,
		`
Let the class guess a plan first, and keep two or three of them (key 2).

Ask: which resource is worth a phone call? Expected: clay and wheel, where the best corner lies; the kiln has hours to spare. Twenty minutes; key 3, then Page Down. The usual mistake: taking the corner where two lines meet outside the region.
`
	),
	sample(
		'Three variables',
		'/simplex',
		['primal'],
		`
title "Bowls, vases and tiles"

max profit [thalers] = 20 bowls + 30 vases + 12 tiles

clay [kg]: 2 bowls + 4 vases + tiles ≤ 60
wheel [hours]: bowls + 2 vases ≤ 26
kiln [hours]: bowls + vases + tiles ≤ 30

bowls [dozen] from 0
vases [dozen] from 0
tiles [dozen] from 0
`,
		`
A dozen bowls earns [20 thalers](#.bowls), a dozen vases [30](#.vases), a dozen tiles [12](#.tiles). In clay they take [2 kg](#clay.bowls), [4 kg](#clay.vases) and 1 kg of the [60 kg](#clay.amount) there are. Tiles need no wheel; a dozen bowls needs 1 hour there, a dozen vases [2](#wheel.vases), of [26](#wheel.amount). In the kiln each dozen takes 1 hour of [30](#kiln.amount). How many of each?
`,
		`
Ask: which of the three enters first, and why need it not be the best seller in the end? Expected: vases, by their 30; the ratios decide how far. Ten minutes; key 4, then n. The usual mistake: to look for a picture. Each pivot is still a walk along an edge, of a body with three dimensions (key 3 shows it).
`
	),
	sample(
		'A minimum, solved by its dual',
		'/sensitivity',
		['duality', 'minimum'],
		`
title "The cheapest mix of clays"

min cost [thalers] = 4 red + 3 white

# what every firing needs at least
plasticity: 2 red + white ≥ 10
strength: red + white ≥ 8
whiteness: red + 3 white ≥ 12

red [kg] from 0
white [kg] from 0
`,
		`
Red clay costs [4 thalers](#.red) a kilogram, white clay [3](#.white). A mix has to reach three properties; each kilogram adds its points. For plasticity, a kilogram of red gives [2](#plasticity.red) and one of white 1; [10](#plasticity.amount) are needed. For strength each gives 1 of [8](#strength.amount). For whiteness red gives 1, white [3](#whiteness.white); [12](#whiteness.amount) are needed.
`,
		`
Ask: what would somebody pay for a point of strength? Expected: its dual value. The dual is a maximum with slacks as its start: three variables, two rows. Its slack columns show the mix; read it off there, and compare with what the dual simplex method finds on this side. Twenty minutes; key 6, “The dual, written”, then Page Down. The usual mistake: reading the mix from the right-hand sides of the dual’s tableau.
`
	),
	sample(
		'Large numbers',
		'/',
		['graphical', 'scale'],
		`
title "A year of tiles"

max profit [thalers] = 18500 floor + 12250 wall

clay [kg]: 124000 floor + 91500 wall ≤ 2750000
glaze [kg]: 3200 floor + 5400 wall ≤ 118000
kiln [hours]: 260 floor + 185 wall ≤ 5600

floor [lots] from 0
wall [lots] from 0
`,
		`
The year is planned in lots of ten thousand tiles. A lot of floor tiles earns [18,500 thalers](#.floor), one of wall tiles [12,250](#.wall). A lot of floor tiles takes [124 t](#clay.floor) of clay and [3.2 t](#glaze.floor) of glaze, a lot of wall tiles [91.5 t](#clay.wall) and [5.4 t](#glaze.wall); there are [2,750 t](#clay.amount) of clay and [118 t](#glaze.amount) of glaze. In the kiln they take [260](#kiln.floor) and [185 hours](#kiln.wall) of [5,600](#kiln.amount).
`,
		`
Ask: in which unit would one rather state it? Expected: tonnes, so that the rows read alike. The numbers differ by four powers of ten; the picture fits itself, the fractions stay exact (switch to decimals beside the tableau). Five minutes; key 1. The usual mistake: kilograms in one row and tonnes in another.
`
	)
];
