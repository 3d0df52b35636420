/** What views and pages may use of this folder: other formats. The rest of the core and the desk import its modules themselves. */

export { cornerCsv, cornerLatex, workedOut } from './corner-table';
export { LATEX_RELATIONS, latexColumn, latexSum } from './latex';
export { type RunFormat, runText, tableauText } from './run';
