/** Does something when Escape is pressed, until the signal; nothing else hears of that key. */
export function onEscape(act: () => void, signal: AbortSignal): void {
	const hear = (event: KeyboardEvent) => {
		if (event.key !== 'Escape') return;
		event.preventDefault();
		event.stopPropagation();
		act();
	};
	window.addEventListener('keydown', hear, { capture: true, signal });
}
