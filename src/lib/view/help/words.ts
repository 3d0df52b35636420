import { en } from '$lib/core/language';

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
		name: en`The problem`,
		words: [
			word(
				en`decision variable`,
				en`What is decided: how much of each activity. It has a name, perhaps a unit, bounds, and may have to be whole.`,
				'/problem',
				en`columns of the table`
			),
			word(
				'objective',
				en`What is to be as large, or as small, as possible.`,
				'/problem',
				en`first row of the table`
			),
			word(
				'constraint',
				en`A row that a plan must satisfy: a left-hand side, a relation, a right-hand side.`,
				'/problem',
				en`rows of the table`
			),
			word(
				en`right-hand side`,
				en`The amount that a constraint compares with. In a tableau, the column of the basic variables’ values.`,
				'/problem',
				en`last column of the table`
			),
			word(
				'plan',
				en`Values of the decision variables, feasible or not.`,
				'/problem',
				en`pane Plans: try one, see what it uses`
			),
			word(
				'feasible',
				en`Of a plan: it satisfies every constraint and sign. Of a tableau: no right-hand side is negative. Of a problem: it has a feasible plan.`,
				'/region',
				en`the shaded region`
			),
			word(
				'binding',
				en`A constraint that a plan meets with equality. Others have slack, or are violated.`,
				'/problem',
				en`pane Plans`
			),
			word(
				'infeasible',
				en`No plan satisfies all constraints. A combination of them that contradicts itself proves it.`,
				'/',
				en`commentary, “Why no plan is feasible”`
			),
			word(
				'unbounded',
				en`The objective improves without limit along a ray of feasible plans.`,
				'/region',
				en`the arrow that leaves the picture`
			),
			word(
				en`lower bound, upper bound`,
				en`The least and the greatest value of a variable. If nothing is said, it is at least 0.`,
				'/problem',
				en`below the table`
			)
		]
	},
	{
		name: en`The region`,
		words: [
			word(en`feasible region`, en`All feasible plans, as a picture.`, '/region', en`the picture`),
			word(
				'corner',
				en`A point of the region that lies on no segment between two others; for two variables, where two border lines meet. Also called extreme point.`,
				'/region',
				en`corner table`
			),
			word(
				en`objective line`,
				en`All plans with one value of the objective; moved parallel to itself until it last touches the region.`,
				'/region',
				en`the dashed line; drag it`
			),
			word(
				'redundant',
				en`A constraint that removes nothing: the region is the same without it.`,
				'/region',
				en`pane Constraints`
			),
			word(
				'degenerate',
				en`Of a corner: more border lines meet than needed. Of a tableau: a basic variable is 0.`,
				'/simplex',
				en`commentary, when a ratio ties`
			)
		]
	},
	{
		name: en`Tableau and methods`,
		words: [
			word(
				en`slack, surplus`,
				en`What a ≤ row has left, what a ≥ row has too much. Never negative in a feasible plan.`,
				'/simplex',
				en`pane Standard form`
			),
			word(
				en`artificial variable`,
				en`Stands in a row that has no basic variable to start with, and says by how much the row is not satisfied. It must become 0.`,
				'/simplex',
				en`start with two phases or M`
			),
			word(
				en`standard form`,
				en`Equations, variables that are not negative.`,
				'/simplex',
				en`pane Standard form`
			),
			word(
				en`basis; basic, non-basic variable`,
				en`One variable for each row, whose columns are independent; the others are non-basic, and 0 at this point.`,
				'/simplex',
				en`names at the left of the tableau`
			),
			word(
				en`basic solution`,
				en`What a tableau says the variables are: basic ones their right-hand sides, the others 0.`,
				'/simplex',
				en`pane Answer`
			),
			word(
				en`reduced cost`,
				en`The entry of a column in the objective row: what one unit of it changes the objective by.`,
				'/simplex',
				en`objective row`
			),
			word(
				'pivot',
				en`An exchange: one variable enters the basis, one leaves; the rows are combined so that the new basis can be read off.`,
				'/simplex',
				en`click an entry`
			),
			word(
				en`ratio test`,
				en`Right-hand side divided by positive entry of the entering column; the smallest says which row leaves.`,
				'/simplex',
				en`ratio column; click a column’s head`
			),
			word(
				en`two phases`,
				en`Phase one brings the sum of the artificial variables to 0; phase two improves the objective from there.`,
				'/simplex',
				en`Start`
			),
			word(
				en`big M`,
				en`Artificial variables cost M each, more than anything could gain; M stays a symbol here.`,
				'/simplex',
				en`Start`
			),
			word(
				en`dual feasible`,
				en`Of a tableau: no entry of the objective row could improve the objective. With feasible: optimal.`,
				'/simplex',
				'commentary'
			),
			word(
				en`dual simplex method`,
				en`Keeps the objective row dual feasible and repairs negative right-hand sides: row first, then the ratio.`,
				'/simplex',
				en`Start; after a cut`
			),
			word(
				en`Bland’s rule`,
				en`The first variable that may enter, the first that may leave. It never cycles.`,
				'/simplex',
				en`Rule`
			),
			word(
				'cycle',
				en`Pivots of length 0 that come back to an earlier basis.`,
				'/simplex',
				en`trail, marked ↻`
			)
		]
	},
	{
		name: en`What an answer is worth`,
		words: [
			word(
				en`dual value (shadow price)`,
				en`What one more unit of a right-hand side changes the best value by, as long as the basis stays.`,
				'/sensitivity',
				en`Ranges`
			),
			word(
				en`dual problem`,
				en`The problem of the best bound on the objective that combinations of the rows give.`,
				'/sensitivity',
				en`The dual, written`
			),
			word(
				en`interval (ranging)`,
				en`How far one number may move, all others kept, until the basis changes.`,
				'/sensitivity',
				en`Ranges: press a number`
			),
			word(
				en`complementary slackness`,
				en`At the optimum of both: slack times dual value is 0, reduced cost times amount is 0, pair by pair.`,
				'/sensitivity',
				en`Plan and dual values`
			),
			word(
				en`weak duality`,
				en`The value of any plan is no better than the bound that any feasible dual values give.`,
				'/sensitivity',
				en`Plan and dual values`
			),
			word(
				'parametric',
				en`The best value as a function of one number: pieces, each with its basis.`,
				'/sensitivity',
				en`As a function`
			)
		]
	},
	{
		name: en`Whole numbers`,
		words: [
			word(
				en`integer plan`,
				en`A plan whose integer variables are whole.`,
				'/integers',
				en`the marked points`
			),
			word('relaxation', en`The problem without asking for whole numbers.`, '/integers', en`Rounding`),
			word(
				en`cut (cutting plane)`,
				en`A constraint that every integer plan satisfies and the present point violates.`,
				'/integers',
				en`Cutting planes`
			),
			word(
				en`branch and bound`,
				en`The problem is split at a fractional value; parts that cannot contain a better plan are closed.`,
				'/integers',
				en`Branch and bound`
			),
			word(
				en`bound of the node`,
				en`The best value of a node’s relaxation: nothing below is better.`,
				'/integers',
				en`the tree`
			),
			word('incumbent', en`The best integer plan found so far.`, '/integers', en`the tree, marked`),
			word(
				en`fathomed (closed)`,
				en`A node that needs no branching: infeasible, whole, or its bound no better than the incumbent.`,
				'/integers',
				en`the tree; Proof`
			)
		]
	},
	{
		name: en`The desk`,
		words: [
			word(
				'lesson',
				en`A problem with its trail, notation, plans, story and notes; kept in this browser, or a file.`,
				'/lessons',
				en`the collection`
			),
			word('statement', en`The problem as text, written as on a board.`, '/', en`pane Statement`),
			word(
				'trail',
				en`The tree of moves; any step is one click away, other choices are branches.`,
				'/',
				en`pane Trail`
			),
			word(
				'commentary',
				en`What a step did, by which rule, and what is true now.`,
				'/',
				en`pane Commentary; “Why?”`
			),
			word(
				'notation',
				en`What courses write differently: signs, places, names, numbers.`,
				'/simplex',
				en`Notation`
			),
			word('designer', en`Makes exercises that keep promises.`, '/design', en`By wishes`)
		]
	}
];
