/** Which container a category should live in, and why (practices C1 to C8). */
import type { Compartment, ContainerType, Site } from '../model/entities.ts';
import { FRONT_CLEARANCE, HEAVY_MASS } from '../placement/problem.ts';
import type { Demand } from './demand.ts';
import { binsNeeded, insideLitres, pieceFits, usableLitres } from './litres.ts';

export interface ContainerOption {
  type: ContainerType;
  count: number;
  /** How full each will be, as a share of its inside. */
  full: number;
  fromStock: number;
  toBuy: number;
  /** Grams of one filled bin. */
  mass: number;
  /** Minor units of money plus what nuisance is worth; only for comparing. */
  score: number;
  reasons: string[];
  /** Compartments of the room that one of them fits. */
  places: number;
}

export interface ContainChoice {
  demand: Demand;
  /** Best first; empty when nothing known takes it. */
  options: ContainerOption[];
  chosen: ContainerOption | null;
  /** Chosen by hand. */
  byHand: boolean;
  /** Why there is no option. */
  problem: string | null;
}

export interface ContainContext {
  site: Pick<Site, 'growth' | 'fillLimit'>;
  types: readonly ContainerType[];
  /** Of the room; empty when it is not measured yet, then size against place is not judged. */
  compartments: readonly Compartment[];
  /** Containers of each type already taken elsewhere. */
  taken: ReadonlyMap<string, number>;
}

/** What a nuisance is worth in minor units of money when containers are compared; our own judgement, tried on the demo. */
const NUISANCE = {
  eachBin: 120,
  halfEmpty: 500,
  lidDaily: 600,
  notSeen: 700,
  noLid: 2500,
  heavy: 900,
  tooLargeForPlace: 20000,
  roundInCorner: 60,
  notForSale: 700,
};

/** Containers of one kind that a category of a room is proposed at most: more is a slip in an amount, not a plan. */
export const MAX_BINS = 200;

export function fitsCompartment(
  type: Pick<ContainerType, 'outWidth' | 'outDepth' | 'outHeight'>,
  space: Pick<Compartment, 'width' | 'depth' | 'height' | 'access'>,
): boolean {
  return (
    type.outWidth <= space.width &&
    type.outDepth <= space.depth &&
    type.outHeight <= space.height - (space.access === 'front' ? FRONT_CLEARANCE : 0)
  );
}

function judge(demand: Demand, type: ContainerType, free: number, context: ContainContext): ContainerOption | null {
  if (!pieceFits(demand.piece, type)) return null;
  const { category } = demand;
  const { growth, fillLimit } = context.site;
  const count = binsNeeded(demand.litres, growth, usableLitres(type, fillLimit));
  if (count > MAX_BINS) return null;
  const full = demand.litres / (count * insideLitres(type));
  const mass = Math.round(type.mass + (demand.litres / count) * category.density);
  const places = context.compartments.filter((space) => fitsCompartment(type, space) && mass <= space.maxLoad).length;
  const fromStock = Math.min(count, Math.max(0, free));
  const toBuy = count - fromStock;
  const price = toBuy ? Math.ceil(toBuy / type.pack) * type.price : 0;
  const reasons: string[] = [];
  let score = price + count * NUISANCE.eachBin;

  reasons.push(
    `${count === 1 ? 'one takes' : `${count} take`} ${litres(demand.litres)} with ${Math.round(growth * 100)} % to grow`,
  );
  if (fromStock === count) reasons.push(count === 1 ? 'you own one' : `you own all ${count}`);
  else if (fromStock) reasons.push(`you own ${fromStock}, ${toBuy} to buy`);
  if (toBuy && !type.price) {
    score += NUISANCE.notForSale * toBuy;
    reasons.push(`${toBuy} more would have to be found, as these are not bought`);
  }
  if (demand.piece[0] > 250) reasons.push(`takes the longest piece, ${demand.piece[0]} mm`);
  if (category.lid && type.lid) reasons.push('its lid keeps spills and small parts in');
  if (category.lid && !type.lid) {
    score += NUISANCE.noLid;
    reasons.push('has no lid, though these should have one');
  }
  if (type.lid && !category.lid && category.perWeek >= 4) {
    score += NUISANCE.lidDaily;
    reasons.push('a lid is in the way of daily use');
  }
  if (!type.lid && !category.lid && category.perWeek >= 4) reasons.push('open, for one hand and daily use');
  if (category.view === 'show') {
    if (type.seeThrough) reasons.push('see-through, so it is remembered');
    else if (type.lid) score += NUISANCE.notSeen;
  }
  if (category.view === 'hide' && type.seeThrough) score += NUISANCE.notSeen;
  if (full < fillLimit * 0.4) {
    score += NUISANCE.halfEmpty * (1 - full / fillLimit);
    reasons.push('would stand rather empty');
  }
  if (mass > HEAVY_MASS) {
    score += NUISANCE.heavy * (mass / HEAVY_MASS);
    reasons.push(`heavy: ${(mass / 1000).toFixed(1)} kg each`);
  }
  if (type.form === 'round') score += NUISANCE.roundInCorner * count;
  if (context.compartments.length && places === 0) {
    score += NUISANCE.tooLargeForPlace;
    reasons.push('fits no compartment of this room');
  }
  return { type, count, full, fromStock, toBuy, mass, score, reasons, places };
}

const litres = (value: number): string => `${value < 10 ? Number(value.toFixed(1)) : Math.round(value)} l`;

/**
 * Chooses for all demands of a room. The stock is given out to the most used things first, so that what is owned
 * serves where it counts.
 * @example chooseContainers(demandsOf(lines, categories, site), context)[0]?.chosen?.type.name
 */
export function chooseContainers(demands: readonly Demand[], context: ContainContext): ContainChoice[] {
  const free = new Map(context.types.map((type) => [type.id, type.owned - (context.taken.get(type.id) ?? 0)]));
  const order = [...demands].sort((a, b) => b.category.perWeek - a.category.perWeek || b.litres - a.litres);
  const choices = new Map<Demand, ContainChoice>();
  for (const demand of order) {
    const options = context.types
      .map((type) => judge(demand, type, free.get(type.id) ?? 0, context))
      .filter((option): option is ContainerOption => option !== null)
      .sort((a, b) => a.score - b.score || a.type.name.localeCompare(b.type.name));
    const wanted = demand.category.containerTypeId;
    const hand = wanted ? options.find((option) => option.type.id === wanted) : undefined;
    const chosen = hand ?? options[0] ?? null;
    if (chosen) free.set(chosen.type.id, (free.get(chosen.type.id) ?? 0) - chosen.fromStock);
    const problem = chosen
      ? null
      : `No container is long enough for a piece of ${demand.piece.join(' × ')} mm: add one to the stock, or let it stand without.`;
    choices.set(demand, { demand, options, chosen, byHand: !!hand, problem });
  }
  return demands.map((demand) => choices.get(demand)!);
}
