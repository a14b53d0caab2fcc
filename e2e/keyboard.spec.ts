import { expect, test, type Page } from '@playwright/test';
import { allScreens, demoJob } from './job.ts';

interface Stop {
  readonly html: string;
  readonly shown: boolean;
  /** whether it lies where one can see it */
  readonly inView: boolean;
  /** told apart from every other stop of the page */
  readonly at: number;
}

/** Where the keyboard is; nothing where it has left the page, or is on a part of a field that is the browser's own. */
const stop = (page: Page) =>
  page.evaluate((): Stop | undefined => {
    const on = document.activeElement;
    if (!on || on === document.body || !on.matches(':focus')) return undefined;
    // a field shows it on its frame
    const shown = [on, on.closest('.MuiInputBase-root')?.querySelector('fieldset')].some((el) => {
      if (!el) return false;
      const style = getComputedStyle(el);
      return (
        (style.outlineStyle !== 'none' && Number.parseFloat(style.outlineWidth) >= 2 && style.outlineColor !== 'rgba(0, 0, 0, 0)') ||
        (el.tagName === 'FIELDSET' && Number.parseFloat(style.borderTopWidth) >= 2)
      );
    });
    const box = on.getBoundingClientRect();
    const inView = box.bottom > 0 && box.right > 0 && box.top < innerHeight && box.left < innerWidth;
    return { shown, inView, html: on.outerHTML.slice(0, 110), at: [...document.querySelectorAll('*')].indexOf(on) };
  });

/** as far as a screen is walked: the longest lists go on alike */
const most = 70;

test('on every screen the keyboard goes from one thing to the next and is always seen', async ({ page }) => {
  test.setTimeout(240_000);
  const job = await demoJob(page);
  const wrong = new Set<string>();
  let looked = 0;
  for (const address of await allScreens(page, job)) {
    await page.goto(address);
    await page.locator('h1').first().waitFor();
    // what still arrives above the keyboard's place would push it about
    await page.waitForLoadState('networkidle');
    await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 });
    let [before, own] = [-1, 0];
    for (let i = 0; i < most; i++) {
      await page.keyboard.press('Tab');
      const on = await stop(page);
      if (!on) {
        before = -1;
        continue;
      }
      own += 1;
      if (!on.shown) wrong.add(`${address}, not seen: ${on.html}`);
      if (!on.inView) wrong.add(`${address}, out of view: ${on.html}`);
      // a date has parts of its own to stop at
      if (on.at === before && !/type="(date|time|datetime-local)"/.test(on.html)) wrong.add(`${address}, does not go on from: ${on.html}`);
      before = on.at;
    }
    looked += own;
    expect([address, own > 3]).toEqual([address, true]);
  }
  expect([...wrong]).toEqual([]);
  expect(looked).toBeGreaterThan(700);
});
