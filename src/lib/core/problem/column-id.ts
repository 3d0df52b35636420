import { branchOfKey } from './keys';

/**
 * What columns are called in trails and addresses: ids made of lasting keys, which stay when names change and the problem is edited elsewhere. Only
 * here is known how they are written.
 */

/** The column of a variable, or of its first part. @param key the variable's lasting key */
export const variableId = (key: string): string => `x:${key}`;

/** The second part of a free variable, which is taken from the first. */
export const negativePartId = (key: string): string => `x-:${key}`;
export const isNegativePart = (id: string): boolean => id.startsWith('x-:');

/** The slack or surplus of a row. @param key its owner's lasting key; an equation in two rows has two slacks */
export const slackId = (key: string, isSecond = false): string => `s:${key}${isSecond ? ':2' : ''}`;

/** The artificial variable of a row, or what holds its place. */
export const artificialId = (key: string): string => `a:${key}`;
export const isOfArtificial = (id: string): boolean => id.startsWith('a:');

/** The slack of a cutting plane. @param number from 1 on */
export const cutId = (number: number): string => `c:${number}`;

const ADDED = 's+:';

/** The slack of a constraint that a move added, a branch’s among them. */
export const addedId = (key: string, isSecond = false): string => `${ADDED}${key}${isSecond ? ':2' : ''}`;
export const isAdded = (id: string): boolean => id.startsWith(ADDED);
export const isOfBranch = (id: string): boolean =>
	isAdded(id) && branchOfKey(id.slice(ADDED.length)) !== null;
