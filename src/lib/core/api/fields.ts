import * as yup from 'yup';
import { InputError, type Issue } from '../problem/json';

/** What fields of requests may be; each may be left out. */

/** One of some texts. */
export const among = (values: readonly string[]) =>
	yup
		.mixed()
		.test(
			'among',
			`must be one of ${values.join(', ')}`,
			(v) => v === undefined || values.includes(v as string)
		);

/** A whole number within limits, both included. */
export const whole = (from: number, to: number) =>
	yup
		.mixed()
		.test(
			'whole',
			`must be a whole number from ${from} to ${to}`,
			(v) => v === undefined || (Number.isInteger(v) && (v as number) >= from && (v as number) <= to)
		);

/** Reads a part of a request; what is wrong with it joins the other issues, so that all are told at once. */
export function collect(issues: Issue[], read: () => void): void {
	try {
		read();
	} catch (error) {
		if (!(error instanceof InputError)) throw error;
		issues.push(...error.issues);
	}
}
