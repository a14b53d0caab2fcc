import { expect, test } from '@playwright/test';
import { allSaved, answer, demoJob, ownJob, removeJob, screenOf } from './job.ts';

test('nothing typed is lost when the server is down, and it is saved when it is back', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  await page.goto(`/jobs/${job.id}/walk/${id}`);
  const note = page.getByLabel('Note');
  await page.route('**/api/defects/**', (route) => route.abort());
  await note.fill('opens in January');
  await expect(page.getByText('kept here, the server does not answer')).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(note).toHaveValue('opens in January');
  await page.unroute('**/api/defects/**');
  await allSaved(page);
  await page.reload();
  await expect(note).toHaveValue('opens in January');
  await removeJob(page, job.id);
});

test('what cannot be is refused with what would be right, kept, and saved once corrected', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-02', 'walk'));
  const depth = page.getByLabel('Depth of the crack', { exact: true });
  await depth.fill('200');
  await expect(page.getByText('The crack cannot be deeper than the slab: 200 mm in a slab of 120 mm.').first()).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'PS-02 is not saved.' })).toBeVisible();
  await page.reload();
  await expect(depth).toHaveValue('200');
  await depth.fill('40');
  await allSaved(page);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('text that is no measure stays as it is typed, with what would be right', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-02', 'walk'));
  const length = page.getByLabel('Length', { exact: true });
  const before = await length.inputValue();
  await length.fill('about one meter');
  await expect(page.getByText(/not a measure|without a unit/).first()).toBeVisible();
  await page.reload();
  await expect(length).toHaveValue('about one meter');
  await length.fill(before);
  await allSaved(page);
});

test('a change that met another one waits for the person', async ({ page }) => {
  await page.goto(await screenOf(page, 'WH-03', 'walk'));
  await expect(page.getByLabel('Note')).toBeVisible();
  const job = await demoJob(page);
  await page.goto(await screenOf(page, 'WH-03', 'walk'));
  await expect(page.getByLabel('Note')).toBeVisible();
  const tree = (await (await page.request.get(`/api/jobs/${job.id}`)).json()) as { areas: { defects: Record<string, unknown>[] }[] };
  const defect = tree.areas.flatMap((a) => a.defects).find((d) => d['mark'] === 'WH-03');
  const { id, ...body } = { ...defect };
  await page.request.put(`/api/defects/${String(id)}`, { data: { ...body, note: 'from the other desk', change: crypto.randomUUID() } });
  await page.getByLabel('Note').fill('from this desk');
  const alert = page.getByRole('alert').filter({ hasText: 'changed meanwhile by Ines Varga' });
  await expect(alert.getByRole('row').filter({ hasText: 'Note' })).toContainText('from the other desk');
  await alert.getByRole('button', { name: 'Note: theirs' }).click();
  await alert.getByRole('button', { name: 'All mine' }).click();
  await alert.getByRole('button', { name: 'Save what is chosen' }).click();
  await allSaved(page);
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('from this desk');
});

test('a deletion is undone', async ({ page }) => {
  await page.goto(await screenOf(page, 'CY-01', 'walk'));
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText('CY-01 deleted')).toBeVisible();
  await expect(page.getByRole('link', { name: /CY-01/ })).toHaveCount(0);
  await page.keyboard.press('z');
  await expect(page.getByRole('link', { name: /CY-01/ })).toBeVisible();
});

test('a doubt is asked about, and confirmed', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-02', 'walk'));
  await page.getByLabel('Width 2', { exact: true }).fill('3');
  const doubt = page.locator('.doubt').filter({ hasText: 'would two cracks' });
  await expect(doubt).toBeVisible();
  await doubt.getByRole('button', { name: 'It is right' }).click();
  await expect(doubt).toHaveCount(0);
  await page.getByLabel('Width 2', { exact: true }).fill('0.3');
  await answer(page, 'What goes over it?', 'feet');
  await allSaved(page);
});

test('a form in progress survives a reload: a new job, and a decision', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Demo data')).toBeVisible();
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Site', { exact: true }).fill('Half a job');
  // as long as a hand takes to the reload key: the browser's store is written meanwhile
  await page.waitForTimeout(300);
  await page.reload();
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(page.getByLabel('Site', { exact: true })).toHaveValue('Half a job');
  await page.getByLabel('Site', { exact: true }).fill('');

  await page.goto(await screenOf(page, 'PS-04', 'match'));
  const open = page.getByRole('button', { name: 'Record the decision' });
  await open.click();
  await page.getByLabel('Who decided').fill('Rosalind Acht');
  await page.waitForTimeout(300);
  await page.reload();
  await open.click();
  await expect(page.getByLabel('Who decided')).toHaveValue('Rosalind Acht');
  await page.getByLabel('Who decided').fill('');
});

test('a change whose answer was lost is no conflict with oneself: typed on, it is saved', async ({ page }) => {
  await page.goto(await screenOf(page, 'WH-02', 'walk'));
  const length = page.getByLabel('Length', { exact: true });
  let lost = 0;
  // the server takes it, and the answer never arrives
  await page.route('**/api/defects/*', async (route) => {
    if (route.request().method() !== 'PUT' || lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    return route.abort();
  });
  await length.fill('13 m');
  await expect(page.getByText(/kept here, the server does not answer/)).toBeVisible();
  await length.fill('14 m');
  await allSaved(page);
  expect(lost).toBe(1);
  await expect(page.getByText('is not saved')).toHaveCount(0);
  await page.reload();
  await expect(length).toHaveValue(/^14(\.00)?( m)?$/);
  await length.fill('12 m');
  await allSaved(page);
});
