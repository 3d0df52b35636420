/**
 * What data from outside consists of, as data: its type in the code, its check (`shape-check.ts`) and its JSON Schema (`shape-schema.ts`) all come
 * from one description.
 */

export type Description =
	/** text of so many characters, perhaps of a pattern */
	| { readonly kind: 'text'; readonly least: number; readonly most: number; readonly pattern?: string }
	/** an exact number as text */
	| { readonly kind: 'number' }
	/** a number of the machine */
	| { readonly kind: 'finite'; readonly above?: number }
	/** 0, 1, 2 … */
	| { readonly kind: 'count' }
	/** a whole number within limits, both included; perhaps as text, too */
	| { readonly kind: 'whole'; readonly least: number; readonly most: number; readonly mayBeText: boolean }
	| { readonly kind: 'flag' }
	| { readonly kind: 'one-of'; readonly values: readonly (string | number | boolean)[] }
	/** `called`: what is in it, in messages; `entries` where nothing is said */
	| {
			readonly kind: 'list';
			readonly of: Shape;
			readonly least: number;
			readonly most: number;
			readonly called?: string;
	  }
	/** fields by name; what is not among them is left out, or, where it is closed, refused */
	| {
			readonly kind: 'record';
			readonly fields: Readonly<Record<string, Shape>>;
			readonly isClosed: boolean;
			/** what it is called where something else stands there: `an object with a problem` */
			readonly called?: string;
	  }
	/** so many values by any key of so many characters */
	| {
			readonly kind: 'by-key';
			readonly of: Shape;
			readonly most: number;
			readonly longest: number;
			readonly called: string;
			/** what the values are, in messages */
			readonly values: string;
	  }
	| { readonly kind: 'nullable'; readonly of: Shape }
	/** a field that may be left out; `fresh`: what is put there then, and whether the schema tells it */
	| { readonly kind: 'optional'; readonly of: Shape; readonly fresh?: unknown; readonly isTold?: boolean }
	/** a record that its field `kind` tells apart from others */
	| { readonly kind: 'kinds'; readonly fields: Readonly<Record<string, Readonly<Record<string, Shape>>>> }
	/** a record that the presence of a field tells apart from others; the last is meant where none is there */
	| { readonly kind: 'one-with'; readonly records: Readonly<Record<string, Shape>> }
	/** what a schema cannot say */
	| { readonly kind: 'sound'; readonly of: Shape; readonly message: string; test(value: unknown): boolean }
	| { readonly kind: 'described'; readonly of: Shape; readonly words: string }
	/** a shape that schemas refer to by its name */
	| { readonly kind: 'named'; readonly name: string; readonly of: Shape }
	/** what has messages of its own: its JSON Schema, and what is wrong with a value (null: nothing) */
	| {
			readonly kind: 'checked';
			readonly schema: Readonly<Record<string, unknown>>;
			fault(value: unknown): string | null;
	  }
	/** what is checked elsewhere: its JSON Schema alone */
	| { readonly kind: 'schema'; readonly schema: Readonly<Record<string, unknown>> };

/** A description with the type of what it describes, which is there for the compiler alone. */
export type Shape<T = unknown> = Description & { readonly type?: T };
type Optional<T> = Shape<T> & { readonly canBeMissing: true };

/** The type of what a shape describes. */
export type Of<S> = S extends Shape<infer T> ? T : never;
type Fields = Readonly<Record<string, Shape>>;
type Missing<F> = { [K in keyof F]: F[K] extends { canBeMissing: true } ? K : never }[keyof F];
/** The type of a record with these fields. */
export type RecordOf<F> = { readonly [K in Exclude<keyof F, Missing<F>>]: Of<F[K]> } & {
	readonly [K in Missing<F>]?: Of<F[K]>;
};
type OneOf<K extends Record<string, Fields>> = {
	[Kind in keyof K]: { readonly kind: Kind } & RecordOf<K[Kind]>;
}[keyof K];

export const text = (most: number, least = 1, pattern?: string): Shape<string> => ({
	kind: 'text',
	least,
	most,
	...(pattern === undefined ? {} : { pattern })
});
/** any text */
export const anyText: Shape<string> = text(Infinity, 0);
export const exactNumber: Shape<string> = { kind: 'number' };
export const finite: Shape<number> = { kind: 'finite' };
export const above = (least: number): Shape<number> => ({ kind: 'finite', above: least });
export const count: Shape<number> = { kind: 'count' };
export const whole = (least: number, most: number): Shape<number> => ({
	kind: 'whole',
	least,
	most,
	mayBeText: false
});
/** A whole number that may be written as text, as all numbers of the problem format may. */
export const wholeText = (least: number, most: number): Shape<number | string> => ({
	kind: 'whole',
	least,
	most,
	mayBeText: true
});
export const flag: Shape<boolean> = { kind: 'flag' };
export const oneOf = <const T extends string | number | boolean>(values: readonly T[]): Shape<T> => ({
	kind: 'one-of',
	values
});
/** @param called what is in it, in messages */
export const list = <T>(of: Shape<T>, most = Infinity, least = 0, called?: string): Shape<readonly T[]> => ({
	kind: 'list',
	of,
	least,
	most,
	...(called === undefined ? {} : { called })
});
/** @param called what is said that there must be, where something else is */
export const record = <F extends Fields>(fields: F, called?: string): Shape<RecordOf<F>> => ({
	kind: 'record',
	fields,
	isClosed: false,
	...(called === undefined ? {} : { called })
});
/** A record in which nothing else may stand. */
export const closed = <F extends Fields>(fields: F, called?: string): Shape<RecordOf<F>> => ({
	kind: 'record',
	fields,
	isClosed: true,
	...(called === undefined ? {} : { called })
});
export const byKey = <T>(
	of: Shape<T>,
	{ most = Infinity, longest = Infinity, called = 'an object of values by name', values = 'entries' } = {}
): Shape<Readonly<Record<string, T>>> => ({ kind: 'by-key', of, most, longest, called, values });
export const nullable = <T>(of: Shape<T>): Shape<T | null> => ({ kind: 'nullable', of });
/** @param fresh what it is where it is left out */
export const optional = <T>(of: Shape<T>, fresh?: T): Optional<T> =>
	({ kind: 'optional', of, ...(fresh === undefined ? {} : { fresh }) }) as unknown as Optional<T>;
/** A field that may be left out: what holds then, put there and told in the schema. */
export const otherwise = <T>(of: Shape<T>, value: T): Shape<T> => ({
	kind: 'optional',
	of,
	fresh: value,
	isTold: true
});
/** What was once left out and now is always there: as it is in older data. */
export const since = <T>(of: Shape<T>, before: T): Shape<T> => ({ kind: 'optional', of, fresh: before });
export const kinds = <const K extends Record<string, Fields>>(fields: K): Shape<OneOf<K>> => ({
	kind: 'kinds',
	fields
});
export const oneWith = <R extends Record<string, Shape>>(records: R): Shape<Of<R[keyof R]>> => ({
	kind: 'one-with',
	records
});
export const sound = <T>(of: Shape<T>, message: string, test: (value: T) => boolean): Shape<T> => ({
	kind: 'sound',
	of,
	message,
	test: test as (value: unknown) => boolean
});
export const described = <T>(of: Shape<T>, words: string): Shape<T> => ({ kind: 'described', of, words });
export const named = <T>(name: string, of: Shape<T>): Shape<T> => ({ kind: 'named', name, of });
/** @param fault says what is wrong with a value, without its path; null where it is right */
export const checked = <T>(
	schema: Readonly<Record<string, unknown>>,
	fault: (value: unknown) => string | null
): Shape<T> => ({ kind: 'checked', schema, fault });
/** What is checked elsewhere, by its JSON Schema. */
export const bySchema = <T>(schema: Readonly<Record<string, unknown>>): Shape<T> => ({
	kind: 'schema',
	schema
});
/** A shape whose type is said elsewhere. */
export const as = <T>(of: Shape): Shape<T> => of as Shape<T>;

/** Whether a value is an object of names and values, and no list. */
export const isPlain = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
