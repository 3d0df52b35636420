import { Zip, ZipPassThrough } from 'fflate';
import { rulesOf } from '../export/snapshot';

/** Slides as pictures: the page's own styles and letters inside an SVG, so that a slide looks there as it does in class. */

const SPACE = 'http://www.w3.org/2000/svg';

/** All style rules of the page as text, but for fonts, which are put in as they are needed. */
export function pageRules(): string {
	return rulesOf([...document.styleSheets, ...document.adoptedStyleSheets])
		.filter((rule) => !(rule instanceof CSSFontFaceRule || rule instanceof CSSImportRule))
		.map(({ cssText }) => cssText)
		.join('\n');
}

/**
 * What stands in an element, as a picture of the same size.
 * @param rules the page's style rules
 */
export function pictureOf(element: HTMLElement, rules: string): SVGSVGElement {
	const picture = document.createElementNS(SPACE, 'svg') as SVGSVGElement;
	// themes hang on the root of a document
	for (const { name, value } of document.documentElement.attributes)
		if (name !== 'lang' && name !== 'style') picture.setAttribute(name, value);
	const { offsetWidth: width, offsetHeight: height } = element;
	for (const [name, value] of Object.entries({ width, height, viewBox: `0 0 ${width} ${height}` }))
		picture.setAttribute(name, String(value));
	const style = document.createElementNS(SPACE, 'style');
	style.textContent = rules;
	const inside = document.createElementNS(SPACE, 'foreignObject');
	inside.setAttribute('width', String(width));
	inside.setAttribute('height', String(height));
	const around = document.createElement('div');
	const { fontFamily, color, backgroundColor, fontVariantNumeric } = getComputedStyle(document.body);
	Object.assign(around.style, { fontFamily, color, backgroundColor, fontVariantNumeric });
	Object.assign(around.style, { width: `${width}px`, height: `${height}px` });
	around.append(element.cloneNode(true));
	inside.append(around);
	picture.append(style, inside);
	return picture;
}

/** Files that are put together to one as they come. */
export class Packed {
	readonly #chunks: Uint8Array<ArrayBuffer>[] = [];
	readonly #zip = new Zip((error, chunk) => {
		if (error) throw error;
		this.#chunks.push(new Uint8Array(chunk));
	});

	/** Adds a file as it is: pictures do not get smaller. */
	add(name: string, data: Uint8Array): void {
		const file = new ZipPassThrough(name);
		this.#zip.add(file);
		file.push(data, true);
	}

	/** The file with all of them; nothing can be added any more. */
	end(): Blob {
		this.#zip.end();
		return new Blob(this.#chunks, { type: 'application/zip' });
	}
}
