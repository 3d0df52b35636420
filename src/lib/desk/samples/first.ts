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
Let the class guess a plan first, and keep two or three of them.

The best corner is where clay and wheel meet; the kiln has hours to spare. Ask which resource is worth a phone call.
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
Tiles come to the range: they need no wheel, but [an hour](#kiln.tiles) in the kiln for each dozen, as bowls and vases do. How many of each?
`,
		`
No picture now: the tableau carries on where the drawing stops. Each pivot is still a walk along an edge, of a body with three dimensions.
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
Red clay costs [4 thalers](#.red) a kilogram, white clay [3](#.white). A mix has to reach three properties; each kilogram adds its points.
`,
		`
The dual is a maximum with slacks as its start: three variables, two rows. Its slack columns show the mix; read it off there, and compare with what the dual simplex method finds on this side.
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
The year is planned in lots of ten thousand tiles. A lot of floor tiles takes [124 t](#clay.floor) of clay and [3.2 t](#glaze.floor) of glaze, a lot of wall tiles [91.5 t](#clay.wall) and [5.4 t](#glaze.wall).
`,
		`
The numbers differ by four powers of ten. The picture fits itself; the fractions stay exact. Ask in which unit one would rather state it.
`
	)
];
