/** What must not stand in one compartment, or above another (hazards H5, H11, H15), as bits that a search can look at millions of times. */
import type { Compartment, HazardId, Zone } from '../model/entities.ts';
import { isFlammable, isFood, isForChanging, isPaper } from './danger-words.ts';

export const NATURE = { hot: 1, burns: 2, chemical: 4, food: 8, changing: 16 } as const;
/** Both ways: what is of the one is not beside the other. */
const APART: readonly (readonly [number, number])[] = [
  [NATURE.hot, NATURE.burns],
  [NATURE.chemical, NATURE.food],
  [NATURE.changing, NATURE.food],
];

/** In one piece of furniture the first is not above the second, from where it could drip on it. */
const NOT_ABOVE: readonly (readonly [number, number])[] = [
  [NATURE.chemical, NATURE.food],
  [NATURE.changing, NATURE.food],
];

interface Told {
  words: string;
  hazards: ReadonlySet<HazardId>;
  zoneKind: Zone['kind'];
}

export function natureOf({ words, hazards, zoneKind }: Told): number {
  const chemical = hazards.has('H5');
  const hot = hazards.has('H15');
  // Nappies of the lunch group are no food.
  const food = isFood(words) && !isForChanging(words);
  return (
    (hot ? NATURE.hot : 0) |
    (!hot && (chemical || isFlammable(words) || isPaper(words)) ? NATURE.burns : 0) |
    (chemical && !food ? NATURE.chemical : 0) |
    (food && !chemical ? NATURE.food : 0) |
    ((zoneKind === 'changing' || isForChanging(words)) && !food ? NATURE.changing : 0)
  );
}

/** Natures beside which it must not stand. */
export const notBeside = (nature: number): number =>
  APART.reduce((apart, [one, other]) => apart | (nature & one ? other : 0) | (nature & other ? one : 0), 0);

/** Natures above which it must not stand, in one piece of furniture. */
export const notAbove = (nature: number): number =>
  NOT_ABOVE.reduce((under, [upper, lower]) => under | (nature & upper ? lower : 0), 0);
/** Natures beneath which it must not stand. */
export const notBeneath = (nature: number): number =>
  NOT_ABOVE.reduce((over, [upper, lower]) => over | (nature & lower ? upper : 0), 0);

/** Whether what leaks in one compartment could drip into the other: it lies higher in the same piece of furniture, over any part of it. */
export const isOver = (
  upper: Pick<Compartment, 'unitId' | 'floor' | 'x' | 'width'>,
  lower: Pick<Compartment, 'unitId' | 'floor' | 'x' | 'width'>,
): boolean =>
  upper.unitId === lower.unitId &&
  lower.floor < upper.floor &&
  lower.x < upper.x + upper.width &&
  upper.x < lower.x + lower.width;
