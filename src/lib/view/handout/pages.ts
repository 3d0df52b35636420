import { en } from '$lib/core/language';
import { MARGIN, pageSize, type PageSetup } from '$lib/core/sheet';

/** Sheets laid out as pages of paper, as they will be printed. */

/** What is printed on pages of its own: a sheet or a key, each part as HTML that the core wrote. */
export interface Printed {
	readonly title: string;
	readonly parts: readonly string[];
}

/** pixels of a millimetre, as the browser has it */
const PER_MM = 96 / 25.4;
/** millimetres at the bottom of a page for its number */
const FOOT = 6;

/** Elements of parts, one after the other. */
function elementsOf(parts: readonly string[]): HTMLElement[] {
	const template = document.createElement('template');
	template.innerHTML = parts.join('');
	return [...template.content.children] as HTMLElement[];
}

const isHeading = (element: Element | undefined): boolean => /^H[12]$/.test(element?.tagName ?? '');

/** An empty page. */
function emptyPage(setup: PageSetup): { page: HTMLElement; body: HTMLElement; foot: HTMLElement } {
	const { width, height } = pageSize(setup);
	const page = document.createElement('article');
	page.className = 'page-of-paper paper';
	Object.assign(page.style, { width: `${width}mm`, height: `${height}mm`, padding: `${MARGIN}mm` });
	const body = document.createElement('div');
	body.className = 'page-body';
	const foot = document.createElement('footer');
	page.append(body, foot);
	return { page, body, foot };
}

/**
 * Lays sheets out as pages within an element, in place of what is there. Nothing is split but between its parts; what is higher than a page is
 * made smaller.
 * @returns how many pages there are
 */
export function layOut(within: HTMLElement, sheets: readonly Printed[], setup: PageSetup): number {
	within.replaceChildren();
	const { height } = pageSize(setup);
	const most = (height - 2 * MARGIN - FOOT) * PER_MM;
	let count = 0;
	for (const { title, parts } of sheets) {
		const elements = elementsOf(parts);
		const feet: HTMLElement[] = [];
		let own = emptyPage(setup);
		const begin = () => {
			own = emptyPage(setup);
			within.append(own.page);
			feet.push(own.foot);
			count += 1;
		};
		begin();
		for (const element of elements) {
			own.body.append(element);
			if (own.body.offsetHeight <= most) continue;
			const before = element.previousElementSibling;
			if (before === null || (isHeading(before) && before.previousElementSibling === null)) {
				// nothing else on the page: it is higher than one
				element.style.zoom = String(
					Math.max(0.4, (most - element.offsetTop + own.body.offsetTop) / element.offsetHeight)
				);
				continue;
			}
			begin();
			// a heading goes with what it stands above
			if (isHeading(before)) own.body.append(before);
			own.body.append(element);
			if (own.body.offsetHeight > most)
				element.style.zoom = String(Math.max(0.4, most / own.body.offsetHeight));
		}
		feet.forEach((foot, i) => (foot.textContent = en`${title} · ${i + 1} of ${feet.length}`));
	}
	return count;
}
