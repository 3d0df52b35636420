import { en } from '../../language/language';
import { RULE_LABELS } from '../../move/messages';
import type { MethodName } from '../../method/solve';
import type { RuleName } from '../../method/rule';
import type { WishGroup } from './wish';
import { plainText } from '../../sentence/sentence';

/** What the choices of wishes are called. */

const METHOD_WORDS: Readonly<Record<MethodName, string>> = {
	auto: en`the method that suits`,
	primal: en`primal simplex`,
	dual: en`dual simplex`,
	'two-phase': en`two phases`,
	'big-m': en`big M`,
	repair: en`pivots towards feasibility`
};

/** A method as wishes call it. */
export const methodWords = (method: MethodName): string => METHOD_WORDS[method];
/** A rule as wishes call it. */
export const ruleWords = (rule: RuleName): string => plainText(RULE_LABELS[rule]);

/** A choice of a wish in words, whatever it is a choice of. */
export function choiceWords(choice: string): string {
	if (Object.hasOwn(METHOD_WORDS, choice)) return methodWords(choice as MethodName);
	return Object.hasOwn(RULE_LABELS, choice) ? ruleWords(choice as RuleName) : choice;
}

/** What groups of wishes are called. */
export const GROUP_LABELS: Readonly<Record<WishGroup, string>> = {
	numbers: en`numbers`,
	region: en`region`,
	answer: en`answer`,
	method: en`method`,
	'dual values': en`dual values`,
	'whole numbers': en`whole numbers`,
	'mistakes that show': en`mistakes that show`
};
