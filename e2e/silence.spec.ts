import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoJob } from './job.ts';
import { worker } from './places.ts';

test('when the instruments fall silent the page says since when, and stands on no stale reading', async ({ page }) => {
  await demoJob(page);
  await page.goto('/figures/dew-point');
  await expect(page.getByText(/^from the simulated thermo-hygrometer, \d\d:\d\d/).first()).toBeVisible();
  const { instruments, weather } = JSON.parse(readFileSync(join(import.meta.dirname, `../.oddment/e2e-demo-${String(worker)}/running.json`), 'utf8')) as {
    instruments: number;
    weather: number;
  };
  process.kill(instruments, 'SIGKILL');
  await expect(page.getByText(/^simulated thermo-hygrometer: no reading since \d\d:\d\d$/).first()).toBeVisible({ timeout: 10_000 });
  await expect(page.getByText('With a common example for: air temperature, relative humidity.')).toBeVisible();
  // a typed one goes on
  await page.getByRole('textbox', { name: 'air temperature' }).fill('20');
  await expect(page.getByText('With a common example for: relative humidity.')).toBeVisible();
  process.kill(weather, 'SIGKILL');
  await page.goto('/figures/weather-windows');
  await expect(page.getByRole('alert')).toHaveText('The weather service does not answer. Enter what you measure, or try again later.');
});
