import { byId } from '../../ground/model/by-id.ts';
import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Category, Person, Unit } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';
import { placeProblemOf, usersOf } from '../placement/place-problem-of.ts';
import { starterOf } from '../../ground/starter/library.ts';
import { TEMPLATES } from '../../measuring/measuring/templates.ts';
import { whoAre } from './caution.ts';
import { cautionsOf } from './cautions.ts';
import { NO_SIZE, row, SPACE, TYPE, UNIT } from './testing/scene.ts';

const person = (id: string, kind: Person['kind'], stature: number): Person => ({
  ...defaultsOf('person'),
  ...row,
  id,
  name: id,
  kind,
  stature,
  colour: 'oak',
});
const unit = (more: Partial<Unit> = {}): Unit => ({
  ...UNIT,
  name: 'Tall case',
  depth: 300,
  x: 0,
  y: 0,
  anchored: false,
  ...more,
});
const category = (key: string, more: Partial<Category> = {}): Category => ({
  ...defaultsOf('category'),
  ...row,
  ...starterOf(key)!,
  id: key,
  familyId: 'f',
  starter: key,
  ...more,
});
const type = { ...TYPE, name: 'Box', lid: true };
const space = { ...SPACE, id: 'c', name: 'shelf', x: 0, z: 0, depth: 280, height: 300, floor: 400 };
const room = (people: Person[], categories: Category[], units = [unit()]): RoomData => ({
  site: { growth: 0.1, measures: {} },
  room: {
    ...defaultsOf('room'),
    ...row,
    id: 'r',
    name: 'Room',
    code: 'R',
    width: 4000,
    depth: 3000,
    height: 2500,
    sort: 0,
    people: [],
  },
  people,
  zones: [],
  units,
  compartments: [space],
  lines: [],
  bins: categories.map((category, i) => ({
    ...row,
    ...NO_SIZE,
    id: `b${i}`,
    roomId: 'r',
    categoryId: category.id,
    containerTypeId: 't',
    code: `R${i}`,
    name: category.name,
    litres: 3,
    compartmentId: 'c',
    pinned: false,
    shortName: '',
    labelLayoutId: null,
    seenFull: null,
    cells: null,
    x: null,
    y: null,
    z: null,
    turned: false,
    parkId: null,
    sort: i,
  })),
  categories: byId(categories),
  types: new Map([['t', type]]),
  today: '2026-11-26',
});
const adult = person('Ann', 'adult', 1680);
const child = person('Otter', 'child', 1000);
const keys = (data: RoomData) => cautionsOf(data).map((caution) => caution.key);

test('tall furniture is to be anchored where children come, and only there', () => {
  expect(keys(room([adult, child], []))).toContain('H1:u');
  expect(keys(room([adult], []))).not.toContain('H1:u');
  expect(keys(room([adult, child], [], [unit({ anchored: true })]))).not.toContain('H1:u');
  expect(keys(room([adult, child], [], [unit({ template: 'rails' })]))).not.toContain('H1:u');
  expect(keys(room([adult, child], [], [unit({ template: 'stairs' })]))).not.toContain('H1:u');
});
test('what is sharp within reach of a child is a danger, with what helps', () => {
  const found = cautionsOf(room([adult, child], [category('craft-knives')])).find(
    (caution) => caution.key === 'H4:b0',
  )!;
  expect(found).toMatchObject({ hazard: 'H4', severity: 'danger' });
  expect(found.helps).toContain('locked');
  expect(keys(room([adult, child], [category('craft-knives')], [unit({ locked: true })]))).not.toContain('H4:b0');
});
test('a hazard meant for a child is a contradiction to be resolved, and still no place for it to lie about', () => {
  const knives = category('craft-knives', { users: ['Otter'] });
  expect(keys(room([adult, child], [knives]))).toContain('use:craft-knives');
  expect(placeProblemOf(room([adult, child], [knives])).bins[0]).toMatchObject({ hazard: true, childReach: false });
});
test('small parts warn where a child under three comes in', () => {
  expect(keys(room([adult, person('Fry', 'child', 860)], [category('beads')]))).toContain('H2:b0');
  expect(keys(room([adult, child], [category('beads')]))).not.toContain('H2:b0');
});
test('who fetches a thing: as named, else everybody, but adults only for hazards and office work', () => {
  const people = placeProblemOf(room([adult, child], [])).people;
  const users = (category: Category) => usersOf(category, people, false).users.map((user) => user.id);
  expect(users(category('wooden-blocks'))).toEqual(['Ann', 'Otter']);
  expect(users(category('wooden-blocks', { users: ['Otter'] }))).toEqual(['Otter']);
  expect(users(category('glue-guns'))).toEqual(['Ann']);
  expect(users(category('envelopes'))).toEqual(['Ann']);
  // What wants an adult beside it is handed out by one, out of reach, and no contradiction.
  const paint = category('poster-paint', { users: ['Otter'], supervised: true });
  expect(users(paint)).toEqual(['Ann']);
  expect(usersOf(paint, people, false).refused).toEqual([]);
  expect(placeProblemOf(room([adult, child], [paint])).bins[0]).toMatchObject({ hazard: true, childReach: false });
  expect(keys(room([adult, child], [paint]))).not.toContain('use:poster-paint');
  // Left where children get it alone, it is told.
  expect(keys(room([adult, child], [paint]))).toContain('P3:b0');
  expect(keys(room([adult, child], [category('poster-paint', { supervised: false })]))).not.toContain('P3:b0');
  expect(keys(room([adult], [paint]))).not.toContain('P3:b0');
});
test('nobody known: an adult of middling height is taken', () =>
  expect(placeProblemOf(room([], [])).people).toHaveLength(1));

test('what stands open and low is told where a pet comes in, and goes with its lid, its height or the pet', () => {
  const yarn = category('yarn', { hazards: ['H6'] });
  const toRoom = (pets: boolean, lid: boolean, floor: number): RoomData => {
    const data = room([person('Ann', 'adult', 1680)], [yarn]);
    return {
      ...data,
      room: { ...data.room, pets },
      types: new Map([['t', { ...type, id: 't', lid }]]),
      compartments: [{ ...space, floor }],
    } as RoomData;
  };
  const told = (...of: [boolean, boolean, number]) =>
    cautionsOf(toRoom(...of)).filter(({ key }) => key.startsWith('H15pet'));
  expect(told(true, false, 400)[0]).toMatchObject({ hazard: 'H15', severity: 'warn' });
  expect([told(false, false, 400), told(true, true, 400), told(true, false, 1200)]).toEqual([[], [], []]);
});

test('many children are counted, with the youngest; few are named', () => {
  const of = (name: string, months: number, count = 1) => ({ name, months, count });
  expect(whoAre([of('Wren', 20)])).toBe('Wren');
  expect(whoAre([of('Wren', 20), of('Otter', 40), of('Heron', 90)])).toBe('Wren, Otter and Heron');
  expect(whoAre([of('the nest', 8, 10), of('Otter', 40), of('Heron', 90)])).toBe('12 children, the youngest 8 months');
});

test.each([
  ['told of nothing, 30 kg on a shelf that usually bears 20 kg', null, 30_000, true],
  ['told 200 kg of the whole, of four shelves', 200_000, 50_000, false],
  ['told 200 kg of the whole, and far more than its share', 200_000, 65_000, true],
])('a shelf that nobody told of: %s', (_what, maxLoad, mass, warns) => {
  const usual = TEMPLATES.bookcase.load;
  const spaces = ['c', 'd', 'e', 'f'].map((id) => ({ ...space, id, maxLoad: usual }));
  const heavy = room([person('Ann', 'adult', 1680)], [category('wooden-blocks')], [unit({ maxLoad })]);
  const data = { ...heavy, compartments: spaces, types: byId([{ ...type, mass }]) };
  expect(cautionsOf(data).some(({ key }) => key === 'H8:c')).toBe(warns);
});
