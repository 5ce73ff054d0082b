/** The text of somebody's list as a table, its columns guessed. */
import Papa from 'papaparse';
import { guessColumns, type Mapping } from '@stube/core/import';

export interface Table {
  headings: string[];
  rows: string[][];
  mapping: Mapping;
}

export function splitTable(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: false });
  while (data.length && data.at(-1)!.every((cell) => !cell.trim())) data.pop();
  const headings = data[0] ?? [];
  return { headings, rows: data.slice(1), mapping: guessColumns(headings) };
}
