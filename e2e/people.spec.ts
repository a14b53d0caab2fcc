import { expect, test } from '@playwright/test';
import { emptyAddress } from './places.ts';

const empty = emptyAddress;

test('an owner adds a viewer, who sets a password by the link, sees a job and can change nothing', async ({ page, browser }) => {
  const request = page.request;
  const made = await request.post(`${empty}/api/first-account`, {
    data: { firm: 'Rook & Son', name: 'A. Rook', login: 'rook', password: 'a long enough password' },
  });
  if (!made.ok()) await request.post(`${empty}/api/session`, { data: { login: 'rook', password: 'a long enough password' } });
  const job = {
    id: crypto.randomUUID(),
    change: crypto.randomUUID(),
    site: 'Weir Street 2',
    client: '',
    timeZone: 'UTC',
    units: 'metric',
    startAt: '2026-06-03T06:00:00Z',
    crew: [
      { id: 'person-1', name: '', skills: [] },
      { id: 'person-2', name: '', skills: [] },
    ],
  };
  await request.post(`${empty}/api/jobs`, { data: job });
  const area = { id: crypto.randomUUID(), change: crypto.randomUUID(), name: 'Loading bay', facts: {} };
  await request.post(`${empty}/api/jobs/${job.id}/areas`, { data: area });

  await page.goto(`${empty}/people`);
  await page.getByRole('button', { name: 'Add, and make a one-time link' }).click();
  await expect(page.getByText('The name needs 1 to 120 characters.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Vera Look');
  await page.getByLabel('Sign-in name', { exact: true }).fill(`vera-${job.id.slice(0, 6)}`);
  await page.getByLabel('Role', { exact: true }).selectOption('viewer');
  await page.getByRole('button', { name: 'Add, and make a one-time link' }).click();
  const address = (await page.locator('code').textContent()) ?? '';
  await expect(page.getByText('has not set a password yet')).toBeVisible();

  const other = await browser.newContext();
  const vera = await other.newPage();
  await vera.goto(address);
  await vera.getByLabel(/Password/).fill('vera has a password');
  await vera.getByRole('button', { name: 'Set and sign in' }).click();
  await vera.getByRole('link', { name: 'Weir Street 2' }).click();
  await expect(vera.getByRole('heading', { name: 'Loading bay', level: 1 })).toBeVisible();
  await expect(vera.getByLabel('Name of the area')).toBeDisabled();
  await expect(vera.getByRole('button', { name: 'Add a defect in Loading bay' })).toHaveCount(0);
  // what she may not do is not there to be tried
  for (const name of [/^Add what you find here/, 'Delete the area', /^Next as this/]) await expect(vera.getByRole('button', { name })).toHaveCount(0);
  await vera.goto(`${empty}/bin`);
  await expect(vera.getByText('This is not for the role of viewer: an owner or an estimator of the firm may do it.')).toBeVisible();
  await vera.goto(empty);
  await expect(vera.getByRole('button', { name: 'New job' })).toHaveCount(0);
  await expect(vera.getByRole('link', { name: 'Deleted' })).toHaveCount(0);
  await vera.getByRole('button', { name: 'Weir Street 2: its repairs' }).click();
  for (const name of ['Archive', 'Delete Weir Street 2']) await expect(vera.getByRole('button', { name })).toHaveCount(0);
  await vera.goto(address);
  await vera.getByLabel(/Password/).fill('vera tries it again');
  await vera.getByRole('button', { name: 'Set and sign in' }).click();
  await expect(vera.getByText('This link does not count any more. Ask for a new one.')).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: 'Disable' }).first().click();
  await expect(page.getByText(', disabled').first()).toBeVisible();
  await vera.goto(empty);
  await expect(vera.getByRole('heading', { name: 'Sign in to Oddment' })).toBeVisible();
  await other.close();
});

test('one sees one’s own sessions and ends another', async ({ page, playwright }) => {
  await page.request.post(`${empty}/api/session`, { data: { login: 'rook', password: 'a long enough password' } });
  const elsewhere = await playwright.request.newContext({ baseURL: empty, userAgent: 'the tablet in the van' });
  await elsewhere.post('/api/session', { data: { login: 'rook', password: 'a long enough password' } });
  await page.goto(`${empty}/people`);
  const tablet = page.getByRole('listitem').filter({ hasText: 'the tablet in the van' });
  await tablet.getByRole('button', { name: 'End' }).click();
  await expect(tablet).toHaveCount(0);
  expect((await elsewhere.get('/api/jobs')).status()).toBe(401);
  await elsewhere.dispose();
});

test('the interface page shows every operation with its example', async ({ page }) => {
  await page.request.post(`${empty}/api/session`, { data: { login: 'rook', password: 'a long enough password' } });
  await page.goto(`${empty}/interface`);
  await page.getByText('POST /api/jobs', { exact: true }).click();
  await expect(page.getByText('"site": "Mill Lane 4"').first()).toBeVisible();
});
