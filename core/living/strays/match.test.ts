import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Bin, Category, Person } from '../../ground/model/entities.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { strayDanger } from './danger.ts';
import { matchStray } from './match.ts';

const row = { siteId: 's', version: 1 };
const line = (id: string, more: object) => ({ ...row, id, ...lineValues(id, more) });
const category = (id: string, name: string, synonyms: string[] = []) =>
  ({ ...row, ...defaultsOf('category'), id, name, synonyms }) as unknown as Category;
const bin = (code: string, categoryId: string, lineIds: string[] = []) =>
  ({ ...row, id: code, code, name: `bin ${code}`, categoryId, lineIds }) as unknown as Bin;
const data = {
  line: [
    line('harbour puzzle', { categoryId: 'puzzles', setPieces: 48, setMissing: 1 }),
    line('forest puzzle', { categoryId: 'puzzles', setPieces: 48, setMissing: 0 }),
    line('toy cars', { categoryId: 'cars' }),
    line('old car park', { categoryId: 'cars', decision: 'give away' }),
  ],
  category: [category('puzzles', 'Jigsaw puzzles', ['puzzle pieces']), category('cars', 'Toy cars')],
  bin: [bin('L1', 'puzzles'), bin('L2', 'cars')],
  person: [{ ...row, id: 'ona', name: 'Ona' } as unknown as Person],
};

test('a piece goes first to the set that misses one, by its name or by its kind', () => {
  const [first] = matchStray('puzzle piece with a boat', data);
  expect(first).toMatchObject({ kind: 'set', id: 'harbour puzzle', goes: 'L1 bin L1' });
  expect(first!.because).toContain('1 of its 48 pieces');
});
test('what has no set goes to its kind; what leaves the house is no home; a name is a person', () => {
  expect(matchStray('red toy car', data).map(({ id }) => id)).toContain('toy cars');
  expect(matchStray('car', data).every(({ id }) => id !== 'old car park')).toBe(true);
  expect(matchStray("Ona's glove", data)[0]).toMatchObject({ kind: 'person', id: 'ona' });
  expect(matchStray('xylocarp', data)).toEqual([]);
});

test('what is dangerous where children come in is told, by what it does', () => {
  const person = (kind: Person['kind'], born: string | null) =>
    ({
      ...row,
      id: `${kind}${born}`,
      name: kind,
      kind,
      born,
      stature: kind === 'adult' ? 1700 : 1150,
      mouths: false,
    }) as unknown as Person;
  const [adult, five, one] = [person('adult', null), person('child', '2021-05'), person('child', '2025-10')];
  expect(strayDanger('button battery', [adult, five], '2026-11-27')).toBe('swallowed, it is an emergency');
  expect(strayDanger('glass shard', [adult, five], '2026-11-27')).toBe('it cuts, pricks or burns');
  expect(strayDanger('a marble', [adult, five], '2026-11-27')).toBeNull();
  expect(strayDanger('a marble', [adult, five, one], '2026-11-27')).toBe('the youngest choke on it');
  expect(strayDanger('needle', [adult], '2026-11-27')).toBeNull();
  expect(strayDanger('red toy car', [adult, one], '2026-11-27')).toBeNull();
});
