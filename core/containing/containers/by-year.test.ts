import { expect, test } from 'vitest';
import { CATALOGUE } from './catalogue.ts';
import { binsFor } from './bins-for.ts';
import { chooseContainers } from './choose.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import { usableLitres } from '../../ground/contents/litres.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Category, Line } from '../../ground/model/entities.ts';

const row = { version: 1, siteId: 's' };
const types = CATALOGUE.map((shape, i) => ({ ...row, ...shape, id: `t${i}`, owned: 0, tried: null }));
const box = types.find((type) => type.form === 'box' && !type.soft && type.compartments === 1)!;
const usable = usableLitres(box, 0.8);
const work: Category = {
  ...defaultsOf('category'),
  ...row,
  id: 'work',
  familyId: 'f',
  name: 'Finished work',
  containerTypeId: box.id,
  limit: { containerTypeId: box.id, count: 1, perYear: true },
};
const line = (name: string, litres: number, more: Partial<Line> = {}): Line => ({
  ...row,
  id: name,
  ...lineValues(name, { categoryId: 'work', amount: litres, measure: 'litre', ...more }),
});
const choose = (lines: Line[]) => {
  const demand = demandsOf(lines, new Map([['work', work]]), { measures: {} })[0]!;
  const [choice] = chooseContainers([demand], {
    site: { growth: 0.1, fillLimit: 0.8, measures: {} },
    types,
    compartments: [],
    taken: new Map(),
  });
  return { demand, choice: choice! };
};

test('each year gets a bin of its own, named after it, with its lines', () => {
  const lines = [
    line('paintings 2024', 0.2 * usable),
    line('clay 2025', 0.3 * usable),
    line('maps 2025', 0.1 * usable),
  ];
  const { demand, choice } = choose(lines);
  expect(choice.chosen).toMatchObject({ count: 2, type: { id: box.id } });
  expect(choice.over).toBeNull();
  expect(binsFor(demand, box.id, 2).map((bin) => [bin.name, bin.lineIds])).toEqual([
    ['Finished work 2024', ['paintings 2024']],
    ['Finished work 2025', ['clay 2025', 'maps 2025']],
  ]);
});

test('a year beyond its limit is told for itself, though the other years have room', () => {
  const { choice } = choose([line('paintings 2024', 1.5 * usable), line('clay 2025', 0.1 * usable)]);
  expect(choice.over!.litres).toBeCloseTo(0.5 * usable);
  expect(choice.over!.words).toContain('paintings 2024');
  expect(choice.chosen!.count).toBe(2);
});
