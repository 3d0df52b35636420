/** What views and pages may use of this folder: sheets, exams and quizzes. The rest of the core and the desk import its modules themselves. */

export { drawingOf, withoutBest } from './drawing';
export type { SheetFormat } from './files';
export { sheetHtml } from './html';
export {
	BLOCKS,
	type BlockName,
	type Blocks,
	type Fill,
	FILLS,
	MOST_VARIANTS,
	PRESET_BLOCKS,
	SHEET_PRESETS,
	type SheetPreset
} from './presets';
export { MARGIN, PAGE, pageRule, pageSize, type PageSetup, PAPERS, sheetStyle, TYPE_SIZES } from './style';
export { tikzOf } from './tikz';
export type { SheetPart, Sheet } from './types';
