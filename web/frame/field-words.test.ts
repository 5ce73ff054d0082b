import { expect, test } from 'vitest';
import { fieldWords, wordsOf } from './field-words.ts';

test('fields are called by their words', () => {
  expect(['keepUntil', 'compartmentId', 'name', 'lineIds'].map(fieldWords)).toEqual([
    'keep until',
    'compartment',
    'name',
    'line',
  ]);
});
test('what stands in them is told by name, empty as a dash, lists and parts one after the other', () => {
  const rows: Record<string, object> = { p1: { name: 'Ona' }, b1: { name: '', code: 'N12' } };
  const say = (value: unknown) => wordsOf(value, (id) => rows[id]);
  expect([null, '', [], {}, undefined].map(say)).toEqual(['–', '–', '–', '–', '–']);
  expect([true, false, 12, 'soon', 'b1', ['p1', 'p2']].map(say)).toEqual(['yes', 'no', '12', 'soon', 'N12', 'Ona, p2']);
  expect(say({ inHouse: true, count: 2 })).toBe('in house yes, count 2');
});
