import type { Point } from './types';

/** A key for a point: the same text for the same point. */
export const cornerKey = ({ x, y }: Point): string => `${x.toFraction()} ${y.toFraction()}`;
