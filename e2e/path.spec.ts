/** The whole way from an empty site: pile, group, measure, contain, place, label, find; undo; restart. */
import { expect, expectAccessible, pdfText, test } from './stube.ts';

const LINES = [
  '3 shoeboxes wooden blocks',
  '40 picture books 25x20x1 cm',
  '60 felt tips',
  '2 mugs of beads',
  '5 dried-up glue sticks, bin',
  '1 shoebox xylocarps',
];

test('a heap becomes labelled bins that are found again, and it is all still there', async ({ page, stube }) => {
  await page.goto(stube.address);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('must not be empty')).toBeVisible();
  await page.getByRole('button', { name: 'Daycare' }).click();
  await expect(page.getByLabel('What it is called')).toHaveValue('Daycare');
  await page.getByLabel('What it is called').fill('Quay house');
  await page.getByRole('button', { name: 'centimetres' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'Take one room at a time' })).toBeVisible();
  await expectAccessible(page);
  const site = /\/s\/([^/]+)/.exec(page.url())![1]!;

  await page.getByRole('button', { name: 'Add the first room' }).click();
  await page.getByRole('button', { name: 'Add the room' }).click();
  await expect(page.getByText('must not be empty')).toBeVisible();
  await page.getByLabel('Name of the room').fill('Net loft');
  await page.getByLabel(/^Wide/).fill('16\' 4 3/4"');
  await page.getByRole('button', { name: 'Add the room' }).click();
  await expect(page.getByRole('heading', { name: 'Empty the room onto one pile' })).toBeVisible();
  await expectAccessible(page);

  // Pile
  const entry = page.getByLabel('What lies there?');
  await entry.fill('3 shoeboxes');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Name the things as well')).toBeVisible();
  for (const [i, line] of LINES.entries()) {
    await entry.fill(line);
    if (i === 0) await expect(page.locator('[data-sum=open]')).toHaveText('15 l');
    await page.keyboard.press('Enter');
    await expect(entry).toHaveValue('');
  }
  await expect(page.getByRole('list', { name: 'Lines of the pile' }).locator('.line')).toHaveCount(LINES.length);
  await expect(page.locator('[data-sum=leaving]')).not.toHaveText('0 l');
  await page.getByLabel('Decision for felt tips').selectOption('give away');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Decision for felt tips')).toHaveValue('');
  await expectAccessible(page);
  // Nobody has decided yet, and so nothing is sorted: all of it stays.
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Group/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Nothing to sort yet' })).toBeVisible();
  await page.getByRole('button', { name: /^Keep all \d/ }).click();
  await expect(page.getByText(/lines stay\./)).toBeVisible();

  // Group: one line has no category; it goes there by keyboard, and another by dragging
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Group/ })
    .click();
  await page.getByRole('button', { name: /xylocarps.*move/ }).press('Enter');
  await page.getByLabel('Search categories').fill('pompoms');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Pompoms' }).getByText('xylocarps')).toBeVisible();
  await expectAccessible(page);
  await page
    .locator('[data-line]', { hasText: 'xylocarps' })
    .dragTo(page.getByRole('region', { name: 'Beads' }).locator('ul'));
  await expect(page.getByRole('region', { name: 'Beads' }).getByText('xylocarps')).toBeVisible();

  // Measure
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Measure/ })
    .click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Cube shelf' }).click();
  await page.getByLabel(/^Wide/).fill('149.6 cm');
  await page.getByLabel(/^High/).fill('1130');
  await page.getByLabel('Columns').fill('4');
  await page.getByLabel('Rows').fill('99');
  await expect(page.getByText('must be a whole number from 1 to 20')).toBeVisible();
  await page.getByLabel('Rows').fill('3');
  await expect(page.getByText('12 spaces, inside 35.1 cm wide')).toBeVisible();
  await expect(page.getByRole('group', { name: /to scale/ }).getByText('149.6 cm')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it in the room' }).click();
  await page.getByLabel('cube A1 high').fill('13 1/2"');
  await page.keyboard.press('Tab');
  await expect
    .poll(
      async () => (await stube.data(site)).compartment.find((compartment) => compartment.name === 'cube A1')!.height,
    )
    .toBe(343);

  // Contain
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Contain/ })
    .click();
  await expect(page.getByRole('heading', { name: /bins for 4 categories/ })).toBeVisible();
  await expect(page.getByText('with 10 % to grow').first()).toBeVisible();
  await expect(page.getByRole('complementary', { name: 'To buy' })).toContainText('Together');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add these bins' }).click();
  await expect(page.getByRole('button', { name: 'Added as shown' })).toBeVisible();

  // Place
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Place/ })
    .click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Propose places' }).click();
  await expect(page.getByText(/No plan is better|could still be gained/)).toBeVisible();
  await expect(page.getByText('Every bin has its place')).toBeVisible();
  const before = await page.locator('[data-effort]').textContent();
  const bin = (await stube.data(site)).bin.find((bin) => bin.name.startsWith('Picture books'))!;
  const drawn = page.locator(`[data-bin="${bin.id}"]`);
  await drawn.click();
  await expect(page.getByRole('region', { name: `${bin.code} ${bin.name}` })).toContainText('s a week');
  await expectAccessible(page);
  const placed = await stube.data(site);
  const far = placed.compartment.find(
    (compartment) => !placed.bin.some((other) => other.compartmentId === compartment.id),
  )!;
  await drawn.hover();
  await page.mouse.down();
  const goal = (await page.locator(`[data-space="${far.id}"] .space`).boundingBox())!;
  await page.mouse.move(goal.x + goal.width / 2, goal.y + 6, { steps: 8 });
  await expect(page.locator('.ghost')).toContainText('a week there');
  await page.mouse.up();
  await expect
    .poll(async () => (await stube.data(site)).bin.find((one) => one.id === bin.id))
    .toMatchObject({ compartmentId: far.id, pinned: true });
  await drawn.focus();
  await page.keyboard.press('ArrowRight');
  await expect
    .poll(async () => (await stube.data(site)).bin.find((one) => one.id === bin.id)!.compartmentId)
    .not.toBe(far.id);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-effort]')).toHaveText(before!);

  // Label
  await page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: /^Label/ })
    .click();
  await page.getByLabel('Printed on').selectOption('Letter');
  await expectAccessible(page);
  const pdf = await page.request.get(
    new URL((await page.getByRole('link', { name: 'Only look, as PDF' }).getAttribute('href'))!, stube.address).href,
  );
  const text = await pdfText(new Uint8Array(await pdf.body()));
  for (const bin of (await stube.data(site)).bin) expect(text).toContain(bin.code);
  for (const name of ['Wooden', 'blocks', 'Picture', 'Felt-tip', 'Beads']) expect(text).toContain(name);
  await page.getByRole('button', { name: 'These are printed' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();

  // Find, by another word and with a typing error
  expect((await stube.data(site)).site[0]!.paper).toBe('Letter');
  await page.locator('.go-on', { hasText: 'Live' }).click();
  await page.getByRole('button', { name: 'Where is it? Where does it go?' }).click();
  await page.keyboard.type('stori');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText('Picture books');
  await page.getByRole('combobox', { name: 'What are you looking for?' }).fill('buildng bloks');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText(/Net loft › Cube shelf › cube/);
  await expect(page.getByRole('group', { name: /lit up/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('combobox', { name: 'What are you looking for?' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: /Wooden blocks/ })).toBeVisible();
  await expectAccessible(page);

  // Undo what was last done, kill the server, and everything is still there
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/Taken back: .*printed/)).toBeVisible();
  const kept = await stube.data(site);
  await stube.restart('SIGKILL');
  expect(await stube.data(site)).toEqual(kept);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: /Wooden blocks/ })).toBeVisible();
  await page.getByRole('button', { name: /^Redo: .*printed/ }).click();
  await expect(page.getByText('The printed label is up to date')).toBeVisible();
});
