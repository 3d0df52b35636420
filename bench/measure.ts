/** Milliseconds of a clock that only goes forward. */
export const now = (): number => Number(process.hrtime.bigint()) / 1e6;

/** The median time of a task in milliseconds, repeated until enough time has gone by. */
export function median(task: () => void, milliseconds = 400): number {
	for (let i = 0; i < 3; i++) task();
	const times: number[] = [];
	const end = now() + milliseconds;
	while (now() < end || times.length < 5) {
		const start = now();
		task();
		times.push(now() - start);
	}
	return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
}
