/** What a feature adds to the making, changing and removing of one kind of row, inside the change that does it. */
import type { RowOf, TableName } from '@stube/core/model';
import type { Recorder } from './recorder.ts';

export interface RowHooks<T extends TableName> {
  /** Values of the fields that a new row may leave open (computed, in the model). */
  computed?(recorder: Recorder, values: Record<string, unknown>): Promise<Partial<RowOf<T>>>;
  created?(recorder: Recorder, row: RowOf<T>): Promise<void>;
  changed?(recorder: Recorder, before: RowOf<T>, after: RowOf<T>): Promise<void>;
  /** @throws Refused where it has to stay */
  removing?(recorder: Recorder, row: RowOf<T>): Promise<void>;
}
