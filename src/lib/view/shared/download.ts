/** A text handed to the reader as a file. */
export const download = (name: string, text: string, type = 'text/plain'): void =>
	downloadBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));

/** Data handed to the reader as a file. */
export function downloadBlob(name: string, data: Blob): void {
	const url = URL.createObjectURL(data);
	const link = document.createElement('a');
	link.href = url;
	link.download = name;
	link.click();
	// the browser takes the file up in its own time
	setTimeout(() => URL.revokeObjectURL(url), 30_000);
}

/** A file name for a title: letters and digits of any script, the rest as hyphens. */
export const fileName = (title: string, end: string): string =>
	(title
		.normalize('NFC')
		.replace(/[^\p{L}\p{M}\p{Nd}]+/gu, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 60) || 'lesson') + end;
