/** One compartment made two where room is lost in it: a shelf on the shelf, or a raised row at the back (practice C5). */
import type { Compartment, CompartmentSpace } from '../../ground/model/entities.ts';
import { FRONT_CLEARANCE } from '../../ground/problems/place-problem.ts';

/** Less depth behind what stands, and less height above it, is of no use, mm (our own judgement). */
export const LEAST_INSIDE = { behind: 150, height: 120 } as const;

export interface Split {
  compartmentId: string;
  /** In words, of the compartment. */
  words: string;
  /** What is left of the compartment itself, mm. */
  leaves: Partial<Pick<CompartmentSpace, 'height' | 'depth'>>;
  /** The new one. */
  other: CompartmentSpace;
}

/** The board of a shelf that is put on a shelf, mm. */
const INNER_BOARD = 18;
/** A row at the back is raised by so much of what stands before it, and by so much at most, mm: it is seen and reached over it. */
const RAISED = 0.6;
const RAISED_MOST = 200;

const spaceOf = ({
  name,
  x,
  z,
  width,
  depth,
  height,
  floor,
  access,
  door,
  drawer,
  hangs,
  maxLoad,
}: Compartment): CompartmentSpace => ({
  name,
  x,
  z,
  width,
  depth,
  height,
  floor,
  access,
  door,
  drawer,
  hangs,
  // It rests on what bears the other part too.
  maxLoad: Math.round(maxLoad / 2),
});

/** A compartment in which something stands. */
export interface Stands {
  space: Compartment;
  /** Of what stands in it, mm. */
  tallest: number;
  deepest: number;
}

/** Where most is free above what stands: a shelf on the shelf. */
export function shelfOnShelf(spaces: readonly Stands[]): Split | undefined {
  const free = ({ space, tallest }: Stands): number => space.height - tallest - FRONT_CLEARANCE - INNER_BOARD;
  const best = spaces
    .filter((one) => free(one) >= LEAST_INSIDE.height)
    .sort((a, b) => free(b) * b.space.width * b.space.depth - free(a) * a.space.width * a.space.depth)[0];
  if (!best) return undefined;
  const { space, tallest } = best;
  const lower = tallest + FRONT_CLEARANCE;
  const up = lower + INNER_BOARD;
  return {
    compartmentId: space.id,
    words: `a shelf in ${space.name}`,
    leaves: { height: lower },
    other: {
      ...spaceOf(space),
      name: `${space.name}, above`,
      z: space.z + up,
      floor: space.floor + up,
      height: space.height - up,
    },
  };
}

/** Where most is free behind what stands: a second row, raised so that it is seen over the first. */
export function raisedRow(spaces: readonly Stands[]): Split | undefined {
  const lift = ({ tallest }: Stands): number => Math.min(RAISED_MOST, Math.round(tallest * RAISED));
  const volume = (one: Stands): number =>
    (one.space.depth - one.deepest) * (one.space.height - lift(one)) * one.space.width;
  const best = spaces
    .filter(
      (one) =>
        one.space.depth - one.deepest >= LEAST_INSIDE.behind && one.space.height - lift(one) >= LEAST_INSIDE.height,
    )
    .sort((a, b) => volume(b) - volume(a))[0];
  if (!best) return undefined;
  const { space, deepest } = best;
  const up = lift(best);
  return {
    compartmentId: space.id,
    words: `a raised row in ${space.name}`,
    leaves: { depth: deepest },
    other: {
      ...spaceOf(space),
      name: `${space.name}, raised at the back`,
      z: space.z + up,
      floor: space.floor + up,
      height: space.height - up,
      depth: space.depth - deepest,
    },
  };
}
