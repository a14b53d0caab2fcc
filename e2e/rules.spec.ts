import { expect, test } from '@playwright/test';
import { demoJob } from './job.ts';

test('house rules are found by words and by surface; those that the firm has set stand alone', async ({ page }) => {
  await demoJob(page);
  await page.goto('/rules');
  const all = page.locator('section.rule');
  await expect(page.getByRole('region', { name: 'How deep to chase?' })).toBeVisible();
  const whole = await all.count();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find by words')).toBeFocused();
  await page.keyboard.type('leaking foam');
  await expect(all).toHaveCount(1);
  // what was searched for may stand in what speaks for a side
  await expect(all.getByText(/^foam:/)).toBeVisible();
  await page.getByLabel('Find by words').fill('');
  await expect(all).toHaveCount(whole);
  const which = page.getByRole('group', { name: 'Which questions' });
  await which.getByRole('button', { name: /^tub / }).click();
  expect(await all.count()).toBeLessThan(whole);
  await expect(page.getByRole('heading', { name: 'tub', exact: false, level: 2 })).toBeVisible();
  await which.getByRole('button', { name: /^all / }).click();
  const rule = page.getByRole('region', { name: 'How deep to chase?' });
  await rule.getByRole('button', { name: 'deep', exact: true }).click();
  await which.getByRole('button', { name: 'set by you 1' }).click();
  await expect(all).toHaveCount(1);
  await rule.getByRole('button', { name: 'by the situation' }).click();
  await expect(page.getByText('Nothing is set: every question goes by the situation.')).toBeVisible();
});
