import { asThis, defectKinds, kindOf, relevantAsks, senseDefect, type LooseFacts } from '@oddment/core';
import { expect, test, type Page } from '@playwright/test';
import { plain, usualFacts } from '../core/test/defects.ts';
import { allSaved, answer, ownJob, removeJob, screenOf, type JobTree } from './job.ts';

interface Defect {
  readonly id: string;
  readonly kind: string;
  readonly mark: string;
  readonly note?: string;
  readonly facts: LooseFacts;
}
interface Whole {
  readonly areas: readonly { readonly id: string; readonly name: string; readonly defects: readonly Defect[] }[];
}

const wholeOf = async (page: Page, id: string) => (await (await page.request.get(`/api/jobs/${id}`)).json()) as Whole;
const defectsOf = async (page: Page, id: string) => (await wholeOf(page, id)).areas.flatMap((a) => a.defects);

/** A keyboard that counts: a chord counts each of its keys. */
class Hands {
  keys = 0;
  readonly #page: Page;
  constructor(page: Page) {
    this.#page = page;
  }
  async press(...keys: string[]): Promise<void> {
    for (const key of keys) {
      this.keys += key.split('+').length;
      await this.#page.keyboard.press(key);
    }
  }
  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.#page.keyboard.type(text);
  }
}

const sizeHasHand = (page: Page) => expect(page.locator('[data-field="lengthMm"] input')).toBeFocused();
const markOf = async (page: Page) => ((await page.getByRole('heading', { level: 1 }).textContent()) ?? '').split(',')[0] ?? '';

/** Answers the required questions of a crack in a slab from its length on, by keys alone. */
async function measured(page: Page, hands: Hands): Promise<void> {
  await sizeHasHand(page);
  await hands.type('4.2');
  await hands.press('Tab');
  await hands.type('2');
  await hands.press('Enter', 'Tab', 'Tab', 'Tab');
  // member, reinforced, level, steady, moves, wet, located
  for (const number of ['1', '1', '1', '1', '1', '1', '2']) await hands.press(number, 'Tab');
  // what goes over it, what finish follows
  await hands.press('1', 'Tab', '1');
}

test('a first crack takes at most 40 keys, and each like it at most 15, with the same answers', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  const first = new Hands(page);
  await first.press('a');
  await first.type('cr s');
  await first.press('Enter');
  await measured(page, first);
  await allSaved(page);
  const mark = await markOf(page);
  const model = (await defectsOf(page, job.id)).find((d) => d.mark === mark);
  expect(senseDefect('slab-crack', model?.facts ?? {})).toMatchObject({ missing: [], refused: [] });
  expect(first.keys).toBeLessThanOrEqual(40);

  const marks: string[] = [];
  const like = new Hands(page);
  for (let i = 0; i < 10; i++) {
    await like.press('Control+Enter');
    await sizeHasHand(page);
    await expect(page.locator('[data-field="lengthMm"] input')).toHaveValue('');
    marks.push(await markOf(page));
    await like.type(`${String(i + 1)}.5`);
    await like.press('Tab');
    await like.type('0.4');
  }
  await like.press('Escape');
  await allSaved(page);
  expect(like.keys / 10).toBeLessThanOrEqual(15);
  test.info().annotations.push({ type: 'counted', description: `keys of a first crack ${String(first.keys)}, of each like it ${String(like.keys / 10)}` });
  const made = (await defectsOf(page, job.id)).filter((d) => marks.includes(d.mark));
  expect(made.map((d) => d.facts['lengthMm']?.value).sort()).toEqual([10_500, 1500, 2500, 3500, 4500, 5500, 6500, 7500, 8500, 9500]);
  for (const one of made) {
    expect(senseDefect('slab-crack', one.facts)).toMatchObject({ missing: [], refused: [] });
    for (const field of ['member', 'reinforcement', 'faces', 'ground', 'movement', 'moisture', 'located', 'traffic', 'finish'])
      expect(one.facts[field]).toMatchObject({ value: model?.facts[field]?.value, asIn: mark });
  }
  await removeJob(page, job.id);
});

test('the next one as this has the same answers, of every kind', async ({ page }) => {
  const kinds = defectKinds();
  const job = await ownJob(page, undefined, (file) => {
    const whole = file.job as unknown as { areas: { defects: unknown[] }[] };
    const [area] = whole.areas;
    whole.areas = area ? [area] : [];
    if (area)
      area.defects = kinds.map((kind, i) => ({
        id: crypto.randomUUID(),
        kind: kind.id,
        mark: `K-${String(i + 1)}`,
        facts: usualFacts(kind.id, plain[kind.id]),
        confirmed: [],
        decisions: [],
      }));
  });
  const models = await defectsOf(page, job.id);
  expect(models).toHaveLength(kinds.length);
  await page.goto(`/jobs/${job.id}/walk/${models[0]?.id ?? ''}`);
  for (const model of models) {
    await page.goto(`/jobs/${job.id}/walk/${model.id}`);
    await expect(page.getByRole('heading', { level: 1, name: `${model.mark}, ` })).toBeVisible();
    await page.keyboard.press('l');
    await expect(page.getByRole('heading', { level: 1, name: `${model.mark}, ` })).toBeHidden();
    const second = await markOf(page);
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('heading', { level: 1, name: `${second}, ` })).toBeHidden();
  }
  await allSaved(page);
  const all = await defectsOf(page, job.id);
  for (const model of models) {
    const like = all.filter((d) => d.kind === model.kind && d.id !== model.id);
    expect(like, model.kind).toHaveLength(2);
    const told = asThis(model, '2026-06-02T12:00:00Z').facts;
    for (const one of like) {
      expect(Object.keys(one.facts).sort(), model.kind).toEqual(Object.keys(told).sort());
      for (const ask of relevantAsks(kindOf(model.kind), one.facts))
        if (one.facts[ask.field]) expect(one.facts[ask.field]?.value).toEqual(told[ask.field]?.value);
    }
  }
  await removeJob(page, job.id);
});

test('what was answered of the last of a kind is offered, but nothing about safety', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  await page.keyboard.press('a');
  await page.keyboard.type('crack in the slab');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Take its answers' }).click();
  await expect(page.getByText(/^as at /).first()).toBeVisible();
  const located = page.getByRole('group', { name: 'Bars, tubing, cables located?' }).getByRole('button');
  for (const button of await located.all()) await expect(button).toHaveAttribute('aria-pressed', 'false');
  await answer(page, 'How wet is it?', 'damp');
  await allSaved(page);
  const mark = await markOf(page);
  const made = (await defectsOf(page, job.id)).find((d) => d.mark === mark);
  expect(made?.facts['moisture']).toMatchObject({ value: 'damp' });
  expect(made?.facts['moisture']?.asIn).toBeUndefined();
  expect(made?.facts['movement']).toBeUndefined();
  await removeJob(page, job.id);
});

test('an area has its usual answers: they hold for each that is not answered otherwise, and are shown as such', async ({ page }) => {
  const job = await ownJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  await page.getByRole('button', { name: /^Make these the usual answers of/ }).click();
  await expect(page.getByRole('button', { name: /^Make these the usual answers of/ })).toHaveCount(0);
  const [area] = (await wholeOf(page, job.id)).areas;
  await page.keyboard.press('a');
  await page.keyboard.type('cr s');
  await page.keyboard.press('Enter');
  await sizeHasHand(page);
  await page.keyboard.press('Escape');
  const wet = page.locator('[data-field="moisture"]');
  await expect(wet.getByText(`as usual in ${area?.name ?? ''}`)).toBeVisible();
  await expect(page.locator('[data-field="located"]').getByText(/as usual/)).toHaveCount(0);
  await answer(page, 'How wet is it?', 'damp');
  await expect(wet.getByText(/as usual/)).toHaveCount(0);
  await allSaved(page);
  const mark = await markOf(page);
  const made = (await defectsOf(page, job.id)).find((d) => d.mark === mark);
  expect(Object.keys(made?.facts ?? {})).toEqual(['moisture']);
  // in the area they can be seen, changed and given up
  await page.goto(`/jobs/${job.id}/walk/area/${area?.id ?? ''}`);
  const usual = page.getByRole('region', { name: 'Usual answers' });
  await usual.getByText(/^crack in the slab: \d answers/).click();
  await usual.getByRole('button', { name: 'Nothing is usual here for this kind' }).click();
  await expect(usual.getByText('crack in the slab: none yet')).toBeVisible();
  await allSaved(page);
  await page.goto(`/jobs/${job.id}/walk/${made?.id ?? ''}`);
  await expect(page.getByText(/as usual in/)).toHaveCount(0);
  await removeJob(page, job.id);
});

test('Mix names what of the same area takes the same mix, and leads to it', async ({ page }) => {
  await page.goto(await screenOf(page, 'PS-01', 'mix'));
  const here = page.getByRole('region', { name: 'While here, with the same mix' });
  await expect(here.getByRole('listitem').first()).toContainText(/^PS-0\d .* by hand$/);
  await here.getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 1, name: /^PS-0[2-9]: / })).toBeVisible();
  await expect(here.getByRole('link', { name: 'PS-01', exact: true })).toBeVisible();
});

test('lines typed quickly make several, and the CSV of the job makes nothing twice', async ({ page }) => {
  const job = await ownJob(page);
  const before = (await defectsOf(page, job.id)).length;
  await page.goto(`/jobs/${job.id}/walk`);
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  await page.keyboard.press('q');
  const lines = page.getByLabel(/^Found in/);
  await expect(lines).toBeFocused();
  await lines.fill('crack slab 4.2m 2 5 3mm d80 still dry\ncrack 3m\nAttic:\nhole drywall 90x70 mm one // behind the door');
  const read = page.getByRole('list', { name: 'What was understood' });
  await expect(read.getByText('It could be a crack in the slab, or a crack in a wall or soffit')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make 2' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  await page.keyboard.press('q');
  await expect(lines).toHaveValue(/behind the door/);
  await lines.press('Control+Enter');
  await expect(page.getByRole('heading', { level: 1, name: /crack in the slab/ })).toBeVisible();
  await allSaved(page);
  const whole = await wholeOf(page, job.id);
  expect(whole.areas.flatMap((a) => a.defects)).toHaveLength(before + 2);
  const attic = whole.areas.find((a) => a.name === 'Attic');
  expect(attic?.defects[0]).toMatchObject({ kind: 'drywall-hole', mark: 'A-01', note: 'behind the door', facts: { layers: { value: 'one' } } });

  const csv = await (await page.request.get(`/api/jobs/${job.id}/defects.csv`)).text();
  await page.keyboard.press('Escape');
  await page.keyboard.press('q');
  await page.getByLabel('CSV of defects').setInputFiles({ name: 'defects.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(read.getByText('is there already', { exact: true })).toHaveCount(before + 2);
  await expect(page.getByRole('button', { name: 'Make 0' })).toBeDisabled();
  await lines.fill(csv.replace('A-01,drywall-hole', 'A-02,drywall-hole'));
  await expect(page.getByRole('button', { name: 'Make one' })).toBeVisible();
  await lines.fill('');
  await page.getByRole('button', { name: 'Later' }).click();
  await removeJob(page, job.id);
});

/** The cell of a row and a column of the table. */
const cellOf = (page: Page, mark: string, column: number) => page.getByRole('row').filter({ hasText: mark }).getByRole('gridcell').nth(column);

test('the table is found, walked and typed in by keys, and what was done is undone', async ({ page }) => {
  const job: JobTree = await ownJob(page);
  await page.goto(`/jobs/${job.id}/walk`);
  await expect(page.getByRole('button', { name: /Next as this/ })).toBeVisible();
  await page.keyboard.press('/');
  const search = page.getByLabel('Find by mark, place or word');
  await expect(search).toBeFocused();
  await search.fill('wash hall');
  await expect(page.getByRole('row')).toHaveCount(4);
  await search.fill('WH-0');
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('checkbox', { name: 'Note' }).check();
  await page.getByRole('checkbox', { name: 'How wet is it?' }).check();
  await page.getByRole('button', { name: 'Columns' }).click();
  await cellOf(page, 'WH-01', 1).click({ position: { x: 85, y: 18 } });
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await page.getByLabel('Note of WH-01').fill('by the door');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.getByLabel('Note of WH-02').fill('under the bench');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await page.getByLabel('How wet is it? of WH-02').selectOption('damp');
  await page.keyboard.press('Enter');
  await allSaved(page);
  const noted = (await defectsOf(page, job.id)).filter((d) => d.note !== undefined && d.mark.startsWith('WH'));
  expect(noted.map((d) => [d.mark, d.note])).toEqual([
    ['WH-01', 'by the door'],
    ['WH-02', 'under the bench'],
  ]);
  expect(noted[1]?.facts['moisture']?.value).toBe('damp');

  // all that are shown are chosen, answered at once, moved, deleted; each is undone
  await page.getByRole('checkbox', { name: 'Choose all that are shown' }).check();
  await page.getByRole('combobox', { name: 'Answer' }).selectOption({ label: 'What goes over it?' });
  await page.getByRole('combobox', { name: 'with' }).selectOption({ label: 'hard wheels' });
  await expect(page.getByText('3 repairs changed')).toBeVisible();
  await allSaved(page);
  const over = async () => (await defectsOf(page, job.id)).filter((d) => d.mark.startsWith('WH')).map((d) => d.facts['traffic']?.value);
  expect(await over()).toEqual(['hard-wheels', 'hard-wheels', 'hard-wheels']);
  await page.getByRole('button', { name: /Undo/ }).click();
  await allSaved(page);
  await expect.poll(over).not.toEqual(['hard-wheels', 'hard-wheels', 'hard-wheels']);

  // one alone goes earlier or later in its area
  const order = async () => (await wholeOf(page, job.id)).areas.find((a) => a.name === 'Wash hall')?.defects.map((d) => d.mark);
  expect(await order()).toEqual(['WH-01', 'WH-02', 'WH-03']);
  for (const mark of ['WH-01', 'WH-02']) await page.getByRole('checkbox', { name: `Choose ${mark}` }).uncheck();
  await page.getByRole('button', { name: 'Earlier' }).click();
  await expect.poll(order).toEqual(['WH-01', 'WH-03', 'WH-02']);
  await page.getByRole('button', { name: 'Later' }).click();
  await expect.poll(order).toEqual(['WH-01', 'WH-02', 'WH-03']);
  await expect(page.getByRole('button', { name: 'Later' })).toBeDisabled();
  await page.getByRole('checkbox', { name: 'Choose all that are shown' }).check();

  const inWash = async () => (await wholeOf(page, job.id)).areas.find((a) => a.name === 'Wash hall')?.defects.map((d) => d.mark);
  const was = await inWash();
  await page.getByRole('combobox', { name: 'Move to' }).selectOption({ label: 'Boiler room' });
  await expect(page.getByText('3 repairs moved')).toBeVisible();
  await expect.poll(inWash).toEqual([]);
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect.poll(inWash).toEqual(was);

  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText('3 repairs deleted')).toBeVisible();
  await expect.poll(inWash).toEqual([]);
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect.poll(inWash).toEqual(was);
  await removeJob(page, job.id);
});
