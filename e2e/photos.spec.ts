import { expect, test, type Page } from '@playwright/test';
import { exifWithPosition } from '../server/test/pictures.ts';
import { screenOf } from './job.ts';

/** A photo as a phone makes it: so many pixels, with its position in it. */
async function photo(page: Page, width: number, height: number): Promise<Buffer> {
  const jpeg = await page.evaluate(
    async ([w = 1, h = 1]) => {
      const canvas = new OffscreenCanvas(w, h);
      const brush = canvas.getContext('2d');
      if (!brush) throw new Error('no canvas');
      brush.fillStyle = '#9a958c';
      brush.fillRect(0, 0, w, h);
      brush.fillStyle = '#2a2622';
      brush.fillRect(0, h / 2, w, h / 60);
      const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer());
      return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
    },
    [width, height],
  );
  const plain = Buffer.from(jpeg, 'base64');
  return Buffer.concat([plain.subarray(0, 2), exifWithPosition(), plain.subarray(2)]);
}

const jpegFile = (name: string, buffer: Buffer) => ({ name, mimeType: 'image/jpeg', buffer });

test('a photo is made smaller, its position is left behind, and it is there after a reload', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-03', 'walk'));
  await page.getByLabel('Photo files').setInputFiles([jpegFile('edge.jpg', await photo(page, 4000, 3000))]);
  await expect(page.getByText('1 of 12')).toBeVisible();
  const picture = page.getByRole('button', { name: /show large/ });
  const src = await picture.locator('img').getAttribute('src');
  const bytes = await (await page.request.get(src ?? '')).body();
  expect(bytes.includes(Buffer.from('Exif'))).toBe(false);
  await page.getByLabel('Caption').fill('Dark edge after wiping');
  await page.getByLabel('Caption').blur();
  await page.reload();
  await page.getByRole('button', { name: 'Dark edge after wiping: show large' }).click();
  await expect(page.getByText('2048 × 1536 pixels; no position kept')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Delete Dark edge after wiping' }).click();
  await expect(page.getByText('0 of 12')).toBeVisible();
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(page.getByText('1 of 12')).toBeVisible();
});

test('the position is kept where that is asked for', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-04', 'walk'));
  await page.getByLabel('Keep where it was taken').check();
  await page.getByLabel('Photo files').setInputFiles([jpegFile('step.jpg', await photo(page, 60, 40))]);
  await expect(page.getByText('1 of 12')).toBeVisible();
  await page.getByRole('button', { name: /show large/ }).click();
  await expect(page.getByText('taken at 48.85833, 2.35000')).toBeVisible();
});

test('what is no photo, or says that it is enormous, is refused in words', async ({ page }) => {
  await page.goto(await screenOf(page, 'WH-01', 'walk'));
  const bomb = await photo(page, 40, 30);
  const frame = bomb.indexOf(Buffer.from([0xff, 0xc0]));
  bomb.writeUInt16BE(60_000, frame + 5);
  bomb.writeUInt16BE(60_000, frame + 7);
  await page.getByLabel('Photo files').setInputFiles([jpegFile('letter.jpg', Buffer.from('%PDF-1.7 nothing to see')), jpegFile('bomb.jpg', bomb)]);
  await expect(page.getByRole('alert').filter({ hasText: 'letter.jpg' })).toContainText('This is not a photo.');
  await expect(page.getByRole('alert').filter({ hasText: 'bomb.jpg' })).toContainText('60000 by 60000 pixels');
  await page.getByRole('button', { name: 'Let it go' }).first().click();
  await expect(page.getByRole('alert')).toHaveCount(1);
});

test('a photo taken while the server is down survives a reload and arrives when it is back', async ({ page }) => {
  await page.goto(await screenOf(page, 'WH-03', 'walk'));
  const made = await photo(page, 400, 300);
  await page.route('**/photos', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
  await page.getByLabel('Photo files').setInputFiles([jpegFile('far.jpg', made)]);
  await expect(page.getByText('Kept here, the server does not answer.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('far.jpg')).toBeVisible();
  await page.unroute('**/photos');
  await expect(page.getByText('1 of 12')).toBeVisible({ timeout: 15_000 });
  await expect(page.getByText('far.jpg')).toHaveCount(0);
});
