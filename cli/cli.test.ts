import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const run = (args: string[], input = '') =>
  spawnSync(process.execPath, [join(import.meta.dirname, 'stube.mjs'), ...args], { input, encoding: 'utf8' });
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
  const file = join(mkdtempSync(join(tmpdir(), 'stube-cli-')), 'p.json');
  writeFileSync(
    file,
    JSON.stringify({
      format: 'stube-place/1',
      people: [],
      zones: [],
      compartments: [],
      bins: [],
      growth: 0,
      timeMs: 50,
    }),
  );
  expect(JSON.parse(run(['place', file]).stdout)).toMatchObject({
    format: 'stube-place-answer/1',
    placed: [],
    effort: 0,
    optimal: true,
  });
});
test.each([
  [['fit', '-'], '{', 'standard input: is not JSON'],
  [
    ['fit', '-'],
    JSON.stringify({ ...FIT, compartment: { ...FIT.compartment, width: -1 } }),
    'compartment.width: must be a positive integer',
  ],
  [['place', '-'], '[]', 'problem: must be an object'],
  [['fit', '/no/such/file'], '', 'cannot be read'],
  [['pack'], '', 'usage:'],
])('%j with %j is refused in one line', (args, input, message) => {
  const { status, stderr, stdout } = run(args, input);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr.trim().split('\n')).toHaveLength(1);
  expect(stderr).toContain(message);
});
