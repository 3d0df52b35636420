import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { bestFace } from '$lib/core/geometry/best';
import { region } from '$lib/core/geometry/region';
import { readStatement } from '$lib/core/problem/statement/read';
import { extend, NEW_TRAIL, wayBetween } from '$lib/core/move/trail';
import { identities } from '$lib/desk/identity';
import { EMPTY_BOOK, follow } from '$lib/core/problem/lasting';
import type { Problem } from '$lib/core/problem/types';
import { fillPolygon, lineInBox, spot, type Box } from '$lib/core/geometry';
import { frameOf, viewedBox } from './frame';
import { showPower, ticks } from '../picture/scale';
import { labelWidth, placeLabels } from './labels';
import { anyProblem } from '../../../../tests/support/problems';
import { objectiveSlope } from './objective';
import { construction } from '$lib/core/geometry/construction';
import { stageOf } from '../construction/stages';
import { tikzOf } from '../export/tikz';
import { CORNER_VIEW, projection } from '../solid/camera';
import { meetingPlane, roomOf, solidOf } from '../solid/solid';
import { COMB, fitOf, makePicture, makeScene, shortened } from './picture';

const SIZE = { width: 500, height: 400 };
const looks = (problem: Problem) => identities(follow(EMPTY_BOOK, null, problem), null);
const draw = (rows: string, objective = 'max z = x + y') => {
	const problem = readStatement(`${objective}\n${rows}`).problem!;
	const r = region(problem);
	const scene = { ...makeScene(r), fit: fitOf(r, []) };
	const frame = frameOf(scene.fit, SIZE);
	const picture = makePicture(scene, frame, bestFace(problem, r), 'fraction', looks(problem));
	return { problem, region: r, scene, frame, picture };
};
const inside = ({ x0, x1, y0, y1 }: Box, x: number, y: number) => x >= x0 && x <= x1 && y >= y0 && y <= y1;

describe('the view fits the region by itself', () => {
	test.each([
		['a: x + y <= 4', 4, 4],
		['a: 0.001 x + 2 y <= 5000000\nb: 0.002 x + y <= 4000000', 2e9, 2.5e6],
		['a: x + y <= 0.0003', 0.0003, 0.0003],
		['a: 1000000 x + 0.001 y <= 1', 1e-6, 1000],
		['a: x + y >= 100\nb: x <= 120\nc: y <= 130', 120, 130],
		['a: x + y <= -3\nx, y free', -3, -3],
		['a: x = 7\nb: y = 9', 7, 9],
		['a: x >= 3\nb: x <= 2', 3, 0]
	])('%j', (rows, x, y) => {
		const { scene, picture, region: r } = draw(rows);
		for (const { at } of r.vertices) expect(inside(scene.fit, at[0].valueOf(), at[1].valueOf())).toBe(true);
		// what is shown is of the region's own size, not lost in a corner
		if (r.shape === 'polygon') {
			expect(scene.fit.x1 - scene.fit.x0).toBeLessThan(2 * Math.abs(x) + 1e-9);
			expect(scene.fit.y1 - scene.fit.y0).toBeLessThan(2 * Math.abs(y) + 1e-9);
		}
		const spots = picture.lines.flatMap((l) => [...(l.ends ?? []), ...(l.comb ?? [])]);
		const numbers = [...Object.values(scene.fit), ...spots.flatMap((p) => [p.x, p.y])];
		expect(numbers.every(Number.isFinite)).toBe(true);
		expect(picture.fill).not.toContain('NaN');
	});

	test('a number that changes a little moves its own line, and the rest stays where it is', () => {
		const before = draw('a: 2 x + 15 y <= 200\nb: 12 x + 5 y <= 370\nc: 13 x + 4 y <= 387');
		const after = draw('a: 2 x + 15 y <= 200\nb: 12 x + 5 y <= 370\nc: 13 x + 4 y <= 3877');
		expect(after.scene.fit).toEqual(before.scene.fit);
		const moved = after.picture.lines.filter(
			(line, i) => JSON.stringify(line) !== JSON.stringify(before.picture.lines[i])
		);
		expect(moved.map((line) => line.name)).toEqual(['b', 'c'].slice(-moved.length));
	});

	test('an empty region shows all of its lines, wherever a run went', () => {
		const { region: r, scene } = draw('a: x + 2 y <= 4\nb: x + 2 y >= 6');
		const box = fitOf(r, [
			{ x: 0, y: 0 },
			{ x: 0, y: 2 }
		]);
		expect(scene.lines.map((line) => lineInBox(line, box) !== null)).toEqual(scene.lines.map(() => true));
	});

	test('a view for other numbers gives way to the fit', () => {
		const fit = { x0: 0, x1: 10, y0: 0, y1: 10 };
		expect(viewedBox(fit, { x: 5, y: 5, scale: 2 })).toEqual({ x0: 2.5, x1: 7.5, y0: 2.5, y1: 7.5 });
		expect(viewedBox(fit, { x: 5e6, y: 5, scale: 2 })).toEqual(fit);
	});
});

describe('what is drawn', () => {
	test('the feasible side, the best corner, names at the lines', () => {
		const {
			picture,
			problem,
			frame,
			region: r
		} = draw('a: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nfar: x + y >= 1', 'max z = 3 x + 5 y');
		expect(picture.corners.filter((c) => c.best).map((c) => c.text)).toEqual(['(2, 6)']);
		// x ≤ 4: the strokes stand to the left
		const [{ ends, comb }] = picture.lines;
		expect([comb![0].x, comb![0].y]).toEqual([ends![0].x - COMB / 2, ends![0].y]);
		expect(picture.lines.flatMap(({ kind, label }) => (kind === 'constraint' ? label?.text : []))).toEqual([
			'a',
			'b',
			'c',
			'far'
		]);
		const { better } = objectiveSlope(problem, r, frame)!;
		expect(better.x > 0 && better.y < 0).toBe(true);
		expect(objectiveSlope(readStatement('max z = 0 x + 0 y').problem!, r, frame)).toBeNull();
	});

	test('a line out of view keeps its place among the others, with nothing to draw and no name', () => {
		const { problem, region: r } = draw('a: x + y <= 4\nb: x - y <= 3\nc: 2 x + y >= 1');
		const frame = frameOf({ x0: 0, x1: 1, y0: 2, y1: 3.2 }, SIZE);
		const { lines, corners } = makePicture(
			makeScene(r),
			frame,
			bestFace(problem, r),
			'fraction',
			looks(problem)
		);
		const drawn = lines.filter(({ kind }) => kind === 'constraint');
		expect(drawn.map(({ name, ends, label }) => [name, !!ends, label?.text])).toEqual([
			['a', true, 'a'],
			['b', false, undefined],
			['c', false, undefined]
		]);
		expect(corners.filter(({ label }) => label)).toEqual([]);
	});

	test('flat regions are a stretch, empty ones nothing', () => {
		expect(draw('a: x + y = 3').picture.flat).toMatch(/^[\d.]+,[\d.]+ [\d.]+,[\d.]+$/);
		expect(draw('a: x - y = 1').picture.flat).toMatch(/^[\d.]+,[\d.]+ [\d.]+,[\d.]+$/);
		expect([draw('a: x >= 3\nb: x <= 2').picture.fill, draw('a: x >= 3\nb: x <= 2').picture.flat]).toEqual([
			'',
			''
		]);
	});

	test('lines and fills are cut to the box', () => {
		const box = { x0: 0, x1: 10, y0: 0, y1: 5 };
		expect(lineInBox({ index: 0, a: 1, b: 1, c: 4 }, box)).toEqual([
			{ x: 0, y: 4 },
			{ x: 4, y: 0 }
		]);
		expect(lineInBox({ index: 0, a: 1, b: 0, c: 12 }, box)).toBeNull();
		const polygon = fillPolygon([{ index: 0, a: 1, b: 1, c: 4 }], box);
		expect(polygon).toEqual([
			{ x: 0, y: 0 },
			{ x: 4, y: 0 },
			{ x: 0, y: 4 }
		]);
	});

	test('labels cover neither each other nor lines, and stand nearest to their own corner', () => {
		const wish = (key: string, owner: { x: number; y: number }) => ({
			key,
			text: '(10, 20)',
			owner,
			needed: true,
			lead: 0,
			places: [
				[0, -14],
				[40, 0],
				[0, 14],
				[-40, 0]
			].map(([dx, dy]) => ({ x: owner.x + dx, y: owner.y + dy }))
		});
		const owners = [
			{ x: 100, y: 100 },
			{ x: 100, y: 128 },
			{ x: 160, y: 100 }
		];
		const strokes = [{ p: { x: 0, y: 86 }, q: { x: 300, y: 86 } }];
		const labels = placeLabels(
			owners.map((o, i) => wish(String(i), o)),
			{ x0: 0, y0: 0, x1: 300, y1: 300 },
			owners,
			strokes
		);
		expect(labels).toHaveLength(3);
		for (const a of labels)
			for (const b of labels)
				if (a !== b)
					expect(Math.abs(a.x - b.x) >= labelWidth('(10, 20)') - 0.01 || Math.abs(a.y - b.y) >= 17).toBe(
						true
					);
		for (const label of labels) {
			expect(Math.abs(label.y - 86)).toBeGreaterThanOrEqual(8);
			const distances = owners.map(
				(o) =>
					Math.max(0, Math.abs(o.x - label.x) - label.width / 2) ** 2 +
					Math.max(0, Math.abs(o.y - label.y) - 8.5) ** 2
			);
			expect(distances.indexOf(Math.min(...distances))).toBe(Number(label.key));
		}
	});

	test('axis numbers keep short: powers of ten go to the axis title', () => {
		const { frame } = draw('a: 0.001 x + 2 y <= 5000000');
		const t = ticks(frame.x, 5);
		expect([t.power, t.text(2e9), showPower(t.power), showPower(-6), showPower(0)]).toEqual([
			9,
			'2',
			' ×10⁹',
			' ×10⁻⁶',
			''
		]);
		expect(shortened('very_long_constraint_name')).toBe('very_lon…_name');
	});

	test('the point travels over the common ancestor', () => {
		const move = (enter: string) => ({ kind: 'pivot' as const, enter, leave: 's', by: 'hand' as const });
		const one = extend(extend(NEW_TRAIL, move('a')), move('b'));
		const two = extend({ ...one, current: 1 }, move('c'));
		expect(wayBetween(two, 3, 4)).toEqual([3, 2, 1, 4]);
		expect(wayBetween(two, 1, 3)).toEqual([1, 2, 3]);
		expect(wayBetween(two, 1, 1)).toEqual([1]);
	});
});

/** Twice the area inside a closed run of points (the shoelace formula). */
const doubleArea = (points: readonly { x: number; y: number }[]) =>
	Math.abs(
		points.reduce((sum, p, i) => {
			const q = points[(i + 1) % points.length];
			return sum + p.x * q.y - q.x * p.y;
		}, 0)
	);

test('what is filled is the exact region, its corners are where the picture says, and names stay in the frame', () => {
	let filled = 0;
	fc.assert(
		fc.property(
			fc.oneof(anyProblem({ variables: 2 }), anyProblem({ variables: 2, slackStart: true })),
			(problem) => {
				const r = region(problem);
				const scene = { ...makeScene(r), fit: fitOf(r, []) };
				const frame = frameOf(scene.fit, SIZE);
				const picture = makePicture(scene, frame, bestFace(problem, r), 'fraction', looks(problem));
				const exact = r.vertices.map(({ at }) => spot(at));
				for (const corner of picture.corners) {
					expect(frame.x.invert(corner.x)).toBeCloseTo(exact[corner.index].x, 6);
					expect(frame.y.invert(corner.y)).toBeCloseTo(exact[corner.index].y, 6);
				}
				for (const { x, y, width } of [...picture.lines, ...picture.corners].flatMap((l) => l.label ?? []))
					expect(x - width / 2 >= 0 && x + width / 2 <= SIZE.width && y > 0 && y < SIZE.height).toBe(true);
				if (r.shape !== 'polygon') return;
				const size = doubleArea(exact);
				expect(Math.abs(doubleArea(fillPolygon(scene.lines, scene.fit)) - size)).toBeLessThan(
					1e-9 * (size + 1)
				);
				filled += 1;
			}
		),
		{ numRuns: 400 }
	);
	expect(filled).toBeGreaterThan(40);
});

describe('a picture that is built up', () => {
	const problem = readStatement('max z = x + y\na: x + y <= 4\nb: x <= 3\nc: x + y = 3').problem!;
	const sides = region(problem);
	const at = (key: string) => {
		const corners = sides.vertices.map((corner) => corner.at);
		const step = construction(problem, corners).find((own) => own.key === key)!;
		const stage = stageOf(problem, step);
		const frame = frameOf(fitOf(sides, []), SIZE);
		return makePicture(makeScene(sides, stage), frame, null, 'fraction', looks(problem));
	};
	const owners = (key: string) =>
		at(key).lines.map(({ name, kind }) => (kind === 'constraint' ? name : kind));

	test('a line is drawn before it limits the region, then its side is known, then what it cuts off', () => {
		expect(owners('line constraint a')).toEqual(['lower', 'lower', 'a']);
		const [line, test, cut] = ['line', 'test', 'cut'].map((kind) => at(`${kind} constraint a`));
		const own = (picture: typeof line) => picture.lines.find(({ name }) => name === 'a')!;
		expect([own(line).comb, own(test).comb !== null, own(cut).about]).toEqual([null, true, true]);
		expect(line.spots.map(({ text }) => text).sort()).toEqual(['(0, 4)', '(4, 0)']);
		expect(test.spots.map(({ text, kind }) => `${text} ${kind}`)).toEqual(['(0, 0) kept']);
		expect([line.removed.length, test.removed.length, cut.removed.length]).toEqual([0, 0, 1]);
		expect(at('line constraint b').removed).toEqual([]);
		// an equality keeps only its line: both sides go
		expect(at('cut constraint c').removed).toHaveLength(2);
		expect(at('region').corners).toEqual([]);
		expect(at('corner 3 0').corners.map(({ text }) => text)).toContain('(3, 0)');
	});
});

describe('a body of three variables', () => {
	const problem = readStatement('max z = x + y + w\na: x + y + w <= 4\nb: x <= 3').problem!;
	const room = roomOf(problem, []);
	const solid = solidOf(problem, room);

	test('faces look at the reader from one side only, and a plane meets the body in a polygon', () => {
		expect([solid.vertices.length, solid.edges.length, solid.faces.length]).toEqual([6, 9, 5]);
		const shown = solid.vertices.map(({ at }) => at);
		const look = (turn: number) => {
			const { faces } = projection(room, { turn, tilt: 0.4, scale: 1 }, SIZE, { top: 0, equal: true, shown });
			return solid.faces.filter(({ normal }) => faces(normal)).map(({ owner }) => owner!.name);
		};
		expect(look(Math.PI + 0.6)).toContain('a');
		expect(look(0.6)).not.toContain('a');
		expect(new Set([...look(0.6), ...look(Math.PI + 0.6)]).size).toBeGreaterThan(3);
		expect(meetingPlane(solid, [1, 1, 1], 2)).toHaveLength(3);
		expect(meetingPlane(solid, [1, 1, 1], 9)).toEqual([]);
		const { spot } = projection(room, CORNER_VIEW, SIZE, { top: 0, equal: false, shown });
		for (const at of shown) {
			const { x, y } = spot(at);
			expect(x > 0 && x < SIZE.width && y > 0 && y < SIZE.height).toBe(true);
		}
	});

	test('what has no end is cut off by the picture, and told from the region’s own', () => {
		const open = readStatement('max z = x\na: x + y + w >= 2').problem!;
		const body = solidOf(open, roomOf(open, []));
		expect(body.faces.filter(({ owner }) => !owner)).toHaveLength(3);
		expect(body.vertices.filter(({ own }) => own)).toHaveLength(3);
		const flat = readStatement('max z = x\na: x + y + w = 2').problem!;
		const polygon = solidOf(flat, roomOf(flat, []));
		expect([polygon.dimension, polygon.faces.length, polygon.faces[0].vertices.length]).toEqual([2, 1, 3]);
		expect(polygon.faces[0].owner!.name).toBe('a');
	});
});

test('TikZ has the same shapes in the same places, with signs that TeX understands', () => {
	const picture = new (class {
		constructor(
			readonly localName: string,
			readonly attributes: Record<string, string>,
			readonly children: unknown[] = [],
			readonly textContent = ''
		) {}
		getAttribute(name: string) {
			return this.attributes[name] ?? null;
		}
		querySelectorAll() {
			return [];
		}
	})('svg', {});
	const node = (name: string, attributes: Record<string, string>, text = '') =>
		new (picture.constructor as new (...args: unknown[]) => unknown)(name, attributes, [], text);
	picture.children.push(
		node('line', {
			x1: '1',
			y1: '2',
			x2: '3.456',
			y2: '4',
			stroke: 'rgb(31, 95, 168)',
			'stroke-dasharray': '9px, 4px'
		}),
		node('polygon', { points: '0,0 1,0 1,1', fill: 'rgb(239, 226, 189)', stroke: 'none' }),
		node(
			'text',
			{ x: '5', y: '6', fill: '#000', 'font-size': '13px', 'text-anchor': 'middle' },
			'x ≥ −2 & y_1'
		),
		node('circle', { cx: '1', cy: '1', r: '3', fill: 'none', stroke: 'none' })
	);
	const text = tikzOf(picture as unknown as Element);
	expect(text).toContain(
		'\\path[draw={rgb,255:red,31;green,95;blue,168}, line width=0.75pt, dash pattern=on 6.75pt off 3pt] (1,2) -- (3.46,4);'
	);
	expect(text).toContain(
		'\\path[fill={rgb,255:red,239;green,226;blue,189}] (0,0) -- (1,0) -- (1,1) -- cycle;'
	);
	expect(text).toContain('{x $\\ge$ $-$2 \\& y\\_1};');
	expect(text).not.toContain('circle');
});
