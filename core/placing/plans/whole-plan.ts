/**
 * A whole plan: containers and places chosen together for one strategy, with what it costs and brings (docs/engines.md,
 * Whole plans and what if).
 */
import { byId } from '../../ground/model/by-id.ts';
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
import type { BareBin } from '../../containing/containers/bare.ts';
import { countTypes, purchasesBeyond, totalOf, type PurchaseTotal } from '../../containing/containers/shopping.ts';
import type { StrategyId } from '../../containing/containers/strategies.ts';
import type { Category } from '../../ground/model/entities.ts';
import { RARE } from '../placement/place-problem-of.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import type { DepthPosition } from '../placement/depth/problem.ts';
import { Standing } from '../placement/depth/standing.ts';
import type { RoomData } from '../placement/room-data.ts';
import { movesBetween } from './carrying.ts';
import { figuresOf, type PlanFigures } from './figures.ts';
import type { PlanRoom } from './plan-room.ts';
import type { PlannedBin } from './planned-bins.ts';
import type { RoomWays } from './room-problem.ts';
import type { PlanStrategy } from './strategies.ts';
import type { PlanAnswer, TogetherProblem } from './together/problem.ts';
import { togetherSteps } from './together/solve.ts';

/** What a category is kept in by a plan; without a container with how it stands. */
export interface PlanChoice {
  categoryId: string;
  containerTypeId: string | null;
  count: number;
  bare?: BareBin[];
}
export interface WholePlan extends PlanFigures, PurchaseTotal {
  id: StrategyId;
  material: PlanStrategy['material'];
  choices: PlanChoice[];
  bins: PlannedBin[];
  /** Categories that wait because the money does not reach. */
  leftOut: string[];
  /** Bins that are carried, and how long that takes, seconds. */
  moved: number;
  moveSeconds: number;
  /** Nothing is filled anew or carried: it is the room as it stands. */
  asItStands: boolean;
}
export interface PlanProgress {
  /** Seconds a week of what has a place, with what money, kinds and left-over bins count for. */
  cost: number;
  /** Null before there is a first plan. */
  answer(): WholePlan | null;
}
interface PlanTime {
  /** How much of the time is over, 0 … 1; without it by turns. */
  elapsed?: () => number;
  iterations?: number;
  seed?: number;
}

/** How much dearer money becomes each time that a plan costs more than there is, and how often. */
const DEARER_MONEY = 4;
const ROUNDS = 3;

/** One of so many equal parts of what is left of the time, from now on. */
function partOf(elapsed: () => number, parts: number): () => number {
  const from = elapsed();
  return () => (from >= 1 ? 1 : ((elapsed() - from) * parts) / (1 - from));
}

/** @param budget minor units: what it does not reach for waits, the least used first */
export function* wholePlanSteps(
  plan: PlanRoom,
  ways: RoomWays,
  strategy: PlanStrategy,
  { budget = null, elapsed, ...options }: PlanTime & { budget?: number | null } = {},
): Generator<PlanProgress, WholePlan> {
  const problem = ways.problem(strategy);
  const rounds = budget === null ? 1 : ROUNDS;
  let whole: WholePlan | null = null;
  for (let round = 0; round < rounds; round++) {
    const { perPrice } = strategy.weights;
    const weights = { ...strategy.weights, perPrice: perPrice * DEARER_MONEY ** round };
    const own = elapsed ? { elapsed: partOf(elapsed, rounds - round) } : {};
    const steps = togetherSteps({ ...problem, weights }, { ...options, ...own });
    let next = steps.next();
    for (; !next.done; next = steps.next()) {
      const { cost, answer } = next.value;
      const before: WholePlan | null = whole;
      yield {
        cost,
        answer: () => {
          const found = answer();
          return found ? planOf(plan, ways, strategy, problem, found, budget) : before;
        },
      };
    }
    whole = planOf(plan, ways, strategy, problem, next.value, budget);
    if (!whole.leftOut.length) break;
  }
  return whole!;
}

function planOf(
  plan: PlanRoom,
  ways: RoomWays,
  strategy: PlanStrategy,
  problem: TogetherProblem,
  answer: PlanAnswer,
  budget: number | null,
): WholePlan {
  const wayOf = new Map(answer.chosen.map(({ need, option }) => [need, option]));
  const at = new Map(answer.placed.map((position) => [`${position.need} ${position.n}`, position]));
  const kept = ways.needs.map(({ category, choice, ways: all }) => ({
    category,
    choice,
    ...all[wayOf.get(category.id)!]!,
  }));
  const waits = overBudget(plan, kept, budget);
  // What has no place at all gets no new containers either.
  const homeless = new Set(
    kept.flatMap(({ category, bins }) =>
      isHomeless(category, bins, (n) => at.has(`${category.id} ${n}`)) ? [category.id] : [],
    ),
  );
  const all = kept
    .filter(({ category }) => !waits.has(category.id))
    .flatMap(({ category, bins }) =>
      bins.map((bin, n) => standingAt(bin, homeless.has(category.id) ? null : at.get(`${category.id} ${n}`))),
    );
  const inDepth = depthProblemOf({ ...plan.room, bins: all });
  const standing = new Standing(inDepth, homesOf(all));
  // What stood on something that is left out stands where there is room now.
  const placed = all
    .filter(({ categoryId }) => !homeless.has(categoryId))
    .map((bin) => standingAt(bin, standing.position(bin.id)));
  const moves = movesBetween(plan.room, placed);
  const { taken, types } = plan.context;
  const forbidden = new Map(
    problem.needs.map(({ id, ways: all }) => [
      id,
      new Set(
        Object.entries(all[0]!.bins[0]?.dearer ?? {}).flatMap(([space, more]) => (more === Infinity ? [space] : [])),
      ),
    ]),
  );
  return {
    id: strategy.id,
    material: strategy.material,
    choices: kept
      .filter(({ choice, so }) => choice && so)
      .map(({ category, so, bins }): PlanChoice => ({
        categoryId: category.id,
        containerTypeId: so!.option.type.id,
        count: waits.has(category.id) || homeless.has(category.id) ? 0 : bins.length,
        ...(so!.bare.length ? { bare: so!.bare } : {}),
      }))
      .filter(({ count }) => count > 0),
    bins: placed,
    ...totalOf(purchasesBeyond(taken, countTypes(placed, taken), types)),
    leftOut: [...waits].map((id) => plan.room.categories.get(id)!.name),
    ...figuresOf(plan.room, all, inDepth, standing, (bin) => forbidden.get(bin.categoryId) ?? new Set()),
    ...moves,
    asItStands: moves.moved === 0 && isFilledAlike(plan.room, placed),
  };
}

/** A bin at a place, or on the bench where it has none. */
function standingAt(bin: PlannedBin, position: Omit<DepthPosition, 'bin'> | null | undefined): PlannedBin {
  if (!position) return { ...bin, ...ON_THE_BENCH };
  const { compartment, x, y, z, turned } = position;
  return { ...bin, compartmentId: compartment, x, y, z, turned };
}

type KeptNeed = { category: { id: string; perWeek: number }; bins: readonly PlannedBin[] };
/** Categories for which the money does not reach: the least used first. */
function overBudget(plan: PlanRoom, kept: readonly KeptNeed[], budget: number | null): Set<string> {
  const waits = new Set<string>();
  if (budget === null) return waits;
  const { taken, types } = plan.context;
  const costOf = () => {
    const bins = kept.filter(({ category }) => !waits.has(category.id)).flatMap((need) => need.bins);
    return totalOf(purchasesBeyond(taken, countTypes(bins, taken), types)).cost;
  };
  const order = [...kept].sort((a, b) => a.category.perWeek - b.category.perWeek);
  for (const need of order) {
    const before = costOf();
    if (before <= budget) break;
    if (!need.bins.some(({ containerTypeId }) => containerTypeId !== null)) continue;
    waits.add(need.category.id);
    // What is owned is no saving.
    if (costOf() === before) waits.delete(need.category.id);
  }
  return waits;
}

/** New bins of which none has a place; of what is seldom used one that has none is enough, as half of it would only be looked for. */
function isHomeless(
  { perWeek }: Pick<Category, 'perWeek'>,
  bins: readonly PlannedBin[],
  has: (n: number) => boolean,
): boolean {
  if (!bins.every(({ version }) => version === 0)) return false;
  const missing = bins.filter((_, n) => !has(n)).length;
  return missing > 0 && (missing === bins.length || perWeek < RARE);
}

/** Whether there are the same bins in the same containers. */
function isFilledAlike(room: RoomData, bins: readonly PlannedBin[]): boolean {
  const now = byId(room.bins);
  return (
    bins.length === now.size &&
    bins.every((bin) => now.has(bin.id) && now.get(bin.id)!.containerTypeId === bin.containerTypeId)
  );
}

/** The room as it stands, in the same figures: what its bins stand in and is not owned is still to be bought. */
export function planOfNow({ room, context }: PlanRoom): PlanFigures & PurchaseTotal {
  const problem = depthProblemOf(room);
  const { taken, types } = context;
  return {
    ...figuresOf(room, room.bins, problem, new Standing(problem, homesOf(room.bins))),
    ...totalOf(purchasesBeyond(taken, countTypes(room.bins, taken), types)),
  };
}
