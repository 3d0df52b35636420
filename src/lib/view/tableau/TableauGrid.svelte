<script lang="ts">
	import { isZero, sign, type Rational } from '$lib/core/number/rational';
	import type { Tableau } from '$lib/core/tableau/tableau';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { keeper } from '$lib/core/keep';
	import type { Pointed } from '$lib/desk/identity';
	import MarkGlyph from '../shared/MarkGlyph.svelte';
	import NumberView from '../shared/NumberView.svelte';
	import { enterable, shownTableau, type ShownTableau } from './model';
	import './tableau.css';

	let { desk, tableau }: { desk: Desk; tableau: Tableau } = $props();
	/** the column under the pointer or the keyboard's focus */
	let near = $state<number | null>(null);
	/** the entry that the tab key reaches: a row, and a place among the non-basic columns */
	let home = $state({ row: 0, place: 0 });
	let grid = $state<HTMLTableElement>();
	let table = $state({ width: 0, height: 0 });
	let pane = $state({ width: 0, height: 0 });

	const advised = $derived(desk.advice?.kind === 'pivot' ? desk.advice.choice : null);
	const considered = $derived.by(() => {
		const free = (index: number | null | undefined) =>
			index !== null && index !== undefined && tableau.nonbasic.includes(index) ? index : null;
		return free(near) ?? free(desk.considered) ?? free(advised?.entering);
	});
	const open = $derived(enterable(tableau));
	const reached = $derived({
		row: Math.min(home.row, tableau.basis.length - 1),
		column: open[Math.min(home.place, open.length - 1)]
	});
	const kept = keeper<ShownTableau>();
	// taken apart here, so that a part that stays reaches nothing that depends on it
	const { columns, rows, goalName, goalValue, ratiosOf, rhsDigits, ratioDigits } = $derived(
		kept(shownTableau(tableau, desk.numbers, { considered, advised, reached }))
	);
	/** a long name may break after its underscores */
	const breakable = (name: string) => name.replaceAll('_', '_\u200b');

	const MOVES: Record<string, [number, number]> = {
		ArrowUp: [-1, 0],
		ArrowDown: [1, 0],
		ArrowLeft: [0, -1],
		ArrowRight: [0, 1]
	};

	/** Row and column of the entry that an event happened on. */
	function entryOf({ target }: Event): { row: number; column: number } | null {
		const place = (target as Element).closest<HTMLElement>('[data-entry]')?.dataset.entry;
		if (!place) return null;
		const [row, column] = place.split(':').map(Number);
		return { row, column };
	}

	function pivotThere(event: Event) {
		const place = entryOf(event);
		if (place) desk.pivotAt(place.row, tableau.nonbasic.indexOf(place.column));
	}

	function comeNear(event: Event) {
		const place = entryOf(event);
		near = place?.column ?? null;
		if (place && event.type === 'focusin') home = { row: place.row, place: open.indexOf(place.column) };
	}

	/** Arrow keys walk over the entries that could be a pivot. */
	function walk(event: KeyboardEvent) {
		const move = MOVES[event.key];
		const from = entryOf(event);
		if (!move || !from) return;
		event.preventDefault();
		const within = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));
		const row = within(from.row + move[0], rows.length);
		const column = open[within(open.indexOf(from.column) + move[1], open.length)];
		grid?.querySelector<HTMLElement>(`[data-entry="${row}:${column}"]`)?.focus();
	}
</script>

<!-- a number in a box of its column's width: when it changes, nothing else has to be laid out or painted -->
{#snippet figure(value: Rational, digits: number)}
	<span class="figure" style:--digits={digits}><NumberView {value} style={desk.numbers} /></span>
{/snippet}

{#snippet named(name: string, pointed: Pointed | null)}
	{@const mark = pointed?.kind === 'constraint' ? desk.identities.get(pointed.name) : undefined}
	{#if mark}<MarkGlyph identity={mark} />{/if}{breakable(name)}
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="simplex"
	class:sideways={table.width > pane.width}
	class:lengthwise={table.height > pane.height}
	bind:clientWidth={pane.width}
	bind:clientHeight={pane.height}
	tabindex="0"
	role="group"
	aria-label="Simplex tableau, scrolls where it is large"
>
	<!-- the buttons in the cells are what one acts on; the table hears it for all of them -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<table
		bind:this={grid}
		bind:offsetWidth={table.width}
		bind:offsetHeight={table.height}
		class:roomy={columns.length <= 8 && rows.length <= 4}
		class:dense={columns.length > 11}
		onclick={pivotThere}
		onkeydown={walk}
		onpointerover={comeNear}
		onpointerleave={() => (near = null)}
		onfocusin={comeNear}
		onfocusout={() => (near = null)}
	>
		<caption class="only-heard">Simplex tableau. Choose an entry to pivot on it.</caption>
		<colgroup>
			<col />
			{#each columns as column (column.key)}<col class:considered={column.considered} />{/each}
			<col span="2" />
		</colgroup>
		<thead>
			<tr>
				<th scope="col" class="basis">basis</th>
				{#each columns as { key, name, index, place, pointed, considered } (key)}
					<th
						scope="col"
						class:lit={desk.isPointed(pointed)}
						class:considered
						data-column={name}
						onpointerenter={() => desk.point(pointed)}
						onpointerleave={() => desk.point(null)}
					>
						{#if place >= 0}
							<button
								class="head"
								aria-pressed={desk.considered === index}
								title="Show the ratios of this column"
								onclick={() => (desk.considered = desk.considered === index ? null : index)}
							>
								{@render named(name, pointed)}
							</button>
						{:else}
							{@render named(name, pointed)}
						{/if}
					</th>
				{/each}
				<th scope="col" class="rhs">rhs</th>
				<th scope="col" class="ratio">
					ratio{#if ratiosOf !== null}<span class="by">&nbsp;÷ {ratiosOf}</span>{/if}
				</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as row (row.key)}
				<tr class:lit={desk.isPointed(row.pointed)}>
					<th
						scope="row"
						class="basis"
						onpointerenter={() => desk.point(row.pointed)}
						onpointerleave={() => desk.point(null)}
					>
						{@render named(row.name, row.pointed)}
					</th>
					{#each columns as { key, place } (key)}
						{#if place < 0}
							<td class="unit">{key === row.key ? 1 : 0}</td>
						{:else}
							{@const entry = row.entries[place]}
							<td>
								<button
									class="entry figure"
									style:--digits={entry.digits}
									class:advised={entry.advised}
									class:zero={isZero(entry.value)}
									data-entry={entry.key}
									title={`Pivot: ${entry.exchange}`}
									tabindex={entry.reached ? 0 : -1}
									aria-disabled={isZero(entry.value)}
								>
									<NumberView value={entry.value} style={desk.numbers} />
								</button>
							</td>
						{/if}
					{/each}
					<td class="rhs" class:negative={sign(row.rhs) < 0}>{@render figure(row.rhs, rhsDigits)}</td>
					<td class="ratio" class:least={row.ratio?.least}>
						{#if row.ratio?.value}
							{@render figure(row.ratio.value, ratioDigits)}{#if row.ratio.least}<span class="tag">least</span
								>{/if}
						{:else if row.ratio}<span class="none">–</span>{/if}
					</td>
				</tr>
			{/each}
		</tbody>
		<tfoot>
			<tr>
				<th scope="row" class="basis">{goalName}</th>
				{#each columns as { key, cost, considered, digits } (key)}
					<td class:considered class:improving={sign(cost) < 0}>{@render figure(cost, digits)}</td>
				{/each}
				<td class="rhs">{@render figure(goalValue, rhsDigits)}</td>
				<td class="ratio"></td>
			</tr>
		</tfoot>
	</table>
</div>
