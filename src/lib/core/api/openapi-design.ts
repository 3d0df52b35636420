import { propertiesOf } from '../design/wishes/controls';
import { FORM_WORDS } from '../design/form';
import { FORM_PARTS } from '../design/types';
import { kindOfWish, WISH_NAMES } from '../design/wishes/kinds';

/** The part of the API's description that is about designing: the kinds of wishes come from the list that the search uses. */

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });
const count = (minimum: number, maximum: number) => ({ type: 'integer', minimum, maximum });
const list = (items: object) => ({ type: 'array', items });

/** A schema for each kind of wish: its fields, and that it is of this kind. */
const wishes = WISH_NAMES.map((kind) => ({
	type: 'object',
	required: ['kind'],
	additionalProperties: false,
	properties: {
		kind: { const: kind },
		not: { type: 'boolean' },
		...propertiesOf(kindOfWish(kind).controls ?? [])
	}
}));

export const designSchemas = {
	Wish: { oneOf: wishes, description: `Kinds: ${WISH_NAMES.join(', ')}.` },
	DesignRequest: {
		type: 'object',
		required: ['variables', 'constraints'],
		description:
			'Variables are x1 to xn, constraints r1 to rm. Coefficients are whole numbers from `numbers.from` to `numbers.to`, right-hand sides from 0 to `numbers.rhs` unless a plan asks for more. The same request has the same answer, as far as the time reaches.',
		properties: {
			variables: count(2, 8),
			constraints: count(2, 8),
			sense: { enum: ['max', 'min'] },
			relations: list({ enum: ['<=', '>=', '='] }),
			numbers: {
				type: 'object',
				properties: { from: ref('Rational'), to: ref('Rational'), rhs: ref('Rational') }
			},
			plan: {
				type: 'object',
				required: ['point'],
				properties: { point: list(ref('Rational')), shall: { enum: ['feasible', 'best'] } }
			},
			wishes: list(ref('Wish')),
			form: {
				oneOf: [{ enum: ['tidy', 'any'] }, list({ enum: FORM_PARTS })],
				default: 'tidy',
				description: `What is asked for whatever is wished, unless a wish or the request contradicts it: ${FORM_PARTS.map((part) => `\`${part}\`: ${FORM_WORDS[part]}`).join('; ')}.`
			},
			seed: { type: 'integer' },
			count: count(1, 50),
			limit: { type: 'object', properties: { milliseconds: count(1, 30_000) } }
		}
	},
	DesignAnswer: {
		type: 'object',
		required: ['problems', 'tried', 'missed'],
		description:
			'Fewer problems than `count` where the time is up first. Each promise repeats its wish with the `value` that holds. `missed`: of how many candidates a kind of wish was the first that failed. Then also `nearest`, problems that miss the fewest wishes (by their places in the request), and `neverMet`, a smallest set of wishes that no candidate of a sample kept at once: what the sample shows, not a proof.',
		properties: {
			problems: list({
				type: 'object',
				required: ['problem', 'promises'],
				properties: {
					problem: ref('Problem'),
					promises: list({ type: 'object', required: ['kind', 'value'] })
				}
			}),
			tried: { type: 'integer' },
			missed: { type: 'object', additionalProperties: { type: 'integer' } },
			nearest: list({
				type: 'object',
				required: ['problem', 'misses'],
				properties: { problem: ref('Problem'), misses: list({ type: 'integer' }) }
			}),
			neverMet: list({ type: 'integer' })
		}
	}
};
