import type { Relation } from './types';

/** How a relation is written. */
export const RELATION_SIGNS: Record<Relation, string> = { '<=': '≤', '>=': '≥', '=': '=' };

/** The relation after both sides have been exchanged, or multiplied by −1. */
export const MIRRORED: Record<Relation, Relation> = { '<=': '>=', '>=': '<=', '=': '=' };
