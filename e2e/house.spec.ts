import { areaTable, kindOf, relevantAsks, showValue, type Ask, type AskTable, type LooseFacts } from '@oddment/core';
import { expect, test, type Page } from '@playwright/test';
import { expectAnswered, inMm, type Found } from './answered.ts';
import { house } from '../core/test/house.ts';
import { allSaved, demoJob, emptyJob, removeJob } from './job.ts';

/** What each of them takes, in s: a key, a tap or click, and making up one's mind (the keystroke-level model, Card, Moran and Newell 1980, as recalled). */
const keyS = 0.28;
const tapS = 1.1;
const decisionS = 1.35;

interface Tree {
  readonly areas: readonly { readonly name: string; readonly defects: readonly Found[] }[];
}

/** Somebody who types, and whose keys, taps and decisions are counted. */
class Estimator {
  keys = 0;
  taps = 0;
  decisions = 0;
  readonly #page: Page;
  constructor(page: Page) {
    this.#page = page;
  }
  get seconds(): number {
    return this.keys * keyS + this.taps * tapS + this.decisions * decisionS;
  }
  async press(key: string): Promise<void> {
    this.keys += key.split('+').length;
    await this.#page.keyboard.press(key);
  }
  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.#page.keyboard.type(text);
  }
  async tap(name: string): Promise<void> {
    this.taps += 1;
    await this.#page.getByRole('button', { name, exact: true }).click();
  }

  /** Answers one question, the hand being in it: an option by its number, a size as one writes it. */
  async answer(ask: Ask, value: unknown): Promise<void> {
    this.decisions += 1;
    if (ask.ask === 'choice') await this.press(String(ask.options.findIndex((o) => o.value === value) + 1));
    else if (ask.ask === 'measure') await this.type(showValue(Number(value), ask.kind, 'metric').text);
    else if (ask.ask === 'stations') {
      await this.type(inMm((value as { widthMm: number }[])[0]?.widthMm ?? 1));
      await this.press('Enter');
    } else if (ask.ask === 'outline') {
      const { shape } = value as { shape: { widthMm: number; heightMm: number } };
      await this.type(inMm(shape.widthMm));
      await this.press('Tab');
      await this.type(inMm(shape.heightMm));
    }
  }

  /** Walks the questions by Tab, from where the hand is, and answers those that have to be. */
  async answers(table: AskTable, facts: LooseFacts): Promise<void> {
    const open = new Map(relevantAsks(table, facts).flatMap((a) => (a.required && facts[a.field] !== undefined ? [[a.field, a] as const] : [])));
    for (let i = 0; i < 120 && open.size > 0; i++) {
      const on = await this.#page.evaluate(() => {
        const hand = document.activeElement;
        return {
          field: hand?.closest('[data-field]')?.getAttribute('data-field') ?? '',
          text: hand instanceof HTMLInputElement && hand.type === 'text',
          held: hand instanceof HTMLInputElement && hand.value !== '',
        };
      });
      const ask = open.get(on.field);
      const ready = ask?.ask === 'choice' || (on.text && !on.held);
      if (ask && ready) {
        await this.answer(ask, facts[on.field]?.value);
        open.delete(on.field);
      }
      await this.press('Tab');
    }
  }
}

test('a house of 34 mixed defects is entered in under an hour by the keys, taps and decisions that it takes', async ({ page }) => {
  test.setTimeout(600_000);
  await demoJob(page);
  const id = await emptyJob(page, 'A house, entered by hand');
  const wanted = house(34);
  const by = new Estimator(page);
  await page.goto(`/jobs/${id}/walk`);
  for (const [n, area] of wanted.areas.entries()) {
    await by.tap(n === 0 ? 'Add the first area' : 'Add an area');
    await page.getByLabel('Name of the area').fill(area.name);
    by.keys += area.name.length + 1;
    by.decisions += 1;
    await by.answers(areaTable, area.facts);
    for (const [i, defect] of area.defects.entries()) {
      const table = kindOf(defect.kind);
      // the like of the one before is made as that one; what has to be answered anew is
      const like = area.defects[i - 1]?.kind === defect.kind;
      by.decisions += 1;
      const before = page.url();
      if (like) await by.press('Control+Enter');
      else {
        await page.locator('h1').first().click();
        await by.press('a');
        await by.type(table.title);
        await by.press('Enter');
      }
      await page.waitForURL((url) => url.href !== before && /walk\/[^/]+$/.test(url.pathname));
      await expect(page.locator('.groups :focus')).toHaveCount(1);
      await by.answers(table, defect.facts);
    }
  }
  await page.keyboard.press('Escape');
  await allSaved(page);
  const { areas } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as Tree;
  expect(areas.map((a) => [a.name, a.defects.map((d) => d.kind)])).toEqual(wanted.areas.map((a) => [a.name, a.defects.map((d) => d.kind)]));
  for (const [a, area] of areas.entries())
    for (const [d, { kind, facts }] of area.defects.entries()) {
      expect(area.name).toBe(wanted.areas[a]?.name);
      expectAnswered([area.name, d], { kind, facts }, wanted.areas[a]?.defects[d]);
    }
  test.info().annotations.push({
    type: 'counted',
    description: `house of 34: ${String(by.keys)} keys, ${String(by.taps)} taps, ${String(by.decisions)} decisions, ${(by.seconds / 60).toFixed(1)} min`,
  });
  expect(by.seconds).toBeLessThan(3600);
  await removeJob(page, id);
});
