/** A closet is measured, its rods are cut from what is sold, and the list is taken along. */
import { expect, expectAccessible, pdfText, test } from './stube.ts';

test('six rods of a closet of 1,215 mm need six lengths of 2,400, on screen and on paper', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Closet house' });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Closet',
    width: 3000,
    depth: 2000,
    height: 2500,
  });
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  await page.getByRole('button', { name: 'Other places' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Rods/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(/^Wide/).fill('1215 mm');
  await dialog.getByLabel('Rows').fill('6');
  await expect(dialog.getByText('6 spaces')).toBeVisible();
  await dialog.getByRole('button', { name: 'Put it in the room' }).click();
  await expect(dialog).toBeHidden();

  // The tape was there: it says what had been reckoned.
  await expect(page.getByRole('button', { name: 'reckoned' })).toHaveCount(6);
  for (let i = 1; i <= 6; i++) {
    await page.getByRole('button', { name: 'reckoned' }).first().click();
    await expect(page.getByRole('button', { name: 'measured' })).toHaveCount(i);
  }

  await page.getByRole('button', { name: 'Cut list' }).click();
  const list = page.getByRole('dialog', { name: 'Cut list' });
  await list.getByRole('button', { name: 'Add' }).first().click();
  await expect(list.getByRole('list', { name: 'Pieces to cut' }).getByRole('listitem')).toHaveCount(6);
  await expect(list.getByText('1 × rod of 121.1 cm').first()).toBeVisible();
  await expect(list.getByText('Tell which lengths of rods are sold')).toBeVisible();
  await list.getByLabel('Length', { exact: false }).fill('2400 mm');
  await list.getByLabel('Price', { exact: false }).fill('6.90');
  await list.getByRole('button', { name: 'Add' }).last().click();
  await expect(list.getByText('for 6 lengths. No way is cheaper: this is proven.')).toBeVisible();
  await expect(list.getByText('€41.40')).toBeVisible();
  await expect(list.getByText('118.9 cm left over')).toBeVisible();
  await expectAccessible(page);

  // Two do not fit a length: 2 × 1,211 and the saw's 3 are more than 2,400. Shorter by 22, they do.
  await list.getByLabel(/^Shorter than the inside by/).fill('17 mm');
  await list.getByLabel(/^Shorter than the inside by/).press('Enter');
  await expect(list.getByText('for 3 lengths. No way is cheaper: this is proven.')).toBeVisible();
  await list.getByLabel(/^Shorter than the inside by/).fill('4 mm');
  await list.getByLabel(/^Shorter than the inside by/).press('Enter');
  await expect(list.getByText('for 6 lengths. No way is cheaper: this is proven.')).toBeVisible();

  const address = `${stube.address}/api/sites/${site}/rooms/${room}/cut-list`;
  const text = await pdfText(new Uint8Array(await (await fetch(`${address}.pdf`)).arrayBuffer()));
  expect(text).toContain('6 × rod, 240 cm (€6.90 each), 118.9 cm left over');
  expect(text).toContain('Rods, rod 6');
  expect(text).toContain('6 lengths, €41.40, proven the least');
  expect(text).toContain('18 rod brackets');
  const table = await (await fetch(`${address}.csv`)).text();
  expect(table).toContain('6,rod,2400,€6.90,1211,');

  // What is taken away comes back.
  await list
    .getByRole('button', { name: /^Take away: rod for/ })
    .first()
    .click();
  await expect(list.getByRole('list', { name: 'Pieces to cut' }).getByRole('listitem')).toHaveCount(5);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo: / }).click();
  await page.getByRole('button', { name: 'Cut list' }).click();
  await expect(list.getByRole('list', { name: 'Pieces to cut' }).getByRole('listitem')).toHaveCount(6);
});
