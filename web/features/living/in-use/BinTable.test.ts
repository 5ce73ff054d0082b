// @vitest-environment jsdom
import { mount, RouterLinkStub } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import BinTable, { type BinRow } from './BinTable.vue';
import { eventually } from '../../../testing/eventually.ts';

beforeEach(() => setActivePinia(createPinia()));
/** The browser's observer of what comes into sight, told by hand. */
let end: ((entries: { isIntersecting: boolean }[]) => void) | null = null;
class Watching {
  constructor(told: (entries: { isIntersecting: boolean }[]) => void) {
    end = told;
  }
  observe(): void {}
  disconnect(): void {}
}
afterEach(() => vi.unstubAllGlobals());
const row = (code: string, name: string, full: number | null, where: string): BinRow =>
  ({ bin: { id: code, code, name, seenFull: null }, full, where }) as BinRow;
const rows = [row('D10', 'Beads', 0.2, 'Cupboard'), row('D2', 'Wool', 0.9, 'Shelf'), row('D3', 'Blocks', null, '')];
const table = (more: object = {}) =>
  mount(BinTable, { props: { rows, lit: null, ...more }, global: { stubs: { RouterLink: RouterLinkStub } } });
const codes = (wrapper: ReturnType<typeof table>) => wrapper.findAll('tbody tr').map((tr) => tr.get('td').text());

test('codes in the order of their numbers, then by any column, and back', async () => {
  const wrapper = table();
  expect(codes(wrapper)).toEqual(['D2', 'D3', 'D10']);
  const full = wrapper.findAll('th').at(-1)!;
  await full.get('button').trigger('click');
  expect(codes(wrapper)).toEqual(['D3', 'D10', 'D2']);
  await full.get('button').trigger('click');
  expect([codes(wrapper), full.attributes('aria-sort')]).toEqual([['D2', 'D10', 'D3'], 'descending']);
});
test('it is searched by name, code and place', async () => {
  const wrapper = table();
  await wrapper.get('input').setValue('cup bea');
  expect(codes(wrapper)).toEqual(['D10']);
  await wrapper.get('input').setValue('nothing like it');
  expect(wrapper.text()).toContain('No bin of this room is called so');
});
test('a long list is drawn as far as anybody scrolls, and whole on paper', async () => {
  vi.stubGlobal('IntersectionObserver', Watching);
  const wrapper = table({ rows: Array.from({ length: 250 }, (_, i) => row(`D${i}`, `Bin ${i}`, 0.5, '')) });
  expect(codes(wrapper)).toHaveLength(60);
  await eventually(() => expect(end).not.toBeNull());
  end!([{ isIntersecting: true }]);
  await wrapper.vm.$nextTick();
  expect(codes(wrapper)).toHaveLength(120);
  window.dispatchEvent(new Event('beforeprint'));
  await wrapper.vm.$nextTick();
  expect(codes(wrapper)).toHaveLength(250);
});
