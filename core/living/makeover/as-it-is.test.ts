import { expect, test } from 'vitest';
import { scene } from '../../placing/cautions/testing/scene.ts';
import { asItIsOf, figuresOf, neverUsed } from './as-it-is.ts';

test('what stands is kept whole: nothing that changes afterwards changes it', () => {
  const data = scene({ things: [{ name: 'Blocks' }, { name: 'Cars' }, { name: 'Balls', at: 'bench' }] });
  const state = asItIsOf(data, () => 'oak');
  const { bins, places, empty, unplaced } = figuresOf(state);
  expect(bins).toBe(data.bins.length);
  expect(places).toBe(data.compartments.length);
  expect(empty).toBe(places - new Set(data.bins.flatMap((bin) => bin.compartmentId ?? [])).size);
  expect(unplaced).toBe(data.bins.filter((bin) => !bin.compartmentId).length);
  const text = JSON.stringify(state);
  // No id of a row: it could point to what is gone.
  for (const row of [...data.bins, ...data.units, ...data.compartments]) expect(text).not.toContain(`"id":"${row.id}"`);
  const cleared = { ...data, bins: data.bins.map((bin) => ({ ...bin, compartmentId: null })) };
  const later = asItIsOf(cleared, () => 'oak');
  expect(figuresOf(later)).toMatchObject({ effort: 0, used: 0, unplaced: data.bins.length });
  expect(JSON.stringify(state)).toBe(text);
  expect(neverUsed(state, later)).toEqual(figuresOf(state).used ? [] : state.units.map(({ name }) => name));
  expect(neverUsed(later, later)).toEqual(data.units.map(({ name }) => name));
});
