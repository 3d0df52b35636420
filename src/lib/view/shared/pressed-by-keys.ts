/** What presses a button that is drawn: Enter and the space bar, as with any button. */
export const pressedByKeys =
	(press: () => void) =>
	(event: KeyboardEvent): void => {
		if (event.key !== 'Enter' && event.key !== ' ') return;
		event.preventDefault();
		press();
	};
