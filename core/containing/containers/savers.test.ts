import { expect, test } from 'vitest';
import type { Line } from '../../ground/model/entities.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { PARTS_OF_BOX, POUCHES, savingsOf, SLEEVE } from './savers.ts';

const KEYS = [
  'board-games',
  'jigsaw-puzzles',
  'audio-stories',
  'wooden-blocks',
  'fabric',
  'fabric-scraps',
  'sewing-patterns',
  'gift-wrap',
  'ribbon',
  'sewing-thread',
];
const categories = new Map(KEYS.map((key) => [key, starterCategory(key)]));
const line = (key: string, amount: number, more: Partial<Line> = {}): Line => ({
  id: key,
  version: 1,
  siteId: 's',
  ...lineValues(key, { categoryId: key, amount, ...more }),
});
const of = (...lines: Line[]) => savingsOf(lines, categories, { measures: {} });

test('24 games in boxes of 270 × 270 × 50 become 24 numbered pouches: 96 litres become 11 to 16', () => {
  const [saving] = of(line('board-games', 24, { length: 270, width: 270, height: 50 }));
  expect(saving!.before).toBeCloseTo(95.9, 1);
  expect(saving!.after).toBeGreaterThan(11);
  expect(saving!.after).toBeLessThan(16);
  expect(saving!.words).toContain('pouches 1 to 24');
  expect(saving!.values).toMatchObject({ length: 450, width: 330, note: 'in pouches 1 to 24' });
  expect(saving!.numbers).toEqual({ series: 'pouch', numbers: Array.from({ length: 24 }, (_, i) => i + 1) });
  // Those that come later go on behind the last.
  const given = [{ id: 'n', siteId: 's', version: 1, lineId: 'l', series: 'pouch', number: 24, name: '' }];
  const more = savingsOf([saving!.line], categories, { measures: {} }, null, given);
  expect(more[0]!.words).toContain('pouches 25 to 48');
  // Once it is done it is not asked again.
  expect(of({ ...saving!.line, ...saving!.values })).toEqual([]);
});

test('discs leave their cases; what is no box, is measured in bulk or goes is left alone', () => {
  expect(of(line('audio-stories', 40))[0]).toMatchObject({ saver: 'sleeves', values: { length: 130, height: 2 } });
  expect(of(line('wooden-blocks', 200))).toEqual([]);
  expect(of(line('board-games', 3, { measure: 'shoebox' }))).toEqual([]);
  expect(of(line('board-games', 24, { decision: 'give away' }))).toEqual([]);
  expect(of(line('board-games', 1, { length: 200, width: 150, height: 30 }))).toEqual([]);
});

test('a board goes into a pouch as it lies in its box, and what is large or thick goes into none', () => {
  const pouch = (key: string, length: number, width: number, height: number, more: Partial<Line> = {}) =>
    of(line(key, 4, { length, width, height, ...more }))[0]?.values.length;
  expect(pouch('board-games', 330, 240, 60)).toBe(340);
  expect(pouch('board-games', 270, 270, 60)).toBe(450);
  expect(pouch('board-games', 520, 300, 60)).toBeUndefined();
  expect(pouch('board-games', 440, 320, 260)).toBeUndefined();
  expect(pouch('jigsaw-puzzles', 340, 250, 50)).toBe(340);
  expect(pouch('jigsaw-puzzles', 350, 270, 80, { kind: 'jigsaw-puzzles/floor puzzle' })).toBeUndefined();
});

test('fabric of 1.5 m by 1.1 m hangs in 28 layers, 14 mm thick, 24 to a box, in as many litres as folded', () => {
  const [saving] = of(line('fabric', 6, { length: 1500, width: 1100 }));
  // 1,100 folded to 300 is 4 layers; 1,500 over a hanger of 230 is 7; 28 × 0.5 mm; with a tenth of air 24 of them in 375 mm.
  expect(saving).toMatchObject({ saver: 'files', values: { length: 300, width: 230, height: 14, lies: 'neat' } });
  expect(saving!.words).toContain('28 layers');
  expect(saving!.words).toContain('24 to a box');
  expect(saving!.after / saving!.before).toBeCloseTo(1, 1);
  expect(of({ ...saving!.line, ...saving!.values })).toEqual([]);
  // How large it is, nobody told: nothing is said.
  expect(of(line('fabric', 6))).toEqual([]);
});

test('short pieces go to the scraps, patterns into a binder, rolls stand, ribbon hangs where rods are', () => {
  expect(of(line('fabric', 3, { length: 200, width: 150 }))[0]).toMatchObject({
    saver: 'scraps',
    values: { categoryId: categories.get('fabric-scraps')!.id },
  });
  expect(of(line('sewing-patterns', 60))[0]).toMatchObject({ saver: 'protectors' });
  expect(of(line('gift-wrap', 12))[0]).toMatchObject({ saver: 'rolls', values: { note: 'standing' } });
  expect(of(line('ribbon', 12))).toEqual([]);
  const ribbon = line('ribbon', 12);
  const [hung] = savingsOf([ribbon], categories, { measures: {} }, 'Ribbon rods');
  expect(hung!.words).toContain('Ribbon rods');
  expect(savingsOf([{ ...ribbon, ...hung!.values }], categories, { measures: {} }, 'Ribbon rods')).toEqual([]);
  expect(of(line('sewing-thread', 8, { kind: 'sewing-thread/bobbin' }))[0]).toMatchObject({ saver: 'bobbins' });
});

test('the most saved comes first, and what was noted stays noted', () => {
  const found = of(
    line('jigsaw-puzzles', 6, { note: 'from the attic' }),
    line('board-games', 24, { length: 270, width: 270, height: 50 }),
  );
  expect(found.map(({ line }) => line.name)).toEqual(['board-games', 'jigsaw-puzzles']);
  expect(found[1]!.values.note).toBe('from the attic, in pouches 1 to 6');
});

test('constants', () =>
  expect({ PARTS_OF_BOX, SLEEVE, POUCHES: POUCHES.map(({ length, width }) => [length, width]) }).toEqual({
    PARTS_OF_BOX: 0.13,
    SLEEVE: { length: 130, width: 125, height: 2 },
    POUCHES: [
      [340, 250],
      [450, 330],
    ],
  }));
