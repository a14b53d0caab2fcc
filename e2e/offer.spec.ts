import { expect, test } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { allSaved, demoJob, ownJob, removeJob } from './job.ts';

const cents = (text: string | null) => Number((text ?? '').replaceAll(/[^\d−-]/g, '').replace('−', '-'));

test('an offer: what is in it, other ways beside it, lines of its own, and sums that agree with them to the cent', async ({ page }) => {
  test.setTimeout(180_000);
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/offer`);
  const paper = page.locator('.offer-page');
  await expect(paper.getByText('Offer, not kept yet')).toBeVisible();
  await expect(paper.getByText('Lock Cottage, Ferry Lane')).toBeVisible();
  const sum = () => paper.locator('.in-all .money').textContent();
  const before = cents(await sum());
  expect(before).toBeGreaterThan(0);
  // one left out is said, and its price is gone from the sum
  await page.getByRole('checkbox', { name: /^PS-01/ }).uncheck();
  await expect(paper.getByText(/^PS-01, Pool surround:/)).toBeVisible();
  await expect.poll(async () => cents(await sum())).toBeLessThan(before);
  await page.getByRole('button', { name: /Add a line/ }).click();
  await page.getByRole('textbox', { name: 'Line 1' }).fill('Scaffold tower');
  await page.getByRole('textbox', { name: 'Amount' }).fill('180,50');
  await expect(paper.getByRole('cell', { name: '180.50' })).toBeVisible();
  await page.getByLabel('Words to the client').fill('As we saw it together.');
  await expect(paper.getByText('As we saw it together.')).toBeVisible();
  const rows = await paper.locator('.offer-lines tbody:not(.sums) .money').allTextContents();
  const [net, tax, all] = (await paper.locator('.sums .money').allTextContents()).map(cents);
  expect(rows.map(cents).reduce((a, b) => a + b, 0)).toBe(net);
  expect(tax).toBe(Math.round((net ?? 0) * 0.0625));
  expect((net ?? 0) + (tax ?? 0)).toBe(all);
  // other ways come from Options, and each says what it would change
  await page.getByRole('link', { name: 'Ways to go about WH-01' }).click();
  await page.getByRole('button', { name: /^Put these \d in the offer$/ }).click();
  await expect(paper.getByText(/^Instead: .*, ([+−][\d.,]+|the same price)/).first()).toBeVisible();
  await expect(paper.getByText(/^We would do it as offered/)).toBeVisible();
  await page.getByLabel('What we would do with WH-01').fill('We would seal it again in five years.');
  await expect(paper.getByText('We would seal it again in five years.')).toBeVisible();
  // it is all kept with the job: the page opens on it again
  await allSaved(page);
  await page.reload();
  await expect(paper.getByText('We would seal it again in five years.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^PS-01/ })).not.toBeChecked();
  await removeJob(page, job.id);
});

test('a kept offer has its number, stays as it was, and says what has changed since; the client’s answer is noted', async ({ page }) => {
  test.setTimeout(180_000);
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/offer`);
  await page.getByRole('button', { name: 'Keep it, with a number' }).click();
  const paper = page.locator('.offer-page');
  await expect(paper.getByRole('heading', { name: /^Offer \d{4}-\d{3}$/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Nothing has changed since' })).toBeVisible();
  const kept = await paper.textContent();
  const address = page.url();
  const defect = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'PS-02');
  await page.request.delete(`/api/defects/${defect?.id ?? ''}`, { data: { change: randomUUID(), version: 1 } });
  await page.goto(address);
  await expect(page.getByText('It is not in the job any more.')).toBeVisible();
  await expect(page.getByText(/^In all it was USD [\d.,]+, and would be USD [\d.,]+ now\.$/)).toBeVisible();
  expect(await paper.textContent()).toBe(kept);
  await page.getByRole('button', { name: 'The client accepts' }).click();
  await expect(page.getByText(/accepted Tue, Jun 2/)).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  expect((await file).suggestedFilename()).toMatch(/^offer-\d{4}-\d{3}\.pdf$/);
  await page.getByRole('button', { name: 'Back to the offer' }).click();
  await expect(page.getByText(/, accepted/)).toBeVisible();
  await removeJob(page, job.id);
});

test('letterhead, logo, taxes and conditions are set on House rules and stand on the next offer', async ({ page }) => {
  test.setTimeout(180_000);
  const job = await demoJob(page);
  const before = (await (await page.request.get('/api/offer-terms')).json()) as Record<string, unknown>;
  await page.goto('/rules#offers');
  const form = page.getByRole('form', { name: 'What stands on offers' });
  await form.getByLabel('Letterhead').fill('Mill Lane 4');
  await form.getByLabel('An offer holds, days').fill('0');
  await form.getByRole('button', { name: 'Set what stands on offers' }).click();
  await expect(form.getByText(/must lie between 1 and 365/)).toBeVisible();
  await form.getByLabel('An offer holds, days').fill('14');
  await form.getByLabel('Logo, a picture').setInputFiles({
    name: 'logo.png',
    mimeType: 'image/png',
    buffer: Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64'),
  });
  await expect(form.getByRole('img', { name: 'Logo as it stands on offers' })).toBeVisible();
  await form.getByRole('button', { name: 'Set what stands on offers' }).click();
  await expect(form.getByText(/^Set\./)).toBeVisible();
  await page.goto(`/jobs/${job.id}/offer`);
  const paper = page.locator('.offer-page');
  await expect(paper.getByText('Mill Lane 4')).toBeVisible();
  await expect(paper.getByText('holds until Tue, Jun 16, 2026')).toBeVisible();
  await expect(paper.getByRole('img', { name: /^Logo of / })).toBeVisible();
  const now = (await (await page.request.get('/api/offer-terms')).json()) as { version: number };
  const { version: _was, ...terms } = before;
  const back = await page.request.put('/api/offer-terms', { data: { ...terms, change: randomUUID(), version: now.version } });
  expect(back.status()).toBe(200);
});
