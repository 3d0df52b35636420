import { getContext, setContext } from 'svelte';
import { BestPlan } from './best-plan.svelte';
import { DEMO_STATEMENT, DEMO_STORY } from './demo';
import { LessonDocument } from './document.svelte';
import { Figure } from './figure.svelte';
import { LargeAnswer } from './large.svelte';
import { newLesson, type Lesson } from '$lib/core/lesson/lesson';
import { Offered } from './offered.svelte';
import { Pinned } from './pinned.svelte';
import { Plans } from './plans.svelte';
import { Preferences } from './preferences.svelte';
import { Reveal } from './reveal.svelte';
import { Selection } from './selection.svelte';
import { Session } from './session.svelte';
import { Unread } from './unread.svelte';

/** The state of an open lesson, in parts. Views ask the part they need and change it by its actions; drawing is theirs. */
export class Desk {
	readonly document: LessonDocument;
	readonly session: Session;
	readonly figure: Figure;
	/** the best plan of the statement, once it is asked for */
	readonly best: BestPlan;
	readonly plans: Plans;
	/** the tableau beside the present one */
	readonly pinned: Pinned;
	readonly selection = new Selection();
	readonly preferences = new Preferences();
	readonly reveal: Reveal;
	/** what was typed into a cell and could not be read */
	readonly unread = new Unread();
	/** what the page that is shown adds to what can be done */
	readonly offered = new Offered();
	/** the answer to a problem that is too large to be worked on the page */
	readonly answer: LargeAnswer;

	/** @param beside the desk of the lesson that this problem is worked on beside: what is kept from the class is the same */
	constructor(lesson: Lesson = { ...newLesson(DEMO_STATEMENT), story: DEMO_STORY }, beside?: Desk) {
		this.document = new LessonDocument(lesson);
		this.reveal = new Reveal(beside?.document ?? this.document);
		this.reveal.watch(this.document.join(this.reveal));
		this.session = new Session(this.document, this.reveal);
		this.pinned = new Pinned(this.document, this.session);
		this.figure = new Figure(this.document, this.session);
		this.best = new BestPlan(this.document);
		this.plans = new Plans(this.document, this.figure, this.best, this.reveal);
		this.answer = new LargeAnswer();
	}
}

const DESK = Symbol('desk');

/** Puts a desk at the disposal of all views below. */
export const provideDesk = (desk: Desk): Desk => setContext(DESK, desk);

/** The desk that the views above provide. */
export const useDesk = (): Desk => getContext<Desk>(DESK);
