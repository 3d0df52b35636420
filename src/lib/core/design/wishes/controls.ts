import { flag, list, oneOf, optional, otherwise, text, whole, type Shape } from '../../problem/shape';
import { MAX_NAME } from '../../problem/types';

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

/** The fields of a wish, as shapes: their check and their schema come from these. */
export const fieldsOf = (controls: readonly Control[]): Readonly<Record<string, Shape>> =>
	Object.assign(
		{},
		...controls.map((own): Record<string, Shape> => {
			switch (own.kind) {
				case 'count': {
					const count = whole(own.least, own.most);
					return { [own.field]: own.isOptional ? optional(count) : count };
				}
				case 'limit': {
					const limit = optional(whole(own.least, own.most));
					return { exactly: limit, atMost: limit };
				}
				case 'choice': {
					const among = oneOf(own.of);
					return { [own.field]: own.otherwise === undefined ? among : otherwise(among, own.otherwise) };
				}
				case 'yes':
					return { [own.field]: flag };
				case 'rows':
					return { [own.field]: list(text(MAX_NAME)) };
			}
		})
	) as Record<string, Shape>;

/** Whether a wish has a limit: then it says `exactly` or `atMost`. */
export const isLimited = (controls: readonly Control[]): boolean =>
	controls.some(({ kind }) => kind === 'limit');
