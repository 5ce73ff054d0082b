import { expect, test } from 'vitest';
import type { Line, Person } from '../model/entities.ts';
import { defaultsOf } from '../model/defaults.ts';
import { lineValues } from '../model/testing/rows.ts';
import { kindNamed } from '../matching/propose.ts';
import { dangersOfLine, mayBeOut } from './dangers-of-line.ts';

const TODAY = '2026-12-01';
const person = (name: string, born: string | null): Person =>
  ({
    ...defaultsOf('person'),
    id: name,
    version: 1,
    siteId: 's',
    name,
    kind: born ? 'child' : 'adult',
    stature: born ? 900 : 1700,
    born,
  }) as Person;
const [ann, wren, heron] = [person('Ann', null), person('Wren', '2025-03'), person('Heron', '2018-01')];
const line = (name: string): Line =>
  ({ ...lineValues(name, { kind: kindNamed(name)?.key ?? null }), id: 'l', version: 1, siteId: 's' }) as Line;
const said = (name: string, people: Person[]) => dangersOfLine(line(name), undefined, people, TODAY);

test('the most urgent first, with who is that young', () => {
  expect(said('water beads', [ann, wren]).map(({ hazard }) => hazard)[0]).toBe('H3');
  expect(said('water beads', [ann, wren])[0]!.words).toContain('Wren is that young');
});
test('small parts are a danger to the young only, blades to every child, nothing to adults alone', () => {
  expect(said('glass marbles', [ann, wren]).map(({ hazard }) => hazard)).toEqual(['H2']);
  expect(said('glass marbles', [ann, heron])).toEqual([]);
  expect(said('craft knives', [ann, heron]).map(({ hazard }) => hazard)).toEqual(['H4']);
  expect(said('craft knives', [ann])).toEqual([]);
});
test('what is kept from children is not put out for them', () => {
  expect(mayBeOut(line('strong magnets'), undefined, [ann, heron], TODAY)).toBe(false);
  expect(mayBeOut(line('glass marbles'), undefined, [ann, wren], TODAY)).toBe(false);
  expect(mayBeOut(line('glass marbles'), undefined, [ann, heron], TODAY)).toBe(true);
  expect(mayBeOut(line('wooden blocks'), undefined, [ann, wren], TODAY)).toBe(true);
});
