/**
 * What can be kept from the class until it was asked, in every place that would show it. `advice`: what the rule would do next, in tableau, menus,
 * finder and sentences; `best`: where the objective is best, in pictures of the region; `kind`: what kind of problem is stated; `cells`: the
 * numbers of each new tableau, with what is said of them; `nodes`: what the nodes of a tree come to; `branching`: what follows from a node, closed or
 * branched on; `values`: the objective at corners.
 */
export const SECRETS = ['advice', 'best', 'kind', 'cells', 'nodes', 'branching', 'values'] as const;
export type Secret = (typeof SECRETS)[number];

/** what a new lesson keeps from the class: corners are asked for one by one */
export const FIRST_CONCEALED: readonly Secret[] = ['values'];
