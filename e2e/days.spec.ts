import { expect, test } from '@playwright/test';
import { demoJob } from './job.ts';

test('days are found while one looks on, by each aim, and told by repair, by person and as a list', async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await page.getByRole('link', { name: /^Days/ }).click();
  await expect(page.getByRole('heading', { name: 'Days', level: 1 })).toBeVisible();
  await expect(page.locator('.promise')).toContainText(/^Done \w{3}, \w{3} \d+, \d\d:\d\d, on \d+ days? of work\. No plan can be done/);
  const days = page.getByRole('group', { name: 'Day' }).getByRole('button');
  await expect(days.first()).toHaveAttribute('aria-pressed', 'true');
  // stopped, it keeps the best so far
  const stop = page.getByRole('button', { name: 'Stop' });
  await stop.click();
  await expect(stop).toBeHidden();
  await expect(page.locator('.promise')).toContainText('Done');
  // by key from one thing of a lane to the next
  const lane = page.getByRole('button', { name: /^PS-01: \d+ things? this day/ });
  await lane.focus();
  await page.keyboard.press('Enter');
  const chosen = page.locator('aside h2').first();
  const first = await chosen.textContent();
  expect(first).toMatch(/^PS-01: /);
  await page.keyboard.press('ArrowRight');
  await expect(chosen).not.toHaveText(first ?? '');
  await expect(page.getByText(/^Why then: /)).toBeVisible();
  // by mouse what lies under it
  await lane.click({ position: { x: 4, y: 20 } });
  await expect(chosen).toHaveText(first ?? '');
  await page.getByRole('button', { name: 'By person' }).click();
  await expect(page.getByRole('button', { name: /^Mira: \d+ things/ })).toBeVisible();
  await page.getByText('The same as a list').click();
  await expect(page.locator('details .mixtable tbody tr').first()).toBeVisible();
  await page.getByRole('button', { name: 'Fewest days' }).click();
  await expect(page).toHaveURL(/aim=visits/);
  await expect(stop).toBeHidden({ timeout: 90_000 });
});

test('a date that cannot hold is told with what fails, and with ways out that were tried', async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/days?due=2026-06-03`);
  await expect(page.getByRole('heading', { name: 'Not everything is done' })).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.halted')).toContainText(/It ends .* after its date\./);
  await expect(page.getByRole('heading', { name: 'Ways out, each tried' })).toBeVisible({ timeout: 90_000 });
  await expect(page.locator('.ways').first()).toContainText('every date holds');
});
