/** The table of words in the repository is what the script makes, so that nobody changes it by hand. */
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
// @ts-expect-error a script without types
import { TABLE, vocabularyModule } from '../scripts/vocabulary.mjs';

test('the table of words is made by `npm run vocabulary`, and its licence stands with it', () => {
  const written = readFileSync(TABLE as string, 'utf8');
  expect(written === vocabularyModule()).toBe(true);
  expect(written).toContain('Permission to use, copy, modify and distribute');
});
