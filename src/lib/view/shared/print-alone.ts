import './print-alone.css';

/** Prints one part of the page, in light colours, and nothing else of it. */
export function printAlone(part: HTMLElement): void {
	const { dataset } = document.documentElement;
	const { mode } = dataset;
	const sheet = document.createElement('div');
	sheet.className = 'print-alone';
	sheet.append(part.cloneNode(true));
	document.body.append(sheet);
	dataset.mode = 'light';
	const putBack = () => {
		sheet.remove();
		dataset.mode = mode;
	};
	window.addEventListener('afterprint', putBack, { once: true });
	window.print();
}
