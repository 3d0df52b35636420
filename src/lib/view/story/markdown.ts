import MarkdownIt from 'markdown-it';

/**
 * Stories and notes: Markdown (CommonMark) without markup of its own. HTML in the text is shown as text, there are no pictures, and the only
 * links are those into the problem.
 */
const reader = new MarkdownIt({ html: false, linkify: false, typographer: true, breaks: true }).disable(
	'image'
);
reader.validateLink = (url) => url.startsWith('#');

export const markdownToHtml = (text: string): string => reader.render(text);
