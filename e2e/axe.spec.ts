import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { allSaved, demoJob, ownJob, removeJob, screenOf } from './job.ts';
import { emptyAddress } from './places.ts';

const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

async function clean(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(tags).analyze();
  expect(
    violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.html.slice(0, 120))
          .join(' | ')}`,
    ),
  ).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
}

for (const [stage, mark] of [
  ['walk', 'PS-01'],
  ['match', 'PS-01'],
  ['method', 'PS-01'],
  ['mix', 'PS-01'],
  ['sheet', 'PS-01'],
  ['options', 'PS-01'],
  ['method', 'CY-01'],
  ['days', 'PS-01'],
] as const) {
  test(`${stage} of ${mark} is without violations, light and dark`, async ({ page }, { project }) => {
    await page.goto(await screenOf(page, mark, stage));
    await expect(page.locator('h1')).toBeVisible();
    await clean(page);
    // colors are the same at both sizes: the dark ones are looked at once
    if (stage === 'sheet' || stage === 'options' || project.name === 'phone') return;
    await page.getByRole('button', { name: 'Dark', exact: true }).click();
    await clean(page);
  });
}

test('the day of one person is without violations, light and dark', async ({ page }, { project }) => {
  await demoJob(page);
  await page.goto('/day/Lise');
  await expect(page.locator('.own-steps li').first()).toBeVisible();
  await clean(page);
  if (project.name === 'phone') return;
  await page.getByRole('button', { name: 'Dark', exact: true }).click();
  await clean(page);
});

test('the table with repairs chosen and its columns, and the lines typed at once, are without violations, light and dark', async ({ page }, { project }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/table`);
  await page.getByRole('checkbox', { name: 'Choose WH-01' }).check();
  await page.getByRole('button', { name: 'Columns' }).click();
  await clean(page);
  if (project.name !== 'phone') {
    await page.getByRole('button', { name: 'Dark', exact: true }).click();
    await clean(page);
    await page.getByRole('button', { name: 'Light', exact: true }).click();
  }
  await page.goto(await screenOf(page, 'WH-01', 'walk'));
  if (project.name === 'phone') await page.getByRole('button', { name: 'Repairs: WH-01' }).click();
  await page.getByRole('button', { name: 'Type several' }).click();
  await page.getByLabel(/^Found in/).fill('crack slab 4.2m 2 5 3mm d80 still dry zebra\ncrack 3m');
  await expect(page.getByRole('list', { name: 'What was understood' })).toBeVisible();
  await clean(page);
  await page.getByLabel(/^Found in/).fill('');
});

test('what changed, what was deleted, and a change that met another are without violations', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  const deleted = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-02');
  await page.request.delete(`/api/defects/${deleted?.id ?? ''}`, { data: { change: crypto.randomUUID(), version: 1 } });
  await page.goto('/bin');
  await expect(page.getByRole('row').nth(1)).toBeVisible();
  await clean(page);
  await page.goto(`/jobs/${job.id}/walk/${id}`);
  await expect(page.getByLabel('Note')).toBeVisible();
  const tree = (await (await page.request.get(`/api/jobs/${job.id}`)).json()) as { areas: { defects: Record<string, unknown>[] }[] };
  const { id: _id, ...body } = { ...tree.areas.flatMap((a) => a.defects).find((d) => d['id'] === id) };
  await page.request.put(`/api/defects/${id}`, { data: { ...body, note: 'from the other desk', change: crypto.randomUUID() } });
  await page.getByLabel('Note').fill('from this desk');
  await expect(page.getByRole('alert').filter({ hasText: 'changed meanwhile' })).toBeVisible();
  await clean(page);
  await page.goto(`/jobs/${job.id}/changes`);
  await expect(page.getByRole('row').first()).toBeVisible();
  await clean(page);
  await removeJob(page, job.id);
});

test('jobs, area, table, working and keys are without violations', async ({ page }, { project }) => {
  const job = await demoJob(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Quarry Street Bathhouse', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Quarry Street Bathhouse: its repairs', exact: true }).click();
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(page.getByLabel('Site', { exact: true })).toBeVisible();
  await clean(page);
  await page.goto(`/jobs/${job.id}/walk/area/${job.areas[0]?.id ?? ''}`);
  await expect(page.getByRole('heading', { name: 'Pool surround', level: 1 })).toBeVisible();
  await page.getByRole('region', { name: 'Usual answers' }).locator('summary').first().click();
  await clean(page);
  await page.goto(await screenOf(page, 'PS-01', 'match'));
  await page.getByRole('button', { name: /Whole table/ }).click();
  await clean(page);
  // on the phone it lies in what the line unfolds
  if (project.name === 'phone') await page.locator('button.where').click();
  await page.getByRole('button', { name: 'Keys' }).click();
  await clean(page);
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.goto(await screenOf(page, 'PS-01', 'mix'));
  await page.locator('.mixcard .fig').first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await clean(page);
});

test('the editors of outline, grid and map are without violations', async ({ page }, { project }) => {
  for (const mark of ['TO-03', 'BR-01', 'TO-01']) {
    await page.goto(await screenOf(page, mark, 'walk'));
    await expect(page.locator('h1')).toBeVisible();
    await clean(page);
  }
  // on the phone the list is folded away
  if (project.name === 'phone') await page.getByRole('button', { name: 'Repairs: TO-01' }).click();
  await page.getByRole('button', { name: 'Add a defect in Ticket office' }).click();
  await expect(page.getByRole('heading', { name: 'What did you find?' })).toBeVisible();
  await clean(page);
});

test('issued plans and one of them are without violations', async ({ page }) => {
  // in a job of its own: other tests issue what there is in those of the demo
  const job = await ownJob(page);
  // two, since what lies close above something else is too small only where there is something else
  for (const { id } of job.areas.flatMap((a) => a.defects).filter((d) => d.mark === 'WH-02' || d.mark === 'WH-03')) {
    await page.goto(`/jobs/${job.id}/method/${id}`);
    await page.getByRole('button', { name: 'Issue' }).click();
    await expect(page.getByRole('heading', { name: 'Nothing has changed since' })).toBeVisible();
  }
  await clean(page);
  await page.getByRole('button', { name: 'All issued plans' }).click();
  await expect(page.getByRole('heading', { name: 'Issued plans' })).toBeVisible();
  const links = page.locator('table.issued tbody a');
  // the heading is there before the plans are
  await expect(links.nth(1)).toBeVisible();
  // a row of one line above another: what is tapped is as high as a target has to be, whatever stands around it
  for (const link of await links.all()) expect((await link.boundingBox())?.height).toBeGreaterThanOrEqual(24);
  await clean(page);
  await removeJob(page, job.id);
});

test('the offer of a job and one that is kept are without violations', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/offer`);
  await expect(page.getByText('Offer, not kept yet')).toBeVisible();
  await page.getByRole('checkbox', { name: /^Beside each repair/ }).check();
  await page.getByRole('button', { name: /^Add a line/ }).click();
  await expect(page.getByText(/^Instead: /).first()).toBeVisible();
  await clean(page);
  await allSaved(page);
  await page.getByRole('button', { name: 'Keep it, with a number' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing has changed since' })).toBeVisible();
  await clean(page);
  await page.goto('/rules#offers');
  await expect(page.getByRole('form', { name: 'What stands on offers' })).toBeVisible();
  await clean(page);
  await removeJob(page, job.id);
});

test('what is told of a question, the guide and the card of keys are without violations, light and dark', async ({ page }, { project }) => {
  await page.goto(await screenOf(page, 'PS-01', 'walk'));
  await page.locator('[data-field=widths]').getByRole('button', { name: 'Why is this asked?' }).click();
  await expect(page.getByRole('img', { name: /^A crack along a surface/ })).toBeVisible();
  if (project.name === 'phone') await page.locator('button.where').click();
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('button', { name: 'Lead me through a repair' }).click();
  await expect(page.getByRole('region', { name: 'Your first repair' })).toBeVisible();
  await clean(page);
  await page.getByRole('button', { name: 'Dark' }).click();
  await clean(page);
  await page.goto('/keys');
  await expect(page.getByRole('heading', { name: 'Keys of Oddment' })).toBeVisible();
  await clean(page);
});

test('quick figures are without violations, with their charts, pictures and tools', async ({ page }) => {
  await demoJob(page);
  for (const [address, seen] of [
    ['compound-drying', 'Drawn against'],
    ['weather-windows', 'Hour by hour'],
    ['tinting', 'L, a, b of the piece'],
    ['wrong-cup', 'Room left in the cup'],
    ['port-layout', 'From the lower end'],
    ['grit-ladder', 'On the rack'],
  ] as const) {
    await page.goto(`/figures/${address}`);
    await expect(page.getByText(seen).first()).toBeVisible();
    await clean(page);
  }
  for (const address of ['/rules', '/shelf', '/shelf/epoxy-mortar']) {
    await page.goto(address);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await clean(page);
  }
  await page.goto('/figures/lift-heat');
  await page.getByRole('button', { name: 'Compute' }).click();
  await expect(page.getByText(/^A lift of 10 mm gets to 49/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /Temperature through the lift at its peak/ })).toBeVisible();
  await clean(page);
});

test('people, and what the line on the phone unfolds, are without violations', async ({ page }, { project }) => {
  await demoJob(page);
  await page.goto('/people');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await clean(page);
  if (project.name !== 'phone') return;
  await page.goto(await screenOf(page, 'PS-01', 'walk'));
  await page.getByRole('button', { name: 'Walk' }).click();
  await expect(page.getByRole('group', { name: 'Units' })).toBeVisible();
  await clean(page);
});

test('the door is without violations', async ({ page }) => {
  await page.goto(`${emptyAddress}/`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await clean(page);
});
