/**
 * Can exactly these containers stand in the compartment, some on others? Searched to the end within limits: every way
 * of saying which stands on which (a forest, larger footprints first, as nothing stands on a smaller one), then exactly
 * whether the rest finds room on the floor.
 */
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { ValidInequalities } from '../bounds/valid-inequalities.ts';
import { enlargeSides } from '../bounds/enlarge-sides.ts';
import { itemTypesOf, type Placement2d, type ItemType } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { packExactly } from './exact-floor-packing.ts';
import type { Placement3d } from '../placement.ts';

export type StackVerdict = { puts: Placement3d[] } | 'impossible' | 'undecided';

interface Member {
  type: number;
  /** Index of the one it stands on, −1 for the floor. */
  on: number;
  z: number;
  children: number[];
}

/** Ways a member can lie so that all that stands on it finds its room: straight, turned. */
interface Ways {
  straight: Placement2d[] | null;
  turned: Placement2d[] | null;
}

const TOP_LIMIT = 2_000;
/** Ways of standing looked at between two yields. */
const YIELD_INTERVAL = 300;

export function* packStacks(
  problem: FitProblem,
  taken: ArrayLike<number>,
  limit: number,
): Generator<void, StackVerdict> {
  const { containers, compartment } = problem;
  const area = (type: number) => containers[type]!.width * containers[type]!.depth;
  const order = Array.from({ length: containers.length }, (_, t) => t)
    .flatMap((t) => Array.from({ length: taken[t]! }, () => t))
    .sort((a, b) => area(b) - area(a) || a - b);
  // Of two types of one footprint either might carry the other: not searched here.
  for (let i = 1; i < order.length; i++)
    if (order[i] !== order[i - 1] && area(order[i]!) === area(order[i - 1]!)) return 'undecided';
  const floorArea = compartment.width * compartment.depth;
  const members: Member[] = [];
  let nodes = 0;
  let open = false;
  let exhausted = false;

  const found = yield* place(0, 0);
  if (found) return { puts: found };
  return open || exhausted ? 'undecided' : 'impossible';

  function* place(at: number, onFloor: number): Generator<void, Placement3d[] | null> {
    if (++nodes > limit) {
      exhausted = true;
      return null;
    }
    if (nodes % YIELD_INTERVAL === 0) yield;
    if (at === order.length) return yield* settle();
    const type = order[at]!;
    const container = containers[type]!;
    // Equal containers take their places in turn, so that exchanging them is not tried.
    const after = at > 0 && order[at - 1] === type ? members[at - 1]!.on : -2;
    for (let on = at - 1; on >= -1; on--) {
      if (on < after) continue;
      if (on === -1) {
        if (onFloor + area(type) > floorArea) continue;
      } else {
        const below = members[on]!;
        const carrier = containers[below.type]!;
        if (!carrier.stackable || below.z + carrier.height + container.height > compartment.height) continue;
        if (area(type) + below.children.reduce((sum, child) => sum + area(order[child]!), 0) > area(below.type))
          continue;
        below.children.push(at);
        if (!topHolds(below)) {
          below.children.pop();
          continue;
        }
      }
      members[at] = { type, on, z: on < 0 ? 0 : members[on]!.z + containers[members[on]!.type]!.height, children: [] };
      const puts = yield* place(at + 1, onFloor + (on < 0 ? area(type) : 0));
      members.length = at;
      if (on >= 0) members[on]!.children.pop();
      if (puts) return puts;
      if (exhausted) return null;
    }
    return null;
  }

  function oriented(type: number, straight: boolean, turned: boolean): ItemType {
    const container = containers[type]!;
    return {
      width: straight ? container.width : container.depth,
      depth: straight ? container.depth : container.width,
      turnable: straight && turned,
      value: 1,
      count: 1,
    };
  }
  function packed(floor: { width: number; depth: number }, list: ItemType[]): Placement2d[] | null {
    const verdict = runToEnd(packExactly(floor, itemTypesOf(list), new Array<number>(list.length).fill(1), TOP_LIMIT));
    if (verdict === 'undecided') open = true;
    return typeof verdict === 'string' ? null : verdict.laid;
  }
  /** Whether a top has room for what stands on it, lying either way. */
  function topHolds(below: Member): boolean {
    const { width, depth, turnable } = containers[below.type]!;
    const list = below.children.map((child) => oriented(order[child]!, true, containers[order[child]!]!.turnable));
    return !!packed({ width, depth }, list) || (turnable && !!packed({ width: depth, depth: width }, list));
  }
  /** Which ways each member can lie, from the top down to the floor. */
  function waysOf(): Ways[] | null {
    const ways: Ways[] = new Array(members.length);
    for (let i = members.length - 1; i >= 0; i--) {
      const { type, children } = members[i]!;
      const { width, depth, turnable } = containers[type]!;
      const list = children.map((child) => oriented(order[child]!, !!ways[child]!.straight, !!ways[child]!.turned));
      const straight = packed({ width, depth }, list);
      const turned = turnable ? packed({ width: depth, depth: width }, list) : null;
      if (!straight && !turned) return null;
      ways[i] = { straight, turned };
    }
    return ways;
  }
  function* settle(): Generator<void, Placement3d[] | null> {
    const ways = waysOf();
    if (!ways) return null;
    const base = members.flatMap((member, i) => (member.on < 0 ? [i] : []));
    const counts = new Int16Array(containers.length);
    for (const i of base) counts[members[i]!.type]!++;
    const bound = enlargeSides(
      itemTypesOf(containers.map((container, t) => ({ ...container, count: counts[t]! }))),
      compartment,
    );
    if (new ValidInequalities(compartment, bound).maxBroken(counts)) return null;
    const list = base.map((i) => oriented(members[i]!.type, !!ways[i]!.straight, !!ways[i]!.turned));
    const verdict = yield* packExactly(
      compartment,
      enlargeSides(itemTypesOf(list), compartment),
      new Array<number>(list.length).fill(1),
      limit,
    );
    if (verdict === 'undecided') open = true;
    if (typeof verdict === 'string') return null;
    const puts: Placement3d[] = [];
    for (const { type, x, y, turned } of verdict.laid)
      stand(base[type]!, x, y, turned !== !ways[base[type]!]!.straight);
    return puts;

    /** A member and all that stands on it; `turned` is against how the container is written. */
    function stand(i: number, x: number, y: number, turned: boolean): void {
      puts.push({ type: members[i]!.type, x, y, z: members[i]!.z, turned });
      for (const placement of (turned ? ways![i]!.turned : ways![i]!.straight)!) {
        const child = members[i]!.children[placement.type]!;
        stand(child, x + placement.x, y + placement.y, placement.turned !== !ways![child]!.straight);
      }
    }
  }
}
