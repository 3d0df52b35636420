import {
	escapedLatex,
	fittedLatex,
	latexColumn,
	latexNumber,
	latexText,
	problemInLine
} from '../formats/latex';
import { addressText } from '../notation/board';
import { contentText, type Content, type BoardLine } from '../notation/lines';
import type { Notation } from '../notation/notation';
import { notationText } from '../notation/words';
import type { Rational } from '../number/rational';
import { inNotation, pieceName, type Sentence } from '../sentence/sentence';
import { fittedTableau } from './fit';
import { LINK_SAYS, paragraphsOf } from './prose';
import { MARGIN, type PageSetup } from './style';
import { tikzOf, treeTikz } from './tikz';
import { MOST_IN_CODE } from './presets';
import { qrCode } from './qr';
import type { SheetPart } from './types';

/** Sheets as LaTeX that compiles with standard packages and that an author can go on writing in. */

const numberTex = (value: Rational, notation: Notation): string => latexNumber(value, notation.numbers);

/** A sentence, its numbers and names as mathematics. */
const sentenceTex = (sentence: Sentence, notation: Notation): string =>
	inNotation(sentence, notation)
		.map((part) => {
			if (part.kind === 'number') return `$${numberTex(part.value, notation)}$`;
			const text = pieceName(part, notation);
			return part.kind === 'text' || part.kind === 'sign' ? latexText(text) : `$${latexColumn(text)}$`;
		})
		.join('');

/** A cell's content as mathematics. */
function contentTex(content: Content, notation: Notation): string {
	const text = contentText(content, {
		number: (value) => numberTex(value, notation),
		name: (own) => latexColumn(own),
		word: (own) => `\\text{${own}}`,
		minus: '-',
		m: 'M'
	});
	return text && `$${text}$`;
}

const isHead = ({ kind }: BoardLine) => kind === 'head' || kind === 'costs';

/** A tableau whose rows have room to write in where they are blank; too wide a one is made to fit the line. */
function tableauTex(
	{ caption, pivot, operations, ...part }: Extract<SheetPart, { kind: 'tableau' }>,
	notation: Notation,
	setup: PageSetup
): string {
	const { lines, told } = fittedTableau(part.lines, notation, setup);
	const isOpen = lines.some(({ cells }) =>
		cells.some(({ address, content }) => address && content.kind === 'nothing')
	);
	const rows = lines.map((line, i) => {
		const cells = line.cells.map(({ address, content }) => {
			const text = contentTex(content, notation);
			return pivot !== null && address && addressText(address) === pivot ? `\\pivot{${text}}` : text;
		});
		const next = lines[i + 1];
		const isRuled = next && (isHead(line) ? !isHead(next) : (line.kind === 'row') !== (next.kind === 'row'));
		return [contentTex(line.name, notation), ...cells].join(' & ') + ' \\\\' + (isRuled ? ' \\hline' : '');
	});
	const columns = isOpen
		? `l|${'@{\\hspace{1.4em}}r'.repeat(lines[0].cells.length)}`
		: `l|${'r'.repeat(lines[0].cells.length)}`;
	const done = operations.map((own) => sentenceTex(own, notation)).join('\\quad ');
	return [
		'\\par\\medskip\\noindent\\begin{minipage}{\\linewidth}',
		caption.length ? `${sentenceTex(caption, notation)}\\par\\smallskip` : '',
		lines !== part.lines ? `{\\small\\itshape ${latexText(told)}}\\par\\smallskip` : '',
		done ? `{\\small ${done}}\\par\\smallskip` : '',
		isOpen ? '\\renewcommand{\\arraystretch}{1.9}%' : '\\renewcommand{\\arraystretch}{1.25}%',
		`\\fitted{\\begin{tabular}{${columns}}`,
		...rows,
		'\\end{tabular}}',
		'\\end{minipage}'
	]
		.filter(Boolean)
		.join('\n');
}

const rulesTex = (lines: number): string =>
	Array.from({ length: lines }, () => '\\par\\vspace{1.6em}\\noindent\\rule{\\linewidth}{0.3pt}').join('\n');

const gridTex = ({ head, rows }: Extract<SheetPart, { kind: 'grid' }>, notation: Notation): string =>
	[
		'\\par\\medskip\\noindent',
		`\\renewcommand{\\arraystretch}{1.4}\\fitted{\\begin{tabular}{|${'l|'.repeat(head.length)}} \\hline`,
		`${head.map((own) => sentenceTex(own, notation)).join(' & ')} \\\\ \\hline`,
		...rows.map(
			(row) =>
				`${row.map((own) => (own ? sentenceTex(own, notation) : '\\hspace{4em}')).join(' & ')} \\\\ \\hline`
		),
		'\\end{tabular}}'
	].join('\n');

/** A problem as a display that fits the line. */
const statementTex = ({ problem }: Extract<SheetPart, { kind: 'statement' }>): string =>
	`\\par\\medskip\\noindent\\fitted{${problemInLine(problem)}}\\par\\medskip`;

/** A QR code of a link as squares, with what it is for; a link that is too long for one is a comment of the source. */
function linkTex(link: string): string {
	if (link.length > MOST_IN_CODE) return `% ${link}`;
	const { size, runs } = qrCode(link);
	const squares = runs.map(({ x, y, length }) => `\\fill (${x},${y}) rectangle ++(${length},1);`).join('\n');
	const picture = `\\begin{tikzpicture}[x=${(28 / size).toFixed(3)}mm,y=-${(28 / size).toFixed(3)}mm]\n${squares}\n\\end{tikzpicture}`;
	return `\\par\\bigskip\\noindent\\begin{minipage}{30mm}${picture}\\end{minipage}\\quad ${LINK_SAYS}\\par`;
}

function partTex(part: SheetPart, notation: Notation, setup: PageSetup): string {
	const of = (sentence: Sentence) => sentenceTex(sentence, notation);
	switch (part.kind) {
		case 'heading':
			return `\\subsection*{${latexText(part.says)}}`;
		case 'fields':
			return '\\noindent Name: \\hrulefill\\quad Date: \\rule{8em}{0.4pt}\\par\\bigskip';
		case 'prose':
			return paragraphsOf(part.text).map(latexText).join('\n\n');
		case 'statement':
			return statementTex(part);
		case 'sentences':
			return part.lines.map((line) => `${of(line)}\\par`).join('\n');
		case 'grid':
			return gridTex(part, notation);
		case 'tableau':
			return tableauTex(part, notation, setup);
		case 'dictionary':
			return `\\par\\medskip\\noindent ${of(part.caption)}\\par\\smallskip\\noindent\\fitted{$\\begin{aligned}\n${part.equations
				.map(
					([name, equals]) =>
						`${name ? latexColumn(name) : '\\rule{2em}{0.4pt}'} &= ${equals ? `\\text{${of(equals)}}` : '\\rule{12em}{0.4pt}'}`
				)
				.join(' \\\\\n')}\n\\end{aligned}$}`;
		case 'picture':
			return `\\begin{center}\n${tikzOf(part.drawing)}\\end{center}`;
		case 'tree':
			return `\\begin{center}\n\\fitted{${treeTikz(part.tree, of)}}\\end{center}`;
		case 'pictures':
			return part.choices
				.map(
					({ name, drawing }) =>
						`\\begin{minipage}[t]{0.48\\linewidth}\\textbf{${latexText(name)}}\\par\n\\resizebox{\\linewidth}{!}{${tikzOf(drawing)}}\\end{minipage}`
				)
				.join('\\hfill\n');
		case 'question':
			return `\\par\\medskip\\noindent\\textbf{${part.number}.} ${latexText(part.says)}\n${rulesTex(part.room)}`;
		case 'key':
			return `\\par\\smallskip\\noindent\\textbf{${part.number}.} ${part.says ? `\\textbf{${latexText(part.says)}} ` : ''}${latexText(part.because)}`;
		case 'room':
			return rulesTex(part.lines);
		case 'link':
			return linkTex(part.link);
	}
}

/** sizes of type that LaTeX's article has */
const classSize = (type: number): number => (type <= 10 ? 10 : type <= 11 ? 11 : 12);

/** One sheet or several, each on a page of its own, as a document that compiles by itself. */
export function documentLatex(
	sheets: readonly { readonly title: string; readonly parts: readonly SheetPart[] }[],
	notation: Notation,
	setup: PageSetup
): string {
	const bodies = sheets.map(({ title, parts }) =>
		[`\\section*{${escapedLatex(title)}}`, ...parts.map((part) => partTex(part, notation, setup))].join(
			'\n\n'
		)
	);
	return `% ${latexText(notationText(notation))}
\\documentclass[${classSize(setup.type)}pt]{article}
\\usepackage[utf8]{inputenc}
\\usepackage[T1]{fontenc}
\\usepackage[${setup.paper}paper,${setup.landscape ? 'landscape,' : ''}margin=${MARGIN}mm]{geometry}
\\usepackage{amsmath,graphicx,tikz}
\\usetikzlibrary{patterns}
% a table as wide as it is, but never wider than the line
\\newcommand{\\fitted}[1]{${fittedLatex('#1')}}
% how the entry is marked that is pivoted on
\\newcommand{\\pivot}[1]{\\setlength{\\fboxsep}{1.5pt}\\fbox{#1}}
\\setlength{\\parindent}{0pt}
\\emergencystretch=3em
\\begin{document}
${bodies.join('\n\n\\clearpage\n\n')}
\\end{document}
`;
}
