/** Reads one line of the pile as people type it: `3 shoeboxes wooden blocks`, `40 picture books 25x20x1 cm`. */
import type { Condition, Decision } from '../model/entities.ts';
import { parseLength } from '../measuring/length.ts';
import type { LengthSystem } from '../model/site.ts';
import { readCondition, readDay, readDecision, readSet, tidy } from './tokens.ts';
import { EVERYDAY_MEASURES, formatAmount } from './measures.ts';

export interface ParsedLine {
  name: string;
  amount: number;
  /** `pieces` or the key of an everyday measure. */
  measure: string;
  /** Size of one piece in mm, longest first; null where it was not told. */
  size: [number, number, number] | null;
  decision: Decision | null;
  note: string;
  condition: Condition | null;
  /** By when: to decide, return or exchange; or, for what is kept, until when. ISO. */
  day: string | null;
  destination: string;
  setPieces: number | null;
  setMissing: number;
  /** What was understood, in the words of the line: each can be left out again. */
  tokens: { kind: TokenKind; said: string }[];
}

export type TokenKind = 'amount' | 'size' | 'decision' | 'condition' | 'day' | 'set' | 'note';

export interface ReadOptions {
  /** ISO date; days of the week and months are the next ones from it on. */
  today?: string;
  /** Clues that were guessed wrongly: their words belong to the name. */
  ignore?: ReadonlySet<TokenKind>;
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
  .map(({ key, word }) => ({ key, word: escape(word) }));
const NUMBER = String.raw`\d+(?:[.,]\d+)?|½|¼|¾|${Object.keys(NUMBER_WORDS).join('|')}`;
const MEASURES = MEASURE_PATTERNS.map(({ word }) => word).join('|');
/** `3 shoeboxes of`, anywhere; `half a mug of`. */
const MEASURED = new RegExp(
  String.raw`(?<![\w#.,/])(${NUMBER})\s*(?:x\s+|×\s*)?(?:an?\s+)?(${MEASURES})(?![\w])(?:\s+of(?=\s))?`,
  'i',
);
/** A number at the start, or `x12`, `12x`, `12 pcs` anywhere, or a number after a comma at the end. */
const COUNTED = [
  new RegExp(String.raw`^(${NUMBER})(?:\s*[x×])?(?:\s+(?:pcs?\.?|pieces?)(?!\w)(?:\s+of(?=\s))?)?(?=\s|$)`, 'i'),
  /(?<!\w)[x×]\s?(\d+(?:[.,]\d+)?)(?!\w)/i,
  /(?<![\w#.,/])(\d+(?:[.,]\d+)?)\s?(?:[x×]|pcs?\.?|pieces?)(?!\w)(?:\s+of(?=\s))?/i,
  /,\s*(\d+(?:[.,]\d+)?)$/,
];
const numberOf = (said: string): number =>
  ({ '½': 0.5, '¼': 0.25, '¾': 0.75 })[said] ?? NUMBER_WORDS[said.toLowerCase()] ?? Number(said.replace(',', '.'));

/**
 * Understands amount, measure, size, decision, condition, day and set in a line, in any order; the rest is the name.
 * Sizes without a unit are centimetres (or inches), as everybody tells them.
 * @param options.today ISO date; days of the week and months are the next ones from it on
 * @example parseLine('3 shoeboxes wooden blocks') // { name: 'wooden blocks', amount: 3, measure: 'shoebox', … }
 */
export function parseLine(
  text: string,
  system: LengthSystem = 'metric',
  { today = '2000-01-01', ignore = new Set() }: ReadOptions = {},
): ParsedLine | LineProblem {
  let rest = text.replace(/\s+/g, ' ').trim();
  if (rest === '') return { field: 'text', message: 'Say what lies there, such as “3 shoeboxes wooden blocks”.' };
  const tokens: ParsedLine['tokens'] = [];
  const take = <T extends { said: string; rest: string }>(
    kind: TokenKind,
    read: (text: string) => T | null,
  ): T | null => {
    const token = ignore.has(kind) ? null : read(rest);
    if (!token) return null;
    tokens.push({ kind, said: token.said });
    rest = token.rest;
    return token;
  };
  const note = take('note', readNote)?.value ?? '';
  const size = take('size', (said) => readSizes(said, system))?.value ?? null;
  const set = take('set', readSet)?.value;
  const day = take('day', (said) => readDay(said, today))?.value ?? null;
  const decided = take('decision', readDecision);
  const condition = take('condition', readCondition)?.value ?? null;
  const counted = take('amount', readAmount)?.value ?? { amount: 1, measure: 'pieces' };
  rest = tidy(rest);
  if (rest === '') return { field: 'text', message: 'Name the things as well, such as “blocks”.' };
  if (!(counted.amount > 0) || counted.amount > 100000)
    return { field: 'text', message: 'The amount must lie between 0 and 100,000.' };
  return {
    name: rest,
    ...counted,
    size,
    decision: decided?.value ?? null,
    note,
    condition: condition ?? (set?.missing ? 'incomplete' : null),
    day,
    destination: decided?.destination ?? '',
    setPieces: set?.pieces ?? null,
    setMissing: set?.missing ?? 0,
    tokens,
  };
}

const cut = (text: string, found: RegExpExecArray): string =>
  tidy(`${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`);

function readNote(text: string): { value: string; said: string; rest: string } | null {
  const bracket = /\(([^()]*)\)\s*$/.exec(text);
  return bracket && { value: bracket[1]!.trim(), said: bracket[0].trim(), rest: text.slice(0, bracket.index).trim() };
}

function readSizes(text: string, system: LengthSystem) {
  const box = SIZE.exec(text);
  if (box) {
    const value = readSize(
      [box[1]!, box[2]!, box[3]].filter((part): part is string => !!part),
      system,
    );
    return value && { value, said: box[0].trim(), rest: cut(text, box) };
  }
  const single = SINGLE_LENGTH.exec(text);
  const longest = single && single.index > 0 ? parseLength(single[1]!) : null;
  if (!single || !longest) return null;
  // Only one length is told: take a slim piece, a tenth as thick.
  const thin = Math.max(1, Math.round(longest / 10));
  return {
    value: [longest, thin, thin] as [number, number, number],
    said: single[0].trim(),
    rest: cut(text, single),
  };
}

function readAmount(text: string) {
  const measured = MEASURED.exec(text);
  if (measured) {
    const word = measured[2]!.toLowerCase();
    const { key } = MEASURE_PATTERNS.find((measurePattern) => new RegExp(`^${measurePattern.word}$`, 'i').test(word))!;
    const amount = numberOf(measured[1]!);
    return { value: { amount, measure: key }, said: formatAmount(amount, key), rest: cut(text, measured) };
  }
  for (const pattern of COUNTED) {
    const found = pattern.exec(text);
    if (!found) continue;
    const amount = numberOf(found[1]!);
    const rest = cut(text, found).replace(/^an?\s+/i, '');
    return { value: { amount, measure: 'pieces' }, said: formatAmount(amount, 'pieces'), rest };
  }
  return null;
}

export const isParsedLine = (read: ParsedLine | LineProblem): read is ParsedLine => 'name' in read;
