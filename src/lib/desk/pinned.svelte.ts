import { replay, type Stop } from '$lib/core/move/replay';
import { stated } from '$lib/core/position/position';
import { pathTo } from '$lib/core/move/trail';
import { keysOf } from '$lib/core/problem/lasting';
import type { Workspace } from './workspace';
import type { Session } from './session.svelte';

/** The tableau that is looked at beside the present one: of an earlier step, or one that was pinned, on whatever branch of the trail. */
export class Pinned {
	readonly #workspace: Workspace;
	readonly #session: Session;
	#node = $state<number | null>(null);
	/** how many steps before the last of the way it is looked at */
	#back = $state(0);

	constructor(workspace: Workspace, session: Session) {
		this.#workspace = workspace;
		this.#session = session;
	}

	readonly #stops = $derived.by((): readonly Stop[] => {
		const { problem, book, trail } = this.#workspace;
		if (this.#node === null || !problem || !trail.nodes.some(({ id }) => id === this.#node)) return [];
		return replay(stated(problem, keysOf(book)), pathTo(trail, this.#node)).stops;
	});

	/** whether a step is pinned */
	readonly isOn: boolean = $derived(this.#stops.length > 0);
	/** whether something else than the step before is looked at */
	readonly isWanted: boolean = $derived(this.isOn || this.#back > 0);
	/** the steps that can be looked at: those of the pinned way, else those before where we stand */
	readonly stops: readonly Stop[] = $derived.by(() =>
		this.isOn ? this.#stops : this.#session.stops.slice(0, -1)
	);
	/** the step that is looked at */
	readonly stop: Stop | null = $derived(this.stops[Math.max(0, this.stops.length - 1 - this.#back)] ?? null);
	readonly canGoEarlier: boolean = $derived(this.#back < this.stops.length - 1);
	readonly canGoLater: boolean = $derived(this.#back > 0);

	/** Pins where we stand, or lets go what is pinned. */
	toggle(): void {
		this.#node = this.isOn ? null : this.#session.standing;
		this.#back = 0;
	}

	earlier(): void {
		if (this.canGoEarlier) this.#back += 1;
	}

	later(): void {
		this.#back = Math.max(0, this.#back - 1);
	}
}
