/** Which container a category should live in, or whether it stands without one, and why (practices C1 to C8, F5). */
import { plural } from '../../ground/notation/plural.ts';
import { bareBins, usuallyStands, type BareBin } from './bare.ts';
import { canHang } from './hanging.ts';
import { partsOf } from './by-year.ts';
import type { Demand, DemandLine } from '../../ground/contents/demand.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Bin, Limit } from '../../ground/model/entities.ts';
import { conditionRank } from '../../sorting/pile/condition-rank.ts';
import { formatVolume } from '../../ground/notation/in-units.ts';
import { HEAVY_MASS } from '../../ground/problems/place-problem.ts';
import { judge, MAX_BINS, type ContainContext, type ContainerOption, type Standing } from './judge.ts';
import { bareShape } from '../../ground/contents/shape.ts';
import { countTypes } from './shopping.ts';
import { distinctSpaces, placesFor } from './spaces.ts';
import { binsNeeded, usableLitres } from '../../ground/contents/litres.ts';

export type { ContainContext, ContainerOption, Standing } from './judge.ts';
export { MAX_BINS } from './judge.ts';

export interface ContainChoice {
  demand: Demand;
  /** Best first; empty when nothing known takes it. */
  options: ContainerOption[];
  chosen: ContainerOption | null;
  /** Chosen by hand. */
  byHand: boolean;
  /** What stands by itself, where that is chosen: a bin each. */
  bare: BareBin[];
  /** Litres more than the limit that is set for it allows, and in words what has to go; null where it fits. */
  over: { litres: number; words: string } | null;
  /** Why there is no option. */
  problem: string | null;
}

/** Whether it can be kept without a container at all. */
export const couldStand = (demand: Demand, context: ContainContext): boolean =>
  bareOption(demand, bareBins(demand, distinctSpaces(context.compartments)), context) !== null;

/** Nothing that stands in a room is larger, mm: beyond that an amount is a slip. */
const MAX_SIDE = 4000;
export function bareOption(demand: Demand, bins: readonly BareBin[], context: ContainContext): ContainerOption | null {
  const largest = bins.reduce<BareBin | null>(
    (most, bin) =>
      most === null || bin.outWidth * bin.outDepth * bin.outHeight > most.outWidth * most.outDepth * most.outHeight
        ? bin
        : most,
    null,
  );
  if (!largest || bins.length > MAX_BINS || Math.max(largest.outWidth, largest.outDepth, largest.outHeight) > MAX_SIDE)
    return null;
  const type = bareShape(largest.outWidth, largest.outDepth, largest.outHeight);
  const mass = Math.round((Math.max(...bins.map((bin) => bin.litres)) * demand.mass) / Math.max(1e-9, demand.litres));
  const reasons = [
    usuallyStands(demand) ? 'people keep it so' : 'no container takes it',
    `${largest.outWidth} × ${largest.outDepth} × ${largest.outHeight} mm as it stands`,
  ];
  return {
    type,
    count: bins.length,
    full: 1,
    fromStock: bins.length,
    toBuy: 0,
    mass,
    score: 0,
    reasons,
    places: placesFor(type, mass, context.compartments, canHang(type, demand.category)),
  };
}

/** What has to go so that a limit is kept: a number inside a line, the worst and doubled first. */
function overLimit(demand: Demand, context: ContainContext): ContainChoice['over'] {
  const { limit } = demand.category;
  const type = limit && context.types.find((known) => known.id === limit.containerTypeId);
  if (!limit || !type) return null;
  const room = limit.count * usableLitres(type, context.site.fillLimit);
  let all = 0;
  const words: string[] = [];
  for (const part of partsOf(demand)) {
    let over = part.litres - room;
    all += Math.max(0, over);
    for (const { line, litres: each } of worstFirst(part.lines)) {
      if (over <= 1e-6 || !each) continue;
      const share = Math.min(1, over / each);
      if (share >= 1 || line.measure !== 'pieces' || line.amount <= 1)
        words.push(share >= 1 ? `all of ${line.name}` : line.name);
      else words.push(`${Math.ceil(share * line.amount - 1e-9)} of the ${line.amount} ${line.name}`);
      over -= each * share;
    }
  }
  return all > 1e-6 ? { litres: all, words: words.join(', ') } : null;
}

/** Broken and worn ones first, then what is there twice, then the most of a kind. */
function worstFirst(lines: readonly DemandLine[]): DemandLine[] {
  const names = new Map<string, number>();
  for (const { line } of lines) names.set(line.name.toLowerCase(), (names.get(line.name.toLowerCase()) ?? 0) + 1);
  const rank = ({ line }: DemandLine) =>
    conditionRank(line.condition) - ((names.get(line.name.toLowerCase()) ?? 1) > 1 ? 0.5 : 0);
  return [...lines].sort((a, b) => rank(a) - rank(b) || (b.litres ?? 0) - (a.litres ?? 0));
}

/**
 * Chooses for all demands of a room. The stock is given out to the most used things first, so that what is owned
 * serves where it counts. A limit that is set is the limit: no more is proposed than it allows.
 * @example chooseContainers(demandsOf(lines, categories, site), context)[0]?.chosen?.type.name
 */
export function chooseContainers(demands: readonly Demand[], context: ContainContext): ContainChoice[] {
  const taken = countTypes(context.kept ?? [], context.taken);
  const free = new Map(context.types.map((type) => [type.id, type.owned - (taken.get(type.id) ?? 0)]));
  const order = [...demands].sort((a, b) => b.category.perWeek - a.category.perWeek || b.litres - a.litres);
  const choices = new Map<Demand, ContainChoice>();
  for (const demand of order) {
    const choice = chooseFor(demand, context, free);
    choices.set(demand, choice);
    const { chosen } = choice;
    if (chosen?.type.id) free.set(chosen.type.id, (free.get(chosen.type.id) ?? 0) - chosen.fromStock);
  }
  return demands.map((demand) => choices.get(demand)!);
}

function chooseFor(demand: Demand, context: ContainContext, free: ReadonlyMap<string, number>): ContainChoice {
  const { category } = demand;
  const none = { demand, options: [], chosen: null, byHand: false, bare: [], over: null };
  if (demand.litres <= 0)
    return {
      ...none,
      problem: `Nobody can say how much room ${demand.unknown.join(', ')} ${plural(demand.unknown.length, 'takes', 'take')}: tell a size on the pile.`,
    };
  const over = overLimit(demand, context);
  const options = context.types
    .map((type) => judge(demand, type, free.get(type.id) ?? 0, context))
    .filter((option): option is ContainerOption => option !== null)
    .sort((a, b) => context.prefer?.(a, b) || a.score - b.score || a.type.name.localeCompare(b.type.name));
  // Bins of a class that a school has just made came from elsewhere: what it needs is reckoned anew.
  const standing = category.scheme === null ? context.standing?.get(category.id) : undefined;
  const wanted = category.containerTypeId;
  const hand = wanted ? options.find((option) => option.type.id === wanted) : undefined;
  const wantsNone =
    category.standsAlone ??
    (!hand && (options.length === 0 || (standing ? standing.containerTypeId === null : usuallyStands(demand))));
  const bins = wantsNone ? bareBins(demand, distinctSpaces(context.compartments)) : [];
  const bare = bareOption(demand, bins, context);
  const stands = bare !== null;
  const chosen = stands ? bare : (hand ?? asItStands(options, standing, demand, context) ?? options[0] ?? null);
  const yearly = chosen && !stands && category.limit?.perYear ? oneAYear(chosen, demand, context) : chosen;
  const limited = over && yearly && !stands && category.limit ? withinLimit(yearly, category.limit, demand) : yearly;
  const problem = limited
    ? null
    : `No container is long enough for a piece of ${demand.piece?.map(Math.round).join(' × ')} mm: add one to the stock.`;
  return {
    demand,
    options,
    chosen: limited,
    byHand: stands ? category.standsAlone === true : !!hand,
    bare: stands ? bins : [],
    over,
    problem,
  };
}

/** The bins that are there, where they still take it: room to grow is there to be grown into. */
function asItStands(
  options: readonly ContainerOption[],
  standing: Standing | undefined,
  demand: Demand,
  context: ContainContext,
): ContainerOption | null {
  const option = options.find(({ type }) => standing && type.id === standing.containerTypeId);
  if (!option || !standing) return null;
  const takes = standing.count * usableLitres(option.type, context.site.fillLimit);
  if (demand.litres > takes + 1e-9 || standing.count < 1) return null;
  const mass = Math.round(option.type.mass + demand.mass / standing.count);
  if (mass > HEAVY_MASS) return null;
  return { ...counted(option, standing.count), mass, reasons: ['as it stands now', ...option.reasons.slice(1)] };
}

/** The same option with another number of containers: how full each then is, and how many of them are there. */
function counted(option: ContainerOption, count: number): ContainerOption {
  const fromStock = Math.min(count, option.fromStock);
  const full = (option.full * option.count) / count;
  return { ...option, count, full, fromStock, toBuy: count - fromStock };
}

/** What a room's bins are of, by category: the kind of container most of them have. */
export function standingOf(bins: readonly Pick<Bin, 'categoryId' | 'containerTypeId'>[]): Map<string, Standing> {
  const found = new Map<string, Standing>();
  for (const [categoryId, own] of groupedBy(bins, (bin) => bin.categoryId)) {
    const counts = groupedBy(own, (bin) => bin.containerTypeId ?? '');
    const [type, most] = [...counts].reduce((a, b) => (b[1].length > a[1].length ? b : a));
    // Bins of several kinds are no rule to go by.
    if (most.length === own.length) found.set(categoryId, { containerTypeId: type || null, count: own.length });
  }
  return found;
}

interface OfSite {
  site: ContainContext['site'];
  types: ContainContext['types'];
  /** Of the room. */
  compartments: ContainContext['compartments'];
  /** Of all rooms. */
  bins: readonly Pick<Bin, 'roomId' | 'categoryId' | 'containerTypeId'>[];
}
/** What choosing for a room goes by. */
export function contextFor({ bins, ...site }: OfSite, roomId: string, demands: readonly Demand[]): ContainContext {
  const chosenFor = new Set(demands.filter(({ litres }) => litres > 0).map(({ category }) => category.id));
  const own = bins.filter((bin) => bin.roomId === roomId);
  return {
    ...site,
    taken: countTypes(bins.filter((bin) => bin.roomId !== roomId)),
    kept: own.filter(({ categoryId }) => !chosenFor.has(categoryId)),
    standing: standingOf(own),
  };
}

/** A choice as it is taken: so many of one container, null without one. */
export interface Chosen {
  categoryId: string;
  containerTypeId: string | null;
  count: number;
}
export const chosenOf = (choices: readonly ContainChoice[]): Chosen[] =>
  choices.flatMap(({ demand, chosen }) =>
    chosen ? [{ categoryId: demand.category.id, containerTypeId: chosen.type.id, count: chosen.count }] : [],
  );

/** As many as each year needs for itself. */
function oneAYear(option: ContainerOption, demand: Demand, context: ContainContext): ContainerOption {
  const { growth, fillLimit } = context.site;
  const usable = usableLitres(option.type, fillLimit);
  const parts = partsOf(demand);
  const needed = parts.reduce((sum, part) => sum + binsNeeded(part.litres, growth, usable), 0);
  const count = Math.max(option.count, needed);
  if (count > MAX_BINS) return option;
  const reasons = [`by the year: ${parts.map(({ year }) => year).join(', ')}`, ...option.reasons];
  return { ...counted(option, count), reasons };
}

function withinLimit(option: ContainerOption, limit: Limit, demand: Demand): ContainerOption {
  const count = limit.count * partsOf(demand).length;
  if (option.type.id !== limit.containerTypeId || option.count <= count) return option;
  const reason = `${count} and no more: that is the limit, and ${formatVolume(demand.litres)} do not fit`;
  return { ...counted(option, count), reasons: [reason, ...option.reasons.slice(1)] };
}
