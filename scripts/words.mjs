// npm run words: everything that the application says, by part, as the one file that another language translates.
// `npm run words -- FILE` writes a language file to fill in: what FILE has already is kept, what is said no more is left out.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { ROOT } from './prepare.mjs';

const SOURCE = join(ROOT, 'src');
/** the marks of what is said: texts and sentences, see src/lib/core/language */
const TAGS = new Set(['en', 'say']);

const sources = () =>
	readdirSync(SOURCE, { recursive: true })
		.filter((file) => /(?<!\.test|\.d)\.ts$|\.svelte$/.test(file))
		.sort();

/** A template's key: `Open {0}`. @param texts what stands around its values */
const keyOf = (texts) => texts.map((text, i) => (i ? `{${i - 1}}` : '') + text).join('');

/** Tells of each marked template of a component. */
function ofComponent(node, found) {
	if (Array.isArray(node)) for (const each of node) ofComponent(each, found);
	else if (node && typeof node === 'object') {
		if (node.type === 'TaggedTemplateExpression' && TAGS.has(node.tag.name))
			found(keyOf(node.quasi.quasis.map(({ value }) => value.cooked)));
		for (const [name, value] of Object.entries(node))
			if (typeof value === 'object' && name !== 'metadata' && name !== 'loc') ofComponent(value, found);
	}
}

/** Tells of each marked template of a module. */
function ofModule(node, found) {
	if (ts.isTaggedTemplateExpression(node) && TAGS.has(node.tag.getText())) {
		const { template } = node;
		const { head, templateSpans = [] } = template;
		found(keyOf([(head ?? template).text, ...templateSpans.map(({ literal }) => literal.text)]));
	}
	ts.forEachChild(node, (child) => ofModule(child, found));
}

/** `lib/view/region/RegionPane.svelte` is of the part `view/region`. */
const partOf = (file) =>
	file
		.replace(/^lib\//, '')
		.split('/')
		.slice(0, 2)
		.filter((name) => !/\.(ts|svelte)$/.test(name))
		.join('/');

/** All that is said, by part: texts in English with `{0}`, `{1}`, … for values. A text that several parts say stands with the first. */
export function allWords() {
	const parts = new Map();
	const said = new Set();
	for (const file of sources()) {
		const text = readFileSync(join(SOURCE, file), 'utf8');
		const part = partOf(file);
		const take = (key) => {
			if (!/\p{L}{2}/u.test(key.replace(/\{\d\}/g, '')) || said.has(key)) return;
			said.add(key);
			parts.set(part, [...(parts.get(part) ?? []), key]);
		};
		if (file.endsWith('.ts')) ofModule(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true), take);
		else {
			const { fragment, instance, module } = parse(text, { modern: true });
			ofComponent([module, instance, fragment], take);
		}
	}
	return Object.fromEntries(parts);
}

/** attributes that are read or heard */
const SAID = new Set(['title', 'aria-label', 'aria-valuetext', 'placeholder', 'alt', 'label']);
/** what is no text: code, keys and styles */
const APART = new Set(['code', 'kbd', 'pre', 'style', 'script']);
/** what is the same in every language */
const SAME = /\b(?:Mathesis|CSV|LaTeX|max|min|pt)\b/g;

/** What components show without a mark, so that no other language could say it: `FILE: text`. */
export function unmarkedWords() {
	const found = [];
	for (const file of sources().filter((own) => own.endsWith('.svelte'))) {
		const take = (text) => {
			if (/\p{L}{2}/u.test(text.replace(SAME, ''))) found.push(`${file}: ${text.trim()}`);
		};
		const visit = (node) => {
			if (Array.isArray(node)) return node.forEach(visit);
			if (!node || typeof node !== 'object' || APART.has(node.name)) return;
			if (node.type === 'Text') return take(node.data);
			if (node.type === 'Attribute' && !SAID.has(node.name)) return;
			for (const [name, value] of Object.entries(node))
				if (typeof value === 'object' && name !== 'metadata' && name !== 'loc') visit(value);
		};
		visit(parse(readFileSync(join(SOURCE, file), 'utf8'), { modern: true }).fragment);
	}
	return found;
}

if (process.argv[1]?.endsWith('words.mjs')) {
	const file = process.argv[2];
	const words = allWords();
	if (file) {
		const kept = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
		const own = Object.values(words)
			.flat()
			.map((key) => [key, kept[key] ?? '']);
		writeFileSync(file, `${JSON.stringify(Object.fromEntries(own), null, '\t')}\n`);
		const missing = own.filter(([, translated]) => !translated).length;
		console.log(`${relative(process.cwd(), file)}: ${own.length} texts, ${missing} without words yet`);
	} else
		for (const [part, texts] of Object.entries(words)) console.log(`\n## ${part}\n\n${texts.join('\n')}`);
}
