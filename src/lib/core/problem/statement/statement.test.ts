import { test } from 'vitest';
import { readStatement } from './read';
import { printStatement } from './print';
test('x', () => {
 for (const t of ['max z = 3x1+5x2\nclay [kg]: 5/2 x1 + 2(x2 - 3) <= 12 + x1\nx1, x2 >= 0\nx2 integer to 3','max x y\n a: 3 x <','', 'max 3x\n a: 2,5 x <= 4\nb: x + <= 3\nc: x^2 <= 4\nd: x\nd: (x <= 3', 'max profit = bowls + vases\nclay: bowls + vass <= 3\nclay2: vases + vases <= 4', 'max x <= 3', 'min 3 x\nx < 4\n 4/0 x <= 3\n"max" >= 3 -\n 4','max 高さ + β\n 高さ + β ≤ 10 # hello']) {
  const r = readStatement(t);
  console.log(t, '\n=>', r.diagnostics, r.problem && printStatement(r.problem));
 }
});
