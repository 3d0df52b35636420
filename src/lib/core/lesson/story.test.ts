import { expect, test } from 'vitest';
import { readStatement } from '../problem/statement/read';
import { numberOf, numberSaid, targetOf } from './story';

test('words of a story are compared with the numbers they gave', () => {
	const said = (words: string) => numberSaid(words)?.toFraction() ?? null;
	expect(['5/2 kg of clay', '2½ kg', '1,600 hours', 'about 0.25', '−3 units', 'a dozen'].map(said)).toEqual([
		'5/2',
		'5/2',
		'1600',
		'1/4',
		'-3',
		null
	]);
	const problem = readStatement('max z = 3 x\nclay: 5/2 x + y <= 4').problem!;
	const now = (href: string) => numberOf(problem, targetOf(href)!)?.toFraction() ?? null;
	expect(['#clay.x', '#clay.amount', '#.x', '#.y', '#clay', '#kiln.x'].map(now)).toEqual([
		'5/2',
		'4',
		'3',
		'0',
		null,
		null
	]);
});
