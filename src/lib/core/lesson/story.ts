/**
 * Links of a story: `[5/2 kg of clay](#clay.bowls)` links its words to the use of clay per bowls, `(#clay)` to the row, `(#clay.amount)` to
 * its amount, `(#.bowls)` to the objective's coefficient, `(#bowls)` to a variable.
 */

/** What a part of the story gave: a row or variable, and within a row a variable's coefficient or the amount. */
export interface StoryTarget {
	/** a constraint or variable; null for the objective */
	readonly name: string | null;
	/** a variable in that row, or `amount` */
	readonly part: string | null;
}

/** Reads what follows the # of a link. */
export function targetOf(href: string): StoryTarget | null {
	if (!href.startsWith('#') || href.length < 2) return null;
	let text: string;
	try {
		text = decodeURIComponent(href.slice(1));
	} catch {
		return null;
	}
	const [name, part = null] = text.split('.');
	return { name: name || null, part };
}

/** What a target is written as in a link. */
export const hrefOf = ({ name, part }: StoryTarget): string =>
	`#${encodeURIComponent((name ?? '') + (part === null ? '' : `.${part}`))}`;

const LINK = /\]\((#[^()\s]*)\)/g;

/** A story whose links follow a variable or constraint to another name. */
export function relinked(story: string, kind: 'variable' | 'constraint', from: string, to: string): string {
	return story.replace(LINK, (whole, href: string) => {
		const target = targetOf(href);
		if (!target) return whole;
		const name = target.name === from && (kind === 'constraint' || target.part === null) ? to : target.name;
		const part = target.part === from && kind === 'variable' ? to : target.part;
		return `](${hrefOf({ name, part })})`;
	});
}
