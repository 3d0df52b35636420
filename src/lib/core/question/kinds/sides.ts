import { planAt, testHolds, testPoint, type Side } from '../../geometry/sides';
import { isZero, sign, toText } from '../../number/rational';
import type { Problem } from '../../problem/types';
import { brokenAt, planFromTexts, writePlan } from '../../problem/use';
import type { QuestionKind, Question, Slip } from '../types';
import { drawnSides, isFlat, without } from './shared';

/** lines whose sides are chosen at once, at most */
const MOST_LINES = 6;

/** A side of a line in a picture; left and right where the line is vertical. */
type Place = 'below' | 'above' | 'left' | 'right';
const OPPOSITE: Readonly<Record<Place, Place>> = {
	below: 'above',
	above: 'below',
	left: 'right',
	right: 'left'
};

/** Where the points that keep a side lie: `a x + b y ≤ c` is below its line if b > 0. */
function placeOf({ row: [a, b] }: Side): Place {
	if (isZero(b)) return sign(a) > 0 ? 'left' : 'right';
	return sign(b) > 0 ? 'below' : 'above';
}

/** The lines with a side that stays: those of inequalities. */
const sidesToChoose = (problem: Problem): Side[] => drawnSides(problem).filter(({ equality }) => !equality);

/** Which side of each line stays, chosen in the picture. */
export const sides: QuestionKind = {
	answers: 'sides',
	about: 'picture',
	withProblem: true,
	ask(situation) {
		const { problem } = situation;
		if (!isFlat(situation)) return null;
		const all = sidesToChoose(problem);
		if (all.length < 2 || all.length > MOST_LINES) return null;
		const answer = (place: (side: Side) => Place) =>
			Object.fromEntries(all.map((side) => [side.owner.name, place(side)]));
		const right = answer(placeOf);
		/** the side read off the sign alone: ≤ below or left, ≥ above or right */
		const bySign = (side: Side): Place => {
			const isAtMost = problem.constraints.find(({ name }) => name === side.owner.name)!.relation === '<=';
			const isUpright = isZero(side.row[1]);
			return isAtMost ? (isUpright ? 'left' : 'below') : isUpright ? 'right' : 'above';
		};
		const slips: Slip[] = [
			{ answer: answer(bySign), code: 'by-sign' },
			{ answer: answer((side) => OPPOSITE[placeOf(side)]), code: 'other-side' }
		];
		return {
			given: { choices: all.map(({ owner }) => owner.name) },
			right: [right],
			slips: without([right], slips)
		};
	},
	consequence({ problem, right }: Question, answer) {
		const [places] = right as readonly Readonly<Record<string, string>>[];
		const own = answer as Readonly<Record<string, string>>;
		const side = sidesToChoose(problem!).find(
			({ owner: { name } }) => Object.hasOwn(own, name) && own[name] !== places[name]
		);
		if (!side) return null;
		const { name } = side.owner;
		const point = writePlan(planAt(problem!, testPoint(side)));
		if (testHolds(side)) return { point, satisfies: name };
		const broken = brokenAt(problem!, planFromTexts(point)).find((one) => !one.bound && one.name === name);
		return broken ? { point, violates: { [name]: toText(broken.by) } } : null;
	}
};
