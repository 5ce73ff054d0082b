// @vitest-environment jsdom
/** The rules of a site as they are ticked and typed, against the real server. */
import { mount } from '@vue/test-utils';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { siteWithRoom } from '../../../../server/testing/site.ts';
import { eventually } from '../../../testing/eventually.ts';
import { realServer, type RealServer } from '../../../testing/real-server.ts';
import SiteRules from './SiteRules.vue';

let server: RealServer;
beforeAll(async () => {
  server = await realServer();
});
afterAll(() => server.close());

test('one rule that cannot be holds up no other, says why, and days ticked quickly are all kept', async () => {
  const { site } = await siteWithRoom(server);
  const store = await server.page(site);
  const rules = mount(SiteRules);
  const field = (label: string) => rules.findAll('label').find((one) => one.text().startsWith(label))!;
  await field('Currency').get('input').setValue('scissors');
  await eventually(() => expect(field('Currency').text()).toContain('three capital letters, like EUR'));
  await field('Fill a container').get('input').setValue('5');
  await eventually(() => expect(field('Fill a container').text()).toContain('at least 30 %'));
  const days = ['Wed', 'Thu'].map((day) => field(day).get('input').setValue(true));
  await Promise.all(days);
  await eventually(() => expect(store.site!.restDays).toEqual(expect.arrayContaining([3, 4])));
  const [kept] = (await server.data(site)).site;
  expect(kept).toMatchObject({ currency: 'EUR', fillLimit: 0.8 });
  expect(kept!.restDays).toEqual(expect.arrayContaining([3, 4]));
});
