/** From the groups of a scheme to what has to be written: categories of the scheme, the lines in them, and every bin. */
import { byId } from '../../ground/model/by-id.ts';
import { contentsOf } from '../../ground/contents/contents.ts';
import { takenAlong } from '../../ground/contents/piece.ts';
import { litresOfLine } from '../../ground/contents/demand.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Bin, Category, ContainerType, Family, Line, Site } from '../../ground/model/entities.ts';
import { classTraits, union, type ClassMember } from './class-traits.ts';
import { handMade, SCHEMES, type SchemeResult } from './schemes.ts';

export interface BinFate {
  code: string;
  /** As it is called now, and then. */
  name: string;
  to: string;
  /** Stays with what is in it; holds the same under another name; holds what other bins held too; is free for other things. */
  fate: 'kept' | 'renamed' | 'joined' | 'emptied';
  /** Its printed label is out of date then. */
  newLabel: boolean;
}

export interface Regrouping {
  what: string;
  create: { table: 'family' | 'category'; id: string; values: Record<string, unknown> }[];
  update: { table: 'line' | 'category' | 'bin'; id: string; version: number; values: Record<string, unknown> }[];
  remove: { table: 'bin'; id: string; version: number }[];
  bins: BinFate[];
}

export interface RegroupData {
  lines: readonly Line[];
  categories: readonly Category[];
  families: readonly Family[];
  /** Of the room. */
  bins: readonly Bin[];
  /** Ids of those that have a printed label. */
  printed: ReadonlySet<string>;
  types: ReadonlyMap<string, ContainerType>;
  site: Pick<Site, 'measures'>;
}

const HUE: Record<string, string> = {
  activity: 'plum',
  material: 'moss',
  person: 'slate',
  stage: 'spruce',
  colour: 'rose',
  theme: 'straw',
};
const MAX_NAME = 60;
const titled = (name: string): string => (name.charAt(0).toUpperCase() + name.slice(1)).slice(0, MAX_NAME);

/**
 * Moves every line into the category of its group; groups that the scheme does not tell, and lines in categories made by
 * hand, go back to (or stay with) their kind, which each line keeps in mind. Bins go with what is in them: none is left
 * without things, none holds two classes.
 * @param newId makes an id for each new row
 */
export function regroup(result: SchemeResult, data: RegroupData, newId: () => string): Regrouping {
  const { lines, categories, families, site } = data;
  const { name } = SCHEMES.find((scheme) => scheme.key === result.scheme)!;
  const classes = byId(categories);
  const byLine = byId(lines);
  const ofCategory = groupedBy(lines, (line) => (line.decision === 'keep' ? line.categoryId : null));
  const change: Regrouping = { what: `sort by ${name.toLowerCase()}`, create: [], update: [], remove: [], bins: [] };
  const familyName = `By ${name.toLowerCase()}`;
  let familyId = families.find((family) => family.name === familyName)?.id;
  /** Where each line goes, and the names of new categories. */
  const goesTo = new Map<string, string | null>();
  const names = new Map(categories.map((category) => [category.id, category.name]));
  /** Bins that Contain then makes, by the category they are of. */
  const promised = new Map<string, number>();
  for (const group of result.groups) {
    const members = group.lineIds.map((id): ClassMember => {
      const line = byLine.get(id)!;
      const category = classes.get(line.categoryId ?? '');
      const siblings = ofCategory.get(line.categoryId ?? '')?.length ?? 1;
      return {
        line,
        category,
        litres: litresOfLine(line, category, site) ?? 0,
        perWeek: (category?.perWeek ?? 0.5) / siblings,
      };
    });
    const target = group.told && result.scheme !== 'kind' ? targetOf(group.name, members) : null;
    for (const { line, category } of members) {
      if (category && handMade(category)) {
        goesTo.set(line.id, category.id);
        continue;
      }
      const kind = line.attributes.kind ?? (category && category.scheme === null ? category.name : undefined);
      const to =
        target ?? categories.find((known) => known.scheme === null && known.name === kind)?.id ?? line.categoryId;
      goesTo.set(line.id, to);
      if (to) promised.set(to, target ? group.bins : (promised.get(to) ?? group.bins));
      if (to === line.categoryId) continue;
      const attributes = kind ? { ...line.attributes, kind } : line.attributes;
      change.update.push({
        table: 'line',
        id: line.id,
        version: line.version,
        values: { categoryId: to, attributes, ...takenAlong(line, category) },
      });
    }
  }
  moveBins();
  return change;

  /** The category of a class: made anew, or, where it is there already, with the hazards of what comes in added to its own. */
  function targetOf(groupName: string, members: readonly ClassMember[]): string {
    const there = categories.find(
      (category) => category.scheme === result.scheme && category.name === titled(groupName),
    );
    const traits = classTraits(members);
    if (there) {
      const hazards = union(there.hazards, traits.hazards);
      const values = {
        hazards,
        lid: there.lid || traits.lid,
        lightSensitive: there.lightSensitive || traits.lightSensitive,
        supervised: there.supervised || traits.supervised,
      };
      if (
        hazards.length !== there.hazards.length ||
        values.lid !== there.lid ||
        values.lightSensitive !== there.lightSensitive ||
        values.supervised !== there.supervised
      )
        change.update.push({ table: 'category', id: there.id, version: there.version, values });
      return there.id;
    }
    if (!familyId) {
      familyId = newId();
      change.create.push({
        table: 'family',
        id: familyId,
        values: {
          name: familyName,
          hue: HUE[result.scheme] ?? 'oak',
          pictogram: 'package-open',
          sort: families.length,
          granularity: null,
        },
      });
    }
    const id = newId();
    names.set(id, titled(groupName));
    change.create.push({
      table: 'category',
      id,
      values: { ...traits, familyId, starter: null, name: titled(groupName), scheme: result.scheme },
    });
    return id;
  }

  /** Every bin goes with most of what is in it, but with what is kept safe wherever any of that is in it. */
  function moveBins(): void {
    const contents = contentsOf({ ...data, categories: classes });
    const safe = new Set(result.groups.filter((group) => group.safe).flatMap((group) => group.lineIds));
    const fates = data.bins.map((bin) => {
      const litres = new Map<string, number>();
      for (const line of contents.get(bin.id)?.lines ?? []) {
        const to = goesTo.get(line.id);
        if (!to) continue;
        const weight =
          (litresOfLine(line, classes.get(line.categoryId ?? ''), site) ?? 0) + 1e-6 + (safe.has(line.id) ? 1e9 : 0);
        litres.set(to, (litres.get(to) ?? 0) + weight);
      }
      const to =
        [...litres].reduce<[string, number] | null>((a, b) => (a === null || b[1] > a[1] ? b : a), null)?.[0] ?? null;
      return { bin, to };
    });
    const moved = new Set(
      change.update
        .filter(({ table }) => table === 'line')
        .flatMap(({ id }) => [byLine.get(id)!.categoryId, goesTo.get(id)]),
    );
    for (const [to, own] of groupedBy(fates, ({ to }) => to)) {
      const name = names.get(to)!;
      const touched = moved.has(to);
      const most = touched ? Math.max(1, promised.get(to) ?? own.length) : own.length;
      const sources = new Set(own.map(({ bin }) => bin.categoryId));
      // Those that hold most stay; the others are free.
      const sorted = [...own].sort(
        (a, b) => (contents.get(b.bin.id)?.reckoned ?? 0) - (contents.get(a.bin.id)?.reckoned ?? 0),
      );
      sorted.forEach(({ bin }, i) => {
        if (i >= most) return empty(bin);
        const called = most > 1 && own.length > 1 ? `${name} ${i + 1}` : name;
        const isSame = bin.categoryId === to;
        const fate =
          !touched && isSame ? 'kept' : sources.size > 1 || own.length > most ? 'joined' : isSame ? 'kept' : 'renamed';
        const values: Record<string, unknown> = {};
        if (!isSame) values.categoryId = to;
        if (touched && bin.lineIds.length) values.lineIds = [];
        const rename = !isSame || (touched && own.length > most);
        if (rename && bin.name !== called) values.name = called;
        if (Object.keys(values).length) change.update.push({ table: 'bin', id: bin.id, version: bin.version, values });
        const then = (values.name as string | undefined) ?? bin.name;
        change.bins.push({
          code: bin.code,
          name: bin.name,
          to: then,
          fate,
          newLabel: data.printed.has(bin.id) && then !== bin.name,
        });
      });
    }
    for (const { bin, to } of fates) if (to === null) keepOrEmpty(bin);
  }

  /** A bin with nothing in it: emptied if its things have gone elsewhere, else as it was. */
  function keepOrEmpty(bin: Bin): void {
    const had = ofCategory.get(bin.categoryId)?.some((line) => line.roomId === bin.roomId);
    if (had) empty(bin);
    else change.bins.push({ code: bin.code, name: bin.name, to: bin.name, fate: 'kept', newLabel: false });
  }
  function empty(bin: Bin): void {
    change.remove.push({ table: 'bin', id: bin.id, version: bin.version });
    change.bins.push({ code: bin.code, name: bin.name, to: '', fate: 'emptied', newLabel: false });
  }
}
