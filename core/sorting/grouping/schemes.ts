/**
 * The same things grouped by each scheme of sorting (practices G1, G4), and what each costs: bins, how full, orphans,
 * giants, torn kinds, and the week's seconds of finding and tidying (docs/computing.md, Other ways of sorting).
 */
import { byId } from '../../ground/model/by-id.ts';
import { chooseContainers, type Standing } from '../../containing/containers/choose.ts';
import { demandOf, litresOfLine } from '../../ground/contents/demand.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import type {
  Attribute,
  Category,
  Compartment,
  ContainerType,
  Line,
  Person,
  Room,
  Site,
} from '../../ground/model/entities.ts';
import { AttributeReader } from './attributes.ts';
import { classTraits, isKeptSafe, type ClassMember } from './class-traits.ts';
import { ceilingFor, CHOOSE_SECONDS, PUT_BACK, roughPieces, RUMMAGE_SECONDS } from './granularity.ts';

export const SCHEMES = [
  { key: 'kind', name: 'Kind', idea: 'like with like: everything of one kind together', tell: 'its category' },
  {
    key: 'activity',
    name: 'Activity',
    idea: 'all that one job or project needs in one kit',
    tell: 'the kit or project it is for',
  },
  { key: 'material', name: 'Material', idea: 'by what it is made of, open to any use', tell: 'its material' },
  { key: 'person', name: 'Person', idea: 'each has their own, in their colour', tell: 'whose it is' },
  { key: 'stage', name: 'Stage', idea: 'by the age it suits', tell: 'for which age' },
  { key: 'colour', name: 'Colour', idea: 'in the order of the rainbow', tell: 'its colour' },
  { key: 'size', name: 'Size', idea: 'large with large, so that nothing small is buried', tell: 'how large it is' },
  { key: 'theme', name: 'Calendar', idea: 'a box for each season or holiday', tell: 'its season' },
  { key: 'weekday', name: 'Weekday', idea: 'what each day needs, filled in advance', tell: 'its day' },
  { key: 'number', name: 'Number', idea: 'in the order of their numbers, with an index', tell: 'its number' },
  { key: 'alphabet', name: 'Alphabet', idea: 'in the order of their names', tell: 'its name' },
] as const satisfies readonly { key: Attribute | 'alphabet'; name: string; idea: string; tell: string }[];
export type SchemeKey = (typeof SCHEMES)[number]['key'];

export interface SchemeGroup {
  name: string;
  lineIds: string[];
  /** Bulk litres, as Contain reckons them. */
  litres: number;
  /** As many as Contain then makes; 0 where it can say nothing. */
  bins: number;
  /** Share of its bins' inside that is taken. */
  full: number;
  /** Whether the scheme tells it; otherwise its lines stay with their kind. */
  told: boolean;
  /** Kept from children: a class of its own beside the one of the same value. */
  safe: boolean;
  /** Pieces, roughly. */
  pieces: number;
}

export interface SchemeResult {
  scheme: SchemeKey;
  groups: SchemeGroup[];
  /** Share of the lines of which the scheme knows where they go; the others stay with their kind. */
  told: number;
  /** Ids of the lines of which it does not. */
  untold: string[];
  bins: number;
  /** Mean, by bins. */
  full: number;
  /** Groups of one or two things; groups of four and more bins; kinds that lie in several groups. */
  orphans: number;
  giants: number;
  torn: number;
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
  /** Of the room, and containers that other rooms have taken: as Contain knows them. */
  compartments: readonly Compartment[];
  taken: ReadonlyMap<string, number>;
  standing?: ReadonlyMap<string, Standing>;
  /** ISO date. */
  today: string;
}

/** A category by hand: neither of the library nor made by a scheme. */
export const handMade = (category: Pick<Category, 'starter' | 'scheme'>): boolean =>
  category.starter === null && category.scheme === null;

/** Pieces of a group up to which it is an orphan; bins from which on it is a giant. */
export const ORPHAN_PIECES = 2;
export const GIANT_BINS = 4;
/** What the class of the same value is called that children do not get at. */
export const SAFE_SUFFIX = ', kept safe';

interface Thing extends ClassMember {
  pieces: number;
  /** Pieces that differ from one another: those of one line are much alike (docs/computing.md, Other ways of sorting). */
  differing: number;
  safe: boolean;
}

function thingsOf(data: SchemeData, classes: ReadonlyMap<string, Category>): Thing[] {
  const kept = data.lines.filter((line) => line.decision === 'keep');
  const count = new Map<string, number>();
  for (const line of kept) if (line.categoryId) count.set(line.categoryId, (count.get(line.categoryId) ?? 0) + 1);
  return kept.map((line) => {
    const category = classes.get(line.categoryId ?? '');
    const litres = litresOfLine(line, category, data.site) ?? 0;
    const pieces = roughPieces(line, litres);
    return {
      line,
      category,
      litres,
      pieces,
      differing: Math.sqrt(pieces),
      perWeek: category ? category.perWeek / count.get(category.id)! : 0.5,
      safe: isKeptSafe(line, category),
    };
  });
}

const LETTERS = ['A to D', 'E to K', 'L to P', 'Q to Z'];
const NUMBERS_A_CLASS = 10;

function valueOf(line: Line, scheme: SchemeKey, reader: AttributeReader): string | null {
  if (scheme === 'alphabet') {
    const first = line.name.normalize('NFD').toUpperCase().charAt(0);
    return /[A-Z]/.test(first) ? LETTERS[first <= 'D' ? 0 : first <= 'K' ? 1 : first <= 'P' ? 2 : 3]! : null;
  }
  const value = reader.of(line, scheme);
  if (scheme !== 'number' || value === null || !/^\d+$/.test(value)) return value;
  const from = Math.floor((Number(value) - 1) / NUMBERS_A_CLASS) * NUMBERS_A_CLASS + 1;
  return `${from} to ${from + NUMBERS_A_CLASS - 1}`;
}

/**
 * Compares all grouping schemes for the kept lines of one room. Lines of categories made by hand are left as they are;
 * what is kept from children never shares a class with what they use.
 * @example suggestScheme(compareSchemes(data))?.scheme // 'activity'
 */
export function compareSchemes(data: SchemeData): SchemeResult[] {
  const classes = byId(data.categories);
  const reader = new AttributeReader(classes, data.people, new Date(`${data.today}T00:00:00Z`));
  const all = thingsOf(data, classes);
  const present = comesInto(data.room, data.people);
  const ceiling = ceilingFor(present, new Date(`${data.today}T00:00:00Z`));
  const choose =
    present.length && present.every((person) => person.reads) ? CHOOSE_SECONDS.words : CHOOSE_SECONDS.pictures;
  return SCHEMES.map(({ key }) => {
    const groups = new Map<string, { things: Thing[]; told: boolean; safe: boolean }>();
    const untold: string[] = [];
    for (const thing of all) {
      const own = thing.category && handMade(thing.category);
      const value = own ? null : valueOf(thing.line, key, reader);
      // Where it is used is no kit or project that somebody named.
      const weak = key === 'activity' && value !== null && reader.isZoneOnly(thing.line);
      if ((!value || weak) && !own) untold.push(thing.line.id);
      // By kind everything is in its category already; elsewhere what is kept safe has a class beside the other.
      const safe = value !== null && key !== 'kind' && thing.safe;
      const base = value ?? reader.of(thing.line, 'kind') ?? 'not sorted yet';
      const name = safe ? `${base}${SAFE_SUFFIX}` : base;
      const group = groups.get(name);
      if (group) group.things.push(thing);
      else groups.set(name, { things: [thing], told: value !== null, safe });
    }
    const made = containing([...groups], data);
    const hick = choose * Math.log2(groups.size + 1);
    let [finding, tidying] = [0, 0];
    const places = new Map<string, number>();
    for (const { group, things } of made) {
      const differing = things.reduce((sum, thing) => sum + thing.differing, 0) / Math.max(1, group.bins);
      const perWeek = things.reduce((sum, thing) => sum + thing.perWeek, 0);
      // A kit is fetched once for all that is in it, and goes back as one.
      const fetched = key === 'activity' ? Math.max(...things.map((thing) => thing.perWeek)) : perWeek;
      finding += fetched * hick + (perWeek * RUMMAGE_SECONDS.open * differing) / 2;
      tidying += fetched * Math.min(PUT_BACK, Math.max(1, differing)) * hick;
      for (const kind of new Set(things.map((thing) => thing.category?.id)))
        if (kind) places.set(kind, (places.get(kind) ?? 0) + 1);
    }
    const listed = made.map(({ group }) => group).sort((a, b) => b.litres - a.litres || a.name.localeCompare(b.name));
    const bins = listed.reduce((sum, group) => sum + group.bins, 0);
    return {
      scheme: key,
      groups: listed,
      told: all.length ? 1 - untold.length / all.length : 0,
      untold,
      bins,
      full: bins ? listed.reduce((sum, group) => sum + group.full * group.bins, 0) / bins : 0,
      orphans: listed.filter((group) => group.pieces <= ORPHAN_PIECES).length,
      giants: listed.filter((group) => group.bins >= GIANT_BINS).length,
      torn: [...places.values()].filter((n) => n > 1).length,
      finding,
      tidying,
      classes: listed.length,
      ceiling,
    };
  });
}

/** The groups with as many bins as Contain would make of them, all asked for together as it does. */
function containing(
  groups: readonly (readonly [string, { things: Thing[]; told: boolean; safe: boolean }])[],
  data: SchemeData,
): { group: SchemeGroup; things: Thing[] }[] {
  const demands = groups.map(([name, { things, told }]) => {
    const only = new Set(things.map((thing) => thing.category));
    // What stays in its category is asked for as that category does.
    const [same] = only;
    const category: Category =
      only.size === 1 && same && (!told || same.name === name)
        ? same
        : { ...classTraits(things), id: name, version: 0, siteId: '', familyId: '', name, starter: null, scheme: null };
    // Each line takes along what it is; here the class itself has no kind.
    const lines = things.map((thing) => ({ ...thing.line, kind: thing.line.kind ?? thing.category?.starter ?? null }));
    return demandOf(category, lines, data.site);
  });
  const choices = chooseContainers(demands, data);
  return groups.map(([name, { things, told, safe }], i) => {
    const { chosen } = choices[i]!;
    const group = {
      name,
      lineIds: things.map((thing) => thing.line.id),
      litres: demands[i]!.litres,
      bins: chosen?.count ?? (demands[i]!.litres > 0 ? 1 : 0),
      full: chosen?.full ?? 0,
      told,
      safe,
      pieces: things.reduce((sum, thing) => sum + thing.pieces, 0),
    };
    return { group, things };
  });
}
