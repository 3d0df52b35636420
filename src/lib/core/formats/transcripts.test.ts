import { refusalParagraph } from '../move/messages';
import { describe, expect, test } from 'vitest';
import { remarkWords } from '../commentary/messages';
import { paragraphText } from '../sentence/sentence';
import { standRemarks } from '../commentary/stand';
import { decide } from '../method/decide';
import { ruleNamed, type RuleName } from '../method/rule';
import { offers, perform, tell } from '../move/kinds';
import { moveOf } from '../move/next';
import { stated } from '../position/position';
import type { Move, Way } from '../move/types';
import { fitted } from '../notation/column-names';
import { completed, PLAIN, PROFILES, type Notation } from '../notation/notation';
import { OWN_NAMES } from '../problem/keys';
import { readStatement } from '../problem/statement/read';
import { runText, type RunStep } from './run';

/**
 * Whole runs as text, as they were read and approved. A change of words shows here as a difference: read it, and update with
 * `npx vitest run -u transcripts` only where the new text is what a teacher would sign.
 */

function transcript(statement: string, way: Way, chosen: Notation, rule: RuleName = 'dantzig'): string {
	const { problem } = readStatement(statement);
	const notation = fitted(chosen, problem!);
	let position = stated(problem!, OWN_NAMES);
	const steps: RunStep[] = [];
	let move: Move | null = { kind: 'begin', way, equalities: 'one-row' };
	while (move && steps.length < 12) {
		const result = perform(position, move);
		if (!result.ok) throw new Error(paragraphText(refusalParagraph(result.why), notation));
		const told = tell(position, move, result.position);
		({ position } = result);
		const now = position.work!;
		const decision = decide(now, ruleNamed(rule));
		move = moveOf(now, decision, rule);
		const end = move ? [] : standRemarks(position, decision, offers(position, ruleNamed(rule)));
		steps.push({ tableau: now.tableau, remarks: [told, ...end].map(remarkWords) });
	}
	return `${statement}\n\n${runText(steps, notation, 'text')}`;
}

const KILN =
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nkiln: bowls + 2 vases <= 45\nglaze: bowls <= 30';
const COVER = 'min cost = 2 x + 3 y\nneed: x + y >= 4\nmore: x + 3 y >= 6\nmost: x <= 3';
const RUNS: [string, string, Way, Notation, RuleName?][] = [
	['slacks', KILN, 'primal', PLAIN],
	['letters-own-column', KILN, 'primal', PROFILES[1].notation],
	['extended', KILN, 'primal', PROFILES[3].notation, 'bland'],
	['dictionary', KILN, 'primal', PROFILES[4].notation],
	['two-phase', COVER, 'two-phase', PLAIN],
	['two-phase-minimum', COVER, 'two-phase', PROFILES[2].notation],
	['big-m', COVER, 'big-m', completed({ entries: 'minus-z' })],
	['dual', COVER, 'dual', completed({ entries: 'minus-z', minimum: 'minimised' })],
	['infeasible', 'max z = x + y\na: x + y <= 2\nb: x >= 3', 'two-phase', PLAIN],
	['unbounded', 'max z = x + 2 y\na: x - y <= 2\nb: -x + y <= 1', 'primal', PLAIN],
	['common-denominator', KILN, 'primal', completed({ numbers: 'common' })],
	['several-optima', 'max z = 2 x + 2 y\na: x + y <= 4\nb: x <= 3', 'primal', PLAIN],
	['degenerate', 'max z = 3 x + 9 y\na: x + 4 y <= 8\nb: x + 2 y <= 4', 'primal', PLAIN]
];

describe('approved transcripts', () => {
	test.each(RUNS)('%s', async (name, statement, way, notation, rule) => {
		await expect(transcript(statement, way, notation, rule)).toMatchFileSnapshot(`transcripts/${name}.txt`);
	});
});
