import { FORM_WORDS } from '../design/form';
import { FORM_PARTS, type FormPart, type WishName } from '../design/types';
import { fieldsOf, isLimited } from '../design/wishes/controls';
import { kindOfWish, WISH_NAMES } from '../design/wishes/kinds';
import {
	bySchema,
	closed,
	described,
	flag,
	list,
	named,
	nullable,
	oneOf,
	optional,
	otherwise,
	record,
	sound,
	whole,
	wholeText,
	type Shape
} from '../problem/shape';
import { schemaOf } from '../problem/shape-schema';
import { MAX_MILLISECONDS, TIME } from './limits';

/** What a request to design may say: the kinds of wishes come from the list that the search uses. */

const MOST_FINDS = 50;
const MOST_WISHES = 30;
/** the largest coefficient, right-hand side or amount */
const MOST_NUMBER = 100_000;
/** the largest right-hand side where the request says nothing */
const RHS = 99;

/** The fields of a kind of wish; nothing else may stand there. */
export const wishShape = (kind: WishName): Shape =>
	closed({ kind: oneOf([kind]), not: optional(flag), ...fieldsOf(kindOfWish(kind).controls ?? []) });

const wishSchema = (kind: WishName) => ({
	...schemaOf(wishShape(kind)),
	// a limit needs one of its two fields
	...(isLimited(kindOfWish(kind).controls ?? [])
		? { anyOf: [{ required: ['exactly'] }, { required: ['atMost'] }] }
		: {})
});
/** A wish, by its schema: it is read kind by kind. */
export const WISH = described(
	bySchema<unknown>({ oneOf: WISH_NAMES.map(wishSchema) }),
	`Kinds: ${WISH_NAMES.join(', ')}.`
);

/** Parts of good form that are asked for: all, none, or some. */
export type FormWanted = 'tidy' | 'any' | readonly FormPart[];
const isForm = (form: unknown): boolean =>
	form === 'tidy' ||
	form === 'any' ||
	(Array.isArray(form) && form.every((part) => FORM_PARTS.includes(part as FormPart)));

const FORM = described(
	sound(
		bySchema<FormWanted>({
			oneOf: [{ enum: ['tidy', 'any'] }, { type: 'array', items: { enum: FORM_PARTS } }]
		}),
		`must be tidy, any, or a list of ${FORM_PARTS.join(', ')}`,
		isForm
	),
	`What is asked for whatever is wished, unless a wish or the request contradicts it: ${FORM_PARTS.map((part) => `\`${part}\`: ${FORM_WORDS[part]}`).join('; ')}.`
);

export const DESIGN_REQUEST = described(
	record(
		{
			variables: whole(2, 8),
			constraints: whole(2, 8),
			sense: otherwise(oneOf(['max', 'min']), 'max'),
			relations: optional(
				described(list(oneOf(['<=', '>=', '=']), 8), 'one for each constraint; left out: as it comes')
			),
			numbers: otherwise(
				record(
					{
						from: optional(wholeText(-MOST_NUMBER, MOST_NUMBER)),
						to: optional(wholeText(-MOST_NUMBER, MOST_NUMBER)),
						rhs: otherwise(wholeText(0, MOST_NUMBER), RHS)
					},
					'an object with from, to and rhs'
				),
				{ rhs: RHS }
			),
			plan: optional(
				nullable(
					record(
						{
							point: list(wholeText(0, MOST_NUMBER), 8),
							shall: otherwise(oneOf(['feasible', 'best']), 'feasible')
						},
						'an object with point and shall'
					)
				)
			),
			wishes: optional(list(named('Wish', WISH), MOST_WISHES)),
			form: otherwise(FORM, 'tidy'),
			seed: otherwise(whole(-(2 ** 53) + 1, 2 ** 53 - 1), 1),
			count: otherwise(whole(1, MOST_FINDS), 1),
			limit: otherwise(record({ milliseconds: otherwise(whole(1, MAX_MILLISECONDS), TIME) }), {
				milliseconds: TIME
			})
		},
		'an object with variables and constraints'
	),
	'Variables are x1 to xn, constraints r1 to rm. Coefficients are whole numbers from `numbers.from` to `numbers.to`, right-hand sides from 0 to `numbers.rhs` unless a plan asks for more. The same request has the same answer, as far as the time reaches.'
);
