/** What is used in two rooms stands in one and has a parking place in another; there room is kept free for it (practice P14). */
import { contentsOf, type Contents } from '../../ground/contents/contents.ts';
import { mayTurn, shapeOf, type BinShape } from '../../ground/contents/shape.ts';
import { fitsCompartment } from '../../containing/containers/spaces.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Bin, Compartment, SiteData } from '../../ground/model/entities.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';

export interface Parked {
  bin: Bin;
  shape: BinShape;
  /** What is in it, by the lines of the room where it stands. */
  contents: Contents;
}

/** By compartment: what is parked there and stands in another room. */
export function parkedBins({
  bin,
  compartment,
  unit,
}: Pick<SiteData, 'bin' | 'compartment' | 'unit'>): Map<string, Bin[]> {
  const carried = bin.filter(({ parkId }) => parkId !== null);
  if (!carried.length) return new Map();
  const [spaces, units] = [byId(compartment), byId(unit)];
  const isElsewhere = ({ parkId, roomId }: Bin) => {
    const park = units.get(spaces.get(parkId!)?.unitId ?? '');
    return park !== undefined && park.roomId !== roomId;
  };
  return groupedBy(carried.filter(isElsewhere), ({ parkId }) => parkId);
}

/** What of other rooms has its parking place in these compartments. */
export function parkedIn(data: SiteData, compartments: readonly Pick<Compartment, 'id'>[]): Parked[] {
  const at = parkedBins(data);
  const [site] = data.site;
  if (!at.size || !site) return [];
  const parked = compartments.flatMap(({ id }) => at.get(id) ?? []);
  const rooms = new Set(parked.map((bin) => bin.roomId));
  const types = byId(data.containerType);
  const contents = contentsOf({
    bins: data.bin.filter((bin) => rooms.has(bin.roomId)),
    lines: data.line.filter((line) => rooms.has(line.roomId)),
    categories: byId(data.category),
    types,
    site,
  });
  return parked.flatMap((bin) => {
    const shape = shapeOf(bin, types);
    return shape ? [{ bin, shape, contents: contents.get(bin.id)! }] : [];
  });
}

/** Whether a compartment takes it, as it is or turned, whatever stands there. @param hangs whether it can hang */
export function fitsToPark(shape: BinShape, space: Compartment, hangs: boolean): boolean {
  const turned = { ...shape, outWidth: shape.outDepth, outDepth: shape.outWidth };
  return fitsCompartment(shape, space, hangs) || (mayTurn(shape) && fitsCompartment(turned, space, hangs));
}

/** How much of the front it takes, mm: the narrow way where the compartment is deep enough for it to be turned. */
export function parkedWidth(
  { shape }: Pick<Parked, 'shape'>,
  { width, depth }: Pick<Compartment, 'width' | 'depth'>,
): number {
  const { outWidth, outDepth } = shape;
  const turned = mayTurn(shape) && outWidth <= depth && (outDepth < outWidth || outDepth > depth);
  return Math.min(width, turned ? outDepth : outWidth);
}
