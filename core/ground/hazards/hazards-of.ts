/** The hazards of what is in a bin: of its category, of its words, and of the sizes of what is in it. Nothing is lost on the way. */
import type { Category, HazardId, Line, Person } from '../model/entities.ts';
import type { Contents } from '../contents/contents.ts';
import { kindOf, starterOf } from '../starter/library.ts';
import { harmlessInWords, hazardsInWords } from './danger-words.ts';

/** The small-parts cylinder, mm (docs/practice.md, Hazards: H2), and the smallest ball that does not stick in a throat. */
export const SMALL_PARTS = { across: 31.7, deep: 57.1, ball: 44 };

type Sized = Pick<Line, 'name' | 'length' | 'width' | 'height'>;

/** Whether a piece of that size fits the small-parts cylinder, as a box in any position, or is too small a ball. */
export function isSmallPart({ name, length, width, height }: Sized): boolean {
  if (!length || !width) return false;
  const [least, middle, longest] = [length, width, height ?? width].sort((a, b) => a - b) as [number, number, number];
  if (/\b(balls?|marbles?)\b/i.test(name) && longest < SMALL_PARTS.ball) return true;
  return Math.hypot(least, middle) <= SMALL_PARTS.across && longest <= SMALL_PARTS.deep;
}

/** Whether its told sides say that no piece of it is a small part: longer than the cylinder is deep, a ball large enough. */
function isLargePart({ name, length, width, height }: Sized): boolean {
  if (!length || SWALLOWED.test(name)) return false;
  const longest = Math.max(length, width ?? 0, height ?? 0);
  return longest > SMALL_PARTS.deep || (/\b(?:balls?|beads?|marbles?)\b/i.test(name) && longest >= SMALL_PARTS.ball);
}
/** What chokes or comes apart at any size. */
const SWALLOWED = /\b(?:balloons?|glitter|confetti|sequins|assorted|mixed)\b/i;

/** What suffocates, however short it is. */
const FILM = /\b(?:bags?|sacks?|film|wrap|liners?|foil)\b/i;
/** Cords, ribbons and strings no longer than that do not strangle, mm (docs/practice.md, Hazards: H6). */
const SHORT_CORD = 220;
const isShortCord = ({ name, length, width, height }: Sized): boolean =>
  length !== null && Math.max(length, width ?? 0, height ?? 0) <= SHORT_CORD && !FILM.test(name);

/** The names of a bin and its category, and names and notes of what is in it. */
export const wordsOf = (category: Pick<Category, 'name'>, binName: string, kept: readonly Line[]): string =>
  [binName, category.name, ...kept.flatMap((line) => [line.name, line.note])].join('; ');

/**
 * @param inside what is in the bin
 * @param people of the site: what children are named for by rule of the house is no hazard of its words alone
 * @example hazardsOf(category, 'Craft knives', contents, people).has('H4') // true
 */
export function hazardsOf(
  category: Pick<Category, 'name' | 'hazards' | 'users' | 'packingKind' | 'starter'>,
  binName: string,
  { lines: kept, hazards: broughtAlong }: Pick<Contents, 'lines' | 'hazards'>,
  people: readonly Pick<Person, 'id' | 'kind'>[],
): Set<HazardId> {
  const byRule = category.users.some((id) => people.find((person) => person.id === id)?.kind === 'child');
  const hazards = new Set<HazardId>([...category.hazards, ...broughtAlong]);
  for (const hazard of hazardsInWords(wordsOf(category, binName, kept)))
    if (hazard !== 'H4' || !byRule) hazards.add(hazard);
  for (const line of kept) {
    // A toy knife is no knife, whatever kind of thing it was taken for.
    const harmless = harmlessInWords(line.name);
    for (const hazard of kindOf(line.kind)?.hazards ?? [])
      if ((hazard !== 'H4' || !byRule) && !harmless.includes(hazard)) hazards.add(hazard);
  }
  if (category.packingKind !== 'soft' && kept.some((line) => line.measure === 'pieces' && isSmallPart(line)))
    hazards.add('H2');
  // Told sizes say it better than the usual one of the kind; what somebody ticked by hand stays.
  const byHand = (hazard: HazardId) =>
    category.hazards.includes(hazard) && !starterOf(category.starter ?? '')?.hazards.includes(hazard);
  if (!byHand('H2') && kept.length && !SWALLOWED.test(category.name) && kept.every(isLargePart)) hazards.delete('H2');
  if (!byHand('H6') && kept.length && !FILM.test(category.name) && kept.every(isShortCord)) hazards.delete('H6');
  return hazards;
}
