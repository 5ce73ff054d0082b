/** What features add to the making, changing and removing of their rows; all else follows from the model. */
import type { TableName } from '@stube/core/model';
import type { RowHooks } from '../db/hooks.ts';
import { unitHooks } from '../features/measuring/measuring/service.ts';
import { personHooks } from '../features/house/people/service.ts';
import { roomHooks } from '../features/house/rooms/service.ts';

export const HOOKS: { readonly [T in TableName]?: RowHooks<T> } = {
  person: personHooks,
  room: roomHooks,
  unit: unitHooks,
};
