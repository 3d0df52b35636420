/**
 * The parts of Question and Test Interoperability (1EdTech, versions 2.1 and 3.0) that quizzes use, as a schema written from the standard: for each
 * element its attributes and what it may contain. Names are those of 2.1; 3.0 writes the same with `qti-` and hyphens.
 */

interface Element {
	readonly name: string;
	readonly attributes: Readonly<Record<string, string>>;
	readonly children: Element[];
	text: string;
}

interface Rule {
	readonly required?: readonly string[];
	readonly optional?: readonly string[];
	/** what it contains, as an expression over the names of its children, each followed by a blank */
	readonly holds: RegExp;
	/** whether it holds text of its own */
	readonly text?: boolean;
}

const EXPRESSION = 'variable|baseValue|match|stringMatch|and|or|isNull|multiple|ordered';
const INLINE = 'textEntryInteraction|img|object|span|i|b';
const BLOCK = 'p|div|table|choiceInteraction|orderInteraction|hotspotInteraction';
const only = (names: string, count = '*') => new RegExp(`^(?:(?:${names}) )${count}$`);
const EMPTY = /^$/;
const FLOW = only(`${INLINE}|${BLOCK}`);

const RULES: Readonly<Record<string, Rule>> = {
	assessmentItem: {
		required: ['identifier', 'title', 'adaptive', 'timeDependent'],
		optional: ['xmlns'],
		holds:
			/^(?:responseDeclaration )*(?:outcomeDeclaration )*(?:itemBody )?(?:responseProcessing )?(?:modalFeedback )*$/
	},
	responseDeclaration: {
		required: ['identifier', 'cardinality', 'baseType'],
		holds: /^(?:defaultValue )?(?:correctResponse )?$/
	},
	outcomeDeclaration: { required: ['identifier', 'cardinality', 'baseType'], holds: /^(?:defaultValue )?$/ },
	defaultValue: { holds: only('value', '+') },
	correctResponse: { holds: only('value', '+') },
	value: { holds: EMPTY, text: true },
	itemBody: { holds: only(BLOCK) },
	choiceInteraction: {
		required: ['responseIdentifier', 'shuffle', 'maxChoices'],
		holds: /^(?:prompt )?(?:simpleChoice )+$/
	},
	orderInteraction: {
		required: ['responseIdentifier', 'shuffle'],
		holds: /^(?:prompt )?(?:simpleChoice )+$/
	},
	simpleChoice: { required: ['identifier'], optional: ['fixed'], holds: FLOW, text: true },
	textEntryInteraction: { required: ['responseIdentifier'], optional: ['expectedLength'], holds: EMPTY },
	hotspotInteraction: {
		required: ['responseIdentifier', 'maxChoices'],
		holds: /^(?:prompt )?object (?:hotspotChoice )+$/
	},
	hotspotChoice: { required: ['identifier', 'shape', 'coords'], holds: EMPTY },
	object: { required: ['data', 'type'], optional: ['width', 'height'], holds: FLOW },
	responseProcessing: { holds: only('responseCondition|setOutcomeValue') },
	responseCondition: { holds: /^responseIf (?:responseElseIf )*(?:responseElse )?$/ },
	responseIf: { holds: new RegExp(`^(?:${EXPRESSION}) (?:(?:responseCondition|setOutcomeValue) )*$`) },
	responseElseIf: { holds: new RegExp(`^(?:${EXPRESSION}) (?:(?:responseCondition|setOutcomeValue) )*$`) },
	responseElse: { holds: only('responseCondition|setOutcomeValue') },
	setOutcomeValue: { required: ['identifier'], holds: only(EXPRESSION, '{1}') },
	variable: { required: ['identifier'], holds: EMPTY },
	baseValue: { required: ['baseType'], holds: EMPTY, text: true },
	match: { holds: only(EXPRESSION, '{2}') },
	stringMatch: { required: ['caseSensitive'], holds: only(EXPRESSION, '{2}') },
	and: { holds: only(EXPRESSION, '+') },
	or: { holds: only(EXPRESSION, '+') },
	isNull: { holds: only(EXPRESSION, '{1}') },
	multiple: { holds: only(EXPRESSION) },
	ordered: { holds: only(EXPRESSION) },
	modalFeedback: {
		required: ['outcomeIdentifier', 'identifier', 'showHide'],
		holds: only(`contentBody|${INLINE}|${BLOCK}`),
		text: true
	},
	contentBody: { holds: FLOW, text: true },
	p: { holds: only(INLINE), text: true },
	div: { holds: FLOW, text: true },
	span: { holds: only(INLINE), text: true },
	i: { holds: only(INLINE), text: true },
	b: { holds: only(INLINE), text: true },
	img: { required: ['src', 'alt'], optional: ['width', 'height'], holds: EMPTY },
	table: { holds: /^(?:thead )?(?:tbody )+$/ },
	thead: { holds: only('tr', '+') },
	tbody: { holds: only('tr', '+') },
	tr: { holds: only('th|td', '+') },
	th: { holds: FLOW, text: true },
	td: { holds: FLOW, text: true },
	assessmentTest: {
		required: ['identifier', 'title'],
		optional: ['xmlns'],
		holds: /^(?:outcomeDeclaration )*(?:testPart )+$/
	},
	testPart: {
		required: ['identifier', 'navigationMode', 'submissionMode'],
		holds: /^(?:assessmentSection )+$/
	},
	assessmentSection: {
		required: ['identifier', 'title', 'visible'],
		holds: /^(?:assessmentItemRef |assessmentSection )*$/
	},
	assessmentItemRef: { required: ['identifier', 'href'], holds: EMPTY }
};

const VALUES: Readonly<Record<string, RegExp>> = {
	cardinality: /^(?:single|multiple|ordered|record)$/,
	baseType: /^(?:identifier|string|float|integer|boolean|point|pair)$/,
	shape: /^(?:circle|rect|poly|ellipse|default)$/,
	coords: /^-?\d+(?:,-?\d+)*$/,
	adaptive: /^(?:true|false)$/,
	timeDependent: /^(?:true|false)$/,
	shuffle: /^(?:true|false)$/,
	caseSensitive: /^(?:true|false)$/,
	visible: /^(?:true|false)$/,
	showHide: /^(?:show|hide)$/,
	maxChoices: /^\d+$/,
	expectedLength: /^\d+$/,
	navigationMode: /^(?:linear|nonlinear)$/,
	submissionMode: /^(?:individual|simultaneous)$/,
	// names of XML, without a colon
	identifier: /^[A-Za-z_][\w.-]*$/,
	responseIdentifier: /^[A-Za-z_][\w.-]*$/,
	outcomeIdentifier: /^[A-Za-z_][\w.-]*$/
};

const camel = (name: string): string => name.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase());

/** The elements of a document, named as in 2.1. */
function parsed(xml: string): Element {
	const root: Element = { name: '', attributes: {}, children: [], text: '' };
	const open = [root];
	for (const [, text, end, tag, rest, closed] of xml
		.replace(/^<\?xml[^>]*>\s*/, '')
		.matchAll(/([^<]*)<(\/?)([\w-]+)((?:\s+[\w:-]+="[^"]*")*)\s*(\/?)>/g)) {
		open[open.length - 1].text += text.trim();
		if (end) {
			open.pop();
			continue;
		}
		const isNew = tag.startsWith('qti-');
		const own: Element = {
			name: isNew ? camel(tag.slice(4)) : tag,
			attributes: Object.fromEntries(
				[...rest.matchAll(/([\w:-]+)="([^"]*)"/g)].map(([, name, value]) => [
					isNew ? camel(name) : name,
					value
				])
			),
			children: [],
			text: ''
		};
		open[open.length - 1].children.push(own);
		if (!closed) open.push(own);
	}
	return root.children[0];
}

/**
 * What of an item or a test is not as the standard has it.
 * @returns a line for each fault; empty where there is none
 */
export function qtiFaults(xml: string): string[] {
	const faults: string[] = [];
	const declared = new Set<string>();
	const visit = (own: Element): void => {
		const rule = RULES[own.name];
		if (!rule) return void faults.push(`unknown element ${own.name}`);
		const { required = [], optional = [], holds, text } = rule;
		for (const name of required) if (!(name in own.attributes)) faults.push(`${own.name} without ${name}`);
		for (const [name, value] of Object.entries(own.attributes)) {
			if (![...required, ...optional].includes(name)) faults.push(`${own.name} with ${name}`);
			if (name in VALUES && !VALUES[name].test(value)) faults.push(`${own.name} ${name}="${value}"`);
		}
		const inside = own.children.map(({ name }) => `${name} `).join('');
		if (!holds.test(inside)) faults.push(`${own.name} holds ${inside}`);
		if (own.text && !text) faults.push(`${own.name} holds text: ${own.text}`);
		if (own.name.endsWith('Declaration')) declared.add(own.attributes.identifier);
		const used = own.attributes.responseIdentifier ?? own.attributes.outcomeIdentifier;
		const named =
			own.name === 'variable' || own.name === 'setOutcomeValue' ? own.attributes.identifier : used;
		if (named !== undefined && !declared.has(named))
			faults.push(`${own.name} of ${named}, which is not declared`);
		own.children.forEach(visit);
	};
	visit(parsed(xml));
	return faults;
}
