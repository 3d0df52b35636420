/** What can have the focus by the tab key. */
const FOCUSABLE =
	'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"], [contenteditable="true"]';

const shown = (element: Element): element is HTMLElement =>
	element instanceof HTMLElement && element.checkVisibility() && !element.closest('[inert]');

/** The first within a part of the page that the tab key reaches; null where there is none. */
export const firstIn = (part: Element): HTMLElement | null =>
	[...part.querySelectorAll(FOCUSABLE)].find(shown) ?? null;

/** Where the focus was: what stood around it, and at which place among what can have the focus there. */
interface Place {
	readonly element: Element;
	readonly around: readonly { readonly element: Element; readonly at: number }[];
}

function placeOf(element: Element): Place {
	const around: { element: Element; at: number }[] = [];
	for (let own = element.parentElement; own && own !== document.body; own = own.parentElement) {
		const at = [...own.querySelectorAll(FOCUSABLE)].indexOf(element);
		around.push({ element: own, at: Math.max(0, at) });
		// beyond its pane nothing is near
		if (own.matches('[data-pane], main, header, dialog')) break;
	}
	return { element, around };
}

const isThere = (element: Element): boolean =>
	element.isConnected && shown(element) && element.matches(FOCUSABLE);

/** What is nearest to a place that is gone: in the smallest part of the page that is still there, what stands where it stood. */
function nearestTo({ around }: Place): HTMLElement | null {
	for (const { element, at } of around) {
		if (!element.isConnected) continue;
		const all = [...element.querySelectorAll(FOCUSABLE)].filter(shown);
		const found = all[Math.min(at, all.length - 1)];
		if (found) return found;
	}
	return null;
}

/**
 * Keeps the focus on something: where what has it goes away, or can have it no longer, what stands nearest gets it.
 * @returns what ends this
 */
export function keepFocus(): () => void {
	let last: Place | null = null;
	const remember = ({ target }: FocusEvent) => {
		if (target instanceof Element && target !== document.body) last = placeOf(target);
	};
	/** a click on nothing leaves it on purpose, while it is still there */
	const leave = ({ target, relatedTarget }: FocusEvent) => {
		if (relatedTarget) return;
		setTimeout(() => {
			if (last && last.element === target && isThere(last.element) && document.hasFocus()) last = null;
		});
	};
	const check = () => {
		if (!last || (document.activeElement && document.activeElement !== document.body)) return;
		if (isThere(last.element)) return;
		nearestTo(last)?.focus({ preventScroll: true });
	};
	// what replaces it comes in the same task, or the next one
	const observer = new MutationObserver(() => setTimeout(check));
	observer.observe(document.body, {
		childList: true,
		subtree: true,
		attributes: true,
		attributeFilter: ['disabled', 'inert', 'hidden']
	});
	document.addEventListener('focusin', remember);
	document.addEventListener('focusout', leave);
	return () => {
		observer.disconnect();
		document.removeEventListener('focusin', remember);
		document.removeEventListener('focusout', leave);
	};
}
