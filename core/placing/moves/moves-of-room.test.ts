import { byId } from '../../ground/model/by-id.ts';
import { describe, expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Bin, Compartment, Move, Unit } from '../../ground/model/entities.ts';
import { startOf } from '../../measuring/measuring/templates.ts';
import type { DepthPosition, DepthProblem } from '../placement/depth/problem.ts';
import { plainBin, plainProblem, plainShelf } from '../placement/testing/plain.ts';
import { homesNow, planMoves, type MovesRoom } from './moves-of-room.ts';
import { moveWords } from './words.ts';

const unit = { ...defaultsOf('unit'), ...startOf('cubes'), id: 'u', name: 'Cubes', x: 1000, y: 2700 } as Unit;
const spaces = ['a', 'b', 'c'].map(
  (id) => ({ ...plainShelf(id), unitId: 'u', name: `cube ${id}`, id }) as unknown as Compartment,
);
const bins = ['1', '2', '3'].map((id) => ({ ...plainBin(id), turnable: false, stackable: false }));
const problem: DepthProblem = {
  ...plainProblem(
    [],
    ['a', 'b', 'c'].map((id) => plainShelf(id)),
  ),
  format: 'stube-place/2',
  bins,
};
const room: MovesRoom = { room: { width: 4000, depth: 3000 }, units: [unit], compartments: spaces, problem };
const at = (bin: string, compartment: string): DepthPosition => ({ bin, compartment, x: 0, y: 0, z: 0, turned: false });

describe('the moves of a room', () => {
  const before = [at('1', 'a'), at('2', 'b'), at('3', 'c')];
  test('a circle of three takes four steps, one of them to the floor; each says where the bin then stands', () => {
    const plan = planMoves(room, before, [at('1', 'b'), at('2', 'c'), at('3', 'a')], 1)!;
    expect(plan).toMatchObject({ places: 1, fewest: true });
    expect(plan.moves).toHaveLength(4);
    const parked = plan.moves[0]!;
    expect(parked).toMatchObject({
      to: 'parking',
      fromId: before.find(({ bin }) => bin === parked.binId)!.compartment,
    });
    expect(plan.moves.at(-1)).toMatchObject({ binId: parked.binId, to: 'place', fromId: null, x: null });
  });
  test('without a place on the floor a circle cannot be broken: one more is taken, and said', () =>
    expect(planMoves(room, before, [at('1', 'b'), at('2', 'a'), at('3', 'c')], 0)).toMatchObject({ places: 1 }));
  test('nothing to carry is no plan', () => expect(planMoves(room, before, before, 1)).toBeNull());
});

const bin = (id: string) => ({ id, code: `K${id}`, name: 'Blocks', compartmentId: 'b' }) as Bin;
const move = (more: Partial<Move>) =>
  ({ binId: '1', to: 'place', fromId: 'a', x: 5, y: 0, z: 0, turned: false, sort: 0, done: false, ...more }) as Move;
test('where a bin really stands: before its step where it was, on the floor between, then at home', () => {
  const homes = new Map([['1', { compartment: 'b', x: 0, y: 0, z: 0, turned: false }]]);
  const steps = (first: boolean, second: boolean) => [
    move({ sort: 1, fromId: null, x: null, y: null, z: null, done: second }),
    move({ to: 'parking', done: first }),
  ];
  expect(homesNow([bin('1')], steps(false, false), homes).get('1')).toMatchObject({ compartment: 'a', x: 5 });
  expect(homesNow([bin('1')], steps(true, false), homes).has('1')).toBe(false);
  expect(homesNow([bin('1')], steps(true, true), homes).get('1')).toMatchObject({ compartment: 'b', x: 0 });
});
test('the words of a step name bin, from and to', () => {
  const names = {
    bin: new Map([['1', bin('1')]]),
    compartment: byId(spaces),
    unit: new Map([['u', unit]]),
  };
  expect(moveWords(move({}), names, null)).toEqual({ bin: 'K1 Blocks', from: 'Cubes › cube a', to: 'Cubes › cube b' });
  expect(moveWords(move({ to: 'parking' }), names, null).to).toBe('the floor or a table, for now');
});
