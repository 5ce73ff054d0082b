/** Every screen of the Ferry House at the table and on the phone: whole, accessible, and no wider than the page. */
import type { Page } from '@playwright/test';
import type { App } from 'vue';
import { house, roomOf } from './ferry-house.ts';
import { expect, expectAccessible, expectNoSideScroll, test } from './stube.ts';

const STEPS = ['pile', 'group', 'measure', 'contain', 'place', 'label', 'live'];

const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];

type Mounted = Element & { __vue_app__: App };

/** As by a link: the page is not loaded anew. */
async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate(
    (to) => (document.querySelector('#app') as Mounted).__vue_app__.config.globalProperties.$router.push(to),
    path,
  );
  await expect(page).toHaveURL((url) => url.pathname === path);
}

test.use({ hasTouch: true });
test('every screen is whole and accessible at the table and on the phone', async ({ page, stube }) => {
  const { site, data } = await house(stube);
  const paths = [
    '/',
    `/s/${site}`,
    `/s/${site}/today`,
    `/s/${site}/stock`,
    `/s/${site}/strays`,
    `/s/${site}/routines`,
    `/s/${site}/restock`,
    ...['rotation', 'swap'].map((screen) => `/s/${site}/r/${roomOf(data, 'Chart room')}/${screen}`),
    `/s/${site}/learn/${roomOf(data, 'Landing room')}`,
    `/s/${site}/tidy/${roomOf(data, 'Landing room')}`,
    ...['signs', 'guide', 'live'].map((screen) => `/s/${site}/r/${roomOf(data, 'Landing room')}/${screen}`),
    `/s/${site}/b/${data.bin[0]!.code}`,
    '/nowhere',
    ...STEPS.map((step) => `/s/${site}/r/${roomOf(data, "Purser's office")}/${step}`),
  ];
  await page.goto(stube.address);
  for (const path of paths) {
    await goWithin(page, path);
    for (const size of SIZES) {
      await page.setViewportSize(size);
      await expectAccessible(page);
      await expect(page.getByRole('main')).not.toBeEmpty();
      await expectNoSideScroll(page);
    }
  }
});
