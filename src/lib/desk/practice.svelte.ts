import { en } from '../core/language/language';
import { pivoted } from '$lib/core/question/board';
import { type Exercise, questionsOf, readExercise } from '$lib/core/question/exercise';
import { judge, type Judgement } from '$lib/core/question/judge';
import { KINDS } from '$lib/core/question/kinds';
import { type ExerciseResult, type ResultLine, resultOf } from '$lib/core/question/result';
import type { Answer, Question } from '$lib/core/question/types';
import { saidOf, WORDS } from '$lib/core/question/words';
import { decodeProblem, writeProblem } from '$lib/core/problem/codec';
import { printStatement } from '$lib/core/problem/statement/print';
import { readStatement } from '$lib/core/problem/statement/read';
import type { Problem } from '$lib/core/problem/types';
import type { TableauJson } from '$lib/core/tableau/written';
import { remember, remembered } from './remembered';
import { Running } from './running.svelte';
import { asIso } from './summary';

/** where the browser keeps the exercise that is being done, with its answers */
const KEY = 'mathesis-practice';
/** what a search for another exercise of the same kind may take */
const MILLISECONDS = 20_000;

/** What became of a question so far. */
interface Try {
	readonly answers: readonly Answer[];
	readonly hints: number;
	readonly right: boolean;
	readonly slips: readonly string[];
	readonly seconds: number;
	/** whether nothing more is asked: answered, or the answer was shown */
	readonly done: boolean;
}
const UNTRIED: Try = { answers: [], hints: 0, right: false, slips: [], seconds: 0, done: false };

/** What is told after an answer. */
export interface ToldOfAnswer {
	readonly right: boolean;
	readonly says: string;
	/** the tableau after a pivot: where a wrong answer leads, or the one that was asked for */
	readonly leads: TableauJson | null;
	readonly wrong: readonly string[];
}

/** An exercise that somebody works on: its questions in turn, each answer judged, progress kept in the browser. */
export class Practice {
	#exercise = $state.raw<Exercise | null>(null);
	#questions = $state.raw<readonly Question[]>([]);
	#tries = $state.raw<readonly Try[]>([]);
	#at = $state(0);
	#told = $state.raw<ToldOfAnswer | null>(null);
	#ended = $state<string | null>(null);
	/** when the question that is asked was first shown */
	#since = Date.now();
	/** another exercise of the same kind is looked for with other numbers each time */
	#seed = 0;
	readonly running = new Running<'another'>();
	readonly #keeps: boolean;

	/** @param keeps whether progress is kept in the browser; not where an exercise is only looked at */
	constructor(keeps = true) {
		this.#keeps = keeps;
	}

	get exercise(): Exercise | null {
		return this.#exercise;
	}
	get problem(): Problem | null {
		return this.#problem;
	}
	readonly #problem = $derived(this.#exercise ? readStatement(this.#exercise.statement).problem : null);
	get questions(): readonly Question[] {
		return this.#questions;
	}
	get tries(): readonly Try[] {
		return this.#tries;
	}
	/** the number of the question that is asked, from 0; the number of questions at the end */
	get at(): number {
		return this.#at;
	}
	readonly question: Question | null = $derived(this.#questions[this.#at] ?? null);
	readonly now: Try = $derived(this.#tries[this.#at] ?? UNTRIED);
	get told(): ToldOfAnswer | null {
		return this.#told;
	}
	/** the hints that were asked for so far */
	readonly hints: readonly string[] = $derived.by(() => {
		const { question } = this;
		return question ? WORDS[question.kind].hints(question).slice(0, this.now.hints) : [];
	});
	readonly hintsLeft: number = $derived(Math.max(0, (this.#exercise?.hints ?? 0) - this.now.hints));
	readonly isDone: boolean = $derived(
		this.#exercise !== null && this.#questions.length > 0 && this.#at >= this.#questions.length
	);
	/** whether the next question may come now */
	readonly mayGoOn: boolean = $derived(
		this.now.done || !this.#exercise?.waits || this.#questions.length === 0
	);

	/** Begins an exercise, or one that was begun before where it was left. */
	begin(exercise: Exercise): void {
		this.#exercise = exercise;
		this.#questions = questionsOf(exercise);
		this.#tries = this.#questions.map(() => UNTRIED);
		this.#at = 0;
		this.#told = null;
		this.#ended = null;
		this.#since = Date.now();
		this.#restore();
		this.#keep();
	}

	/**
	 * Opens an exercise from a file or a link.
	 * @throws Error that says why it cannot be
	 */
	open(text: string): void {
		let data: unknown;
		try {
			data = JSON.parse(text);
		} catch {
			throw new Error(en`This is no exercise: it cannot be read as JSON.`);
		}
		this.begin(readExercise(data));
	}

	/** The exercise that was being done when this browser was last here; whether there was one. */
	resume(): boolean {
		const kept = remembered(KEY);
		if (kept === null) return false;
		try {
			this.begin(readExercise((JSON.parse(kept) as { exercise: unknown }).exercise));
			return true;
		} catch {
			return false;
		}
	}

	#restore(): void {
		const kept = this.#keeps ? remembered(KEY) : null;
		if (kept === null) return;
		try {
			const { exercise, tries, at, ended } = JSON.parse(kept) as {
				exercise: Exercise;
				tries: Try[];
				at: number;
				ended: string | null;
			};
			const isSame = JSON.stringify(exercise) === JSON.stringify(this.#exercise);
			if (!isSame || !Array.isArray(tries) || tries.length !== this.#tries.length) return;
			this.#tries = tries.map((own) => ({ ...UNTRIED, ...own }));
			this.#at = Math.min(Math.max(0, Math.trunc(Number(at)) || 0), tries.length);
			this.#ended = typeof ended === 'string' ? ended : null;
		} catch {
			// kept by another version: the exercise begins anew
		}
	}

	#keep(): void {
		if (!this.#keeps) return;
		const [exercise, tries, at, ended] = [this.#exercise, this.#tries, this.#at, this.#ended];
		remember(KEY, JSON.stringify({ exercise, tries, at, ended }));
	}

	#change(own: Partial<Try>): void {
		this.#tries = this.#tries.map((old, i) => (i === this.#at ? { ...old, ...own } : old));
		this.#keep();
	}

	/** how long the question that is asked has been looked at */
	#seconds(): number {
		return Math.round((Date.now() - this.#since) / 1000);
	}

	/** Judges an answer. */
	answer(answer: Answer): void {
		const { question, now } = this;
		if (!question || !this.#exercise || now.done) return;
		const verdict = judge(question, answer);
		if (!verdict.isReadable) {
			this.#told = this.#toldOf(question, answer, verdict);
			return;
		}
		this.#change({
			answers: [...now.answers, answer],
			right: verdict.right,
			slips: verdict.slip ? [...now.slips, verdict.slip] : now.slips,
			seconds: this.#seconds(),
			done: verdict.right || !this.#exercise.atOnce
		});
		if (this.#exercise.atOnce) this.#told = this.#toldOf(question, answer, verdict);
		else this.next();
	}

	#toldOf(question: Question, answer: Answer, verdict: Judgement): ToldOfAnswer {
		const { entering } = question.given;
		const leads =
			question.kind === 'leaving' && !verdict.right && typeof answer === 'string' && entering
				? pivoted(question.tableau, answer, entering)
				: null;
		const says = saidOf(question, verdict, KINDS[question.kind].answers);
		return { right: verdict.right, says, leads, wrong: verdict.consequence?.wrong ?? [] };
	}

	hint(): void {
		if (this.hintsLeft > 0) this.#change({ hints: this.now.hints + 1 });
	}

	/** Gives up on a question: its answer is told, and it counts as not answered. */
	show(): void {
		const { question } = this;
		if (!question || this.now.done) return;
		this.#change({ done: true, right: false, seconds: this.#seconds() });
		const { entering, leaving } = question.given;
		const isWhole = question.kind === 'next-tableau' && entering && leaving;
		this.#told = {
			right: false,
			says: isWhole ? en`The next tableau stands below.` : WORDS[question.kind].because(question),
			leads: isWhole ? pivoted(question.tableau, leaving, entering) : null,
			wrong: []
		};
	}

	next(): void {
		if (!this.mayGoOn || this.isDone) return;
		this.#at += 1;
		this.#told = null;
		this.#since = Date.now();
		if (this.isDone) this.#ended ??= asIso(Date.now());
		this.#keep();
	}

	/** The same exercise from its beginning. */
	again(): void {
		const exercise = this.#exercise;
		if (this.#keeps) remember(KEY, null);
		if (exercise) this.begin(exercise);
	}

	/** An exercise of the same kind about another problem: the same structure and the same promises. */
	async another(): Promise<void> {
		const [exercise, problem] = [this.#exercise, this.#problem];
		if (!exercise || !problem) return;
		await this.running.during('another', async (signal) => {
			const { variantsInWorker } = await import('$lib/work/client');
			let found: Problem | null = null;
			const take = (json: Parameters<typeof decodeProblem>[0]) => (found = decodeProblem(json));
			this.#seed += 1;
			await variantsInWorker(writeProblem(problem), 1, this.#seed, 'number', MILLISECONDS, take, signal);
			if (found)
				this.begin({
					...exercise,
					statement: printStatement(found),
					// the story tells of the numbers that were
					story: '',
					seed: exercise.seed + this.#seed
				});
		});
	}

	readonly lines: readonly ResultLine[] = $derived.by(() => {
		return this.#questions.map(({ kind }, i) => {
			const { right, answers, hints, seconds, slips } = this.#tries[i];
			return { kind, right, tries: answers.length, hints, seconds, slips };
		});
	});

	/** What is handed in. */
	result(who: string): ExerciseResult {
		const ended = this.#ended ?? asIso(Date.now());
		return resultOf({ who, exercise: this.#exercise?.title ?? '', ended, lines: this.lines });
	}
}
