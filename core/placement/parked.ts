/** What is used in two rooms stands in one and has a parking place in another; there room is kept free for it (practice P14). */
import { contentsOf, type Contents } from '../containers/contents.ts';
import { mayTurn, shapeOf, type BinShape } from '../containers/shape.ts';
import type { Bin, Compartment, SiteData } from '../model/entities.ts';

export interface Parked {
  bin: Bin;
  shape: BinShape;
  /** What is in it, by the lines of the room where it stands. */
  contents: Contents;
}

/** What of other rooms has its parking place in this one. */
export function parkedIn(data: SiteData, roomId: string): Parked[] {
  const units = new Set(data.unit.filter((unit) => unit.roomId === roomId).map(({ id }) => id));
  const spaces = new Set(data.compartment.filter(({ unitId }) => units.has(unitId)).map(({ id }) => id));
  const parked = data.bin.filter((bin) => bin.parkId !== null && spaces.has(bin.parkId) && bin.roomId !== roomId);
  const [site] = data.site;
  if (!parked.length || !site) return [];
  const rooms = new Set(parked.map((bin) => bin.roomId));
  const types = new Map(data.containerType.map((type) => [type.id, type]));
  const contents = contentsOf({
    bins: data.bin.filter((bin) => rooms.has(bin.roomId)),
    lines: data.line.filter((line) => rooms.has(line.roomId)),
    categories: new Map(data.category.map((category) => [category.id, category])),
    types,
    site,
  });
  return parked.flatMap((bin) => {
    const shape = shapeOf(bin, types);
    return shape ? [{ bin, shape, contents: contents.get(bin.id)! }] : [];
  });
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

/** What is parked in a compartment. */
export const parkedAt = (parked: readonly Parked[] = [], compartmentId: string): Parked[] =>
  parked.filter(({ bin }) => bin.parkId === compartmentId);
