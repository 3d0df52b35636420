import { RULE_LABELS } from '../../move/messages';
import type { MethodName } from '../../method/solve';
import type { RuleName } from '../../method/rule';
import { plainText } from '../../sentence/sentence';

/** What the choices of wishes are called. */

const METHOD_WORDS: Readonly<Record<MethodName, string>> = {
	auto: 'the method that suits',
	primal: 'primal simplex',
	dual: 'dual simplex',
	'two-phase': 'two phases',
	'big-m': 'big M',
	repair: 'pivots towards feasibility'
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
