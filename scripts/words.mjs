// npm run words: everything that the application says, by part, as the one file that another language translates.
// `npm run words -- FILE` writes a language file to fill in: what FILE has already is kept, what is said no more is left out.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { ROOT } from './prepare.mjs';

const SOURCE = join(ROOT, 'src');
/** the marks of what is said: texts and sentences, see src/lib/core/language */
const TAGS = new Set(['en', 'say', 'around']);

const sources = () =>
	readdirSync(SOURCE, { recursive: true })
		.filter((file) => /(?<!\.test|\.d)\.ts$|\.svelte$/.test(file))
		.sort();

/** A template's key, as `templateOf` of src/lib/core/language has it: `Open {0}`. @param texts what stands around its values */
const keyOf = (texts) => texts.map((text, i) => (i ? `{${i - 1}}` : '') + text).join('');

/** Visits all that a component is made of. @param visit told of each part; false leaves out what is in it */
function walk(node, visit) {
	if (!node || typeof node !== 'object' || visit(node) === false) return;
	for (const [name, value] of Object.entries(node))
		if (name !== 'metadata' && name !== 'loc') walk(value, visit);
}

/** A component, as its parser has it. */
const component = (file) => parse(readFileSync(join(SOURCE, file), 'utf8'), { modern: true });

/** Tells of each marked template of a component. */
function ofComponent({ fragment, instance, module }, found) {
	walk([module, instance, fragment], ({ type, tag, quasi }) => {
		if (type === 'TaggedTemplateExpression' && TAGS.has(tag.name))
			found(keyOf(quasi.quasis.map(({ value }) => value.cooked)));
	});
}

/** A module, as its parser has it. */
const module = (file) =>
	ts.createSourceFile(file, readFileSync(join(SOURCE, file), 'utf8'), ts.ScriptTarget.Latest, true);

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
		const part = partOf(file);
		const take = (key) => {
			if (!/\p{L}{2}/u.test(key.replace(/\{\d+\}/g, '')) || said.has(key)) return;
			said.add(key);
			parts.set(part, [...(parts.get(part) ?? []), key]);
		};
		if (file.endsWith('.svelte')) ofComponent(component(file), take);
		else ofModule(module(file), take);
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
		walk(component(file).fragment, ({ type, name, data }) => {
			if (APART.has(name) || (type === 'Attribute' && !SAID.has(name))) return false;
			if (type === 'Text' && /\p{L}{2}|\bA\b/u.test(data.replace(SAME, '')))
				found.push(`${file}: ${data.trim()}`);
		});
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
