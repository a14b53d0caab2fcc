import { expect, test } from '@playwright/test';
import { allSaved, ownJob, removeJob } from './job.ts';

test('who changed what is told field by field, and put back', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  await page.goto(`/jobs/${job.id}/walk/${id}`);
  const length = page.getByLabel('Length', { exact: true });
  const before = await length.inputValue();
  await length.fill('9.5 m');
  await allSaved(page);
  await page.getByRole('main').getByRole('link', { name: 'What changed' }).click();
  await expect(page.getByRole('heading', { name: 'What changed in WH-01' })).toBeVisible();
  const row = page.getByRole('row').filter({ hasText: 'defect WH-01 changed' }).first();
  await expect(row).toContainText('Ines Varga');
  await expect(row).toContainText('9.50 m');
  await row.getByRole('button', { name: /Put back/ }).click();
  await expect(length).toHaveValue(before);
  await allSaved(page);
  await removeJob(page, job.id);
});

test('what was deleted lies in the bin, and comes back', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-02')?.id ?? '';
  await page.goto(`/jobs/${job.id}/walk/${id}`);
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText('WH-02 deleted')).toBeVisible();
  await page.goto('/bin');
  const { site } = (await (await page.request.get(`/api/jobs/${job.id}`)).json()) as { site: string };
  const row = page.getByRole('row').filter({ hasText: site }).filter({ hasText: 'defect WH-02' });
  await expect(row).toContainText('Ines Varga');
  await row.getByRole('button', { name: 'Bring back defect WH-02' }).click();
  await expect(row).toHaveCount(0);
  await page.goto(`/jobs/${job.id}/walk/${id}`);
  await expect(page.getByRole('link', { name: /WH-02/ })).toBeVisible();
  await removeJob(page, job.id);
});
