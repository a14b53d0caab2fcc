import { expect, test, type Page } from '@playwright/test';
import { allSaved, demoJob, ownJob, removeJob } from './job.ts';

const steps = 'River Steps and ticket kiosk';

/** The days of a job, once they are all found. */
async function allFound(page: Page, jobId: string, query = ''): Promise<void> {
  await page.goto(`/jobs/${jobId}/days${query}`);
  await expect(page.locator('.lanes .bar-of').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden({ timeout: 120_000 });
}

const setupOf = async (page: Page, jobId: string) => {
  await allSaved(page);
  return ((await (await page.request.get(`/api/jobs/${jobId}`)).json()) as { days?: Record<string, unknown> }).days ?? {};
};

test('jobs tell who is where, what closes next and what the weather forbids, and lead to the day of each', async ({ page }) => {
  await demoJob(page);
  await page.goto('/');
  const ahead = page.getByRole('region', { name: 'Who is where' });
  await expect(ahead.getByRole('row', { name: /^Lise .* River Steps and ticket kiosk/ })).toBeVisible();
  await expect(ahead.getByRole('row', { name: /^Odo / })).toBeVisible();
  await expect(ahead.locator('.ways').first()).toContainText(/begin by Tue, Jun 2, \d\d:\d\d, planned \d\d:\d\d by /);
  // the made-up weather of the harbor town is wet all day, and the steps are in it
  await expect(ahead.locator('.calls')).toContainText('do not go');
  await expect(ahead.locator('.calls')).toContainText('it rains');
  await expect(ahead.locator('.calls')).not.toContainText('Ticket kiosk');
  await ahead.getByRole('button', { name: 'Wed, Jun 3' }).click();
  await expect(ahead.getByRole('button', { name: 'Wed, Jun 3' })).toHaveAttribute('aria-pressed', 'true');
  await ahead
    .getByRole('link', { name: /^(Lise|Odo)$/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: /^The day of (Lise|Odo)$/ })).toBeVisible();
  await expect(page).toHaveURL(/\/day\/(Lise|Odo)\?date=2026-06-03$/);
  await expect(page.locator('.own-steps li').first()).toBeVisible();
  // an address without a name asks whose
  await page.goto('/day');
  await page.getByRole('link', { name: 'Odo' }).click();
  await expect(page.getByRole('heading', { name: 'The day of Odo' })).toBeVisible();
});

test('somebody who is at a job that kept its days is not planned elsewhere then', async ({ page }) => {
  // Lise is on the river steps on Tuesday and Wednesday; the reading room begins on Wednesday, and she is of its crew
  const { id } = await demoJob(page, 'Lantern Row Reading Room');
  const elsewhere = (await (await page.request.get(`/api/jobs/${id}/elsewhere`)).json()) as { name: string; site: string; from: string; to: string }[];
  const own = elsewhere.filter((e) => e.name === 'Lise' && e.site === steps);
  expect(own.length).toBeGreaterThan(0);
  await allFound(page, id);
  await allSaved(page);
  await page.getByRole('button', { name: 'Keep these days' }).click();
  await expect(page.getByText(/^Kept Tue, Jun 2, .*; as they are now$/)).toBeVisible({ timeout: 60_000 });
  const [kept] = (await (await page.request.get(`/api/jobs/${id}/days`)).json()) as { id: string; version: number }[];
  const { days } = (await (await page.request.get(`/api/days/${kept?.id ?? ''}`)).json()) as {
    days: { days: { people: { name: string; blocks: { from: string; end: string }[] }[] }[] };
  };
  const blocks = days.days.flatMap((d) => d.people.filter((p) => p.name === 'Lise').flatMap((p) => p.blocks));
  for (const b of blocks)
    for (const e of own)
      expect([b.from, e.from, Date.parse(b.end) <= Date.parse(e.from) || Date.parse(b.from) >= Date.parse(e.to)]).toEqual([b.from, e.from, true]);
  await page.request.delete(`/api/days/${kept?.id ?? ''}`, { data: { change: crypto.randomUUID(), version: kept?.version ?? 1 } });
});

test('the weather call: a place is chosen, what it forbids is said, what is done instead is looked at and taken, and undone', async ({ page }) => {
  const job = await ownJob(page, steps, (file) => {
    // others than those of the demo, so that nobody is elsewhere
    file.job.crew.forEach((p, i) => (p.name = `Copy ${String(i)}`));
  });
  await allFound(page, job.id);
  await expect(page.getByText('With a place, what is placed outside has a go or a no-go for each day.')).toBeVisible();
  await page.getByLabel('Forecast of').selectOption({ label: 'Harbor town, mild and wet' });
  await expect(page.locator('.calls .grade').first()).toHaveText('do not go');
  await expect(page.getByRole('img', { name: /^Forecast: 07:00 .*rain/ })).toBeVisible();
  expect(await setupOf(page, job.id)).toEqual({ forecast: 'harbor-town' });
  // a place is no reason to make the days anew: they are all there
  await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden({ timeout: 120_000 });
  await page.getByRole('button', { name: 'What is done instead' }).click();
  const trial = page.getByRole('status').filter({ hasText: 'what the weather forbids put off' });
  await expect(trial).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.calls')).toBeHidden();
  expect(await setupOf(page, job.id)).toEqual({ forecast: 'harbor-town' });
  await trial.getByRole('button', { name: 'Back to the days as they are' }).click();
  await expect(page.locator('.calls').first()).toBeVisible();
  await page.getByRole('button', { name: 'What is done instead' }).click();
  await trial.getByRole('button', { name: 'Take it' }).click();
  await expect(trial).toBeHidden();
  const taken = (await setupOf(page, job.id)) as { notBefore?: { date: string; step?: string }[] };
  expect(new Set(taken.notBefore?.map((n) => n.date))).toEqual(new Set(['2026-06-03']));
  await page.getByRole('button', { name: 'Undo the last change by hand' }).click();
  await expect.poll(async () => (await setupOf(page, job.id))['notBefore']).toBeUndefined();
  // its rain stands where rain is entered by hand
  await page.getByRole('button', { name: 'Plan around its rain' }).click();
  const areas = ((await setupOf(page, job.id)) as { areas?: { area: string; rain?: unknown[] }[] }).areas ?? [];
  expect(areas.map((a) => [a.area, (a.rain?.length ?? 0) > 0])).toEqual([[job.areas.find((a) => a.name === 'River steps')?.id, true]]);
  await removeJob(page, job.id);
});

test('days are gone on with from now: what is done keeps its real times, all else is planned anew, and from the start again', async ({ page }) => {
  const job = await ownJob(page, steps, (file) => {
    file.job.crew.forEach((p, i) => (p.name = `Copy ${String(i)}`));
    // it began yesterday, so that something lies before now
    (file.job as unknown as { startAt: string }).startAt = '2026-06-01T12:30:00.000Z';
  });
  await allFound(page, job.id);
  await allSaved(page);
  await page.getByRole('button', { name: 'Keep these days' }).click();
  await expect(page.getByText(/^Kept Tue, Jun 2, .*; as they are now$/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Go on from now' }).click();
  const dialog = page.getByRole('dialog', { name: 'What is done so far' });
  const rows = dialog.locator('tbody tr');
  const count = await rows.count();
  expect(count).toBeGreaterThan(2);
  // the last one was not done, and the first took longer than it should
  await rows
    .nth(count - 1)
    .getByRole('checkbox')
    .uncheck();
  const times = rows.first().locator('input[type=time]');
  const begun = await times.first().inputValue();
  await times.nth(1).fill('06:00');
  await expect(dialog.getByRole('alert')).toContainText(`is done at 06:00, which is not after ${begun}`);
  await expect(dialog.getByRole('button', { name: /^Plan anew/ })).toBeDisabled();
  await times.nth(1).fill('09:59');
  await dialog.getByRole('button', { name: /^Plan anew, \d+ done$/ }).click();
  const setup = (await setupOf(page, job.id)) as { from?: object; done?: { to: string }[] };
  expect([setup.from, setup.done?.length, setup.done?.[0]?.to]).toEqual([{ date: '2026-06-02', time: '07:00' }, count - 1, '09:59']);
  await expect(page.getByText(/^planned from Tue, Jun 2, 07:00 on, \d+ things done$/)).toBeVisible();
  // what was kept stays, and says what stands elsewhere now
  await expect(page.getByText(/; \d+ things? stands? elsewhere now$/)).toBeVisible({ timeout: 120_000 });
  await page.getByText('What stands elsewhere', { exact: true }).click();
  await expect(page.getByText(/^RS-0\d .*: \w{3}, Jun \d, \d\d:\d\d, Copy \d.*; now /).first()).toBeVisible();
  await page.getByRole('button', { name: 'Plan from the start again' }).click();
  expect(await setupOf(page, job.id)).toEqual({});
  await removeJob(page, job.id);
});

test('something is pulled onto another day where days stand side by side, and lanes are drawn wider', async ({ page }) => {
  const job = await ownJob(page, steps, (file) => file.job.crew.forEach((p, i) => (p.name = `Copy ${String(i)}`)));
  await allFound(page, job.id, '?day=all');
  const days = await page.locator('.lane.hours b').count();
  expect(days).toBeGreaterThan(2);
  const lane = page.locator('.lanes .track').first();
  await lane.focus();
  for (let n = 0; n < 3; n++) await page.keyboard.press('ArrowRight');
  const was = await page.getByLabel('Its work begins on').inputValue();
  const box = await page.locator('.bar-of.on').first().boundingBox();
  const track = await lane.boundingBox();
  if (!box || !track) throw new Error('nothing is chosen');
  const [x, y] = [box.x + 3, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + track.width / days, y, { steps: 6 });
  // it says day and time while it is pulled
  await expect(page.locator('.pulled-to')).toHaveText(/^\w{3}, Jun \d+, \d\d:[03]0$/);
  expect(await page.locator('.pulled-to').textContent()).not.toContain(`Jun ${String(Number(was.slice(8)))},`);
  await page.mouse.up();
  await expect(page.getByText(/^Set by hand to |^Not moved\. /).first()).toBeVisible({ timeout: 60_000 });
  // wider, to be pushed along
  const fit = (await page.locator('.lanes').boundingBox())?.width ?? 0;
  await page.getByRole('button', { name: '4 times as wide' }).click();
  expect((await page.locator('.lanes').boundingBox())?.width).toBeGreaterThan(fit * 3.9);
  await page.getByRole('button', { name: 'To fit' }).click();
  await removeJob(page, job.id);
});
