/** Blocks of cells as people keep them, a blank or more between cells (`.` is an empty one), each with what it means; null where it has to be asked about. */
const MIX =
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nwheel: 2 bowls + 3/2 vases <= 63';
const NAMELESS =
	'max z = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nwheel: 2 bowls + 3/2 vases <= 63';
const DIET =
	'min cost = 2 oats + 3 barley\nprotein: 12 oats + 8 barley >= 24\nfiber: 2 oats + 5 barley >= 10';
export const BLOCKS: readonly (readonly [block: string, means: string | null])[] = [
	['. bowls vases . amount\nprofit 30 45 . .\nclay 2.5 4 <= 100\nwheel 2 1.5 <= 63', MIX],
	['. bowls vases rel rhs\nmax_profit 30 45 . .\nclay 2.5 4 ≤ 100\nwheel 2 1.5 ≤ 63', MIX],
	['. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. bowls vases at_most\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. bowls vases capacity\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. bowls vases used available\nprofit 30 45 . .\nclay 2.5 4 88 100\nwheel 2 1.5 60 63', MIX],
	['. bowls vases LHS . RHS\nprofit 30 45 1200 . .\nclay 2.5 4 88 <= 100\nwheel 2 1.5 60 <= 63', MIX],
	['. bowls vases available slack\nprofit 30 45 . .\nclay 2.5 4 100 12\nwheel 2 1.5 63 3', MIX],
	['. bowls vases available\nclay 2.5 4 100\nwheel 2 1.5 63\nprofit 30 45 .', MIX],
	['. available bowls vases\nprofit . 30 45\nclay 100 2.5 4\nwheel 63 2 1.5', MIX],
	['. bowls vases available\nplan 12 8 .\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63\ntotal 34.5 50.5 163', MIX],
	['Weekly_plan\n. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. products . .\n. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['resource bowls vases available\nprofit $30 $45 .\nclay 2.5 4 100\nwheel 2 1.5 63', MIX],
	['. bowls vases available\nprofit 30 45 .\nclay 2.5_kg 4_kg 100_kg\nwheel 2_h 1.5_h 63_h', MIX],
	['. bowls vases . available\nprofit 30 45 . .\nclay 2.5 4 at_most 100\nwheel 2 1.5 up_to 63', MIX],
	['. bowls vases available unit\nprofit 30 45 . euros\nclay 2.5 4 100 kg\nwheel 2 1.5 63 h', MIX],
	['. bowls vases available\nprofit_(euros) 30 45 .\nclay_(kg) 2.5 4 100\nwheel_(h) 2 1.5 63', MIX],
	['. bowls vases . . available\nprofit 30 45 . . .\nclay 2.5 4 . . 100\nwheel 2 1.5 . . 63', MIX],
	['. clay wheel profit\nbowls 2.5 2 30\nvases 4 1.5 45\navailable 100 63 .', MIX],
	['. profit clay wheel\nbowls 30 2.5 2\nvases 45 4 1.5\ncapacity . 100 63', MIX],
	['. clay wheel profit\nbowls 2.5 2 30\nvases 4 1.5 45\nat_most 100 63 .', MIX],
	[
		'. bowls vases available\ncontribution 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63',
		MIX.replace('profit', 'contribution')
	],
	[
		'. bowls vases available\nunit_profit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63',
		MIX.replace('profit', 'unit_profit')
	],
	['. bowls vases available\nmax 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', NAMELESS],
	['. bowls vases available\nmaximise 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63', NAMELESS],
	['. oats barley required\ncost 2 3 .\nprotein 12 8 24\nfiber 2 5 10', DIET],
	['. oats barley at_least\ncost 2 3 .\nprotein 12 8 24\nfiber 2 5 10', DIET],
	['. oats barley minimum\nmin_cost 2 3 .\nprotein 12 8 24\nfiber 2 5 10', DIET],
	['. oats barley . minimum\ncost 2 3 . .\nprotein 12 8 >= 24\nfiber 2 5 >= 10', DIET],
	['. protein fiber cost\noats 12 2 2\nbarley 8 5 3\nrequired 24 10 .', DIET],
	[
		'. oats barley minimum maximum\ncost 2 3 . .\nprotein 12 8 24 60\nfiber 2 5 10 .',
		'min cost = 2 oats + 3 barley\nprotein_a: 12 oats + 8 barley >= 24\nprotein_b: 12 oats + 8 barley <= 60\nfiber: 2 oats + 5 barley >= 10'
	],
	[
		'. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63\nmaximum 20 9 .',
		`${MIX}\nbowls to 20\nvases to 9`
	],
	[
		'. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63\nat_least 2 . .',
		`${MIX}\nbowls from 2`
	],
	[
		'. bowls vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63\ndomain integer integer .',
		`${MIX}\nbowls, vases integer`
	],
	[
		'. bowls_(dozen) vases available\nprofit 30 45 .\nclay 2.5 4 100\nwheel 2 1.5 63',
		`${MIX}\nbowls [dozen]`
	],
	['. bowls vases available\nprofit 30 45 .\nclay 2,5 4 100\nwheel 2 1,5 63', MIX],
	['. bowls vases available\nprofit 30 45 .\nclay 5/2 4 100\nwheel 2 3/2 63', MIX],
	['. bowls vases available\nloss (30) (45) .\nclay 2.5 4 100', null],
	['. bowls bowls available\nprofit 30 45 .\nclay 2.5 4 100', null],
	['. bowls vases available\nprofit 30 45 .\nclay 2.5 4 .', null],
	['. bowls vases available\nprofit 30 many .\nclay 2.5 4 100', null],
	['30 45\n2.5 4 100', null]
];
