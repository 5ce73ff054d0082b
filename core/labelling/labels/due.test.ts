import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { defaultsOf, noRows } from '../../ground/model/defaults.ts';
import type { Person, PrintedLabel, Room, SiteData } from '../../ground/model/entities.ts';
import { dueLabels, oldLabels, saysOf, lookOf } from './due.ts';
import { labelsFor } from './for-whom.ts';
import { labelDataOf, type LabelData } from './label-data.ts';
import { newLayout } from './media.ts';
import { privateWord } from './private.ts';

const row = { version: 1, siteId: 's' };
const TODAY = '2026-11-27';
const room: Room = {
  ...defaultsOf('room'),
  ...row,
  id: 'r',
  name: 'Loft',
  code: 'N',
  width: 4000,
  depth: 3000,
  height: 2500,
  sort: 0,
};
const child = (id: string, born: string, reads = false): Person => ({
  ...defaultsOf('person'),
  ...row,
  id,
  name: `Mira Sand ${id}`,
  kind: 'child',
  stature: 1000,
  born,
  reads,
});
function site(more: Partial<SiteData> = {}): SiteData {
  const box = { outWidth: 200, outDepth: 300, outHeight: 150, inWidth: 190, inDepth: 290, inHeight: 140 };
  return {
    ...noRows(),
    site: [{ ...defaultsOf('site'), id: 's', version: 1, name: 'House' }],
    room: [room],
    family: [{ ...defaultsOf('family'), ...row, id: 'f', name: 'Toys', hue: 'oak', pictogram: 'blocks', sort: 0 }],
    category: [{ ...defaultsOf('category'), ...row, id: 'c', familyId: 'f', name: 'Blocks', otherName: 'Bausteine' }],
    containerType: [{ ...defaultsOf('containerType'), ...row, id: 't', name: 'Box', ...box }],
    bin: [
      {
        ...defaultsOf('bin'),
        ...row,
        id: 'b',
        roomId: 'r',
        categoryId: 'c',
        containerTypeId: 't',
        code: 'N1',
        name: 'Blocks',
        litres: 5,
        compartmentId: null,
        pinned: false,
        seenFull: null,
        sort: 0,
      },
    ],
    ...more,
  };
}
const data = (of: SiteData): LabelData => labelDataOf(of, 'r', () => new Map(), 'http://house.local/s/s', TODAY);
/** As if everything that is due were printed now. */
function printed(of: SiteData): SiteData {
  const labels = dueLabels(data(of), ['bin', 'place']).map(({ content, says, layoutId }, i): PrintedLabel => ({
    ...row,
    id: `p${i}`,
    roomId: 'r',
    role: content.role,
    binId: content.binId,
    numberId: null,
    part: null,
    compartmentId: content.compartmentId,
    layoutId,
    says,
    printedOn: TODAY,
    old: false,
  }));
  return { ...of, printedLabel: labels };
}
const reasons = (of: SiteData) => dueLabels(data(of), ['bin']).map(({ reason }) => reason);

describe('a printed label is due again, with its reason, when it is not true any more', () => {
  const base = printed(site());
  const bin = base.bin[0]!;
  test('not before', () => expect(reasons(base)).toEqual([null]));
  test.each([
    ['its name', { bin: [{ ...bin, name: 'Bricks' }] }, 'the printed one says “Blocks”'],
    ['a shorter name', { bin: [{ ...bin, shortName: 'Bl.' }] }, 'the printed one says “Blocks”'],
    ['its container', { bin: [{ ...bin, containerTypeId: 'u' }] }, 'the printed one is on another container'],
    [
      'its picture',
      { category: [{ ...base.category[0]!, pictogram: 'brush' }] },
      'the printed one shows another picture',
    ],
    ['its colour', { family: [{ ...base.family[0]!, hue: 'plum' }] }, 'the printed one has another colour'],
    [
      'a layout that was renewed',
      { printedLabel: [{ ...base.printedLabel[0]!, says: {} }] },
      'printed in a layout that was changed since',
    ],
    [
      'its medium',
      {
        bin: [{ ...bin, labelLayoutId: 'l' }],
        labelLayout: [{ ...newLayout('tape'), ...row, id: 'l' }],
      },
      'the printed one is of another kind',
    ],
  ])('%s', (_, more, reason) => {
    const types = [...base.containerType, { ...base.containerType[0]!, id: 'u', name: 'Tin' }];
    expect(reasons({ ...base, containerType: types, ...more } as SiteData)).toEqual([reason]);
  });
  test('of labels from before days were noted only code and name are asked', () => {
    const before = { ...base.printedLabel[0]!, says: { code: 'N1', word: 'Blocks' }, printedOn: null };
    expect(reasons({ ...base, printedLabel: [before] })).toEqual([null]);
    expect(reasons({ ...base, printedLabel: [{ ...before, printedOn: TODAY }] })).toEqual([
      'more is to stand on it now',
    ]);
  });
});

test('the label of a place that the bin has left is to be taken off', () => {
  const unit = { ...defaultsOf('unit'), ...row, id: 'u', roomId: 'r', name: 'Shelf' } as never;
  const spaces = ['x', 'y'].map((id) => ({
    ...defaultsOf('compartment'),
    ...row,
    id,
    unitId: 'u',
    name: id,
    height: 300,
  })) as never;
  const there = site({ unit: [unit], compartment: spaces });
  const placed = printed({ ...there, bin: [{ ...there.bin[0]!, compartmentId: 'x' }] });
  expect(oldLabels(data(placed))).toEqual([]);
  for (const compartmentId of ['y', null]) {
    const [old] = oldLabels(data({ ...placed, bin: [{ ...placed.bin[0]!, compartmentId }] }));
    expect(old!.words).toBe('N1 Blocks, at its place (Shelf › x)');
  }
});

test('for whom labels are follows from who comes in', () => {
  const of = (people: Person[]) => labelsFor(room, people, TODAY);
  expect(of([])).toBe('words');
  expect(of([child('a', '2023-12'), child('b', '2024-06')])).toBe('pictures');
  expect(of([child('a', '2023-12'), child('b', '2018-06', true)])).toBe('beginners');
  expect(of([child('a', '2021-06')])).toBe('beginners');
  expect(labelsFor({ ...room, labelsFor: 'words' }, [child('a', '2024-06')], TODAY)).toBe('words');
  const young = site({ person: [child('a', '2024-06')] });
  const look = lookOf(data(young), null);
  expect(look.parts).not.toContain('word');
  expect(saysOf(dueLabels(data(young), ['bin'])[0]!.content, look)).not.toHaveProperty('word');
});

describe('what visitors may read', () => {
  const children = [child('x', '2020-01'), { ...child('y', '2020-01'), name: 'Ann Lee' }];
  test('names become initials, medicines their code; what only looks like a name stays', () => {
    expect(privateWord('Ann Lee: drawings', children, 'N3')).toBe('A.L.: drawings');
    expect(privateWord("Ann's socks", children, 'N3')).toBe("A.L.'s socks");
    expect(privateWord('Annual planner', children, 'N3')).toBe('Annual planner');
    const others = ['May Lee', 'Otters, 3 to 5'].map((name, i) => ({ ...child(`z${i}`, '2020-01'), name }));
    expect(privateWord('things we may need', others, 'N3')).toBe('things we may need');
    expect(privateWord('Otters: coats', others, 'N3')).toBe('Otters: coats');
    expect(privateWord('Asthma inhalers', children, 'N3')).toBe('N3');
  });
  test('no name of a child is left, wherever it stands', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), fc.string({ maxLength: 12 }), (before, after) => {
        const text = privateWord(`${before} Ann Lee ${after}`, children, 'N3');
        expect(/(?<![\p{L}\d])Ann(?![\p{L}\d])/iu.test(text.replace(before, '').replace(after, ''))).toBe(false);
      }),
    ));
});
