import type { JobRecord } from '@oddment/contracts';
import { show, usualHouseRules, type UnitSystem } from '@oddment/core';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { judged, planInput, type Setting } from '../../../core/test/cracks.ts';
import { sheetsPdf } from './sheetsPdf.ts';

function jobOf(...settings: readonly Setting[]): JobRecord {
  const { job, area } = planInput();
  const defects = settings.map((s, i) => ({ ...planInput(s).defect, id: `d${String(i)}`, mark: `T-0${String(i + 1)}`, version: 1 }));
  return { ...job, version: 1, areas: [{ ...area, version: 1, defects }] };
}

async function textOf(pdf: Buffer): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let n = 1; n <= document.numPages; n++) {
    const { items } = await (await document.getPage(n)).getTextContent();
    pages.push(items.map((item) => ('str' in item ? item.str : '')).join(' ').replaceAll(/\s+/g, ' '));
  }
  return pages;
}

const worn: Setting = { answers: { traffic: 'hard-wheels', finish: 'thin-coating' } };

describe('the sheets as PDF', () => {
  it.each<UnitSystem>(['metric', 'us'])('hold the same dimensions as the page, on one page (%s)', async (units) => {
    const pages = await textOf(await sheetsPdf(jobOf(worn), usualHouseRules, { units }));
    expect(pages).toHaveLength(1);
    for (const d of judged(worn).section.dimensions) expect(pages[0]).toContain(show(d.figure, units).text);
    const { repair } = judged(worn);
    if (!repair) throw new Error('no method');
    for (const f of [repair.batch.resinPlaced, repair.batch.sandPlaced, repair.schedule.total, repair.method.lifts.filled]) expect(pages[0]).toContain(show(f, units).text);
    for (const words of ['Chase', 'Silica dust', 'begin before', 'as recalled, check the current text', 'gives no structural, medical or legal advice', 'ground flush from']) expect(pages[0]).toContain(words);
  });

  it('hold a page a repair: those that stop and those with questions open too', async () => {
    const pages = await textOf(await sheetsPdf(jobOf(worn, { answers: { ground: 'rocks' } }, { answers: { traffic: undefined } }), usualHouseRules, { units: 'metric' }));
    expect(pages).toHaveLength(3);
    expect(pages[1]).toContain('STOP: It rocks');
    expect(pages[1]).toContain('The plan stops here until it is decided and recorded.');
    expect(pages[2]).toContain('Still to answer: What goes over it?');
  });

  it('hold one repair where one is asked for, and say so where there is none', async () => {
    const job = jobOf(worn, { answers: { ground: 'rocks' } });
    expect(await textOf(await sheetsPdf(job, usualHouseRules, { units: 'metric', defectId: 'd1' }))).toHaveLength(1);
    expect((await textOf(await sheetsPdf({ ...job, areas: [] }, usualHouseRules, { units: 'metric' })))[0]).toContain('Nothing was found in this job yet.');
  });

  it('ship their fonts, and draw the section as lines, not as a picture', async () => {
    const raw = (await sheetsPdf(jobOf(worn), usualHouseRules, { units: 'metric' })).toString('latin1');
    expect(raw).toContain('/FontFile2');
    expect(raw).not.toContain('/Subtype /Image');
  });

  it('carry the reason of a choice against the verdict', async () => {
    const [page] = await textOf(await sheetsPdf(jobOf({ answers: { moisture: 'damp' }, defect: { choice: { system: 'rapid-crack-resin', reason: 'dried since' } } }), usualHouseRules, { units: 'metric' }));
    expect(page).toContain('Chosen against the verdict, because: dried since');
  });
});
