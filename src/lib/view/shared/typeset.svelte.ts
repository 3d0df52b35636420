type Katex = (typeof import('katex'))['default'];

let katex = $state.raw<Katex | null>(null);
let loading: Promise<void> | null = null;

/** Writes a formula as plain text, to be shown until the typesetter is there: it is large, and comes after the first look at a page. */
function plainly(node: HTMLElement, says: string): void {
	node.textContent = says;
	loading ??= import('katex').then((module) => {
		katex = module.default;
	});
}

/**
 * Typesets a formula in an element; to be called in an effect, which runs again once the typesetter is there.
 * @param tex KaTeX source, which is not trusted
 * @param says the same in plain text
 */
export function typeset(node: HTMLElement, tex: string, says: string): void {
	if (!katex) return plainly(node, says);
	katex.render(tex, node, { throwOnError: false, trust: false, strict: 'ignore', output: 'html' });
}
