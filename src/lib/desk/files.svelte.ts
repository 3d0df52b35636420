import { en } from '../core/language/language';
import { decoded } from './decoded';
import type { Opened } from '$lib/core/lesson/files';
import { MAX_FILE } from '$lib/core/lesson/limits';
import type { Issue } from '$lib/core/problem/json';
import { freshId, keepMany } from '$lib/store/collection';
import { Cancelled } from '$lib/work/cancelled';
import { openInWorker } from '$lib/work/client';
import type { Keeping } from './keeping.svelte';
import { knownPage, LESSONS_PATH } from './pages';
import { summaryOf } from './summary';

/** Why a file was not opened, or what was changed while it was. */
export interface FileReport {
	readonly name: string;
	readonly refused: boolean;
	readonly lines: readonly string[];
}

/** Opens files and links: checked off the page first, and only what is right whole changes anything. */
export class Files {
	#busy = $state<string | null>(null);
	#report = $state.raw<FileReport | null>(null);
	readonly #keeping: Keeping;
	readonly #go: (path: string) => void;

	constructor(keeping: Keeping, go: (path: string) => void) {
		this.#keeping = keeping;
		this.#go = go;
	}

	/** the name of the file that is being opened */
	get busy(): string | null {
		return this.#busy;
	}
	get report(): FileReport | null {
		return this.#report;
	}

	dismiss(): void {
		this.#report = null;
	}

	/** Opens a file that was chosen or dropped. */
	async open(file: File): Promise<void> {
		if (file.size > MAX_FILE)
			return this.#refuse(file.name, [
				{
					path: '',
					message: en`The file has ${(file.size / 1e6).toFixed(1)} MB; the limit is ${MAX_FILE / 1e6} MB.`
				}
			]);
		let text: string;
		try {
			text = decoded(await file.arrayBuffer());
		} catch {
			return this.#refuse(file.name, [{ path: '', message: en`The browser could not read it.` }]);
		}
		await this.openText(file.name, text);
	}

	/** Opens the text of a file or link. */
	async openText(name: string, text: string): Promise<void> {
		this.#busy = name;
		this.#report = null;
		try {
			const result = await openInWorker(name, text);
			if ('issues' in result) this.#refuse(name, result.issues);
			else await this.#take(name, result);
		} catch (error) {
			if (!(error instanceof Cancelled))
				this.#refuse(name, [{ path: '', message: error instanceof Error ? error.message : String(error) }]);
		} finally {
			this.#busy = null;
		}
	}

	async #take(name: string, { lessons, notes }: Opened): Promise<void> {
		if (lessons.length === 1) {
			await this.#keeping.openNew(lessons[0].lesson);
			this.#go(knownPage(lessons[0].lesson.page));
		} else {
			const kept = await keepMany(
				lessons.map(({ lesson, edited }) => {
					const id = freshId();
					return {
						lesson,
						summary: summaryOf(id, lesson, edited === null ? Date.now() : Date.parse(edited))
					};
				})
			);
			if (!kept.ok) return this.#refuse(name, [{ path: '', message: kept.message }]);
			this.#keeping.announce();
			this.#go(LESSONS_PATH);
		}
		const lines =
			lessons.length > 1 ? [en`${lessons.length} lessons were added to the collection.`, ...notes] : notes;
		if (lines.length) this.#report = { name, refused: false, lines };
	}

	#refuse(name: string, issues: readonly Issue[]): void {
		const lines = issues
			.slice(0, 6)
			.map(({ path, message }) => (path && path !== 'content' ? `${path}: ${message}` : message));
		if (issues.length > 6) lines.push(en`… and ${issues.length - 6} more.`);
		this.#report = { name, refused: true, lines };
	}
}
