/** Lets something happen at most once a frame, with what was asked last: pointers report more often than a page is drawn. */
export function perFrame<Args extends unknown[]>(
	act: (...args: Args) => void
): { ask(...args: Args): void; finish(): void } {
	let pending: Args | null = null;
	let frame = 0;
	const run = () => {
		cancelAnimationFrame(frame);
		frame = 0;
		const args = pending;
		pending = null;
		if (args) act(...args);
	};
	return {
		ask(...args) {
			pending = args;
			frame ||= requestAnimationFrame(run);
		},
		/** what was asked last happens now */
		finish: run
	};
}
