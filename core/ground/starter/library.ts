/** The starter library: what people usually own, in families, with how it lies and its usual hazards. */
import { PLAY } from './play.ts';
import { MAKING } from './making.ts';
import { LEARNING } from './learning.ts';
import { HOUSE } from './house.ts';
import type { StarterCategory, StarterFamily } from './define.ts';
import { readKinds, type Kind } from './kind.ts';
import { PLAY_KINDS } from './kinds/play.ts';
import { MAKING_KINDS } from './kinds/making.ts';
import { LEARNING_KINDS } from './kinds/learning.ts';
import { HOUSE_KINDS } from './kinds/house.ts';

export type { Kind, StarterCategory, StarterFamily };

export const STARTER_FAMILIES: readonly StarterFamily[] = [...PLAY, ...MAKING, ...LEARNING, ...HOUSE];
export const STARTER_CATEGORIES: readonly StarterCategory[] = STARTER_FAMILIES.flatMap((family) => family.categories);

const byKey = new Map(STARTER_CATEGORIES.map((category) => [category.key, category]));

/** Every kind of thing that is known by a name: one for each category as such, and closer ones. */
export const KINDS: readonly Kind[] = readKinds(
  [PLAY_KINDS, MAKING_KINDS, LEARNING_KINDS, HOUSE_KINDS],
  STARTER_CATEGORIES,
);
const kindByKey = new Map(KINDS.map((kind) => [kind.key, kind]));
/** @example kindOf('balls/football')?.piece // [220, 220, 220] */
export const kindOf = (key: string | null | undefined): Kind | undefined => (key ? kindByKey.get(key) : undefined);

/**
 * The entry of that key, or undefined for a category of the site's own.
 * @example starterOf('wool')?.family // 'Sewing and yarn'
 */
export const starterOf = (key: string | null): StarterCategory | undefined =>
  key === null ? undefined : byKey.get(key);
export const starterFamilyOf = (name: string): StarterFamily | undefined =>
  STARTER_FAMILIES.find((family) => family.name === name);
