import { offerWords } from '$lib/core/commentary';
import { en } from '$lib/core/language';
import { plainText } from '$lib/core/sentence';
import { RULE_LABELS } from '$lib/core/move';
import { RULE_NAMES } from '$lib/core/method';
import type { Desk } from '$lib/desk/desk.svelte';
import { askWorth, variedOf } from '$lib/desk/worth';
import type { Action } from '$lib/desk/offered.svelte';
import { nextSecret, showsBestCorner } from '$lib/desk/next-secret';
import { LISTED_SECRETS } from '$lib/desk/secrets';
import {
	HANDOUT_PATH,
	HELP_PATH,
	LECTURE_PATH,
	LESSONS_PATH,
	PAGES,
	shownOn,
	type Shown
} from '$lib/desk/pages';

export type { Action };

export interface Helpers {
	/** shows a page */
	go(path: string): void;
	/** the address of the page that is shown */
	page(): string;
	/** the pane that has the focus, or lies under the pointer */
	pane(): string | null;
	openFinder(): void;
	openKeys(): void;
	/** lets the reader choose a file to open */
	openFile(): void;
	share(): void;
	/** shows what an exercise is made with */
	makeExercise(): void;
	/** gives the focus to the next pane of the page */
	nextPane(): void;
	/** an empty lesson in place of the present one, which is kept */
	begin(): void;
}

/** Everything that can be done now. */
export function actionsOf(desk: Desk, helpers: Helpers): Action[] {
	const { session, document, figure, offered, pinned, preferences, reveal, selection } = desk;
	const shown = shownOn(helpers.page());
	const showsBest = showsBestCorner(desk);
	/** actions that have an effect only where something is shown */
	const where = (what: Shown, list: readonly Action[]): readonly Action[] =>
		shown.includes(what) ? list : list.map((own) => ({ ...own, possible: false }));
	const pages = PAGES.map(({ path, name }, i): Action => ({
		id: `page ${path}`,
		group: en`Pages`,
		says: en`Page ${name}`,
		key: String(i + 1),
		possible: true,
		run: () => helpers.go(path)
	}));
	pages.push({
		id: 'page lessons',
		group: en`Pages`,
		says: en`Lessons: the collection`,
		key: 'l',
		possible: true,
		run: () => helpers.go(LESSONS_PATH)
	});
	pages.push({
		id: 'page help',
		group: en`Pages`,
		says: en`Help: the guide, and the words explained`,
		key: 'i',
		possible: true,
		run: () => helpers.go(HELP_PATH)
	});
	const steps: Action[] = [
		{
			id: 'next',
			group: en`Steps`,
			says: en`Next step, as the rule says`,
			key: 'n',
			possible: session.canStep || session.isStuck,
			run: () => void session.next()
		},
		{
			id: 'phase',
			group: en`Steps`,
			says: en`To the end of this phase`,
			key: 'p',
			possible: session.canStep,
			run: () => void session.follow('phase')
		},
		{
			id: 'end',
			group: en`Steps`,
			says: en`To the end`,
			key: 'g',
			possible: session.canStep,
			run: () => void session.follow('end')
		},
		{
			id: 'back',
			group: en`Steps`,
			says: en`Back one step`,
			key: 'b',
			possible: session.canGoBack,
			run: () => session.back()
		},
		{
			id: 'earlier',
			group: en`Steps`,
			says: en`Look at an earlier tableau beside`,
			key: ',',
			possible: pinned.canGoEarlier,
			run: () => pinned.earlier()
		},
		{
			id: 'later',
			group: en`Steps`,
			says: en`Look at a later tableau beside`,
			key: '.',
			possible: pinned.canGoLater,
			run: () => pinned.later()
		},
		{
			id: 'pin',
			group: en`Steps`,
			says: pinned.isOn ? en`Unpin the tableau beside` : en`Pin this tableau beside the next ones`,
			key: 't',
			possible: session.tableau !== null,
			run: () => pinned.toggle()
		}
	];
	const worth = variedOf(selection.number);
	const asked: Action[] = [
		{
			id: 'worth',
			group: en`The number pointed at`,
			says: en`What is this number worth, and for how long?`,
			key: 'q',
			possible: worth !== null,
			run: () => void (worth && askWorth(desk, helpers.go, worth))
		}
	];
	const moves = session.offers.map(({ move, found }, i): Action => ({
		id: `move ${i}`,
		group: en`What can be done here`,
		says: offerWords(found),
		possible: true,
		run: () => void session.take(move)
	}));
	const starts = session.tableau
		? session.starts.map(({ move, found }, i): Action => ({
				id: `start ${i}`,
				group: en`Start another way`,
				says: offerWords(found),
				possible: true,
				run: () => void session.start(move)
			}))
		: [];
	const rules = RULE_NAMES.map((rule): Action => ({
		id: `rule ${rule}`,
		group: en`Rule`,
		says: en`Rule: ${plainText(RULE_LABELS[rule])}`,
		possible: document.rule !== rule,
		run: () => document.chooseRule(rule)
	}));
	const lessonLooks: Action[] = [
		{
			id: 'numbers',
			group: en`Look`,
			says: document.notation.numbers === 'fraction' ? en`Numbers as decimals` : en`Numbers as fractions`,
			key: 'f',
			possible: true,
			run: () => document.showNumbers(document.notation.numbers === 'fraction' ? 'decimal' : 'fraction')
		}
	];
	/** what hides a secret, or shows it again, where it has an effect */
	const secretActions = (what: Shown): Action[] =>
		LISTED_SECRETS.filter((own) => own.where === what).map(({ secret, hide, show, key }) => ({
			id: `hide ${secret}`,
			group: en`Look`,
			says: reveal.conceals(secret) ? show : hide,
			key,
			possible: true,
			run: () => reveal.toggle(secret)
		}));
	const tableauLooks: Action[] = [
		...secretActions('tableau'),
		{
			id: 'why',
			group: en`Look`,
			says: reveal.showsReasons ? en`No reasons` : en`Why? The reasons behind the rules that apply here`,
			key: 'y',
			possible: session.tableau !== null,
			run: () => reveal.toggleReasons()
		},
		{
			id: 'inverse',
			group: en`Look`,
			says: reveal.showsInverse
				? en`Unmark the basis inverse and the multipliers`
				: en`Mark the basis inverse and the multipliers`,
			key: 'v',
			possible: session.tableau !== null,
			run: () => reveal.toggleInverse()
		}
	];
	const regionLooks: Action[] = [
		{
			id: 'magnify',
			group: en`Look`,
			says: document.view ? en`Fit the region` : en`Magnify a corner of the region`,
			key: 'z',
			possible: figure.region !== null,
			run: () => figure.magnify(selection.corner)
		},
		{
			id: 'best',
			group: en`Look`,
			says: showsBest ? en`Hide the best corner` : en`Show the best corner`,
			possible: figure.region !== null,
			run: () => {
				if (!showsBest) return reveal.openWhole('best', document.text);
				reveal.close('best', document.text);
				if (!reveal.conceals('best')) reveal.toggle('best');
			}
		}
	];
	const secret = nextSecret(desk, helpers.page());
	const asking: Action[] = [
		{
			id: 'ask the class',
			group: en`In class`,
			says: reveal.asksClass
				? en`Stop asking the class: show everything`
				: en`Ask the class: hide what it can find`,
			key: 'h',
			possible: shown.length > 0,
			run: () => reveal.askClass()
		},
		{
			id: 'show next',
			group: en`In class`,
			says: secret?.says ?? en`Show the next thing that is hidden`,
			key: 'a',
			possible: secret !== null,
			run: () => secret?.run()
		}
	];
	const looks: Action[] = [
		{
			id: 'enlarge',
			group: en`Look`,
			says: preferences.enlarged ? en`Put the pane back` : en`Enlarge this pane`,
			key: 'e',
			possible: preferences.enlarged !== null || helpers.pane() !== null,
			run: () => preferences.enlarge(preferences.enlarged ?? helpers.pane())
		},
		{
			id: 'whole columns',
			group: en`Look`,
			says: preferences.wholeColumns
				? en`Fold basic columns where a tableau is too wide`
				: en`Show basic columns whole, however wide the tableau is`,
			key: 'j',
			possible: session.tableau !== null && (shown.includes('tableau') || shown.includes('lesson')),
			run: () => preferences.toggleWholeColumns()
		},
		{
			id: 'dark',
			group: en`Look`,
			says: preferences.dark ? en`Light` : en`Dark, for a projector`,
			key: 'd',
			possible: true,
			run: () => preferences.toggleDark()
		},
		{
			id: 'next pane',
			group: en`Look`,
			says: en`To the next pane (with Shift to the one before)`,
			key: 'F6',
			possible: shown.length > 0,
			run: () => helpers.nextPane()
		},
		{ id: 'keys', group: en`Help`, says: en`All keys`, key: '?', possible: true, run: helpers.openKeys },
		{
			id: 'finder',
			group: en`Help`,
			says: en`Find an action`,
			key: '/',
			possible: true,
			run: helpers.openFinder
		}
	];
	const lessons: Action[] = [
		{
			id: 'undo',
			group: en`Lesson`,
			says: en`Undo (Ctrl+Z)`,
			possible: document.canUndo,
			run: () => document.undo()
		},
		{
			id: 'redo',
			group: en`Lesson`,
			says: en`Redo (Ctrl+Y)`,
			possible: document.canRedo,
			run: () => document.redo()
		},
		{ id: 'new', group: en`Lesson`, says: en`New lesson`, key: 'w', possible: true, run: helpers.begin },
		{ id: 'open', group: en`Lesson`, says: en`Open a file`, key: 'o', possible: true, run: helpers.openFile },
		{
			id: 'share',
			group: en`Lesson`,
			says: en`Share: file, link, other formats`,
			key: 's',
			possible: true,
			run: helpers.share
		},
		{
			id: 'lecture',
			group: en`In class`,
			says: en`Lecture: show the lesson step by step`,
			possible: document.problem !== null,
			run: () => helpers.go(LECTURE_PATH)
		},
		{
			id: 'handout',
			group: en`Lesson`,
			says: en`Handout: sheets, exams and quizzes to print or export`,
			possible: document.problem !== null,
			run: () => helpers.go(HANDOUT_PATH)
		},
		{
			id: 'exercise',
			group: en`Lesson`,
			says: en`Make an exercise for students`,
			possible: document.problem !== null,
			run: helpers.makeExercise
		}
	];
	return [
		...offered.actions,
		...asked,
		...where('tableau', [...moves, ...steps]),
		...asking,
		...pages,
		...lessons,
		...where('tableau', [...starts, ...rules, ...tableauLooks]),
		...where('lesson', lessonLooks),
		...where('kind', secretActions('kind')),
		...where('region', regionLooks),
		...looks
	];
}

/** Whether a text field has the keys. */
export const isWriting = (target: EventTarget | null): boolean =>
	target instanceof HTMLElement &&
	(target.isContentEditable ||
		target.role === 'slider' ||
		/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) &&
	!/^(radio|checkbox|range)$/.test((target as HTMLInputElement).type ?? '');

/** The action that a key press asks for. */
export function actionFor(event: KeyboardEvent, actions: readonly Action[]): Action | null {
	if (event.defaultPrevented || event.ctrlKey || event.metaKey) return null;
	if (isWriting(event.target) !== event.altKey) return null;
	// with Alt some keyboards give another sign, but the same key
	const code = /^(?:Key|Digit)(.)$/.exec(event.code)?.[1]?.toLowerCase();
	const key = event.altKey && code ? code : event.key;
	return actions.find((action) => action.key === key && action.possible) ?? null;
}
