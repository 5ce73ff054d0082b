/**
 * Files as each version of the model saved them, in every shape it had while it was current (`06-2`: the second of version
 * 6). Each comes in with everything in it; the file of a new version is added beside them.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { MODEL_VERSION } from '@stube/core/model';
import { checkSiteFile } from './format.ts';

const FOLDER = join(import.meta.dirname, '..', '..', 'core', 'ground', 'model', 'testing', 'files');
const files = readdirSync(FOLDER).filter((name) => name.endsWith('.json'));

test('there is one of every version from the third on', () =>
  expect([...new Set(files.map((name) => parseInt(name, 10)))]).toEqual(
    Array.from({ length: MODEL_VERSION - 2 }, (_, i) => i + 3),
  ));

test.each(files)('%s comes in', (name) => {
  const file = JSON.parse(readFileSync(join(FOLDER, name), 'utf8'));
  const checked = checkSiteFile(file);
  expect(checked.ok ? [] : checked.fields).toEqual([]);
  if (!checked.ok) return;
  const { data } = checked.value;
  expect(data.line.map((line) => line.name)).toEqual(file.data.line.map((line: { name: string }) => line.name));
  expect(data.line.length).toBeGreaterThan(3);
  expect(data.bin.length).toBe(file.data.bin.length);
  expect(data.bin.some((bin) => bin.compartmentId)).toBe(true);
  // What a bin said of itself before labels had rows of their own is kept.
  expect(data.printedLabel.length).toBeGreaterThan(0);
});
