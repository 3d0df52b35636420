import { ruleNamed } from '../method/rule';
import { prepare } from '../method/solve';
import { sheetFiles, type SheetFile } from '../sheet/files';
import { MOST_PRINTED } from '../sheet/presets';
import { NotPossible } from './region';
import { requestReader, SHEET_REQUEST } from './requests';
import type { RunControl } from './solve';

/** POST /api/v1/sheet: sheets, exams and quizzes of a problem as files. */

const read = requestReader(SHEET_REQUEST);

/**
 * Answers a request for sheets, in the shape of docs/API.md.
 * @throws InputError where the request is not one
 * @throws CannotStart where the method has nothing to start from
 * @throws NotPossible where the problem is too large for paper
 */
export function answerSheet(data: unknown, control: RunControl = {}): { files: SheetFile[] } {
	const { problem, given } = read(data);
	const { method, preset, format, variants, seed } = given;
	const rule = ruleNamed(given.rule);
	const { variables, constraints } = problem;
	if (variables.length + constraints.length > MOST_PRINTED)
		throw new NotPossible(
			`A sheet is made of at most ${MOST_PRINTED} variables and constraints together.`,
			'problem'
		);
	prepare(problem, method, rule);
	return {
		files: sheetFiles({
			problem,
			preset,
			format,
			method,
			rule,
			variants,
			seed,
			options: { shouldStop: control.shouldStop, maxSteps: 1000, mostNodes: 200 }
		})
	};
}
