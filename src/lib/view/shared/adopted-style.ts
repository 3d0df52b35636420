/** Styles of the page that are made while it runs: those of paper. */

/** Adds a style to the page; returns what takes it away. */
export function adoptStyle(css: string): () => void {
	const style = new CSSStyleSheet();
	style.replaceSync(css);
	document.adoptedStyleSheets = [...document.adoptedStyleSheets, style];
	return () => (document.adoptedStyleSheets = document.adoptedStyleSheets.filter((own) => own !== style));
}
