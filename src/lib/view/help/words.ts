/** The words of the trade and of the desk, each with what it means here and the page where it is seen. */

export interface Word {
	readonly word: string;
	readonly says: string;
	/** the page of the desk where it is met */
	readonly page: string;
	/** where on that page */
	readonly where: string;
}

export interface WordGroup {
	readonly name: string;
	readonly words: readonly Word[];
}

const word = (name: string, says: string, page: string, where: string): Word => ({
	word: name,
	says,
	page,
	where
});

export const WORDS: readonly WordGroup[] = [
	{
		name: 'The problem',
		words: [
			word(
				'decision variable',
				'What is decided: how much of each activity. It has a name, perhaps a unit, bounds, and may have to be whole.',
				'/problem',
				'columns of the table'
			),
			word(
				'objective',
				'What is to be as large, or as small, as possible.',
				'/problem',
				'first row of the table'
			),
			word(
				'constraint',
				'A row that a plan must satisfy: a left-hand side, a relation, a right-hand side.',
				'/problem',
				'rows of the table'
			),
			word(
				'right-hand side',
				'The amount that a constraint compares with. In a tableau, the column of the basic variables’ values.',
				'/problem',
				'last column of the table'
			),
			word(
				'plan',
				'Values of the decision variables, feasible or not.',
				'/problem',
				'pane Plans: try one, see what it uses'
			),
			word(
				'feasible',
				'Of a plan: it satisfies every constraint and sign. Of a tableau: no right-hand side is negative. Of a problem: it has a feasible plan.',
				'/region',
				'the shaded region'
			),
			word(
				'binding',
				'A constraint that a plan meets with equality. Others have slack, or are violated.',
				'/problem',
				'pane Plans'
			),
			word(
				'infeasible',
				'No plan satisfies all constraints. A combination of them that contradicts itself proves it.',
				'/',
				'commentary, “Why no plan is feasible”'
			),
			word(
				'unbounded',
				'The objective improves without limit along a ray of feasible plans.',
				'/region',
				'the arrow that leaves the picture'
			),
			word(
				'lower bound, upper bound',
				'The least and the greatest value of a variable. If nothing is said, it is at least 0.',
				'/problem',
				'below the table'
			)
		]
	},
	{
		name: 'The region',
		words: [
			word('feasible region', 'All feasible plans, as a picture.', '/region', 'the picture'),
			word(
				'corner',
				'A point of the region that lies on no segment between two others; for two variables, where two border lines meet. Also called extreme point.',
				'/region',
				'corner table'
			),
			word(
				'objective line',
				'All plans with one value of the objective; moved parallel to itself until it last touches the region.',
				'/region',
				'the dashed line; drag it'
			),
			word(
				'redundant',
				'A constraint that removes nothing: the region is the same without it.',
				'/region',
				'pane Constraints'
			),
			word(
				'degenerate',
				'Of a corner: more border lines meet than needed. Of a tableau: a basic variable is 0.',
				'/simplex',
				'commentary, when a ratio ties'
			)
		]
	},
	{
		name: 'Tableau and methods',
		words: [
			word(
				'slack, surplus',
				'What a ≤ row has left, what a ≥ row has too much. Never negative in a feasible plan.',
				'/simplex',
				'pane Standard form'
			),
			word(
				'artificial variable',
				'Stands in a row that has no basic variable to start with, and says by how much the row is not satisfied. It must become 0.',
				'/simplex',
				'start with two phases or M'
			),
			word('standard form', 'Equations, variables that are not negative.', '/simplex', 'pane Standard form'),
			word(
				'basis; basic, non-basic variable',
				'One variable for each row, whose columns are independent; the others are non-basic, and 0 at this point.',
				'/simplex',
				'names at the left of the tableau'
			),
			word(
				'basic solution',
				'What a tableau says the variables are: basic ones their right-hand sides, the others 0.',
				'/simplex',
				'pane Answer'
			),
			word(
				'reduced cost',
				'The entry of a column in the objective row: what one unit of it changes the objective by.',
				'/simplex',
				'objective row'
			),
			word(
				'pivot',
				'An exchange: one variable enters the basis, one leaves; the rows are combined so that the new basis can be read off.',
				'/simplex',
				'click an entry'
			),
			word(
				'ratio test',
				'Right-hand side divided by positive entry of the entering column; the smallest says which row leaves.',
				'/simplex',
				'ratio column; click a column’s head'
			),
			word(
				'two phases',
				'Phase one brings the sum of the artificial variables to 0; phase two improves the objective from there.',
				'/simplex',
				'Start'
			),
			word(
				'big M',
				'Artificial variables cost M each, more than anything could gain; M stays a symbol here.',
				'/simplex',
				'Start'
			),
			word(
				'dual feasible',
				'Of a tableau: no entry of the objective row could improve the objective. With feasible: optimal.',
				'/simplex',
				'commentary'
			),
			word(
				'dual simplex method',
				'Keeps the objective row dual feasible and repairs negative right-hand sides: row first, then the ratio.',
				'/simplex',
				'Start; after a cut'
			),
			word(
				'Bland’s rule',
				'The first variable that may enter, the first that may leave. It never cycles.',
				'/simplex',
				'Rule'
			),
			word('cycle', 'Pivots of length 0 that come back to an earlier basis.', '/simplex', 'trail, marked ↻')
		]
	},
	{
		name: 'What an answer is worth',
		words: [
			word(
				'dual value (shadow price)',
				'What one more unit of a right-hand side changes the best value by, as long as the basis stays.',
				'/sensitivity',
				'Ranges'
			),
			word(
				'dual problem',
				'The problem of the best bound on the objective that combinations of the rows give.',
				'/sensitivity',
				'The dual, written'
			),
			word(
				'interval (ranging)',
				'How far one number may move, all others kept, until the basis changes.',
				'/sensitivity',
				'Ranges: press a number'
			),
			word(
				'complementary slackness',
				'At the optimum of both: slack times dual value is 0, reduced cost times amount is 0, pair by pair.',
				'/sensitivity',
				'Plan and dual values'
			),
			word(
				'weak duality',
				'The value of any plan is no better than the bound that any feasible dual values give.',
				'/sensitivity',
				'Plan and dual values'
			),
			word(
				'parametric',
				'The best value as a function of one number: pieces, each with its basis.',
				'/sensitivity',
				'As a function'
			)
		]
	},
	{
		name: 'Whole numbers',
		words: [
			word('integer plan', 'A plan whose integer variables are whole.', '/integers', 'the marked points'),
			word('relaxation', 'The problem without asking for whole numbers.', '/integers', 'Rounding'),
			word(
				'cut (cutting plane)',
				'A constraint that every integer plan satisfies and the present point violates.',
				'/integers',
				'Cutting planes'
			),
			word(
				'branch and bound',
				'The problem is split at a fractional value; parts that cannot contain a better plan are closed.',
				'/integers',
				'Branch and bound'
			),
			word(
				'bound of the node',
				'The best value of a node’s relaxation: nothing below is better.',
				'/integers',
				'the tree'
			),
			word('incumbent', 'The best integer plan found so far.', '/integers', 'the tree, marked'),
			word(
				'fathomed (closed)',
				'A node that needs no branching: infeasible, whole, or its bound no better than the incumbent.',
				'/integers',
				'the tree; Proof'
			)
		]
	},
	{
		name: 'The desk',
		words: [
			word(
				'lesson',
				'A problem with its trail, notation, plans, story and notes; kept in this browser, or a file.',
				'/lessons',
				'the collection'
			),
			word('statement', 'The problem as text, written as on a board.', '/', 'pane Statement'),
			word(
				'trail',
				'The tree of moves; any step is one click away, other choices are branches.',
				'/',
				'pane Trail'
			),
			word(
				'commentary',
				'What a step did, by which rule, and what is true now.',
				'/',
				'pane Commentary; “Why?”'
			),
			word(
				'notation',
				'What courses write differently: signs, places, names, numbers.',
				'/simplex',
				'Notation'
			),
			word('designer', 'Makes exercises that keep promises.', '/design', 'By wishes')
		]
	}
];
