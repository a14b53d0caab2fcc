import { expect, test, type Page } from '@playwright/test';
import { rendered, cornersOf, camera } from '../core/test/rendered.ts';
import { allSaved, screenOf } from './job.ts';

const tilt = 30;
const crackY = (x: number) => 190 + 30 * Math.sin(x / 55);
const view = camera(tilt, 10);
const card = cornersOf(tilt, 10, [
  [120, 300],
  [270, 300],
  [270, 400],
  [120, 400],
]);

/** A made-up photo of a crack beside the card, tilted, with blur and noise, encoded by the page. */
async function photo(page: Page): Promise<Buffer> {
  const inCard = (x: number, y: number) => x > 120 && x < 270 && y > 300 && y < 400;
  const image = rendered({
    dark: (x, y) => (x > 80 && x < 520 && Math.abs(y - crackY(x)) < 2.4) || (inCard(x, y) && (x < 122 || x > 268 || y < 302 || y > 398)),
    tiltDeg: tilt,
    turnDeg: 10,
    blurPx: 1,
    noise: 12,
    seed: 9,
  });
  const jpeg = await page.evaluate(
    async ({ width, height, gray }) => {
      const canvas = new OffscreenCanvas(width, height);
      const brush = canvas.getContext('2d');
      const pixels = brush?.createImageData(width, height);
      if (!brush || !pixels) throw new Error('no canvas');
      const bytes = Uint8Array.from(atob(gray), (c) => c.charCodeAt(0));
      for (let i = 0; i < bytes.length; i++) pixels.data.set([bytes[i] ?? 0, bytes[i] ?? 0, bytes[i] ?? 0, 255], i * 4);
      brush.putImageData(pixels, 0, 0);
      const out = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.95 })).arrayBuffer());
      return btoa(Array.from(out, (b) => String.fromCharCode(b)).join(''));
    },
    { width: image.width, height: image.height, gray: Buffer.from(image.gray).toString('base64') },
  );
  return Buffer.from(jpeg, 'base64');
}

test('a crack is traced on a tilted photo with a card beside it, and becomes the same facts as a typed one', async ({ page }) => {
  await page.goto(await screenOf(page, 'BR-02', 'walk'));
  await page.getByLabel('Photo files').setInputFiles([{ name: 'crack.jpg', mimeType: 'image/jpeg', buffer: await photo(page) }]);
  await expect(page.getByText('1 of 12')).toBeVisible();
  await page.getByRole('button', { name: /show large/ }).click();
  await page.getByRole('button', { name: 'Measure on it' }).click();
  const picture = page.getByRole('img', { name: 'The photo to measure on' });
  await expect(picture).toBeVisible({ timeout: 20_000 });
  const place = async (x: number, y: number) => {
    const box = await picture.boundingBox();
    if (!box) throw new Error('no picture');
    return [box.x + (x / 1200) * box.width, box.y + (y / 900) * box.height] as const;
  };
  for (const [i, corner] of card.entries()) {
    const grip = await page.getByRole('button', { name: `Corner ${String(i + 1)} of what is known` }).boundingBox();
    if (!grip) throw new Error('no corner');
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await page.mouse.down();
    await page.mouse.move(...(await place(corner[0], corner[1])), { steps: 4 });
    await page.mouse.up();
  }
  await expect(page.getByLabel('Its width')).toHaveValue('150');
  await page.getByRole('button', { name: 'Trace the line' }).click();
  for (const x of [90, 300]) await page.mouse.click(...(await place(...view([x, crackY(x)]))));
  await expect(page.locator('.trace dt').first()).toHaveText('Length', { timeout: 20_000 });
  // while the next click is being followed, the length so far is gone: nobody takes half a crack over
  const [clientX, clientY] = await place(...view([510, crackY(510)]));
  const meanwhile = await picture.evaluate(
    async (svg, where) => {
      svg.dispatchEvent(new MouseEvent('click', { ...where, bubbles: true }));
      await Promise.resolve();
      return [...document.querySelectorAll('.trace dt')].map((dt) => dt.textContent);
    },
    { clientX, clientY },
  );
  expect(meanwhile).toEqual([]);
  await expect(page.locator('.trace dt').first()).toHaveText('Length', { timeout: 20_000 });
  await expect(page.getByText(/^Width at/)).toHaveCount(6);
  let made = 0;
  for (let x = 90; x < 510; x++) made += Math.hypot(1, crackY(x + 1) - crackY(x));
  const told = Number(/^(\d+) mm/.exec(await page.locator('.trace dd').first().innerText())?.[1]);
  expect(Math.abs(told - made) / made).toBeLessThan(0.02);
  await page.getByRole('button', { name: 'Take it over' }).click();
  await allSaved(page);
  await page.reload();
  expect(Number(await page.getByLabel('Length', { exact: true }).inputValue()) * 1000).toBe(told);
  await expect(page.getByLabel('Width 6', { exact: true })).toBeVisible();
});
