/** milliseconds after which the page has had its turn, whatever it still does */
const PATIENCE = 10_000;

/** Resolves when the page has a moment to spare; where a browser does not tell, after a while. */
export const quiet = (): Promise<unknown> =>
	new Promise((resolve) =>
		'requestIdleCallback' in globalThis
			? requestIdleCallback(resolve, { timeout: PATIENCE })
			: setTimeout(resolve, PATIENCE / 5)
	);
