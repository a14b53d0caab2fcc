import { expect, test } from '@playwright/test';
import { screenOf } from './job.ts';

test('every figure of a system stands with its source, and what expires stands first', async ({ page }) => {
  await screenOf(page, 'PS-01', 'match');
  await page.goto('/shelf');
  await page.getByLabel('Find on the shelf').fill('epoxy mortar');
  await page.getByRole('link', { name: 'Epoxy mortar, primed' }).click();
  await expect(page.getByRole('row', { name: /Thickest lift, floor 25 mm common practice/ })).toBeVisible();
  await page.getByRole('button', { name: 'in', exact: true }).click();
  await expect(page.getByRole('row', { name: /Thickest lift, floor 1 in/ })).toBeVisible();
  await page.getByRole('button', { name: 'mm', exact: true }).click();
  const first = page.getByRole('region', { name: 'Expiring' });
  await expect(first.getByText(/Injection foam, lot F-7: expired/)).toBeVisible();
});

test('a product is copied from a system, takes its sheet’s figures, is matched by them, and every version of it stays', async ({ page }) => {
  const match = await screenOf(page, 'PS-02', 'match');
  await page.goto('/shelf/rapid-crack-resin');
  await page.getByRole('button', { name: 'Copy it for a product of ours' }).click();
  const form = page.getByRole('form', { name: 'Product' });
  await form.getByLabel('Name of the product').fill('Slow resin');
  await form.getByLabel(/^Coldest slab/).fill('45');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form.getByText(/The data sheet needs/).first()).toBeVisible();
  await form.getByLabel('Data sheet, with its date').fill('sheet of 2026-03');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form.getByText(/its least is not below its most/).first()).toBeVisible();
  await form.getByLabel(/^Coldest slab/).fill('50 F');
  await form.getByLabel(/^Gel time at the reference temperature/).fill('12');
  await form.getByLabel('Content of a pack').fill('600');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Slow resin', level: 1 })).toBeVisible();
  await expect(page.getByRole('row', { name: /Coldest slab 10 °C the product’s data sheet, as the firm entered it/ })).toBeVisible();
  await expect(page.getByText('A pack: 600 g, no price noted.')).toBeVisible();
  // packs of it
  const packs = page.getByRole('form', { name: 'New packs' });
  await packs.getByLabel('How many packs').fill('4');
  await packs.getByLabel('Lot').fill('S-1');
  await packs.getByLabel('Date of expiry').fill('2026-06-20');
  await packs.getByRole('button', { name: 'Add to the stock' }).click();
  await expect(page.getByText('only until Sat, Jun 20, 2026')).toBeVisible();
  await page.getByRole('button', { name: 'One used' }).click();
  await expect(page.getByText('3 packs, lot S-1')).toBeVisible();
  // a later sheet
  await page.getByRole('button', { name: 'Change its figures' }).click();
  await form.getByLabel('Data sheet, with its date').fill('sheet of 2026-05');
  await form.getByLabel(/^Gel time at the reference temperature/).fill('10');
  await form.getByRole('button', { name: 'Keep as a new version' }).click();
  await page.getByText('2 versions are kept').click();
  await expect(page.getByText(/sheet of 2026-05; working\/gel 12 → 10/)).toBeVisible();
  await page.goto(match);
  await page.getByRole('button', { name: 'Slow resin', exact: true }).click();
  await expect(page.getByText('On the shelf: 3 packs, the first good until Sat, Jun 20, 2026.')).toBeVisible();
  // taken off the shelf, and brought back
  await page.goto('/shelf');
  await page.getByRole('link', { name: 'Slow resin' }).first().click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(page.getByRole('navigation', { name: 'Shelf' }).getByRole('link', { name: 'Slow resin' })).toHaveCount(0);
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(page.getByRole('navigation', { name: 'Shelf' }).getByRole('link', { name: 'Slow resin' })).toBeVisible();
  await page.getByRole('navigation', { name: 'Shelf' }).getByRole('link', { name: 'Slow resin' }).click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
});

test('kinetics: the thickest cool lift is computed once, with progress, and kept with the product', async ({ page }) => {
  await screenOf(page, 'PS-01', 'match');
  await page.goto('/shelf/epoxy-mortar');
  await page.getByRole('button', { name: 'Copy it for a product of ours' }).click();
  const form = page.getByRole('form', { name: 'Product' });
  await form.getByLabel('Name of the product').fill('Hot mortar');
  await form.getByLabel('Data sheet, with its date').fill('test report of 2026');
  await form.getByText('Kinetics of its cure').click();
  await form.getByLabel('First rate, per second').fill('201600');
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form.getByText('Kinetics need all four of their figures, or none.')).toBeVisible();
  await form.getByLabel('Second rate, per second').fill('2016000');
  await form.getByLabel('Activation energy, kJ/mol').fill('56');
  await form.getByLabel('Heat of cure, J/g').fill('400');
  // the worker waits for its script until it was stopped: how fast this machine computes decides nothing
  let go = () => undefined as void;
  const stopped = new Promise<void>((done) => {
    go = done;
  });
  await page.route(/safeLift/, async (route) => {
    await stopped;
    await route.continue().catch(() => undefined);
  });
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(form.getByRole('progressbar', { name: 'Its safe lifts are being computed' })).toBeVisible();
  await form.getByRole('button', { name: 'Stop' }).click();
  go();
  await expect(page.getByRole('heading', { name: 'Hot mortar', level: 1 })).toHaveCount(0);
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Hot mortar', level: 1 })).toBeVisible({ timeout: 40_000 });
  await expect(page.getByText(/Thickest lift by its own heat: .*50.4 mm at 25 °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
});

test('products come in from a file, each line with its report', async ({ page }) => {
  await screenOf(page, 'PS-01', 'match');
  await page.goto('/shelf');
  const csv =
    'title,basedOn,sheet,lift/floor\nYard mortar,polymer-mortar-2k,sheet 4,22\nOdd mortar,moonstone,sheet 4,22\nThin mortar,polymer-mortar-2k,sheet 4,0.02\n';
  const file = { name: 'products.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) };
  await page.getByLabel('Product file').setInputFiles(file);
  await expect(page.getByText('1 made, 0 changed, 2 refused.')).toBeVisible();
  await expect(page.getByText(/Line 3, Odd mortar: basedOn is 'moonstone'/)).toBeVisible();
  await expect(page.getByText(/Line 4, Thin mortar: Thickest lift, floor is more than 25 times off the usual/)).toBeVisible();
  await page.getByRole('link', { name: 'Yard mortar' }).first().click();
  await expect(page.getByRole('row', { name: /Thickest lift, floor 22 mm the product’s data sheet/ })).toBeVisible();
  await page.getByLabel('Product file').setInputFiles({ ...file, buffer: Buffer.from(csv.split('\n').slice(0, 2).join('\n').replace(',22', ',24')) });
  await expect(page.getByText('0 made, 1 changed, 0 refused.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Thickest lift, floor 24 mm/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
});
