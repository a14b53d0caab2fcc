import { expect, test, type Page } from '@playwright/test';
import { allSaved, demoJob, ownJob, removeJob } from './job.ts';

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

/** The days as they are found so far, kept by a stop. */
async function foundDays(page: Page, jobId: string): Promise<void> {
  await page.goto(`/jobs/${jobId}/days`);
  await expect(page.locator('.lanes .bar-of').first()).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden();
}

/** What stands in the lanes, to the pixel. */
const lanesOf = (page: Page) => page.locator('.lanes ul').evaluate((ul) => ul.innerHTML.replaceAll(/ on"| on /g, '"'));

/** What the server keeps of how the days are made. */
async function keptSetup(page: Page, jobId: string): Promise<{ pins?: { time: string; people: string[] }[]; dates?: unknown[] }> {
  await allSaved(page);
  return ((await (await page.request.get(`/api/jobs/${jobId}`)).json()) as { days?: object }).days ?? {};
}

/** Chooses by keyboard, in one lane after the other, until something has room, or has none. */
async function chooseWhere(page: Page, words: RegExp): Promise<void> {
  const tracks = page.locator('.lanes .track');
  for (let lane = 0; lane < (await tracks.count()); lane++) {
    const track = tracks.nth(lane);
    await track.focus();
    for (let n = 0; n < (await track.locator('.bar-of').count()); n++) {
      await page.keyboard.press('ArrowRight');
      await expect(page.locator('.hand p').first()).toHaveText(/.{10,}/);
      if (words.test((await page.locator('.hand p').first().textContent()) ?? '')) return;
    }
  }
  throw new Error('nothing is so');
}

test('by hand: moved by typing, by keys and by pulling; let go, undone; what cannot give way says why and changes nothing', async ({ page }) => {
  const job = await ownJob(page);
  await foundDays(page, job.id);
  // by typing, to where it has room
  await chooseWhere(page, /may begin .*from \d\d:\d\d to \d\d:\d\d/);
  const room = (await page.locator('.hand p').first().textContent()) ?? '';
  const times = [...room.matchAll(/\d\d:\d\d/g)].map((m) => m[0]);
  const now = await page.getByLabel('Its work begins at').inputValue();
  const to = times.find((t) => t !== now) ?? '';
  const before = await lanesOf(page);
  await page.getByLabel('Its work begins at').fill(to);
  await page.getByRole('button', { name: 'Move there' }).click();
  await expect(page.getByText(/^Set by hand to /)).toContainText(to);
  expect((await keptSetup(page, job.id)).pins?.map((p) => p.time)).toEqual([to]);
  expect(await lanesOf(page)).not.toBe(before);
  // what is undone is as it was
  await page.getByRole('button', { name: 'Undo the last change by hand' }).click();
  await expect(page.getByText(/^Set by hand to /)).toBeHidden();
  expect((await keptSetup(page, job.id)).pins ?? []).toEqual([]);
  // long before what it waits for it cannot be
  await foundDays(page, job.id);
  const tracks = page.locator('.lanes .track');
  await tracks.first().focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('.hand p').first()).toHaveText(/.{10,}/);
  const [stood, kept] = [await lanesOf(page), JSON.stringify(await keptSetup(page, job.id))];
  await page.getByLabel('Its work begins at').fill('02:00');
  await page.getByRole('button', { name: 'Move there' }).click();
  await expect(page.getByRole('alert')).toContainText(/^Not moved\. \S.*\.$/);
  expect(await lanesOf(page)).toBe(stood);
  expect(JSON.stringify(await keptSetup(page, job.id))).toBe(kept);
});

test('by hand with keys and with the mouse: a quarter of an hour later by Shift and an arrow, and as far as it is pulled', async ({ page }) => {
  const job = await ownJob(page);
  await foundDays(page, job.id);
  await page.getByRole('button', { name: 'By person' }).click();
  await chooseWhere(page, /may begin .*from \d\d:\d\d to \d\d:\d\d/);
  const title = await page.locator('#chosen').textContent();
  const start = await page.getByLabel('Its work begins at').inputValue();
  await page.keyboard.press('Shift+ArrowRight');
  // either it is set a quarter later, or it is said why not
  const minutes = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
  await expect(page.getByText(/^Set by hand to |^Not moved\. /).first()).toBeVisible();
  if (await page.getByText(/^Set by hand to /).isVisible()) expect(minutes(await page.getByLabel('Its work begins at').inputValue())).toBe(minutes(start) + 15);
  expect(await page.locator('#chosen').textContent()).toBe(title);
  // kept where it is, and let go again
  const bar = page.locator('.bar-of.on');
  const box = await bar.boundingBox();
  if (!box) throw new Error('nothing is chosen');
  const was = await page.getByLabel('Its work begins at').inputValue();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 40, y, { steps: 5 });
  await expect(page.locator('.pulled-to')).toBeVisible();
  await page.mouse.up();
  await expect(page.locator('.pulled-to')).toBeHidden();
  await expect(page.getByText(/^Set by hand to |^Not moved\. /).first()).toBeVisible();
  await expect
    .poll(async () => (await page.getByText(/^Not moved\. /).isVisible()) || minutes(await page.getByLabel('Its work begins at').inputValue()) > minutes(was))
    .toBe(true);
});

test('a pull that cannot be is refused in words, and nothing is changed by it', async ({ page }) => {
  const job = await ownJob(page);
  await foundDays(page, job.id);
  // the job begins on this day: what comes last of a repair cannot be where its first step begins
  const lane = page.locator('.lanes .track').first();
  await lane.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('.hand p').first()).toHaveText(/.{10,}/);
  const [box, track] = [await page.locator('.bar-of.on').first().boundingBox(), await lane.boundingBox()];
  if (!box || !track) throw new Error('nothing is chosen');
  const [stood, kept] = [await lanesOf(page), JSON.stringify(await keptSetup(page, job.id))];
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(track.x + 2, y, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('alert')).toContainText(/^Not moved\. \S.*\.$/, { timeout: 60_000 });
  expect(await lanesOf(page)).toBe(stood);
  expect(JSON.stringify(await keptSetup(page, job.id))).toBe(kept);
});

test('what days are made by is set up, kept with the job, and heeded', async ({ page }) => {
  const job = await ownJob(page);
  await foundDays(page, job.id);
  await page.getByRole('button', { name: /^People, access, dates: all as usual/ }).click();
  const mira = page.getByRole('group', { name: 'Mira', exact: true });
  await mira.getByLabel('Day off').fill('2026-06-03');
  await expect(mira.getByRole('button', { name: 'Day off: take Wed, Jun 3, 2026 out' })).toBeVisible();
  await page.getByText('Areas', { exact: true }).click();
  const area = page.getByRole('group', { name: job.areas[0]?.name ?? '', exact: true });
  await area.getByLabel('Open, from').fill('12:00');
  await area.getByLabel('Open, to').fill('09:00');
  await page.getByRole('button', { name: 'Make the days' }).click();
  await expect(page.getByRole('alert')).toContainText('It ends at 09:00, which is not after 12:00.');
  await area.getByLabel('Open, to').fill('16:00');
  await page.getByRole('button', { name: 'Make the days' }).click();
  await expect(page.getByRole('button', { name: 'People, access, dates: 1 person, 1 area' })).toBeVisible();
  expect(await keptSetup(page, job.id)).toEqual({
    people: [{ person: expect.stringMatching(/./) as unknown, off: ['2026-06-03'] }],
    areas: [{ area: job.areas[0]?.id, open: { from: '12:00', to: '16:00' } }],
  });
  await page.getByRole('button', { name: 'By person' }).click();
  const wednesday = page.getByRole('group', { name: 'Day' }).getByRole('button', { name: /Jun 3/ });
  await page.getByRole('button', { name: 'Stop' }).click();
  if (await wednesday.isVisible()) {
    await wednesday.click();
    await expect(page.getByRole('button', { name: /^Mira: / })).toBeHidden();
  }
  // it goes out with the job file
  const file = (await (await page.request.get(`/api/jobs/${job.id}/file`)).json()) as { days?: { areas?: unknown[] } };
  expect(file.days?.areas?.length).toBe(1);
});

test('a date that cannot hold is told with what fails, and with ways out that are looked at and taken', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/days`);
  await page.getByLabel('All done by').fill('2026-06-03');
  await expect(page.getByRole('heading', { name: 'Not everything is done' })).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.halted')).toContainText(/It ends .* after its date\./);
  await expect(page.getByRole('heading', { name: 'Ways out, each tried' })).toBeVisible({ timeout: 90_000 });
  await expect(page.getByRole('region', { name: 'Ways out, each tried' })).toContainText('every date holds');
  const dates = JSON.stringify((await keptSetup(page, job.id)).dates);
  const way = page.locator('.ways li', { hasText: /^(A later date|Later dates) for/ });
  await way.getByRole('button', { name: 'Look at it' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Nothing is changed by looking' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Not everything is done' })).toBeHidden();
  // looking has changed nothing
  expect(JSON.stringify((await keptSetup(page, job.id)).dates)).toBe(dates);
  await page.getByRole('button', { name: 'Back to the days as they are' }).click();
  await expect(page.getByRole('heading', { name: 'Not everything is done' })).toBeVisible();
  await way.getByRole('button', { name: 'Look at it' }).click();
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('Nothing is changed by looking')).toBeHidden({ timeout: 60_000 });
  await expect(page.getByRole('heading', { name: 'Not everything is done' })).toBeHidden();
  expect(JSON.stringify((await keptSetup(page, job.id)).dates)).not.toBe(dates);
});

test('what could be otherwise is tried by one click, and leaves nothing behind', async ({ page }) => {
  const job = await ownJob(page, 'River Steps and ticket kiosk', (file) => file.job.crew.forEach((p, i) => (p.name = `Copy ${String(i)}`)));
  await page.goto(`/jobs/${job.id}/days`);
  await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden({ timeout: 120_000 });
  const tries = page.getByRole('region', { name: /^(Try what comes of it|Ways out, each tried)$/ });
  await expect(tries.first()).toBeVisible();
  const before = [await page.locator('.promise').textContent(), await lanesOf(page), JSON.stringify(await keptSetup(page, job.id))];
  const other = page.getByRole('region', { name: 'Try what comes of it' }).getByRole('button');
  const says = (await other.first().textContent()) ?? '';
  await other.first().click();
  const trial = page.getByRole('status').filter({ hasText: 'Nothing is changed by looking' });
  await expect(trial).toContainText(says);
  await trial.getByRole('button', { name: 'Back to the days as they are' }).click();
  await expect(trial).toBeHidden();
  expect([await page.locator('.promise').textContent(), await lanesOf(page), JSON.stringify(await keptSetup(page, job.id))]).toEqual(before);
  await removeJob(page, job.id);
});

test('days are kept, issue what is not issued, and go out as sheets, calendar and table; two people who keep them do not undo each other', async ({
  page,
  browser,
}) => {
  const job = await ownJob(page);
  await foundDays(page, job.id);
  await allSaved(page);
  await page.getByRole('button', { name: 'Keep these days' }).click();
  await expect(page.getByText(/^Kept Tue, Jun 2, .* by .*; as they are now$/)).toBeVisible({ timeout: 60_000 });
  const plans = (await (await page.request.get(`/api/jobs/${job.id}/plans`)).json()) as unknown[];
  expect(plans.length).toBeGreaterThan(3);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Sheets, this day' }).click()]);
  expect(download.suggestedFilename()).toMatch(/-days\.pdf$/);
  const calendar = await page.request.get((await page.getByRole('link', { name: 'Calendar of all' }).getAttribute('href')) ?? '');
  expect(await calendar.text()).toMatch(/^BEGIN:VCALENDAR/);
  const table = await page.request.get((await page.getByRole('link', { name: 'Table (CSV)' }).getAttribute('href')) ?? '');
  expect(await table.text()).toMatch(/^date,person,from,/);
  // another person keeps them too, at the same time
  const other = await browser.newContext({ storageState: await page.context().storageState() });
  const second = await other.newPage();
  await foundDays(second, job.id);
  await allSaved(second);
  await Promise.all([page.getByRole('button', { name: 'Keep these days' }).click(), second.getByRole('button', { name: 'Keep these days' }).click()]);
  await expect.poll(async () => ((await (await page.request.get(`/api/jobs/${job.id}/days`)).json()) as unknown[]).length).toBe(3);
  expect(((await (await page.request.get(`/api/jobs/${job.id}/plans`)).json()) as unknown[]).length).toBe(plans.length);
  await other.close();
  await removeJob(page, job.id);
});
