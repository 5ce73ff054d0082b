import { byId } from '../../ground/model/by-id.ts';
import { expect, test } from 'vitest';
import { startOf } from '../measuring/templates.ts';
import type { Compartment, CutPiece, CutStock, Unit } from '../../ground/model/entities.ts';
import { cutProblemOf, fixingsOf, listPieces, supportsOf } from './cut-list.ts';

const unit = (id: string, template: Unit['template']) => ({ ...startOf(template), id, name: id }) as Unit;
const units = byId([unit('closet', 'bookcase'), unit('wall', 'rails')]);
const space = (id: string, unitId: string, width: number, height: number) =>
  ({ id, unitId, name: id, width, height, depth: 300, measured: true }) as Compartment;
const spaces = byId([space('a', 'closet', 1215, 300), space('b', 'wall', 700, 280)]);
const piece = (id: string, compartmentId: string, part: CutPiece['part'], count = 1) =>
  ({ id, compartmentId, part, count }) as CutPiece;
const stock = (id: string, part: CutStock['part'], length: number, count: number | null = null) =>
  ({ id, part, length, width: null, price: 100, count }) as CutStock;

test('a rod is as long as the inside is wide, a divider as it is high, both less the clearance', () => {
  const listed = listPieces(
    [piece('1', 'a', 'rod'), piece('2', 'a', 'divider'), piece('3', 'gone', 'rod')],
    spaces,
    units,
    4,
  );
  expect(listed.map(({ length, inside }) => [length, inside])).toEqual([
    [1211, 1215],
    [296, 300],
  ]);
});

test('what is longer than every stock of its part is told, the rest is asked', () => {
  const listed = listPieces([piece('1', 'a', 'rod', 6), piece('2', 'a', 'board')], spaces, units, 4);
  const { problem, tooLong } = cutProblemOf(
    listed,
    [stock('s', 'rod', 2400), stock('t', 'board', 1000), stock('u', 'board', 3000, 0)],
    { kerf: 3 },
  );
  expect(problem.pieces).toEqual([{ id: '1', material: 'rod', length: 1211, count: 6 }]);
  expect(tooLong.map(({ piece: { id } }) => id)).toEqual(['2']);
});

test('supports stand at both ends and at every span between', () =>
  expect([300, 800, 801, 1600, 1601].map((length) => supportsOf(length, 800))).toEqual([2, 2, 3, 3, 4]));

test('fixings are summed over all pieces; on a wall each screw has its plug', () => {
  const count = (pieces: CutPiece[]) =>
    Object.fromEntries(fixingsOf(listPieces(pieces, spaces, units, 0)).map(({ what, count }) => [what, count]));
  expect(count([piece('1', 'a', 'rod', 2), piece('2', 'a', 'board', 3)])).toEqual({
    'rod brackets': 6,
    'screws for the brackets': 12,
    'shelf pins': 12,
  });
  expect(count([piece('1', 'b', 'board', 2), piece('2', 'b', 'rail')])).toEqual({
    'shelf brackets': 6,
    'screws for the rails': 3,
    'wall plugs': 3,
  });
  expect(count([piece('1', 'a', 'divider', 5)])).toEqual({});
});
