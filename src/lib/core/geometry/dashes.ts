/** Dash patterns by which lines of constraints are told apart without colour, in units of the line's width: on, off, on … */
export const DASHES = ['', '9 4', '2.5 3', '12 3 2.5 3', '5 3', '16 4', '8 3 2.5 3 2.5 3', '1.5 4'] as const;
