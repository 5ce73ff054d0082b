/** From a school's groups to what has to be written: categories of the school, and the lines in them. */
import { FRESH_CATEGORY, FRESH_TRAITS } from '../model/fresh.ts';
import type { Category, Family, Line } from '../model/entities.ts';
import { handMade, SCHOOLS, type SchoolResult } from './schools.ts';

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
 * Moves every line into the category of its group. Groups that the school does not tell, and lines in categories made
 * by hand, go back to (or stay with) their kind, which each line keeps in mind.
 * @param newId makes an id for each new row
 */
export function regroup(
  result: SchoolResult,
  lines: readonly Line[],
  categories: readonly Category[],
  families: readonly Family[],
  newId: () => string,
): Regrouping {
  const { name } = SCHOOLS.find((school) => school.key === result.school)!;
  const byId = new Map(categories.map((category) => [category.id, category]));
  const byLine = new Map(lines.map((line) => [line.id, line]));
  const change: Regrouping = { what: `sort by ${name.toLowerCase()}`, create: [], update: [] };
  const familyName = `By ${name.toLowerCase()}`;
  let familyId = families.find((family) => family.name === familyName)?.id;
  for (const group of result.groups) {
    let target: string | null = null;
    if (group.told && result.school !== 'kind') {
      target =
        categories.find((category) => category.school === result.school && category.name === titled(group.name))?.id ??
        null;
      if (!target) {
        if (!familyId) {
          familyId = newId();
          const values = {
            name: familyName,
            hue: HUE[result.school] ?? 'oak',
            pictogram: 'package-open',
            sort: families.length,
            fine: null,
          };
          change.create.push({ table: 'family', id: familyId, values });
        }
        target = newId();
        change.create.push({
          table: 'category',
          id: target,
          values: likeCategory(group, byId, familyId, result.school),
        });
      }
    }
    for (const id of group.lineIds) {
      const line = byLine.get(id)!;
      const category = byId.get(line.categoryId ?? '');
      if (category && handMade(category)) continue;
      const kind = line.facets.kind ?? (category && category.school === null ? category.name : undefined);
      const to =
        target ??
        categories.find((category) => category.school === null && category.name === kind)?.id ??
        line.categoryId;
      if (to === line.categoryId) continue;
      const facets = kind ? { ...line.facets, kind } : line.facets;
      change.update.push({ table: 'line', id, version: line.version, values: { categoryId: to, facets } });
    }
  }
  return change;
}

const titled = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/** A category of a school lies and is looked after as most of what is in it. */
function likeCategory(
  group: SchoolResult['groups'][number],
  byId: ReadonlyMap<string, Category>,
  familyId: string,
  school: string,
): Record<string, unknown> {
  const like = byId.get(group.like ?? '');
  const traits = Object.fromEntries(
    (Object.keys(FRESH_TRAITS) as (keyof typeof FRESH_TRAITS)[]).map((key) => [key, like?.[key] ?? FRESH_TRAITS[key]]),
  );
  return {
    ...traits,
    synonyms: [],
    ...FRESH_CATEGORY,
    users: like?.users ?? [],
    familyId,
    starter: null,
    name: titled(group.name),
    school,
  };
}
