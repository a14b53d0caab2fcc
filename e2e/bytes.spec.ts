import { expect, test } from '@playwright/test';
import { build } from 'esbuild';
import { join } from 'node:path';
import { planRepair, planText } from '@oddment/core';
import { planInput } from '../core/test/cracks.ts';

const settings = [
  {},
  { answers: { traffic: 'hard-wheels', finish: 'thin-coating' }, area: { slabC: 11.3, airC: 13.7, humidityPct: 61.5 } },
  { answers: { lengthMm: 23_457, widths: [{ atMm: 0, widthMm: 0.37 }, { atMm: 9876, widthMm: 2.83 }] }, job: { people: 1 as const }, defect: { sand: 'two' as const } },
  { answers: { movement: 'moving', movementMm: 1.37, moisture: 'damp' }, area: { slabC: 31.7, airC: 34.1, humidityPct: 77.7 } },
  { answers: { member: 'suspended', widths: [{ atMm: 0, widthMm: 0.07 }] } },
];

test('the same input gives the same bytes in Node and in Chromium', async ({ page }) => {
  const made = await build({ stdin: { contents: `import { planRepair, planText } from '@oddment/core'; globalThis.plan = (input) => planText(planRepair(input));`, resolveDir: join(import.meta.dirname), loader: 'ts' }, bundle: true, write: false, format: 'iife', target: 'es2022' });
  await page.goto('about:blank');
  await page.addScriptTag({ content: made.outputFiles[0]?.text ?? '' });
  for (const setting of settings) {
    const input = planInput(setting);
    const here = planText(planRepair(input));
    const there = await page.evaluate((given) => (globalThis as unknown as { plan: (input: unknown) => string }).plan(given), input);
    expect(there).toBe(here);
  }
});
