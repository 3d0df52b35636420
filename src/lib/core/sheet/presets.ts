/** What sheets print, and the sheets that are usually wanted. */

/** variables and constraints that fit on a page, together */
export const MOST_PRINTED = 30;
/** problems that get a sheet each, at most: as many as there are letters */
export const MOST_VARIANTS = 26;
/** characters of a link that a QR code on paper holds, so that a phone reads it from a desk */
export const MOST_IN_CODE = 500;
/** questions of an exam, where nobody says how many */
export const USUAL_COUNT = 8;

/** What a sheet can hold, in the order in which it stands there. */
export const BLOCKS = [
	'story',
	'statement',
	'meanings',
	'picture',
	'corners',
	'form',
	'tableaux',
	'trail',
	'dual',
	'ranges',
	'cuts',
	'tree',
	'answer',
	'questions'
] as const;
export type BlockName = (typeof BLOCKS)[number];

/**
 * How much of a block is printed: all of it, with blanks for the numbers, as an empty grid of the right size, or nothing; of tableaux also with just the
 * row of the pivot, the right-hand sides, the ratios, or single cells left blank.
 */
export const FILLS = ['answers', 'pivot-row', 'rhs', 'ratios', 'cells', 'blanks', 'grid', 'none'] as const;
export type Fill = (typeof FILLS)[number];

export const SHEET_PRESETS = ['problem', 'solution', 'blank', 'picture', 'exam'] as const;
export type SheetPreset = (typeof SHEET_PRESETS)[number];

/** What each block of a sheet shows; blocks that are left out are not printed. */
export type Blocks = Readonly<Partial<Record<BlockName, Fill>>>;

export const PRESET_BLOCKS: Readonly<Record<SheetPreset, Blocks>> = {
	problem: { story: 'answers', statement: 'answers', meanings: 'answers' },
	solution: {
		story: 'answers',
		statement: 'answers',
		picture: 'answers',
		corners: 'answers',
		form: 'answers',
		tableaux: 'answers',
		dual: 'answers',
		ranges: 'answers',
		cuts: 'answers',
		tree: 'answers',
		answer: 'answers'
	},
	blank: { statement: 'answers', tableaux: 'grid', answer: 'blanks' },
	picture: { statement: 'answers', picture: 'grid', corners: 'blanks' },
	exam: { story: 'answers', statement: 'answers', questions: 'blanks' }
};
