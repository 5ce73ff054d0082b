/** How lines are understood, for `stube read`: with a fresh site's library and no lines before them. */
import { FieldReader } from '../../ground/engine/problem-format.ts';
import { litresOfLine } from '../../ground/contents/demand.ts';
import { knownCategories, proposeCategories } from '../../ground/matching/propose.ts';
import { hazardsInWords } from '../../ground/hazards/danger-words.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Category, HazardId } from '../../ground/model/entities.ts';
import { kindOf } from '../../ground/starter/library.ts';
import { lineOf } from './new-line.ts';
import { isParsedLine, parseLine } from './parse-line.ts';
import { severalThings } from './several.ts';

export interface LinesProblem {
  today: string;
  lines: { text: string; system: 'metric' | 'imperial' }[];
}

export interface LineAnswer {
  text: string;
  /** Null when the line is refused, with `problem` in words. */
  amount: number | null;
  measure?: string;
  name?: string;
  decision?: string | null;
  due?: string | null;
  condition?: string | null;
  setPieces?: number | null;
  setMissing?: number;
  size?: readonly number[] | null;
  litres?: number | null;
  categories?: string[];
  /** The first category is a guess by what the word is a kind of. */
  perhaps?: boolean;
  hazards?: HazardId[];
  /** Each of several things, where the line names several. */
  parts?: LineAnswer[];
  problem?: string;
}

const MAX_LINES = 10_000;
/** Categories that are told. */
const MAX_CATEGORIES = 4;

/** @throws FormatError that names the first wrong field */
export function readLinesProblem(json: unknown): LinesProblem {
  const reader = new FieldReader(json);
  reader.format('stube-read/1');
  return {
    today: reader.text('today'),
    lines: reader.list('lines', MAX_LINES, (line) => ({
      text: line.text('text'),
      system: line.one('system', ['metric', 'imperial'] as const),
    })),
  };
}

export function readLines({ today, lines }: LinesProblem): { format: 'stube-read-answer/1'; lines: LineAnswer[] } {
  const known = knownCategories([]);
  return { format: 'stube-read-answer/1', lines: lines.map(({ text, system }) => answer(text, system)) };

  function answer(text: string, system: 'metric' | 'imperial'): LineAnswer {
    const whole = understand(text, system);
    const parts = severalThings(text, system, { today }).map((part) => understand(part, system));
    if (!parts.length) return whole;
    // A hazard of any of them is one of the line.
    return { ...whole, hazards: [...new Set([whole, ...parts].flatMap(({ hazards = [] }) => hazards))], parts };
  }

  function understand(text: string, system: 'metric' | 'imperial'): LineAnswer {
    const parsed = parseLine(text, system, { today });
    if (!isParsedLine(parsed)) return { text, amount: null, problem: parsed.message };
    const proposals = proposeCategories(parsed.name, known, MAX_CATEGORIES);
    const starter = proposals[0]?.starter;
    const category: Category | undefined = starter
      ? {
          ...defaultsOf('category'),
          ...starter,
          id: starter.key,
          version: 0,
          siteId: '',
          familyId: '',
          starter: starter.key,
        }
      : undefined;
    const line = lineOf(parsed, { roomId: '', categoryId: starter?.key ?? null, sort: 0 }, parsed.decision, {
      at: `${today}T12:00:00.000Z`,
      today,
    });
    const litres = litresOfLine({ id: '', version: 0, siteId: '', ...line }, category, { measures: {} });
    return {
      text,
      amount: parsed.amount,
      measure: parsed.measure,
      name: parsed.name,
      decision: parsed.decision,
      due: parsed.day,
      condition: parsed.condition,
      setPieces: parsed.setPieces,
      setMissing: parsed.setMissing,
      size: parsed.size,
      litres: litres === null ? null : Number(litres.toFixed(4)),
      categories: proposals.map((proposal) => proposal.name),
      ...(proposals[0]?.perhaps ? { perhaps: true } : {}),
      hazards: [
        ...new Set([
          ...(starter?.hazards ?? []),
          ...(kindOf(parsed.kind)?.hazards ?? []),
          ...hazardsInWords(parsed.name),
        ]),
      ],
    };
  }
}
