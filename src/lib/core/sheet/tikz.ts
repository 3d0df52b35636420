import { latexColumn } from '../formats/latex';
import type { Spot } from '../geometry/box';
import { plainText, type Sentence } from '../sentence/sentence';
import type { Drawing } from './drawing';
import { placedTexts } from './labels';
import type { DrawnTree } from './tree-drawing';

/** A drawing as TikZ in the problem's own coordinates, with macros that an author can change. */

/** width and height of the picture in centimetres */
const [WIDTH, HEIGHT] = [10, 8];
const short = (value: number): string => String(Number(value.toPrecision(7)));
const at = ({ x, y }: Spot): string => `(${short(x)},${short(y)})`;

/** The picture; x and y are amounts of the variables. */
export function tikzOf(drawing: Drawing): string {
	const { box, axes, ticks, area, constraints, corners, objective } = drawing;
	const [wide, high] = [box.x1 - box.x0, box.y1 - box.y0];
	const zero = { x: Math.max(0, box.x0), y: Math.max(0, box.y0) };
	// the same places as in a picture of 36 pixels a centimetre
	const scale = 36;
	const x = (value: number) => ((value - box.x0) / wide) * WIDTH * scale;
	const y = (value: number) => ((box.y1 - value) / high) * HEIGHT * scale;
	const places = placedTexts(drawing, x, y, { width: WIDTH * scale + 40, height: HEIGHT * scale });
	const placed = (key: string): string => {
		const { x: across, y: down } = places.get(key) ?? { x: 0, y: 0 };
		return at({
			x: box.x0 + (across / scale / WIDTH) * wide,
			y: box.y1 - (down / scale / HEIGHT) * high
		});
	};
	const dashed = (dash: readonly number[]) =>
		dash.length
			? `, dash pattern=${dash.map((own, i) => `${i % 2 ? 'off' : 'on'} ${short(own)}pt`).join(' ')}`
			: '';
	return [
		`\\begin{tikzpicture}[x=${short(WIDTH / wide)}cm, y=${short(HEIGHT / high)}cm, font=\\small]`,
		'  % a constraint: how its line is dashed, from, to, and where its name stands',
		'  \\newcommand{\\constraintline}[5][]{\\draw[line width=0.8pt, #1] #2 -- #3; \\node[fill=white, inner sep=1pt] at #4 {#5};}',
		'  % a corner: its place, where its coordinates stand, and the coordinates',
		'  \\newcommand{\\corner}[3]{\\fill #1 circle[radius=1.6pt]; \\node[fill=white, inner sep=1pt] at #2 {#3};}',
		'  \\newcommand{\\bestcorner}[3]{\\draw[line width=0.8pt] #1 circle[radius=4pt]; \\corner{#1}{#2}{#3}}',
		`  \\draw[black!20, line width=0.3pt] ${[
			...ticks.x.map((x) => `${at({ x, y: box.y0 })} -- ${at({ x, y: box.y1 })}`),
			...ticks.y.map((y) => `${at({ x: box.x0, y })} -- ${at({ x: box.x1, y })}`)
		].join(' ')};`,
		area.length > 2
			? `  \\fill[pattern=north east lines, pattern color=black!55] ${area.map(at).join(' -- ')} -- cycle;`
			: '',
		`  \\draw[->] ${at({ x: box.x0, y: zero.y })} -- ${at({ x: box.x1, y: zero.y })} node[right] {$${latexColumn(axes[0])}$};`,
		`  \\draw[->] ${at({ x: zero.x, y: box.y0 })} -- ${at({ x: zero.x, y: box.y1 })} node[above] {$${latexColumn(axes[1])}$};`,
		...ticks.x
			.filter((x) => x !== 0)
			.map((x) => `  \\node[below] at ${at({ x, y: zero.y })} {$${short(x)}$};`),
		...ticks.y
			.filter((y) => y !== 0)
			.map((y) => `  \\node[left] at ${at({ x: zero.x, y })} {$${short(y)}$};`),
		...constraints.map((own) => {
			const look = dashed(own.dash).slice(2);
			return `  \\constraintline${look ? `[${look}]` : ''}{${at(own.from)}}{${at(own.to)}}{${placed(`line ${own.name}`)}}{$${latexColumn(own.name)}$}`;
		}),
		objective
			? `  \\draw[line width=1.4pt, dash pattern=on 1pt off 2.5pt, line cap=round] ${at(objective.from)} -- ${at(objective.to)}; \\node[fill=white, inner sep=1pt] at ${placed('objective')} {$${latexColumn(objective.name)}$};`
			: '',
		...corners.map(
			({ at: spot, says, isBest }, i) =>
				`  \\${isBest ? 'best' : ''}corner{${at(spot)}}{${placed(`corner ${i}`)}}{$${says.replaceAll('−', '-')}$}`
		),
		'\\end{tikzpicture}',
		''
	]
		.filter((line, i, all) => line !== '' || i === all.length - 1)
		.join('\n');
}

/** A branch-and-bound tree; what is null is left blank. */
export function treeTikz({ nodes }: DrawnTree, of: (sentence: Sentence) => string): string {
	const blank = '\\rule{2.5em}{0.4pt}';
	const place = ({ x, y }: Spot) => `(${short(x)},${-y})`;
	// the labels of two edges from one node stand beside each other
	const longest = Math.max(...nodes.map(({ added }) => (added ? plainText(added).length : 6)));
	const wide = Math.max(2.6, (longest * 0.18 + 0.3) / 0.7);
	const named = new Map(nodes.map((node) => [place(node), node.id]));
	return [
		`\\begin{tikzpicture}[x=${short(wide)}cm, y=1.9cm, font=\\small]`,
		'  % a node: its number, where it is, its bound, and how it ended',
		'  \\newcommand{\\treenode}[4]{\\node[draw, rounded corners=2pt, align=center, minimum width=2.2cm, minimum height=0.9cm] (n#1) at #2 {\\textit{#1}\\quad #3\\\\#4};}',
		...nodes.map(
			({ id, bound, ended, ...own }) =>
				`  \\treenode{${id}}{${place(own)}}{${bound ? of(bound) : blank}}{${of(ended)}}`
		),
		...nodes.flatMap(({ id, from, added }) =>
			from
				? [
						`  \\draw (n${named.get(place(from))}) -- node[pos=0.7, fill=white, inner sep=1pt] {${added ? of(added) : blank}} (n${id});`
					]
				: []
		),
		'\\end{tikzpicture}'
	].join('\n');
}
