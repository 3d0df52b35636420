import * as yup from 'yup';
import type { ObjectShape } from 'yup';

/** What can be set of a wish: from this one description come its control on the page, its check in a request, and its schema in the API's description. */
export type Control =
	| {
			readonly kind: 'count';
			readonly field: string;
			readonly label: string;
			readonly least: number;
			readonly most: number;
			/** whether it may be left out */
			readonly isOptional?: boolean;
	  }
	/** `exactly` or `atMost`, one of them */
	| { readonly kind: 'limit'; readonly label: string; readonly least: number; readonly most: number }
	| {
			readonly kind: 'choice';
			readonly field: string;
			readonly label: string;
			readonly of: readonly string[];
			/** what holds where it is left out; without it it is needed */
			readonly otherwise?: string;
	  }
	| { readonly kind: 'yes'; readonly field: string }
	| { readonly kind: 'rows'; readonly field: string; readonly label: string };

const whole = (least: number, most: number) => yup.number().integer().min(least).max(most);

/** The check of a wish's fields. */
export const fieldsOf = (controls: readonly Control[]): ObjectShape =>
	Object.assign(
		{},
		...controls.map((own): ObjectShape => {
			switch (own.kind) {
				case 'count': {
					const count = whole(own.least, own.most);
					return { [own.field]: own.isOptional ? count : count.required() };
				}
				case 'limit':
					return { exactly: whole(own.least, own.most), atMost: whole(own.least, own.most) };
				case 'choice': {
					const among = yup.string().oneOf(own.of);
					return { [own.field]: own.otherwise === undefined ? among.required() : among };
				}
				case 'yes':
					return { [own.field]: yup.boolean().required() };
				case 'rows':
					return { [own.field]: yup.array(yup.string().required()).required() };
			}
		})
	) as ObjectShape;

/** The same as the properties of a JSON Schema. */
export const propertiesOf = (controls: readonly Control[]): Record<string, object> =>
	Object.assign(
		{},
		...controls.map((own): Record<string, object> => {
			switch (own.kind) {
				case 'count':
					return { [own.field]: { type: 'integer', minimum: own.least, maximum: own.most } };
				case 'limit': {
					const count = { type: 'integer', minimum: own.least, maximum: own.most };
					return { exactly: count, atMost: count };
				}
				case 'choice':
					return { [own.field]: { enum: own.of } };
				case 'yes':
					return { [own.field]: { type: 'boolean' } };
				case 'rows':
					return { [own.field]: { type: 'array', items: { type: 'string' } } };
			}
		})
	) as Record<string, object>;
