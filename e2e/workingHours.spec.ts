import { expect, test } from '@playwright/test';
import { screenOf } from './job.ts';
import { emptyAddress } from './places.ts';

test('working hours are refused in words where they cannot be, kept where they can, and taken back', async ({ page }) => {
  const { request } = page;
  const made = await request.post(`${emptyAddress}/api/first-account`, {
    data: { firm: 'Rook & Son', name: 'A. Rook', login: 'rook', password: 'a long enough password' },
  });
  if (!made.ok()) await request.post(`${emptyAddress}/api/session`, { data: { login: 'rook', password: 'a long enough password' } });
  await page.goto(`${emptyAddress}/rules`);
  await expect(page.getByText(/usual hours; nothing is set yet/)).toBeVisible();
  const form = page.getByRole('form', { name: 'Working hours' });
  await form.getByLabel('To', { exact: true }).fill('05:00');
  await form.getByRole('button', { name: 'Set the hours' }).click();
  await expect(form.getByRole('alert')).toHaveText('The day ends at 05:00, which is not after 07:00.');
  await form.getByLabel('To', { exact: true }).fill('15:00');
  await form.getByRole('button', { name: 'Saturday' }).click();
  await form.getByRole('button', { name: 'Set the hours' }).click();
  await expect(page.getByText(/07:00 to 15:00, with a break from 12:00 to 12:30; Mon, Tue, Wed, Thu, Fri, Sat/)).toBeVisible();
  await page.reload();
  await expect(form.getByRole('button', { name: 'Saturday' })).toHaveAttribute('aria-pressed', 'true');
  await form.getByRole('button', { name: 'Back to the usual hours' }).click();
  await expect(page.getByText(/usual hours; nothing is set yet/)).toBeVisible();
});

test('steps name what is dangerous in them, and candidates stand by what the person wants', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-01', 'method'));
  const chase = page.getByRole('list', { name: 'Steps' }).getByRole('listitem').filter({ hasText: 'Chase' });
  await expect(chase).toContainText('silica dust, noise');
  await page.goto(await screenOf(page, 'PS-02', 'match'));
  const names = () => page.locator('.cand h2').allInnerTexts();
  await expect.poll(async () => (await names()).length).toBeGreaterThan(1);
  const usual = await names();
  await page.getByLabel(/Of those that fit alike/).selectOption('by-hand');
  await expect.poll(names).not.toEqual(usual);
  expect([...(await names())].sort()).toEqual([...usual].sort());
  await page.reload();
  await expect(page.getByLabel(/Of those that fit alike/)).toHaveValue('by-hand');
  // by price, and the price stands beside each
  await page.getByLabel(/Of those that fit alike/).selectOption('price');
  const prices = async () =>
    (await page.locator('.cand .cost', { hasText: 'USD' }).locator('small', { hasText: 'USD' }).allInnerTexts()).map((t) => Number.parseFloat(t));
  await expect.poll(async () => (await prices()).length).toBeGreaterThan(1);
  await page.getByLabel(/Of those that fit alike/).selectOption('visits');
  await expect.poll(names).toEqual(usual);
});
