import { expect, test } from '@playwright/test';
import { allScreens, demoJob } from './job.ts';

test('at 200 % of a desk nothing goes to the side, on any screen', async ({ page }) => {
  const addresses = await allScreens(page, await demoJob(page));
  await page.setViewportSize({ width: 640, height: 400 });
  for (const address of addresses) {
    await page.goto(address);
    await page.locator('h1').first().waitFor();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(640);
  }
});
