/** A row that was changed elsewhere while it was being changed here: both are shown, and the person decides. */
import { shallowRef } from 'vue';
import type { Row, TableName } from '@stube/core/model/entities';

export interface Conflict {
  table: TableName;
  mine: Record<string, unknown>;
  current: Row & Record<string, unknown>;
  /** Writes mine over what stands there. */
  write: () => Promise<void>;
}

export const useConflict = () => shallowRef<Conflict | null>(null);
