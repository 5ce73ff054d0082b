/** Lines as people type them, each judged in every field that is said of it. */
import { expect, test } from 'vitest';
import { readLines } from './read-lines.ts';
import { LINES } from './testing/lines.ts';

const TODAY = '2026-11-26';
const plain = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}/]+/gu) ?? [];
const stem = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(?<=s|x|ch|sh|z)es$/, '')
    .replace(/(?<=[^s]{2})s$/, '');
const nothing = (said: string): string | null => (said === 'null' ? null : said);
const numbers = (said: string): number[] => said.split(',').map(Number);
const within = (value: number | null | undefined, said: string): boolean => {
  const [least, most = least] = said === 'null' ? [1] : numbers(said);
  return typeof value === 'number' && value >= least! * 0.999 && value <= most! * 1.001;
};
type Answer = ReturnType<typeof readLines>['lines'][number];
const JUDGES: Record<string, (said: string, got: Answer) => boolean> = {
  a: (said, got) => within(got.amount, said),
  m: (said, got) => got.measure === said,
  n: (said, got) => {
    const words = plain(got.name ?? '');
    return said.split(',').every((word) => words.includes(word) || words.map(stem).includes(stem(word)));
  },
  no: (said, got) => !said.split(',').some((word) => plain(got.name ?? '').includes(word)),
  d: (said, got) =>
    said
      .split('/')
      .map(nothing)
      .includes(got.decision ?? null),
  u: (said, got) => (got.due ?? null) === nothing(said),
  c: (said, got) =>
    said
      .split('/')
      .map(nothing)
      .includes(got.condition ?? null),
  sp: (said, got) => (got.setPieces ?? null) === (said === 'null' ? null : Number(said)),
  sm: (said, got) => (got.setMissing ?? 0) === (said === 'null' ? 0 : Number(said)),
  s: (said, got) =>
    said === 'null' ? !got.size : !!got.size && numbers(said).every((side, i) => Math.abs(got.size![i]! - side) <= 1.5),
  l: (said, got) => within(got.litres, said),
  cat: (said, got) => said.split('/').includes(got.categories?.[0] ?? ''),
  notcat: (said, got) => !said.split(',').includes(got.categories?.[0] ?? ''),
  h: (said, got) => said.split(',').every((hazard) => (got.hazards as string[]).includes(hazard)),
};

const rows = LINES.split('\n')
  .filter(Boolean)
  .map((row) => {
    const [said, wanted = ''] = row.split(' | ') as [string, string?];
    const text = said.replace(/\s*@imperial$/, '');
    const system = said === text ? ('metric' as const) : ('imperial' as const);
    return {
      text,
      system,
      wanted: [...wanted.matchAll(/(\w+)=(.*?)(?=\s\w+=|$)/g)].map(([, field, value]) => [field!, value!] as const),
    };
  });

test.each(rows)('$text', ({ text, system, wanted }) => {
  const [got] = readLines({ today: TODAY, lines: [{ text, system }] }).lines;
  expect(wanted.length).toBeGreaterThan(0);
  for (const [field, said] of wanted)
    expect(JUDGES[field]!(said, got!), `${field}=${said} of ${JSON.stringify(got)}`).toBe(true);
});
