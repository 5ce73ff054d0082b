/** The room as a problem in depth, and where its bins stand, made from the site's data. */
import { bearsAnother, mayTurn, shapeOf } from '../../../ground/contents/shape.ts';
import type { Bin } from '../../../ground/model/entities.ts';
import { placeProblemOf } from '../place-problem-of.ts';
import type { RoomData } from '../room-data.ts';
import type { DepthBin, DepthProblem } from './problem.ts';
import type { Home } from './standing.ts';

export function depthProblemOf(data: RoomData): DepthProblem {
  const problem = placeProblemOf(data);
  const shapes = new Map(data.bins.map((bin) => [bin.id, shapeOf(bin, data.types)]));
  return {
    ...problem,
    format: 'stube-place/2',
    bins: problem.bins.map((bin): DepthBin => {
      const shape = shapes.get(bin.id)!;
      return { ...bin, turnable: mayTurn(shape), stackable: bearsAnother(shape) };
    }),
  };
}

type Placed = Pick<Bin, 'id' | 'compartmentId' | 'x' | 'y' | 'z' | 'turned'>;

/** Where bins stand, by id; what is on the bench is left out. */
export const homesOf = (bins: readonly Placed[]): Map<string, Home> =>
  new Map(
    bins.flatMap(({ id, compartmentId, x, y, z, turned }): [string, Home][] =>
      compartmentId === null ? [] : [[id, { compartment: compartmentId, x, y, z, turned }]],
    ),
  );
