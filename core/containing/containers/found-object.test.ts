import { describe, expect, test } from 'vitest';
import { readFound } from './found-object.ts';

const sides = ({ outWidth, outDepth, outHeight }: { outWidth: number; outDepth: number; outHeight: number }) => [
  outWidth,
  outDepth,
  outHeight,
];
describe('what lies around, in one line', () => {
  test.each<[string, number, string, number[], string, string]>([
    ['3 jam jars 75x110 round', 3, 'Jam jar', [75, 75, 110], 'round', 'glass'],
    ['jam jar ⌀ 75 x 110 mm', 1, 'Jam jar', [75, 75, 110], 'round', 'glass'],
    ['2 wooden crates 50 x 33 x 28', 2, 'Wooden crate', [500, 330, 280], 'box', 'wood'],
    ['5 shoeboxes 30 x 18 x 10.5 cm', 5, 'Shoebox', [300, 180, 105], 'box', 'card'],
    ['a biscuit tin 24x24x8', 1, 'Biscuit tin', [240, 240, 80], 'box', 'metal'],
    ['two ice cream tubs 17 by 12 by 9 cm', 2, 'Ice cream tub', [170, 120, 90], 'tapered', 'plastic'],
    ['10 yoghurt pots 70×95 mm', 10, 'Yoghurt pot', [70, 70, 95], 'round', 'plastic'],
    ['old drawer 400x300x80', 1, 'Old drawer', [400, 300, 80], 'box', 'plastic'],
    ['biscuit tin 20 cm round, 8 high', 1, 'Biscuit tin', [200, 200, 80], 'round', 'metal'],
    ['bucket 28 across and 25 high', 1, 'Bucket', [280, 280, 250], 'round', 'plastic'],
    ['shoe boxes x4 33x19x12', 4, 'Shoe box', [330, 190, 120], 'box', 'card'],
    ['mason jars (12) no lid 9 x 13 cm', 12, 'Mason jar', [90, 90, 130], 'round', 'glass'],
  ])('%s', (text, count, name, size, form, material) => {
    const { found } = readFound(text, 'metric');
    expect([found!.count, found!.shape.name, sides(found!.shape), found!.shape.form, found!.shape.material]).toEqual([
      count,
      name,
      size,
      form,
      material,
    ]);
  });
  test('inches, with fractions', () => {
    expect(sides(readFound('shoebox 12" x 7 1/2" x 4"', 'imperial').found!.shape)).toEqual([305, 191, 102]);
    expect(sides(readFound('2 cigar boxes 9 x 6 x 2', 'imperial').found!.shape)).toEqual([229, 152, 51]);
  });
  test('the inside is smaller than the outside, by its walls', () => {
    const { shape } = readFound('3 jam jars 75x110 round', 'metric').found!;
    expect([shape.inWidth, shape.inHeight, shape.seeThrough, shape.lid]).toEqual([67, 102, true, true]);
    expect(readFound('jam jar 75x110 without lid', 'metric').found!.shape.lid).toBe(false);
  });
  test.each([
    ['3 jam jars', /Tell its outside/],
    ['box 30x20', /tell the third/],
    ['30x20x10', /Say what it is/],
    ['crate 500 x 330 x 280 cm', /check the unit/],
    ['900 jars 75x110', /at most/],
  ])('%s is asked about', (text, words) => expect(readFound(text, 'metric').problem).toMatch(words));
});
