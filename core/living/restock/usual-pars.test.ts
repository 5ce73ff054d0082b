import { expect, test } from 'vitest';
import type { Category, Line, Person } from '../../ground/model/entities.ts';
import { STARTER_CATEGORIES } from '../../ground/starter/library.ts';
import { suggestedPar, USUAL_USE } from './usual-pars.ts';

const line = (name: string, amount: number, more: Partial<Line> = {}) =>
  ({ id: name, name, amount, measure: 'pieces', kind: null, ...more }) as Line;
const of = (starter: string) => ({ starter }) as Category;
const child = (id: string, born: string | null, count = 1) => ({ id, born, count }) as Person;
const TODAY = '2026-11-27';
// About 9.4 kg and 11.5 kg by the medians, and five years old.
const children = [child('mila', '2025-12'), child('ben', '2024-11'), child('ida', '2021-11')];
const par = (name: string, starter: string, amount = 100) =>
  suggestedPar(line(name, amount), of(starter), [line('nappies size 5', 0)], children, TODAY);

test('every kind that is told is one of the library', () => {
  const keys = new Set(STARTER_CATEGORIES.map(({ key }) => key));
  expect(Object.keys(USUAL_USE).filter((key) => !keys.has(key))).toEqual([]);
});
test('nappies follow from who they fit: five a day, a week at the least and four weeks wanted', () => {
  expect(par('nappies size 4', 'nappies')).toEqual({
    lineId: 'nappies size 4',
    unit: 'pieces',
    use: 'child',
    perDay: 5,
    fromGrams: 9000,
    toGrams: 14_000,
    least: 50,
    wanted: 200,
    pack: 40,
    leadDays: 3,
    nextId: 'nappies size 5',
  });
  // A group counts as many as it has.
  expect(suggestedPar(line('nappies', 9), of('nappies'), [], [child('crawlers', '2025-12', 6)], TODAY)).toMatchObject({
    least: 150,
    wanted: 600,
  });
  // Of no size: whoever is light enough to wear any.
  expect(par('nappies', 'nappies')).toMatchObject({ toGrams: 15_000, wanted: 200 });
});
test('paper is for all children; where none comes, a quarter of what is there is too little', () => {
  expect(par('paper', 'drawing-paper', 300)).toMatchObject({ use: 'child', perDay: 2, least: 30, wanted: 120 });
  const office = suggestedPar(line('paper', 1500), of('copy-paper'), [], [], TODAY);
  expect(office).toMatchObject({ use: 'counted', perDay: 0, least: 375, wanted: 1500, pack: 500 });
});
test('what fits no child today is for the children all the same: they grow into it', () => {
  expect(
    suggestedPar(line('nappies size 4', 120), of('nappies'), [], [child('crawlers', '2026-05', 6)], TODAY),
  ).toMatchObject({
    use: 'child',
    perDay: 5,
    fromGrams: 9000,
    least: 30,
    wanted: 120,
  });
});
test('what lasts, is washed, or is told by its litres is no consumable', () => {
  expect(par('wooden blocks', 'wooden-blocks')).toBeNull();
  expect(par('swim nappies, reusable', 'nappies')).toBeNull();
  expect(
    suggestedPar(line('glue', 2, { measure: 'litre' } as Partial<Line>), of('liquid-glue'), [], [], TODAY),
  ).toBeNull();
});
