/** What must not stand in one compartment (hazards H5, H11, H15), as bits that a search can look at millions of times. */
import type { HazardId, Zone } from '../model/entities.ts';
import { isFlammable, isFood, isPaper } from './words.ts';

export const NATURE = { hot: 1, burns: 2, chemical: 4, food: 8, changing: 16 } as const;
/** Both ways: what is of the one is not beside the other. */
const APART: readonly (readonly [number, number])[] = [
  [NATURE.hot, NATURE.burns],
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
  const food = isFood(words);
  return (
    (hot ? NATURE.hot : 0) |
    (!hot && (chemical || isFlammable(words) || isPaper(words)) ? NATURE.burns : 0) |
    (chemical && !food ? NATURE.chemical : 0) |
    (food && !chemical ? NATURE.food : 0) |
    (zoneKind === 'changing' && !food ? NATURE.changing : 0)
  );
}

/** Natures beside which it must not stand. */
export const notBeside = (nature: number): number =>
  APART.reduce((apart, [one, other]) => apart | (nature & one ? other : 0) | (nature & other ? one : 0), 0);
