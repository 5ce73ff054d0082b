// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import UnitElevation, { type DrawnSpace } from './UnitElevation.vue';
import { inFront, type DrawnBin } from './scale.ts';

const shape = {
  template: 'cubes' as const,
  width: 780,
  height: 420,
  depth: 390,
  columns: 2,
  rows: 1,
  board: 20,
  raised: 60,
  slope: null,
  layout: null,
};
const space = (id: string, x: number, more: Partial<DrawnSpace> = {}): DrawnSpace => ({
  id,
  name: `cube ${id}`,
  x,
  z: 20,
  width: 360,
  depth: 370,
  height: 380,
  floor: 80,
  access: 'front',
  door: false,
  drawer: false,
  hangs: false,
  maxLoad: 13000,
  ...more,
});
const spaces = [space('A1', 20), space('B1', 400)];
const unit = (more: object = {}) =>
  mount(UnitElevation, { props: { shape, spaces, name: 'Window cubes', px: 0.5, ...more } });
const drawn = (outWidth: number, categoryId = 'a') =>
  ({ type: { outWidth, outHeight: 100 }, bin: { categoryId } }) as DrawnBin;

test('every compartment stands where it was measured, and says its inside', () => {
  const rects = unit().findAll('rect.space');
  expect(
    rects.map((dOMWrapper) => [dOMWrapper.attributes('x'), dOMWrapper.attributes('y'), dOMWrapper.attributes('width')]),
  ).toEqual([
    ['20', '20', '360'],
    ['400', '20', '360'],
  ]);
  expect(rects[0]!.get('title').text()).toBe('cube A1, inside 36 cm wide, 38 cm high, 37 cm deep');
});

test('a tap on a compartment names it, and a mark stands in its own', async () => {
  const view = unit({ marks: new Map([['B1', { tone: 'good', text: '+ 2 min' }]]) });
  await view.findAll('rect.space')[1]!.trigger('click');
  expect(view.emitted('space')).toEqual([['B1']]);
  expect(view.get('[data-space="B1"] text.mark').text()).toBe('+ 2 min');
  expect(view.find('[data-space="A1"] text.mark').exists()).toBe(false);
});

test('doors are drawn where there are any, sizes where they are asked for', () => {
  expect(unit().findAll('g.door')).toHaveLength(0);
  const withDoor = [space('A1', 20, { door: true }), spaces[1]!];
  expect(unit({ spaces: withDoor }).findAll('g.door')).toHaveLength(1);
  expect(unit({ spaces: withDoor, shape: { ...shape, template: 'cabinet' } }).findAll('g.door')).toHaveLength(2);
  expect(unit().findAll('text.inside')).toHaveLength(0);
  expect(
    unit({ numbers: true })
      .findAll('text.inside')
      .map((dOMWrapper) => dOMWrapper.text().replace(/\s+/g, ' ')),
  ).toEqual(['36 × 38', '36 × 38']);
  expect(unit({ dims: true }).get('g.dims').text()).toContain('78 cm');
});

test('bins stand side by side with gaps alike, and touch where they fill the width', () => {
  const xs = (bins: DrawnBin[], width: number) => inFront(bins, { width, height: 300 }).shown.map(({ x }) => x);
  expect(xs([drawn(100), drawn(100)], 224)).toEqual([8, 116]);
  expect(xs([drawn(180), drawn(180)], 360)).toEqual([0, 180]);
  // In a wide space they do not drift apart.
  expect(xs([drawn(100), drawn(100)], 900)).toEqual([12, 124]);
  expect(xs([], 300)).toEqual([]);
});

test('like stands with like; what is kept in the depth stands on top, else behind, and nothing sticks out', () => {
  const bins = [drawn(200, 'a'), drawn(100, 'b'), drawn(200, 'a'), drawn(200, 'c'), drawn(200, 'd'), drawn(200, 'e')];
  const { shown, behind } = inFront(bins, { width: 410, height: 220 });
  expect(shown.map(({ one, z }) => [one.bin.categoryId, z])).toEqual([
    ['a', 0],
    ['a', 0],
    ['b', 100],
    ['c', 100],
  ]);
  expect(behind.map(({ bin }) => bin.categoryId)).toEqual(['d', 'e']);
  for (const { one, x, z } of shown) {
    expect(x + one.type.outWidth).toBeLessThanOrEqual(410);
    expect(z + one.type.outHeight).toBeLessThanOrEqual(220);
  }
});
