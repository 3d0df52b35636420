/** Lasting keys of variables and constraints by their present names; a name that is not there is its own key. */
export interface Keys {
	readonly variables: ReadonlyMap<string, string>;
	readonly constraints: ReadonlyMap<string, string>;
}

export const OWN_NAMES: Keys = { variables: new Map(), constraints: new Map() };
