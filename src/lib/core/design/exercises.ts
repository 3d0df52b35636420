import { en } from '../language/language';
import type { DesignRequest } from './types';

/** Exercises that a course asks for by name: each is a size, numbers and wishes, from which one goes on. */

type Wanted = Pick<DesignRequest, 'variables' | 'constraints' | 'sense' | 'relations' | 'numbers' | 'wishes'>;

export interface NamedExercise extends Wanted {
	readonly code: string;
	readonly name: string;
}

const NUMBERS = { from: 0, to: 9, rhs: 60 };
const TWO: Omit<Wanted, 'wishes'> = {
	variables: 2,
	constraints: 3,
	sense: 'max',
	relations: ['<=', '<=', '<='],
	numbers: NUMBERS
};
const exercise = (
	code: string,
	name: string,
	wanted: Partial<Wanted> & Pick<Wanted, 'wishes'>
): NamedExercise => ({
	...TWO,
	...wanted,
	code,
	name
});

const ONE_BEST = { kind: 'answer', is: 'unique' } as const;
const WHOLE = { kind: 'whole-plan' } as const;

export const NAMED_EXERCISES: readonly NamedExercise[] = [
	exercise('first-tableau', en`First tableau`, {
		constraints: 2,
		relations: ['<=', '<='],
		wishes: [ONE_BEST, WHOLE, { kind: 'pivots', exactly: 2 }]
	}),
	exercise('two-phases', en`Two phases`, {
		relations: ['<=', '<=', '>='],
		wishes: [ONE_BEST, WHOLE, { kind: 'start', is: 'two-phase' }, { kind: 'pivots', atMost: 4 }]
	}),
	exercise('several-optima', en`Several optima`, { wishes: [{ kind: 'answer', is: 'several' }, WHOLE] }),
	exercise('degenerate', en`Degenerate corner`, {
		wishes: [ONE_BEST, WHOLE, { kind: 'degenerate', is: true }, { kind: 'tie', is: true }]
	}),
	exercise('infeasible', en`Infeasible`, {
		relations: ['<=', '<=', '>='],
		wishes: [{ kind: 'answer', is: 'infeasible' }]
	}),
	exercise('unbounded', en`Unbounded`, {
		constraints: 2,
		relations: ['<=', '<='],
		numbers: { ...NUMBERS, from: -4 },
		wishes: [{ kind: 'answer', is: 'unbounded' }]
	}),
	exercise('dual-simplex', en`Dual simplex`, {
		sense: 'min',
		constraints: 2,
		relations: ['>=', '>='],
		wishes: [ONE_BEST, WHOLE, { kind: 'start', is: 'dual' }, { kind: 'pivots', exactly: 2 }]
	}),
	exercise('cuts', en`A cut or two`, {
		constraints: 2,
		relations: ['<=', '<='],
		wishes: [{ kind: 'fractional' }, { kind: 'cuts', atMost: 2 }]
	}),
	exercise('rounding-fails', en`Rounding fails`, {
		constraints: 2,
		relations: ['<=', '<='],
		wishes: [{ kind: 'fractional' }, { kind: 'rounding', is: 'infeasible' }]
	}),
	exercise('transport', en`Transport`, {
		variables: 4,
		constraints: 4,
		sense: 'min',
		relations: ['<=', '<=', '>=', '>='],
		numbers: { ...NUMBERS, rhs: 99 },
		wishes: [{ kind: 'transport' }, ONE_BEST]
	})
];
