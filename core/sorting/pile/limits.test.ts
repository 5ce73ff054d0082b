import { NO_SIZE } from '../../placing/cautions/testing/scene.ts';
import { expect, test } from 'vitest';
import { CATALOGUE } from '../../containing/containers/catalogue.ts';
import { usableLitres } from '../../ground/contents/litres.ts';
import { canItComeIn, type ComeInData } from '../../living/find/come-in.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Bin, Category, Line } from '../../ground/model/entities.ts';
import { dueLines, limitsOf, ODDS_AND_ENDS, pastKeeping } from './limits.ts';
import { departuresOf, handedOver, listOf } from './departures.ts';
import { starterOf } from '../../ground/starter/library.ts';

const row = { version: 1, siteId: 's' };
const type = { ...row, ...CATALOGUE[0]!, id: 't', owned: 0, tried: null };
const limit = { containerTypeId: 't', count: 1 };
const blocks: Category = {
  ...defaultsOf('category'),
  ...row,
  ...starterOf('wooden-blocks')!,
  id: 'blocks',
  familyId: 'f',
  starter: 'wooden-blocks',
  limit,
};
const line = (name: string, amount: number, more: Partial<Line> = {}): Line => ({
  ...row,
  id: name,
  ...lineValues(name, { categoryId: 'blocks', amount, measure: 'litre', ...more }),
});
const site = {
  ...row,
  id: 's',
  name: 'House',
  system: 'metric' as const,
  currency: 'EUR',
  growth: 0.1,
  fillLimit: 0.8,
  measures: {},
  restDays: [],
  keepsNew: false,
  paper: 'A4' as const,
  kerf: 3,
  clearance: 4,
  restockBudget: null,
  timeZone: null,
};
const room = { ...row, id: 'r', name: 'Loft' };
const rooms = new Map([['r', room]]);
const usable = usableLitres(type, 0.8);

test('a limit says how full it is and what has to go, the largest first', () => {
  const lines = [
    line('few', usable * 0.2),
    line('many', usable * 0.9),
    line('theirs', usable * 3, { categoryId: null, keepsakeOf: 'milo' }),
  ];
  const people = [
    {
      ...row,
      ...defaultsOf('person'),
      id: 'p',
      name: 'Milo',
      kind: 'child' as const,
      stature: 1000,
      colour: 'oak',
      limit,
    },
  ];
  const data = { site, lines, categories: new Map([['blocks', blocks]]), people, types: new Map([['t', type]]), rooms };
  const [own, milo] = limitsOf(data);
  expect(own!.over).toBeCloseTo(usable * 0.1);
  expect(own!.first.map((line) => line.name)).toEqual(['many']);
  expect(milo).toMatchObject({ name: 'Milo' });
  expect(limitsOf({ ...data, lines: lines.slice(0, 1) })[0]!.over).toBe(0);
});
test('a limit of each year is reckoned year by year, by the name or the day of the decision', () => {
  const lines = [
    line('work 2024', usable * 0.9),
    line('drawings of 2024', usable * 0.3, { decidedAt: '2025-01-03T10:00:00Z' }),
    line('clay cups', usable * 0.5, { decidedAt: '2025-06-30T10:00:00Z' }),
  ];
  const yearly = { ...blocks, limit: { ...limit, perYear: true } };
  const uses = limitsOf({
    site,
    lines,
    categories: new Map([['blocks', yearly]]),
    people: [],
    types: new Map([['t', type]]),
    rooms,
  });
  expect(uses.map((use) => [use.name, Number((use.over / usable).toFixed(2))])).toEqual([
    [`${blocks.name} 2025`, 0],
    [`${blocks.name} 2024`, 0.2],
  ]);
});
test('odds and ends are limited in each room for itself', () => {
  const odds = { ...blocks, starter: ODDS_AND_ENDS };
  const lines = [line('keys', usable * 0.8), line('knobs', usable * 0.8, { roomId: 'other' })];
  const uses = limitsOf({
    site,
    lines,
    categories: new Map([['blocks', odds]]),
    people: [],
    types: new Map([['t', type]]),
    rooms,
  });
  expect(uses.map((use) => [use.name, use.over])).toEqual([
    [`${blocks.name}, Loft`, 0],
    [`${blocks.name}, `, 0],
  ]);
});
test('what is due comes back on its day, and papers whose time is over are found', () => {
  const lines = [
    line('b', 1, { decision: 'decide later', due: '2026-11-25' }),
    line('a', 1, { decision: 'return', due: '2026-11-20' }),
    line('c', 1, { decision: 'decide later', due: '2026-11-26' }),
    line('papers', 1, { keepUntil: '2025-12-31' }),
  ];
  expect(dueLines(lines, '2026-11-25').map((line) => line.name)).toEqual(['a', 'b']);
  expect(dueLines(lines, '2026-11-25', 7)).toHaveLength(3);
  expect(pastKeeping(lines, '2026-11-25').map((line) => line.name)).toEqual(['papers']);
});
test('lists hold what leaves by destination, and what goes back by its day', () => {
  const lines = [
    line('late', 1, { decision: 'return', due: '2026-12-24' }),
    line('soon', 1, { decision: 'return', due: '2026-12-01' }),
    line('toys', 2, { decision: 'give away', destination: 'school' }),
    line('stays', 2),
  ];
  const list = (which: 'leaving' | 'returns') =>
    listOf(which, lines, [room as never], new Map(), site).map((listed) => listed.name);
  expect(list('returns')).toEqual(['soon', 'late']);
  expect(list('leaving')).toEqual(['toys', 'late', 'soon']);
});
test('departures wait by where they go until they are handed over', () => {
  const lines = [
    line('cot', 1, { decision: 'sell' }),
    line('toys', 2, { decision: 'give away', destination: 'School' }),
    line('books', 2, { decision: 'give away', destination: 'school' }),
    line('old', 2, { decision: 'give away' }),
    line('gone', 2, { decision: 'give away', destination: 'school', handedOver: '2026-11-20' }),
    line('stays', 2),
  ];
  expect(departuresOf(lines).map((way) => [way.decision, way.destination, way.lines.map(({ name }) => name)])).toEqual([
    ['give away', 'School', ['toys', 'books']],
    ['give away', '', ['old']],
    ['sell', '', ['cot']],
  ]);
  expect(handedOver(lines).map(({ name }) => name)).toEqual(['gone']);
});
test('before something comes in: is there one, has it a home, what could go', () => {
  const bin: Bin = {
    ...row,
    ...NO_SIZE,
    id: 'b',
    roomId: 'r',
    categoryId: 'blocks',
    containerTypeId: 't',
    code: 'L1',
    litres: 0,
    seenFull: null,
    cells: null,
    x: null,
    y: null,
    z: null,
    turned: false,
    parkId: null,
    name: 'Blocks',
    compartmentId: null,
    pinned: false,
    shortName: '',
    labelLayoutId: null,
    sort: 0,
  };
  const data: ComeInData = {
    site: [site],
    room: [room as never],
    person: [],
    category: [blocks],
    line: [line('wooden blocks', 1), line('old blocks', 2, { condition: 'broken' })],
    bin: [bin],
    containerType: [type],
    unit: [{ ...row, id: 'u', name: 'Bookcase', roomId: 'r' } as never],
    compartment: [
      { ...row, id: 'c', unitId: 'u', name: 'shelf 2', width: 800, depth: 400, height: 400, hangs: false } as never,
    ],
  };
  expect(canItComeIn('wooden blocks', data, '2026-12-01')!.verdict).toBe('there is one');
  const other = canItComeIn('1 litre building blocks', data, '2026-12-01')!;
  expect(other).toMatchObject({ verdict: 'it has a home', litres: 1 });
  expect(other.leave[0]!.line.name).toBe('old blocks');
  expect(canItComeIn('3 sacks building blocks', data, '2026-12-01')).toMatchObject({
    verdict: 'something must go',
    limit: { name: blocks.name },
  });
  expect(canItComeIn('a globe', data, '2026-12-01')!.verdict).toBe('it has no home');
  expect(canItComeIn('', data, '2026-12-01')).toBeNull();
  // What stands without a bin: the place that takes it is named, and none where it is too large for all of them.
  const chest = canItComeIn('a globe 35x35x38 cm', data, '2026-12-01')!;
  expect(chest).toMatchObject({ verdict: 'a place takes it', litres: expect.closeTo(46.6, 0) as number });
  expect(chest.reason).toContain('Bookcase › shelf 2');
  expect(canItComeIn('a globe 90x60x35 cm', data, '2026-12-01')!.reason).toContain('no place is large enough');
  expect(canItComeIn('armchair', data, '2026-12-01')!.verdict).toBe('it is furniture');
  // What would have to go adds up to what comes in, and says when it does not.
  const much = canItComeIn(
    '9 sacks building blocks',
    { ...data, category: [{ ...blocks, limit: null } as never] },
    '2026-12-01',
  )!;
  expect(much.verdict).toBe('something must go');
  expect(much.reason).toMatch(/litres too few/);
  const little = canItComeIn('1 litre building blocks', data, '2026-12-01')!;
  expect(little.leave).toHaveLength(1);
  const wren = { id: 'w', name: 'Wren', kind: 'child', stature: 800, born: '2025-03', mouths: false } as never;
  const coming = (people: never[]) =>
    canItComeIn('200 water beads', { ...data, person: people }, '2026-12-01')!.dangers;
  expect(coming([wren]).map(({ hazard }) => hazard)).toContain('H3');
  expect(coming([])).toEqual([]);
});
