import { en } from '../language/language';

/** The paragraphs of a story in Markdown as plain text: links keep their words, emphasis is taken away. */
export const paragraphsOf = (text: string): string[] =>
	text
		.split(/\n\s*\n/)
		.map((paragraph) =>
			paragraph
				.replace(/\[([^\]]*)\]\([^)]*\)/g, '$1')
				.replace(/(\*\*|__|[*_`])(\S(?:.*?\S)?)\1/g, '$2')
				.trim()
		)
		.filter(Boolean);

/** What a link on paper is for. */
export const LINK_SAYS = en`Open this problem in the browser.`;
