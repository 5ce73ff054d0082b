/** Reads one line of the pile as people type it: `3 shoeboxes wooden blocks`, `40 picture books 25x20x1 cm`. */
import { kindNamed } from '../../ground/matching/propose.ts';
import type { Condition, Decision } from '../../ground/model/entities.ts';
import type { LengthSystem } from '../../ground/model/site.ts';
import type { Kind } from '../../ground/starter/library.ts';
import { formatAmount } from '../../ground/contents/measures.ts';
import { writtenOut } from './reading/abbreviations.ts';
import { readAmount } from './reading/amount.ts';
import { readCondition } from './reading/condition.ts';
import { noSuchDay, readDay } from './reading/day.ts';
import { readDecision } from './reading/decision.ts';
import { hideNameNumbers } from './reading/name-numbers.ts';
import { readReason } from './reading/reason.ts';
import { readSet } from './reading/set.ts';
import { readSize } from './reading/size.ts';
import { withoutTalk } from './reading/talk.ts';
import { tidy } from './reading/token.ts';

export interface ParsedLine {
  name: string;
  amount: number;
  /** `pieces` or the key of an everyday measure. */
  measure: string;
  /** Told sides of one piece in mm, longest first, one to three; null where none was told. */
  size: number[] | null;
  /** Told thin side, mm, where only that was told (4 mm needles). */
  thick: number | null;
  /** Litres one piece holds, where that was told (tubes of 12 ml). */
  litresEach: number | null;
  decision: Decision | null;
  note: string;
  condition: Condition | null;
  /** By when: to decide, return or exchange; or, for what is kept, until when. ISO. */
  day: string | null;
  destination: string;
  setPieces: number | null;
  setMissing: number;
  /** Key of the kind of thing that the name says; null where the library knows none like it. */
  kind: string | null;
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

const MAX_AMOUNT = 100_000;
const ROLLED = /\b(?:rolls?|reels?|spools?|coils?|bolts?|hanks?|skeins?|drums?)\b/i;
/** Sides are shorter, mm. */
const LEAST_ON_ROLL = 2000;
const PIECES_SAID = /\b\d+[\s-]*(?:pieces?|pcs?|parts?|tiles?)\b/gi;

/**
 * Understands amount, measure, size, decision, condition, day and set in a line, in any order; the rest is the name.
 * Numbers and words that belong to a name stay in it (`A4 paper`, `size 4 nappies`, `return address labels`). Sizes
 * without a unit are centimetres (or inches), as everybody tells them, unless the kind of thing says otherwise.
 * @param options.today ISO date; days of the week and months are the next ones from it on
 * @example parseLine('3 shoeboxes wooden blocks') // { name: 'wooden blocks', amount: 3, measure: 'shoebox', … }
 */
export function parseLine(
  text: string,
  system: LengthSystem = 'metric',
  { today = '2000-01-01', ignore = new Set() }: ReadOptions = {},
): ParsedLine | LineProblem {
  let rest = tidy(
    writtenOut(withoutTalk(text)).replace(/\p{Extended_Pictographic}|\u{fe0f}|\u{200d}/gu, (sign) =>
      /[©®™]/.test(sign) ? sign : ' ',
    ),
  );
  if (rest === '') return { field: 'text', message: 'Say what lies there, such as “3 shoeboxes wooden blocks”.' };
  const tokens: ParsedLine['tokens'] = [];
  const take = <T extends { said: string; rest: string }>(
    kind: TokenKind,
    read: (text: string) => T | null,
  ): T | null => {
    const token = ignore.has(kind) ? null : read(rest);
    if (!token || tidy(token.rest) === '') return null;
    tokens.push({ kind, said: token.said });
    rest = token.rest;
    return token;
  };
  // How many pieces it has says nothing of what it is.
  const known = kindNamed(rest.replace(PIECES_SAID, ' ').replace(/\b(?:missing|complete)\b/gi, ' '));
  const parts = take('note', readParts)?.value ?? '';
  const day = take('day', (said) => readDay(said, today, system))?.value ?? null;
  const missing = day || ignore.has('day') ? null : noSuchDay(rest, today, system);
  if (missing) return { field: 'text', message: `There is no ${missing}. Enter a day that exists.` };
  const hidden = hideNameNumbers(rest);
  rest = hidden.text;
  const set = take('set', (said) => readSet(said, isSetKind(known, said)))?.value;
  const size = take('size', (said) => readSize(said, system, known))?.value;
  const decided = take('decision', readDecision);
  const condition = take('condition', readCondition)?.value ?? null;
  const reason = take('note', readReason)?.value ?? '';
  const counted = take('amount', (said) => readAmount(said, (name) => kindNamed(hidden.shown(name))))?.value ?? {
    amount: 1,
    measure: 'pieces',
    litresEach: null,
    kind: undefined,
  };
  const amounts = tokens.find((token) => token.kind === 'amount');
  const noted = ignore.has('note') ? null : readNote(rest);
  if (noted) {
    tokens.push({ kind: 'note', said: hidden.shown(noted.said) });
    rest = noted.rest;
  }
  const name = hidden.shown(tidy(rest.replace(/^(?:an?|some|the|my|our|of)\s+(?=[\p{L}\p{Co}])/iu, '')));
  for (const token of tokens) token.said = hidden.shown(token.said);
  if (name === '' || /^[\d\s.,x×-]+$/.test(name) || onlyUnit(name, !!amounts))
    return { field: 'text', message: 'Name the things as well, such as “blocks”.' };
  if (size?.metres && counted.measure === 'pieces' && !amounts)
    Object.assign(counted, { amount: size.metres, measure: 'metre' });
  if (amounts) amounts.said = formatAmount(counted.amount, counted.measure);
  if (!(counted.amount > 0) || counted.amount > MAX_AMOUNT)
    return { field: 'text', message: 'The amount must lie between 0 and 100,000.' };
  const told = size?.metres && counted.measure === 'pieces' ? [Math.round(size.metres * 1000)] : (size?.sides ?? []);
  // How much is on a roll is no side of it.
  const isOnRoll = told.length === 1 && told[0]! >= LEAST_ON_ROLL && ROLLED.test(text);
  const sides = isOnRoll ? [] : told;
  const onRoll = isOnRoll ? `${formatAmount(told[0]! / 1000, 'metre')} on it` : '';
  return {
    name,
    amount: counted.amount,
    measure: counted.measure,
    litresEach: counted.litresEach,
    size: sides.length ? sides : null,
    thick: size?.thick ?? null,
    decision: decided?.value ?? null,
    note: [parts, reason, onRoll, hidden.shown(noted?.value ?? hidden.aside)].filter(Boolean).join(', '),
    condition: set?.missing || set?.incomplete ? (condition ?? 'incomplete') : condition,
    day,
    destination: hidden.shown(decided?.destination ?? ''),
    setPieces: set?.pieces ?? null,
    setMissing: set?.missing ?? 0,
    kind: (counted.kind ?? kindNamed(name))?.key ?? null,
    tokens,
  };
}

/** Names that are a set whatever the library says of them. */
const isSetKind = (kind: Kind | undefined, text: string): boolean =>
  !!kind?.isSet ||
  /\b(?:puzzles?|jigsaws?|games?|sets?|kits?|deck|skittles|quoits|tangram|lotto|memory|dominoe?s)\b/i.test(text);

/** A line that names nothing but how much: `3 shoeboxes`. */
const onlyUnit = (name: string, counted: boolean): boolean =>
  counted && /^(?:shoe ?box(?:es)?|handfuls?|litres?|carrier bags?|sacks?|pieces?|pcs)$/i.test(name);

/**
 * What a thing consists of, behind a colon, is a note: `wooden train: engine + 5 wagons`. An amount, a decision or a set
 * on either side of the colon is none.
 */
function readParts(text: string): { value: string; said: string; rest: string } | null {
  const found = /^([^:]*\p{L}{3}[^:]*):\s+(.*(?:\s\+\s|\s(?:and|&)\s).*)$/iu.exec(text);
  if (!found) return null;
  const [, rest, tail] = found as unknown as [string, string, string];
  const told = readAmount(tail, kindNamed);
  if (
    (told && told.value.measure !== 'pieces') ||
    readDecision(tail) ||
    readDecision(rest) ||
    readDay(tail, '2000-01-01')
  )
    return null;
  return { value: tail.trim(), said: tail.trim(), rest: tidy(rest) };
}

/** What stands in brackets at the end is a note. */
function readNote(text: string): { value: string; said: string; rest: string } | null {
  const bracket = /\(([^()]*)\)\s*$/.exec(text);
  const rest = bracket && tidy(text.slice(0, bracket.index));
  return bracket && rest ? { value: bracket[1]!.trim(), said: bracket[0].trim(), rest } : null;
}

export const isParsedLine = (read: ParsedLine | LineProblem): read is ParsedLine => 'name' in read;
