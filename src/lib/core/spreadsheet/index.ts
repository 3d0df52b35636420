/** What views and pages may use of this folder: cells of spreadsheets. The rest of the core and the desk import its modules themselves. */

export { type BlockLayout, COLUMN_ROLES, type ColumnRole, isWholeTable, meantBy, readBlock } from './block';
export { csvText } from './csv-cells';
