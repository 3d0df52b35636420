import type { ViewMoves } from './gestures';

/** Attaches wheel, drag and pinch to a picture; what reads them is loaded once the picture stands. */
export const withGestures =
	(moves: ViewMoves) =>
	(node: SVGSVGElement): (() => void) => {
		let end: (() => void) | undefined;
		let isGone = false;
		void import('./gestures').then(({ gestures }) => {
			if (!isGone) end = gestures(node, moves);
		});
		return () => {
			isGone = true;
			end?.();
		};
	};

/** What keys do in a picture; together with Ctrl, Alt or the command key they mean something else. */
export const withKeys =
	(keys: Readonly<Record<string, () => void>>) =>
	(event: KeyboardEvent): void => {
		const act = event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key];
		if (!act) return;
		event.preventDefault();
		act();
	};
