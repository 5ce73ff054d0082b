/** What is public of this feature. */
export { type ColumnKey, COLUMNS, guessColumns, type Mapping } from './columns.ts';
export { type ImportedList, type ListContext, readList } from './read-list.ts';
