import { expect, test } from 'vitest';
import { cautionsOf } from './cautions.ts';
import { comingCautions, grownBy } from './coming.ts';
import { adult, child, H, scene } from './testing/scene.ts';

const baby = child('Mika', '2026-07', 630);
const room = (people = [adult, baby]) =>
  scene({ people, things: [{ name: 'Button cells', at: 'low', more: H('H3') }] });

test('a baby who cannot crawl reaches nothing; from the month in which it may, what is low is told once', () => {
  expect(cautionsOf(room()).filter(({ hazard }) => hazard === 'H3')).toEqual([]);
  const coming = comingCautions(room());
  expect(coming.filter(({ caution }) => caution.hazard === 'H3').map(({ from }) => from)).toEqual(['2026-12-01']);
  expect(cautionsOf({ ...room(), today: '2026-12-01' }).some(({ hazard }) => hazard === 'H3')).toBe(true);
});
test('what holds today does not come, and of whom no month is known nobody can say how it grows', () => {
  const toddler = child('Wren', '2025-03', 800);
  expect(comingCautions(room([adult, toddler])).filter(({ caution }) => caution.hazard === 'H3')).toEqual([]);
  expect(comingCautions(room([adult, { ...baby, born: null }]))).toEqual([]);
});
test('a child grows as the median of its age does', () => {
  expect(grownBy(child('Otter', '2022-11', 1000), '2026-11-26', '2027-11-01').stature).toBe(
    Math.round((1000 * 1097) / 1030),
  );
  expect(grownBy(adult, '2026-11-26', '2027-11-01')).toBe(adult);
});
