import type { Offline } from './offline.svelte';

/** milliseconds after the start, so that what is kept for later does not slow what is wanted now */
const LATER = 2_500;

/**
 * Keeps the application for a time without a network, once it is up.
 * @param take is given what knows whether it works without a network
 * @returns what ends it
 */
export function keepForLater(take: (offline: Offline) => void = () => {}): () => void {
	let end: (() => void) | undefined;
	const timer = setTimeout(async () => {
		const { Offline } = await import('./offline.svelte');
		const offline = new Offline();
		take(offline);
		end = offline.start();
	}, LATER);
	return () => {
		clearTimeout(timer);
		end?.();
	};
}
