/** Which category a name belongs to, and what kind of thing it is: the site's own words first, then the starter library. */
import type { Category } from '../model/entities.ts';
import { KINDS, STARTER_CATEGORIES, type Kind, type StarterCategory } from '../starter/library.ts';
import { partsOf } from './phrase.ts';
import { meaningOf, type Meaning } from '../vocabulary/meaning.ts';
import { isForeign } from './language.ts';
import { indexNames, isHead, likest, type Likeness, type NameIndex } from './name-index.ts';

export interface CategoryProposal {
  /** Id of the site's category, when it exists already. */
  categoryId: string | null;
  starter: StarterCategory | null;
  name: string;
  /** 0 … 1; below {@link MIN_LIKENESS} nothing is proposed. */
  likeness: number;
  /** By what the word is a kind of, and that is wide: to be asked about. */
  perhaps?: boolean;
}

/** Found by trial on lines of our own: below it, one shared common word (`paper`, `toy`) would be enough. */
export const MIN_LIKENESS = 0.45;

/** Everything a name can be compared with; made once and used for many lines. */
export interface KnownCategories {
  entries: { proposal: Omit<CategoryProposal, 'likeness'>; starter: string | null; edge: number }[];
  index: NameIndex;
}

/** The lists that were asked for last: a pile is told line by line, and every line asks for the same. */
const lately = new Map<string, KnownCategories>();
const KEPT_LISTS = 4;

export function knownCategories(
  categories: readonly Pick<Category, 'id' | 'name' | 'synonyms' | 'starter'>[],
): KnownCategories {
  const key = JSON.stringify(categories.map(({ id, name, synonyms, starter }) => [id, name, synonyms, starter]));
  const kept = lately.get(key) ?? indexCategories(categories);
  lately.delete(key);
  lately.set(key, kept);
  if (lately.size > KEPT_LISTS) lately.delete(lately.keys().next().value!);
  return kept;
}

function indexCategories(
  categories: readonly Pick<Category, 'id' | 'name' | 'synonyms' | 'starter'>[],
): KnownCategories {
  const used = new Set(categories.map((category) => category.starter));
  const entries = [
    ...categories.map((category) => ({
      names: [category.name, ...category.synonyms, ...namesOfKinds(category.starter)],
      proposal: { categoryId: category.id, starter: null, name: category.name },
      starter: category.starter,
      // What was named by hand was meant; of the library, a name in full says more than a synonym of one in use.
      edge: category.starter ? 0.02 : 0.05,
    })),
    ...STARTER_CATEGORIES.filter((starter) => !used.has(starter.key)).map((starter) => ({
      names: namesOfKinds(starter.key),
      proposal: { categoryId: null, starter, name: starter.name },
      starter: starter.key as string | null,
      edge: 0,
    })),
  ];
  return { entries, index: indexNames(entries.map((entry) => entry.names)) };
}

const namesByCategory = new Map<string, string[]>();
for (const kind of KINDS) {
  const names = namesByCategory.get(kind.category.key);
  if (names) names.push(...kind.names);
  else namesByCategory.set(kind.category.key, [...kind.names]);
}
const namesOfKinds = (starter: string | null): readonly string[] => namesByCategory.get(starter ?? '') ?? [];

/**
 * The likest categories of a name, best first; empty where nothing is likely.
 * @param most how many at the most
 * @example proposeCategories('felt tips', knownCategories(site.category), 1)[0]?.name // 'Felt-tip pens'
 */
export function proposeCategories(name: string, known: KnownCategories, most = 5): CategoryProposal[] {
  const proposals = proposed(name, known);
  const toy = forPlay(name, proposals[0]?.likeness ?? 0);
  const meant = toy && known.entries.find(({ starter }) => starter === toy.category.key)?.proposal;
  return (meant ? [{ ...meant, likeness: MEANT }, ...proposals.filter((one) => one.name !== meant.name)] : proposals)
    .slice(0, most)
    .map((proposal) => ({ ...proposal, likeness: Math.min(1, proposal.likeness) }));
}

function proposed(name: string, known: KnownCategories): CategoryProposal[] {
  const like = likest(name, known.index);
  const isOurs = !isForeign(name);
  const proposals: CategoryProposal[] = like
    .map(({ entry, likeness }) => {
      const { proposal, edge } = known.entries[entry]!;
      return { ...proposal, likeness: likeness + edge };
    })
    .filter((proposal) => proposal.likeness >= MIN_LIKENESS && (isOurs || isNamed(proposal)))
    .sort((a, b) => b.likeness - a.likeness || a.name.localeCompare(b.name));
  const meaning = isOurs ? meaningOf(name) : undefined;
  if (meaning === null && !isOwn(like)) return [];
  const meant = meaning && known.entries.find(({ starter }) => starter === meaning.kind.category.key)?.proposal;
  if (meant) {
    const isFirst = isMeant(meaning, name, like, known.index);
    const at = proposals.findIndex((proposal) => proposal.name === meant.name);
    if (isFirst) {
      if (at >= 0) proposals.splice(at, 1);
      proposals.unshift({ ...meant, likeness: meaning.perhaps ? MIN_LIKENESS : MEANT, perhaps: meaning.perhaps });
    } else if (at < 0) proposals.push({ ...meant, likeness: MIN_LIKENESS, perhaps: true });
  }
  return proposals;
}

/** How sure a category is that follows from what a word is a kind of. */
const MEANT = 0.7;
/** From there on the library's own names have it, where what it means is one word, or several. */
const OWN = [0.85, 0.7];

/** From there on a name that is known has it, where the last word is an animal. */
const FORM = 0.5;

/** In another language only what the site itself calls so is meant, never what sounds alike. */
const isNamed = ({ categoryId, likeness }: CategoryProposal): boolean => categoryId !== null && likeness >= OWN[0]!;

/** Whether the library has it, so that what its words mean elsewhere counts for nothing. */
const isOwn = ([best]: readonly Likeness[]): boolean => (best?.likeness ?? 0) >= OWN[0]!;

/** Whether what a word means says it better than the likest name, which has another word for what it is, or fewer of them. */
function isMeant(meaning: Meaning, name: string, [best]: readonly Likeness[], index: NameIndex): boolean {
  if (!best || best.likeness < MIN_LIKENESS) return true;
  // Several things, or how much of one: a name that is known says it, wherever it stands.
  if (!meaning.whole && /[&+]|\b(?:and|of)\b/i.test(name)) return false;
  const own = likest(partsOf(name)[0]?.join(' ') ?? name, index)[0]?.likeness ?? 0;
  // A hand puppet fox is a puppet: of most things there are some in the form of an animal.
  if (meaning.kind.category.key === 'toy-animals') return best.likeness < FORM;
  const several = meaning.words.length > 1 && !meaning.isDose;
  if (own >= OWN[several ? 1 : 0]!) return false;
  return several || meaning.isDose ? !meaning.perhaps : !isHead(meaning.words.at(-1)!, index);
}

/** What is said of things to play with. */
const PLAYED = /\b(?:toy|play|pretend|doll'?s?|dolls'|dolly'?s?|miniature)\b/i;
/** Of food and crockery plastic and wood say as much; of furniture that it is tiny. */
const MADE_FOR_PLAY = {
  food: /\b(?:plastic|wooden|felt|tiny)\b/i,
  furniture: /\b(?:tiny|miniature|doll'?s?|dolls'|dolly'?s?)\b/i,
};
/** What stands for things of a category where they are to play with, by the key of their category. */
const AS_TOYS: Readonly<Record<string, string>> = {
  'food-and-drink': 'play-food',
  'plates-and-cutlery': 'toy-kitchen-ware',
  'cups-and-bottles': 'toy-kitchen-ware',
  'pouring-and-spooning': 'toy-kitchen-ware',
  'office-machines': 'toy-kitchen-ware',
  furniture: 'dolls-house-furniture',
  lamps: 'dolls-house-furniture',
  'spare-clothes': 'doll-clothes',
  shoes: 'doll-clothes',
  'hats-and-gloves': 'doll-clothes',
  'hand-tools': 'tools-for-play',
  'first-aid-supplies': 'doctor-set',
  medicines: 'doctor-set',
};

/** A name in full. */
const FULL = 0.97;

/** A plastic banana is play food, a doll's jumper its clothes; undefined where the library has it by that very name, or it is for use. */
function forPlay(name: string, likeness: number): Kind | undefined {
  const isSaid = PLAYED.test(name);
  if (
    likeness >= (isSaid ? FULL : OWN[0]!) ||
    (!isSaid && !MADE_FOR_PLAY.food.test(name) && !MADE_FOR_PLAY.furniture.test(name))
  )
    return undefined;
  const bare = name
    .replace(PLAYED, ' ')
    .replace(MADE_FOR_PLAY.food, ' ')
    .replace(MADE_FOR_PLAY.furniture, ' ')
    .replace(/^\s*(?:a|an|the)\s|\s+of\s+a?\s*$/i, ' ')
    .trim();
  // A doll's bed is as large as a doll.
  if (!bare || /\b(?:cots?|beds?|cribs?|cradles?|high ?chairs?)\b/i.test(bare)) return undefined;
  kindIndex ??= indexNames(CLOSEST_FIRST.map((kind) => kind.names));
  const [best] = likest(bare, kindIndex);
  const kind = (best && best.likeness >= OWN[0]! ? CLOSEST_FIRST[best.entry] : undefined) ?? meaningOf(bare)?.kind;
  const key = kind && AS_TOYS[kind.category.key];
  if (!kind || !key) return undefined;
  // A toy chest is for toys.
  const said =
    key === 'dolls-house-furniture'
      ? MADE_FOR_PLAY.furniture.test(name)
      : isSaid || (kind.category.key === 'food-and-drink' && MADE_FOR_PLAY.food.test(name));
  return said ? CLOSEST_FIRST.find((one) => one.key === key) : undefined;
}

/** The closer kinds first: between equals the closer one is meant. */
const CLOSEST_FIRST = [
  ...KINDS.filter((kind) => kind.key !== kind.category.key),
  ...KINDS.filter((kind) => kind.key === kind.category.key),
];
let kindIndex: NameIndex | null = null;

/**
 * What kind of thing a name says, or undefined where the library knows none like it.
 * @example kindNamed('2 red hula hoops')?.piece // [700, 700, 20]
 */
export function kindNamed(name: string): Kind | undefined {
  kindIndex ??= indexNames(CLOSEST_FIRST.map((kind) => kind.names));
  if (isForeign(name)) return undefined;
  const like = likest(name, kindIndex);
  const toy = forPlay(name, like[0]?.likeness ?? 0);
  if (toy) return toy;
  const meaning = meaningOf(name);
  if (meaning === null && !isOwn(like)) return undefined;
  if (meaning && isMeant(meaning, name, like, kindIndex)) return meaning.kind;
  const [best] = like;
  return best && best.likeness >= MIN_LIKENESS ? CLOSEST_FIRST[best.entry] : undefined;
}
