import { expect, test } from '@playwright/test';
import { allSaved, demoJob, ownJob, removeJob } from './job.ts';

test('a job says how far it is and what waits for whom; one that is archived is found among the archived', async ({ page }) => {
  const job = await ownJob(page);
  const { site } = job;
  await page.goto('/');
  const row = page.getByRole('region', { name: site });
  await expect(row.getByText('being planned')).toBeVisible();
  await expect(row.getByRole('list', { name: 'What waits' })).toContainText(/\d+ to choose office/);
  // folded: its repairs come when they are asked for
  await expect(row.getByRole('link', { name: /^PS-01/ })).toHaveCount(0);
  await row.getByRole('button', { name: `${site}: its repairs` }).click();
  await expect(row.getByRole('link', { name: /^PS-01/ })).toBeVisible();
  await row.getByRole('button', { name: 'Archive' }).click();
  await allSaved(page);
  await expect(row).toHaveCount(0);
  const which = page.getByRole('group', { name: 'Which jobs' });
  await which.getByRole('button', { name: /^archived/ }).click();
  await expect(row.getByText('archived', { exact: true })).toBeVisible();
  await row.getByRole('button', { name: `${site}: its repairs` }).click();
  await page.goto(`/jobs/${job.id}/changes`);
  await expect(page.getByText(/^Archived: /).first()).toBeVisible();
  await page.goto('/');
  await which.getByRole('button', { name: /^archived/ }).click();
  await row.getByRole('button', { name: `${site}: its repairs` }).click();
  await row.getByRole('button', { name: 'Take out of the archive' }).click();
  await which.getByRole('button', { name: /^current/ }).click();
  await expect(row.getByText('being planned')).toBeVisible();
  await allSaved(page);
  await removeJob(page, job.id);
});

test('jobs are shown by their state', async ({ page }) => {
  await demoJob(page);
  // one of its own that nobody works: other tests begin plans of those of the demo
  const idle = await ownJob(page);
  await page.goto('/');
  await page
    .getByRole('group', { name: 'Which jobs' })
    .getByRole('button', { name: /^being worked/ })
    .click();
  await expect(page.getByRole('link', { name: 'Weir Cottages, wash rooms', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: idle.site, exact: true })).toHaveCount(0);
  await removeJob(page, idle.id);
});

test('a repair is found over all jobs by its mark, its place and what it is', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto('/');
  await page.getByLabel('Find by site, client, mark, place or word').fill(`${job.site} PS-02`);
  const found = page.getByRole('region', { name: 'Repairs' });
  await expect(found.getByRole('listitem')).toHaveCount(1);
  await expect(found).toContainText('PS-02 crack in the slab, Pool surround');
  await found.getByRole('link', { name: 'PS-02' }).click();
  await expect(page.getByRole('heading', { name: /^PS-02/ })).toBeVisible();
  await removeJob(page, job.id);
});
