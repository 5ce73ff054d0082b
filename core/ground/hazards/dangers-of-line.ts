/** What is dangerous about a thing that is told, for the children there are: said where it is decided about (practice H2 to H6, H15). */
import type { Category, HazardId, Line, Person } from '../model/entities.ts';
import { plural } from '../notation/plural.ts';
import { hazardsOf } from './hazards-of.ts';
import { isYoung, keptFromChildren } from './kept-from-children.ts';

export interface LineDanger {
  hazard: HazardId;
  words: string;
}

const WORDS: Readonly<Record<Exclude<HazardId, 'H14'>, string>> = {
  H2: 'Small parts choke: out of reach of children under three, and of those who put things into their mouths.',
  H3: 'Swallowed, these are an emergency: lock them away, or keep them out of the house while children are small.',
  H4: 'Sharp or hot: out of reach of children, or locked.',
  H5: 'Poisonous or burning: locked, in its own container, away from food and heat.',
  H6: 'Bags, film and cords choke and strangle: away from young children, beds and cots.',
  H15: 'It gets hot: never stored warm, nor beside sprays or paper; out of reach.',
};

type Told = Pick<Line, 'name' | 'note' | 'kind' | 'length' | 'width' | 'height' | 'measure'>;
type Class = Pick<Category, 'name' | 'hazards' | 'users' | 'packingKind' | 'starter'>;
const NOTHING_KNOWN: Class = { name: '', hazards: [], users: [], packingKind: 'rigid', starter: null };

/**
 * Names the dangers of a line that is typed, bought or planned, as far as there are children for whom they are some.
 * @param category what is known of the class it belongs to: one of the library has no users yet; undefined where none is known
 * @param people who comes into the room, or all of the house
 * @param today ISO date
 * @returns the most urgent first; empty where no child comes
 * @example dangersOfLine(line, category, people, '2026-12-01').map(({ hazard }) => hazard)
 */
export function dangersOfLine(
  line: Told,
  category: Partial<Class> | undefined,
  people: readonly Person[],
  today: string,
): LineDanger[] {
  const children = people.filter(({ kind }) => kind === 'child');
  if (!children.length) return [];
  const own = { ...NOTHING_KNOWN, ...category };
  const hazards = hazardsOf(own, '', { lines: [line as Line], hazards: [] }, people);
  const young = children.filter((child) => isYoung([child], today));
  const who = young.length
    ? ` ${young.length === 1 ? young[0]!.name : `${young.length} children`} ${plural(young.length, 'is', 'are')} that young.`
    : '';
  return (['H3', 'H5', 'H4', 'H15', 'H2', 'H6'] as const)
    .filter((hazard) => hazards.has(hazard) && (young.length > 0 || (hazard !== 'H2' && hazard !== 'H6')))
    .map((hazard) => ({ hazard, words: `${WORDS[hazard]}${hazard === 'H2' || hazard === 'H3' ? who : ''}` }));
}

/** Whether a thing may stand where the children of a room take things themselves. */
export const mayBeOut = (
  line: Told,
  category: Partial<Class> | undefined,
  people: readonly Person[],
  today: string,
): boolean => {
  const hazards = dangersOfLine(line, category, people, today).map(({ hazard }) => hazard);
  return !keptFromChildren({ hazards, supervised: false }, isYoung(people, today));
};
