import { expect, test, type Locator } from '@playwright/test';
import { demoJob, ownJob, removeJob, screenOf } from './job.ts';

test('every screen can be used with a thumb: nothing to the side, targets of 48 px where one acts', async ({ page }) => {
  for (const stage of ['walk', 'match', 'method', 'mix']) {
    await page.goto(await screenOf(page, 'PS-01', stage));
    await expect(page.locator('.fig:visible').first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const small = await page
      .locator('.corridor a, .plain:visible, .foot button, .MuiToggleButton-root, .ask .MuiInputBase-root')
      .evaluateAll((all) => all.map((e) => e.getBoundingClientRect()).filter((r) => r.width > 0 && r.height < 47.5).length);
    expect(small, stage).toBe(0);
  }
});

test('one line of 56 px stands over a screen, unfolds to all that leads on, and goes out of the way of who reads', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-01', 'walk'));
  const line = page.locator('header');
  await expect(page.getByRole('button', { name: 'Walk' })).toBeVisible();
  expect((await line.boundingBox())?.height).toBeLessThanOrEqual(56);
  await page.evaluate(() => {
    scrollTo(0, 900);
  });
  await expect(line).not.toBeInViewport();
  await page.evaluate(() => {
    scrollTo(0, 700);
  });
  await expect(line).toBeInViewport({ ratio: 1 });
  await page.getByRole('button', { name: 'Walk' }).tap();
  await expect(page.getByRole('group', { name: 'Units' })).toBeVisible();
  // the machine of this test stands in another zone than the site
  await expect(page.getByText(/^site time \d\d:\d\d$/)).toBeVisible();
  await page.getByRole('link', { name: /^Method/ }).tap();
  await expect(page.getByRole('button', { name: 'Method' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Units' })).toBeHidden();
  expect((await line.boundingBox())?.height).toBeLessThanOrEqual(56);
});

test('sheet, issued plan, options and table fit, upright and on the side', async ({ page }) => {
  const job = await demoJob(page);
  const first = job.areas[0]?.defects[0]?.id ?? '';
  for (const size of [
    { width: 390, height: 844 },
    { width: 844, height: 390 },
  ]) {
    await page.setViewportSize(size);
    for (const path of [`sheet/${first}`, `options/${first}`, 'plans', 'table', `walk/${first}`, `match/${first}`, `method/${first}`]) {
      await page.goto(`/jobs/${job.id}/${path}`);
      await expect(page.locator('h1').first()).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth), `${path} at ${String(size.width)}`).toBeLessThanOrEqual(size.width);
    }
    await page.goto(`/jobs/${job.id}/plans`);
    await page.locator('table a').first().tap();
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), 'issued').toBeLessThanOrEqual(size.width);
  }
});

test('what one does again and again is within reach of a thumb, the camera among it', async ({ page }) => {
  const job = await ownJob(page);
  const defect = job.areas[0]?.defects[0];
  await page.goto(`/jobs/${job.id}/walk/${defect?.id ?? ''}`);
  const height = page.viewportSize()?.height ?? 0;
  for (const name of ['Take a photo', 'Another kind', 'Next as this']) {
    const box = await page.getByRole('button', { name }).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(47.5);
    expect(box?.y).toBeGreaterThan(height * 0.8);
  }
  // whatever question is in view: one tap
  await page.getByText('What finish follows?').scrollIntoViewIfNeeded();
  await page.locator('[data-field=finish]').getByRole('button', { name: 'none', exact: true }).tap();
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Take a photo' }).tap();
  const png = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
  await (await chosen).setFiles({ name: 'camera.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
  const photos = page.getByRole('region', { name: 'Photos' });
  await expect(photos.getByText(/^1 of /)).toBeVisible();
  // and it says at which
  await expect(photos.getByLabel('Caption')).toHaveValue('What finish follows?');
  await removeJob(page, job.id);
});

test('one like another takes at most twelve taps and what is typed', async ({ page }) => {
  const job = await ownJob(page);
  const model = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'PS-02');
  await page.goto(`/jobs/${job.id}/walk/${model?.id ?? ''}`);
  let taps = 0;
  const tap = async (target: Locator) => {
    taps += 1;
    await target.tap();
  };
  await tap(page.getByRole('button', { name: /Next as this/ }));
  // whatever its mark is: others have added to the job that this one is a copy of
  await expect(page.getByRole('heading', { level: 1, name: 'PS-02' })).toBeHidden();
  const length = page.getByLabel('Length', { exact: true });
  await expect(length).toBeFocused();
  await page.keyboard.type('3.4');
  await tap(page.getByLabel('Add a width'));
  await page.keyboard.type('0.4');
  await tap(page.getByRole('heading', { level: 1 }));
  await expect(page.getByText('one still to answer')).toBeHidden();
  await expect(page.getByText(/^(Fits|Chosen): /)).toBeVisible();
  test.info().annotations.push({ type: 'counted', description: `taps of one like another on the phone ${String(taps)}` });
  expect(taps).toBeLessThanOrEqual(12);
  await removeJob(page, job.id);
});

test('the list of repairs folds away and comes when asked for', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-01', 'method'));
  await page.getByRole('button', { name: 'Repairs: PS-01' }).click();
  await page.getByRole('link', { name: /WH-02/ }).click();
  await expect(page.getByRole('heading', { name: 'WH-02', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: /PS-01/ })).toBeHidden();
});

test('days are a list by person', async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/days`);
  await expect(page.locator('.day-list').last().getByRole('heading', { name: 'Mira' })).toBeVisible();
  await expect(page.locator('.lanes')).toBeHidden();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('somebody does not come: the days are made anew in two taps, and undone in one', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/days`);
  await page.getByRole('button', { name: 'Stop' }).tap();
  const list = page.locator('.day-list').last();
  await expect(list.getByRole('heading', { name: 'Mira' })).toBeVisible();
  await page.getByRole('button', { name: 'Mira does not come this day' }).last().tap();
  // nobody of that name on that day any more
  await expect(list.getByRole('heading', { name: 'Mira' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'People, access, dates: 1 person' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last change by hand' }).tap();
  await expect(page.getByRole('button', { name: 'People, access, dates: all as usual' })).toBeVisible();
});

test('the day of one person is read on the phone: where, what to take, what is done when, and the day after', async ({ page }) => {
  await demoJob(page);
  await page.goto('/day/lise');
  await expect(page.getByRole('heading', { name: 'The day of Lise' })).toBeVisible();
  for (const name of ['What to take along', 'What is done when', 'The end of the day']) await expect(page.getByRole('heading', { name })).toBeVisible();
  await expect(page.locator('.own-steps li').first()).toContainText(/^07:30/);
  await expect(page.getByText('do not go').first()).toBeVisible();
  const day = page.getByRole('group', { name: 'Day' }).getByRole('button').nth(1);
  expect((await day.boundingBox())?.height).toBeGreaterThanOrEqual(47.5);
  await day.tap();
  await expect(page).toHaveURL(/date=2026-06-03/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
