import { parser } from '$lib/core/problem/statement/statement.grammar';
import { HighlightStyle, LanguageSupport, LRLanguage, syntaxHighlighting } from '@codemirror/language';
import { styleTags, tags } from '@lezer/highlight';

const language = LRLanguage.define({
	name: 'statement',
	parser: parser.configure({
		props: [
			styleTags({
				'Sense TitleWord StoryWord Free Integer Binary FromWord ToWord': tags.keyword,
				Number: tags.number,
				Unit: tags.unit,
				Quoted: tags.string,
				Comment: tags.comment,
				'Label/Name Label/Quoted': tags.labelName,
				'AtMost AtLeast Equal Strict': tags.compareOperator
			})
		]
	}),
	languageData: { commentTokens: { line: '#' } }
});

const style = HighlightStyle.define([
	{ tag: tags.keyword, fontStyle: 'italic', color: 'var(--now)' },
	{ tag: tags.unit, color: 'var(--ink-soft)' },
	{ tag: tags.string, color: 'var(--ink-soft)', fontStyle: 'italic' },
	{ tag: tags.comment, color: 'var(--ink-soft)', fontStyle: 'italic' },
	{ tag: tags.labelName, fontWeight: '650' },
	{ tag: tags.compareOperator, fontWeight: '650' }
]);

/** The statement language for the editor: the parser of the core, with colours from the theme. */
export const statementLanguage = (): LanguageSupport =>
	new LanguageSupport(language, syntaxHighlighting(style));
