/**
 * A whole plan: containers and places chosen together for one strategy, with what it costs and brings (docs/engines.md,
 * Whole plans and what if).
 */
import { cautionsOf } from '../cautions/cautions.ts';
import type { Caution } from '../cautions/caution.ts';
import { chosenOf, type Chosen, type ContainChoice, type ContainContext } from '../../containing/containers/choose.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { countTypes, purchasesBeyond, totalOf, type PurchaseTotal } from '../../containing/containers/shopping.ts';
import {
  leastEffort,
  purchasesOf,
  strategiesOf,
  type Strategy,
  type StrategyId,
} from '../../containing/containers/strategies.ts';
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import { optionsFor } from '../placement/depth/explain.ts';
import { fixedIn } from '../placement/depth/fixed.ts';
import type { DepthAnswer, DepthProblem } from '../placement/depth/problem.ts';
import { answerOf, CARRIED, depthSteps } from '../placement/depth/solve.ts';
import { Standing } from '../placement/depth/standing.ts';
import { mustBeLocked } from '../placement/must-be-locked.ts';
import type { RoomData } from '../placement/room-data.ts';
import { UNPLACED } from '../../ground/problems/place-problem.ts';
import { formatMostly } from '../../ground/body/rules.ts';
import { movesBetween } from './carrying.ts';
import { plannedBins, type PlannedBin } from './planned-bins.ts';

export interface PlanRoom {
  room: RoomData;
  demands: readonly Demand[];
  context: ContainContext;
}
export interface PlanFigures {
  /** Seconds a week of what has a place. */
  effort: number;
  byPerson: { person: string; seconds: number }[];
  /** Names of what has no place, with the rule or want of room that keeps most compartments from it. */
  unplaced: { name: string; why: string }[];
  /** Share of the room's litres in compartments in which nothing stands. */
  free: number;
  cautions: Caution[];
}
export interface WholePlan extends PlanFigures, PurchaseTotal {
  id: StrategyId;
  material: Strategy['material'];
  choices: Chosen[];
  bins: PlannedBin[];
  /** Categories that wait because the money does not reach. */
  leftOut: string[];
  /** Bins that are carried, and how long that takes, seconds. */
  moved: number;
  moveSeconds: number;
  /** Nothing is filled anew or carried: it is the room as it stands. */
  asItStands: boolean;
}

/** The strategies in the order in which they are shown. */
export function planStrategies({ demands, context }: PlanRoom, budget: number | null): Strategy[] {
  return [...strategiesOf(demands, context, budget), leastEffort(demands, context, budget)];
}

const nameOf = (bin: PlannedBin): string => [bin.code, bin.name].filter(Boolean).join(' ');

/** What stands, what it takes a week and whom, and what is wrong with it. @param bins with their places */
export function figuresOf(
  plan: PlanRoom,
  bins: readonly PlannedBin[],
  problem: DepthProblem,
  standing: Standing,
): PlanFigures {
  const byPerson = new Map<string, number>();
  for (const { bin: id } of standing.positions) {
    const seconds = standing.seconds(id)!;
    const uses = standing.bin(id)!.uses;
    const all = uses.reduce((sum, { perWeek }) => sum + perWeek, 0);
    for (const { person, perWeek } of uses)
      byPerson.set(person, (byPerson.get(person) ?? 0) + (all ? (seconds * perWeek) / all : 0));
  }
  const stands = new Set(standing.positions.map(({ bin }) => bin));
  const used = new Set(standing.positions.map(({ compartment }) => compartment));
  const litres = ({ width, depth, height }: { width: number; depth: number; height: number }) => width * depth * height;
  const all = problem.compartments.reduce((sum, space) => sum + litres(space), 0);
  const empty = problem.compartments.filter(({ id }) => !used.has(id)).reduce((sum, space) => sum + litres(space), 0);
  const people = new Map(plan.room.people.map(({ id, name }) => [id, name]));
  return {
    effort: standing.effort,
    byPerson: [...byPerson].map(([person, seconds]) => ({ person, seconds })).sort((a, b) => b.seconds - a.seconds),
    unplaced: bins
      .filter(({ id }) => !stands.has(id))
      .map((bin) => ({ name: nameOf(bin), why: whyNot(standing, bin.id, (id) => people.get(id) ?? id) })),
    free: all ? empty / all : 0,
    cautions: cautionsOf({ ...plan.room, bins: [...bins] }),
  };
}

/** What keeps most compartments from a bin. */
function whyNot(standing: Standing, binId: string, personName: (id: string) => string): string {
  const counts = new Map<string, number>();
  for (const { broken } of optionsFor(standing, binId)) {
    const why = broken.length ? formatMostly(broken[0]!, personName) : 'no room is left';
    counts.set(why, (counts.get(why) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'no compartment is measured';
}

export interface PlanProgress {
  /** Seconds a week of what has a place. */
  effort: number;
  unplaced: number;
  answer(): WholePlan;
}

interface Attempt {
  choices: readonly ContainChoice[];
  bins: PlannedBin[];
  problem: DepthProblem;
  answer: DepthAnswer;
  /** What carrying is reckoned at, seconds a week. */
  carrying: number;
}

interface PlanTime {
  /** How much of the time is over, 0 … 1; without it by turns. */
  elapsed?: () => number;
  iterations?: number;
  seed?: number;
}
/** A share of what is left of the time, from now on. */
function partOf<Time extends PlanTime>(time: Time, share: number): Time {
  const { elapsed } = time;
  if (!elapsed) return time;
  const from = elapsed();
  // A large room may have taken more than its part: then the first whole plan is all there is time for.
  if (from >= 1) return { ...time, elapsed: () => 1 };
  const part = (1 - from) * share;
  return { ...time, elapsed: () => (elapsed() - from) / part };
}

/**
 * Places for the bins that the choices make. Pinned bins stay where they are as long as they keep their container.
 * Searched twice, from what stands and from nothing: in a room in order hardly anything is worth carrying, one in
 * disorder is seldom put right step by step.
 */
function* placed(
  { room }: PlanRoom,
  choices: readonly ContainChoice[],
  time: PlanTime,
): Generator<{ effort: number; unplaced: number; answer(): Attempt }, Attempt> {
  const bins = plannedBins(room, choices);
  const data = { ...room, bins };
  const problem = depthProblemOf(data);
  const today = new Standing(problem, homesOf(bins));
  const fixed = fixedIn(
    today,
    bins.filter(({ pinned, compartmentId }) => pinned && compartmentId).map(({ id }) => id),
  );
  const stands = new Map(today.positions.map(({ bin, compartment }) => [bin, compartment]));
  const attempt = (answer: DepthAnswer): Attempt => {
    const leave = answer.placed.filter(({ bin, compartment }) => (stands.get(bin) ?? compartment) !== compartment);
    return { choices, bins, problem, answer, carrying: CARRIED * leave.length };
  };
  const locked = mustBeLocked(data);
  const starts = stands.size > fixed.length ? [today.positions, []] : [[]];
  const nothing = answerOf(problem, null, UNPLACED * bins.length, 0);
  let best: Attempt | null = null;
  for (const [i, start] of starts.entries()) {
    const before = best;
    const steps = depthSteps(problem, { ...partOf(time, 1 / (starts.length - i)), fixed, start, locked });
    let next = steps.next();
    for (; !next.done; next = steps.next()) {
      const { effort, unplaced, answer } = next.value;
      yield {
        effort: effort - UNPLACED * unplaced,
        unplaced,
        answer: () => better(before, attempt(answer() ?? nothing)),
      };
    }
    best = better(before, attempt(next.value));
  }
  return best!;
}

/** Other containers for what found no place: the next that more compartments of the room take; null where there are none. */
function withOtherContainers({ choices, bins, answer }: Attempt): ContainChoice[] | null {
  const loose = new Set(answer.unplaced);
  const crowded = new Set(bins.filter(({ id }) => loose.has(id)).map(({ categoryId }) => categoryId));
  let changed = false;
  const others = choices.map((choice) => {
    const { demand, chosen, options, byHand } = choice;
    if (byHand || !chosen?.type.id || !crowded.has(demand.category.id)) return choice;
    const other = options.find(({ type, places }) => type.id !== chosen.type.id && places > chosen.places);
    if (!other) return choice;
    changed = true;
    return { ...choice, chosen: other };
  });
  return changed ? others : null;
}

/** Rounds in which what found no place gets other containers. */
const ROUNDS = 3;

/** @param options elapsed: how much of the time is over, 0 … 1; budget: minor units, kept by other containers too */
export function* wholePlanSteps(
  plan: PlanRoom,
  strategy: Strategy,
  options: PlanTime & { budget?: number | null },
): Generator<PlanProgress, WholePlan> {
  const { budget = null, ...time } = options;
  let best: Attempt | null = null;
  let choices: readonly ContainChoice[] | null = strategy.choices;
  for (let round = 0; choices && round < ROUNDS; round++) {
    // Half of what is left for each round; where everything has its place the rest of the time is not needed.
    const steps = placed(plan, choices, partOf(time, round < ROUNDS - 1 ? 1 / 2 : 1));
    let next = steps.next();
    for (; !next.done; next = steps.next()) {
      const now = next.value;
      const before: Attempt | null = best;
      yield { ...now, answer: () => planOf(plan, strategy, better(before, now.answer())) };
    }
    best = better(best, next.value);
    choices = next.value.answer.unplaced.length ? withOtherContainers(next.value) : null;
    if (choices && budget !== null && totalOf(purchasesOf(choices, plan.context)).cost > budget) choices = null;
  }
  return planOf(plan, strategy, best!);
}

const better = (a: Attempt | null, b: Attempt): Attempt =>
  a &&
  (a.answer.unplaced.length < b.answer.unplaced.length ||
    (a.answer.unplaced.length === b.answer.unplaced.length &&
      a.answer.effort + a.carrying <= b.answer.effort + b.carrying))
    ? a
    : b;

function planOf(plan: PlanRoom, strategy: Strategy, { choices, bins, problem, answer }: Attempt): WholePlan {
  const standing = new Standing(problem, homesAfter(answer));
  const at = bins.map((bin): PlannedBin => {
    const position = standing.position(bin.id);
    if (!position) return { ...bin, ...ON_THE_BENCH };
    const { compartment, x, y, z, turned } = position;
    return { ...bin, compartmentId: compartment, x, y, z, turned };
  });
  const moves = movesBetween(plan.room, at);
  return {
    id: strategy.id,
    material: strategy.material,
    choices: chosenOf(choices),
    bins: at,
    ...totalOf(purchasesOf(choices, plan.context)),
    leftOut: strategy.leftOut,
    ...figuresOf(plan, at, problem, standing),
    ...moves,
    asItStands: moves.moved === 0 && isFilledAlike(plan.room, at),
  };
}

/** Whether there are the same bins in the same containers. */
function isFilledAlike(room: RoomData, bins: readonly PlannedBin[]): boolean {
  const types = new Map(room.bins.map(({ id, containerTypeId }) => [id, containerTypeId]));
  return bins.length === types.size && bins.every(({ id, containerTypeId }) => types.get(id) === containerTypeId);
}

const homesAfter = ({
  placed,
}: {
  placed: readonly { bin: string; compartment: string; x: number; y: number; z: number; turned: boolean }[];
}) => new Map(placed.map(({ bin, ...home }) => [bin, home]));

/** The room as it stands, in the same figures: what its bins stand in and is not owned is still to be bought. */
export function planOfNow(plan: PlanRoom): PlanFigures & PurchaseTotal {
  const bins = plannedBins(plan.room, []);
  const problem = depthProblemOf(plan.room);
  const { taken, types } = plan.context;
  return {
    ...figuresOf(plan, bins, problem, new Standing(problem, homesOf(bins))),
    ...totalOf(purchasesBeyond(taken, countTypes(plan.room.bins, taken), types)),
  };
}
