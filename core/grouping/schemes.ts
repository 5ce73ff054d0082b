/**
 * The same things grouped by each scheme of sorting (practices G1, G4), and what each costs: bins, how full, orphans,
 * giants, doubles, and the week's seconds of finding and tidying (design, 4.4).
 */
import { litresOfLine, usualPiece } from '../containers/demand.ts';
import { pieceFits, sizeOf, usableLitres } from '../containers/litres.ts';
import { comesInto } from '../placement/place-problem-of.ts';
import type { Category, ContainerType, Attribute, Line, Person, Room, Site } from '../model/entities.ts';
import { AttributeReader } from './attributes.ts';
import { ceilingFor, CHOOSE_SECONDS, PUT_BACK, roughPieces, RUMMAGE_SECONDS } from './granularity.ts';

export const SCHEMES = [
  { key: 'kind', name: 'Kind', idea: 'like with like: everything of one kind together' },
  { key: 'activity', name: 'Activity', idea: 'all that one job needs in one kit' },
  { key: 'material', name: 'Material', idea: 'by what it is made of, open to any use' },
  { key: 'person', name: 'Person', idea: 'each has their own, in their colour' },
  { key: 'stage', name: 'Stage', idea: 'by the age it suits' },
  { key: 'colour', name: 'Colour', idea: 'in the order of the rainbow' },
  { key: 'theme', name: 'Calendar', idea: 'a box for each season, holiday or weekday' },
] as const satisfies readonly { key: Attribute; name: string; idea: string }[];
export type SchemeKey = (typeof SCHEMES)[number]['key'];

export interface SchemeGroup {
  name: string;
  lineIds: string[];
  /** Bulk litres, with room to grow. */
  litres: number;
  bins: number;
  /** Share of what its bins may hold that is taken. */
  full: number;
  /** The category whose ways it takes over: that of most of its litres. */
  like: string | null;
  /** Whether the scheme tells it; otherwise its lines stay with their kind. */
  told: boolean;
}

export interface SchemeResult {
  scheme: SchemeKey;
  groups: SchemeGroup[];
  /** Share of the lines of which the scheme knows where they go; the others stay with their kind. */
  told: number;
  bins: number;
  /** Mean, by bins. */
  full: number;
  /** Groups of one or two things; groups of four and more bins; kinds that lie in several groups. */
  orphans: number;
  giants: number;
  doubles: number;
  /** Seconds a week. */
  finding: number;
  tidying: number;
  /** Classes that have to be kept apart, and how many those who tidy can. */
  classes: number;
  ceiling: number | null;
}

export interface SchemeData {
  site: Pick<Site, 'measures' | 'growth' | 'fillLimit'>;
  room: Pick<Room, 'people'>;
  lines: readonly Line[];
  categories: readonly Category[];
  people: readonly Person[];
  types: readonly ContainerType[];
  /** ISO date. */
  today: string;
}

/** A category by hand: neither of the library nor made by a scheme. */
export const handMade = (category: Pick<Category, 'starter' | 'scheme'>): boolean =>
  category.starter === null && category.scheme === null;

interface Thing {
  line: Line;
  category: Category | undefined;
  litres: number;
  pieces: number;
  /** Pieces that differ from one another: those of one line are much alike. */
  differing: number;
  perWeek: number;
  longest: readonly [number, number, number];
}

function things(data: SchemeData, byId: ReadonlyMap<string, Category>): Thing[] {
  const kept = data.lines.filter((line) => line.decision === 'keep');
  const count = new Map<string, number>();
  for (const line of kept) if (line.categoryId) count.set(line.categoryId, (count.get(line.categoryId) ?? 0) + 1);
  return kept.map((line) => {
    const category = byId.get(line.categoryId ?? '');
    const litres = litresOfLine(line, category, data.site) * (1 + data.site.growth);
    const pieces = roughPieces(line, litres);
    return {
      line,
      category,
      litres,
      pieces,
      differing: Math.sqrt(pieces),
      perWeek: category ? category.perWeek / count.get(category.id)! : 0.5,
      longest: sizeOf(line) ?? usualPiece(category),
    };
  });
}

/**
 * Compares all grouping schemes for the kept lines of one room. Lines of categories made by hand are left as they are.
 * @example suggestScheme(compareSchemes(data))?.scheme // 'activity'
 */
export function compareSchemes(data: SchemeData): SchemeResult[] {
  const byId = new Map(data.categories.map((category) => [category.id, category]));
  const reader = new AttributeReader(byId, data.people, new Date(`${data.today}T00:00:00Z`));
  const all = things(data, byId);
  const present = comesInto(data.room, data.people);
  const ceiling = ceilingFor(present, new Date(`${data.today}T00:00:00Z`));
  const choose =
    present.length && present.every((person) => person.reads) ? CHOOSE_SECONDS.words : CHOOSE_SECONDS.pictures;
  const sizes = data.types
    .map((type) => ({ type, usable: usableLitres(type, data.site.fillLimit) }))
    .sort((a, b) => a.usable - b.usable);
  return SCHEMES.map(({ key }) => {
    const groups = new Map<string, Thing[]>();
    const byValue = new Set<string>();
    let told = 0;
    for (const thing of all) {
      const own = thing.category && handMade(thing.category);
      const value = own ? null : reader.of(thing.line, key);
      if (value || own) told++;
      if (value) byValue.add(value);
      const name = value ?? reader.of(thing.line, 'kind') ?? 'not sorted yet';
      const list = groups.get(name);
      if (list) list.push(thing);
      else groups.set(name, [thing]);
    }
    const made: SchemeGroup[] = [];
    let [bins, finding, tidying, orphans] = [0, 0, 0, 0];
    const hick = choose * Math.log2(groups.size + 1);
    const places = new Map<string, number>();
    for (const [name, list] of groups) {
      const sum = sumUp(list);
      const group = { ...groupOf(name, list, sum, sizes), told: byValue.has(name) };
      made.push(group);
      bins += group.bins;
      if (sum.pieces <= 2) orphans++;
      const pieces = sum.differing / group.bins;
      // A kit is fetched once for all that is in it, and goes back as one.
      const fetched = key === 'activity' ? sum.mostUsed : sum.perWeek;
      finding += fetched * hick + (sum.perWeek * RUMMAGE_SECONDS.open * pieces) / 2;
      tidying += fetched * Math.min(PUT_BACK, Math.max(1, pieces)) * hick;
      for (const kind of sum.litresOf.keys()) places.set(kind, (places.get(kind) ?? 0) + 1);
    }
    return {
      scheme: key,
      groups: made.sort((a, b) => b.litres - a.litres || a.name.localeCompare(b.name)),
      told: all.length ? told / all.length : 0,
      bins,
      full: bins ? made.reduce((sum, group) => sum + group.full * group.bins, 0) / bins : 0,
      orphans,
      giants: made.filter((group) => group.bins >= 4).length,
      doubles: [...places.values()].filter((n) => n > 1).length,
      finding,
      tidying,
      classes: made.length,
      ceiling,
    };
  });
}

interface Sum {
  litres: number;
  pieces: number;
  differing: number;
  perWeek: number;
  mostUsed: number;
  longest: readonly [number, number, number];
  /** Litres by category id. */
  litresOf: Map<string, number>;
}

function sumUp(list: readonly Thing[]): Sum {
  const sum: Sum = {
    litres: 0,
    pieces: 0,
    differing: 0,
    perWeek: 0,
    mostUsed: 0,
    longest: [0, 0, 0],
    litresOf: new Map(),
  };
  for (const thing of list) {
    sum.litres += thing.litres;
    sum.pieces += thing.pieces;
    sum.differing += thing.differing;
    sum.perWeek += thing.perWeek;
    if (thing.perWeek > sum.mostUsed) sum.mostUsed = thing.perWeek;
    if (thing.longest[0] > sum.longest[0]) sum.longest = thing.longest;
    if (thing.category) sum.litresOf.set(thing.category.id, (sum.litresOf.get(thing.category.id) ?? 0) + thing.litres);
  }
  return sum;
}

function groupOf(
  name: string,
  list: readonly Thing[],
  { litres, longest, litresOf }: Sum,
  sizes: readonly { type: ContainerType; usable: number }[],
): Omit<SchemeGroup, 'told'> {
  // The smallest container that takes all, else as few as may be of the largest.
  let largest: (typeof sizes)[number] | undefined;
  for (const size of sizes) {
    if (!pieceFits(longest, size.type)) continue;
    largest = size;
    if (size.usable >= litres) break;
  }
  const usable = (largest ?? sizes.at(-1))?.usable ?? 10;
  const bins = Math.max(1, Math.ceil(litres / usable - 1e-9));
  let like: string | null = null;
  for (const [id, own] of litresOf) if (like === null || own > litresOf.get(like)!) like = id;
  return { name, lineIds: list.map((thing) => thing.line.id), litres, bins, full: litres / (bins * usable), like };
}

export interface Suggestion {
  scheme: SchemeKey;
  reason: string;
}

/** What each trouble is worth in seconds a week, so that schemes can be weighed. */
const WORTH = { bin: 4, orphan: 12, giant: 20, double: 10, untold: 40, class: 4 };

export const penaltyOf = (result: SchemeResult): number =>
  result.finding +
  result.tidying +
  result.bins * WORTH.bin +
  result.orphans * WORTH.orphan +
  result.giants * WORTH.giant +
  result.doubles * WORTH.double +
  (1 - result.told) * result.groups.reduce((sum, group) => sum + group.lineIds.length, 0) * WORTH.untold +
  Math.max(0, result.classes - (result.ceiling ?? Infinity)) * WORTH.class;

/** Share of the lines that a scheme has to know something of. */
export const MIN_COVERAGE = 0.1;

const NAMES = new Map<string, string>(SCHEMES.map((scheme) => [scheme.key, scheme.name.toLowerCase()]));

/** The scheme with the least penalty, and in one sentence why rather than the next best. */
export function suggestScheme(results: readonly SchemeResult[]): Suggestion | null {
  const ranked = results.filter((result) => result.groups.length).sort((a, b) => penaltyOf(a) - penaltyOf(b));
  const best = ranked[0];
  // A scheme that knows nothing of these things is no rival.
  const next = ranked.slice(1).find((result) => result.told >= MIN_COVERAGE);
  if (!best) return null;
  const week = (result: SchemeResult) => `${Math.round((result.finding + result.tidying) / 60)} min a week`;
  const reasons = [`${best.classes} classes in ${best.bins} bins, ${week(best)} to find and tidy`];
  if (next) {
    const other = NAMES.get(next.scheme)!;
    if (best.ceiling !== null && best.classes <= best.ceiling && next.classes > best.ceiling)
      reasons.push(`the youngest who tidy keep ${best.ceiling} classes apart, and ${other} asks for ${next.classes}`);
    else if (best.told > next.told + 0.05)
      reasons.push(
        `it knows where ${Math.round(best.told * 100)} % of the lines go, ${other} ${Math.round(next.told * 100)} %`,
      );
    else if (best.finding + best.tidying < next.finding + next.tidying - 30)
      reasons.push(`${other} takes ${week(next)}`);
    else if (best.orphans < next.orphans) reasons.push(`${next.orphans - best.orphans} fewer orphans than by ${other}`);
    else if (best.doubles < next.doubles) reasons.push(`no kind is torn apart that ${other} spreads over several bins`);
  }
  if (best.ceiling !== null && best.classes > best.ceiling)
    reasons.push(`the youngest who tidy keep ${best.ceiling} classes apart: give them fewer in sight`);
  return { scheme: best.scheme, reason: `${reasons.join('; ')}.` };
}
