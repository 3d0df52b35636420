/** Lasting keys of variables and constraints by their present names; a name that is not there is its own key. */
export interface Keys {
	readonly variables: ReadonlyMap<string, string>;
	readonly constraints: ReadonlyMap<string, string>;
}

export const OWN_NAMES: Keys = { variables: new Map(), constraints: new Map() };

/** A branch: a variable, by its lasting key, with a bound that branching gave it. */
interface Branch {
	readonly variable: string;
	readonly relation: '<=' | '>=';
	readonly value: string;
}

/** The lasting key of a branch's constraint: it stays when the variable is renamed, or the bound changed. */
export const branchKey = ({ variable, relation, value }: Branch): string =>
	`branch:${relation}:${value}:${variable}`;

/** The branch that a lasting key of a constraint stands for; null where it is another constraint's. */
export function branchOfKey(key: string): Branch | null {
	const [, relation, value, variable] = /^branch:([<>]=):([^:]*):(.*)$/s.exec(key) ?? [];
	return relation === undefined ? null : { variable, relation: relation as '<=' | '>=', value };
}
