import { en } from '../language/language';
import { checked, list, oneOf, record } from '../problem/shape';
import { readerOf } from '../problem/shape-check';
import { LOOSE_NOTATION } from './shape';
import { completed, PROFILES, type Notation } from './notation';

/** What notations from files and storage are checked against, and the format in which profiles are kept: docs/FORMAT.md. */

/** A notation under a name. */
export interface Profile {
	readonly name: string;
	readonly notation: Notation;
}

export const MAX_PROFILES = 50;
export const MAX_PROFILE_NAME = 60;

const NAMES_TAKEN = PROFILES.map(({ name }) => name);
const name = checked<string>({ type: 'string', maxLength: MAX_PROFILE_NAME }, (value) => {
	if (typeof value !== 'string' || value === '' || value.trim() !== value)
		return en`a notation must have a name, without blanks around it`;
	if (value.length > MAX_PROFILE_NAME)
		return en`the name of a notation has more than ${MAX_PROFILE_NAME} characters`;
	return NAMES_TAKEN.includes(value) ? en`a notation that comes along has the name “${value}”` : null;
});
const read = readerOf(
	record({
		format: oneOf(['mathesis-notations']),
		version: oneOf([1]),
		// docs/FORMAT.md: what it leaves out is as in the first profile
		profiles: list(record({ name, notation: LOOSE_NOTATION }), MAX_PROFILES)
	})
);

/** Profiles as the text of a file. */
export const writeProfiles = (profiles: readonly Profile[]): string =>
	JSON.stringify({ format: 'mathesis-notations', version: 1, profiles }, null, '\t') + '\n';

/**
 * Reads profiles from the text of a file, or from what the browser kept.
 * @returns the profiles with what they leave out as in the plain notation; of two with one name the later
 * @throws SyntaxError for text that is no JSON, yup.ValidationError with the first field at fault
 */
export function readProfiles(text: string): Profile[] {
	const { profiles } = read(JSON.parse(text));
	return withProfiles(
		[],
		profiles.map(({ name, notation }) => ({ name, notation: completed(notation) }))
	);
}

/** Profiles with others added; one of the same name gives way. */
export function withProfiles(profiles: readonly Profile[], more: readonly Profile[]): Profile[] {
	const byName = new Map([...profiles, ...more].map((own) => [own.name, own]));
	return [...byName.values()].slice(-MAX_PROFILES);
}
