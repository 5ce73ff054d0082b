/** A change that was tried in a copy is made for real. */
import { LOOKS, placesChanged } from '@stube/core/floor';
import { anotherLike, boarded, NEAR_UNIT, type WhatIf } from '@stube/core/plans';
import { useRoom } from '../../../data/room.ts';

const KEPT: readonly WhatIf['kind'][] = [
  'doors off',
  'a lock',
  'places changed',
  'a board more',
  'a board less',
  'without a unit',
  'one more unit',
  'zone nearer',
  'heights',
];

export function useKeepChange() {
  const { store, placeData, spacesOf } = useRoom();
  const canKeep = ({ kind }: WhatIf): boolean => KEPT.includes(kind);

  async function write(change: WhatIf): Promise<void> {
    if (change.kind === 'heights') await store.patch('room', placeData.value!.room, { heights: change.heights });
    const unit = 'unitId' in change ? store.maps.unit.get(change.unitId) : undefined;
    if (!unit || !placeData.value) return;
    if (change.kind === 'without a unit') await store.remove('unit', unit, unit.name);
    if (change.kind === 'a board more' || change.kind === 'a board less') {
      const shape = boarded(unit, change.kind === 'a board more' ? 1 : -1);
      if (shape) await store.patch('unit', unit, { rows: shape.rows });
    }
    if (change.kind === 'one more unit') {
      const more = anotherLike(placeData.value, unit);
      if (!more) return;
      const { id: _id, version: _version, siteId: _site, sort: _sort, ...values } = more;
      await store.create('unit', { ...values, name: `${unit.name.slice(0, 54)} 2` });
    }
    if (change.kind === 'doors off')
      await store.writeTogether({
        what: `doors off ${unit.name}`,
        update: spacesOf(unit.id).map(({ id, version }) => ({
          table: 'compartment' as const,
          id,
          version,
          values: { door: false },
        })),
      });
    if (change.kind === 'a lock') await store.patch('unit', unit, { locked: true });
    if (change.kind === 'places changed') {
      const other = store.maps.unit.get(change.otherId);
      const changed = other && placesChanged(unit, other, placeData.value.units, placeData.value.room);
      if (!changed) return;
      await store.writeTogether({
        what: `${unit.name} and ${other.name} change places`,
        update: changed.map(({ id, version, x, y, faces }) => ({
          table: 'unit' as const,
          id,
          version,
          values: { x, y, faces },
        })),
      });
    }
    if (change.kind === 'zone nearer') {
      const zone = store.maps.zone.get(change.zoneId);
      const { x, y } = LOOKS[unit.faces];
      if (zone) await store.patch('zone', zone, { x: unit.x + x * NEAR_UNIT, y: unit.y + y * NEAR_UNIT });
    }
  }
  const keep = (change: WhatIf): Promise<boolean> => store.tryWrite(() => write(change));
  return { canKeep, keep };
}
