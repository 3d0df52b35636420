import { expect, test } from 'vitest';
import { identityAt } from './identity';

test('no two of the first 64 looks are the same', () => {
	const looks = Array.from({ length: 64 }, (_, i) => identityAt(i)).map(
		({ colour, mark }) => `${colour} ${mark}`
	);
	expect(new Set(looks).size).toBe(64);
});
