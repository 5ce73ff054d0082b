import { expect, test } from 'vitest';
import { defaultsOf, noRows } from '../../ground/model/defaults.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import { cautionsWith } from './preview.ts';
import { cot, fixture, H, row, scene, toddler, TODAY, UNIT } from './testing/scene.ts';

/** A toddler's room with a shelf of beads above everybody's reach. */
function house(): SiteData {
  const room = scene({
    people: [toddler],
    things: [{ name: 'Beads', at: 'high', more: H('H2') }],
    unit: { anchored: true, rows: 1, raised: 1500, height: 300 },
    spaces: [{ id: 'high', name: 'the one space', floor: 1520, z: 20 }],
  });
  return {
    ...noRows(),
    site: [{ ...defaultsOf('site'), ...row, id: 's', name: 'House' }],
    room: [room.room],
    person: [...room.people],
    unit: [...room.units],
    compartment: [...room.compartments],
    bin: [...room.bins],
    category: [...room.categories.values()],
    containerType: [...room.types.values()],
  };
}
const keys = (found: ReturnType<typeof cautionsWith>) =>
  found.flatMap(({ cautions }) => cautions.map(({ key }) => key));

test('nothing changed brings nothing', () => {
  const data = house();
  expect(cautionsWith(data, 'unit', data.unit[0]!, TODAY)).toEqual([]);
});
test('a shelf hung lower brings what then is within reach', () => {
  const data = house();
  expect(keys(cautionsWith(data, 'unit', { ...data.unit[0]!, raised: 100 }, TODAY))).toEqual([
    expect.stringMatching(/^H2:/),
  ]);
});
test('furniture that is anchored no more tips', () => {
  const data = house();
  expect(
    keys(cautionsWith(data, 'unit', { ...data.unit[0]!, anchored: false, height: 1300, raised: 0 }, TODAY)),
  ).toContain(`H1:${UNIT.id}`);
});
test('a cot put up under a shelf, a door where furniture stands, and beads made a use of a child', () => {
  const data = house();
  const [unit] = data.unit;
  expect(keys(cautionsWith(data, 'zone', { ...cot, x: unit!.x, y: unit!.y }, TODAY))).toContain(`H10:${unit!.id}`);
  expect(keys(cautionsWith(data, 'fixture', fixture('exit', unit!.x, unit!.y), TODAY))).toHaveLength(1);
  const beads = { ...data.category[0]!, users: [toddler.id] };
  expect(keys(cautionsWith(data, 'category', beads, TODAY))).toContain(`use:${beads.id}`);
});
