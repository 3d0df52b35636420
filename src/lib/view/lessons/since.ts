import { en } from '$lib/core/language';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** How long ago something was, in the words of the day: `3 minutes ago`, `yesterday`, `12 March`. */
export function since(then: number, now: number): string {
	const age = Math.max(0, now - then);
	if (age < MINUTE) return en`just now`;
	const [minutes, hours, days] = [MINUTE, HOUR, DAY].map((length) => Math.floor(age / length));
	if (age < HOUR) return minutes === 1 ? en`1 minute ago` : en`${minutes} minutes ago`;
	if (age < DAY) return hours === 1 ? en`1 hour ago` : en`${hours} hours ago`;
	if (days < 7) return days === 1 ? en`yesterday` : en`${days} days ago`;
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
