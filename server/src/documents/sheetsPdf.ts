import { areaWords, mixLines, fullDate, cautionsOn, crewWords, handsOf, whoWords } from '@oddment/core';
import {
  answersSentence,
  cite,
  firstsTitle,
  factSaying,
  kindOf,
  relevantAsks,
  show,
  sheetOf,
  fullDay,
  stepRows,
  tell,
  type Figure,
  type Job,
  type Mix,
  type RepairPlan,
  type Saying,
  type Section,
  type Sheet,
  type SheetWork,
  type PlannedPlan,
  type SurveyedPlan,
  type Telling,
} from '@oddment/core';
import { print, notesHeight, sectionDrawing, svgText } from '@oddment/drawing';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { contentsOf } from './jobContents.ts';
import type { AreaPicture } from './pdfTask.ts';
import { plansOfAreas } from './planPages.ts';
import { documentFont as family, pdfOf, tableRule as rule, type Part, type Setting } from './pdfDocument.ts';

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
    table: {
      widths: ['*'],
      body: [
        [
          {
            text: [
              { text: `${s.open ? 'STOP' : 'Decided'}: ${s.title}. `, bold: true },
              text(s.why),
              s.decision ? ` ${s.decision.who}, ${s.decision.capacity}, ${fullDate(s.decision.on)}: ${s.decision.what}` : ` Who decides: ${s.who}.`,
              ` (${cite(s.source)})`,
            ],
          },
        ],
      ],
    },
    margin: [0, 3, 0, 0],
  }));
}

function firstContent({ text }: Words, { firsts = [] }: Sheet): Content[] {
  if (firsts.length === 0) return [];
  return [heading(firstsTitle), { ul: firsts.map((f) => ({ text: [{ text: `${f.title}. `, bold: true }, `${text(f.what)} (${f.who})`] })) }];
}

const careOf = (titles: readonly string[]) => ({ text: titles.length === 0 ? '' : ` (care: ${titles.join(', ')})`, bold: true, color: '#444444' });

function stepTable({ text, how }: Words, work: SheetWork): Content {
  const body = stepRows(work.schedule, how).flatMap(({ day, time, timed, latest, more }): TableCell[][] => [
    ...(day === undefined ? [] : [[{ text: day, bold: true, colSpan: 2, margin: [0, 3, 0, 0] as [number, number, number, number] }, '']]),
    [
      {
        columns: [
          { width: 11, canvas: [{ type: 'rect', x: 0, y: 2, w: 6, h: 6, lineWidth: 0.7 }] },
          { width: '*', text: time, bold: true },
        ],
      },
      {
        text: [
          { text: text(timed.step.title), bold: true },
          `: ${text(timed.step.detail)}`,
          { text: latest === undefined ? '' : `; begin before ${latest}`, bold: true },
          more.length === 0 ? '. ' : `; then section ${more.map((m) => `${String(m.section)} at ${m.time}`).join(', ')}. `,
          { text: text(timed.step.look), italics: true },
          careOf(cautionsOn(work.cautions, timed.step.id)),
        ],
      },
    ],
  ]);
  return { table: { widths: [46, '*'], body, dontBreakRows: true }, layout: rule };
}

function quantities({ figure }: Words, work: SheetWork): Content {
  return {
    table: {
      widths: ['*', 'auto'],
      body: work.quantities.map((q) => [q.label, { text: figure(q.figure), bold: true, alignment: 'right' as const, noWrap: true }]),
    },
    layout: rule,
  };
}

/** What is mixed, in batches that are placed within their working time. */
function mixContent({ text, figure }: Words, mixes: readonly Mix[]): Content[] {
  return mixes.flatMap((m): Content[] => [
    heading(`${m.title}, ${figure(m.total)}${m.batches.value > 1 ? ` in ${figure(m.batches)} batches` : ''}`),
    { table: { widths: ['*', 'auto'], body: m.parts.map((p) => [p.what, { text: figure(p.amount), bold: true, alignment: 'right' as const }]) }, layout: rule },
    { ul: [...(m.within ? [`Placed within ${figure(m.within)}.`] : []), ...mixLines(m).map((one) => text(one))] },
  ]);
}

function workContent(words: Words, work: SheetWork, set: Setting): Content[] {
  const { text, figure } = words;
  return [
    heading(
      `${work.title}, ${work.named}${work.by === 'proposal' ? ' (proposed, not chosen yet)' : ''}: ${figure(work.schedule.total)}, ${figure(work.schedule.handsOn)} by hand`,
    ),
    ...(work.reason === undefined ? [] : [`Chosen against the verdict, because: ${work.reason}`]),
    ...work.cares.map((c): Content => ({ text: [{ text: `Care, ${c.title.toLowerCase()}: `, bold: true }, `${text(c.why)}. (${cite(c.source)})`] })),
    stepTable(words, work),
    {
      columns: [
        { width: '30%', stack: [heading('Quantities'), quantities(words, work)] },
        ...(work.mixes?.length ? [{ width: '28%', stack: mixContent(words, work.mixes) }] : []),
        {
          width: '*',
          stack: [
            heading('Cautions'),
            { ul: work.cautions.map((c) => ({ text: [{ text: `${c.title}. `, bold: true }, `${text(c.text)} (${cite(c.source)})`] })) },
          ],
        },
      ],
      columnGap: 14,
      ...(set === 'broken' && { pageBreak: 'before' as const }),
    },
  ];
}

type Titled = Pick<Sheet, 'mark' | 'title' | 'area' | 'site' | 'client' | 'timeZone' | 'startAt' | 'people' | 'crew'>;

function titleContent({ mark, title, area, site, client, timeZone, startAt, people, crew }: Titled): Content {
  return {
    text: [
      { text: `${mark}, ${title}`, bold: true, fontSize: 14 },
      `   ${area}, ${site}${client === '' ? '' : ` for ${client}`}   ${fullDay(startAt, timeZone)}, ${whoWords({ people, crew })}`,
    ],
  };
}

/** what a camera reads at the head of a sheet: where the sheet is as it is now */
const codePx = 50;

/** The head of a sheet; with the code that leads back to it beside, where there is an address. */
function headed(head: readonly Content[], address: string | undefined): Content[] {
  if (address === undefined) return [...head];
  return [
    {
      columns: [
        { stack: [...head], width: '*' },
        { qr: address, fit: codePx, eccLevel: 'L', width: codePx },
      ],
      columnGap: 8,
    },
  ];
}

/** What stands over the sheet of an issued plan: when and by whom, and why it is not gone on from where that is so. */
interface Issued {
  readonly issued: string;
  readonly over?: string;
  /** where it is read in the browser */
  readonly address?: string;
}

/** A drawing across the page, as high as its notes take and no lower than so many px. */
function drawn(section: Section, how: Telling, prefix: string, leastPx: number): Content {
  const o = { ...how, width: 720, palette: print, prefix, font: family, rimless: true, dense: true } as const;
  return { svg: svgText(sectionDrawing(section, { ...o, height: Math.max(leastPx, notesHeight(section.notes, o)) })), width: 535, margin: [0, 4, 0, 0] };
}

function sheetContent(sheet: Sheet, how: Telling, set: Setting, { issued, over, address }: Partial<Issued> = {}): Content[] {
  const words: Words = { how, text: (saying) => tell(saying, how), figure: (f) => show(f, how.units).text };
  return [
    ...headed(
      [
        titleContent(sheet),
        ...(issued === undefined ? [] : [{ text: issued, bold: true }]),
        // a page has no room for a table of them: on paper they are a sentence
        `${words.text(sheet.found)} ${answersSentence(sheet)}`,
      ],
      address,
    ),
    ...(over === undefined
      ? []
      : [
          {
            table: { widths: ['*'], body: [[{ text: over, bold: true, margin: [4, 3, 4, 3] as [number, number, number, number] }]] },
            margin: [0, 4, 0, 4] as [number, number, number, number],
          },
        ]),
    ...(sheet.lacks ?? []).map((lack): Content => ({ text: words.text(lack), bold: true })),
    ...stopContent(words, sheet),
    ...firstContent(words, sheet),
    drawn(sheet.section, how, 'p', set === 'usual' ? 132 : 100),
    ...(sheet.more ?? []).map((section, i): Content => drawn(section, how, `q${String(i)}`, 250)),
    ...(sheet.work ? workContent(words, sheet.work, set) : [{ text: words.text(sheet.nothing ?? []), bold: true }]),
    { text: sheet.advice, fontSize: 8, margin: [0, 6, 0, 0] },
  ];
}

/** What was measured and answered, as a table; where it is not judged yet that is all there is. */
function measuredContent(plan: SurveyedPlan | PlannedPlan, how: Telling): Content[] {
  return [
    heading('As measured'),
    {
      table: {
        widths: ['*', 'auto'],
        body: plan.surveyed.measured.map((m) => [m.label, { text: show(m.figure, how.units).text, bold: true, alignment: 'right' as const }]),
      },
      layout: rule,
    },
    {
      table: {
        widths: ['*', '*'],
        body: relevantAsks(kindOf(plan.defect.kind), plan.defect.facts).flatMap((ask) => {
          const fact = plan.defect.facts[ask.field];
          return fact ? [[ask.question, tell(factSaying(ask, fact), how)]] : [];
        }),
      },
      layout: rule,
      margin: [0, 6, 0, 0],
    },
  ];
}

const titleOf = (plan: RepairPlan): string => kindOf(plan.defect.kind).title;

function planContent(plan: RepairPlan, job: Job, how: Telling, set: Setting, address: string | undefined): Content[] {
  if (plan.state === 'planned') {
    const sheet = sheetOf(plan, job);
    return [...sheetContent(sheet, how, set, address === undefined ? {} : { address }), ...(sheet.work ? [] : measuredContent(plan, how))];
  }
  const title = titleContent({
    ...job,
    people: handsOf(job.crew),
    crew: crewWords(job.crew),
    mark: plan.defect.mark,
    title: titleOf(plan),
    area: areaWords(plan.area),
  });
  if (plan.state === 'surveyed') return [...headed([title], address), ...measuredContent(plan, how)];
  return [...headed([title], address), `Still to answer: ${[...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.question).join('; ')}`];
}

/**
 * The sheets of plans as one PDF, pages of its own for each repair: whole shipped fonts, vector drawing, readable in
 * black and white. Several have a contents page by area; on it stands what of them has no plan yet, which needs no sheet.
 * @param onDrawn told the share that is drawn
 * @param base where the page of this server is opened, such as `https://repairs.example`: each sheet leads back to itself
 * @param pictures of areas, shown behind the contents with where the repairs lie on them
 * @returns the bytes of the file
 */
export function plansPdf(
  plans: readonly RepairPlan[],
  job: Job,
  how: Telling,
  onDrawn: (done: number) => void = () => undefined,
  { base, pictures = [] }: { readonly base?: string; readonly pictures?: readonly AreaPicture[] } = {},
): Promise<Buffer> {
  const sheets = plans.length > 1 ? plans.filter((p) => p.state !== 'incomplete') : plans;
  const foot = (plan: RepairPlan) => `${plan.defect.mark}, ${plan.area.name}, ${job.site}`;
  const parts: Part[] = sheets.map((plan) => ({
    name: foot(plan),
    content: (set) => planContent(plan, job, how, set, base && `${base}/jobs/${job.id}/sheet/${plan.defect.id}`),
  }));
  const partOf = (id: string) => {
    const at = sheets.findIndex((p) => p.defect.id === id);
    return at < 0 ? undefined : at + 1;
  };
  const contents: Part = { name: `${job.site}, contents`, content: () => [...contentsOf(plans, titleOf, job, how, partOf), ...plansOfAreas(job, pictures)] };
  const nothing: Part = { name: job.site, content: () => ['Nothing was found in this job yet.'] };
  return pdfOf(
    `${job.site}: ${plans.map((p) => p.defect.mark).join(', ')}`,
    plans.length === 0 ? [nothing] : plans.length > 1 ? [contents, ...parts] : parts,
    onDrawn,
  );
}

/** An issued plan as it was kept, with when and by whom it was issued. */
export function issuedPdf(sheet: Sheet, how: Telling, issued: Issued, onDrawn: (done: number) => void = () => undefined): Promise<Buffer> {
  const name = `${sheet.mark}, ${sheet.area}, ${sheet.site}`;
  return pdfOf(`${sheet.site}: ${sheet.mark}`, [{ name, content: (set) => sheetContent(sheet, how, set, issued) }], onDrawn);
}
