import MarkdownIt from 'markdown-it';
import text from '../../../../docs/GUIDE.md?raw';

/** The guide for instructors, as the repository has it, with its pictures. */

const pictures = import.meta.glob<string>(
	[
		'../../../../docs/screenshots/overview.png',
		'../../../../docs/screenshots/lecture.png',
		'../../../../docs/screenshots/sensitivity.png',
		'../../../../docs/screenshots/handout.png',
		'../../../../docs/screenshots/design.png',
		'../../../../docs/screenshots/practice.png'
	],
	{ eager: true, query: '?url', import: 'default' }
);
const addressOf = (source: string): string =>
	Object.entries(pictures).find(([path]) => path.endsWith(source))?.[1] ?? source;

const reader = new MarkdownIt({ html: false, typographer: true });

/** The guide as HTML; its second-level headings have an id each. */
export const guideHtml: string = (() => {
	const tokens = reader.parse(text, {});
	tokens.forEach((token, i) => {
		if (token.type === 'heading_open' && token.tag === 'h2') token.attrSet('id', idOf(tokens[i + 1].content));
		for (const child of token.children ?? [])
			if (child.type === 'image') {
				child.attrSet('src', addressOf(String(child.attrGet('src'))));
				child.attrSet('loading', 'lazy');
			}
	});
	return reader.renderer.render(tokens, reader.options, {});
})();

function idOf(heading: string): string {
	return `guide-${heading.toLowerCase().replace(/[^a-z]+/g, '-')}`;
}

/** The chapters of the guide, for a list of contents. */
export const chapters: readonly { id: string; name: string }[] = text
	.split('\n')
	.filter((line) => line.startsWith('## '))
	.map((line) => ({ id: idOf(line.slice(3)), name: line.slice(3) }));
