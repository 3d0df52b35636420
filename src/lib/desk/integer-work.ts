/** The long work of this page. */
export type IntegerWork = 'search' | 'rounds' | 'comparison' | 'best';
