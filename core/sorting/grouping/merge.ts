/** Categories made one, or parted: what has to be written so that no line, no bin and no hazard is lost. */
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { FieldsOf } from '../../ground/model/entity.ts';
import type { Category } from '../../ground/model/entities.ts';
import { union } from './class-traits.ts';

/** Other words for a category that are kept at most. */
const MAX_SYNONYMS = 40;
const MAX_PER_WEEK = 500;

/** What the first becomes when the others go into it: their names are other words for it, every caution of theirs is its own. */
export const mergedTraits = (into: Category, others: readonly Category[]): Partial<FieldsOf<Category>> => ({
  synonyms: union(
    into.synonyms,
    others.flatMap((other) => [other.name, ...other.synonyms]).filter((word) => word !== into.name),
  ).slice(0, MAX_SYNONYMS),
  hazards: union(into.hazards, ...others.map((other) => other.hazards)),
  // An empty list means everybody: with everybody it stays empty.
  users:
    into.users.length && others.every((other) => other.users.length)
      ? union(into.users, ...others.map((other) => other.users))
      : [],
  perWeek: Math.min(MAX_PER_WEEK, into.perWeek + others.reduce((sum, other) => sum + other.perWeek, 0)),
  view: [into, ...others].some((category) => category.view === 'hide')
    ? 'hide'
    : (into.view ?? others.find((other) => other.view)?.view ?? null),
  lid: into.lid || others.some((other) => other.lid),
  supervised: into.supervised || others.some((other) => other.supervised),
  lightSensitive: into.lightSensitive || others.some((other) => other.lightSensitive),
});

/** A category of its own for part of another: it lies and is used like the one it comes from. */
export function partedCategory(from: Category | undefined, name: string, familyId: string): FieldsOf<Category> {
  const { id: _id, version: _version, siteId: _siteId, ...like }: Partial<Category> = from ?? {};
  return { ...defaultsOf('category'), ...like, synonyms: [], starter: null, scheme: null, limit: null, name, familyId };
}
