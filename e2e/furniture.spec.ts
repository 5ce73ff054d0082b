/** Furniture is measured, its rods are cut from what is sold, its boards are moved, and what was overlooked is found. */
import { house } from './ferry-house.ts';
import { expect, expectAccessible, expectNoSideScroll, pdfText, test } from './stube.ts';

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

test('the boards of a shelf are moved to where they lose least, and back again', async ({ page, stube }) => {
  const { site, data: before } = await house(stube);
  // The first of the adjustable units whose boards could stand better for what the plan put on them.
  let unit = before.unit[0]!;
  const dialog = page.getByRole('dialog', { name: /^Boards of / });
  const moves = dialog.getByRole('button', { name: 'Move the boards' });
  for (const adjustable of before.unit.filter(({ step }) => step !== null)) {
    unit = adjustable;
    await page.goto(`${stube.address}/s/${site}/r/${unit.roomId}/measure`);
    await page.getByLabel('Unit', { exact: true }).selectOption(unit.id);
    await page.getByRole('button', { name: 'Best heights' }).click();
    await expect(moves.or(dialog.getByText('The boards stand as well as they can'))).toBeVisible();
    if (await moves.isVisible()) break;
    await dialog.getByRole('button', { name: 'Close' }).click();
  }
  await expect(dialog.getByText('No way loses less: this is proven.')).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Move the boards' }).click();
  await expect(dialog).toBeHidden();
  const after = await stube.data(site);
  const heights = (data: typeof before) =>
    data.compartment.filter(({ unitId }) => unitId === unit.id).map(({ id, z, height }) => [id, z, height]);
  expect(heights(after)).not.toEqual(heights(before));
  // Nothing fell off: every bin that stood there still does.
  const there = (data: typeof before) => {
    const spaces = new Set(data.compartment.filter(({ unitId }) => unitId === unit.id).map(({ id }) => id));
    return data.bin
      .filter(({ compartmentId }) => spaces.has(compartmentId ?? ''))
      .map(({ code }) => code)
      .sort();
  };
  expect(there(after)).toEqual(there(before));
  await page.getByRole('button', { name: /^Undo: move the boards/ }).click();
  await expect.poll(async () => heights(await stube.data(site)).sort()).toEqual(heights(before).sort());

  // What nobody uses is told with its litres, and measured from there.
  const overlooked = page.getByRole('region', { name: 'Overlooked places' });
  const measure = overlooked.getByRole('button', { name: /^Measure it: on top of/ }).first();
  const where = (await measure.getAttribute('aria-label'))!.replace('Measure it: ', '');
  await measure.click();
  await page.getByRole('dialog').getByRole('button', { name: 'Put it in the room' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(overlooked.getByText(where)).toHaveCount(0);
  // Others look at the same house: it stands as it did.
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(overlooked.getByText(where)).toBeVisible();
});

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a wall of shelves is measured with the laser, one length after the other', async ({ page, context, stube }) => {
    const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Laser house' });
    const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
      name: 'Den',
      width: 3000,
      depth: 2000,
      height: 2500,
    });
    const unit = { roomId: room, name: 'Grid', template: 'cubes', width: 1120, height: 760, depth: 390 };
    await stube.ask(`/sites/${site}/rows/unit`, { ...unit, columns: 3, rows: 2, board: 18, raised: 0 });
    await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
    const laser = await context.newPage();
    await laser.goto(`${stube.address}/laser`);
    await expect(laser.getByRole('heading', { level: 1 })).toBeVisible();
    await expectAccessible(laser);
    await page.bringToFront();
    await page.getByRole('button', { name: 'Step by step' }).tap();
    const guide = page.getByRole('dialog', { name: 'Measure Grid' });
    await expect(guide.getByText('Length 1 of 3')).toBeVisible();
    await expectAccessible(page);
    await expectNoSideScroll(page);
    const send = async (mm: string) => {
      await laser.getByLabel('Length, mm').fill(mm);
      await laser.getByRole('button', { name: 'Send' }).tap();
    };
    // The front is measured twice: the least counts, and that it is not square is said.
    await send('349');
    await expect(guide.getByLabel('Inside width of each of the 3 columns')).toHaveValue('34.9');
    await send('342');
    await expect(guide.getByText('They differ by 7 mm: it is not square there.')).toBeVisible();
    await guide.getByRole('button', { name: 'Take it' }).tap();
    await expect(guide.getByText('Length 2 of 3')).toBeVisible();
    await guide.getByRole('button', { name: 'They differ: each by itself' }).tap();
    await expect(guide.getByText('Length 2 of 4')).toBeVisible();
    await send('346');
    await guide.getByRole('button', { name: 'Take it' }).tap();
    await guide.getByLabel(/^Inside height/).fill('35,1 cm');
    await guide.getByRole('button', { name: 'Take it' }).tap();
    await guide.getByLabel('Inside depth of all').fill('nonsense');
    await guide.getByRole('button', { name: 'Take it' }).tap();
    await expect(guide.getByText('Not a length')).toBeVisible();
    await send('368');
    await guide.getByRole('button', { name: 'Take it' }).tap();
    await expect(guide.getByRole('heading', { name: 'Grid is measured' })).toBeVisible();
    await expect
      .poll(async () =>
        (await stube.data(site)).compartment
          .sort((a, b) => a.sort - b.sort)
          .map(({ width, height, depth, measured }) => [width, height, depth, measured]),
      )
      .toEqual([...Array(3).fill([342, 346, 368, true]), ...Array(3).fill([342, 351, 368, true])]);
  });
});
