/** What is seen at a bin with one tap each: how often it is used, and that it is not where it belongs. */
import { expect, expectAccessible, expectNoSideScroll, test } from './stube.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a bin is used, found missing and found again, on the phone', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Seen house', keepsNew: true });
  const size = { width: 4000, depth: 3000, height: 2500 };
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name: 'Den', ...size });
  const shelf = {
    template: 'bookcase',
    width: 900,
    height: 1800,
    depth: 320,
    columns: 1,
    rows: 5,
    board: 20,
    raised: 0,
  };
  await stube.ask(`/sites/${site}/rows/unit`, { roomId: room, name: 'Bookcase', ...shelf });
  await stube.ask(`/sites/${site}/lines`, { roomId: room, text: '1 shoebox felt tips' });
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {});
  const [bin] = (await stube.data(site)).bin;
  await page.goto(`${stube.address}/s/${site}/b/${bin!.code}`);
  const seen = page.getByRole('region', { name: 'Seen or done' });
  await expect(seen).toContainText('as estimated');
  // One after the other: what was noted moves what is below it.
  const noted = (count: number) => expect.poll(async () => (await stube.data(site)).observation.length).toBe(count);
  await seen.getByRole('button', { name: 'used', exact: true }).tap();
  await noted(1);
  await seen.getByRole('button', { name: 'put back' }).tap();
  await noted(2);
  await seen.getByRole('button', { name: 'used', exact: true }).tap();
  await noted(3);
  await expect(seen).toContainText('seen 2 times in 1 week');
  await seen.getByRole('button', { name: 'it is not here' }).tap();
  await expect(seen).toContainText('It was not there');
  await expectAccessible(page);
  await expectNoSideScroll(page);
  await page.goto(`${stube.address}/s/${site}/r/${room}/live`);
  await expect(page.getByText('was not there').first()).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${stube.address}/s/${site}/today`);
  const untrue = page.getByRole('region', { name: 'No longer true' });
  await expect(untrue).toContainText('was not there, today');
  await expectAccessible(page);
  await expectNoSideScroll(page);
  await untrue.getByRole('link', { name: /^Look at/ }).tap();
  await expect(page).toHaveURL(new RegExp(`/b/${bin!.code}$`));
  await page.goto(`${stube.address}/s/${site}/b/${bin!.code}`);
  await seen.getByRole('button', { name: 'found again' }).tap();
  await expect(seen.getByRole('button', { name: 'it is not here' })).toBeVisible();
  await page.goto(`${stube.address}/s/${site}/r/${room}/live`);
  await expect(page.getByRole('heading', { name: 'Den, as it is lived in' })).toBeVisible();
  await expect(page.getByText('was not there')).toHaveCount(0);
  expect((await stube.data(site)).observation.map(({ kind }) => kind)).toEqual([
    'used',
    'put back',
    'used',
    'not here',
    'found',
  ]);
});

test('a phone that reaches the house by a plain address can write too', async ({ page, stube }) => {
  // Browsers keep this from pages that are neither encrypted nor on the very machine.
  await page.addInitScript(() => delete (Crypto.prototype as { randomUUID?: unknown }).randomUUID);
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Plain house' });
  const size = { width: 4000, depth: 3000, height: 2500 };
  await stube.ask(`/sites/${site}/rows/room`, { name: 'Den', ...size });
  await page.goto(`${stube.address}/s/${site}/routines`);
  await page.getByRole('button', { name: 'start from the usual ones' }).tap();
  await expect(page.getByText('Weekly reset').first()).toBeVisible();
  expect((await stube.data(site)).routine.length).toBeGreaterThan(2);
});

test('a word that nobody knew is taught where it was missed, and finds from then on', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Word house', keepsNew: true });
  const size = { width: 4000, depth: 3000, height: 2500 };
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name: 'Den', ...size });
  await stube.ask(`/sites/${site}/lines`, { roomId: room, text: '1 shoebox felt tips' });
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  const { category, line } = await stube.data(site);
  const pens = category.find(({ id }) => id === line[0]!.categoryId)!;
  await page.goto(`${stube.address}/s/${site}/today`);
  await page.getByRole('button', { name: 'Where is …?' }).tap();
  const ask = page.getByRole('combobox', { name: 'What are you looking for?' });
  await ask.fill('wiggle sticks');
  await page.getByLabel('What is “wiggle sticks” called here?').fill(pens.name);
  await expectAccessible(page);
  await page.getByRole('button', { name: `It is ${pens.name}: remember the word` }).tap();
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Where is …?' }).tap();
  await ask.fill('wiggle');
  await expect(page.getByRole('option').first()).toContainText(pens.name);
});
