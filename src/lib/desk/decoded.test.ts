import { expect, test } from 'vitest';
import { decoded } from './decoded';

test('files are read in the encoding that they have', () => {
	const bytes = (...list: number[]) => new Uint8Array(list).buffer;
	expect(decoded(new TextEncoder().encode('Töpfe ≤ 4').buffer as ArrayBuffer)).toBe('Töpfe ≤ 4');
	expect(decoded(bytes(0x54, 0xf6, 0x70, 0x66, 0x65))).toBe('Töpfe');
	expect(decoded(bytes(0xff, 0xfe, 0x54, 0x00, 0xf6, 0x00))).toBe('Tö');
	expect(decoded(bytes(0xfe, 0xff, 0x00, 0x54, 0x00, 0xf6))).toBe('Tö');
});
