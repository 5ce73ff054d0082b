/**
 * What this window wrote itself: whoever types on while a write is under way has not been overtaken by anybody, so that
 * the next write goes on from the last one instead of being a conflict with it.
 */
import type { Row, TableName } from '@stube/core/model';

interface Step {
  /** The version that it became. */
  to: number;
  /** What was written. */
  fields: readonly string[];
}
const keyOf = (table: TableName, id: string, version: number): string => `${table} ${id} ${version}`;

export class OwnWrites {
  private readonly steps = new Map<string, Step>();

  wrote(table: TableName, { id, version }: Row, to: number, fields: readonly string[]): void {
    this.steps.set(keyOf(table, id, version), { to, fields });
  }

  /**
   * The version from which a write goes on: past what this window wrote since the row was read. A list or an object that
   * was written meanwhile is not written over with one that was made before: that stays a conflict.
   */
  versionFor(table: TableName, { id, version }: Row, values: Readonly<Record<string, unknown>>): number {
    let now = version;
    for (let step = this.steps.get(keyOf(table, id, now)); step; step = this.steps.get(keyOf(table, id, now))) {
      if (step.fields.some((field) => typeof values[field] === 'object' && values[field] !== null)) return version;
      now = step.to;
    }
    return now;
  }
}
