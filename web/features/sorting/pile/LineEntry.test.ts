// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, test, vi } from 'vitest';
import { useSite } from '../../../data/site.ts';
import LineEntry from './LineEntry.vue';
import { eventually } from '../../../testing/eventually.ts';

const site = {
  id: 's',
  version: 1,
  name: 'House',
  system: 'metric',
  currency: 'EUR',
  growth: 0.1,
  fillLimit: 0.8,
  measures: {},
};
const asked: { body: Record<string, unknown> }[] = [];

beforeEach(() => {
  setActivePinia(createPinia());
  Object.assign(useSite().data, { site: [site] });
  asked.length = 0;
  vi.stubGlobal('fetch', async (_path: string, init: { body: string }) => {
    asked.push({ body: JSON.parse(init.body) });
    return new Response(
      JSON.stringify({ revision: 2, what: 'add', rows: {}, removed: {}, history: { undo: null, redo: null } }),
    );
  });
});

const entry = () => mount(LineEntry, { props: { roomId: 'r' }, attachTo: document.body });

test('a line shows how it is understood, and one tap puts a wrong guess back into the name', async () => {
  const wrapper = entry();
  await wrapper.get('#line-text').setValue('2 broken hearts, pass on to Milo');
  expect(wrapper.get('#line-read').text()).toContain('pass on to Milo');
  expect(wrapper.get('#line-read b').text()).toBe('hearts');
  await wrapper
    .findAll('.token')
    .find((token) => token.text() === 'broken')!
    .trigger('click');
  expect(wrapper.get('#line-read b').text()).toBe('broken hearts');
  await wrapper.get('form').trigger('submit');
  await eventually(() => expect(asked).toHaveLength(1));
  expect(asked[0]!.body).toMatchObject({ roomId: 'r', decision: 'pass on', ignore: ['condition'] });
  await eventually(() => expect((wrapper.get('#line-text').element as HTMLInputElement).value).toBe(''));
});

test('what is missing is said at the field, and nothing is sent', async () => {
  const wrapper = entry();
  await wrapper.get('#line-text').setValue('3 shoeboxes');
  await wrapper.get('form').trigger('submit');
  expect(wrapper.get('.wrong').text()).toContain('Name the things as well');
  expect(wrapper.get('#line-text').attributes('aria-invalid')).toBe('true');
  expect(asked).toEqual([]);
});

test('a category is proposed, another can be chosen, or none', async () => {
  const wrapper = entry();
  await wrapper.get('#line-text').setValue('40 wooden blocks');
  const guesses = wrapper.findAll('[role=radio]');
  expect(guesses[0]!.text()).toBe('Wooden blocks');
  expect(guesses[0]!.attributes('aria-checked')).toBe('true');
  await guesses.at(-1)!.trigger('click');
  await wrapper.get('form').trigger('submit');
  await eventually(() => expect(asked).toHaveLength(1));
  expect(asked[0]!.body).toMatchObject({ categoryId: null });
});

test('what is typed while a line is on its way is kept, and goes after it', async () => {
  const wrapper = entry();
  const field = wrapper.get('#line-text');
  await field.setValue('3 torches');
  await wrapper.get('form').trigger('submit');
  await field.setValue('4 kites');
  expect((field.element as HTMLInputElement).value).toBe('4 kites');
  await wrapper.get('form').trigger('submit');
  await eventually(() => expect(asked.map(({ body }) => body.text)).toEqual(['3 torches', '4 kites']));
});

test('a line that is refused comes back into the field with the reason', async () => {
  vi.stubGlobal(
    'fetch',
    async () =>
      new Response(JSON.stringify({ message: 'no', fields: [{ field: 'text', message: 'is too much' }] }), {
        status: 400,
      }),
  );
  const wrapper = entry();
  await wrapper.get('#line-text').setValue('3 torches');
  await wrapper.get('form').trigger('submit');
  await eventually(() => expect(wrapper.get('.wrong').text()).toBe('is too much'));
  expect((wrapper.get('#line-text').element as HTMLInputElement).value).toBe('3 torches');
});

test('what is dangerous for the children who come is said as soon as it is typed', async () => {
  const wren = { id: 'w', name: 'Wren', kind: 'child', stature: 800, born: null, mouths: false };
  Object.assign(useSite().data, { room: [{ id: 'r', people: [] }], person: [wren] });
  const wrapper = entry();
  await wrapper.get('#line-text').setValue('200 water beads');
  expect(wrapper.get('[aria-label="Be careful"]').text()).toContain('emergency');
  await wrapper.get('#line-text').setValue('20 wooden blocks');
  expect(wrapper.find('[aria-label="Be careful"]').exists()).toBe(false);
  Object.assign(useSite().data, { person: [] });
  await wrapper.get('#line-text').setValue('200 water beads');
  expect(wrapper.find('[aria-label="Be careful"]').exists()).toBe(false);
});
