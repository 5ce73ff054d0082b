import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Bin, Compartment, Fixture, TemplateKind, Unit } from '../../ground/model/entities.ts';
import { overlookedPlaces, type OverlookedRoom } from './overlooked.ts';
import { compartmentsOf, shapeProblems } from './template.ts';
import { startOf } from './templates.ts';

const unit = (id: string, template: TemplateKind, more: Partial<Unit> = {}) =>
  ({ ...defaultsOf('unit'), ...startOf(template), id, name: id, x: 2000, y: 2700, ...more }) as Unit;
const room = (more: Partial<OverlookedRoom>): OverlookedRoom => ({
  room: { width: 4000, depth: 3000, height: 2500 },
  units: [],
  compartments: [],
  bins: [],
  fixtures: [],
  types: new Map(),
  ...more,
});
const kinds = (more: Partial<OverlookedRoom>) => overlookedPlaces(room(more)).map(({ kind, at }) => `${kind} ${at}`);

test('a bookcase alone has its top and both its sides; what is there already is not told again', () => {
  const bookcase = unit('case', 'bookcase', { raised: 0 });
  expect(kinds({ units: [bookcase] })).toEqual(['top case', 'side case left', 'side case right']);
  // 800 × 300 × 500 mm, four fifths of it.
  expect(overlookedPlaces(room({ units: [bookcase] }))[0]).toMatchObject({ litres: 96 });
  const above = unit('boxes', 'top', { raised: 1800, height: 500 });
  expect(kinds({ units: [bookcase, above] })).not.toContain('top case');
  const beside = unit('other', 'bookcase', { raised: 0, x: 2900 });
  expect(kinds({ units: [bookcase, beside] })).not.toContain('side case right');
  expect(kinds({ units: [unit('case', 'bookcase', { raised: 0, x: 400 })] })).not.toContain('side case left');
});

test('low furniture has a wall above it, legs have room beneath, a door has a back', () => {
  const low = unit('low', 'cubes', { y: 2610, raised: 200 });
  const door = { id: 'd', kind: 'exit', name: '', x: 100, y: 0 } as Fixture;
  expect(kinds({ units: [low], fixtures: [door] })).toEqual(
    expect.arrayContaining(['above low', 'under low', 'door d']),
  );
  expect(kinds({ units: [unit('low', 'cubes', { y: 1000 })] })).not.toContain('above low');
  expect(kinds({ units: [unit('rack', 'pockets')], fixtures: [door] })).toEqual([]);
});

test('furniture at another wall is seen as it stands, and nobody keeps things on a seat', () => {
  const side = unit('case', 'bookcase', { raised: 0, x: 3700, y: 1500, faces: 'left' });
  const [, panel] = overlookedPlaces(room({ units: [side] }));
  // Its left side, as one looks at it, is towards the back wall.
  expect(panel).toMatchObject({ at: 'case left', place: { faces: 'back' } });
  expect(panel!.place!.y).toBeGreaterThan(1500);
  expect(kinds({ units: [unit('bench', 'trunk', { height: 1200, doubles: 'seat', y: 1000 })] })).not.toContain(
    'top bench',
  );
  const hooks = unit('coats', 'hooks', { raised: 900 });
  expect(kinds({ units: [hooks] })).toContain('hooks coats');
  expect(kinds({ units: [hooks, unit('low', 'bookcase', { raised: 0, height: 800 })] })).not.toContain('hooks coats');
});

test('depth behind and height above what stands are told with their litres', () => {
  const deep = unit('deep', 'bookcase', { depth: 500, rows: 3, raised: 0, x: 400 });
  const compartments = compartmentsOf(deep).map(
    (space, i) => ({ ...space, id: `s${i}`, unitId: 'deep' }) as Compartment,
  );
  const bin = { compartmentId: 's2', containerTypeId: null, outWidth: 300, outDepth: 200, outHeight: 150 } as Bin;
  const found = overlookedPlaces(room({ units: [deep], compartments, bins: [bin] }));
  expect(found.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['behind', 'height']));
  // 760 wide, 480 − 200 deep, 150 high, four fifths.
  expect(found.find(({ kind }) => kind === 'behind')!.litres).toBe(26);
});

test('a shelf on the shelf parts the compartment where most height is free, and the two fit into it', () => {
  const unit_ = unit('tall', 'bookcase', { rows: 2, raised: 0, step: null });
  const compartments = compartmentsOf(unit_).map(
    (space, i) => ({ ...space, id: `s${i}`, unitId: 'tall' }) as Compartment,
  );
  const bin = { compartmentId: 's1', containerTypeId: null, outWidth: 300, outDepth: 200, outHeight: 150 } as Bin;
  const found = overlookedPlaces(room({ units: [unit_], compartments, bins: [bin] }));
  const { split } = found.find(({ kind }) => kind === 'height')!;
  const whole = compartments[1]!;
  expect(split).toMatchObject({
    compartmentId: 's1',
    leaves: { height: 170 },
    other: { name: `${whole.name}, above`, z: whole.z + 188 },
  });
  expect(split!.other.height + 188).toBe(whole.height);
  expect(split!.other.floor).toBe(whole.floor + 188);
  const stepped = overlookedPlaces(room({ units: [{ ...unit_, step: 32 }], compartments, bins: [bin] }));
  expect(stepped.find(({ kind }) => kind === 'height')!.split).toBeUndefined();
});

test('a raised row at the back begins behind what stands, and is seen over it', () => {
  const deep = unit('deep', 'bookcase', { depth: 500, rows: 3, raised: 0, x: 400 });
  const compartments = compartmentsOf(deep).map(
    (space, i) => ({ ...space, id: `s${i}`, unitId: 'deep' }) as Compartment,
  );
  const bin = { compartmentId: 's2', containerTypeId: null, outWidth: 300, outDepth: 200, outHeight: 150 } as Bin;
  const { split } = overlookedPlaces(room({ units: [deep], compartments, bins: [bin] })).find(
    ({ kind }) => kind === 'behind',
  )!;
  const whole = compartments[2]!;
  expect(split).toMatchObject({ compartmentId: 's2', leaves: { depth: 200 } });
  expect(split!.other).toMatchObject({ depth: whole.depth - 200, z: whole.z + 90, height: whole.height - 90 });
});

test('every place that is told can be measured as it is', () => {
  const units = [unit('a', 'bookcase', { raised: 0 }), unit('b', 'cubes', { x: 3300, y: 2610, raised: 150 })];
  const found = overlookedPlaces(
    room({ units, fixtures: [{ id: 'd', kind: 'exit', name: '', x: 0, y: 0 } as Fixture] }),
  );
  expect(found.length).toBeGreaterThan(4);
  for (const { place } of found) expect(place && shapeProblems(place)).toEqual([]);
  expect(found.map(({ litres }) => litres)).toEqual(found.map(({ litres }) => litres).sort((a, b) => b - a));
});
