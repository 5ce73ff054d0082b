import { describe, expect, test } from 'vitest';
import { adult, scene, SPACE, TYPE, type Scene } from '../cautions/testing/scene.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import type { Bin, ContainerType } from '../../ground/model/entities.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import { Standing } from '../placement/depth/standing.ts';
import type { PlanRoom } from './plan-room.ts';
import { remedyFor } from './remedy.ts';

const SITE = { growth: 0.1, fillLimit: 0.8, measures: {} };
/** Two shelves: one for a bin 32 cm high, one of 16 cm; each as wide as one tub. */
const SPACES = [
  { ...SPACE, id: 'low', name: 'shelf 2', width: 260, height: 360 },
  { ...SPACE, id: 'flat', name: 'shelf 1', width: 260, height: 190, floor: 900, z: 880 },
];
const TALL = { outHeight: 320, inHeight: 310 };
function planOf(
  things: Scene['things'],
  more: readonly ContainerType[] = [],
  change: (bin: Bin) => Bin = (bin) => bin,
) {
  const made = scene({ people: [adult], things, spaces: SPACES });
  const site = { ...made.site, ...SITE };
  const types = new Map([...made.types, ...more.map((type) => [type.id, type] as const)]);
  const room = { ...made, site, types, bins: made.bins.map(change) };
  const plan: PlanRoom = {
    room,
    demands: demandsOf([...room.lines], room.categories, site),
    context: { site, types: [...types.values()], compartments: room.compartments, taken: new Map() },
  };
  return { plan, standing: new Standing(depthProblemOf(room), homesOf(room.bins)) };
}
const ask = ({ plan, standing }: ReturnType<typeof planOf>, name: string) =>
  remedyFor(plan, standing, plan.room.bins.find((bin) => bin.name === name)!.id);

describe('a bin without a place', () => {
  const cars = { name: 'Cars', at: 'low' };
  const blocks = {
    name: 'Blocks',
    at: 'bench',
    type: TALL,
    line: { name: 'wooden blocks', amount: 3, measure: 'litres' },
  };
  test('gets one where another bin can leave its own for one that fits it as well', () => {
    const made = planOf([cars, blocks]);
    const found = ask(made, 'Blocks');
    expect(found).toMatchObject({ kind: 'another moves' });
    expect(found!.places.map(({ compartment }) => compartment)).toEqual(['flat', 'low']);
  });
  test('asks no pinned bin to move, and then takes the flat container that is owned before one that is bought', () => {
    const flat = { ...TYPE, id: 'flat tub', name: 'Flat tub', outWidth: 240, inWidth: 230, price: 300 };
    const pin = (bin: Bin) => ({ ...bin, pinned: bin.name === 'Cars' });
    const owned = [flat, { ...flat, id: 'own', name: 'Own flat tub', owned: 1, price: 0 }];
    expect(ask(planOf([cars, blocks], [], pin), 'Blocks')).toBeNull();
    expect(ask(planOf([cars, blocks], [flat], pin), 'Blocks')).toMatchObject({
      type: { name: 'Flat tub' },
      owned: false,
    });
    const found = ask(planOf([cars, blocks], owned, pin), 'Blocks');
    expect(found).toMatchObject({ kind: 'another container', type: { name: 'Own flat tub' }, owned: true });
    expect(found!.places[0]).toMatchObject({ compartment: 'flat' });
  });
  test('is asked nothing where it has a place, or a free one takes it', () => {
    expect(ask(planOf([cars]), 'Cars')).toBeNull();
    expect(ask(planOf([{ name: 'Cars', at: 'bench' }]), 'Cars')).toBeNull();
  });
});
