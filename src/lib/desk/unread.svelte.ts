/** What was typed into a cell of the table and cannot be read. */
export interface UnreadCell {
	/** which cell, as the table knows it */
	readonly cell: string;
	/** the number that the cell has meanwhile, as it is shown */
	readonly shown: string;
	readonly typed: string;
	readonly why: string;
}

/** Keeps what was typed into a cell and cannot be read while another page is shown: the number that was there stays meanwhile. */
export class Unread {
	now = $state.raw<UnreadCell | null>(null);

	/** What a cell shows: what was typed into it, where that was not read, else its number. */
	shownIn(cell: string, shown: string): string {
		return this.now?.cell === cell && this.now.shown === shown ? this.now.typed : shown;
	}
}
