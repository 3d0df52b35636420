import type { Notation } from '../notation/notation';
import { notationText } from '../notation/words';
import { PAGE, sheetStyle } from '../sheet/style';
import { escapedXml } from '../sheet/xml';
import type { Slide } from './slide';

/** A lecture as one HTML file that anyone can open: its steps by two keys, no network, a script of a few lines. */

/** A slide with its parts written as HTML. */
export interface WrittenSlide extends Pick<Slide, 'remark' | 'question' | 'answer' | 'minutes'> {
	readonly title: string;
	readonly main: readonly string[];
	readonly beside: readonly string[];
}

const STYLE = `
html, body { margin: 0; height: 100%; background: #fffdf7; }
body { overflow: hidden; }
section { position: absolute; inset: 0 0 2.6rem; display: none; flex-direction: column; padding: 1.2rem 3vw; box-sizing: border-box; overflow: auto; background: #fffdf7; }
section.on { display: flex; }
section.on.paper { font-size: clamp(14px, 3.4vh, 30px); }
.content { display: flex; flex-wrap: wrap; gap: 1rem 3vw; align-items: flex-start; }
.content > div { flex: 1 1 20em; }
.tableau, .picture { margin: 0; }
.lit { background: #fbe3d6; }
.pivot { color: #b3361b; }
svg .area { fill: #f1e2b9; }
svg .here, svg .objective { stroke: #b3361b; }
.answer { display: none; }
section.told .answer { display: block; }
section.told li.right { font-weight: 600; text-decoration: underline; }
nav { position: fixed; inset: auto 0 0; height: 2.6rem; display: flex; gap: 1rem; align-items: center; justify-content: center; font: 1rem Georgia, serif; border-top: 1px solid #bbb; background: #fffdf7; }
nav button { font: inherit; padding: .2rem .9rem; }
@page { size: A4 landscape; margin: 10mm; }
@media print { body { overflow: visible; } section { position: static; display: flex; break-after: page; } nav { display: none; } }
`;

/** Walks the steps: at a question the answer comes first. The place stands in the address, so a link can name it. */
const SCRIPT = `
const all = [...document.querySelectorAll('section')];
let at = Math.min(Math.max((parseInt(location.hash.slice(1)) || 1) - 1, 0), all.length - 1);
const where = document.querySelector('output');
function show() {
  all.forEach((own, i) => own.classList.toggle('on', i === at));
  where.textContent = (at + 1) + ' / ' + all.length;
  history.replaceState(null, '', '#' + (at + 1));
}
function step(by) {
  const own = all[at];
  const asks = own.querySelector('.answer');
  if (by > 0 && asks && !own.classList.contains('told')) { own.classList.add('told'); return; }
  if (by < 0 && asks && own.classList.contains('told')) { own.classList.remove('told'); return; }
  at = Math.min(Math.max(at + by, 0), all.length - 1);
  show();
}
addEventListener('keydown', (event) => {
  const by = { PageDown: 1, ArrowRight: 1, ' ': 1, PageUp: -1, ArrowLeft: -1 }[event.key];
  if (!by || event.target.tagName === 'BUTTON' && event.key === ' ') return;
  event.preventDefault();
  step(by);
});
document.querySelector('#back').onclick = () => step(-1);
document.querySelector('#on').onclick = () => step(1);
show();
`;

function questionHtml(question: NonNullable<Slide['question']>, answer: Slide['answer']): string {
	const choices = question.choices
		.map(
			({ letter, says, isRight, because }) =>
				`<li${isRight ? ' class="right"' : ''}><b>${letter}</b> ${escapedXml(says)} <span class="answer">${escapedXml(because)}</span></li>`
		)
		.join('');
	const told =
		question.choices.length > 0 || !answer
			? ''
			: `${answer.right ? `<p class="answer"><b>${escapedXml(answer.right)}</b></p>` : ''}<p class="answer">${escapedXml(answer.because)}</p>`;
	return `<div><p>${escapedXml(question.says)}</p>${choices ? `<ul>${choices}</ul>` : ''}${told}</div>`;
}

/**
 * The file of a lecture.
 * @param slides their parts as HTML that the core wrote
 * @param notation the one they are written in, which the file names
 * @param walks whether it is walked by keys; else it is only printed, one page a step
 */
export function lectureWebPage(
	title: string,
	slides: readonly WrittenSlide[],
	notation: Notation,
	walks = true
): string {
	const sections = slides.map(
		({ title: heading, main, beside, remark, question, answer }) =>
			`<section class="paper"><h2>${heading}</h2>${remark ? `<p>${escapedXml(remark)}</p>` : ''}<div class="content">${[
				main,
				beside
			]
				.filter((parts) => parts.length > 0)
				.map((parts) => `<div>${parts.join('')}</div>`)
				.join('')}${question ? questionHtml(question, answer) : ''}</div></section>`
	);
	return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="description" content="${escapedXml(notationText(notation))}">
<title>${escapedXml(title)}</title>
<style>${sheetStyle(PAGE)}${STYLE}</style>
</head>
<body>
${sections.join('\n')}
${walks ? `<nav><button id="back">Back</button><output></output><button id="on">Next</button></nav>\n<script>${SCRIPT}</script>\n` : ''}</body>
</html>
`;
}

/**
 * What the speaker has in hand, to be printed: each step with its remark, its minutes, the right answer and the wrong ones to expect.
 * @param slides their titles as HTML that the core wrote
 */
export function lectureRemarks(title: string, slides: readonly WrittenSlide[]): string {
	const rows = slides.map(({ title: heading, remark, minutes, question, answer }, i) => {
		const choice = question?.choices.find(({ isRight }) => isRight);
		const right = choice ? `${choice.letter}: ${choice.says}` : answer?.right;
		const lines = [
			remark,
			question?.says ?? '',
			answer ? [right && `Right: ${right}.`, answer.because].filter(Boolean).join(' ') : '',
			...(answer?.slips ?? [])
		].filter(Boolean);
		return `<tr><td>${i + 1}</td><td><b>${heading}</b>${lines.map((line) => `<p>${escapedXml(line)}</p>`).join('')}</td><td>${minutes > 0 ? `${minutes} min` : ''}</td></tr>`;
	});
	return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>${escapedXml(title)}: remarks</title>
<style>${sheetStyle(PAGE)} td { vertical-align: top; padding: .3em .6em; } td p { margin: .15em 0; } tr { break-inside: avoid; }</style>
</head>
<body class="paper">
<h1>${escapedXml(title)}</h1>
<table>${rows.join('')}</table>
</body>
</html>
`;
}
