/** The one thing that gives a place to a bin that has none: what is done at once, without buying furniture. */
import { judge } from '../../containing/containers/judge.ts';
import { demandOf } from '../../ground/contents/demand.ts';
import type { Bin, ContainerType } from '../../ground/model/entities.ts';
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
import { countDangers } from '../cautions/caution.ts';
import { cautionsOf } from '../cautions/cautions.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import type { DepthPosition } from '../placement/depth/problem.ts';
import { Standing } from '../placement/depth/standing.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { PlanRoom } from './plan-room.ts';

export type Remedy =
  /** Another bin goes elsewhere, and it stands where that stood. */
  | { kind: 'another moves'; binId: string; places: DepthPosition[] }
  /** The same things in another container, of which one takes them. @param owned whether one is free */
  | { kind: 'another container'; type: ContainerType; owned: boolean; places: DepthPosition[] };

/** Kinds of container that are tried in the room, the best by themselves first. */
const MOST_TYPES = 12;

/** Whether bins that stand so raise more dangers than the room has. */
type IsWorse = (bins: Bin[]) => boolean;
function worseThan(room: RoomData): IsWorse {
  const dangers = (bins: Bin[]): number => countDangers(cautionsOf({ ...room, bins }));
  let before: number | null = null;
  return (bins) => dangers(bins) > (before ??= dangers([...room.bins]));
}
const placedBy = (bins: readonly Bin[], places: readonly DepthPosition[]): Bin[] => {
  const at = new Map(places.map((place) => [place.bin, place]));
  return bins.map((bin) => {
    const place = at.get(bin.id);
    if (!place) return bin;
    const { compartment: compartmentId, x, y, z, turned } = place;
    return { ...bin, compartmentId, x, y, z, turned };
  });
};

/** The cheapest place for a bin that stands nowhere; null where it has none. */
function placeIn(standing: Standing, binId: string): { at: DepthPosition; cost: number } | null {
  let best: { at: DepthPosition; cost: number } | null = null;
  for (const { id: compartment } of standing.problem.compartments) {
    const spot = standing.spotIn(binId, compartment);
    if (!spot || (best && spot.cost >= best.cost)) continue;
    const { x, y, z, turned } = spot;
    best = { at: { bin: binId, compartment, x, y, z, turned }, cost: spot.cost };
  }
  return best;
}

/** Nothing is bought: one other bin, not pinned, leaves for a place of its own. The two that cost least a week. */
function anotherMoves(room: RoomData, standing: Standing, binId: string, isWorse: IsWorse): Remedy | null {
  const pinned = new Set(room.bins.filter(({ pinned }) => pinned).map(({ id }) => id));
  const found = standing.positions
    .filter(({ bin }) => !pinned.has(bin))
    .flatMap(({ bin: other, compartment }) => {
      const without = standing.without(other);
      const spot = without.spotIn(binId, compartment);
      if (!spot) return [];
      const { x, y, z, turned } = spot;
      const at = { bin: binId, compartment, x, y, z, turned };
      const homes = new Map(without.homes).set(binId, at);
      const elsewhere = placeIn(new Standing(standing.problem, homes, standing), other);
      return elsewhere ? [{ other, cost: spot.cost + elsewhere.cost, places: [elsewhere.at, at] }] : [];
    })
    .sort((a, b) => a.cost - b.cost)
    .find(({ places }) => !isWorse(placedBy(room.bins, places)));
  return found ? { kind: 'another moves', binId: found.other, places: found.places } : null;
}

function anotherContainer({ room, demands, context }: PlanRoom, bin: Bin, isWorse: IsWorse): Remedy | null {
  const demand = demands.find(({ category }) => category.id === bin.categoryId);
  if (!demand || demand.category.standsAlone) return null;
  const isWhole = room.bins.filter(({ categoryId }) => categoryId === bin.categoryId).length === 1;
  if (!isWhole && !bin.lineIds.length) return null;
  const lines = demand.lines.filter(({ line }) => isWhole || bin.lineIds.includes(line.id));
  const own = demandOf(
    demand.category,
    lines.map(({ line }) => line),
    context.site,
  );
  const free = (type: ContainerType): number => type.owned - (context.taken.get(type.id) ?? 0);
  const options = context.types
    .filter(({ id }) => id !== bin.containerTypeId)
    .flatMap((type) => judge(own, type, free(type), context) ?? [])
    .filter(({ count, places, toBuy, type }) => count === 1 && places > 0 && (!toBuy || (type as ContainerType).price))
    .sort((a, b) => a.toBuy - b.toBuy || a.score - b.score)
    .slice(0, MOST_TYPES);
  for (const { type, toBuy } of options) {
    const changed = {
      ...bin,
      containerTypeId: type.id,
      outWidth: null,
      outDepth: null,
      outHeight: null,
      ...ON_THE_BENCH,
    };
    const bins = room.bins.map((known) => (known.id === bin.id ? changed : known));
    const place = placeIn(new Standing(depthProblemOf({ ...room, bins }), homesOf(bins)), bin.id);
    if (place && !isWorse(placedBy(bins, [place.at])))
      return { kind: 'another container', type: type as ContainerType, owned: !toBuy, places: [place.at] };
  }
  return null;
}

/**
 * @param binId one without a place
 * @returns null where neither another bin nor another container helps; then it is the furniture that has to change
 */
export function remedyFor(plan: PlanRoom, standing: Standing, binId: string): Remedy | null {
  const bin = plan.room.bins.find(({ id }) => id === binId);
  if (!bin || standing.position(binId) || placeIn(standing, binId)) return null;
  const isWorse = worseThan(plan.room);
  return anotherMoves(plan.room, standing, binId, isWorse) ?? anotherContainer(plan, bin, isWorse);
}
