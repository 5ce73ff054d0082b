/** Where a thing that takes turns is now: out on a shelf, or resting and out again from a day. */
import type { SiteData } from '../../ground/model/entities.ts';

type Data = Pick<SiteData, 'spell' | 'slot' | 'compartment' | 'unit'>;

/**
 * @param lineIds lines of the bin that was found, or of the thing that was asked for
 * @returns empty where none of them takes turns now
 * @example turnOf(data, [line.id], nameOf) // 'counting rods: out on Quay cubes › cube A1'
 */
export function turnOf(data: Data, lineIds: readonly string[], nameOf: (lineId: string) => string): string[] {
  const placeOf = (slotId: string): string => {
    const space = data.compartment.find(({ id }) => id === data.slot.find((slot) => slot.id === slotId)?.compartmentId);
    const unit = data.unit.find(({ id }) => id === space?.unitId);
    return space && unit ? `${unit.name} › ${space.name}` : '';
  };
  return lineIds.flatMap((id) => {
    const spells = data.spell.filter(({ lineId, ended }) => lineId === id && !ended);
    const out = spells.find(({ begun }) => begun);
    if (out) return [`${nameOf(id)}: out on ${placeOf(out.slotId)}${out.to ? ` until ${out.to}` : ''}`];
    const next = spells.sort((a, b) => a.from.localeCompare(b.from))[0];
    return next ? [`${nameOf(id)}: resting here, out from ${next.from}`] : [];
  });
}
