import katex from 'katex';

/** A run of letters in one font, with the space after it. */
interface Run {
	text: string;
	/** KaTeX's font classes, such as `mathit`; empty for upright */
	readonly font: string;
	/** in em */
	space: number;
	/** an index */
	readonly lowered: boolean;
}

/** KaTeX's classes for the kinds of atoms; they only decide about spaces, which are already set. */
const KINDS = new Set([
	'mord',
	'mbin',
	'mrel',
	'mop',
	'mopen',
	'mclose',
	'mpunct',
	'minner',
	'mtight',
	'text'
]);
const ALLOWED_BREAK = '\u200b';
/** letters of an index, of the line's own (`sub` in Formula.svelte) */
const INDEX_SIZE = 0.7;

const fontOf = (node: Element): string => [...node.classList].filter((name) => !KINDS.has(name)).join(' ');
const spaceAfter = (node: Element): number => parseFloat((node as HTMLElement).style.marginRight) || 0;

function add(runs: Run[], run: Run): void {
	const last = runs.at(-1);
	if (last && last.space === 0 && last.font === run.font && !last.lowered && !run.lowered) {
		last.text += run.text;
		last.space = run.space;
	} else runs.push(run);
}

/** The text of an index that stands alone below the line; null for anything else that is stacked. */
function index(node: Element): string | null {
	const levels = node.querySelectorAll('.pstrut');
	const inner = node.querySelectorAll('.katex-sizing *');
	const plain = [...inner].every((part) => fontOf(part) === '');
	return levels.length === 1 && node.querySelector('.vlist-t2') && plain
		? levels[0].parentElement!.textContent
		: null;
}

/** Collects the runs of a part of a formula; false where parts are stacked, which needs KaTeX's own boxes. */
function collect(node: Element, runs: Run[]): boolean {
	const { classList } = node;
	if (classList.contains('katex-strut')) return true;
	if (classList.contains('msupsub')) {
		const text = index(node);
		if (text === null) return false;
		// KaTeX leaves a twentieth of an em after an index
		add(runs, { text, font: '', space: 0.05, lowered: true });
		return true;
	}
	if (classList.contains('vlist-t') || classList.contains('nulldelimiter')) return false;
	if (classList.contains('mspace') && runs.length > 0 && !node.textContent) {
		runs.at(-1)!.space += spaceAfter(node);
		return true;
	}
	if (node.childElementCount > 0) return [...node.children].every((child) => collect(child, runs));
	add(runs, { text: node.textContent, font: fontOf(node), space: spaceAfter(node), lowered: false });
	return true;
}

/** The runs of a formula on one line; null where parts are stacked (fractions, accents). */
function runsOf(formula: Element): Run[] | null {
	const runs: Run[] = [];
	const bases = [...formula.children];
	for (const [i, base] of bases.entries()) {
		if (!collect(base, runs)) return null;
		// KaTeX lets a line break between its bases only
		if (i < bases.length - 1 && runs.length > 0) runs.at(-1)!.text += ALLOWED_BREAK;
	}
	return runs;
}

function elementOf({ text, font, space, lowered }: Run): Node {
	if (!font && !space && !lowered) return document.createTextNode(text);
	const node = document.createElement(lowered ? 'sub' : 'span');
	if (font) node.className = font;
	// in em of its own letters
	if (space) node.style.marginRight = `${lowered ? space / INDEX_SIZE : space}em`;
	node.textContent = text;
	return node;
}

/** Shows a formula in an element of class `katex` (if it has runs), changing only what differs from the one it showed before. */
export function showFormula(node: Element, { runs, boxes }: SetFormula, before: SetFormula | null): void {
	if (!runs || !before?.runs) return node.replaceChildren(...(runs?.map(elementOf) ?? boxes));
	for (const [i, run] of runs.entries()) {
		const old = before.runs[i];
		const there = node.childNodes[i];
		if (!old) node.append(elementOf(run));
		else if (old.font !== run.font || old.space !== run.space || old.lowered !== run.lowered)
			there.replaceWith(elementOf(run));
		else if (old.text !== run.text) (there.firstChild ?? there).nodeValue = run.text;
	}
	while (node.childNodes.length > runs.length) node.lastChild!.remove();
}

/** the size that letters are measured at, in pixels for an em */
const MEASURED = 100;
/** KaTeX's fonts as the canvas names them, by their class. */
const FONTS: Record<string, string> = {
	'': `${MEASURED}px KaTeX_Main`,
	mathit: `italic ${MEASURED}px KaTeX_Main`,
	mathnormal: `italic ${MEASURED}px KaTeX_Math`,
	mathbb: `${MEASURED}px KaTeX_AMS`
};

/** Resolves when formulas can be measured. */
export const formulaFonts = (): Promise<unknown> =>
	Promise.all(Object.values(FONTS).map((font) => document.fonts.load(font)));

let canvas: CanvasRenderingContext2D | null = null;

/** Width of a run in em; null in a font that is not known here. */
function runWidth({ text, font, space, lowered }: Run): number | null {
	canvas ??= document.createElement('canvas').getContext('2d');
	if (!canvas || !(font in FONTS)) return null;
	canvas.font = FONTS[font];
	return (canvas.measureText(text).width / MEASURED) * (lowered ? INDEX_SIZE : 1) + space;
}

const sum = (widths: readonly (number | null)[]): number | null =>
	widths.reduce<number | null>((all, width) => (all === null || width === null ? null : all + width), 0);

/** A formula set by KaTeX, with as few elements as it can be shown in. */
export interface SetFormula {
	/** the same in plain text, for screen readers */
	readonly says: string;
	/** null where parts are stacked: `boxes` has KaTeX's own elements then */
	readonly runs: readonly Run[] | null;
	readonly boxes: readonly Node[];
	/** in em, to be asked for once KaTeX's fonts are there; null where it is not known */
	width(): number | null;
}

function onOneLine(runs: readonly Run[], says: string): SetFormula {
	let known: number | null | undefined;
	const width = () => (known === undefined ? (known = sum(runs.map(runWidth))) : known);
	return { says, runs, boxes: [], width };
}

/**
 * Sets a formula. One on a single line becomes runs of text that look as KaTeX sets them: its boxes for struts, spaces and kinds
 * of atoms are left out, so that a page full of formulas is laid out and painted several times as fast.
 * @param tex KaTeX source: ours, made from parsed names and numbers, and KaTeX trusts nothing in it
 * @param says the same in plain text
 */
export function setFormula(tex: string, says: string): SetFormula {
	const whole = document.createElement('span');
	katex.render(tex, whole, { throwOnError: false, trust: false, strict: 'ignore', output: 'html' });
	const formula = whole.querySelector('.katex-html');
	const runs = formula && runsOf(formula);
	return runs ? onOneLine(runs, says) : { says, runs: null, boxes: [...whole.childNodes], width: () => null };
}

/** A formula on one line with another text in its last run, such as other digits, which all look alike. */
export function withEnding({ runs }: SetFormula, text: string, says: string): SetFormula {
	return onOneLine(runs!.with(-1, { ...runs!.at(-1)!, text }), says);
}
