import { MOST_IN_CODE } from './presets';
import { qrCode } from './qr';
import { contentText, type BoardLine, type LineCell, type Writing } from '../notation/lines';
import { addressText } from '../notation/board';
import type { Notation } from '../notation/notation';
import { notationText } from '../notation/words';
import type { Rational } from '../number/rational';
import { takeApart } from '../number/show';
import { inNotation, pieceName, type Sentence } from '../sentence/sentence';
import { nameParts } from '../notation/name-parts';
import { fittedTableau } from './fit';
import { LINK_SAYS, paragraphsOf } from './prose';
import { statementLines } from './statement';
import { pageRule, pageSize, sheetStyle, MARGIN, type PageSetup } from './style';
import { svgOf, treeSvg } from './svg';
import { cellOnSheet } from './tableaux';
import type { SheetPart } from './types';
import { escapedXml } from './xml';

/** Sheets as HTML: a document that stands on its own, without scripts. */

/** A name in italics, its index lowered and its sign raised. */
export function nameHtml(name: string): string {
	const { minus, body, primes, index, raised } = nameParts(name);
	return (
		(minus ? '−' : '') +
		`<i>${escapedXml(body)}</i>` +
		'′'.repeat(primes) +
		(index ? `<sub>${escapedXml(index)}</sub>` : '') +
		(raised ? `<sup>${raised === '+' ? '+' : '−'}</sup>` : '')
	);
}

/** A number: a fraction with its line. */
export function numberHtml(value: Rational, { numbers }: Notation): string {
	const { negative, whole, digits, over } = takeApart(value, numbers);
	const size = over ? `<span class="fraction"><span>${digits}</span><span>${over}</span></span>` : digits;
	return (negative ? '−' : '') + (whole ?? '') + size;
}

/** A sentence with its numbers and names set. */
export const sentenceHtml = (sentence: Sentence, notation: Notation): string =>
	inNotation(sentence, notation)
		.map((part) => {
			if (part.kind === 'number') return numberHtml(part.value, notation);
			const text = pieceName(part, notation);
			return part.kind === 'text' || part.kind === 'sign' ? escapedXml(text) : nameHtml(text);
		})
		.join('');

/** How a notation's numbers and names are written here. */
const writingIn = (notation: Notation): Writing => ({
	number: (value) => numberHtml(value, notation),
	name: nameHtml,
	word: escapedXml,
	minus: '−',
	m: '<i>M</i>'
});

function tableauHtml(
	part: Extract<SheetPart, { kind: 'tableau' }>,
	notation: Notation,
	setup: PageSetup | null
): string {
	const { caption, number, pivot, operations, lit } = part;
	const writing = writingIn(notation);
	const { lines, style, told } = setup
		? fittedTableau(part.lines, notation, setup)
		: { lines: part.lines, style: '', told: '' };
	const isOpen = ({ address, content }: LineCell) => address !== null && content.kind === 'nothing';
	const isLit = ({ address }: LineCell) =>
		address !== null && lit !== undefined && (address.column === lit.column || address.row === lit.row);
	const cell = (own: LineCell, tag: 'th' | 'td'): string => {
		const isRhs =
			own.address?.column === 'rhs' || (own.content.kind === 'word' && own.content.text === 'rhs');
		const classes = [
			isRhs ? 'rhs' : '',
			isOpen(own) ? 'open' : '',
			own.unit ? 'unit' : '',
			isLit(own) ? 'lit' : '',
			pivot !== null && own.address && addressText(own.address) === pivot ? 'pivot' : ''
		].filter(Boolean);
		const name = classes.length ? ` class="${classes.join(' ')}"` : '';
		const key =
			number !== undefined && own.address
				? ` data-cell="${escapedXml(cellOnSheet(number, addressText(own.address)))}"`
				: '';
		return `<${tag}${name}${key}${tag === 'th' ? ' scope="col"' : ''}>${contentText(own.content, writing)}</${tag}>`;
	};
	const isHead = ({ kind }: BoardLine) => kind === 'head' || kind === 'costs';
	const row = (line: BoardLine, i: number, all: readonly BoardLine[]): string => {
		const isFirst = i > 0 && !isHead(all[i - 1]) && (line.kind === 'row') !== (all[i - 1].kind === 'row');
		const open =
			line.kind === 'row' && line.name.kind === 'nothing' && line.cells.some(isOpen) ? ' open' : '';
		const name = contentText(line.name, writing);
		// a head without words would be heard as an empty one
		const first =
			isHead(line) || name === ''
				? `<td class="name${open}">${name}</td>`
				: `<th scope="row" class="name">${name}</th>`;
		const cells = line.cells.map((own) => cell(own, isHead(line) ? 'th' : 'td')).join('');
		return `<tr${isFirst ? ' class="goal-first"' : ''}>${first}${cells}</tr>`;
	};
	const rows = lines.map(row);
	const count = lines.filter(isHead).length;
	const done = operations.map((own) => `<span>${sentenceHtml(own, notation)}</span>`).join(' ');
	return [
		`<figure class="tableau ${style}">`,
		caption.length ? `<figcaption>${sentenceHtml(caption, notation)}</figcaption>` : '',
		told ? `<p class="told">${told}</p>` : '',
		done ? `<p class="operations">${done}</p>` : '',
		`<table><thead>${rows.slice(0, count).join('')}</thead><tbody>${rows.slice(count).join('')}</tbody></table>`,
		'</figure>'
	].join('');
}

/** A sum that breaks before its signs only: a coefficient stays with its variable. */
const withWholeTerms = (sum: string): string =>
	sum.replaceAll(' <i>', '&#160;<i>').replace(/([+−]) /g, '$1&#160;');

/** One part of a sheet; without a page, as wide as it is. */
export function partHtml(part: SheetPart, notation: Notation, setup: PageSetup | null): string {
	const of = (sentence: Sentence) => sentenceHtml(sentence, notation);
	switch (part.kind) {
		case 'heading':
			return `<h2>${escapedXml(part.says)}</h2>`;
		case 'fields':
			return '<p class="fields"><span>Name:</span><span>Date:</span></p>';
		case 'prose':
			return paragraphsOf(part.text)
				.map((text) => `<p>${escapedXml(text)}</p>`)
				.join('');
		case 'statement':
			return `<table class="statement" role="presentation">${statementLines(part.problem)
				.map(
					({ label, left, right }) =>
						`<tr><td>${escapedXml(label)}</td><td>${withWholeTerms(of(left))}</td><td>${of(right)}</td></tr>`
				)
				.join('')}</table>`;
		case 'sentences':
			return part.lines.map((line) => `<p>${of(line)}</p>`).join('');
		case 'grid':
			return `<table class="cells"><thead><tr>${part.head.map((own) => `<th scope="col">${of(own)}</th>`).join('')}</tr></thead><tbody>${part.rows
				.map((row) => `<tr>${row.map((own) => `<td>${own ? of(own) : ''}</td>`).join('')}</tr>`)
				.join('')}</tbody></table>`;
		case 'tableau':
			return tableauHtml(part, notation, setup);
		case 'dictionary':
			return `<figure class="tableau"><figcaption>${of(part.caption)}</figcaption><table class="statement" role="presentation">${part.equations
				.map(
					([name, equals]) =>
						`<tr><td>${name ? nameHtml(name) : '____'}</td><td>=</td><td>${equals ? of(equals) : '_'.repeat(24)}</td></tr>`
				)
				.join('')}</table></figure>`;
		case 'picture':
			return `<figure class="picture">${svgOf(part.drawing)}</figure>`;
		case 'tree':
			return `<figure class="picture tree">${treeSvg(part.tree, notation)}</figure>`;
		case 'pictures':
			return `<div class="pictures">${part.choices
				.map(
					({ name, drawing }) =>
						`<figure><figcaption>${escapedXml(name)}</figcaption>${svgOf(drawing)}</figure>`
				)
				.join('')}</div>`;
		case 'question':
			return `<div class="question"><p><span class="number">${part.number}.</span>${escapedXml(part.says)}</p>${roomHtml(part.room)}</div>`;
		case 'key':
			return `<p class="key"><span class="number">${part.number}.</span>${part.says ? `<b>${escapedXml(part.says)}</b> ` : ''}${escapedXml(part.because)}</p>`;
		case 'room':
			return roomHtml(part.lines);
		case 'link':
			return linkHtml(part.link);
	}
}

/** A QR code of a link with what it is for; a link that is too long for one stands there in words. */
function linkHtml(link: string): string {
	const says = `<p>${link.length <= MOST_IN_CODE ? LINK_SAYS : escapedXml(link)}</p>`;
	if (link.length > MOST_IN_CODE) return `<div class="link">${says}</div>`;
	const { size, runs } = qrCode(link);
	const path = runs.map(({ x, y, length }) => `M${x} ${y}h${length}v1h-${length}z`).join('');
	return `<div class="link"><a href="${escapedXml(link)}"><svg viewBox="0 0 ${size} ${size}" role="img" aria-label="QR code"><path d="${path}"/></svg></a>${says}</div>`;
}

const roomHtml = (lines: number): string =>
	lines > 0 ? `<div class="room">${'<span></span>'.repeat(lines)}</div>` : '';

/** The parts of a sheet below its title, one text each. */
export const sheetHtml = (
	title: string,
	parts: readonly SheetPart[],
	notation: Notation,
	setup: PageSetup
): string[] => [`<h1>${escapedXml(title)}</h1>`, ...parts.map((part) => partHtml(part, notation, setup))];

/** One sheet or several, each on a page of its own, as a document without scripts. */
export function documentHtml(
	sheets: readonly { readonly title: string; readonly parts: readonly SheetPart[] }[],
	notation: Notation,
	setup: PageSetup
): string {
	const title = escapedXml(sheets[0]?.title ?? '');
	const bodies = sheets.map(
		({ title: own, parts }) =>
			`<section class="sheet">${sheetHtml(own, parts, notation, setup).join('\n')}</section>`
	);
	const { width } = pageSize(setup);
	return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="description" content="${escapedXml(notationText(notation))}">
<title>${title}</title>
<style>
${pageRule(setup)}
body { margin: 0 auto; max-width: ${width - 2 * MARGIN}mm; background: #fff; }
@media screen { body { padding: ${MARGIN}mm; } }
${sheetStyle(setup)}
</style>
</head>
<body class="paper">
${bodies.join('\n')}
</body>
</html>
`;
}
