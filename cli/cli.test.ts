import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, expect, test } from 'vitest';
import { bundle } from '../scripts/build.mjs';

/** The command in one file: it starts many times as fast as the sources. */
const BUILT = join(import.meta.dirname, '..', '.tmp', 'cli');
beforeAll(() => bundle({ stube: 'cli/main.ts' }, BUILT));

const from = (file: string, args: string[], input: string) =>
  spawnSync(process.execPath, [file, ...args], { input, encoding: 'utf8' });
const run = (args: string[], input = '') => from(join(BUILT, 'stube.js'), args, input);
const FIT = {
  format: 'stube-fit/1',
  compartment: { width: 200, depth: 100, height: 50, access: 'top' },
  containers: [
    { id: 'a', width: 100, depth: 100, height: 50, turnable: true, stackable: false, count: 3, value: 5, uses: 1 },
  ],
  timeMs: 300,
};

test('a problem from standard input or a file is answered as JSON', () => {
  const answer = run(['fit', '-'], JSON.stringify(FIT));
  expect(JSON.parse(answer.stdout)).toMatchObject({
    format: 'stube-fit-answer/1',
    value: 10,
    bound: 10,
    optimal: true,
  });
  expect(answer.status).toBe(0);
  // As it is called by its name: from the sources.
  const called = from(join(import.meta.dirname, 'stube.mjs'), ['fit', '-'], JSON.stringify(FIT));
  expect(JSON.parse(called.stdout)).toMatchObject({ value: 10, bound: 10 });
  const file = join(mkdtempSync(join(tmpdir(), 'stube-cli-')), 'p.json');
  writeFileSync(
    file,
    JSON.stringify({
      format: 'stube-place/2',
      people: [],
      zones: [],
      compartments: [],
      bins: [],
      growth: 0,
      timeMs: 50,
    }),
  );
  expect(JSON.parse(run(['place', file]).stdout)).toMatchObject({ format: 'stube-place-answer/2', placed: [] });
  const cut = {
    format: 'stube-cut/1',
    kerf: 3,
    timeMs: 500,
    stock: [{ id: 'rod', material: 'rod', length: 2400, price: 690, count: null }],
    pieces: [{ id: 'a', material: 'rod', length: 1211, count: 2 }],
  };
  expect(JSON.parse(run(['cut', '-'], JSON.stringify(cut)).stdout)).toMatchObject({
    format: 'stube-cut-answer/1',
    price: 1380,
    bound: 1380,
    optimal: true,
  });
});
test('a walk is answered with its acts, and one that cannot be with none', () => {
  const walk = {
    ...{ format: 'stube-walk/1', timeMs: 300, carry: 1, stops: ['door', 's', 'table'], start: 'door', end: null },
    mm: [
      [0, 2000, 2500],
      [2000, 0, 1200],
      [2500, 1200, 0],
    ],
    things: [
      { id: 'a', from: 's', to: 'table', size: 1 },
      { id: 'b', from: 'table', to: 's', size: 1 },
    ],
    order: [],
  };
  const answer = (problem: object) => JSON.parse(run(['walk', '-'], JSON.stringify(problem)).stdout) as object;
  expect(answer(walk)).toMatchObject({ mm: 4400, bound: 4400, optimal: true });
  const place = (thing: string, other: string) => [
    { thing: other, act: 'take' },
    { thing, act: 'put' },
  ];
  expect(answer({ ...walk, order: [place('a', 'b'), place('b', 'a')] })).toMatchObject({ acts: null, optimal: true });
});
test('a rearrangement is answered with its steps', () => {
  const at = (x: number) => ({ compartment: 'c', x, y: 0, z: 0, turned: false });
  const size = { width: 100, depth: 100, height: 100, stackable: true };
  const moves = {
    format: 'stube-moves/1',
    timeMs: 200,
    parking: { places: 1, at: [0, 0] },
    compartments: [{ id: 'c', width: 200, depth: 100, height: 100, access: 'front', at: [500, 0] }],
    bins: [
      { id: 'a', ...size, from: at(0), to: at(100) },
      { id: 'b', ...size, from: at(100), to: at(0) },
    ],
  };
  expect(JSON.parse(run(['moves', '-'], JSON.stringify(moves)).stdout)).toMatchObject({ length: 3, optimal: true });
  expect(run(['moves', '-'], JSON.stringify({ ...moves, bins: [moves.bins[0], moves.bins[0]] })).stderr).toContain(
    'bins',
  );
});
test.each([
  [['fit', '-'], '{', 'standard input: is not JSON'],
  [
    ['fit', '-'],
    JSON.stringify({ ...FIT, compartment: { ...FIT.compartment, width: -1 } }),
    'compartment.width: must be a positive integer',
  ],
  [['place', '-'], '[]', 'problem: must be an object'],
  [['place', '-'], '{"format":"stube-place/2","people":{}}', 'people: must be a list'],
  [['place', '-'], '{"format":"stube-place/1","people":[]}', 'format: must be "stube-place/2"'],
  [['cut', '-'], '{"format":"stube-cut/1","kerf":-1}', 'kerf: must be an integer, 0 or more'],
  [['fit', '/no/such/file'], '', 'cannot be read'],
  [['pack'], '', 'usage:'],
])('%j with %j is refused in one line', (args, input, message) => {
  const { status, stderr, stdout } = run(args, input);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr.trim().split('\n')).toHaveLength(1);
  expect(stderr).toContain(message);
});

test('lines are understood as on a fresh site, and what names nothing is told as a problem', () => {
  const lines = [
    { text: '3 shoeboxes wooden blocks', system: 'metric' },
    { text: '3 shoeboxes', system: 'imperial' },
  ];
  const answer = JSON.parse(
    run(['read', '-'], JSON.stringify({ format: 'stube-read/1', today: '2026-11-26', lines })).stdout,
  );
  expect(answer).toMatchObject({
    format: 'stube-read-answer/1',
    lines: [
      {
        text: lines[0]!.text,
        amount: 3,
        measure: 'shoebox',
        name: 'wooden blocks',
        litres: 15,
        decision: null,
        size: null,
      },
      { amount: null, problem: expect.any(String) },
    ],
  });
  expect(answer.lines[0].categories[0]).toBe('Wooden blocks');
  const bad = run(
    ['read', '-'],
    JSON.stringify({ format: 'stube-read/1', today: '2026-11-26', lines: [{ text: 'x', system: 'old' }] }),
  );
  expect(bad).toMatchObject({ status: 2, stdout: '' });
  expect(bad.stderr).toMatch(/^lines\[0\]\.system: must be /);
});

test('a saved site is judged by the day it was saved, of an earlier version too', () => {
  const row = { version: 1, siteId: 's' };
  const empty = Object.fromEntries(
    ['zone', 'compartment', 'family', 'category', 'line', 'containerType', 'bin', 'session', 'deferral', 'photo'].map(
      (table) => [table, []],
    ),
  );
  const site = (exportedAt: string) => ({
    format: 'stube-site',
    version: 2,
    exportedAt,
    data: {
      ...empty,
      site: [
        {
          id: 's',
          version: 1,
          name: 'Quay',
          growth: 0.1,
          fillLimit: 0.8,
          measures: {},
          system: 'metric',
          currency: 'EUR',
        },
      ],
      person: [
        {
          ...row,
          id: 'p',
          name: 'Otter',
          kind: 'child',
          stature: 900,
          colour: 'moss',
          born: '2024-01',
          reads: false,
          limit: null,
        },
      ],
      room: [
        {
          ...row,
          id: 'r',
          name: 'Loft',
          code: 'L',
          width: 4000,
          depth: 3000,
          height: 2500,
          sort: 0,
          people: [],
          minutesADay: null,
          deadline: null,
        },
      ],
      unit: [
        {
          ...row,
          id: 'u',
          roomId: 'r',
          name: 'Tall case',
          template: 'bookcase',
          width: 800,
          height: 1800,
          depth: 300,
          columns: 1,
          rows: 5,
          board: 20,
          raised: 0,
          x: 0,
          y: 0,
          locked: false,
          sunlit: false,
          onView: true,
          anchored: false,
          sort: 0,
        },
      ],
    },
  });
  const answer = run(['check', '-'], JSON.stringify(site('2026-11-26T09:00:00.000Z')));
  expect(JSON.parse(answer.stdout)).toMatchObject({
    format: 'stube-check-answer/1',
    cautions: [{ hazard: 'H1', severity: 'danger', about: 'Tall case', room: 'Loft' }],
  });
  const torn = site('2026-11-26T09:00:00.000Z');
  torn.data.unit[0]!.roomId = 'elsewhere';
  expect(run(['check', '-'], JSON.stringify(torn)).stderr).toMatch(/^data\.unit\.0\.roomId: points to a room/);
  expect(run(['check', '-'], JSON.stringify({ ...site('2026-11-26'), version: 99 })).stderr).toMatch(/^version: /);

  // Questions to it.
  const path = (name: string, json: unknown): string => {
    const file = join(mkdtempSync(join(tmpdir(), 'stube-find-')), name);
    writeFileSync(file, JSON.stringify(json));
    return file;
  };
  const saved = path('site.json', site('2026-11-26T09:00:00.000Z'));
  const asked = path('asked.json', { format: 'stube-find/1', queries: [{ id: 'q', text: 'trampoline', for: 'find' }] });
  expect(JSON.parse(run(['find', saved, asked]).stdout)).toEqual({
    format: 'stube-find-answer/1',
    answers: [{ id: 'q', hits: [] }],
  });
  expect(run(['find', saved]).stderr).toMatch(/^usage:/);
  expect(run(['find', saved, saved]).stderr).toMatch(/^format: must be "stube-find\/1"/);
});
