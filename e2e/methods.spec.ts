import { expect, test, type Page } from '@playwright/test';
import { screenOf } from './job.ts';

const wash = 'Weir Cottages, wash rooms';
const room = 'Lantern Row Reading Room';

/** The steps in their order, as they stand on the page. */
async function stepsOf(page: Page): Promise<readonly string[]> {
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  return page.getByRole('list', { name: 'Steps' }).locator('.what').allTextContents();
}

const inOrder = (steps: readonly string[], wanted: readonly RegExp[]) =>
  wanted.map((w) => steps.findIndex((s) => w.test(s))).every((at, i, all) => at >= 0 && (i === 0 || at > (all[i - 1] ?? -1)));

test.describe('a whole method of each family, with its drawing', () => {
  for (const [mark, site, drawn, wanted] of [
    [
      'WC-01',
      wash,
      'begin here',
      [/Brush the face clean/, /Set 11 ports, 250 mm apart/, /Seal the crack with 845 mL/, /Let the seal harden/, /Inject/, /Take ports and seal off/],
    ],
    [
      'WC-02',
      wash,
      'lift 1, the deepest places',
      [/Saw the outline square/, /Break out to sound/, /Scrub in a thin coat/, /Lift 1 of 2: .* the deepest places/, /Lift 2 of 2/, /Float it/],
    ],
    [
      'WC-03',
      wash,
      'board, top in line',
      [/Saw the outline square/, /Set a board at the riser/, /Lift 1 of 1/, /Take the board off/, /Draw a brush once along it/],
    ],
    ['RR-05', room, 'edges rebuilt', [/Cut the edges upright/, /Rebuild the edges/, /Grind flush/, /Saw the joint again/, /Fill the joint/, /Shave it flush/]],
    [
      'RR-06',
      room,
      'finish, to the old face',
      [/Take it down to where it holds/, /Dampen edge and base/, /Coat 1 of 3, scratch/, /Coat 3 of 3, finish/, /Air it/],
    ],
    ['RR-01', room, 'core of board', [/Cut the plug: board of/, /Cut the opening, 94 mm by 74 mm/, /Bed the plug/, /Coat 2 of 2/, /Look it over/, /Prime/]],
    ['RR-02', room, 'paper tape, 52 mm', [/Cut the loose tape out/, /Fill, layer 1/, /Bed 2.40 m of paper tape/, /Coat 2 of 2/]],
    ['RR-04', room, 'new board, flush', [/Cut the opening/, /cleats of wood between the members/, /Fit the board/, /Prefill the gaps/, /Bed .* of paper tape/]],
    [
      'WR-03',
      wash,
      '30 mm apart',
      [/Cut back to sound dry wood/, /Bore \d+ holes/, /Soak it with/, /Filler, layer 1/, /Wash the blush off/, /Shape it/, /Prime/],
    ],
    ['WR-01', wash, 'gel paste, left', [/Wash it clean/, /Pick it out/, /Match the color/, /of paste/, /Wet-sand/, /Compound, then polish/]],
    ['WR-02', wash, 'mat 3, 100 mm past', [/Stop holes/, /Mat 1 of 3/, /Mat 3 of 3/, /Wipe promoter on/, /Mist coat 4 of 4/]],
  ] as const) {
    test(mark, async ({ page }) => {
      await page.goto(await screenOf(page, mark, 'method', site));
      const steps = await stepsOf(page);
      expect([steps, inOrder(steps, wanted)]).toEqual([steps, true]);
      // the drawing that says it stands in one of the views
      const views = page.getByRole('group', { name: 'Which drawing' }).getByRole('button');
      const words = page.locator('.fitted svg').getByText(drawn, { exact: false });
      for (let i = 0; i < (await views.count()) && (await words.count()) === 0; i++) await views.nth(i).click();
      await expect(words.first()).toBeVisible();
    });
  }
});

test('what is tried out moves steps, times and drawing, and nothing of it is kept', async ({ page }) => {
  await page.goto(await screenOf(page, 'WC-02', 'method', wash));
  const total = page.locator('.steps-head b').first();
  const before = await total.textContent();
  await expect(page.locator('.fitted svg [data-region^=lift-]')).toHaveCount(2);
  await page.getByRole('slider', { name: 'Ground' }).focus();
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('Trying out.')).toBeVisible();
  await expect(total).not.toHaveText(before ?? '');
  await page.getByRole('slider', { name: 'Thickest lift' }).focus();
  for (let i = 0; i < 44; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.locator('.fitted svg [data-region^=lift-]')).toHaveCount(3);
  await page.getByRole('button', { name: 'Back to as planned' }).click();
  await expect(total).toHaveText(before ?? '');
});

test('colder than it bears, the steps begin with warming, and do without when it is warm again', async ({ page }) => {
  await page.goto(await screenOf(page, 'WR-02', 'method', wash));
  await page.getByRole('slider', { name: 'Ground' }).focus();
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.getByText(/^Warm the ground from/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to as planned' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  await expect(page.getByText(/^Warm the ground from/)).toHaveCount(0);
});

test('Mix shows every mix with its parts, its batches and the time to place one', async ({ page }) => {
  await page.goto(await screenOf(page, 'WR-02', 'mix', wash));
  const coating = page.getByRole('region', { name: 'Two-part coating' });
  await expect(coating).toContainText('One batch, 53 mL in all, placed within');
  await expect(coating).toContainText('4 of resin, 1 of catalyst, 2 of reducer by volume');
  await expect(page.getByRole('region', { name: 'Glass laminate' })).toContainText('4 batches, 138 g in all, each placed within');
  for (const [part, amount] of [
    ['Resin', '30 mL'],
    ['Catalyst', '7.5 mL'],
    ['Reducer', '15 mL'],
  ] as const)
    await expect(coating.getByRole('row', { name: new RegExp(part) })).toContainText(amount);
  await page.getByText('30 mL').first().click();
  await expect(page.getByRole('dialog').getByText('the amount times the part that is asked for, over the parts that it holds')).toBeVisible();
});

test('an issued plan of another family is as it was issued, and Jobs says what is next by hand and which window closes', async ({ page }) => {
  await page.goto(await screenOf(page, 'WR-02', 'method', wash));
  await expect(page.getByText(/not begun; the same as now/)).toBeVisible();
  await page.goto('/');
  const worked = page.getByRole('region', { name: wash }).getByRole('region', { name: 'Being worked' });
  await expect(worked.getByText(/now:/).first()).toBeVisible();
  await expect(worked.getByText(/begin before 07:\d\d/)).toBeVisible();
  await expect(worked.getByText(/The primer has gone past its window/)).toBeVisible();
  await worked.getByRole('link', { name: 'WR-03' }).click();
  await expect(page.getByText(/begun Tue, Jun 2/)).toBeVisible();
  await expect(page.getByText('Nothing has changed since')).toBeVisible();
});

test('options stand side by side for the client: chosen by system and scope, against a deadline, as a page and as PDF', async ({ page }) => {
  await page.goto(await screenOf(page, 'RR-04', 'options', room));
  await expect(page.getByRole('heading', { name: /RR-04, hole in drywall: \d ways? to go about it/ })).toBeVisible();
  const first = page.locator('.option').first();
  await expect(first).toContainText('Board patch');
  for (const words of ['By hand', 'From start to finish', 'Visits', 'What it takes', 'What it leaves behind', 'How long it is expected to hold'])
    await expect(first).toContainText(words);
  // as on a slow machine: the second field is left before the first stands in the address
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await page.getByLabel('Width', { exact: true }).fill('2.4 m');
  await page.getByLabel('Height', { exact: true }).fill('1.8 m');
  await page.getByLabel('Height', { exact: true }).press('Enter');
  await expect(page).toHaveURL(/face=2400x1800/, { timeout: 15_000 });
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await expect(page.locator('.option').filter({ hasText: 'Whole face' }).first()).toBeVisible();
  await page.getByLabel('To be done by').fill('2026-06-12T18:00');
  await expect(page.getByText(/^In time:/)).toBeVisible();
  await page.getByLabel('To be done by').fill('2026-06-03T09:00');
  await expect(page.getByText(/None is done by then\./)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  expect((await download).suggestedFilename()).toContain('RR-04');
  // what is in time is planned so at once
  await page.getByLabel('To be done by').fill('2026-06-12T18:00');
  await page.getByRole('button', { name: 'Plan it so' }).click();
  await expect(page).toHaveURL(/\/method\//);
});

test('the sheet of another family carries both drawings, steps, mixes and cautions on paper', async ({ page }) => {
  await page.goto(await screenOf(page, 'WC-01', 'sheet', wash));
  await expect(page.locator('.page svg:not(.page-code)')).toHaveCount(2);
  await expect(page.getByText(/Set 11 ports, 250 mm apart/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /Injection resin/ })).toBeVisible();
  await expect(page.getByText('Injection pressure.')).toBeVisible();
});
