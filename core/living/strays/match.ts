/** What a stray piece belongs to: sets with pieces missing first, then things and kinds of that name, then persons (practice F2). */
import { plural } from '../../ground/notation/plural.ts';
import { hazardsInWords } from '../../ground/hazards/danger-words.ts';
import { indexNames, likest } from '../../ground/matching/name-index.ts';
import { stems } from '../../ground/matching/words.ts';
import type { Line, Person, SiteData } from '../../ground/model/entities.ts';

export interface StrayMatch {
  kind: 'set' | 'thing' | 'class' | 'person';
  /** Of the line, the category or the person. */
  id: string;
  name: string;
  /** Where it goes, in words; empty for a person. */
  goes: string;
  /** From 0 to about 1. */
  likeness: number;
  because: string;
}

type Data = Pick<SiteData, 'line' | 'category' | 'bin' | 'person'>;
/** Less alike than that is no proposal. */
const LEAST = 0.3;
/** A set that misses pieces waits for them. */
const MISSES = 0.25;

/**
 * @param what the piece as somebody called it: `blue wheel`
 * @returns the likeliest first, no more than `most`
 */
export function matchStray(what: string, data: Data, most = 5): StrayMatch[] {
  const lines = data.line.filter(({ decision }) => decision === 'keep');
  const dangers = new Set(hazardsInWords(what));
  const binOf = (lineId: string, categoryId: string | null) =>
    data.bin.find(({ lineIds }) => lineIds.includes(lineId)) ??
    data.bin.find((bin) => bin.categoryId === categoryId && !bin.lineIds.length);
  const goesTo = (bin: { code: string; name: string } | undefined): string =>
    bin ? `${bin.code} ${bin.name}` : 'no bin yet';
  const lineIndex = indexNames(lines.map(({ name, note }) => (note ? [name, `${name} ${note}`] : [name])));
  const fromLines = likest(what, lineIndex).map(({ entry, likeness }): StrayMatch => {
    const line = lines[entry]!;
    const missing = line.setPieces ? line.setMissing : 0;
    return {
      kind: missing ? 'set' : 'thing',
      id: line.id,
      name: line.name,
      goes: goesTo(binOf(line.id, line.categoryId)),
      likeness: likeness + (missing ? MISSES : 0),
      because: missing ? missingWords(line) : 'of that name',
    };
  });
  // A set whose class is named takes its pieces too: the card of a game, the piece of a puzzle.
  const classIndex = indexNames(data.category.map(({ name, synonyms }) => [name, ...synonyms]));
  const fromClasses = likest(what, classIndex).flatMap(({ entry, likeness }): StrayMatch[] => {
    const category = data.category[entry]!;
    const sets = lines.filter((line) => line.categoryId === category.id && line.setPieces && line.setMissing > 0);
    const bins = data.bin.filter(({ categoryId }) => categoryId === category.id);
    return [
      ...sets.map((line): StrayMatch => ({
        kind: 'set',
        id: line.id,
        name: line.name,
        goes: goesTo(binOf(line.id, line.categoryId)),
        likeness: likeness + MISSES,
        because: `one of ${category.name}; ${missingWords(line)}`,
      })),
      ...(bins.length
        ? [
            {
              kind: 'class' as const,
              id: category.id,
              name: category.name,
              goes: goesTo(bins[0]),
              // What is as dangerous is what it is, before what is only called alike.
              likeness: likeness + (category.hazards.some((hazard) => dangers.has(hazard)) ? MISSES : 0),
              because: 'that is where such things are kept',
            },
          ]
        : []),
    ];
  });
  const words = new Set(stems(what));
  const fromPeople = data.person.flatMap((person): StrayMatch[] =>
    stems(person.name).some((word) => words.has(word)) ? [matchOfPerson(person)] : [],
  );
  const best = new Map<string, StrayMatch>();
  for (const match of [...fromPeople, ...fromLines, ...fromClasses]) {
    const key = `${match.kind === 'set' ? 'thing' : match.kind} ${match.id}`;
    if (match.likeness >= LEAST && match.likeness > (best.get(key)?.likeness ?? 0)) best.set(key, match);
  }
  return [...best.values()].sort((a, b) => b.likeness - a.likeness || a.name.localeCompare(b.name)).slice(0, most);
}

const missingWords = ({ setPieces, setMissing }: Line): string =>
  `${setMissing} of its ${setPieces} pieces ${plural(setMissing, 'is', 'are')} missing`;

const matchOfPerson = ({ id, name }: Person): StrayMatch => ({
  kind: 'person',
  id,
  name,
  goes: '',
  likeness: 1,
  because: 'named so',
});

/** How many lie in a tray before it says that it is full, and for how many days one of them. */
export const TRAY_LIMIT = 20;
export const TRAY_DAYS = 14;
