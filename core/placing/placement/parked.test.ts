import { expect, test } from 'vitest';
import { adult, scene, TODAY, toddler } from '../cautions/testing/scene.ts';
import { cautionsOf } from '../cautions/cautions.ts';
import { noRows } from '../../ground/model/defaults.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import { depthProblemOf, homesOf } from './depth/depth-problem-of.ts';
import { freeToPark } from './depth/free-to-park.ts';
import { solveDepth } from './depth/solve.ts';
import { Standing } from './depth/standing.ts';
import { mustBeLocked } from './must-be-locked.ts';
import { parkedWidth, fitsToPark } from './parked.ts';
import { placeProblemOf } from './place-problem-of.ts';
import { roomDataOf } from './room-data.ts';

/** A den in which an art caddy stands out of reach, with a parking place on a low shelf of the nursery. */
function house(parkId: string | null, nurseryBins = 0): SiteData {
  const den = scene({
    people: [adult, toddler],
    things: [
      {
        name: 'Art caddy',
        at: 'high',
        more: { hazards: ['H4'] },
        type: { outWidth: 300, outDepth: 180, handle: false },
        line: { name: 'scissors', measure: 'litres', amount: 2 },
      },
      ...Array.from({ length: nurseryBins }, () => ({ name: 'Blocks', at: 'bench', type: { stackable: false } })),
    ],
  });
  const nursery = { ...den.room, id: 'n', name: 'Nursery', people: [toddler.id] };
  const unit = { ...den.units[0]!, id: 'nu', roomId: 'n', name: 'Nursery shelf' };
  const low = { ...den.compartments[0]!, id: 'nlow', unitId: 'nu' };
  return {
    ...noRows(),
    site: [{ ...den.site, id: 's' } as SiteData['site'][number]],
    room: [den.room, nursery],
    person: [...den.people],
    unit: [...den.units, unit],
    compartment: [...den.compartments, low],
    bin: den.bins.map((bin, i) => (i ? { ...bin, roomId: 'n' } : { ...bin, parkId })),
    line: [...den.lines],
    category: [...den.categories.values()],
    containerType: [...den.types.values()],
  };
}
const parkedOf = (parkId: string) => nurseryOf(house(parkId)).parked!;
const nurseryOf = (data: SiteData) => roomDataOf(data, 'n', TODAY)!;

test('its room is kept free: less width and less load, and no plan stands there', () => {
  const without = placeProblemOf(nurseryOf(house(null))).compartments[0]!;
  const [parked] = parkedOf('nlow');
  const space = placeProblemOf(nurseryOf(house('nlow'))).compartments[0]!;
  expect(parkedWidth(parked!, nurseryOf(house('nlow')).compartments[0]!)).toBe(180);
  expect(without.width - space.width).toBe(180);
  expect(without.maxLoad - space.maxLoad).toBeGreaterThanOrEqual(200);
  // Tubs of 200 × 200 mm fill the shelf of 760 × 380 mm, but for room to grow, in one row: three, and two with the caddy there.
  const planned = (parkId: string | null) =>
    solveDepth(depthProblemOf(nurseryOf(house(parkId, 8))), { iterations: 30 }).placed.length;
  expect([planned(null), planned('nlow')]).toEqual([3, 2]);
});

test('what was put by hand where a parking place was said since is moved up, or told as crowded', () => {
  const data = house('nlow', 3);
  const bins = nurseryOf(data).bins.map((bin, i) => ({ ...bin, compartmentId: 'nlow', x: i * 200, y: 0, z: 0 }));
  const standing = new Standing(depthProblemOf({ ...nurseryOf(data), bins }), homesOf(bins));
  expect(standing.crowded).toHaveLength(1);
});

test('what takes it as it is or turned may be its parking place; a hook only where it can hang', () => {
  const { shape } = parkedOf('nlow')[0]!;
  const [space] = nurseryOf(house(null)).compartments;
  const fits = (more: object, hangs = false) => fitsToPark(shape, { ...space!, ...more }, hangs);
  expect(fits({})).toBe(true);
  // The caddy is 300 wide and 180 deep.
  expect(fits({ width: 200 })).toBe(true);
  expect(fits({ width: 170 })).toBe(false);
  expect(fits({ width: 200, opening: 170 })).toBe(false);
  expect(fits({ height: 20 })).toBe(false);
  expect(fits({ hangs: true })).toBe(false);
  expect(fits({ hangs: true }, true)).toBe(true);
});

test('a compartment is offered as long as its front has room for it', () => {
  const { shape } = parkedOf('nlow')[0]!;
  const at = (count: number) => {
    const data = house(null, count);
    const bins = nurseryOf(data).bins.map((bin, i) => ({ ...bin, compartmentId: 'nlow', x: i * 200, y: 0, z: 0 }));
    return [...freeToPark({ ...nurseryOf(data), bins }, shape)];
  };
  expect([at(0), at(2), at(3)]).toEqual([['nlow'], ['nlow'], []]);
});

test('a danger that is carried to where a child reaches it is told there, with a key of its own', () => {
  const hazards = (parkId: string | null) =>
    cautionsOf(nurseryOf(house(parkId))).filter(({ hazard }) => hazard === 'H4');
  expect(hazards(null)).toEqual([]);
  const [caution] = hazards('nlow');
  expect(caution).toMatchObject({ key: 'H4:b0.parked', about: 'P1 Art caddy (parked)', severity: 'danger' });
  expect(caution!.fact).toContain('Nursery shelf');
  // It has its place in the den: nothing here has to be locked for it.
  expect(mustBeLocked(nurseryOf(house('nlow')))).toEqual([]);
});
