import { SAMPLES } from '.';
import type { Sample } from './sample';

/** The samples as a first course takes them, week by week. */
export interface Week {
	readonly name: string;
	readonly samples: readonly Sample[];
}

/** What each week shows, by the first words of its samples. */
const COURSE: readonly (readonly [name: string, shows: readonly string[]])[] = [
	['Models', ['Blending', 'Transport', 'Production', 'Staffing', 'Maximin', 'Goals', 'An absolute value']],
	[
		'The graphical method',
		['One best', 'An optimal edge', 'An optimal half', 'Infeasible', 'Unbounded', 'Large numbers']
	],
	['The simplex method', ['Three variables', 'A free variable', 'An optimal face', 'Rules that', 'Klee']],
	[
		'Starting where zero is no plan',
		[
			'One artificial',
			'Artificial',
			'An equality',
			'Two phases',
			'A redundant',
			'The dual simplex',
			'A corner with'
		]
	],
	[
		'What an answer is worth',
		['A minimum, ', 'Strong', 'Infeasible, and', 'Dual values', 'A range', 'Two numbers', 'An optimum at']
	],
	['Networks', ['Assignment', 'A shortest', 'A maximum', 'A minimum-cost']],
	[
		'Whole numbers',
		['Rounding', 'Cutting planes', 'Branch', 'A tree where', 'A relaxation', 'Cutting rolls']
	],
	['Yes and no', ['A kiln with', 'Set covering', 'Either', 'Lot sizes']]
];

const sampleFor = (start: string): Sample => SAMPLES.find(({ shows }) => shows.startsWith(start))!;

export const WEEKS: readonly Week[] = COURSE.map(([name, starts]) => ({
	name,
	samples: starts.map(sampleFor)
}));
