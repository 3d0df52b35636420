import type { SheetFormat } from '$lib/core/sheet/files';
import {
	PRESET_BLOCKS,
	type BlockName,
	type Blocks,
	type Fill,
	type SheetPreset
} from '$lib/core/sheet/presets';
import type { SheetFile } from '$lib/core/sheet/files';
import { PAGE, type PageSetup } from '$lib/core/sheet/style';
import { titleOf } from '$lib/core/lesson/lesson';
import { KIND_NAMES, type KindName } from '$lib/core/question/types';
import { writeProblem } from '$lib/core/problem/codec';
import { keysOf } from '$lib/core/problem/lasting';
import type { SheetPages, SheetRequest } from '$lib/work/jobs';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { Running } from './running.svelte';

/** variables and constraints that fit on paper */
const MOST_SIZE = 30;
/** what making a handout may take before parts of it are left out */
const MILLISECONDS = 15_000;
/** sheets of a class */
export const MOST_VARIANTS = 26;
export const MOST_QUESTIONS = 30;

/** What is printed of the open lesson: which blocks, how much of each, on which paper. */
export class Handout {
	readonly #desk: Desk;
	preset = $state<SheetPreset>('problem');
	blocks = $state.raw<Blocks>(PRESET_BLOCKS.problem);
	page = $state.raw<PageSetup>(PAGE);
	variants = $state(1);
	seed = $state(1);
	count = $state(8);
	/** kinds of questions; empty for those that suit paper */
	kinds = $state.raw<readonly KindName[]>([]);
	/** whether the tableaux are those of the trail, or of the whole run by the rule */
	followsTrail = $state(false);
	withKey = $state(true);
	#made = $state.raw<SheetPages>([]);
	#failure = $state<string | null>(null);
	readonly running = new Running<'pages' | 'files'>();

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** the sheets as they were made last */
	get sheets(): SheetPages {
		return this.#made;
	}

	/** why no sheet can be made; null where one can */
	get refusal(): string | null {
		const { problem } = this.#desk.document;
		if (!problem) return 'The statement has an error, so there is no problem to print.';
		if (problem.variables.length + problem.constraints.length > MOST_SIZE)
			return `More than ${MOST_SIZE} variables and constraints do not fit on a page.`;
		return this.#failure;
	}

	/** whether the trail holds a tableau that can be printed */
	get hasTrail(): boolean {
		return this.#desk.session.tableau !== null;
	}

	choose(preset: SheetPreset): void {
		this.preset = preset;
		this.blocks = PRESET_BLOCKS[preset];
	}

	fill(block: BlockName, fill: Fill): void {
		this.blocks = { ...this.blocks, [block]: fill };
	}

	#request(): Omit<SheetRequest, 'as' | 'format'> | null {
		const { document, session } = this.#desk;
		const { problem, telling, book, notation, rule, lesson } = document;
		if (!problem) return null;
		const meanings = (kind: 'variables' | 'constraints') =>
			Object.fromEntries(problem[kind].map(({ name }) => [name, telling.meaning(kind, name)]));
		const moves = session.stops.flatMap(({ node }) => (node.move ? [node.move] : []));
		return {
			problem: writeProblem(problem),
			preset: this.preset,
			blocks: this.blocks,
			method: 'auto',
			rule,
			variants: Math.max(1, Math.min(MOST_VARIANTS, Math.trunc(this.variants) || 1)),
			seed: this.seed,
			count: Math.max(1, Math.min(MOST_QUESTIONS, Math.trunc(this.count) || 1)),
			...(this.kinds.length > 0 ? { kinds: KIND_NAMES.filter((kind) => this.kinds.includes(kind)) } : {}),
			title: titleOf(lesson),
			story: telling.isOutgrown ? '' : telling.story,
			meanings: { variables: meanings('variables'), constraints: meanings('constraints') },
			notation,
			page: this.page,
			keys: keysOf(book),
			moves: this.followsTrail && moves.length > 0 ? $state.snapshot(moves) : null,
			milliseconds: MILLISECONDS
		};
	}

	/** Makes the sheets anew, as the choices are now. */
	async make(): Promise<void> {
		const request = this.#request();
		if (!request) return;
		this.#failure = null;
		await this.running.during('pages', async (signal) => {
			const { sheetsInWorker } = await import('$lib/work/client');
			try {
				this.#made = await sheetsInWorker({ ...request, format: 'html', as: 'pages' }, signal);
			} catch (error) {
				if (signal.aborted) throw error;
				this.#failure = `The sheet could not be made: ${(error as Error).message}.`;
			}
		});
	}

	/** The handout in a format; empty where it cannot be made. */
	async files(format: SheetFormat): Promise<SheetFile[]> {
		const request = this.#request();
		let files: SheetFile[] = [];
		if (!request) return files;
		await this.running.during('files', async (signal) => {
			const { sheetFilesInWorker } = await import('$lib/work/client');
			files = await sheetFilesInWorker({ ...request, format, as: 'files' }, signal);
		});
		return files;
	}
}

/** The handout of a desk. */
export const useHandout = oneForDesk((desk) => new Handout(desk));
