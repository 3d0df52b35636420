import { expect, test } from 'vitest';
import { pastedKind } from './pasted';

test.each([
	['\tbowls\tjugs\t\tamount\nprofit\t30\t45\nclay\t2\t3\t≤\t60', 'table'],
	['| | a | b |\n|---|---|---|\n| clay | 2 | 3 |', 'table'],
	['name;a;b;;amount\nclay;2;3;<=;60\nfire;1;1;<=;20', 'table'],
	['NAME  T\nROWS\n N z\n L c\nCOLUMNS\n x z 1 c 2\nRHS\n b c 4\nENDATA', 'mps'],
	['{ "variables": [], "objective": { "sense": "max" } }', 'json'],
	['max z = 3 x + 5 y\nr: x + y <= 4\nx, y >= 0', null],
	['x1, x2, x3 >= 0\nx1, x2, x3 integer', null],
	['max\t3x + 2y\ns.t.\tx + y <= 4', null]
])('%j is taken for %s', (text, kind) => expect(pastedKind(text)).toBe(kind));
