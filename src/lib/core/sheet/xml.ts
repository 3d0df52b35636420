/** A text within XML, also within an attribute; signs that XML cannot hold are left out. */
export const escapedXml = (text: string): string =>
	text
		// eslint-disable-next-line no-control-regex
		.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '')
		.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
