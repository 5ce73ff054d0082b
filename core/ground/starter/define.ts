/** How one entry of the starter library is written down. */
import type { CategoryTraits, HazardId, PackingKind, ZoneKind } from '../model/entities.ts';

export interface StarterCategory extends CategoryTraits {
  /** Stable key, made of the name. */
  key: string;
  family: string;
  /** Usual size of one piece, mm, longest first; used where the line does not tell one. */
  piece: [length: number, width: number, height: number];
}

export interface StarterFamily {
  name: string;
  /** One of the hues of the theme, chosen to stay apart for colour-blind eyes. */
  hue: string;
  pictogram: string;
  categories: StarterCategory[];
}

/** name · synonyms · how it lies · usual piece in mm · grams a litre · pictogram · zone · uses a week · flags */
export type Entry = [string, string, PackingKind, [number, number, number], number, string, ZoneKind, number, string?];

export const keyOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Flags: `show`, `hide`, `lid`, `light`, `supervised` and hazard ids (docs/practice.md, Hazards). */
export function family(name: string, hue: string, pictogram: string, entries: Entry[]): StarterFamily {
  const categories = entries.map(
    ([title, synonyms, packingKind, piece, density, picture, zoneKind, perWeek, flags = '']): StarterCategory => {
      const words = flags.split(' ').filter(Boolean);
      return {
        key: keyOf(title),
        family: name,
        name: title,
        synonyms: synonyms
          .split(',')
          .map((word) => word.trim())
          .filter(Boolean),
        packingKind,
        piece,
        density,
        pictogram: picture,
        zoneKind,
        perWeek,
        view: words.includes('show') ? 'show' : words.includes('hide') ? 'hide' : null,
        lid: words.includes('lid'),
        lightSensitive: words.includes('light'),
        supervised: words.includes('supervised'),
        hazards: words.filter((word): word is HazardId => /^H\d+$/.test(word)),
      };
    },
  );
  return { name, hue, pictogram, categories };
}
