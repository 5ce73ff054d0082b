/** A row that was changed elsewhere while it was being changed here: both are shown, and the person decides. */
import { shallowRef } from 'vue';
import type { Row, TableName } from '@stube/core/model';

export interface Conflict {
  table: TableName;
  mine: Record<string, unknown>;
  current: Row & Record<string, unknown>;
  /** Writes mine over what stands there. */
  write: () => Promise<void>;
}

const isSame = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);
const fieldsOf = <T extends object>(values: T): (keyof T)[] => Object.keys(values) as (keyof T)[];

/** What is another in a row by those values. */
export function changesOf<T extends object>(row: T, values: Partial<T>): Partial<T> {
  const changed: Partial<T> = {};
  for (const field of fieldsOf(values)) if (!isSame(row[field], values[field])) changed[field] = values[field]!;
  return changed;
}
/** Whether nobody wrote those fields meanwhile. @param from as its author has read it */
export const isUntouched = <T extends object>(values: Partial<T>, from: T, current: T): boolean =>
  fieldsOf(values).every((field) => isSame(from[field], current[field]));

export const useConflict = () => shallowRef<Conflict | null>(null);
