import { cite, factSaying, kindOf, matchWords, noMethodYet, relevantAsks, show, sheetOf, siteDateTime, stepRows, tell, type Figure, type Job, type RepairPlan, type Saying, type Sheet, type SheetWork, type Telling } from '@oddment/core';
import { print, sectionDrawing, svgText } from '@oddment/drawing';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';

const family = 'Atkinson';
const files = dirname(createRequire(import.meta.url).resolve('@expo-google-fonts/atkinson-hyperlegible-next/package.json'));
const face = (name: string) => join(files, name, `AtkinsonHyperlegibleNext_${name}.ttf`);

// whole fonts that ship with it: no subset, no network, nothing read but these
pdfmake.setFonts({ [family]: { normal: face('400Regular'), bold: face('700Bold'), italics: face('400Regular_Italic'), bolditalics: face('700Bold_Italic') } });
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(files));

const rule = { hLineWidth: (i: number) => (i === 0 ? 0 : 0.5), vLineWidth: () => 0, hLineColor: () => '#999999', paddingTop: () => 1, paddingBottom: () => 1, paddingLeft: () => 0, paddingRight: () => 6 };

/** How a sheet is told. */
interface Words {
  readonly how: Telling;
  readonly text: (saying: Saying) => string;
  readonly figure: (figure: Figure) => string;
}

function heading(words: string): Content {
  return { text: words, bold: true, fontSize: 11, margin: [0, 5, 0, 1] };
}

function stopContent({ text }: Words, { stops }: Sheet): Content[] {
  return stops.map((s) => ({
    table: { widths: ['*'], body: [[{ text: [{ text: `${s.open ? 'STOP' : 'Decided'}: ${s.title}. `, bold: true }, text(s.why), s.decision ? ` ${s.decision.who}, ${s.decision.capacity}, ${s.decision.on}: ${s.decision.what}` : ` Who decides: ${s.who}.`, ` (${cite(s.source)})`] }]] },
    margin: [0, 3, 0, 0],
  }));
}

function stepTable({ text, how }: Words, work: SheetWork): Content {
  const body = stepRows(work.schedule, how).map(({ time, timed, latest, more }): TableCell[] => [
    { columns: [{ width: 11, canvas: [{ type: 'rect', x: 0, y: 2, w: 6, h: 6, lineWidth: 0.7 }] }, { width: '*', text: time, bold: true }] },
    {
      text: [
        { text: text(timed.step.title), bold: true },
        `: ${text(timed.step.detail)}`,
        { text: latest === undefined ? '' : `; begin before ${latest}`, bold: true },
        more.length === 0 ? '. ' : `; then section ${more.map((m) => `${String(m.section)} at ${m.time}`).join(', ')}. `,
        { text: text(timed.step.look), italics: true },
      ],
    },
  ]);
  return { table: { widths: [46, '*'], body }, layout: rule };
}

function quantities({ figure }: Words, work: SheetWork): Content {
  return { table: { widths: ['*', 'auto'], body: work.quantities.map((q) => [q.label, { text: figure(q.figure), bold: true, alignment: 'right' as const }]) }, layout: rule };
}

function workContent(words: Words, work: SheetWork): Content[] {
  const { text, figure } = words;
  return [
    heading(`${work.title}, ${work.named}${work.by === 'proposal' ? ' (proposed, not chosen yet)' : ''}: ${figure(work.schedule.total)}, ${figure(work.schedule.handsOn)} by hand`),
    ...(work.reason === undefined ? [] : [`Chosen against the verdict, because: ${work.reason}`]),
    ...work.cares.map((c): Content => ({ text: [{ text: `Care, ${c.title.toLowerCase()}: `, bold: true }, `${text(c.why)}. (${cite(c.source)})`] })),
    stepTable(words, work),
    {
      columns: [
        { width: '42%', stack: [heading('Quantities'), quantities(words, work)] },
        { width: '*', stack: [heading('Cautions'), { ul: work.cautions.map((c) => ({ text: [{ text: `${c.title}. `, bold: true }, `${text(c.text)} (${cite(c.source)})`] })) }] },
      ],
      columnGap: 14,
    },
  ];
}

type Titled = Pick<Sheet, 'mark' | 'title' | 'area' | 'site' | 'client' | 'timeZone' | 'startAt' | 'people'>;

function titleContent({ mark, title, area, site, client, timeZone, startAt, people }: Titled, first: boolean): Content {
  return {
    text: [{ text: `${mark}, ${title}`, bold: true, fontSize: 14 }, `   ${area}, ${site}${client === '' ? '' : ` for ${client}`}   ${siteDateTime(startAt, timeZone).date}, ${people === 1 ? 'one person' : 'a pair'}`],
    ...(!first && { pageBreak: 'before' as const }),
  };
}

function sheetContent(sheet: Sheet, how: Telling, first: boolean, issued?: string): Content[] {
  const words: Words = { how, text: (saying) => tell(saying, how), figure: (f) => show(f, how.units).text };
  return [
    titleContent(sheet, first),
    ...(issued === undefined ? [] : [{ text: issued, bold: true }]),
    `${words.text(sheet.found)} ${sheet.answers.join(', ')}.`,
    ...stopContent(words, sheet),
    { svg: svgText(sectionDrawing(sheet.section, { ...how, width: 720, height: 286, palette: print, prefix: 'p', font: family, rimless: true })), width: 535, margin: [0, 6, 0, 0] },
    ...(sheet.work ? workContent(words, sheet.work) : [{ text: words.text(sheet.nothing ?? []), bold: true }]),
    { text: sheet.advice, fontSize: 8, margin: [0, 6, 0, 0] },
  ];
}

function planContent(plan: RepairPlan, job: Job, how: Telling, first: boolean): Content[] {
  if (plan.state === 'judged') return sheetContent(sheetOf(plan, job), how, first);
  const title = titleContent({ ...job, mark: plan.defect.mark, title: kindOf(plan.defect.kind).title, area: plan.area.name }, first);
  if (plan.state === 'surveyed') {
    const words: Words = { how, text: (saying) => tell(saying, how), figure: (f) => show(f, how.units).text };
    return [
      title,
      ...(plan.match ? [{ text: tell(matchWords(plan.match), how) }, ...plan.match.stops.filter((s) => s.open).map((s) => ({ text: `Stop: ${s.title}. ${tell(s.why, how)} Who decides: ${s.who}.`, bold: true })), ...(plan.match.chosen ? [{ ul: plan.match.cautionsOf(plan.match.chosen.candidate).map((c) => ({ text: [{ text: `${c.title}. `, bold: true }, `${tell(c.text, how)} (${cite(c.source)})`] })) }] : [])] : []),
      { text: tell(noMethodYet(kindOf(plan.defect.kind)), how), italics: true },
      ...(plan.section ? [{ svg: svgText(sectionDrawing(plan.section, { ...how, width: 720, height: 360, palette: print, prefix: 'p', font: family, rimless: true })), width: 535, margin: [0, 6, 0, 0] as [number, number, number, number] }] : []),
      heading('As measured'),
      { table: { widths: ['*', 'auto'], body: plan.surveyed.measured.map((m) => [m.label, { text: words.figure(m.figure), bold: true, alignment: 'right' as const }]) }, layout: rule },
      { table: { widths: ['*', '*'], body: relevantAsks(kindOf(plan.defect.kind), plan.defect.facts).flatMap((ask) => { const fact = plan.defect.facts[ask.field]; return fact ? [[ask.question, words.text(factSaying(ask, fact))]] : []; }) }, layout: rule, margin: [0, 6, 0, 0] },
      { text: plan.advice, fontSize: 8, margin: [0, 6, 0, 0] },
    ];
  }
  return [title, `Still to answer: ${[...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.question).join('; ')}`];
}

function pdfOf(title: string, content: Content[], onDrawn: (done: number) => void): Promise<Buffer> {
  const definition: TDocumentDefinitions = {
    info: { title },
    language: 'en-US',
    pageSize: 'A4',
    pageMargins: [30, 24, 30, 20],
    defaultStyle: { font: family, fontSize: 8.5, lineHeight: 1.05 },
    content,
  };
  pdfmake.setProgressCallback(onDrawn);
  return pdfmake.createPdf(definition).getBuffer();
}

/**
 * The sheets of plans as one PDF, a page a repair: whole shipped fonts, vector drawing, readable in black
 * and white.
 * @param onDrawn told the share that is drawn
 * @returns the bytes of the file
 */
export function plansPdf(plans: readonly RepairPlan[], job: Job, how: Telling, onDrawn: (done: number) => void = () => undefined): Promise<Buffer> {
  return pdfOf(`${job.site}: ${plans.map((p) => p.defect.mark).join(', ')}`, plans.length === 0 ? ['Nothing was found in this job yet.'] : plans.flatMap((plan, i) => planContent(plan, job, how, i === 0)), onDrawn);
}

/** An issued plan as it was kept, with when and by whom it was issued. */
export function issuedPdf(sheet: Sheet, how: Telling, issued: string, onDrawn: (done: number) => void = () => undefined): Promise<Buffer> {
  return pdfOf(`${sheet.site}: ${sheet.mark}`, sheetContent(sheet, how, true, issued), onDrawn);
}
