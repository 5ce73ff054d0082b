import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Bin, Compartment, ContainerType, Unit } from '../../ground/model/entities.ts';
import { UNIT } from '../../placing/cautions/testing/scene.ts';
import { changeOverOf } from './change-over.ts';

const space = (id: string, unitId: string, more: Partial<Compartment> = {}) =>
  ({ id, unitId, access: 'front', door: false, drawer: false, ...more }) as Compartment;
const bin = (id: string, compartmentId: string) =>
  ({ ...defaultsOf('bin'), id, compartmentId, containerTypeId: 't' }) as unknown as Bin;
const type = { id: 't', outWidth: 200, outHeight: 100, outDepth: 300, lid: false } as ContainerType;
const unit = (id: string, more: Partial<Unit> = {}): Unit => ({ ...UNIT, id, ...more });

test('doors close, what rolls goes, what is told is kept; drawers never showed anything', () => {
  const data = {
    units: [
      unit('cabinet'),
      unit('trolley', { wheels: true }),
      unit('cubes'),
      unit('shelf', { changeOver: 'is covered' }),
    ],
    compartments: [
      space('c1', 'cabinet', { door: true }),
      space('c2', 'cabinet', { door: true }),
      space('t', 'trolley'),
      space('q', 'cubes'),
      space('d', 'cubes', { drawer: true }),
      space('s', 'shelf'),
    ],
    bins: [bin('1', 'c1'), bin('2', 't'), bin('3', 'q'), bin('4', 'd'), bin('5', 's')],
    types: new Map([['t', type]]),
  };
  const made = changeOverOf(data);
  expect(made.steps).toEqual([
    { unitId: 'cabinet', what: 'closes', count: 2, seconds: 3, suggested: true },
    { unitId: 'trolley', what: 'rolls away', count: 1, seconds: 20, suggested: true },
    { unitId: 'shelf', what: 'is covered', count: 1, seconds: 15, suggested: false },
  ]);
  expect(made).toMatchObject({ seconds: 38, seenByDay: 800, seenAfter: 200, stillSeen: ['cubes'] });
  const lids = changeOverOf({ ...data, types: new Map([['t', { ...type, lid: true }]]) });
  expect(lids.steps.filter(({ what }) => what === 'lids on')).toMatchObject([{ unitId: 'cubes', count: 1 }]);
});
