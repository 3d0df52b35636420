import { en } from '../language/language';
import { PLAIN } from '../notation/notation';
import { parseRational } from '../number/rational';
import { statementLines } from './statement';
import { namedRows } from '../question/cells';
import type { Problem } from '../problem/types';
import type { TableauJson } from '../tableau/written';
import { plainText } from '../sentence/sentence';
import { showNumber } from '../number/show';
import type { Drawing } from './drawing';
import type { Entries, Field, QuizItem } from './quiz';
import { SVG_SIZE, spotsOf, svgOf } from './svg';
import { escapedXml } from './xml';

/**
 * Quizzes as packages of the standard Question and Test Interoperability (1EdTech), versions 2.1 and 3.0: items without scripts, graded by
 * their response processing.
 */

export const QTI_VERSIONS = ['2.1', '3.0'] as const;
export type QtiVersion = (typeof QTI_VERSIONS)[number];

/** An element of an item, named as in version 2.1. */
export interface Element {
	readonly name: string;
	readonly attributes: Readonly<Record<string, string | number>>;
	readonly children: readonly (Element | string)[];
}

const el = (
	name: string,
	attributes: Element['attributes'] = {},
	...children: (Element | string | readonly (Element | string)[])[]
): Element => ({ name, attributes, children: children.flat() });

/** Elements of XHTML that items use: they have the same names in all versions. */
const OF_HTML = new Set([
	'p',
	'div',
	'span',
	'table',
	'thead',
	'tbody',
	'tr',
	'th',
	'td',
	'object',
	'img',
	'i',
	'b'
]);

const kebab = (name: string): string => name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);

/** An element as XML, its names as in a version of the standard. */
export function xmlOf({ name, attributes, children }: Element, version: QtiVersion): string {
	const isNew = version === '3.0';
	const tag = !isNew || OF_HTML.has(name) ? name : `qti-${kebab(name)}`;
	const list = Object.entries(attributes)
		.map(
			([key, value]) => ` ${isNew && !key.includes(':') ? kebab(key) : key}="${escapedXml(String(value))}"`
		)
		.join('');
	const inside = children.map((child) =>
		typeof child === 'string' ? escapedXml(child) : xmlOf(child, version)
	);
	return inside.length === 0 ? `<${tag}${list}/>` : `<${tag}${list}>${inside.join('')}</${tag}>`;
}

function tableauElement(t: TableauJson): Element {
	const number = (text: string) => showNumber(parseRational(text));
	const head = el(
		'tr',
		{},
		['', ...t.columns, 'rhs'].map((text) => el('th', {}, text))
	);
	const rows = namedRows(t).map(({ name, entries, rhs }) =>
		el(
			'tr',
			{},
			el('th', {}, name),
			[...entries, rhs].map((text) => el('td', {}, number(text)))
		)
	);
	return el('table', {}, el('thead', {}, head), el('tbody', {}, rows));
}

const statementElement = (problem: Problem): Element =>
	el(
		'table',
		{},
		el(
			'tbody',
			{},
			statementLines(problem).map(({ label, left, right }) =>
				el(
					'tr',
					{},
					[label, plainText(left, PLAIN), plainText(right, PLAIN)].map((text) => el('td', {}, text))
				)
			)
		)
	);

/** name of the picture of an item in its package */
const pictureName = ({ id }: QuizItem, choice = ''): string => `${id}${choice && `-${choice}`}.svg`;

/** The pictures of an item by their names in its package. */
function picturesOf(item: QuizItem): Record<string, Drawing> {
	const all: [name: string, drawing: Drawing][] = item.fields.flatMap((field) => {
		if (field.kind === 'spot') return [[pictureName(item), field.drawing] as [string, Drawing]];
		if (field.kind !== 'choice') return [];
		return field.options.flatMap(({ id, drawing }): [string, Drawing][] =>
			drawing ? [[pictureName(item, id), drawing]] : []
		);
	});
	return Object.fromEntries(all);
}

function interaction(field: Field, item: QuizItem): Element {
	const own = { responseIdentifier: field.id };
	if (field.kind === 'choice')
		return el(
			'choiceInteraction',
			{ ...own, shuffle: 'false', maxChoices: field.most },
			field.options.map(({ id, text, drawing }) =>
				el(
					'simpleChoice',
					{ identifier: id },
					text,
					drawing ? el('img', { src: pictureName(item, id), alt: `Picture ${text}` }) : []
				)
			)
		);
	if (field.kind === 'order')
		return el(
			'orderInteraction',
			{ ...own, shuffle: 'false' },
			field.options.map(({ id, text }) => el('simpleChoice', { identifier: id }, text))
		);
	if (field.kind === 'text')
		return el('p', {}, `${field.label} `, el('textEntryInteraction', { ...own, expectedLength: 10 }));
	return el(
		'hotspotInteraction',
		{ ...own, maxChoices: 1 },
		el('object', {
			type: 'image/svg+xml',
			data: pictureName(item),
			width: SVG_SIZE.width,
			height: SVG_SIZE.height
		}),
		spotsOf(field.drawing).map(({ x, y }, i) =>
			el('hotspotChoice', {
				identifier: `C${i + 1}`,
				shape: 'circle',
				coords: `${Math.round(x)},${Math.round(y)},12`
			})
		)
	);
}

/** That a field holds what is expected there. */
function matches(field: Field, texts: readonly string[]): Element {
	const variable = el('variable', { identifier: field.id });
	const base = (type: string, text: string) => el('baseValue', { baseType: type }, text);
	if (field.kind === 'text') {
		const each = texts.map((text) =>
			el('stringMatch', { caseSensitive: 'false' }, variable, base('string', text))
		);
		return each.length === 1 ? each[0] : el('or', {}, each);
	}
	if (field.kind === 'choice' && field.most === 0)
		return texts.length === 0
			? el('isNull', {}, variable)
			: el(
					'match',
					{},
					variable,
					el(
						'multiple',
						{},
						texts.map((text) => base('identifier', text))
					)
				);
	if (field.kind === 'order')
		return el(
			'match',
			{},
			variable,
			el(
				'ordered',
				{},
				texts.map((text) => base('identifier', text))
			)
		);
	return el('match', {}, variable, base('identifier', texts[0]));
}

const all = (item: QuizItem, entries: Entries): Element => {
	const list = item.fields.map((field) => matches(field, entries[field.id]));
	return list.length === 1 ? list[0] : el('and', {}, list);
};
const any = (list: readonly Element[]): Element => (list.length === 1 ? list[0] : el('or', {}, list));

const outcome = (identifier: string, baseType: string, value: string): Element =>
	el('setOutcomeValue', { identifier }, el('baseValue', { baseType }, value));

const NAMESPACES: Readonly<Record<QtiVersion, string>> = {
	'2.1': 'http://www.imsglobal.org/xsd/imsqti_v2p1',
	'3.0': 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0'
};

/** An item: what is shown, what is entered, and how that is graded. */
export function itemElement(item: QuizItem, problem: Problem, version: QtiVersion): Element {
	const declared = item.fields.map((field) => {
		const isOrdered = field.kind === 'order';
		const isMany = isOrdered || (field.kind === 'choice' && field.most === 0);
		return el(
			'responseDeclaration',
			{
				identifier: field.id,
				cardinality: isOrdered ? 'ordered' : isMany ? 'multiple' : 'single',
				baseType: field.kind === 'text' ? 'string' : 'identifier'
			},
			item.right[0][field.id].length === 0
				? []
				: [
						el(
							'correctResponse',
							{},
							(isMany ? item.right[0][field.id] : item.right[0][field.id].slice(0, 1)).map((text) =>
								el('value', {}, text)
							)
						)
					]
		);
	});
	const says = (identifier: string, text: string): Element => {
		const body = el('p', {}, text);
		return el(
			'modalFeedback',
			{ outcomeIdentifier: 'FEEDBACK', identifier, showHide: 'show' },
			version === '3.0' ? el('contentBody', {}, body) : body
		);
	};
	const slips = item.slips.map((slip, i) => ({ ...slip, code: `SLIP${i + 1}` }));
	return el(
		'assessmentItem',
		{
			xmlns: NAMESPACES[version],
			identifier: item.id,
			title: item.title,
			adaptive: 'false',
			timeDependent: 'false'
		},
		declared,
		el(
			'outcomeDeclaration',
			{ identifier: 'SCORE', cardinality: 'single', baseType: 'float' },
			el('defaultValue', {}, el('value', {}, '0'))
		),
		el('outcomeDeclaration', { identifier: 'FEEDBACK', cardinality: 'single', baseType: 'identifier' }),
		el(
			'itemBody',
			{},
			el('div', {}, statementElement(problem), item.tableaux.map(tableauElement), el('p', {}, item.says)),
			item.fields.map((field) => interaction(field, item))
		),
		el(
			'responseProcessing',
			{},
			el(
				'responseCondition',
				{},
				el(
					'responseIf',
					{},
					any(item.right.map((entries) => all(item, entries))),
					outcome('SCORE', 'float', '1'),
					outcome('FEEDBACK', 'identifier', 'RIGHT')
				),
				slips.map(({ entries, code }) =>
					el('responseElseIf', {}, all(item, entries), outcome('FEEDBACK', 'identifier', code))
				),
				el('responseElse', {}, outcome('FEEDBACK', 'identifier', 'WRONG'))
			)
		),
		says('RIGHT', item.because),
		slips.map((slip) => says(slip.code, slip.says)),
		says('WRONG', en`This is not right.`)
	);
}

/** What a manifest says of itself in each version. */
const PACKAGES: Readonly<
	Record<QtiVersion, { namespace: string; schema: string; schemaVersion: string; item: string; test: string }>
> = {
	'2.1': {
		namespace: 'http://www.imsglobal.org/xsd/imscp_v1p1',
		schema: 'QTIv2.1 Package',
		schemaVersion: '1.0.0',
		item: 'imsqti_item_xmlv2p1',
		test: 'imsqti_test_xmlv2p1'
	},
	'3.0': {
		namespace: 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1',
		schema: 'QTI Package',
		schemaVersion: '3.0.0',
		item: 'imsqti_item_xmlv3p0',
		test: 'imsqti_test_xmlv3p0'
	}
};

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';

/** Items of a quiz, with the problem that they are about. */
export interface Quiz {
	readonly title: string;
	readonly items: readonly { readonly item: QuizItem; readonly problem: Problem }[];
}

/**
 * The files of a package.
 * @returns texts by their names: the manifest, the test, the items, and pictures
 */
export function qtiFiles({ title, items }: Quiz, version: QtiVersion): Record<string, string> {
	const { namespace, schema, schemaVersion, item: itemType, test: testType } = PACKAGES[version];
	const files: Record<string, string> = {};
	const resources: string[] = [];
	for (const { item, problem } of items) {
		const name = `${item.id}.xml`;
		files[name] = HEAD + xmlOf(itemElement(item, problem, version), version) + '\n';
		const pictures = Object.entries(picturesOf(item));
		for (const [file, drawing] of pictures) files[file] = svgOf(drawing);
		const more = pictures.map(([file]) => `<file href="${file}"/>`).join('');
		resources.push(
			`<resource identifier="${item.id}" type="${itemType}" href="${name}"><file href="${name}"/>${more}</resource>`
		);
	}
	const test = el(
		'assessmentTest',
		{ xmlns: NAMESPACES[version], identifier: 'TEST', title },
		el(
			'testPart',
			{ identifier: 'PART', navigationMode: 'nonlinear', submissionMode: 'individual' },
			el(
				'assessmentSection',
				{ identifier: 'SECTION', title, visible: 'true' },
				items.map(({ item }) => el('assessmentItemRef', { identifier: item.id, href: `${item.id}.xml` }))
			)
		)
	);
	files['test.xml'] = HEAD + xmlOf(test, version) + '\n';
	const dependencies = items.map(({ item }) => `<dependency identifierref="${item.id}"/>`).join('');
	files['imsmanifest.xml'] =
		`${HEAD}<manifest xmlns="${namespace}" identifier="MANIFEST"><metadata><schema>${schema}</schema><schemaversion>${schemaVersion}</schemaversion></metadata><organizations/><resources><resource identifier="TEST" type="${testType}" href="test.xml"><file href="test.xml"/>${dependencies}</resource>${resources.join('')}</resources></manifest>\n`;
	return files;
}
