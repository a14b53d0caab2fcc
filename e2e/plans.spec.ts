import { expect, test, type Page } from '@playwright/test';
import { allSaved, ownJob, removeJob } from './job.ts';

/** A sheet of paper as a camera sees it. */
async function paper(page: Page): Promise<Buffer> {
  const jpeg = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(800, 600);
    const brush = canvas.getContext('2d');
    if (!brush) throw new Error('no canvas');
    brush.fillStyle = '#f2f0e8';
    brush.fillRect(0, 0, 800, 600);
    brush.strokeRect(60, 60, 680, 480);
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg' })).arrayBuffer());
    return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
  });
  return Buffer.from(jpeg, 'base64');
}

interface Tree {
  readonly areas: readonly {
    readonly id: string;
    readonly name: string;
    readonly defects: readonly { readonly id: string; readonly mark: string; readonly spot?: { across: number; down: number } }[];
  }[];
}
const treeOf = async (page: Page, id: string) => (await (await page.request.get(`/api/jobs/${id}`)).json()) as Tree;
const spots = async (page: Page, id: string) =>
  Object.fromEntries((await treeOf(page, id)).areas.flatMap((a) => a.defects.flatMap((d) => (d.spot ? [[d.mark, [d.spot.across, d.spot.down]]] : []))));

test('a plan of an area is photographed, its repairs are set on it one after the other, moved, taken off, and found again', async ({ page }) => {
  const job = await ownJob(page);
  const area = (await treeOf(page, job.id)).areas.find((a) => a.name === 'Wash hall');
  await page.goto(`/jobs/${job.id}/walk/area/${area?.id ?? ''}`);
  const plans = page.getByRole('region', { name: 'Plans of the area' });
  await plans.getByLabel('Plan files').setInputFiles([{ name: 'sketch.jpg', mimeType: 'image/jpeg', buffer: await paper(page) }]);
  await expect(plans.getByText('1 of 6')).toBeVisible();

  // pressing sets the first that lies nowhere yet, then the next
  const box = (await plans.locator('.plan-picture').boundingBox()) ?? { x: 0, y: 0, width: 1, height: 1 };
  const press = (across: number, down: number) => page.mouse.click(box.x + box.width * across, box.y + box.height * down);
  await plans.locator('.plan-picture').scrollIntoViewIfNeeded();
  await expect(plans.getByRole('button', { name: 'Set WH-01 on plan 1' })).toBeVisible();
  const at = (await plans.locator('.plan-picture').boundingBox()) ?? box;
  Object.assign(box, at);
  await press(0.25, 0.5);
  await expect(plans.getByRole('button', { name: 'Set WH-02 on plan 1' })).toBeVisible();
  await press(0.75, 0.5);
  await allSaved(page);
  const set = await spots(page, job.id);
  expect(set['WH-01']?.[0]).toBeCloseTo(0.25, 1);
  expect(set['WH-02']?.[0]).toBeCloseTo(0.75, 1);

  // by keys: to the middle, then on by the arrows
  await plans.getByRole('button', { name: 'Set WH-03 on plan 1' }).focus();
  await page.keyboard.press('Enter');
  await expect(plans.getByText('Every repair of this area lies on a plan.')).toBeVisible();
  await plans.getByRole('button', { name: /^WH-03,/ }).focus();
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('ArrowLeft');
  await allSaved(page);
  expect((await spots(page, job.id))['WH-03']).toEqual([0.495, 0.45]);

  // one is dragged, another taken off
  const mark = (await plans.getByRole('button', { name: /^WH-01,/ }).boundingBox()) ?? box;
  await page.mouse.move(mark.x + mark.width / 2, mark.y + mark.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.8, { steps: 4 });
  await page.mouse.up();
  await plans.getByRole('button', { name: /^WH-02,/ }).focus();
  await page.keyboard.press('Delete');
  await expect(plans.getByRole('button', { name: 'WH-02', exact: true })).toBeVisible();
  await allSaved(page);
  const moved = await spots(page, job.id);
  expect(moved['WH-01']?.[1]).toBeCloseTo(0.8, 1);
  expect(moved).not.toHaveProperty('WH-02');

  // at the repair it is found again
  await plans.getByRole('button', { name: /^WH-01,/ }).click();
  await plans.getByRole('link', { name: 'Open it' }).click();
  const lies = page.getByRole('region', { name: 'Where it lies' });
  await expect(lies.getByRole('button', { name: /^WH-01,/ })).toHaveAttribute('aria-current', 'true');
  await expect(lies.getByRole('button', { name: /^WH-03,/ })).toHaveAttribute('aria-current', 'false');

  // and on its sheet, for who comes to do it, where nothing is moved
  await page.goto(`/jobs/${job.id}/sheet/${area?.defects[0]?.id ?? ''}`);
  await expect(lies.getByRole('button', { name: /^WH-01,/ })).toHaveAttribute('aria-current', 'true');
  await expect(lies.getByRole('button', { name: 'Take it off' })).toHaveCount(0);

  // a plan that is deleted takes its marks along, and brings them back
  await lies.getByRole('link', { name: 'All of Wash hall' }).click();
  await plans.getByRole('button', { name: 'Delete plan 1' }).click();
  await expect(plans.getByText('0 of 6')).toBeVisible();
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(plans.getByRole('button', { name: /^WH-01,/ })).toBeVisible();
  await removeJob(page, job.id);
});

test('an area says its floor and side wherever it is named, and through which other one it is reached', async ({ page }) => {
  const job = await ownJob(page);
  const area = (await treeOf(page, job.id)).areas.find((a) => a.name === 'Wash hall');
  await page.goto(`/jobs/${job.id}/walk/area/${area?.id ?? ''}`);
  await page.getByLabel('Floor').fill('ground floor');
  await page.getByLabel('Side or face').fill('north');
  await page.getByLabel('Reached through').selectOption({ label: 'Pool surround' });
  await allSaved(page);
  await expect(page.getByRole('link', { name: 'Wash hall, ground floor, north' })).toBeVisible();
  await page.goto(`/jobs/${job.id}/sheet/${area?.defects[0]?.id ?? ''}`);
  await expect(page.getByText(/Wash hall, ground floor, north/).first()).toBeVisible();
  await page.goto(`/jobs/${job.id}/table`);
  await expect(page.getByRole('row', { name: /WH-01/ })).toContainText('Wash hall, ground floor, north');
  const { days } = (await (await page.request.get(`/api/jobs/${job.id}`)).json()) as { days?: { areas?: { area: string; through?: string }[] } };
  expect(days?.areas?.find((a) => a.area === area?.id)?.through).toBe((await treeOf(page, job.id)).areas.find((a) => a.name === 'Pool surround')?.id);
  await removeJob(page, job.id);
});
