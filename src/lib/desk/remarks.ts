import { optimalRemark, unboundedRemark } from '$lib/core/commentary/conclusion';
import { infeasibleBasisRemark, needsRemark, pivotRemark, startRemark } from '$lib/core/commentary/pivot';
import type { Remark } from '$lib/core/commentary/sentence';
import { judge } from '$lib/core/method/hand';
import type { Advice } from '$lib/core/method/rules';
import type { SlackStart } from '$lib/core/method/slack-start';
import type { Whereabouts } from './trail';

/**
 * What is said at a step of the trail: what was refused there, how it was reached, and what follows from it.
 * @param refused the answer to a pivot that was asked for and is not possible
 */
export function remarksOn(
	start: SlackStart,
	{ stops, stop, feasible }: Whereabouts,
	advice: Advice | null,
	refused: Remark | null
): Remark[] {
	if (!start.ready) return [needsRemark(start.needs)];
	const { node, tableau, choice } = stop;
	if (!tableau) return [];
	const remarks: Remark[] = refused ? [refused] : [];
	const parent = node.parent === null ? null : stops.get(node.parent)?.tableau;
	if (choice && node.choice && parent) {
		const { by } = node.choice;
		const judgement = by === 'hand' ? judge(parent, [0], choice.row, choice.position) : null;
		remarks.push(pivotRemark(parent, tableau, choice, by, judgement));
	} else remarks.push(startRemark(tableau));
	if (!feasible) remarks.push(infeasibleBasisRemark(tableau));
	else if (advice?.kind === 'optimal') remarks.push(optimalRemark(tableau));
	else if (advice?.kind === 'unbounded') remarks.push(unboundedRemark(tableau, advice.position));
	return remarks;
}
