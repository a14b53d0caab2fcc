import { expect, test, type Page } from '@playwright/test';
import { allSaved, answer, demoJob } from './job.ts';

/** Adds a defect of a kind in an area of the demo. */
async function add(page: Page, area: string, kind: string): Promise<void> {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await page.getByRole('button', { name: `Add a defect in ${area}` }).click();
  await page.getByRole('button', { name: kind, exact: true }).click();
}

const row = (page: Page, label: string) =>
  page.getByRole('complementary', { name: 'What it comes to' }).locator('dt').filter({ hasText: label }).locator('xpath=following-sibling::dd[1]');

test('a spall is outlined by its dimensions, read on a grid with the keyboard, and comes to its void', async ({ page }) => {
  await add(page, 'Boiler room', 'spall');
  await page.getByLabel('Width', { exact: true }).fill('300');
  await page.getByLabel('Height', { exact: true }).fill('20 cm');
  await answer(page, 'Is it of one depth?', 'uneven');
  await page.getByRole('button', { name: 'The rim is flush' }).click();
  await page.getByLabel('Depth, row 2, column 2').fill('18');
  await page.getByLabel('Depth, row 2, column 2').press('ArrowRight');
  await page.keyboard.type('32');
  await expect(page.getByText('Every crossing is read, in mm.')).toBeVisible();
  for (const [question, choice] of [
    ['Where does it lie?', 'floor'],
    ['Is a bar seen or near?', 'none'],
    ['How wet is it?', 'dry'],
    ['Has oil or salt soaked in?', 'no'],
    ['What caused it?', 'impact'],
    ['Who takes the cause away?', 'it is gone'],
    ['May services run behind?', 'looked, clear'],
    ['What goes over it?', 'soft tires'],
    ['How closely is it looked at?', 'in passing'],
    ['What was on it before?', 'nothing'],
  ] as const)
    await answer(page, question, choice);
  await expect(row(page, 'Area as found')).toHaveText('600 cm²');
  // two readings of four neighbors each, over cells of 100 by 100 mm: (18 + 32) / 4 * 4 cells of 10 mL a mm
  await expect(row(page, 'Void as found').first()).toHaveText(`${String(((18 + 32) * 100 * 100) / 1000)} mL`);
  await allSaved(page);
  await page.reload();
  await expect(page.getByLabel('Depth, row 2, column 3')).toHaveValue('32');
  await expect(row(page, 'Void as found').first()).toHaveText('500 mL');
  await row(page, 'Void as found').first().getByRole('button').click();
  await expect(page.getByRole('dialog').getByText('mean depth of its four corners')).toBeVisible();
});

test('an outline is dragged corner by corner, and snaps', async ({ page }) => {
  await add(page, 'Ticket office', 'hole in plaster');
  await page.getByLabel('Width', { exact: true }).fill('400');
  await page.getByLabel('Height', { exact: true }).fill('200');
  await answer(page, 'How it is given', 'corners');
  await expect(page.getByLabel('Corner 3, across')).toHaveValue('400');
  const grip = page.locator('.sketch .grip').nth(2);
  const box = await grip.boundingBox();
  if (!box) throw new Error('no grip');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + box.height / 2 + 30, { steps: 6 });
  await page.mouse.up();
  const across = Number(await page.getByLabel('Corner 3, across').inputValue());
  expect(across).toBeLessThan(400);
  expect(across % 5).toBe(0);
  await page.getByRole('button', { name: 'Add a corner' }).click();
  await expect(page.getByLabel('Corner 5, down')).toBeVisible();
  await allSaved(page);
});

test('a tapping map is clicked and typed, and shows the least square cut-outs', async ({ page }) => {
  await add(page, 'Boiler room', 'spall over a rusting bar');
  await answer(page, 'How was its extent found?', 'tapped, cell by cell');
  await page.getByRole('button', { name: 'Row 2, column 2: not tapped' }).click();
  await expect(page.getByRole('button', { name: 'Row 2, column 2: hollow' })).toBeFocused();
  for (const key of ['ArrowRight', 'h', 's', 'ArrowDown', 'ArrowLeft', 'ArrowLeft', 'h']) await page.keyboard.press(key);
  await expect(page.getByRole('button', { name: 'Row 2, column 3: hollow' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Row 2, column 4: sound' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Row 3, column 3: hollow' })).toBeVisible();
  for (const [label, value] of [
    ['Diameter of the bar', '12'],
    ['Diameter left at the worst place', '10.2'],
    ['Bars that have lost section', '1'],
    ['Cover over the bar', '22'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(value);
  for (const [question, choice] of [
    ['Where does it lie?', 'overhead'],
    ['Does the member carry load?', 'no'],
    ['Is more than half of a bar bare, or its bond lost?', 'no'],
    ['Is there salt in the concrete?', 'no'],
    ['What caused it?', 'too little cover'],
    ['Who takes the cause away?', 'we do'],
    ['May services run behind?', 'none'],
    ['How closely is it looked at?', 'not seen'],
  ] as const)
    await answer(page, question, choice);
  await expect(row(page, 'Hollow area')).toHaveText('300 cm²');
  await expect(row(page, 'Section of the bar lost')).toHaveText('27.8 %');
  await expect(row(page, 'Cut-outs')).toHaveText('1');
  await page.keyboard.press('Escape');
  await page.locator('h1').click();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Stop: Bars have lost section' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Polymer mortar, two-part', exact: true })).toBeVisible();
});

test('the questions of a kind follow from its answers, in US units too', async ({ page }) => {
  await add(page, 'Ticket office', 'hole in drywall');
  await page.getByRole('group', { name: 'Units' }).getByRole('button', { name: 'in', exact: true }).click();
  await page.getByLabel('Width', { exact: true }).fill('7 1/8');
  await page.getByLabel('Height', { exact: true }).fill('5-1/2"');
  await expect(page.getByLabel('How wide is the soft margin?')).toHaveCount(0);
  await answer(page, 'Has it been wet?', 'yes, and it is soft');
  await expect(page.getByLabel('How wide is the soft margin?')).toBeVisible();
  await expect(page.getByRole('img', { name: 'The outline as entered' })).toContainText('7 1/8 in by 5 1/2 in');
  await page.getByRole('group', { name: 'Units' }).getByRole('button', { name: 'mm', exact: true }).click();
});

test('the defects of a job come as CSV', async ({ page }) => {
  const job = await demoJob(page);
  const csv = await (await page.request.get(`/api/jobs/${job.id}/defects.csv`)).text();
  expect(csv.split('\r\n')[0]).toContain('area,mark,kind,lengthMm,widths');
  expect(csv).toContain('Boiler room,BR-01,bar-spall');
});
