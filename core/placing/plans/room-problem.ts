/** A room as a problem of containers and places together: what is to be kept, in which ways, and where each may stand. */
import { comesInto } from '../../ground/body/who-comes.ts';
import { KEPT_LOCKED } from '../../ground/hazards/kept-from-children.ts';
import { byId } from '../../ground/model/by-id.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { inOrder } from '../../ground/model/sort.ts';
import { distanceTo, footprintOf } from '../../measuring/floor/footprint.ts';
import type { Bin, Category, Compartment, ContainerType, Unit } from '../../ground/model/entities.ts';
import { clearHeight, UNPLACED } from '../../ground/problems/place-problem.ts';
import { chooseContainers, type ContainChoice } from '../../containing/containers/choose.ts';
import { usuallyStands } from '../../containing/containers/bare.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { waysOf, type KeptSo } from '../../containing/containers/ways.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import type { DepthBin, DepthProblem } from '../placement/depth/problem.ts';
import { Standing } from '../placement/depth/standing.ts';
import { mustBeLocked } from '../placement/must-be-locked.ts';
import { Dangers } from './dangers.ts';
import { dearerAt, offersOf, OVER, unhandyOf, type Kept } from './made-for.ts';
import { plannedBins, type PlannedBin } from './planned-bins.ts';
import { CALM, NOT_OF_SET, planStrategies, type PlanStrategy } from './strategies.ts';
import type { TogetherProblem, Way, WaysOfNeed } from './together/problem.ts';
import type { PlanRoom } from './plan-room.ts';

/** Seconds a week for a minor unit of what speaks against a container (see judge.ts). */
const PER_NUISANCE = 0.012;
/** Seconds a week for filling a category that has its bins into other containers: an evening's work, and what is thrown away with it. */
const REFILLED = 40;
/** For a bin that leaves the place to which people are used, s a week: beside carrying it, everybody has to learn the new one. */
const RESETTLED = 10;
/** Of what a place lacks in sense so much counts where people are used to it. */
const USED_TO = 0.25;
/** Without a place: an hour a week, and so many times what it takes a week at a bad place, s a fetch, so that the least used is left over; what is dangerous never lies about. */
const LEFT = { times: 10, fetch: 40, danger: 20_000 };
/** For every compartment more in which one looks for a category, s a week. */
const SIDE_BY_SIDE = 10;
/** In an open place what has to be locked, where a lock could be free. */
const UNLOCKED = 2000;

/** What is kept, with the ways in which it could be. */
export interface RoomNeed {
  category: Category;
  /** What its lines ask for; null where it has none. */
  demand: Demand | null;
  /** Null where it keeps the bins that it has. */
  choice: ContainChoice | null;
  ways: { so: KeptSo | null; bins: PlannedBin[] }[];
}
export interface RoomWays {
  needs: RoomNeed[];
  /** The ways in which a plan of it can weigh, in the order in which they are shown. */
  strategies: PlanStrategy[];
  problem: (strategy: PlanStrategy) => TogetherProblem;
}

/** Where children come in, what is sharp, poisonous or hot does not lie about without a container. */
const isLooseDanger = ({ hazards }: Category, { option }: KeptSo): boolean =>
  option.type.id === null && hazards.some((hazard) => KEPT_LOCKED.includes(hazard));

/** Everything that the room keeps. Bins that are pinned keep their place, and so do those of a category without a choice. */
function needsOf(
  { room, context, demands }: PlanRoom,
  choices: readonly ContainChoice[],
  children: boolean,
): RoomNeed[] {
  const asked = new Map(demands.map((demand) => [demand.category.id, demand]));
  const chosen = new Map(choices.map((choice) => [choice.demand.category.id, choice]));
  const own = groupedBy(room.bins, (bin) => bin.categoryId);
  const ids = new Set([...own.keys(), ...chosen.keys()]);
  return [...ids].flatMap((id): RoomNeed[] => {
    const category = room.categories.get(id!);
    if (!category) return [];
    const bins = inOrder(own.get(id!) ?? []);
    const choice = chosen.get(id!) ?? null;
    const demand = asked.get(id!) ?? null;
    const pinned = bins.some((bin) => bin.pinned && bin.compartmentId !== null);
    const ways =
      choice && !pinned ? waysOf(choice, context).filter((so) => !children || !isLooseDanger(category, so)) : [];
    if (!ways.length) {
      const stays = bins.map((bin, nth): PlannedBin => ({ ...bin, nth, kept: true }));
      return stays.length ? [{ category, demand, choice: null, ways: [{ so: null, bins: stays }] }] : [];
    }
    return [
      {
        category,
        demand,
        choice,
        ways: ways.map((so) => ({ so, bins: plannedBins(room, category, bins, so.wanted) })),
      },
    ];
  });
}

/** @param choices what every category of the room could be in @param carried whether carrying is in the price */
export function roomWays(
  plan: PlanRoom,
  choices = chooseContainers(plan.demands, plan.context),
  carried = true,
): RoomWays {
  const { room } = plan;
  const hasChildren = comesInto(room.room, room.people).some(({ kind }) => kind === 'child');
  const needs = needsOf(plan, choices, hasChildren);
  const most = Math.max(0, ...needs.map(({ ways }) => ways.length));
  const units = byId(room.units);
  const changing = room.zones.filter(({ kind }) => kind === 'changing');
  const isOverChanging = (unit: Unit, { floor, door, drawer }: Compartment): boolean =>
    floor >= OVER.floor &&
    !door &&
    !drawer &&
    changing.some((zone) => distanceTo(zone, footprintOf(unit)) <= OVER.metres * 1000);
  const places = room.compartments.flatMap((space) => {
    const unit = units.get(space.unitId);
    return unit ? [{ unit, space, overChanging: isOverChanging(unit, space) }] : [];
  });
  const offers = offersOf(places);
  const hasLocks = room.units.some(({ locked }) => locked);
  const dangers = new Dangers(room);
  const dangerous = needs.map(({ category, ways }) => {
    const lowest = ways
      .flatMap(({ bins }) => bins)
      .reduce((a, b) => (heightOf(b, room.types) < heightOf(a, room.types) ? b : a));
    return new Set(dangers.placesFor(category, lowest, room.compartments));
  });
  // Every way is judged by the rules of the room: the so manieth of every need at once.
  const judged = new Map<Bin, DepthBin>();
  const asked = new Set<Bin>();
  let base = depthProblemOf({ ...room, bins: [] });
  for (let k = 0; k < most; k++) {
    const bins = needs.flatMap(({ ways }, n) =>
      ways[Math.min(k, ways.length - 1)]!.bins.map((bin, i) => ({ bin, id: `${n} ${i}` })),
    );
    const data = { ...room, bins: bins.map(({ bin, id }) => ({ ...bin, id })) };
    base = depthProblemOf(data);
    const found = byId(base.bins);
    const locked = new Set(mustBeLocked(data));
    for (const { bin, id } of bins) {
      const own = found.get(id);
      if (own) judged.set(bin, own);
      if (locked.has(id)) asked.add(bin);
    }
  }
  const metres = new Map(base.compartments.map(({ id, walk }) => [id, walk]));
  // What has no place at all in a container is kept in another, as long as there is one that has.
  for (const need of needs) {
    const has = need.ways.filter(({ bins }) => bins.every((bin) => fitsSomewhere(judged.get(bin), base.compartments)));
    if (has.length) need.ways = has;
  }
  const standing = new Standing(depthProblemOf(room), homesOf(room.bins));

  const wayOf = (need: number, { so, bins }: RoomNeed['ways'][number], { material }: PlanStrategy): Way => {
    const { category, demand } = needs[need]!;
    const leftOut = leftOf(category, dangerous[need]!.size > 0);
    const lies = demand?.lies ?? category.packingKind;
    const isOther =
      so !== null &&
      room.bins.some((bin) => bin.categoryId === category.id && bin.compartmentId !== null) &&
      !bins.every(({ kept }) => kept);
    const nuisance = so ? Math.max(0, so.option.score - so.option.toBuy * so.option.type.price) : 0;
    const notOfSet =
      material && so?.option.type.id && so.option.type.material !== material ? NOT_OF_SET * bins.length : 0;
    const unhandy =
      so && demand
        ? unhandyOf(
            category,
            {
              bare: so.option.type.id === null,
              usual: usuallyStands(demand),
              bins: bins.length,
              lies,
              longest: demand.piece?.[0] ?? 0,
              height: so.option.type.outHeight,
            },
            offers,
          )
        : 0;
    return {
      type: so?.option.type.id ?? null,
      unhandy: nuisance * PER_NUISANCE + (isOther ? REFILLED : 0) + notOfSet + unhandy,
      bins: bins.flatMap((bin, n): DepthBin[] => {
        const rules = judged.get(bin);
        if (!rules) return [];
        const home = standing.position(bin.id)?.compartment;
        const kept: Kept = {
          category,
          lies,
          longest: demand?.piece?.[0] ?? 0,
          bin: { ...rules, hazard: rules.hazard && hasChildren },
          litres: demand?.litres ?? bin.litres,
          bare: bin.containerTypeId === null,
          pieces: bin.containerTypeId === null ? Math.max(1, piecesIn(bin, demand)) : 1,
          locked: asked.has(bin),
        };
        const dearer: Record<string, number> = {};
        for (const place of places) {
          const { id } = place.space;
          const stays = home !== undefined && bin.kept;
          const keepsHome = bin.pinned && bin.compartmentId !== null;
          if (dangerous[need]!.has(id) && !(keepsHome && id === home)) dearer[id] = Infinity;
          else if (keepsHome && home !== undefined) dearer[id] = id === home ? 0 : Infinity;
          else
            dearer[id] =
              (stays && id === home ? USED_TO : 1) * dearerAt(kept, place, offers, metres.get(id)?.[rules.zone] ?? 0) +
              (asked.has(bin) && hasLocks && !place.unit.locked ? UNLOCKED : 0) +
              (carried && stays && id !== home ? RESETTLED : 0);
        }
        return [
          {
            ...rules,
            id: `${need} ${so ? needs[need]!.ways.findIndex((way) => way.so === so) : 0} ${n}`,
            // What a child is changed with is one thing to whoever changes it.
            group: isForEveryChange(category) ? CHANGING : bins.length > 1 ? category.id : null,
            family: category.familyId,
            kind: bin.containerTypeId,
            leftOut: leftOut / bins.length,
            dearer,
          },
        ];
      }),
    };
  };
  const nowOf = (need: number): WaysOfNeed['now'] => {
    const way = needs[need]!.ways.findIndex(({ bins }) => bins.every(({ kept }) => kept));
    if (way < 0) return undefined;
    const { bins } = needs[need]!.ways[way]!;
    const positions = bins.map(({ id }) => standing.position(id) ?? null);
    if (!positions.some((position) => position)) return undefined;
    return { way, positions, stays: bins.every((bin) => bin.pinned && bin.compartmentId !== null) };
  };
  return {
    needs,
    strategies: planStrategies(choices),
    problem: (strategy) => ({
      ...{ people: base.people, zones: base.zones, compartments: base.compartments, growth: base.growth },
      timeMs: base.timeMs,
      types: plan.context.types.map(({ id, price, owned }) => ({
        id,
        price,
        owned: Math.max(0, owned - (plan.context.taken.get(id) ?? 0)),
      })),
      weights: strategy.weights,
      sideBySide: SIDE_BY_SIDE,
      calm: Object.fromEntries(
        room.units.filter(({ template }) => template === 'cubes').map(({ id }) => [id, CALM[strategy.id]]),
      ),
      needs: needs.map(({ category, ways }, need) => {
        const now = nowOf(need);
        return { id: category.id, ways: ways.map((way) => wayOf(need, way, strategy)), ...(now ? { now } : {}) };
      }),
    }),
  };
}

/**
 * The bins that a room has, as they are: with what each place is for in its price, and no place where one would be a
 * danger. What is proposed for them goes by it; what carrying takes is not in it.
 */
export function sensibleProblem(plan: PlanRoom): DepthProblem {
  const plain = depthProblemOf(plan.room);
  const { needs, problem } = roomWays(plan, [], false);
  const [usual] = planStrategies([]);
  const { needs: own, calm } = problem(usual!);
  const known = new Map(
    needs.flatMap(({ ways }, n) => ways[0]!.bins.map(({ id }, i) => [id, own[n]!.ways[0]!.bins[i]] as const)),
  );
  return {
    ...plain,
    bins: plain.bins.map((bin) => {
      const { dearer, leftOut, family, kind } = known.get(bin.id) ?? {};
      return {
        ...bin,
        ...(dearer ? { dearer } : {}),
        ...(leftOut === undefined ? {} : { leftOut }),
        ...{ family: family ?? null, kind: kind ?? null },
      };
    }),
    familySpread: usual!.weights.familySpread,
    sideBySide: SIDE_BY_SIDE,
    ...(calm ? { calm } : {}),
  };
}

/** How many pieces stand together in a bin without a container, about. */
function piecesIn(bin: PlannedBin, demand: Demand | null): number {
  const line = demand?.lines.find(({ line: { id } }) => bin.lineIds.includes(id));
  if (!line?.litres || line.line.measure !== 'pieces') return 1;
  return (line.line.amount * bin.litres) / line.litres;
}

function fitsSomewhere(bin: DepthBin | undefined, spaces: TogetherProblem['compartments']): boolean {
  if (!bin) return false;
  const { width, depth, height, mass, turnable, canHang = false } = bin;
  return spaces.some(
    (space) =>
      height <= clearHeight(space) &&
      mass <= space.maxLoad &&
      (!space.hangs || canHang) &&
      ((width <= space.width && depth <= space.depth) || (turnable && depth <= space.width && width <= space.depth)),
  );
}

const CHANGING = 'changing';
/** Used so often a week at the changing place, it goes with nappies and wipes. */
const EVERY_CHANGE = 15;
const isForEveryChange = ({ zoneKind, perWeek }: Category): boolean =>
  zoneKind === 'changing' && perWeek >= EVERY_CHANGE;

const leftOf = ({ perWeek }: Category, isDanger: boolean): number =>
  UNPLACED + LEFT.times * LEFT.fetch * perWeek + (isDanger ? LEFT.danger : 0);

const heightOf = (bin: PlannedBin, types: ReadonlyMap<string, ContainerType>): number =>
  types.get(bin.containerTypeId ?? '')?.outHeight ?? bin.outHeight ?? Infinity;
