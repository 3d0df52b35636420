import { en } from '$lib/core/language';

/** Prints a document that is not on the page: in a frame of its own, which goes when it is printed. */
export function printDocument(html: string): void {
	const frame = document.createElement('iframe');
	frame.title = en`What is printed`;
	frame.style.cssText = 'position: fixed; width: 0; height: 0; border: 0';
	frame.srcdoc = html;
	frame.onload = () => {
		const view = frame.contentWindow!;
		view.addEventListener('afterprint', () => frame.remove());
		view.focus();
		view.print();
	};
	document.body.append(frame);
}
