/** A picture's SVG (as `snapshot` gives it: styles at each element) as TikZ, in the same places. */

/** TeX's own signs, escaped; minus signs and relations as mathematics. */
const escaped = (text: string): string =>
	text
		.replace(/[\\{}$&#%_^~]/g, (sign) =>
			sign === '\\' ? '\\textbackslash{}' : sign === '^' || sign === '~' ? `\\${sign}{}` : `\\${sign}`
		)
		.replace(/−/g, '$-$')
		.replace(/≤/g, '$\\le$')
		.replace(/≥/g, '$\\ge$')
		.replace(/×/g, '$\\times$')
		.replace(/…/g, '\\dots{}')
		.replace(/[\u202f\u00a0]/g, '\\,');

/** `rgb(31, 95, 168)` or `#1f5fa8` as TikZ's colour in place; null where nothing is drawn. */
export function colourOf(value: string | null): string | null {
	if (!value || value === 'none' || value === 'transparent' || value.startsWith('url')) return null;
	const short = /^#([0-9a-f])([0-9a-f])([0-9a-f])$/i.exec(value);
	const long = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(value);
	const digits = short?.slice(1).map((digit) => digit + digit) ?? long?.slice(1);
	const rgb = /^rgba?\((\d+),? (\d+),? (\d+)(?:,? (?:\/ )?([\d.]+))?\)$/.exec(value);
	if (rgb?.[4] === '0') return null;
	const srgb = /^color\(srgb ([\d.]+) ([\d.]+) ([\d.]+)/.exec(value);
	const parts =
		digits?.map((hex) => parseInt(hex, 16)) ??
		rgb?.slice(1, 4).map(Number) ??
		srgb?.slice(1).map((part) => Math.round(Number(part) * 255));
	return parts ? `{rgb,255:red,${parts[0]};green,${parts[1]};blue,${parts[2]}}` : 'black';
}

const number = (text: string | null): number => Number.parseFloat(text ?? '') || 0;
const short = (value: number): string => String(Math.round(value * 100) / 100);
const at = (x: number, y: number): string => `(${short(x)},${short(y)})`;

/** How an element is drawn, as TikZ's options; empty where nothing of it is seen. */
function options(element: Element): string[] {
	const of = (name: string) => element.getAttribute(name);
	const [draw, fill] = [colourOf(of('stroke')), colourOf(of('fill'))];
	const pattern = of('fill')?.startsWith('url');
	const list: string[] = [];
	if (draw) {
		list.push(`draw=${draw}`, `line width=${short(number(of('stroke-width') ?? '1') * 0.75)}pt`);
		const dashes = (of('stroke-dasharray') ?? '').match(/[\d.]+/g);
		if (dashes && dashes.length > 1)
			list.push(
				`dash pattern=${dashes.map((length, i) => `${i % 2 ? 'off' : 'on'} ${short(Number(length) * 0.75)}pt`).join(' ')}`
			);
		if (of('stroke-opacity') && of('stroke-opacity') !== '1')
			list.push(`draw opacity=${of('stroke-opacity')}`);
		if (of('stroke-linecap') === 'round') list.push('line cap=round');
	}
	if (fill && element.localName !== 'line' && element.localName !== 'polyline') {
		list.push(`fill=${fill}`);
		if (of('fill-opacity') && of('fill-opacity') !== '1') list.push(`fill opacity=${of('fill-opacity')}`);
	} else if (pattern) list.push('pattern=north east lines');
	return list;
}

const pairs = (text: string | null): string[] =>
	(text ?? '')
		.trim()
		.split(/\s+/)
		.filter(Boolean)
		.map((pair) => {
			const [x, y] = pair.split(',').map(Number);
			return at(x, y);
		});

/** A transform attribute as the option that does the same. */
function transformOf(element: Element): string | null {
	const text = element.getAttribute('transform');
	if (!text) return null;
	const list = [...text.matchAll(/(translate|rotate|matrix)\(([^)]*)\)/g)].map(([, kind, inside]) => {
		const n = inside.split(/[\s,]+/).map(Number.parseFloat);
		if (kind === 'translate') return `shift={${at(n[0], n[1] || 0)}}`;
		if (kind === 'rotate') return `rotate=${short(n[0])}`;
		return `cm={${n.slice(0, 4).map(short).join(',')},${at(n[4], n[5])}}`;
	});
	return list.join(', ');
}

function lines(element: Element, root: Element, indent: string): string[] {
	const of = (name: string) => element.getAttribute(name);
	const inner = (more: string) => [...element.children].flatMap((child) => lines(child, root, indent + more));
	const shape = (path: string): string[] => {
		const list = options(element);
		return list.length && path ? [`${indent}\\path[${list.join(', ')}] ${path};`] : [];
	};
	switch (element.localName) {
		case 'g':
		case 'svg': {
			const clip = /#([^"')]+)/.exec(of('clip-path') ?? '')?.[1];
			const box = clip
				? [...root.querySelectorAll('clipPath')].find(({ id }) => id === clip)?.firstElementChild
				: null;
			const transform = element === root ? null : transformOf(element);
			const content = inner(box || transform ? '  ' : '');
			if (!box && !transform) return content;
			const corner = (x: number, y: number) => at(x, y);
			const cut = box
				? [
						`${indent}  \\clip ${corner(number(box.getAttribute('x')), number(box.getAttribute('y')))} rectangle ${corner(number(box.getAttribute('x')) + number(box.getAttribute('width')), number(box.getAttribute('y')) + number(box.getAttribute('height')))};`
					]
				: [];
			return [
				`${indent}\\begin{scope}${transform ? `[${transform}]` : ''}`,
				...cut,
				...content,
				`${indent}\\end{scope}`
			];
		}
		case 'line':
			return shape(`${at(number(of('x1')), number(of('y1')))} -- ${at(number(of('x2')), number(of('y2')))}`);
		case 'polyline':
			return shape(pairs(of('points')).join(' -- '));
		case 'polygon': {
			const corners = pairs(of('points'));
			return corners.length ? shape(`${corners.join(' -- ')} -- cycle`) : [];
		}
		case 'circle':
			return shape(`${at(number(of('cx')), number(of('cy')))} circle[radius=${short(number(of('r')))}pt]`);
		case 'rect': {
			const [x, y] = [number(of('x')), number(of('y'))];
			if (of('width')?.endsWith('%')) return [];
			return shape(`${at(x, y)} rectangle ${at(x + number(of('width')), y + number(of('height')))}`);
		}
		case 'path':
			return shape(`svg "${of('d')}"`);
		case 'text': {
			const anchor = { middle: 'base', end: 'base east' }[of('text-anchor') ?? ''] ?? 'base west';
			const size = number(of('font-size')) * 0.75;
			const face = `${of('font-style') === 'italic' ? '\\itshape' : ''}${number(of('font-weight')) >= 600 ? '\\bfseries' : ''}`;
			const colour = colourOf(of('fill')) ?? 'black';
			return [
				`${indent}\\node[anchor=${anchor}, inner sep=0pt, text=${colour}, font=\\fontsize{${short(size)}}{${short(size * 1.2)}}\\selectfont${face}] at ${at(number(of('x')), number(of('y')))} {${escaped(element.textContent ?? '')}};`
			];
		}
		default:
			return [];
	}
}

/**
 * A picture as TikZ that compiles with standard packages (tikz with its libraries patterns and svg.path).
 * @param picture as `snapshot` gives it
 */
export function tikzOf(picture: Element): string {
	return [
		'% needs \\usepackage{tikz} and \\usetikzlibrary{patterns, svg.path}',
		'\\begin{tikzpicture}[x=1pt, y=1pt, xscale=0.75, yscale=-0.75]',
		...lines(picture, picture, '  '),
		'\\end{tikzpicture}',
		''
	].join('\n');
}
