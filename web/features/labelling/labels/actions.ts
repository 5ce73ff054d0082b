import type { LabelKey } from '@stube/core/labels';
import type { LabelLayout, PrintedLabel, Room } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';

const keyOnly = ({ role, binId, numberId, part }: LabelKey): LabelKey => ({ role, binId, numberId, part });

export function useLabelsActions() {
  const { send, patch, writeTogether } = useSite();
  return {
    /** What of a room has no layout of its own looks so from now on. */
    giveToRoom: (room: Room, layoutId: string | null) => patch('room', room, { labelLayoutId: layoutId }),
    markPrinted: (room: string, labels: readonly LabelKey[]) =>
      send('POST', '/printed', { room, labels: labels.map(keyOnly) }),
    /** Labels that came out badly, or were taken off: they are not there any more. */
    takeBack: (what: string, labels: readonly PrintedLabel[]) =>
      writeTogether({ what, remove: labels.map(({ id, version }) => ({ table: 'printedLabel', id, version })) }),
    /** What was printed in a layout is printed again, as the layout has changed. */
    renew: (layout: LabelLayout, labels: readonly PrintedLabel[]) =>
      writeTogether({
        what: `renew the labels of ${layout.name}`,
        update: labels.map(({ id, version }) => ({ table: 'printedLabel', id, version, values: { says: {} } })),
      }),
  };
}
