/**
 * Loose trays for one drawer, from scratch (practice C3): which set of trays covers its floor best, so that each kind of
 * thing gets one of its own. The packing engine covers the floor; each tray is worth its floor and a little for being one
 * more, and that little is raised until there are enough.
 */
import { byId } from '../../ground/model/by-id.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { pieceFits } from '../containers/fits-piece.ts';
import { usableLitres } from '../../ground/contents/litres.ts';
import type { Compartment, ContainerType, Site } from '../../ground/model/entities.ts';
import type { FitAnswer, FitProblem } from '../../ground/problems/fit-problem.ts';

type Drawer = Pick<Compartment, 'width' | 'depth' | 'height' | 'access'>;

/** What one tray more is worth, as a share of the floor of the smallest: tried in turn. */
const ONE_MORE = [0, 0.5, 1, 2, 4];
/** Of one kind at most, so that the problem stays small. */
const MOST_OF_A_KIND = 40;
/** Time for each of these covers, ms. */
export const COVER_MS = 350;

export interface Tray {
  type: ContainerType;
  x: number;
  y: number;
  turned: boolean;
  /** What lies in it; null where it is spare. */
  demand: Demand | null;
}

export interface TraySet {
  trays: Tray[];
  /** Share of the floor that is covered. */
  covered: number;
  /** Kinds of thing that no tray of the set takes. */
  without: Demand[];
}

/** Open, stiff, low and without a handle: what stands loose in a drawer. */
export const isTray = (type: ContainerType, drawer: Drawer): boolean =>
  !type.lid &&
  !type.soft &&
  !type.handle &&
  type.form === 'box' &&
  type.compartments === 1 &&
  type.outHeight <= drawer.height &&
  Math.min(type.outWidth, type.outDepth) <= Math.min(drawer.width, drawer.depth) &&
  Math.max(type.outWidth, type.outDepth) <= Math.max(drawer.width, drawer.depth);

const floorOf = (type: ContainerType): number => type.outWidth * type.outDepth;

/** Marks trays that have to be there because some thing goes into no other. */
const WANTED = '+';
const typeOf = (id: string): string => id.split(WANTED)[0]!;
/** What a tray that has to be there is worth, in floors of the drawer. */
const WANTED_WORTH = 2;

/**
 * Every cover to be tried, as a problem for the packing engine.
 * @param without things that no tray of an earlier set took: the smallest tray that takes each has to be there
 */
function coverProblems(
  drawer: Drawer,
  types: readonly ContainerType[],
  without: readonly Demand[] = [],
  site: Pick<Site, 'growth' | 'fillLimit'> = { growth: 0, fillLimit: 1 },
): FitProblem[] {
  const trays = types.filter((type) => isTray(type, drawer));
  const smallest = Math.min(...trays.map(floorOf));
  const wanted = new Map<string, number>();
  for (const demand of without) {
    const [type] = trays.filter((tray) => takes(tray, demand, site)).sort((a, b) => floorOf(a) - floorOf(b));
    if (type) wanted.set(type.id, (wanted.get(type.id) ?? 0) + 1);
  }
  const container = (type: ContainerType, more: number) => ({
    id: type.id,
    width: type.outWidth,
    depth: type.outDepth,
    height: type.outHeight,
    turnable: true,
    stackable: false,
    count: Math.min(MOST_OF_A_KIND, Math.floor((drawer.width * drawer.depth) / floorOf(type))),
    value: Math.round(floorOf(type) + more * smallest),
    uses: 0,
  });
  return trays.length
    ? ONE_MORE.map((more) => ({
        format: 'stube-fit/1',
        compartment: { width: drawer.width, depth: drawer.depth, height: drawer.height, access: drawer.access },
        containers: trays.flatMap((type) => [
          container(type, more),
          ...(wanted.has(type.id)
            ? [
                {
                  ...container(type, more),
                  id: `${type.id}${WANTED}`,
                  count: wanted.get(type.id)!,
                  value: floorOf(type) + WANTED_WORTH * drawer.width * drawer.depth,
                },
              ]
            : []),
        ]),
        timeMs: COVER_MS,
      }))
    : [];
}

const takes = (
  type: ContainerType,
  demand: Demand,
  { growth, fillLimit }: Pick<Site, 'growth' | 'fillLimit'>,
): boolean =>
  usableLitres(type, fillLimit) >= demand.litres * (1 + growth) &&
  demand.pieces.every(({ piece, lies }) => pieceFits(piece, type, lies));

/** Whether there is any tray for it that goes into the drawer. */
export const takesTray = (
  drawer: Drawer,
  types: readonly ContainerType[],
  demand: Demand,
  site: Pick<Site, 'growth' | 'fillLimit'>,
): boolean => types.some((type) => isTray(type, drawer) && takes(type, demand, site));

/** Each kind of thing in the smallest tray that takes it, the largest first. */
function fill(
  answer: FitAnswer,
  drawer: Drawer,
  types: ReadonlyMap<string, ContainerType>,
  demands: readonly Demand[],
  site: Pick<Site, 'growth' | 'fillLimit'>,
): TraySet {
  const trays = answer.placed
    .map(({ id, x, y, turned }): Tray => ({ type: types.get(typeOf(id))!, x, y, turned, demand: null }))
    .sort((a, b) => floorOf(a.type) - floorOf(b.type));
  const without: Demand[] = [];
  // What needs a large tray chooses first.
  const least = new Map(
    demands.map((demand) => [demand, trays.find(({ type }) => takes(type, demand, site))?.type ?? null]),
  );
  const needs = (demand: Demand) => (least.get(demand) ? floorOf(least.get(demand)!) : Infinity);
  for (const demand of [...demands].sort((a, b) => needs(b) - needs(a) || b.litres - a.litres)) {
    const tray = trays.find(({ type, demand: taken }) => !taken && takes(type, demand, site));
    if (tray) tray.demand = demand;
    else without.push(demand);
  }
  const covered = trays.reduce((sum, { type }) => sum + floorOf(type), 0) / (drawer.width * drawer.depth);
  return { trays, covered, without };
}

/** Rounds in which what went without gets the tray it needs. */
const ROUNDS = 3;

/**
 * The whole way: covers, then covers with the trays that turned out to be needed.
 * @param solve the packing engine, with the time of the problem
 */
export async function proposeTrays(
  drawer: Drawer,
  types: readonly ContainerType[],
  demands: readonly Demand[],
  site: Pick<Site, 'growth' | 'fillLimit'>,
  solve: (problem: FitProblem) => FitAnswer | Promise<FitAnswer>,
): Promise<TraySet | null> {
  const typesById = byId(types);
  const answers: FitAnswer[] = [];
  const wanted: Demand[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    for (const problem of coverProblems(drawer, types, wanted, site)) answers.push(await solve(problem));
    const without = bestTraySet(answers, drawer, typesById, demands, site)?.without ?? [];
    if (!without.length) break;
    wanted.push(...without);
  }
  return bestTraySet(answers, drawer, typesById, demands, site);
}

/**
 * @param answers to {@link coverProblems}
 * @returns the cover in which fewest kinds of thing go without a tray and, of these, that covers most; null where there is none
 */
function bestTraySet(
  answers: readonly FitAnswer[],
  drawer: Drawer,
  types: ReadonlyMap<string, ContainerType>,
  demands: readonly Demand[],
  site: Pick<Site, 'growth' | 'fillLimit'>,
): TraySet | null {
  return answers
    .map((answer) => fill(answer, drawer, types, demands, site))
    .reduce<TraySet | null>(
      (best, set) =>
        !best ||
        set.without.length < best.without.length ||
        (set.without.length === best.without.length && set.covered > best.covered + 1e-9)
          ? set
          : best,
      null,
    );
}
