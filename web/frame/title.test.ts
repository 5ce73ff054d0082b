import { expect, test } from 'vitest';
import { titleOf } from './title.ts';

const data = { room: [{ id: 'r', name: 'Den' }], bin: [{ code: 'D3', name: 'Beads' }] } as never;
test.each([
  [{ name: 'place', params: { room: 'r' } }, 'Place · Den · Stube'],
  [{ name: 'today', params: {} }, 'Today · Home · Stube'],
  [{ name: 'bin', params: { code: 'd3' } }, 'D3 Beads · Home · Stube'],
  [{ name: 'site', params: {} }, 'Home · Stube'],
] as const)('%j', (route, title) => expect(titleOf(route, data, 'Home')).toBe(title));
