/** From the groups of a scheme to what has to be written: categories of the scheme, and the lines in them. */
import { defaultsOf } from '../model/defaults.ts';
import type { Category, Family, Line } from '../model/entities.ts';
import { handMade, SCHEMES, type SchemeResult } from './schemes.ts';

export interface Regrouping {
  what: string;
  create: { table: 'family' | 'category'; id: string; values: Record<string, unknown> }[];
  update: { table: 'line'; id: string; version: number; values: Partial<Line> }[];
}

const HUE: Record<string, string> = {
  activity: 'plum',
  material: 'moss',
  person: 'slate',
  stage: 'spruce',
  colour: 'rose',
  theme: 'straw',
};

/**
 * Moves every line into the category of its group. Groups that the scheme does not tell, and lines in categories made
 * by hand, go back to (or stay with) their kind, which each line keeps in mind.
 * @param newId makes an id for each new row
 */
export function regroup(
  result: SchemeResult,
  lines: readonly Line[],
  categories: readonly Category[],
  families: readonly Family[],
  newId: () => string,
): Regrouping {
  const { name } = SCHEMES.find((scheme) => scheme.key === result.scheme)!;
  const byId = new Map(categories.map((category) => [category.id, category]));
  const byLine = new Map(lines.map((line) => [line.id, line]));
  const change: Regrouping = { what: `sort by ${name.toLowerCase()}`, create: [], update: [] };
  const familyName = `By ${name.toLowerCase()}`;
  let familyId = families.find((family) => family.name === familyName)?.id;
  for (const group of result.groups) {
    let target: string | null = null;
    if (group.told && result.scheme !== 'kind') {
      target =
        categories.find((category) => category.scheme === result.scheme && category.name === titled(group.name))?.id ??
        null;
      if (!target) {
        if (!familyId) {
          familyId = newId();
          const values = {
            name: familyName,
            hue: HUE[result.scheme] ?? 'oak',
            pictogram: 'package-open',
            sort: families.length,
            granularity: null,
          };
          change.create.push({ table: 'family', id: familyId, values });
        }
        target = newId();
        change.create.push({
          table: 'category',
          id: target,
          values: likeCategory(group, byId, familyId, result.scheme),
        });
      }
    }
    for (const id of group.lineIds) {
      const line = byLine.get(id)!;
      const category = byId.get(line.categoryId ?? '');
      if (category && handMade(category)) continue;
      const kind = line.attributes.kind ?? (category && category.scheme === null ? category.name : undefined);
      const to =
        target ??
        categories.find((category) => category.scheme === null && category.name === kind)?.id ??
        line.categoryId;
      if (to === line.categoryId) continue;
      const attributes = kind ? { ...line.attributes, kind } : line.attributes;
      change.update.push({ table: 'line', id, version: line.version, values: { categoryId: to, attributes } });
    }
  }
  return change;
}

/** What a category made by a scheme takes over from what most of it was. */
const TRAITS = [
  'pictogram',
  'packingKind',
  'hazards',
  'view',
  'lid',
  'lightSensitive',
  'density',
  'zoneKind',
  'perWeek',
] as const satisfies readonly (keyof Category)[];

const titled = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/** A category of a scheme lies and is looked after as most of what is in it. */
function likeCategory(
  group: SchemeResult['groups'][number],
  byId: ReadonlyMap<string, Category>,
  familyId: string,
  scheme: string,
): Record<string, unknown> {
  const like = byId.get(group.like ?? '');
  const fresh = defaultsOf('category');
  const traits = Object.fromEntries(TRAITS.map((trait) => [trait, like?.[trait] ?? fresh[trait]]));
  return {
    ...fresh,
    ...traits,
    users: like?.users ?? [],
    familyId,
    starter: null,
    name: titled(group.name),
    scheme,
  };
}
