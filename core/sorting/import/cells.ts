/** Single cells of somebody's list, read the way people write them. Each reader returns null where it cannot be read. */
import { readDay } from '../pile/reading/day.ts';
import { readDecision } from '../pile/reading/decision.ts';
import { EVERYDAY_MEASURES } from '../../ground/contents/measures.ts';
import { parseLength } from '../../ground/notation/length.ts';
import type { LengthSystem } from '../../ground/model/site.ts';
import type { Decision } from '../../ground/model/entities.ts';
import { plain } from '../../ground/matching/words.ts';

/** `14`, `0,5`, `1 200`; anything else is null. */
export function readNumber(said: string): number | null {
  const text = said.trim().replace(/(\d)[\s'](?=\d{3}\b)/g, '$1');
  return /^\d+(?:[.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : null;
}

/** A length in mm; a bare number is centimetres, or inches where the site measures so. Null where it is none. */
export function readCellLength(said: string, system: LengthSystem): number | null {
  const text = said.trim();
  const bare = /^\d+(?:[.,]\d+)?$/.test(text);
  const mm = parseLength(bare ? `${text} ${system === 'imperial' ? 'in' : 'cm'}` : text);
  return mm !== null && mm > 0 && mm <= 20000 ? mm : null;
}

export interface ReadMeasure {
  /** `pieces`, or the key of an everyday measure. */
  measure: string;
  /** Each counts for so many: a pack of a hundred. */
  times: number;
  /** Grams: to be turned into litres by how heavy the kind is. */
  grams: boolean;
  /** What was said where it is only another word for a piece. */
  said: string;
}

const PIECE_WORDS = new Set(['', 'pc', 'pcs', 'piece', 'pieces', 'x', 'no', 'item', 'items', 'set', 'sets']);

export function readMeasure(said: string): ReadMeasure {
  const text = plain(said);
  const measure = EVERYDAY_MEASURES.find((measure) => measure.words.some((word) => plain(word) === text));
  if (measure) return { measure: measure.key, times: 1, grams: false, said: '' };
  if (/^(g|gram|grams|kg)$/.test(text)) return { measure: 'litre', times: text === 'kg' ? 1000 : 1, grams: true, said };
  const pack = /^(?:packs?|boxes|box|packets?) of (\d+)$/.exec(text);
  if (pack) return { measure: 'pieces', times: Number(pack[1]), grams: false, said };
  return { measure: 'pieces', times: 1, grams: false, said: PIECE_WORDS.has(text) ? '' : said.trim() };
}

export interface ReadFate {
  /** Null: it says that nobody has decided yet. */
  decision: Decision | null;
  due: string | null;
  /** Half of it stays, half goes. */
  half: boolean;
  /** Still to be tried out. */
  test: boolean;
}

/** `yes`, `keep half`, `test`, `return by 12/12/2026`; null where it says nothing known. */
export function readFate(said: string, today: string): ReadFate | null {
  const text = said.trim();
  const fate = (decision: Decision | null, more: Partial<ReadFate> = {}): ReadFate => ({
    decision,
    due: null,
    half: false,
    test: false,
    ...more,
  });
  if (/^(y|yes|ja|keep(ing)?|stays?( here)?|k|ok|okay|✓|✔|needed|in use)$/i.test(text)) return fate('keep');
  if (/^(\?+|tbd|tbc|undecided|unsure|not sure|don[’']?t know|maybe|open)$/i.test(text)) return fate(null);
  if (/^(repair|mend|fix)$/i.test(text)) return fate('decide later');
  if (/^(n|no|gone?|go|goes|out|no longer needed|not needed|surplus)$/i.test(text)) return fate('give away');
  if (/^(bin|tip|dump|skip|landfill)$/i.test(text)) return fate('bin');
  if (/^(online|auction|flea market|car boot( sale)?)$/i.test(text)) return fate('sell');
  if (/^keep half$/i.test(text)) return fate('keep', { half: true });
  if (/^test(ed)?$|^to test$/i.test(text)) return fate('keep', { test: true });
  const day = readDay(text, today);
  // The reader of typed lines wants a name beside the decision.
  const decided = readDecision(`thing, ${day?.rest ?? text}`) ?? readDecision(`${day?.rest ?? text} thing`);
  return decided ? fate(decided.value, { due: decided.value === 'keep' ? null : (day?.value ?? null) }) : null;
}
