import { en } from '../core/language/language';
import type { Desk } from './desk.svelte';
import { shownOn } from './pages';

/** What can be shown to the class next on a page, in the order in which it is asked for. */
export interface NextSecret {
	readonly says: string;
	run(): void;
}

/** Whether the best corner may be seen: it was asked for, or the run found it and it is not kept from the class. */
export const showsBestCorner = ({ document, reveal, session }: Desk): boolean =>
	reveal.isOpen('best', document.text) || (!reveal.conceals('best') && session.isAtEnd);

/**
 * What the class may see next; null where nothing is kept from it here.
 * @param path the page that is shown
 */
export function nextSecret(desk: Desk, path: string): NextSecret | null {
	const { document, figure, reveal, session } = desk;
	const shown = shownOn(path);
	if (shown.includes('tableau') && session.covering.isOn)
		return { says: en`Show the numbers of this tableau`, run: () => session.covering.showAll() };
	if (shown.includes('tableau') && session.hidesAdvice && session.decision?.kind === 'pivot')
		return { says: en`Show what the rule does here`, run: () => session.showAdvice() };
	if (shown.includes('region') && figure.region && !showsBestCorner(desk))
		return { says: en`Show the best corner`, run: () => reveal.openWhole('best', document.text) };
	if (shown.includes('kind') && reveal.conceals('kind'))
		return { says: en`Show what kind of problem it is`, run: () => reveal.toggle('kind') };
	return null;
}
