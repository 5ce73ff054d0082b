/** A new room has a code of its own and one zone, so that walks can be reckoned from the start. */
import { freeCode } from '@stube/core/model';
import type { RowHooks } from '../../../db/hooks.ts';
import { newId } from '../../../db/ids.ts';

export const roomHooks: RowHooks<'room'> = {
  async computed(recorder, values) {
    const rooms = await recorder.rows('room');
    return { code: freeCode(String(values.name), new Set(rooms.map((room) => room.code))), sort: rooms.length };
  },
  async created(recorder, room) {
    await recorder.insert('zone', [
      {
        id: newId(),
        roomId: room.id,
        name: 'Middle of the room',
        kind: 'whole room',
        x: Math.round(room.width / 2),
        y: Math.round(room.depth / 2),
        width: null,
        depth: null,
      },
    ]);
  },
};
