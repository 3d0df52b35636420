import type { Remark } from '$lib/core/commentary/findings';
import { remarkWords } from '$lib/core/commentary/messages';
import { coveredRemark, cycleRemark, standRemarks } from '$lib/core/commentary/stand';
import type { RunStep } from '$lib/core/formats/run';
import type { Decision } from '$lib/core/method/types';
import { tell } from '$lib/core/move/kinds';
import { pivotMade } from '$lib/core/move/pivot';
import { refusalParagraph } from '$lib/core/move/messages';
import type { Stop, Walk } from '$lib/core/move/replay';
import type { Offer } from '$lib/core/move/types';
import type { Refusal } from '$lib/core/position/refusal';
import type { Paragraph } from '$lib/core/sentence/sentence';
import type { Tableau } from '$lib/core/tableau/tableau';

/** What is told of where a lesson stands: about the step that led there, and what is true there, as far as the class may see it. */

export interface ToldStanding {
	/** from the problem as stated to where we stand; empty where there is no problem */
	readonly stops: readonly Stop[];
	readonly broken: Walk['broken'];
	/** why the last move asked for here was not made */
	readonly refusal: Refusal | null;
	/** the earlier stop with the same basis */
	readonly loop: Stop | null;
	/** what the method at work would do, and what can be done */
	readonly decision: Decision | null;
	readonly offered: readonly Offer[];
	readonly hidesAdvice: boolean;
	/** numbers of the tableau here that are not to be seen */
	readonly covered: ReadonlySet<string>;
}

/** What is true where we stand. */
function stands({ stops, decision, offered, hidesAdvice, covered }: ToldStanding): Remark[] {
	if (covered.size > 0) return [coveredRemark(covered.size)];
	const isAdvice = decision?.kind === 'hand-over' && hidesAdvice;
	return isAdvice ? [] : standRemarks(stops.at(-1)!.position, decision, offered);
}

/** What the step to a stop did; without its sentences, which quote numbers, where some of those are covered. */
function told({ stops, covered }: ToldStanding, i: number): Remark[] {
	const { move } = stops[i].node;
	if (!move || i === 0) return [];
	const remark = tell(stops[i - 1].position, move, stops[i].position);
	return [i === stops.length - 1 && covered.size > 0 ? { ...remark, found: [] } : remark];
}

/** All that is said where we stand: what was refused, the step, a cycle, and what is true here. */
export function remarksOf(own: ToldStanding): Paragraph[] {
	const { stops, broken, refusal, loop } = own;
	if (stops.length === 0) return [];
	const round = loop && stops.length - 1 - stops.findIndex(({ node }) => node === loop.node);
	return [
		...(refusal ? [refusalParagraph(refusal)] : []),
		...(broken ? [refusalParagraph(broken.why)] : []),
		...[...told(own, stops.length - 1), ...(round ? [cycleRemark(round)] : []), ...stands(own)].map(
			remarkWords
		)
	];
}

/** The pivot that leads to the next stop, where one does. */
function pivotFrom(t: Tableau, { node: { move } }: ToldStanding['stops'][number]): Pick<RunStep, 'pivot'> {
	const choice = pivotMade(t, move);
	return choice ? { pivot: choice } : {};
}

/** The steps with a tableau, each with what is said of it. */
export function stepsTold(own: ToldStanding): RunStep[] {
	const { stops, covered } = own;
	return stops.flatMap(({ position: { work } }, i) => {
		if (!work) return [];
		const isLast = i === stops.length - 1;
		const { tableau } = work;
		return [
			isLast
				? { tableau, covered, remarks: [...told(own, i), ...stands(own)].map(remarkWords) }
				: { tableau, remarks: told(own, i).map(remarkWords), ...pivotFrom(tableau, stops[i + 1]) }
		];
	});
}
