import { asName } from '../problem/names';
import { isNumber, withUnit } from './arrange';

/** A table of transport costs: sources and destinations along its sides, what each has and needs at its edges (Hitchcock 1941). */

const HAS =
	/^(?:total )?(?:suppl(?:y|ies)|available|availability|capacity|stock|offer|angebot|offre|oferta)$/i;
const NEEDS =
	/^(?:total )?(?:demands?|requirements?|required|needs?|orders?|bedarf|nachfrage|demande|demanda)$/i;

/**
 * The same as a technology table: each way from a source to a destination is an activity, and the costs are the objective.
 * @param cells lines of as many cells each, heads included
 * @returns null where the cells are no table of transport costs
 */
export function transportCells(cells: readonly (readonly string[])[]): string[][] | null {
	const [head, ...body] = cells;
	const edge = body.at(-1);
	if (!head || !edge || body.length < 3 || head.length < 4) return null;
	const [right, below] = [withUnit(head.at(-1)!), withUnit(edge[0])];
	const isTurned = NEEDS.test(right.name) && HAS.test(below.name);
	if (!isTurned && !(HAS.test(right.name) && NEEDS.test(below.name))) return null;
	const [lines, columns] = [body.slice(0, -1), head.slice(1, -1)];
	// an empty cell: there is no such way
	const isCost = (cell: string) => cell.trim() === '' || isNumber(cell);
	const isFull =
		lines.every((line) => line.slice(1, -1).every(isCost) && isNumber(line.at(-1)!)) &&
		edge.slice(1, -1).every(isNumber);
	if (!isFull) return null;
	const names = [...lines.map(([name]) => name), ...columns];
	// places that are only numbered, or called the same on both sides
	const isPlain = new Set(names).size === names.length && names.every((name) => /^\p{L}/u.test(name));
	const wayOf = (from: string, to: string) => asName(`${/^\p{L}/u.test(from) ? '' : 'x'}${from} ${to}`);
	const ways = lines.flatMap((line, i) =>
		columns.flatMap((column, j) => {
			const cost = line[j + 1].trim();
			const name = isTurned ? wayOf(column, line[0]) : wayOf(line[0], column);
			return cost === '' ? [] : [{ name, cost, line: i, column: j }];
		})
	);
	const unit = (own: string) => (own ? ` (${own})` : '');
	const row = (
		name: string,
		isSource: boolean,
		uses: (way: (typeof ways)[number]) => boolean,
		amount: string
	) => [
		`${isPlain ? '' : isSource ? 'from ' : 'to '}${name}${unit((isSource !== isTurned ? right : below).unit)}`,
		...ways.map((way) => (uses(way) ? '1' : '0')),
		isSource ? '≤' : '≥',
		amount
	];
	return [
		['', ...ways.map(({ name }) => name), '', ''],
		['min cost', ...ways.map(({ cost }) => cost), '', ''],
		...lines.map((line, i) => row(line[0], !isTurned, (way) => way.line === i, line.at(-1)!)),
		...columns.map((column, j) => row(column, isTurned, (way) => way.column === j, edge[j + 1]))
	];
}
