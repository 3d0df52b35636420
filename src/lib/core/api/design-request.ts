import { FORM_WORDS } from '../design/form';
import { FORM_PARTS, type WishName } from '../design/types';
import { fieldsOf, isLimited } from '../design/wishes/controls';
import { kindOfWish, WISH_NAMES } from '../design/wishes/kinds';
import {
	as,
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
	whole,
	wholeText,
	type Shape
} from '../problem/shape';
import { schemaOf } from '../problem/shape-schema';
import { MAX_MILLISECONDS } from './limits';

/** What a request to design may say: the kinds of wishes come from the list that the search uses. */

export const MOST_FINDS = 50;
export const MOST_WISHES = 30;
/** the largest coefficient, right-hand side or amount */
export const MOST_NUMBER = 100_000;

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

const FORM = as<'tidy' | 'any' | readonly (typeof FORM_PARTS)[number][]>(
	described(
		bySchema({
			oneOf: [{ enum: ['tidy', 'any'] }, { type: 'array', items: { enum: FORM_PARTS } }],
			default: 'tidy'
		}),
		`What is asked for whatever is wished, unless a wish or the request contradicts it: ${FORM_PARTS.map((part) => `\`${part}\`: ${FORM_WORDS[part]}`).join('; ')}.`
	)
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
			numbers: optional(
				record(
					{
						from: optional(wholeText(-MOST_NUMBER, MOST_NUMBER)),
						to: optional(wholeText(-MOST_NUMBER, MOST_NUMBER)),
						rhs: otherwise(wholeText(0, MOST_NUMBER), 99)
					},
					'an object with from, to and rhs'
				)
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
			form: optional(FORM),
			seed: otherwise(whole(-(2 ** 53) + 1, 2 ** 53 - 1), 1),
			count: otherwise(whole(1, MOST_FINDS), 1),
			limit: optional(record({ milliseconds: otherwise(whole(1, MAX_MILLISECONDS), 10_000) }))
		},
		'an object with variables and constraints'
	),
	'Variables are x1 to xn, constraints r1 to rm. Coefficients are whole numbers from `numbers.from` to `numbers.to`, right-hand sides from 0 to `numbers.rhs` unless a plan asks for more. The same request has the same answer, as far as the time reaches.'
);
