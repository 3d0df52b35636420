import { addresses, board } from '$lib/core/notation/board';
import type { Tableau } from '$lib/core/tableau/tableau';
import type { Workspace } from './workspace';
import { NOTHING_HIDDEN } from './hidden-parts';
import type { Reveal } from './reveal.svelte';

/** Numbers of the tableau where we stand that are covered: the class says what stands there, and each is shown when it is asked for. */
export class Covering {
	readonly #workspace: Workspace;
	readonly #session: { readonly tableau: Tableau | null; readonly standing: number };
	readonly #reveal: Reveal;

	constructor(
		workspace: Workspace,
		session: { readonly tableau: Tableau | null; readonly standing: number },
		reveal: Reveal
	) {
		this.#workspace = workspace;
		this.#session = session;
		this.#reveal = reveal;
	}

	readonly #all = $derived.by(() => {
		const { tableau } = this.#session;
		return tableau ? addresses(board(tableau, this.#workspace.notation)) : [];
	});
	/** the addresses of the numbers that are covered */
	readonly covered: ReadonlySet<string> = $derived.by(() =>
		this.#reveal.conceals('cells') ? this.#reveal.hidden('cells', this.#at, this.#all) : NOTHING_HIDDEN
	);

	readonly isOn: boolean = $derived(this.covered.size > 0);

	readonly #at: string = $derived.by(() => String(this.#session.standing));

	/** Shows a number. */
	show(address: string): void {
		this.#reveal.show('cells', this.#at, address);
	}

	/** Shows all numbers of this tableau. */
	showAll(): void {
		this.#reveal.open('cells', this.#at, this.#all);
	}
}
