import type { Problem } from '../problem/types';
import { standardForm } from './standard';
import type { FormChange, FormOptions, System } from './types';
import type { Keys } from '../problem/keys';

/** A change on the way to standard form, with the problem as it stands after it. */
export interface FormStage {
	readonly change: FormChange;
	readonly system: System;
}

/** The way to standard form, one change at a time. */
export function stages(problem: Problem, options: FormOptions, keys: Keys): FormStage[] {
	const list: FormStage[] = [];
	standardForm(problem, options, keys, (change, system) => list.push({ change, system }));
	return list;
}
