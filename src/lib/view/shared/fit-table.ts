import type { Attachment } from 'svelte/attachments';

/** sizes of type that a table may have, in rem: from what can just be read to what is read from the last row of a hall */
const SIZES = [0.62, 0.7, 0.78, 0.88, 1, 1.15, 1.3, 1.6, 2, 2.5, 3.1] as const;
const [SMALLEST] = SIZES;
/** a table that is too high is made smaller down to this size, then it scrolls: heads and feet stay in sight */
const SMALLEST_FOR_HEIGHT = 0.78;
/** so many cells are not measured: nobody reads them at once */
const MOST_CELLS = 900;
/** how much more room the next larger size has to leave, so that a size stays from step to step */
const SPARE = 1.06;

export interface Fitting {
	/** whether the table is never put into its narrow form */
	readonly isWhole?: () => boolean;
	/** the largest size of type, in rem */
	readonly most?: number;
	/** the height that counts: that of the box; that of the pane's part in which the box scrolls with what stands beside it; or none */
	readonly byHeight?: 'box' | 'scroll' | null;
}

/** The largest size at which something that takes `natural` at 1 rem fits into `room`. */
const sizeFor = (natural: number, room: number): number =>
	SIZES.findLast((size) => size * natural <= room) ?? SMALLEST;

/**
 * Fits the table in a box to the room that there is. Where it is too wide it takes its narrow form (`data-narrow` on the box: a tableau folds its
 * basic columns, which hold nothing but ones and zeros, to strips; names above columns are written upwards); then the type shrinks by steps (`--size`
 * on the box). Where there is room it grows. What is too wide even then scrolls, and the entry that is advised is brought in sight.
 */
export function fitTable({ isWhole, most = 3.1, byHeight = 'box' }: Fitting = {}): Attachment<HTMLElement> {
	return (box) => {
		const table = box.querySelector('table')!;
		let now: number = 1;
		const set = (size: number) => box.style.setProperty('--size', `${size}rem`);

		function measure(): void {
			if (box.clientWidth === 0) return;
			const cells = table.rows.length * (table.rows[0]?.cells.length ?? 0);
			const mayFold = !isWhole?.();
			if (cells > MOST_CELLS) {
				box.toggleAttribute('data-narrow', mayFold);
				return set(SMALLEST);
			}
			box.removeAttribute('data-narrow');
			set(1);
			box.dataset.measured = '';
			const { marginLeft, marginRight } = getComputedStyle(table);
			const width = box.clientWidth - parseFloat(marginLeft) - parseFloat(marginRight);
			const height = heightFor();
			if (mayFold && table.offsetWidth > width) box.dataset.narrow = '';
			const natural = { width: table.offsetWidth, height: table.offsetHeight };
			delete box.dataset.measured;
			const fitting = (spare: number) =>
				Math.min(
					most,
					sizeFor(natural.width * spare, width),
					Math.max(sizeFor(natural.height * spare, height), SMALLEST_FOR_HEIGHT)
				);
			const size = fitting(1);
			// a little more room than before is no reason to change the size
			now = size > now ? Math.max(fitting(SPARE), now) : size;
			set(now);
			bringInSight();
		}

		/** pixels that the table may be high */
		function heightFor(): number {
			if (!byHeight) return Infinity;
			if (byHeight === 'box') return box.clientHeight - below();
			const scroll = box.closest<HTMLElement>('.scroll')!;
			const beside = box.getBoundingClientRect().top - scroll.getBoundingClientRect().top + scroll.scrollTop;
			return scroll.clientHeight - beside - parseFloat(getComputedStyle(scroll).paddingBottom);
		}

		/** how much stands below the table in the box */
		const below = () =>
			[...box.children].reduce(
				(sum, own) => (own === table ? sum : sum + (own as HTMLElement).offsetHeight),
				0
			);

		/** Scrolls sideways to the advised entry, between the names at the left and the right-hand side. */
		function bringInSight(): void {
			if (box.scrollWidth <= box.clientWidth) return;
			const cell = table.querySelector('.advised')?.closest('td');
			const right = table.querySelector<HTMLElement>('thead .rhs:not(.first)');
			const left = table.querySelector<HTMLElement>('thead .basis');
			if (!cell || !right || !left) return;
			const [own, from, to] = [cell, left, right].map((element) => element.getBoundingClientRect());
			if (own.left < from.right) box.scrollLeft -= from.right - own.left;
			else if (own.right > to.left) box.scrollLeft += own.right - to.left;
		}

		const observer = new ResizeObserver(measure);
		observer.observe(box);
		observer.observe(table);
		if (byHeight === 'scroll') observer.observe(box.closest('.scroll')!);
		// what is observed is measured before it is painted; where this changes, it is observed anew
		void isWhole?.();
		return () => observer.disconnect();
	};
}
