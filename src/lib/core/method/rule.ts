/** Rules: how a method chooses when nobody chooses by hand, and what requests and lessons call them. */

export const ENTERING_RULES = ['dantzig', 'bland', 'greatest-improvement', 'steepest-edge'] as const;
export type EnteringRule = (typeof ENTERING_RULES)[number];
export type TieRule = 'lowest-index' | 'lexicographic';

/** How a method chooses when nobody chooses by hand. */
export interface Rule {
	readonly entering: EnteringRule;
	readonly ties: TieRule;
}

export const DANTZIG: Rule = { entering: 'dantzig', ties: 'lowest-index' };
export const BLAND: Rule = { entering: 'bland', ties: 'lowest-index' };

/** The rules by the names that requests and lessons use. */
export const RULE_NAMES = [...ENTERING_RULES, 'lexicographic'] as const;
export type RuleName = (typeof RULE_NAMES)[number];

/** The rule that a name stands for. */
export const ruleNamed = (name: RuleName): Rule =>
	name === 'lexicographic'
		? { entering: 'dantzig', ties: 'lexicographic' }
		: { entering: name, ties: 'lowest-index' };

/** What requests and lessons call a rule. */
export const nameOfRule = (rule: Rule): RuleName =>
	RULE_NAMES.find((name) => {
		const { entering, ties } = ruleNamed(name);
		return entering === rule.entering && ties === rule.ties;
	}) ?? rule.entering;

/** Whether a rule takes the first by index of all that may be taken, columns as well as rows (Bland 1977). */
export const takesFirst = ({ entering }: Pick<Rule, 'entering'>): boolean => entering === BLAND.entering;
