import { byId } from '../model/by-id.ts';
import { expect, test } from 'vitest';
import { cautionsOf } from '../../placing/cautions/cautions.ts';
import { H, scene, toddler } from '../../placing/cautions/testing/scene.ts';
import { defaultsOf } from '../model/defaults.ts';
import { lineValues } from '../model/testing/rows.ts';
import type { Category, Line } from '../model/entities.ts';
import { starterOf } from '../starter/library.ts';
import { contentsOf } from './contents.ts';
import { demandsOf, litresOfLine } from './demand.ts';
import { isWaiting, storedLines, WAY_OUT } from './stored-lines.ts';

const row = { version: 1, siteId: 's' };
const category = (key: string): Category => ({
  ...defaultsOf('category'),
  ...row,
  ...starterOf(key)!,
  id: key,
  familyId: 'f',
  starter: key,
});
const line = (name: string, categoryId: string, more: Partial<Line> = {}): Line => ({
  ...row,
  id: name,
  ...lineValues(name, { categoryId, ...more }),
});
const site = { measures: {} };
const books = category('picture-books');
const known = byId([books, category(WAY_OUT)]);
const lines = [
  line('stays', books.id),
  line('to the school', books.id, { decision: 'give away' }),
  line('gone', books.id, { decision: 'give away', handedOver: '2026-11-20' }),
  line('torn', books.id, { decision: 'bin' }),
];

test('what waits to be handed over asks for room in its own place, as large as it is', () => {
  const way = demandsOf(lines, known, site).find((demand) => demand.category.id === WAY_OUT)!;
  expect(way.lines.map((each) => each.line.name)).toEqual(['to the school']);
  expect(way.litres).toBeCloseTo(litresOfLine(lines[1]!, books, site)!);
  expect(lines.filter(isWaiting)).toHaveLength(1);
});
test('without such a place it is no part of what the room contains', () =>
  expect(demandsOf(lines, new Map([[books.id, books]]), site).map((demand) => demand.category.id)).toEqual([books.id]));

test('a danger that is on its way out is one until it is handed over', () => {
  const room = scene({ people: [toddler], things: [{ name: 'Way out', more: { starter: WAY_OUT } }] });
  const knives = { ...category('wooden-blocks'), id: 'knives', name: 'Whittling', ...H('H4') };
  const withKnives = (handedOver: string | null) => ({
    ...room,
    categories: new Map([...room.categories, ['knives', knives]]),
    lines: [line('whittling things', 'knives', { decision: 'give away', handedOver })],
  });
  const told = (handedOver: string | null) => cautionsOf(withKnives(handedOver)).map(({ hazard }) => hazard);
  expect(told(null)).toContain('H4');
  expect(told('2026-11-25')).toEqual([]);
  expect([...contentsOf(withKnives('2026-11-25')).values()][0]).toMatchObject({ lines: [], mass: 0 });
});

test('what lies in another thing is where that is, takes no room of its own, and keeps its danger', () => {
  const dolls = { ...category('picture-books'), id: 'dolls', name: 'Dolls', ...H('H2') };
  const house = line('dolls house', 'house', { amount: 1 });
  const inside = line('tiny cups', 'dolls', { insideId: 'dolls house', roomId: 'elsewhere' });
  const deeper = line('tinier spoons', 'dolls', { insideId: 'tiny cups' });
  const room = scene({ people: [toddler], things: [{ name: 'House' }] });
  const [home] = [...room.categories.values()];
  const all = new Map([...room.categories, ['dolls', dolls]]);
  const lines = [{ ...house, categoryId: home!.id }, inside, deeper];
  const stored = storedLines(lines, all);
  expect(stored.map(({ category: at, host }) => [at.id, host?.name ?? null])).toEqual([
    [home!.id, null],
    [home!.id, 'dolls house'],
    [home!.id, 'dolls house'],
  ]);
  const held = [...contentsOf({ ...room, categories: all, lines }).values()][0]!;
  expect(held.lines.map(({ name }) => name)).toEqual(['dolls house', 'tiny cups', 'tinier spoons']);
  expect(held.hazards).toContain('H2');
  const alone = [...contentsOf({ ...room, categories: all, lines: lines.slice(0, 1) }).values()][0]!;
  expect(held.reckoned).toBeCloseTo(alone.reckoned);
  expect(held.mass).toBeGreaterThan(alone.mass);
  expect(demandsOf(lines, all, site).map(({ category: of }) => of.id)).toEqual([home!.id]);
  // Its container leaves the house: it has a place of its own again. A ring of things is no container.
  expect(storedLines([{ ...lines[0]!, decision: 'sell' }, inside], all)[0]).toMatchObject({ host: null });
  const ring = [line('a', 'dolls', { insideId: 'b' }), line('b', 'dolls', { insideId: 'a' })];
  expect(storedLines(ring, all).map(({ host }) => host?.name)).toEqual(['b', 'a']);
});
