import { expect, test } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { demoJob, emptyJob, newArea, ownJob, removeJob } from './job.ts';

test('one is led through a first repair, from the place to the sheet', async ({ page }) => {
  test.setTimeout(240_000);
  await demoJob(page);
  const id = await emptyJob(page, `First repair ${randomUUID().slice(0, 6)}`);
  await page.goto(`/jobs/${id}/walk`);
  const guide = page.getByRole('region', { name: 'Your first repair' });
  // in the demo one is not led before one asks for it
  await expect(page.getByRole('link', { name: 'Walk 0 found' })).toBeVisible();
  await expect(guide).toHaveCount(0);
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('button', { name: 'Lead me through a repair' }).click();
  await expect(guide).toContainText('1 of 6: Name a place');
  await newArea(page, id, 'Hall');
  await page.reload();
  await expect(guide).toContainText('2 of 6: Add what you found there');
  await page.getByRole('button', { name: 'Add a defect in Hall' }).click();
  await page.getByRole('button', { name: 'dent in drywall', exact: true }).click();
  await expect(guide).toContainText('3 of 6: Measure it');
  // help stands at the question, by the mark beside it and by the key from within the answer
  const about = page.locator('[data-field=depthMm]').getByRole('button', { name: 'Why is this asked?' });
  await about.click();
  await expect(page.getByText('It decides how many lifts there are')).toBeVisible();
  await expect(page.getByRole('img', { name: /^A straightedge laid across a hollow/ })).toBeVisible();
  await page.locator('[data-field=depthMm] input').focus();
  await page.keyboard.press('F1');
  await expect(page.getByText('It decides how many lifts there are')).toBeHidden();
  await removeJob(page, id);
});

test('once it is chosen the guide leads to the method, once it is issued to the sheet, and goes when one knows the way', async ({ page }) => {
  test.setTimeout(240_000);
  // in a job of its own nothing is issued yet
  const job = await ownJob(page);
  const defect = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'PS-01');
  await page.goto(`/jobs/${job.id}/walk/${defect?.id ?? ''}`);
  await expect(page.getByRole('heading', { name: /^PS-01/ })).toBeVisible();
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('button', { name: 'Lead me through a repair' }).click();
  const guide = page.getByRole('region', { name: 'Your first repair' });
  await expect(guide).toContainText('5 of 6: Read the method, then issue it');
  await guide.getByRole('link', { name: 'Go there' }).click();
  await expect(page).toHaveURL(/\/method\//);
  await page.getByRole('button', { name: 'Issue' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing has changed since' })).toBeVisible();
  await page.goto(`/jobs/${job.id}/walk/${defect?.id ?? ''}`);
  await expect(guide).toContainText('6 of 6: Take it along');
  await guide.getByRole('button', { name: 'I know the way' }).click();
  await expect(guide).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: /^PS-01/ })).toBeVisible();
  await expect(guide).toHaveCount(0);
  await removeJob(page, job.id);
});

test('the keys are a card to print', async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('link', { name: 'As a card to print' }).click();
  await expect(page.getByRole('heading', { name: 'Keys of Oddment' })).toBeVisible();
  await expect(page.getByText('crack slab 4.2m 2 5 3mm d80 still dry')).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
