/** What the code refers to is there: every practice and hazard it names is explained, every section of the docs exists. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const FOLDERS = ['bench', 'cli', 'contract', 'core', 'demo', 'e2e', 'scripts', 'server', 'web'];

/** By path: the text of every source of the project, comments as one line. */
const sources = new Map(
  FOLDERS.flatMap((folder) =>
    (readdirSync(join(ROOT, folder), { recursive: true }) as string[])
      .filter((path) => /\.(ts|vue|mjs)$/.test(path) && !/(^|\/)(dist|node_modules)\//.test(path))
      .map((path): [string, string] => [
        join(folder, path),
        readFileSync(join(ROOT, folder, path), 'utf8').replace(/\s*\n\s*(\*|\/\/)?\s*/g, ' '),
      ]),
  ),
);
/** What all sources say that a pattern's first group finds, with where. */
const said = (pattern: RegExp): { what: string; path: string }[] =>
  [...sources].flatMap(([path, text]) => [...text.matchAll(pattern)].map((found) => ({ what: found[1]!, path })));

test('every practice and hazard that is named is explained', () => {
  const explained = new Set(
    [...readFileSync(join(ROOT, 'docs/practice.md'), 'utf8').matchAll(/^- \*\*([A-Z]\d+)\*\* \S/gm)].map(
      ([, id]) => id,
    ),
  );
  const named = [
    ...said(/\bpractices? ([A-Z]\d+)/g),
    ...said(/\bpractices? [A-Z]\d+(?:, | and | to )([A-Z]\d+)/g),
    ...said(/\b(H[1-9]\d*)\b/g),
  ];
  expect(named.length).toBeGreaterThan(150);
  expect(named.filter(({ what }) => !explained.has(what))).toEqual([]);
});

test('every section of the docs that is named exists', () => {
  const named = said(/\b(docs\/[\w-]+\.md, [^;:)]+)[;:)]/g);
  expect(named.length).toBeGreaterThan(20);
  const missing = named.filter(({ what }) => {
    const [, file, section] = /^(\S+), (.+)$/.exec(what)!;
    const headings = [...readFileSync(join(ROOT, file!), 'utf8').matchAll(/^#+ (.+)$/gm)].map(
      ([, heading]) => heading!,
    );
    return !headings.some((heading) => heading.startsWith(section!));
  });
  expect(missing).toEqual([]);
});

test('nothing refers to a document that is not here', () => {
  expect(said(/(\(design[,;)]|domain reference|\b(?:JOB|DESIGN|FORMATS|VOICE|TRIAL|NAMES)\.md)/g)).toEqual([]);
});
