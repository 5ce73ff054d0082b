/** Reads one line of the pile as people type it: `3 shoeboxes wooden blocks`, `40 picture books 25x20x1 cm`. */
import { DECISIONS, type Decision } from '../site/entities.ts';
import { parseLength, type LengthSystem } from '../measure/length.ts';
import { EVERYDAY_MEASURES } from './measures.ts';

export interface ReadLine {
  name: string;
  amount: number;
  /** `pieces` or the key of an everyday measure. */
  measure: string;
  /** Size of one piece in mm, longest first; null where it was not told. */
  size: [number, number, number] | null;
  decision: Decision | null;
  note: string;
}

export type LineProblem = { field: 'text'; message: string };

const NUMBER_WORDS: Record<string, number> = {
  half: 0.5,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  twenty: 20,
  fifty: 50,
  hundred: 100,
};
const DECISION_WORDS: [RegExp, Decision][] = [
  [/\b(?:give away|donate|charity)\b/i, 'give away'],
  [/\bpass on\b/i, 'pass on'],
  [/\b(?:return|exchange|take back)\b/i, 'return'],
  [/\bsell\b/i, 'sell'],
  [/\brecycle\b/i, 'recycle'],
  [/\b(?:throw away|throw out|rubbish)\b/i, 'bin'],
  [/\b(?:other room|another room)\b/i, 'other room'],
  [/\b(?:decide later|undecided)\b/i, 'decide later'],
  [/\bkeep\b/i, 'keep'],
];
/** `bin` alone is also a container; as a decision it stands after a comma, a dash or an arrow, at the end. */
const TRAILING_DECISION = new RegExp(`(?:,|;|->|→|–|—|\\s-\\s|:)\\s*(${DECISIONS.join('|')})\\s*$`, 'i');

const ONE = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)\s*(?:mm|cm|dm|m|in|inch|inches|ft|"|″|')?`;
const SIZE = new RegExp(String.raw`(?<![\w.,])(${ONE})\s*[x×*]\s*(${ONE})(?:\s*[x×*]\s*(${ONE}))?(?!\w)`, 'i');
const SINGLE_LENGTH = new RegExp(
  String.raw`(?<![\w.,/])(\d+(?:[.,]\d+)?\s*(?:mm|cm|m)|\d+(?:\s+\d+\/\d+)?\s*(?:"|″|in\b|inch\b|inches\b))(?:\s*long)?(?!\w)`,
  'i',
);

function readSize(parts: string[], system: LengthSystem): [number, number, number] | null {
  // The unit of the last part holds for all that name none: 25x20x1 cm.
  const unit =
    /(mm|cm|dm|m|in|inch|inches|ft|"|″|')\s*$/i.exec(parts.at(-1)!)?.[1] ?? (system === 'metric' ? 'cm' : 'in');
  const lengths = parts.map((part) =>
    parseLength(/(mm|cm|dm|m|in|inch|inches|ft|"|″|')\s*$/i.test(part) ? part : `${part.trim()} ${unit}`),
  );
  if (lengths.some((length) => length === null || length <= 0)) return null;
  const sorted = (lengths as number[]).sort((a, b) => b - a);
  while (sorted.length < 3) sorted.push(sorted.at(-1)!);
  return sorted.slice(0, 3) as [number, number, number];
}

const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const MEASURE_PATTERNS = EVERYDAY_MEASURES.flatMap((measure) =>
  measure.words.map((word) => ({ key: measure.key, word })),
)
  .sort((a, b) => b.word.length - a.word.length)
  .map(({ key, word }) => ({ key, pattern: new RegExp(`^${escape(word)}(?=\\s|$)\\s*(?:of\\s+)?`, 'i') }));

/**
 * Understands amount, measure, size and decision in a line; the rest is the name.
 * Sizes without a unit are centimetres (or inches), as everybody tells them.
 */
export function readLine(text: string, system: LengthSystem = 'metric'): ReadLine | LineProblem {
  let rest = text.replace(/\s+/g, ' ').trim();
  if (rest === '') return { field: 'text', message: 'Say what lies there, such as “3 shoeboxes wooden blocks”.' };
  let decision: Decision | null = null;
  let note = '';

  const bracket = /\(([^()]*)\)\s*$/.exec(rest);
  if (bracket) {
    note = bracket[1]!.trim();
    rest = rest.slice(0, bracket.index).trim();
  }
  const trailing = TRAILING_DECISION.exec(rest);
  if (trailing) {
    decision = trailing[1]!.toLowerCase() as Decision;
    rest = rest.slice(0, trailing.index).trim();
  } else
    for (const [pattern, meaning] of DECISION_WORDS) {
      const found = pattern.exec(rest);
      if (!found || found[0].length === rest.length) continue;
      decision = meaning;
      rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`
        .replace(/\s+/g, ' ')
        .replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '')
        .trim();
      break;
    }

  let size: [number, number, number] | null = null;
  const box = SIZE.exec(rest);
  if (box) {
    size = readSize(
      [box[1]!, box[2]!, box[3]].filter((part): part is string => !!part),
      system,
    );
    if (size) rest = `${rest.slice(0, box.index)} ${rest.slice(box.index + box[0].length)}`.replace(/\s+/g, ' ').trim();
  } else {
    const single = SINGLE_LENGTH.exec(rest);
    const longest = single && single.index > 0 ? parseLength(single[1]!) : null;
    if (single && longest) {
      // Only one length is told: take a slim piece, a tenth as thick.
      size = [longest, Math.max(1, Math.round(longest / 10)), Math.max(1, Math.round(longest / 10))];
      rest = `${rest.slice(0, single.index)} ${rest.slice(single.index + single[0].length)}`
        .replace(/\s+/g, ' ')
        .trim();
    }
  }

  let amount = 1;
  let measure = 'pieces';
  const counted = /^(\d+(?:[.,]\d+)?|½|¼|¾)\s*(?:x\s+|×\s*)?/.exec(rest);
  const spelled = /^([a-z]+)\s+/i.exec(rest);
  if (counted) {
    amount = { '½': 0.5, '¼': 0.25, '¾': 0.75 }[counted[1]!] ?? Number(counted[1]!.replace(',', '.'));
    rest = rest.slice(counted[0].length);
  } else if (spelled && NUMBER_WORDS[spelled[1]!.toLowerCase()] !== undefined) {
    amount = NUMBER_WORDS[spelled[1]!.toLowerCase()]!;
    rest = rest.slice(spelled[0].length).replace(/^an?\s+/i, '');
  }
  for (const { key, pattern } of MEASURE_PATTERNS) {
    const found = pattern.exec(rest);
    if (!found) continue;
    measure = key;
    rest = rest.slice(found[0].length);
    break;
  }
  if (measure === 'pieces') rest = rest.replace(/^(?:pcs?|pieces?)\.?\s+(?:of\s+)?/i, '');
  rest = rest.replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '').trim();

  if (rest === '') return { field: 'text', message: 'Name the things as well, such as “blocks”.' };
  if (!(amount > 0) || amount > 100000) return { field: 'text', message: 'The amount must lie between 0 and 100,000.' };
  return { name: rest, amount, measure, size, decision, note };
}

export const isReadLine = (read: ReadLine | LineProblem): read is ReadLine => 'name' in read;
