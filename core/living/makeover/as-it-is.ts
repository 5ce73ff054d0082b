/**
 * The room as it is before its makeover (practice M6): what stands today with what is in it, kept whole, so that every
 * later plan is shown beside it. It points to nothing, so that nothing that changes afterwards changes it.
 */
import { byId } from '../../ground/model/by-id.ts';
import type { AsItIs, Bin, BinThen } from '../../ground/model/entities.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import { depthProblemOf, homesOf } from '../../placing/placement/depth/depth-problem-of.ts';
import { Standing } from '../../placing/placement/depth/standing.ts';
import type { RoomData } from '../../placing/placement/room-data.ts';

/** @param hueOf the hue of a bin's family */
export function asItIsOf(data: RoomData, hueOf: (bin: Bin) => string): AsItIs {
  const standing = new Standing(depthProblemOf(data), homesOf(data.bins));
  const places = byId(data.compartments);
  let unplaced = 0;
  const inSpace = new Map<string, BinThen[]>();
  for (const bin of data.bins) {
    const place = places.get(bin.compartmentId ?? '');
    const shape = shapeOf(bin, data.types);
    if (!place || !shape) {
      unplaced++;
      continue;
    }
    const { outWidth, outDepth, outHeight } = shape;
    const then = { code: bin.code, name: bin.name, hue: hueOf(bin), outWidth, outDepth, outHeight };
    inSpace.set(place.id, [...(inSpace.get(place.id) ?? []), then]);
  }
  return {
    day: data.today,
    effort: Math.round(standing.effort),
    unplaced,
    units: data.units.map((unit) => ({
      template: unit.template,
      width: unit.width,
      height: unit.height,
      depth: unit.depth,
      columns: unit.columns,
      rows: unit.rows,
      board: unit.board,
      raised: unit.raised,
      slope: unit.slope,
      layout: unit.layout,
      name: unit.name,
      x: unit.x,
      y: unit.y,
      faces: unit.faces,
      wheels: unit.wheels,
      spaces: data.compartments
        .filter((space) => space.unitId === unit.id)
        .map((space) => ({
          name: space.name,
          x: space.x,
          z: space.z,
          width: space.width,
          depth: space.depth,
          height: space.height,
          floor: space.floor,
          access: space.access,
          door: space.door,
          drawer: space.drawer,
          hangs: space.hangs,
          maxLoad: space.maxLoad,
          bins: inSpace.get(space.id) ?? [],
        })),
    })),
  };
}

export interface StateFigures {
  /** Seconds a week of what had a place. */
  effort: number;
  bins: number;
  unplaced: number;
  /** Litres of all places, and of what stands in them. */
  room: number;
  used: number;
  /** Places in which nothing stands. */
  empty: number;
  places: number;
}

const litres = (width: number, depth: number, height: number): number => (width * depth * height) / 1e6;

/** What a state comes to, to be shown beside another. */
export function figuresOf({ effort, unplaced, units }: AsItIs): StateFigures {
  const spaces = units.flatMap((unit) => unit.spaces);
  const inside = spaces.flatMap(({ bins }) => bins);
  return {
    effort,
    bins: inside.length + unplaced,
    unplaced,
    room: Math.round(spaces.reduce((sum, space) => sum + litres(space.width, space.depth, space.height), 0)),
    used: Math.round(inside.reduce((sum, bin) => sum + litres(bin.outWidth, bin.outDepth, bin.outHeight), 0)),
    empty: spaces.filter(({ bins }) => !bins.length).length,
    places: spaces.length,
  };
}

/** Units in whose places nothing stood then and nothing stands now, by name. */
export function neverUsed(then: AsItIs, now: AsItIs): string[] {
  const idle = (state: AsItIs) =>
    new Set(state.units.filter(({ spaces }) => spaces.every(({ bins }) => !bins.length)).map(({ name }) => name));
  const idleNow = idle(now);
  return [...idle(then)].filter((name) => idleNow.has(name));
}
