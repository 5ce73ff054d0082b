// @vitest-environment jsdom
/** Deciding with a thumb that is faster than the server, against the real one. */
import { mount } from '@vue/test-utils';
import { afterAll, beforeAll, beforeEach, expect, test, vi } from 'vitest';
import { siteWithRoom } from '../../../../server/testing/site.ts';
import type { useSite } from '../../../data/site.ts';
import { realServer, type RealServer } from '../../../testing/real-server.ts';
import DecideDeck from './DecideDeck.vue';
import { usePileActions } from './actions.ts';
import { eventually } from '../../../testing/eventually.ts';

let server: RealServer;
let store: ReturnType<typeof useSite>;
beforeAll(async () => {
  server = await realServer();
});
beforeEach(async () => {
  const { room, site } = await siteWithRoom(server);
  store = await server.page(site);
  for (const text of ['3 globes', '4 clocks', '5 kites']) await usePileActions().addLine({ roomId: room, text });
});
afterAll(() => server.close());

const stack = () => {
  const lines = [...store.data.line].sort((a, b) => a.sort - b.sort);
  const stubs = { ModalDialog: { props: ['title'], template: '<div><h1>{{ title }}</h1><slot /></div>' } };
  const deck = mount(DecideDeck, { props: { lines }, global: { stubs } });
  const press = (word: string) =>
    deck
      .findAll('button')
      .find((button) => button.text() === word)!
      .trigger('click');
  return { deck, press };
};
const decided = () =>
  Object.fromEntries(store.data.line.map(({ name, decision }) => [name, decision])) as Record<string, string | null>;
const settled = (wanted: Record<string, string | null>) => eventually(() => expect(decided()).toMatchObject(wanted));

test('each press is about what is shown then, though nothing is written yet', async () => {
  const { deck, press } = stack();
  await press('sell');
  await press('bin');
  expect(deck.get('h2').text()).toBe('kites');
  await press('back');
  await press('recycle');
  await settled({ globes: 'sell', clocks: 'recycle' });
  expect(deck.get('h2').text()).toBe('kites');
});

test('what could not be written comes again at the end of the stack', async () => {
  const { deck, press } = stack();
  const real = globalThis.fetch;
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no way to the server')));
  await press('sell');
  await eventually(() => expect(deck.get('h1').text()).toBe('2 of 4'));
  vi.stubGlobal('fetch', real);
  await press('bin');
  await press('bin');
  expect(deck.get('h2').text()).toBe('globes');
  await press('sell');
  await settled({ globes: 'sell', clocks: 'bin', kites: 'bin' });
});
