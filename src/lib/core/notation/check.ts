import { en } from '../language/language';
import * as yup from 'yup';
import { checkOf } from '../problem/shape-check';
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

const shape = yup.object({
	format: yup.string().oneOf(['mathesis-notations']).required(),
	version: yup.number().oneOf([1]).required(),
	profiles: yup
		.array(
			yup.object({
				name: yup
					.string()
					.trim()
					.required()
					.max(MAX_PROFILE_NAME)
					.notOneOf(
						PROFILES.map(({ name }) => name),
						({ value }) => en`a notation that comes along has the name “${value}”`
					),
				// docs/FORMAT.md: what it leaves out is as in the first profile
				notation: checkOf(LOOSE_NOTATION) as yup.AnySchema
			})
		)
		.max(MAX_PROFILES)
		.required()
});

/** Profiles as the text of a file. */
export const writeProfiles = (profiles: readonly Profile[]): string =>
	JSON.stringify({ format: 'mathesis-notations', version: 1, profiles }, null, '\t') + '\n';

/**
 * Reads profiles from the text of a file, or from what the browser kept.
 * @returns the profiles with what they leave out as in the plain notation; of two with one name the later
 * @throws SyntaxError for text that is no JSON, yup.ValidationError with the first field at fault
 */
export function readProfiles(text: string): Profile[] {
	const data: unknown = JSON.parse(text);
	shape.validateSync(data, { strict: true });
	const { profiles } = shape.cast(data, { stripUnknown: true }) as unknown as {
		profiles: { name: string; notation: Partial<Notation> }[];
	};
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
