const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** How long ago something was, in the words of the day: `3 minutes ago`, `yesterday`, `12 March`. */
export function since(then: number, now: number): string {
	const age = Math.max(0, now - then);
	if (age < MINUTE) return 'just now';
	const ago = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'} ago`;
	if (age < HOUR) return ago(Math.floor(age / MINUTE), 'minute');
	if (age < DAY) return ago(Math.floor(age / HOUR), 'hour');
	if (age < 7 * DAY) return age < 2 * DAY ? 'yesterday' : ago(Math.floor(age / DAY), 'day');
	return dayOf(then);
}

const dayOf = (then: number): string =>
	new Date(then).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** A time as one looks for it in a list: `Wednesday 09:40`. */
export const momentOf = (then: number): string =>
	new Date(then).toLocaleString('en-GB', {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		hour: '2-digit',
		minute: '2-digit'
	});
