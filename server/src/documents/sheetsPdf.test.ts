import { planJob, readSheet, keepSheet, sheetOf, show, type Job, type UnitSystem } from '@oddment/core';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { afterAll, describe, expect, it } from 'vitest';
import { judged, planInput, type Setting } from '../../../core/test/cracks.ts';
import { pixel } from '../../test/pictures.ts';
import { endThreads, pdfOf } from '../threads.ts';
import type { PdfProgress } from './pdfTask.ts';
import { issuedPdf, plansPdf } from './sheetsPdf.ts';

function jobOf(...settings: readonly Setting[]): Job {
  const { job, area } = planInput();
  const defects = settings.map((s, i) => ({ ...planInput(s).defect, id: `d${String(i)}`, mark: `T-0${String(i + 1)}` }));
  return { ...job, areas: [{ ...area, defects }] };
}

async function textOf(pdf: Buffer): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let n = 1; n <= document.numPages; n++) {
    const { items } = await (await document.getPage(n)).getTextContent();
    pages.push(
      items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replaceAll(/\s+/g, ' '),
    );
  }
  return pages;
}

const sheetsPdf = (job: Job, units: UnitSystem = 'metric') => plansPdf(planJob(job), job, { units, timeZone: job.timeZone, day: job.startAt });
const worn: Setting = { answers: { traffic: 'hard-wheels', finish: 'thin-coating' } };

describe('the sheets as PDF', () => {
  it.each<UnitSystem>(['metric', 'us'])('hold the same dimensions as the page, on one page (%s)', async (units) => {
    const pages = await textOf(await sheetsPdf(jobOf(worn), units));
    expect(pages).toHaveLength(1);
    const work = judged(worn).work();
    if (!work) throw new Error('no method');
    for (const d of work.section.dimensions) expect(pages[0]).toContain(show(d.figure, units).text);
    for (const f of [work.schedule.total, work.schedule.handsOn, ...work.quantities.map((q) => q.figure), ...work.mixes.map((m) => m.total)])
      expect(pages[0]).toContain(show(f, units).text);
    for (const words of [
      'Chase',
      'Silica dust',
      'begin before',
      'as recalled, check the current text',
      'gives no structural, medical or legal advice',
      'ground flush from',
    ])
      expect(pages[0]).toContain(words);
  });

  it('hold a page a repair behind the contents, also those that stop; what has no plan yet needs no sheet', async () => {
    const pages = await textOf(await sheetsPdf(jobOf(worn, { answers: { ground: 'rocks' } }, { answers: { traffic: undefined } })));
    expect(pages).toHaveLength(3);
    const [contents, first, second] = pages;
    expect(contents).toMatch(/T-01 crack in the slab Rapid crack resin with sand \(proposed\) 1 h 50 min 1 h 23 min 2 /);
    expect(contents).toMatch(/T-02 crack in the slab STOP: It rocks 3 /);
    expect(contents).toContain('T-03 crack in the slab Still to answer: What goes over it?');
    expect(first).toMatch(/^T-01, crack in the slab/);
    expect(first).toMatch(/T-01, Test area, Test site page 1 of 1 2 of 3$/);
    expect(second).toContain('STOP: It rocks');
    expect(second).toContain('The plan stops here until it is decided and recorded.');
  });

  it('say what is still to answer where one alone is asked for', async () => {
    const [page, ...more] = await textOf(await sheetsPdf(jobOf({ answers: { traffic: undefined } })));
    expect(page).toContain('Still to answer: What goes over it?');
    expect(more).toEqual([]);
  });

  it('lead back to themselves by a code where it is known where that is, still on one page', async () => {
    const job = jobOf(worn);
    const how = { units: 'metric', timeZone: job.timeZone, day: job.startAt } as const;
    const plain = await plansPdf(planJob(job), job, how);
    const coded = await plansPdf(planJob(job), job, how, undefined, { base: 'https://repairs.example' });
    expect(await textOf(coded)).toHaveLength(1);
    // its modules are drawn as rectangles
    expect(coded.length).toBeGreaterThan(plain.length + 1000);
  });

  it('say so where there is nothing yet', async () => {
    expect((await textOf(await sheetsPdf({ ...jobOf(), areas: [] })))[0]).toContain('Nothing was found in this job yet.');
  });

  it('ship their fonts, and draw the section as lines, not as a picture', async () => {
    const raw = (await sheetsPdf(jobOf(worn))).toString('latin1');
    expect(raw).toContain('/FontFile2');
    expect(raw).not.toContain('/Subtype /Image');
  });

  it('carry the reason of a choice against the verdict', async () => {
    const [page] = await textOf(
      await sheetsPdf(jobOf({ answers: { moisture: 'damp' }, defect: { choice: { system: 'rapid-crack-resin', reason: 'dried since' } } })),
    );
    expect(page).toContain('Chosen against the verdict, because: dried since');
  });

  it('of a job show its plans behind the contents, with the mark of each repair that lies on them', async () => {
    const job = jobOf(worn, worn, worn);
    const [area] = job.areas;
    if (!area) throw new Error('no area');
    const spots = [{ photo: 'plan', across: 0.2, down: 0.4 }, { photo: 'plan', across: 0.9, down: 0 }, undefined];
    const marked: Job = { ...job, areas: [{ ...area, defects: area.defects.map((d, i) => ({ ...d, ...(spots[i] && { spot: spots[i] }) })) }] };
    const how = { units: 'metric', timeZone: job.timeZone, day: job.startAt } as const;
    const picture = { id: 'plan', areaId: area.id, caption: 'Seen from the door', jpeg: new Uint8Array(pixel), widthPx: 800, heightPx: 600 };
    const pdf = await plansPdf(planJob(marked), marked, how, undefined, { pictures: [picture] });
    const [contents = ''] = await textOf(pdf);
    expect(contents).toContain('Seen from the door');
    expect(['T-01', 'T-02', 'T-03'].map((mark) => contents.split(mark).length - 1)).toEqual([2, 2, 1]);
    const pictures = (one: Buffer) => one.toString('latin1').split('/DCTDecode').length - 1;
    expect([pictures(pdf), pictures(await plansPdf(planJob(marked), marked, how))]).toEqual([1, 0]);
  });
});

describe('the PDF of an issued plan', () => {
  it('is drawn from what was kept, and says when it was issued', async () => {
    const plan = judged(worn);
    const { sheet } = readSheet(keepSheet(sheetOf(plan, planInput(worn).job), plan.ledger));
    const [page] = await textOf(
      await issuedPdf(sheet, { units: 'metric', timeZone: 'UTC' }, { issued: 'Issued 2026-06-02 by Nell', over: 'Do not go on from this plan.' }),
    );
    expect(page).toContain('Issued 2026-06-02 by Nell');
    expect(page).toContain('Do not go on from this plan.');
    for (const d of plan.work()?.section.dimensions ?? []) expect(page).toContain(show(d.figure, 'metric').text);
  });
});

describe('the thread', () => {
  afterAll(endThreads);
  const task = (n: number) => ({ kind: 'plans' as const, job: jobOf(...Array<Setting>(n).fill(worn)), rules: { schools: {} }, units: 'metric' as const });

  it('makes the same pages beside the server, and tells how far it is', async () => {
    const progress: PdfProgress[] = [];
    const pages = await textOf(await pdfOf(task(3), { onProgress: (p) => progress.push(p) }));
    expect(pages).toHaveLength(4);
    expect(new Set(progress.map((p) => p.stage))).toEqual(new Set(['planning', 'layout', 'drawing']));
    const drawn = progress.filter((p) => p.stage === 'drawing').map((p) => p.done);
    expect([...drawn].sort((a, b) => a - b)).toEqual(drawn);
    expect(drawn[drawn.length - 1]).toBe(1);
  });

  it('makes one repair where one is asked for', async () => {
    expect(await textOf(await pdfOf({ ...task(2), defectId: 'd1' }))).toHaveLength(1);
  });

  it('is stopped by whoever asked, and works for the next one', async () => {
    const stop = new AbortController();
    const long = pdfOf(task(60), {
      signal: stop.signal,
      onProgress: () => {
        stop.abort();
      },
    });
    await expect(long).rejects.toThrow(/abort/i);
    expect(await textOf(await pdfOf(task(1)))).toHaveLength(1);
  });
});
