import { defectKinds, kindOf, relevantAsks, showValue, type Ask, type LooseFacts } from '@oddment/core';
import { expect, test, type Page } from '@playwright/test';
import { plain, usualFacts } from '../core/test/defects.ts';
import { expectAnswered, inMm, type Found } from './answered.ts';
import { allSaved, demoJob, emptyJob, newArea, removeJob } from './job.ts';

/** Types into a field that was tapped. */
async function typeInto(page: Page, field: string, label: string | undefined, text: string): Promise<void> {
  const asked = page.locator(`[data-field="${field}"]`);
  const into = label === undefined ? asked.locator('input').first() : asked.getByLabel(label, { exact: true });
  await into.tap();
  await into.fill(text);
}

/** Answers one question by touch: an option by tapping it, a size by tapping its field. */
async function answer(page: Page, ask: Ask, value: unknown): Promise<void> {
  const asked = page.locator(`[data-field="${ask.field}"]`);
  if (ask.ask === 'choice') {
    const option = ask.options.find((o) => o.value === value);
    await asked.getByRole('button', { name: option?.label ?? '', exact: true }).tap();
  } else if (ask.ask === 'measure') await typeInto(page, ask.field, undefined, showValue(Number(value), ask.kind, 'metric').text);
  else if (ask.ask === 'stations') {
    await typeInto(page, ask.field, 'Add a width', inMm((value as { widthMm: number }[])[0]?.widthMm ?? 1));
    await page.getByRole('heading', { level: 1 }).tap();
  } else if (ask.ask === 'outline') {
    const { shape } = value as { shape: { widthMm: number; heightMm: number } };
    const fields = asked.locator('input');
    for (const [i, mm] of [shape.widthMm, shape.heightMm].entries()) {
      await fields.nth(i).tap();
      await fields.nth(i).fill(inMm(mm));
    }
  }
}

/** Answers what has to be and has no answer yet, from the first question to the last. */
async function answerAll(page: Page, kind: Found['kind'], facts: LooseFacts, held: LooseFacts): Promise<void> {
  for (const ask of relevantAsks(kindOf(kind), facts))
    if (ask.required && facts[ask.field] !== undefined && held[ask.field] === undefined) await answer(page, ask, facts[ask.field]?.value);
}

interface Kept {
  readonly areas: readonly { readonly defects: readonly (Found & { readonly mark: string })[] }[];
}

const kinds = defectKinds().map((kind) => kind.id);
const half = Math.ceil(kinds.length / 2);

for (const [name, own] of [
  ['the first half', kinds.slice(0, half)],
  ['the second half', kinds.slice(half)],
] as const)
  test(`the same taps give the same answers, of every kind: ${name}`, async ({ page }) => {
    test.setTimeout(600_000);
    await demoJob(page);
    const id = await emptyJob(page, `By touch, ${name}`);
    await newArea(page, id, 'Hall');
    await page.goto(`/jobs/${id}/walk`);
    const opened = async (act: () => Promise<void>) => {
      const before = page.url();
      await act();
      await page.waitForURL((url) => url.href !== before && /walk\/[^/]+$/.test(url.pathname));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    };
    const meant: Found[] = [];
    for (const [n, kind] of own.entries()) {
      const facts = usualFacts(kind, plain[kind]);
      await (n === 0 ? page.getByRole('button', { name: 'Add what you find here' }) : page.getByRole('button', { name: 'Another kind' })).tap();
      await opened(() =>
        page
          .getByRole('dialog')
          .getByRole('button', { name: kindOf(kind).title, exact: true })
          .tap(),
      );
      await answerAll(page, kind, facts, {});
      await allSaved(page);
      // the next ones as this have all but what is of each
      for (let like = 0; like < 2; like++) {
        await opened(() => page.getByRole('button', { name: /Next as this/ }).tap());
        await allSaved(page);
        const { areas } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as Kept;
        const held = areas[0]?.defects.at(-1)?.facts ?? {};
        await answerAll(page, kind, facts, held);
      }
      for (let i = 0; i < 3; i++) meant.push({ kind, facts });
    }
    await allSaved(page);
    const { areas } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as Kept;
    const made = areas.flatMap((a) => a.defects);
    expect(made.map((d) => d.kind)).toEqual(meant.map((m) => m.kind));
    for (const [i, one] of made.entries()) expectAnswered([i], one, meant[i]);
    await removeJob(page, id);
  });
