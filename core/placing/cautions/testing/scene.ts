/** A room with one piece of furniture, told in a few words: for situations. */
import { byId } from '../../../ground/model/by-id.ts';
import { defaultsOf } from '../../../ground/model/defaults.ts';
import { lineValues } from '../../../ground/model/testing/rows.ts';
import type {
  Category,
  Compartment,
  ContainerType,
  Fixture,
  Line,
  Person,
  Unit,
  Zone,
} from '../../../ground/model/entities.ts';
import type { RoomData } from '../../placement/room-data.ts';

export const TODAY = '2026-11-26';
export const row = { version: 1, siteId: 's' };
export const child = (name: string, born: string, stature = 900): Person => ({
  ...defaultsOf('person'),
  ...row,
  id: name,
  name,
  kind: 'child',
  stature,
  born,
});
export const adult: Person = { ...defaultsOf('person'), ...row, id: 'Ann', name: 'Ann', kind: 'adult', stature: 1680 };
export const toddler = child('Wren', '2025-03', 800);
export const preschooler = child('Otter', '2022-08', 1040);
export const pupil = child('Heron', '2018-01', 1300);

export interface Thing {
  name: string;
  at?: string;
  more?: Partial<Category>;
  type?: Partial<ContainerType>;
  litres?: number;
  line?: Partial<Line>;
}
export interface Scene {
  people?: Person[];
  /** Who comes into the room; all where it is not said. */
  room?: string[];
  things: Thing[];
  unit?: Partial<Unit>;
  spaces?: Partial<Compartment>[];
  zones?: Zone[];
  fixtures?: Fixture[];
}
export const UNIT: Unit = {
  ...row,
  id: 'u',
  roomId: 'r',
  name: 'Shelf',
  template: 'bookcase',
  slope: null,
  layout: null,
  wheels: false,
  faces: 'front',
  doubles: null,
  folds: false,
  step: null,
  width: 800,
  height: 1800,
  depth: 400,
  columns: 1,
  rows: 5,
  board: 20,
  raised: 0,
  changeOver: null,
  lidSupport: false,
  airHoles: false,
  latch: false,
  maxLoad: null,
  reused: false,
  checked: false,
  x: 2000,
  y: 3500,
  locked: false,
  sunlit: false,
  onView: true,
  anchored: true,
  sort: 0,
};
/** In a container, with whatever lines its category has. */
export const NO_SIZE = { outWidth: null, outDepth: null, outHeight: null, lineIds: [] as string[] };
export const SPACE: Compartment = {
  ...row,
  id: 'low',
  unitId: 'u',
  name: 'shelf 4',
  x: 20,
  z: 400,
  width: 760,
  depth: 380,
  height: 330,
  floor: 420,
  access: 'front',
  door: false,
  drawer: false,
  hangs: false,
  opening: null,
  blocked: [],
  measured: false,
  maxLoad: 20_000,
  sort: 0,
};
export const TYPE: ContainerType = {
  ...defaultsOf('containerType'),
  ...row,
  id: 't',
  name: 'Open tub',
  outWidth: 200,
  outDepth: 200,
  outHeight: 150,
  inWidth: 190,
  inDepth: 190,
  inHeight: 140,
  mass: 200,
};

export function scene({
  people = [adult, toddler],
  room = [],
  things,
  unit = {},
  spaces = [
    SPACE,
    { id: 'high', name: 'shelf 1', floor: 1500, z: 1480 },
    { id: 'top', name: 'on top', floor: 1800, z: 1800 },
  ],
  zones = [],
  fixtures = [],
}: Scene): RoomData {
  const categories = things.map(({ name, more }, i): Category => ({
    ...defaultsOf('category'),
    ...row,
    id: `c${i}`,
    familyId: 'f',
    name,
    ...more,
  }));
  const types = things.map(({ type }, i): ContainerType => ({ ...TYPE, id: `t${i}`, ...type }));
  return {
    site: { growth: 0.1, measures: {} },
    room: {
      ...defaultsOf('room'),
      ...row,
      id: 'r',
      name: 'Room',
      code: 'P',
      people: room,
      width: 5000,
      depth: 4000,
      height: 2600,
      sort: 0,
    },
    people,
    zones,
    fixtures,
    units: [{ ...UNIT, ...unit }],
    compartments: spaces.map((space) => ({ ...SPACE, ...space })),
    bins: things.map(({ name, at = 'low', litres = 3 }, i) => ({
      ...row,
      ...NO_SIZE,
      id: `b${i}`,
      roomId: 'r',
      categoryId: `c${i}`,
      containerTypeId: `t${i}`,
      code: `P${i + 1}`,
      name,
      litres,
      compartmentId: at === 'bench' ? null : at,
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
    lines: things.flatMap(({ line }, i): Line[] =>
      line ? [{ ...row, id: `l${i}`, ...lineValues(line.name ?? 'x', { ...line, categoryId: `c${i}` }) }] : [],
    ),
    categories: byId(categories),
    types: byId(types),
    today: TODAY,
  };
}
/** A door, a heater or a socket where the piece of furniture stands. */
export const fixture = (kind: Fixture['kind'], x: number, y: number): Fixture => ({
  ...row,
  id: kind,
  roomId: 'r',
  kind,
  name: '',
  x,
  y,
  width: 300,
  height: 300,
  sill: 0,
  swing: null,
});
export const cot: Zone = {
  ...row,
  id: 'z',
  roomId: 'r',
  name: 'Cot',
  kind: 'sleeping',
  x: 2000,
  y: 3000,
  width: null,
  depth: null,
};
export const H = (...hazards: Category['hazards']) => ({ hazards });
