import { en } from '../core/language/language';
import type { SheetFile, SheetFormat } from '$lib/core/sheet/files';
import {
	MOST_IN_CODE,
	MOST_VARIANTS,
	PRESET_BLOCKS,
	USUAL_COUNT,
	type BlockName,
	type Blocks,
	type Fill,
	type SheetPreset
} from '$lib/core/sheet/presets';
import { PAGE, type PageSetup } from '$lib/core/sheet/style';
import { FIRST_CONCEALED, type Secret } from '$lib/core/lesson/secrets';
import { cellOnSheet } from '$lib/core/sheet/tableaux';
import { KIND_NAMES, type KindName } from '$lib/core/question/types';
import type { SheetPages, SheetRequest } from '$lib/work/printed';
import { forStudents, type Lesson } from '$lib/core/lesson/lesson';
import { addressOf } from './address';
import type { Desk } from './desk.svelte';
import { fragmentOf, fragmentOfProblem } from './link';
import { showsBestCorner } from './next-secret';
import { oneForDesk } from './one-for-desk.svelte';
import { notPrintable, printedRequest } from './printed-request.svelte';
import { Running } from './running.svelte';

/** questions on a sheet, at most */
export const MOST_QUESTIONS = 30;

/** Which blocks are left blank for what is kept from the class. */
const BLANK_FOR: Readonly<Record<Secret, Blocks>> = {
	advice: {},
	best: { picture: 'blanks', answer: 'blanks' },
	kind: { answer: 'blanks' },
	cells: { tableaux: 'cells' },
	nodes: { tree: 'blanks' },
	branching: { tree: 'blanks' },
	values: { corners: 'blanks' }
};

/** What is printed of the open lesson: which blocks, how much of each, on which paper. */
export class Handout {
	readonly #desk: Desk;
	preset = $state<SheetPreset>('problem');
	blocks = $state.raw<Blocks>(PRESET_BLOCKS.problem);
	page = $state.raw<PageSetup>(PAGE);
	variants = $state(1);
	seed = $state(1);
	count = $state(USUAL_COUNT);
	/** kinds of questions; empty for those that suit paper */
	kinds = $state.raw<readonly KindName[]>([]);
	/** cells of tableaux that are left blank where single ones are */
	cells = $state.raw<readonly string[]>([]);
	/** whether the tableaux are those of the trail, or of the whole run by the rule */
	followsTrail = $state(false);
	withKey = $state(true);
	/** whether the sheet carries a code that opens it in the browser */
	withLink = $state(false);
	#made = $state.raw<SheetPages>([]);
	#failure = $state<string | null>(null);
	/** why the files asked for last did not come; they can be asked for again */
	#fileFault = $state<string | null>(null);
	readonly running = new Running<'pages'>();
	/** how many requests for files are under way */
	#making = $state(0);

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** a link to the lesson as students get it, or to its problem alone where that is too long for a code on paper */
	readonly #link = $derived.by((): { link: string; carries: 'lesson' | 'problem' | 'words' } => {
		const { lesson } = this.#desk.document;
		const linkOf = (fragment: string) => `${globalThis.location?.origin ?? ''}${addressOf('/')}${fragment}`;
		const whole = linkOf(fragmentOf(forStudents($state.snapshot(lesson) as Lesson)));
		if (whole.length <= MOST_IN_CODE) return { link: whole, carries: 'lesson' };
		const alone = linkOf(fragmentOfProblem(lesson.statement));
		return { link: alone, carries: alone.length <= MOST_IN_CODE ? 'problem' : 'words' };
	});

	/** what the link on paper carries; null where there is none */
	readonly carries: 'lesson' | 'problem' | 'words' | null = $derived(
		this.withLink ? this.#link.carries : null
	);

	/** the sheets as they were made last */
	get sheets(): SheetPages {
		return this.#made;
	}

	/** why no sheet can be made; null where one can */
	readonly refusal: string | null = $derived.by(() => notPrintable(this.#desk) ?? this.#failure);

	/** whether the trail holds a tableau that can be printed */
	readonly hasTrail: boolean = $derived.by(() => this.#desk.session.tableau !== null);

	choose(preset: SheetPreset): void {
		this.preset = preset;
		this.blocks = PRESET_BLOCKS[preset];
	}

	/** whether the instructor keeps something from the class that the sheet prints */
	readonly printsHidden: boolean = $derived.by(() => {
		const { concealed } = this.#desk.document;
		if (concealed.every((secret) => FIRST_CONCEALED.includes(secret))) return false;
		return this.#hidden.some(([block]) => this.blocks[block] === 'answers');
	});

	/** blocks with what is left blank of them, as it is kept from the class */
	readonly #hidden: [BlockName, Fill][] = $derived.by(() => {
		const { document, reveal, session } = this.#desk;
		const hides = (secret: Secret): boolean =>
			secret === 'cells'
				? session.covering.isOn
				: secret === 'best'
					? !showsBestCorner(this.#desk)
					: reveal.conceals(secret);
		return document.concealed
			.filter(hides)
			.flatMap((secret) => Object.entries(BLANK_FOR[secret]) as [BlockName, Fill][]);
	});

	/** Leaves blank what is kept from the class: of tableaux, which are those of the trail then, the numbers that are covered. */
	blankHidden(): void {
		const hidden = this.#hidden.filter(([block]) => this.blocks[block] === 'answers');
		this.blocks = { ...this.blocks, ...Object.fromEntries(hidden) };
		if (!hidden.some(([block]) => block === 'tableaux')) return;
		const { session } = this.#desk;
		const number = session.stops.filter(({ position }) => position.work !== null).length;
		this.followsTrail = true;
		this.cells = [...session.covering.covered].map((address) => cellOnSheet(number, address));
	}

	/** Leaves a cell of a tableau blank, or prints it again. */
	turnCell(cell: string): void {
		this.cells = this.cells.includes(cell) ? this.cells.filter((own) => own !== cell) : [...this.cells, cell];
	}

	fill(block: BlockName, fill: Fill): void {
		this.blocks = { ...this.blocks, [block]: fill };
	}

	#request(): Omit<SheetRequest, 'format'> | null {
		const common = printedRequest(this.#desk, this.followsTrail);
		const between = (value: number, most: number) => Math.max(1, Math.min(most, Math.trunc(value) || 1));
		return (
			common && {
				...common,
				preset: this.preset,
				blocks: this.blocks,
				variants: between(this.variants, MOST_VARIANTS),
				seed: this.seed,
				cells: this.cells,
				count: between(this.count, MOST_QUESTIONS),
				...(this.kinds.length > 0 ? { kinds: KIND_NAMES.filter((kind) => this.kinds.includes(kind)) } : {}),
				page: this.page,
				...(this.withLink ? { link: this.#link.link } : {})
			}
		);
	}

	/** Makes the sheets anew, as the choices are now. */
	async make(): Promise<void> {
		const request = this.#request();
		if (!request) return;
		this.#failure = this.#fileFault = null;
		await this.running.during('pages', async (signal) => {
			const { sheetsInWorker } = await import('$lib/work/client');
			try {
				this.#made = await sheetsInWorker({ ...request, format: 'html' }, signal);
			} catch (error) {
				if (signal.aborted) throw error;
				this.#failure = en`The sheet could not be made: ${(error as Error).message}.`;
			}
		});
	}

	get fileFault(): string | null {
		return this.#fileFault;
	}

	/** whether files are being made: that ends neither the pages nor other files */
	readonly isMakingFiles: boolean = $derived(this.#making > 0);

	/** The handout in a format; empty where it cannot be made. */
	async files(format: SheetFormat): Promise<SheetFile[]> {
		const request = this.#request();
		if (!request) return [];
		this.#making += 1;
		this.#fileFault = null;
		try {
			const { sheetFilesInWorker } = await import('$lib/work/client');
			return await sheetFilesInWorker({ ...request, format });
		} catch (error) {
			this.#fileFault = en`The files could not be made: ${(error as Error).message}.`;
			return [];
		} finally {
			this.#making -= 1;
		}
	}
}

/** The handout of a desk. */
export const useHandout = oneForDesk((desk) => new Handout(desk));
