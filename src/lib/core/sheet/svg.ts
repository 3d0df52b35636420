import { en } from '../language/language';
import { placedTexts } from './labels';
import type { Notation } from '../notation/notation';
import { plainText } from '../sentence/sentence';
import type { Drawing } from './drawing';
import type { DrawnTree } from './tree-drawing';
import type { Spot } from '../geometry/box';
import { escapedXml } from './xml';

/** A drawing as SVG: black lines told apart by dashes and names. */

const [WIDTH, HEIGHT] = [480, 380];
export const SVG_SIZE = { width: WIDTH, height: HEIGHT };
const MARGIN = { left: 46, right: 60, top: 18, bottom: 38 };
const short = (value: number): string => String(Math.round(value * 100) / 100);

/** A tick as text: no more digits than it needs. */
const tickText = (value: number): string => String(Number(value.toPrecision(6))).replace('-', '−');

/** How amounts become places of the picture. */
const scalesOf = ({ box }: Drawing) => ({
	x: (value: number) =>
		MARGIN.left + ((value - box.x0) / (box.x1 - box.x0)) * (WIDTH - MARGIN.left - MARGIN.right),
	y: (value: number) =>
		HEIGHT - MARGIN.bottom - ((value - box.y0) / (box.y1 - box.y0)) * (HEIGHT - MARGIN.top - MARGIN.bottom)
});

/** Where the corners of a drawing are in its picture. */
export function spotsOf(drawing: Drawing): Spot[] {
	const { x, y } = scalesOf(drawing);
	return drawing.corners.map(({ at }) => ({ x: x(at.x), y: y(at.y) }));
}

/** The drawing as one SVG element with its names as text. */
export function svgOf(drawing: Drawing): string {
	const { box, axes, ticks, area, constraints, corners, objective, here } = drawing;
	const { x, y } = scalesOf(drawing);
	const at = (p: Spot) => `${short(x(p.x))},${short(y(p.y))}`;
	const line = (from: Spot, to: Spot, look: string) =>
		`<line x1="${short(x(from.x))}" y1="${short(y(from.y))}" x2="${short(x(to.x))}" y2="${short(y(to.y))}" ${look}/>`;
	const text = (p: Spot, dx: number, dy: number, says: string, look = '') =>
		`<text x="${short(x(p.x) + dx)}" y="${short(y(p.y) + dy)}" paint-order="stroke" stroke="#fff" stroke-width="3" ${look}>${escapedXml(says)}</text>`;
	const places = placedTexts(drawing, x, y, SVG_SIZE);
	/** a text around its middle, where it covers nothing */
	const placed = (key: string, says: string, look = '') => {
		const middle = places.get(key);
		return middle
			? `<text x="${short(middle.x)}" y="${short(middle.y + 4)}" text-anchor="middle" paint-order="stroke" stroke="#fff" stroke-width="3" ${look}>${escapedXml(says)}</text>`
			: '';
	};
	const grid = 'stroke="#ccc" stroke-width="0.6"';
	const parts = [
		...ticks.x.map((value) => line({ x: value, y: box.y0 }, { x: value, y: box.y1 }, grid)),
		...ticks.y.map((value) => line({ x: box.x0, y: value }, { x: box.x1, y: value }, grid)),
		area.length > 2
			? `<polygon points="${area.map(at).join(' ')}" class="area" fill="url(#hatch)" stroke="none"/>`
			: '',
		line({ x: box.x0, y: 0 }, { x: box.x1, y: 0 }, 'stroke="#000" stroke-width="1"'),
		line({ x: 0, y: box.y0 }, { x: 0, y: box.y1 }, 'stroke="#000" stroke-width="1"'),
		...ticks.x
			.filter((value) => value !== 0)
			.map((value) =>
				text({ x: value, y: Math.max(0, box.y0) }, 0, 15, tickText(value), 'text-anchor="middle"')
			),
		...ticks.y
			.filter((value) => value !== 0)
			.map((value) =>
				text({ x: Math.max(0, box.x0), y: value }, -6, 4, tickText(value), 'text-anchor="end"')
			),
		text({ x: box.x1, y: Math.max(0, box.y0) }, 4, 4, axes[0], 'font-style="italic"'),
		text({ x: Math.max(0, box.x0), y: box.y1 }, 6, 4, axes[1], 'font-style="italic"'),
		...constraints.map(({ from, to, dash, order }) =>
			line(
				from,
				to,
				`class="line c${(order % 8) + 1}" stroke="#000" stroke-width="1.3"${dash.length ? ` stroke-dasharray="${dash.map((own) => own * 1.2).join(' ')}"` : ''}`
			)
		),
		objective
			? line(
					objective.from,
					objective.to,
					'class="objective" stroke="#000" stroke-width="2.4" stroke-dasharray="1 3" stroke-linecap="round"'
				) + placed('objective', objective.name, 'font-style="italic" font-weight="bold"')
			: '',
		...constraints.map(({ name, order }) =>
			placed(`line ${name}`, name, `class="c${(order % 8) + 1}" font-style="italic"`)
		),
		...corners.map(
			({ at: spot, isBest }) =>
				`<circle cx="${short(x(spot.x))}" cy="${short(y(spot.y))}" r="3" fill="#000"/>` +
				(isBest
					? `<circle cx="${short(x(spot.x))}" cy="${short(y(spot.y))}" r="7" fill="none" stroke="#000" stroke-width="1.2"/>`
					: '')
		),
		here
			? `<circle class="here" cx="${short(x(here.x))}" cy="${short(y(here.y))}" r="8" fill="none" stroke="#000" stroke-width="2.4"/>`
			: '',
		...corners.map(({ says }, i) => placed(`corner ${i}`, says))
	];
	const names = constraints.map(({ name }) => name).join(', ');
	const label =
		area.length > 2
			? en`The feasible region of ${axes.join(en` and `)}`
			: en`Axes for ${axes.join(en` and `)}`;
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" role="img" aria-label="${escapedXml(names ? en`${label}; lines: ${names}` : label)}" font-family="Georgia, serif" font-size="12"><defs><pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line y2="7" stroke="#000" stroke-width="0.5"/></pattern></defs>${parts.join('')}</svg>`;
}

/** a box of a tree, from one level to the next, and how far down its edge the bound stands that the edge adds */
const BOX = { width: 112, height: 54, level: 108, label: 0.72 };
/** about the width of a letter */
const LETTER = 8;

/** A branch-and-bound tree as one SVG element; what is null is an empty place to write in. */
export function treeSvg({ size, nodes, lit }: DrawnTree, notation: Notation): string {
	const labels = nodes.map(({ from, added }) => (added ? plainText(added, notation) : from ? '______' : ''));
	// the labels of two edges from one node stand beside each other
	const longest = Math.max(...labels.map(({ length }) => length));
	const step = Math.max(BOX.width + 16, (longest * LETTER + 12) / BOX.label);
	const [width, height] = [size.x * step, (size.y - 1) * BOX.level + BOX.height + 8];
	const middle = ({ x, y }: Spot) => ({ x: (x + 0.5) * step, y: y * BOX.level + BOX.height / 2 + 4 });
	const text = (x: number, y: number, says: string, look: string) =>
		`<text x="${short(x)}" y="${short(y)}" text-anchor="middle" ${look}>${escapedXml(says)}</text>`;
	const edges = nodes.flatMap(({ from, ...own }, i) => {
		if (!from) return [];
		const [a, b] = [middle(from), middle(own)];
		const [top, bottom] = [a.y + BOX.height / 2, b.y - BOX.height / 2];
		const halo = 'font-size="15" paint-order="stroke" stroke="#fff" stroke-width="5"';
		return [
			`<line x1="${short(a.x)}" y1="${short(top)}" x2="${short(b.x)}" y2="${short(bottom)}" stroke="#000"/>`,
			text(a.x + (b.x - a.x) * BOX.label, top + (bottom - top) * BOX.label + 4, labels[i], halo)
		];
	});
	const boxes = nodes.map(({ id, bound, ended, ...own }) => {
		const { x, y } = middle(own);
		const [left, top] = [x - BOX.width / 2, y - BOX.height / 2];
		const end = ended.length ? plainText(ended, notation) : '';
		return [
			`<rect class="box${id === lit ? ' here' : ''}" x="${short(left)}" y="${short(top)}" width="${BOX.width}" height="${BOX.height}" rx="5" fill="#fff" stroke="#000" stroke-width="${id === lit ? 2.6 : 1}"/>`,
			`<text x="${short(left + 6)}" y="${short(top + 16)}" font-size="13" font-style="italic">${id}</text>`,
			text(
				x,
				end ? y + 2 : y + 7,
				bound ? plainText(bound, notation) : '',
				'font-size="18" font-weight="600"'
			),
			end ? text(x, y + 20, end, 'font-size="15"') : ''
		].join('');
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${short(width)} ${height}" role="img" aria-label="The tree of ${nodes.length} nodes" font-family="Georgia, serif" width="${Math.round(width * 0.8)}">${edges.join('')}${boxes.join('')}</svg>`;
}
