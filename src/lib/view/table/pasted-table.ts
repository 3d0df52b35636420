/**
 * The cells of what was pasted, as tabbed lines: of a table on a web page too, whose plain text has lost its columns.
 * @param data what the clipboard holds
 */
export function pastedTable(data: DataTransfer | null): string {
	const text = data?.getData('text/plain') ?? '';
	const html = data?.getData('text/html') ?? '';
	if (text.includes('\t') || !/<table/i.test(html)) return text;
	const rows = [...new DOMParser().parseFromString(html, 'text/html').querySelectorAll('tr')];
	return rows
		.map((row) =>
			[...row.querySelectorAll('td, th')]
				.flatMap((cell) => {
					const span = Math.min(50, Math.max(1, (cell as HTMLTableCellElement).colSpan || 1));
					const words = (cell.textContent ?? '').replace(/\s+/g, ' ').trim();
					return [words, ...Array<string>(span - 1).fill('')];
				})
				.join('\t')
		)
		.join('\n');
}
