import { expect, test } from '@playwright/test';
import { demoJob, screenOf } from './job.ts';

test('at 200 % of a desk nothing goes to the side, on any screen', async ({ page }) => {
  const job = await demoJob(page);
  const stages = await Promise.all(['walk', 'match', 'method', 'mix', 'sheet', 'options', 'days'].map((stage) => screenOf(page, 'PS-01', stage)));
  await page.setViewportSize({ width: 640, height: 400 });
  const beside = ['table', 'plans', 'changes', 'offer', `walk/area/${job.areas[0]?.id ?? ''}`].map((path) => `/jobs/${job.id}/${path}`);
  for (const address of [
    '/',
    '/shelf',
    '/shelf/epoxy-mortar',
    '/rules',
    '/figures',
    '/figures/lift-heat',
    '/people',
    '/bin',
    '/keys',
    '/day/Lise',
    ...stages,
    ...beside,
  ]) {
    await page.goto(address);
    await page.locator('h1').first().waitFor();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(640);
  }
});
