/**
 * The text of a file in the encoding that it has: UTF-16 by its mark, else UTF-8, else the one-byte encoding of older programs (Windows-1252, Latin-1).
 * @param bytes the whole file
 */
export function decoded(bytes: ArrayBuffer): string {
	const [first, second] = new Uint8Array(bytes.slice(0, 2));
	if (first === 0xff && second === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
	if (first === 0xfe && second === 0xff) return new TextDecoder('utf-16be').decode(bytes);
	try {
		return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
	} catch {
		return new TextDecoder('windows-1252').decode(bytes);
	}
}
