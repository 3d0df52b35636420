/** A picture of the page as an SVG that stands on its own: what the styles say is written at each element. */

const SPACE = 'http://www.w3.org/2000/svg';

/** How a picture is taken: as the page would look by day or by night, or black on white for a copier. */
export const LOOKS = ['light', 'dark', 'black'] as const;
export type Look = (typeof LOOKS)[number];

const STYLES = [
	'fill',
	'fill-opacity',
	'stroke',
	'stroke-width',
	'stroke-opacity',
	'stroke-dasharray',
	'stroke-dashoffset',
	'stroke-linecap',
	'stroke-linejoin',
	'opacity',
	'paint-order',
	'font-family',
	'font-size',
	'font-weight',
	'font-style',
	'text-anchor'
] as const;
/** what styles say of texts only */
const OF_TEXTS = new Set<string>([
	'paint-order',
	'font-family',
	'font-size',
	'font-weight',
	'font-style',
	'text-anchor'
]);

const isNothing = (value: string) => value === '' || value === 'none' || value === 'normal';
/** what serves only to be taken hold of, and is not seen */
function isUnseen(style: CSSStyleDeclaration, element: Element): boolean {
	if (style.display === 'none' || style.visibility === 'hidden') return true;
	const clear = (value: string) =>
		value === 'none' || value === 'transparent' || value === 'rgba(0, 0, 0, 0)';
	return (
		!(element instanceof SVGGElement) &&
		element.children.length === 0 &&
		clear(style.fill) &&
		clear(style.stroke)
	);
}

/** The element with its styles written out; null where nothing of it is seen. */
function written(element: Element, look: Look): Element | null {
	const own = document.createElementNS(SPACE, element.localName);
	for (const { name, value } of element.attributes)
		if (!/^(class|style|role|tabindex|aria-.*|data-.*|on.*)$/.test(name)) own.setAttribute(name, value);
	const inDefinitions = element.closest('defs') !== null;
	const style = getComputedStyle(element);
	if (!inDefinitions && isUnseen(style, element)) return null;
	const isText = element.localName === 'text' || element.localName === 'tspan';
	if (!(element instanceof SVGGElement) && element.localName !== 'svg' && element.localName !== 'defs') {
		for (const name of STYLES) {
			const value = style.getPropertyValue(name);
			if (OF_TEXTS.has(name) && !isText) continue;
			if (isNothing(value) && name !== 'fill') continue;
			// a pattern is named by the element itself
			if (name === 'fill' && element.getAttribute('fill')?.startsWith('url(')) continue;
			own.setAttribute(name, value.replaceAll('"', "'"));
		}
		if (look === 'black') blacken(own, element);
	}
	// a place that styles give, such as that of the present point
	if (style.transform !== 'none' && !element.hasAttribute('transform'))
		own.setAttribute('transform', style.transform);
	for (const child of element.childNodes) {
		if (child instanceof Text) own.append(child.data);
		else if (child instanceof Element) {
			const copy = written(child, look);
			if (copy) own.append(copy);
		}
	}
	return own;
}

const isDrawn = (value: string | null) =>
	value !== null && value !== 'none' && !/^(transparent|rgba\(0, 0, 0, 0\))$/.test(value);

/** Colours away: strokes and texts black, areas white or hatched; dashes and marks tell what is what. */
function blacken(own: Element, element: Element): void {
	const isText = own.localName === 'text';
	const isArea = element.classList.contains('feasible') || element.classList.contains('face');
	if (isDrawn(own.getAttribute('stroke'))) own.setAttribute('stroke', isText ? '#fff' : '#000');
	if (isArea) {
		own.setAttribute('fill', 'url(#black-hatch)');
		own.removeAttribute('fill-opacity');
	} else if (isText) own.setAttribute('fill', '#000');
	else if (isDrawn(own.getAttribute('fill')) && !own.getAttribute('fill')!.startsWith('url('))
		own.setAttribute(
			'fill',
			/sheet|paper/.test(element.getAttribute('class') ?? '') ? '#fff' : shade(own.getAttribute('fill')!)
		);
}

/** White stays white, everything else becomes black. */
function shade(colour: string): string {
	const parts = /rgba?\((\d+), (\d+), (\d+)/.exec(colour)?.slice(1).map(Number);
	return parts && Math.min(...parts) > 225 ? '#fff' : '#000';
}

const HATCH = `<pattern id="black-hatch" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="9" height="9" fill="#fff"/><line y2="9" stroke="#000" stroke-width="0.7"/></pattern>`;

/** The styles of the page as they are in a look, while something is read from them. */
export function inLook<T>(look: Look, read: () => T): T {
	const { dataset } = document.documentElement;
	const before = dataset.mode;
	dataset.mode = look === 'dark' ? 'dark' : 'light';
	try {
		return read();
	} finally {
		dataset.mode = before;
	}
}

/** A colour of the theme in a look. */
export const themeColour = (look: Look, name: string): string =>
	look === 'black'
		? '#fff'
		: inLook(look, () => getComputedStyle(document.querySelector('.pane')!).getPropertyValue(name));

/**
 * An SVG of the page that stands on its own, exactly as it is shown, but for what is not seen.
 * @param svg a picture that stands in the page
 */
export function snapshot(svg: SVGSVGElement, look: Look): SVGSVGElement {
	return inLook(look, () => {
		const own = written(svg, look) as SVGSVGElement;
		const { width, height } = svg.getBoundingClientRect();
		own.setAttribute('xmlns', SPACE);
		own.setAttribute('viewBox', `0 0 ${width} ${height}`);
		own.setAttribute('width', String(width));
		own.setAttribute('height', String(height));
		const ground = document.createElementNS(SPACE, 'rect');
		ground.setAttribute('width', '100%');
		ground.setAttribute('height', '100%');
		ground.setAttribute(
			'fill',
			look === 'black' ? '#fff' : getComputedStyle(svg.closest('.pane')!).backgroundColor
		);
		own.prepend(ground);
		if (look === 'black') {
			const definitions = document.createElementNS(SPACE, 'defs');
			definitions.innerHTML = HATCH;
			own.prepend(definitions);
		}
		return own;
	});
}

/** Several pictures side by side with words below each, as one picture. */
export function strip(
	parts: readonly { picture: SVGSVGElement; words: string }[],
	look: Look,
	columns = 4
): SVGSVGElement {
	const [width, height, below] = [420, 320, 34];
	const all = document.createElementNS(SPACE, 'svg');
	const rows = Math.ceil(parts.length / columns);
	all.setAttribute('xmlns', SPACE);
	all.setAttribute('viewBox', `0 0 ${columns * width} ${rows * (height + below)}`);
	all.setAttribute('width', String(columns * width));
	all.setAttribute('height', String(rows * (height + below)));
	parts.forEach(({ picture, words }, i) => {
		const [x, y] = [(i % columns) * width, Math.floor(i / columns) * (height + below)];
		const own = picture.cloneNode(true) as SVGSVGElement;
		// patterns and clips of one picture must not be taken for those of another
		own.innerHTML = own.innerHTML.replace(/(id="|url\((?:&quot;|')?#)/g, `$1p${i}-`);
		for (const [name, value] of Object.entries({
			x: x + 6,
			y: y + 6,
			width: width - 12,
			height: height - 12
		}))
			own.setAttribute(name, String(value));
		const text = document.createElementNS(SPACE, 'text');
		text.textContent = `${i + 1}. ${words}`;
		for (const [name, value] of Object.entries({
			x: x + width / 2,
			y: y + height + 16,
			'text-anchor': 'middle',
			'font-family': FONT,
			'font-size': '15px',
			fill: look === 'black' ? '#000' : themeColour(look, '--ink')
		}))
			text.setAttribute(name, String(value));
		all.append(own, text);
	});
	const ground = document.createElementNS(SPACE, 'rect');
	ground.setAttribute('width', '100%');
	ground.setAttribute('height', '100%');
	ground.setAttribute('fill', themeColour(look, '--sheet'));
	all.prepend(ground);
	return all;
}

const FONT = "'Source Serif 4 Variable', Georgia, serif";

/** files of letters as addresses that hold them whole, by where they come from: pictures in a row need the same */
const whole = new Map<string, Promise<string>>();

function wholeAddress(address: string): Promise<string> {
	const known = whole.get(address);
	if (known) return known;
	const found = (async () => {
		const data = await (await fetch(address)).blob();
		return new Promise<string>((resolve) => {
			const reader = new FileReader();
			reader.onload = () => resolve(reader.result as string);
			reader.readAsDataURL(data);
		});
	})();
	whole.set(address, found);
	// what could not be had now may be had later
	found.catch(() => whole.delete(address));
	return found;
}

/** The rules of style sheets. */
export const rulesOf = (sheets: Iterable<CSSStyleSheet>): CSSRule[] =>
	[...sheets].flatMap((sheet) => {
		try {
			return [...sheet.cssRules];
		} catch {
			// a sheet of another origin, such as a browser extension's
			return [];
		}
	});

/** The fonts that a picture's letters need, as rules with the fonts inside. */
async function fontRules(text: string): Promise<string> {
	const letters = [...new Set(text)].map((letter) => letter.codePointAt(0)!);
	const covers = (ranges: string) =>
		ranges.split(',').some((range) => {
			const [from, to = from] = range
				.trim()
				.replace(/^U\+/i, '')
				.split('-')
				.map((hex) => parseInt(hex, 16));
			return letters.some((letter) => letter >= from && letter <= to);
		});
	const faces = rulesOf(document.styleSheets).filter(
		(rule): rule is CSSFontFaceRule =>
			rule instanceof CSSFontFaceRule &&
			/Source Serif/.test(rule.style.getPropertyValue('font-family')) &&
			covers(rule.style.getPropertyValue('unicode-range') || 'U+0-10FFFF')
	);
	const inside = await Promise.all(
		faces.map(async (face) => {
			const [, address] = /url\("?([^")]+)"?\)/.exec(face.style.getPropertyValue('src')) ?? [];
			if (!address) return '';
			const read = await wholeAddress(new URL(address, face.parentStyleSheet?.href ?? location.href).href);
			const of = (name: string) => face.style.getPropertyValue(name);
			return `@font-face{font-family:'Source Serif 4 Variable';font-style:${of('font-style')};font-weight:${of('font-weight')};src:url(${read});unicode-range:${of('unicode-range')}}`;
		})
	);
	return inside.join('');
}

/** An SVG picture as a file's text, its fonts inside. */
export async function svgText(picture: SVGSVGElement): Promise<string> {
	const style = document.createElementNS(SPACE, 'style');
	style.textContent = await fontRules(picture.textContent ?? '');
	picture.prepend(style);
	return new XMLSerializer().serializeToString(picture);
}

/** An SVG picture as PNG, so many pixels wide. */
export async function pngOf(picture: SVGSVGElement, width: number): Promise<Blob> {
	const [own, high] = ['width', 'height'].map((name) => Number(picture.getAttribute(name)));
	picture.setAttribute('width', String(width));
	picture.setAttribute('height', String((width * high) / own));
	// a canvas may be read if the picture's address holds the whole of it
	const url = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await svgText(picture))}`;
	const image = new Image();
	image.src = url;
	await image.decode();
	const canvas = document.createElement('canvas');
	[canvas.width, canvas.height] = [width, Math.round((width * high) / own)];
	canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
	return await new Promise((resolve, reject) =>
		canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png')
	);
}
