/** What a class takes over from everything that is put into it: no hazard, lid or shelter from light is lost on the way. */
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { FieldsOf } from '../../ground/model/entity.ts';
import type { Category, Line } from '../../ground/model/entities.ts';
import { hazardsOf } from '../../ground/hazards/hazards-of.ts';
import { OUT_OF_REACH } from '../../ground/hazards/kept-from-children.ts';

const MAX_PER_WEEK = 500;

export const union = <T>(...lists: readonly (readonly T[])[]): T[] => [...new Set(lists.flat())];

/** An empty list means everybody: with everybody it stays empty. */
const together = (lists: readonly (readonly string[])[]): string[] =>
  lists.length && lists.every((list) => list.length) ? union(...lists) : [];

/** A line with the category it comes from, and the litres it takes. */
export interface ClassMember {
  line: Line;
  category: Category | undefined;
  litres: number;
  /** Its share of the weekly uses of its category. */
  perWeek: number;
}

/**
 * Hazards, lid, light and view of a class are the union of what is in it; how it lies and where it is used is as with
 * most of it.
 */
export function classTraits(
  members: readonly ClassMember[],
): Omit<FieldsOf<Category>, 'familyId' | 'name' | 'starter' | 'scheme'> {
  const {
    familyId: _familyId,
    name: _name,
    starter: _starter,
    scheme: _scheme,
    ...fresh
  } = defaultsOf('category') as FieldsOf<Category>;
  const categories = [
    ...new Map(members.flatMap(({ category }) => (category ? [[category.id, category] as const] : []))).values(),
  ];
  if (!categories.length) return fresh;
  const litresOf = new Map<string, number>();
  for (const { category, litres } of members)
    if (category) litresOf.set(category.id, (litresOf.get(category.id) ?? 0) + litres);
  const most = categories.reduce((a, b) => (litresOf.get(b.id)! > litresOf.get(a.id)! ? b : a));
  const all = [...litresOf.values()].reduce((sum, litres) => sum + litres, 0);
  const mean = (of: (category: Category) => number): number =>
    all > 0 ? categories.reduce((sum, category) => sum + of(category) * litresOf.get(category.id)!, 0) / all : of(most);
  return {
    ...fresh,
    pictogram: most.pictogram,
    packingKind: most.packingKind,
    zoneKind: most.zoneKind,
    hazards: union(...categories.map((category) => category.hazards)),
    lid: categories.some((category) => category.lid),
    lightSensitive: categories.some((category) => category.lightSensitive),
    supervised: categories.some((category) => category.supervised),
    // Hidden goes before shown: what is private stays so.
    view: categories.some((category) => category.view === 'hide')
      ? 'hide'
      : categories.some((category) => category.view === 'show')
        ? 'show'
        : null,
    density: mean((category) => category.density),
    bulkCorrection: mean((category) => category.bulkCorrection),
    perWeek: Math.min(
      MAX_PER_WEEK,
      members.reduce((sum, { perWeek }) => sum + perWeek, 0),
    ),
    users: together(categories.map((category) => category.users)),
    tidiers: together(categories.map((category) => category.tidiers)),
  };
}

/** Whether a line belongs where children do not get at it: it never shares a class with what they use. */
export const isKeptSafe = (line: Line, category: Category | undefined): boolean =>
  [
    ...hazardsOf(
      category ?? { name: '', hazards: [], users: [], packingKind: 'rigid', starter: null },
      '',
      { lines: [line], hazards: [] },
      [],
    ),
  ].some((hazard) => OUT_OF_REACH.includes(hazard));
