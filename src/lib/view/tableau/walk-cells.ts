import { STEPS } from '../shared/arrow-steps';

const buttonsOf = (line?: HTMLTableRowElement) => [
	...(line?.querySelectorAll<HTMLElement>('td button') ?? [])
];

/** Arrow keys in a table walk over the cells with something to press: the next one in a row, or the nearest of the next row that has any. */
export function walkCells(event: KeyboardEvent): void {
	const step = STEPS[event.key];
	const from = (event.target as Element).closest('td');
	const own = from?.closest('tr');
	if (!step || !from || !own) return;
	event.preventDefault();
	const lines = [...from.closest('table')!.rows];
	let at = lines.indexOf(own) + step[0];
	while (step[0] !== 0 && lines[at] && buttonsOf(lines[at]).length === 0) at += step[0];
	/** how far a button stands from here: in the direction of the key, or either way in another line */
	const far = (button: HTMLElement) => (button.closest('td')!.cellIndex - from.cellIndex) * (step[1] || 1);
	buttonsOf(lines[at])
		.filter((button) => step[0] !== 0 || far(button) > 0)
		.sort((a, b) => Math.abs(far(a)) - Math.abs(far(b)))[0]
		?.focus();
}
