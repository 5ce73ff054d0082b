/** The starter library: what people usually own, in families, with how it lies and its usual hazards. */
import { PLAY } from './play.ts';
import { MAKING } from './making.ts';
import { LEARNING } from './learning.ts';
import { HOUSE } from './house.ts';
import type { StarterCategory, StarterFamily } from './define.ts';

export type { StarterCategory, StarterFamily };

export const STARTER_FAMILIES: readonly StarterFamily[] = [...PLAY, ...MAKING, ...LEARNING, ...HOUSE];
export const STARTER_CATEGORIES: readonly StarterCategory[] = STARTER_FAMILIES.flatMap((family) => family.categories);

const byKey = new Map(STARTER_CATEGORIES.map((category) => [category.key, category]));

/**
 * The entry of that key, or undefined for a category of the site's own.
 * @example starterOf('wool')?.family // 'Sewing and yarn'
 */
export const starterOf = (key: string | null): StarterCategory | undefined =>
  key === null ? undefined : byKey.get(key);
export const starterFamilyOf = (name: string): StarterFamily | undefined =>
  STARTER_FAMILIES.find((family) => family.name === name);
