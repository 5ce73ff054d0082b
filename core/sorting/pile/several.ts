/** Several things in one line: `scissors, glue and tape` are three, `needles and pins` one. */
import { kindNamed, knownCategories, proposeCategories } from '../../ground/matching/propose.ts';
import { wordKey } from '../../ground/matching/phrase.ts';
import { KINDS } from '../../ground/starter/library.ts';
import { plain } from '../../ground/matching/words.ts';
import type { LengthSystem } from '../../ground/model/site.ts';
import { isParsedLine, parseLine, type ReadOptions } from './parse-line.ts';
import { tidy } from './reading/token.ts';

const BETWEEN = /\s*(?:[,;+&]|\b(?:and|plus)\b)\s*/i;
/** What joins them, other than a comma: behind one comma stands as often what the thing is like. */
const JOINED = /[+&]|\b(?:and|plus)\b/i;
/** What belongs together whatever it consists of. */
const TOGETHER = /[():]|\b(?:set|sets|kit|kits|mixed|assorted|game|puzzle|costume)\b/i;
/** A number in words (a hundred and fifty, two and a half), or more of the same (and one without a clip). */
const NUMBER =
  /\b(?:and|,)\s+(?:one|none|some|another|others|the rest|a few)\b|\b(?:hundred|thousand)\s+and\b|\band\s+(?:a\s+)?(?:half|quarter)\b/i;
const MOST = 6;
/** A part whose category is less sure than that is none: it may tell how the thing before it is. */
const SURE = 0.6;

/** Names of the library that say two things of one: bucket and spade. */
let joined: Set<string> | null = null;
const oneName = (): Set<string> =>
  (joined ??= new Set(KINDS.flatMap(({ names }) => names.filter((name) => BETWEEN.test(name)).map(wordKey))));

/**
 * The texts of the things that a line names one after the other, each with what is said of all of them (a decision, a day);
 * empty where it names one thing, or so many in one vessel that nobody can say how much there is of each.
 * @example severalThings('scissors, glue and tape') // ['scissors', 'glue', 'tape']
 */
export function severalThings(text: string, system: LengthSystem = 'metric', options: ReadOptions = {}): string[] {
  const pieces = text.split(BETWEEN).map(tidy).filter(Boolean);
  if (pieces.length < 2) return [];
  const whole = parseLine(text, system, options);
  if (!isParsedLine(whole) || whole.measure !== 'pieces' || whole.setPieces !== null || TOGETHER.test(text)) return [];
  if (NUMBER.test(text) || oneName().has(wordKey(whole.name))) return [];
  const ofAll = whole.tokens.filter(({ kind }) => kind === 'decision' || kind === 'day' || kind === 'condition');
  const said = new Set(ofAll.map((token) => plain(token.said)));
  const things = pieces.filter((piece) => !said.has(plain(piece)));
  if (things.length < 2 || things.length > MOST || (things.length === 2 && !JOINED.test(text))) return [];
  const known = knownCategories([]);
  const categories = new Set<string>();
  for (const thing of things) {
    const read = parseLine(thing, system, options);
    const [best] = isParsedLine(read) && kindNamed(read.name) ? proposeCategories(read.name, known, 1) : [];
    if (!best || best.perhaps || best.likeness < SURE) return [];
    categories.add(best.name);
  }
  if (categories.size < 2) return [];
  const tail = pieces.filter((piece) => said.has(plain(piece)));
  return things.map((thing) => [thing, ...tail].join(', '));
}
