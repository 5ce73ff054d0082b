/** Every screen of the Ferry House on both sizes: whole, accessible, and no wider than the page. */
import type { Page } from '@playwright/test';
import { house, roomOf } from './ferry-house.ts';
import { expect, expectAccessible, expectNoSideScroll, test, type Stube } from './stube.ts';

const STEPS = ['pile', 'group', 'measure', 'contain', 'place', 'label', 'live'];

async function walk(page: Page, stube: Stube): Promise<void> {
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
  for (const path of paths) {
    await page.goto(stube.address + path);
    await expectAccessible(page);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await expectNoSideScroll(page);
  }
}

test('every screen is whole and accessible at the table', async ({ page, stube }) => walk(page, stube));

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('every screen is whole and accessible', async ({ page, stube }) => walk(page, stube));
});
