/** The way from where the bins of a room stand to where they are wanted, as steps that are kept, done and replanned (practice P13). */
import { byId } from '../../ground/model/by-id.ts';
import { inOrder } from '../../ground/model/sort.ts';
import type { Bin, Compartment, Move, Room, Unit } from '../../ground/model/entities.ts';
import { standBefore } from '../../measuring/floor/footprint.ts';
import type { DepthPosition, DepthProblem } from '../placement/depth/problem.ts';
import type { Home, Homes } from '../placement/depth/standing.ts';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import type { MoveBin, MoveCompartment, MovePosition, MovesProblem, MoveStep } from './problem.ts';
import { movesSteps } from './solve.ts';

export interface MovesRoom {
  room: Pick<Room, 'width' | 'depth'>;
  units: readonly Unit[];
  compartments: readonly Compartment[];
  problem: DepthProblem;
}
/** A step as it is kept, without what every row has. */
export type PlannedMove = Pick<Move, 'binId' | 'to' | 'fromId' | 'x' | 'y' | 'z' | 'turned'>;

/** @param places how many bins may stand on the floor or a table meanwhile */
export function movesProblemOf(
  { room, units, compartments, problem }: MovesRoom,
  before: readonly DepthPosition[],
  after: readonly DepthPosition[],
  places: number,
  timeMs: number,
): MovesProblem {
  const unitOf = byId(units);
  const from = new Map(before.map((position) => [position.bin, position]));
  const to = new Map(after.map((position) => [position.bin, position]));
  const placeOf = (position: DepthPosition | undefined): MovePosition | null => {
    if (!position) return null;
    const { compartment, x, y, z, turned } = position;
    return { compartment, x, y, z, turned };
  };
  return {
    format: 'stube-moves/1',
    timeMs,
    parking: { places, at: [Math.round(room.width / 2), Math.round(room.depth / 2)] },
    compartments: compartments.flatMap((space): MoveCompartment[] => {
      const unit = unitOf.get(space.unitId);
      if (!unit) return [];
      const { x, y } = standBefore(unit);
      const at: [number, number] = [Math.round(x), Math.round(y)];
      const { id, width, depth, height, access } = space;
      return [{ id, width, depth, height, access, at }];
    }),
    bins: problem.bins.flatMap((bin): MoveBin[] => {
      const [stands, wanted] = [placeOf(from.get(bin.id)), placeOf(to.get(bin.id))];
      if (!stands && !wanted) return [];
      const { id, width, depth, height } = bin;
      // Whatever bears something in one of the two states does so.
      return [{ id, width, depth, height, stackable: true, from: stands, to: wanted }];
    }),
  };
}

/** Each step with where the bin stands before it. */
function withFrom(steps: readonly MoveStep[], before: readonly DepthPosition[]): PlannedMove[] {
  const stands = new Map<string, DepthPosition | null>(before.map((position) => [position.bin, position]));
  return steps.map(({ bin, to }) => {
    const at = stands.get(bin) ?? null;
    stands.set(bin, null);
    return {
      binId: bin,
      to,
      fromId: at?.compartment ?? null,
      x: at?.x ?? null,
      y: at?.y ?? null,
      z: at?.z ?? null,
      turned: at?.turned ?? false,
    };
  });
}

/** More places than these on the floor are no help: then one takes everything out first. */
const MOST_PARKED = 40;

export interface MovePlan {
  moves: PlannedMove[];
  /** How many may have to stand on the floor or a table at once: more than was asked for where fewer do not do. */
  places: number;
  /** Proven: no plan has fewer steps. */
  fewest: boolean;
}

/**
 * With as many places as are needed, beginning with those that are given.
 * @param rounds of search for the walk
 * @returns null where nothing has to be moved
 */
export function planMoves(
  room: MovesRoom,
  before: readonly DepthPosition[],
  after: readonly DepthPosition[],
  places: number,
  rounds = 40,
): MovePlan | null {
  for (let most = places; most <= Math.max(places, MOST_PARKED); most = Math.max(most + 1, Math.ceil(most * 1.5))) {
    const answer = runToEnd(movesSteps(movesProblemOf(room, before, after, most, 2000), { rounds }));
    if (!answer.steps) continue;
    if (!answer.steps.length) return null;
    return { moves: withFrom(answer.steps, before), places: most, fewest: answer.optimal };
  }
  return null;
}

/** Where each bin really stands while a plan is under way: moved ones at home or on the floor, the others as they were. */
export function homesNow(bins: readonly Bin[], moves: readonly Move[], homes: Homes): Map<string, Home> {
  const next = new Map<string, Move>();
  for (const move of inOrder(moves)) if (!move.done && !next.has(move.binId)) next.set(move.binId, move);
  return new Map(
    bins.flatMap(({ id }): [string, Home][] => {
      const move = next.get(id);
      if (!move) return homes.has(id) ? [[id, homes.get(id)!]] : [];
      const { fromId, x, y, z, turned } = move;
      return fromId === null ? [] : [[id, { compartment: fromId, x, y, z, turned }]];
    }),
  );
}
