import { expect, test } from '@playwright/test';
import { allSaved, answer, demoJob } from './job.ts';
import { emptyAddress } from './places.ts';

test('the main job: a new crack, from the walk to the printed sheet', async ({ page }) => {
  const job = await demoJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await page.getByRole('button', { name: 'Add a defect in Pool surround' }).click();
  await page.getByRole('button', { name: 'crack in the slab', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'PS-05, crack in the slab' })).toBeVisible();

  await page.getByLabel('Length', { exact: true }).fill('4.2');
  const add = page.getByLabel('Add a width');
  for (const width of ['2', '3', '5']) {
    await add.fill(width);
    await add.press('Enter');
  }
  await expect(page.getByLabel('Place of width 2')).toHaveValue('4.2');
  await expect(page.getByLabel('Place of width 3')).toHaveValue('2.1');
  await page.getByLabel('Depth of the crack').fill('80');
  await page.getByLabel('Thickness of the slab').fill('120 mm');
  await expect(page.getByRole('heading', { name: 'Still to answer' })).toBeVisible();
  await answer(page, 'What is it part of?', 'slab on ground');
  await answer(page, 'Reinforced?', 'plain');
  await answer(page, 'Are both sides level?', 'level');
  await answer(page, 'Is it steady?', 'steady');
  await answer(page, 'Does it move with the seasons?', 'still');
  await answer(page, 'How wet is it?', 'dry through');
  await answer(page, 'Bars, tubing, cables located?', 'scanned, clear');
  await answer(page, 'What goes over it?', 'hard wheels');
  await answer(page, 'What finish follows?', 'thin coating');
  await expect(page.getByText(/^Fits: .*Rapid crack resin with sand/)).toBeVisible();
  await allSaved(page);

  await page.keyboard.press('Escape');
  await page.locator('h1').click();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'PS-05: which system' })).toBeVisible();
  await expect(page.getByText('fits, 12 of 12 rules')).toBeVisible();
  await expect(page.getByText('Ruled out, nearest first')).toBeVisible();
  await page.getByRole('button', { name: 'Choose C' }).click();

  await expect(page.getByRole('heading', { name: 'PS-05', exact: true })).toBeVisible();
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps.getByText('Chase 7 mm wide, 19.1 mm deep')).toBeVisible();
  await expect(steps.getByText('07:10')).toBeVisible();
  await expect(page.locator('svg [data-dimension=depth]')).toHaveText('19.1 mm');

  await page.keyboard.press('4');
  // worked by hand: the groove is 5 mm and 1 mm of trim on each face wide, 3/4 in deep, 1.5 mm proud;
  // sand of one size leaves 0.4 of it to resin, with 12 % surplus for wetting
  const resinMl = (4200 * (5 + 2 * 1) * (0.75 * 25.4 + 1.5) * 0.4 * 1.12) / 1000;
  const placed = page
    .locator('.mixcard tr')
    .filter({ has: page.getByRole('rowheader', { name: 'Resin', exact: true }) })
    .locator('.fig');
  await expect(placed).toHaveText(`${resinMl.toFixed(0)} mL`);
  await expect(page.getByRole('complementary', { name: 'To take along' }).locator('dt:text-is("Cartridges") + dd')).toHaveText('1');

  await page.getByRole('link', { name: 'Sheet for print' }).click();
  await expect(page.getByRole('heading', { name: 'PS-05, crack in the slab' })).toBeVisible();
  for (const words of [
    'Quantities',
    'Cautions',
    'Silica dust',
    'begin before',
    'as recalled, check the current text',
    'gives no structural, medical or legal advice',
  ])
    await expect(page.getByText(words).first()).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4', printBackground: true, preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);

  await page.reload();
  await expect(page.getByText(`${resinMl.toFixed(0)} mL`).first()).toBeVisible();
});

// it takes the empty installation as it is: files that make an account there stand after this one in the alphabet
test('a first account, a first job, and an area before its cracks', async ({ page }) => {
  await page.goto(`${emptyAddress}/`);
  await page.getByLabel('Firm').fill('Rook & Son');
  await page.getByLabel('Your name').fill('A. Rook');
  await page.getByLabel('Sign-in name').fill('rook');
  await page.getByLabel(/Password/).fill('short');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('The password needs 10 to 200 characters.')).toBeVisible();
  await expect(page.getByLabel('Firm')).toHaveValue('Rook & Son');
  await page.getByLabel(/Password/).fill('a long enough password');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('No job yet.')).toBeVisible();
  await expect(page.getByText('Demo data')).toHaveCount(0);

  await page.getByRole('button', { name: 'Begin the walk' }).click();
  await expect(page.getByText('The site needs 1 to 120 characters.')).toBeVisible();
  await page.getByLabel('Site', { exact: true }).fill('Mill Lane 4');
  await page.getByRole('button', { name: 'Begin the walk' }).click();
  await page.getByRole('button', { name: 'Add the first area' }).click();
  await page.getByLabel('Name of the area').fill('Cellar');
  await page.getByLabel('Air', { exact: true }).fill('59 °F');
  await page.getByLabel('Surface', { exact: true }).fill('12');
  await page.getByLabel('Humidity', { exact: true }).fill('70');
  await answer(page, 'Where is it?', 'inside');
  await allSaved(page);
  await page.reload();
  await expect(page.getByLabel('Air', { exact: true })).toHaveValue('59 °F');
  await expect(page.getByLabel('Name of the area')).toHaveValue('Cellar');

  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByLabel('Sign-in name').fill('rook');
  await page.getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Name and password do not belong together.')).toBeVisible();
  await page.getByLabel('Password').fill('a long enough password');
  await page.getByRole('button', { name: 'Sign in' }).click();
  // back where the person was
  await expect(page.getByLabel('Name of the area')).toHaveValue('Cellar');
});

test('a job file goes out and comes in; a bad one is refused with a list', async ({ page }) => {
  const job = await demoJob(page);
  const file = (await (await page.request.get(`/api/jobs/${job.id}/file`)).json()) as {
    job: { site: string; areas: { facts: Record<string, unknown>; defects: unknown[] }[] };
  };
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(page.getByLabel('Site', { exact: true })).toBeFocused();
  const upload = (content: unknown) =>
    page.locator('input[type=file]').setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(content)) });
  const bad = structuredClone(file);
  const [first] = bad.job.areas;
  if (first) first.facts['humidityPct'] = { value: 162, how: 'measured', at: '2026-06-01T12:00:00Z' };
  await upload(bad);
  await expect(page.getByText('job/areas/0/facts/humidityPct')).toBeVisible();
  await expect(page.getByText('It must lie between 1 % and 100 %.')).toBeVisible();
  file.job.site = 'Bathhouse, a copy';
  await upload(file);
  await expect(page.locator('.site')).toHaveText('Bathhouse, a copy');
  await expect(page.getByText(`${String(file.job.areas.flatMap((a) => a.defects).length)} found`)).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Bathhouse, a copy: its repairs' }).click();
  await page.getByRole('button', { name: 'Delete Bathhouse, a copy' }).click();
  const asked = page.getByRole('dialog', { name: 'Delete Bathhouse, a copy?' });
  await expect(asked.getByText(/^\d+ repairs in \d areas go with it/)).toBeVisible();
  await asked.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('link', { name: 'Bathhouse, a copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Bathhouse, a copy' }).click();
  await asked.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Bathhouse, a copy' })).toHaveCount(0);
});
