/** How sheets look on paper: black on white, told apart by lines, type and marks. */

export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Page, direction and size of type of a sheet. */
export interface PageSetup {
	readonly paper: Paper;
	readonly landscape: boolean;
	/** points */
	readonly type: number;
}

export const PAGE: PageSetup = { paper: 'a4', landscape: false, type: 11 };
export const TYPE_SIZES = [10, 11, 12, 13, 14] as const;

/** Width and height of an upright page in millimetres. */
const SIZES: Readonly<Record<Paper, readonly [number, number]>> = { a4: [210, 297], letter: [215.9, 279.4] };

/** millimetres left free around what is printed */
export const MARGIN = 18;

/** Width and height of a page in millimetres. */
export function pageSize({ paper, landscape }: PageSetup): { width: number; height: number } {
	const [short, long] = SIZES[paper];
	return landscape ? { width: long, height: short } : { width: short, height: long };
}

/** The rule that tells a printer the page; of a document, not of a part of one. */
export function pageRule(setup: PageSetup, margin = MARGIN): string {
	const { width, height } = pageSize(setup);
	return `@page { size: ${width}mm ${height}mm; margin: ${margin}mm; }`;
}

/** The style of everything on a sheet. */
export const sheetStyle = ({ type }: PageSetup): string => `
.paper { font: ${type}pt/1.4 'Source Serif 4 Variable', Georgia, 'Times New Roman', serif; color: #000; background: #fff; }
.paper h1 { font-size: 1.5em; margin: 0 0 .5em; line-height: 1.2; }
.paper h2 { font-size: 1.12em; margin: 1.1em 0 .35em; break-after: avoid; }
.paper p { margin: .3em 0; }
.paper .fields { display: flex; gap: 2em; margin: 0 0 1em; }
.paper .fields span { flex: 1; border-bottom: .6pt solid #000; padding-bottom: .1em; }
.paper .fields span:last-child { flex: .5; }
.paper table { border-collapse: collapse; margin: .4em 0; font-variant-numeric: tabular-nums lining-nums; }
.paper th, .paper td { padding: .18em .5em; text-align: right; font-weight: normal; vertical-align: middle; }
.paper .statement td { padding: .1em .35em; white-space: nowrap; }
.paper .statement td:nth-child(2) { white-space: normal; }
.paper .statement td:first-child { text-align: left; color: #333; font-style: italic; padding-right: 1.2em; }
.paper .statement td:last-child { text-align: left; }
.paper .cells th, .paper .cells td { border: .5pt solid #777; text-align: left; min-width: 3.2em; height: 1.5em; }
.paper .cells th { border-bottom-width: 1pt; font-style: italic; }
.paper .tableau { break-inside: avoid; margin: .7em 0; }
.paper .tableau figcaption { margin-bottom: .15em; break-after: avoid; }
.paper .tableau thead tr:last-child > * { border-bottom: .9pt solid #000; }
.paper .tableau .name { text-align: left; border-right: .6pt solid #000; min-width: 2.4em; }
.paper .tableau .rhs { border-left: .6pt solid #000; }
.paper .tableau .goal-first > * { border-top: .9pt solid #000; }
.paper .tableau .open { min-width: 2.8em; height: 1.7em; border: .4pt dotted #888; }
.paper .tableau .pivot { outline: 1.1pt solid #000; outline-offset: -1.5pt; border-radius: 1em; font-weight: 600; }
.paper .operations { font-size: .9em; margin: .1em 0 .6em; break-before: avoid; }
.paper .operations > span { margin-right: 1.4em; white-space: nowrap; }
.paper .room > span { display: block; height: 1.9em; border-bottom: .4pt solid #999; }
.paper .question { break-inside: avoid; margin: .8em 0 .3em; }
.paper .key { margin: .3em 0; break-inside: avoid; }
.paper .number { font-weight: 600; margin-right: .4em; }
.paper .picture { break-inside: avoid; margin: .5em 0; }
.paper .pictures { display: grid; grid-template-columns: 1fr 1fr; gap: .3em 1em; max-width: 36em; break-inside: avoid; }
.paper .pictures figure { margin: 0; }
.paper .pictures figcaption { font-weight: 600; }
.paper .pictures svg { width: 100%; height: auto; }
.paper .pictures text { font-size: 18px; }
.paper .picture svg { width: min(100%, 12.5cm); height: auto; }
.paper .tree svg { width: auto; max-width: 100%; }
.paper .fraction { display: inline-block; vertical-align: middle; text-align: center; font-size: .78em; line-height: 1.1; margin: 0 .1em; }
.paper .fraction > span { display: block; padding: 0 .15em; }
.paper .fraction > span + span { border-top: .6pt solid #000; }
.paper .turned { writing-mode: vertical-rl; }
.paper sub, .paper sup { font-size: .72em; line-height: 0; }
.paper .small { font-size: .8em; }
.paper .smaller { font-size: .64em; }
.paper .small th, .paper .small td, .paper .smaller th, .paper .smaller td { padding: .15em .3em; }
.paper .link { display: flex; align-items: center; gap: 1em; margin-top: 1.2em; break-inside: avoid; }
.paper .link svg { width: 28mm; height: 28mm; }
.paper .link p { overflow-wrap: anywhere; }
.paper .told { font-size: .8em; color: #333; }
.paper .sheet + .sheet { break-before: page; }
`;
