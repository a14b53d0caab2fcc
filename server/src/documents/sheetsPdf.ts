import type { JobRecord } from '@oddment/contracts';
import { choiceLabel, cite, defectKinds, planRepair, relevantAsks, show, siteDateTime, stepRows, tell, type Figure, type HouseRules, type JudgedPlan, type Repair, type RepairPlan, type Saying, type Telling, type UnitSystem } from '@oddment/core';
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

/** One sheet being made: a plan, and how it is told. */
interface Sheet {
  readonly how: Telling;
  readonly text: (saying: Saying) => string;
  readonly figure: (figure: Figure) => string;
}

function heading(words: string): Content {
  return { text: words, bold: true, fontSize: 11, margin: [0, 5, 0, 1] };
}

function stopContent({ text }: Sheet, plan: JudgedPlan): Content[] {
  return plan.stops.map((s) => ({
    table: { widths: ['*'], body: [[{ text: [{ text: `${s.open ? 'STOP' : 'Decided'}: ${s.title}. `, bold: true }, text(s.why), s.decision ? ` ${s.decision.who}, ${s.decision.capacity}, ${s.decision.on}: ${s.decision.what}` : ` Who decides: ${s.who}.`, ` (${cite(s.source)})`] }]] },
    margin: [0, 3, 0, 0],
  }));
}

function stepTable({ text, how }: Sheet, repair: Repair): Content {
  const body = stepRows(repair.schedule, how).map(({ time, timed, latest, more }): TableCell[] => [
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

function quantities({ figure }: Sheet, { method, batch }: Repair): Content {
  const rows: readonly (readonly [string, Figure])[] = [
    ['Groove as prepared', method.size.void], ['As filled', method.lifts.filled], ['Resin placed', batch.resinPlaced], ['Dry sand', batch.sandPlaced], ['Purged to waste', batch.waste],
    ['Cartridges', batch.cartridges], ['Static mixers', batch.mixers], ['Sections', method.sections.count], ['Purge half a mixer every', batch.purgeEvery],
  ];
  return { table: { widths: ['*', 'auto'], body: rows.map(([label, f]) => [label, { text: figure(f), bold: true, alignment: 'right' as const }]) }, layout: rule };
}

function repairContent(sheet: Sheet, plan: JudgedPlan, repair: Repair): Content[] {
  const { text, figure } = sheet;
  const { planned } = plan;
  return [
    heading(`${planned?.candidate.system.title ?? ''}, ${repair.method.size.named}${planned?.by === 'proposal' ? ' (proposed, not chosen yet)' : ''}: ${figure(repair.schedule.total)}, ${figure(repair.schedule.handsOn)} by hand`),
    ...(planned?.reason === undefined ? [] : [`Chosen against the verdict, because: ${planned.reason}`]),
    ...(planned?.candidate.against ?? []).map((v): Content => ({ text: [{ text: `Care, ${v.title.toLowerCase()}: `, bold: true }, `${text(v.reason())}. (${cite(v.source)})`] })),
    stepTable(sheet, repair),
    {
      columns: [
        { width: '42%', stack: [heading('Quantities'), quantities(sheet, repair)] },
        { width: '*', stack: [heading('Cautions'), { ul: repair.cautions.map((c) => ({ text: [{ text: `${c.title}. `, bold: true }, `${text(c.text)} (${cite(c.source)})`] })) }] },
      ],
      columnGap: 14,
    },
  ];
}

function planContent(plan: RepairPlan, job: JobRecord, how: Telling, first: boolean): Content[] {
  const table = defectKinds[plan.defect.kind];
  const title: Content = {
    text: [{ text: `${plan.defect.mark}, ${table.title}`, bold: true, fontSize: 14 }, `   ${plan.area.name}, ${job.site}${job.client === '' ? '' : ` for ${job.client}`}   ${siteDateTime(job.startAt, job.timeZone).date}, ${job.people === 1 ? 'one person' : 'a pair'}`],
    ...(!first && { pageBreak: 'before' as const }),
  };
  if (plan.state === 'incomplete') {
    return [title, `Still to answer: ${[...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.question).join('; ')}`];
  }
  const sheet: Sheet = { how, text: (saying) => tell(saying, how), figure: (f) => show(f, how.units).text };
  const { figure } = sheet;
  const { subject, repair } = plan;
  const answers = relevantAsks(table, plan.defect.facts).filter((a) => a.ask === 'choice' && plan.defect.facts[a.field] !== undefined && a.field !== 'claim');
  const widths = subject.widths.map((w, i) => `${figure(w)} at ${subject.stations[i] ? figure(subject.stations[i]) : ''}`).join(', ');
  return [
    title,
    `${figure(subject.length)} long; ${widths}; ${figure(subject.depth)} deep, slab ${figure(subject.slab)}; air ${figure(subject.airC)}, slab ${figure(subject.slabC)}, ${figure(subject.humidity)} humidity, ${figure(subject.dewMargin)} above the dew point. ${answers.map((a) => choiceLabel(table, a.field, plan.defect.facts[a.field]?.value)).join(', ')}.`,
    ...stopContent(sheet, plan),
    { svg: svgText(sectionDrawing(plan.section, { ...how, width: 720, height: 286, palette: print, prefix: 'p', font: family, rimless: true })), width: 535, margin: [0, 6, 0, 0] },
    ...(repair ? repairContent(sheet, plan, repair) : [{ text: plan.held ? 'The plan stops here until it is decided and recorded.' : 'No system with a method fits this crack as it is.', bold: true }]),
    { text: plan.advice, fontSize: 8, margin: [0, 6, 0, 0] },
  ];
}

/**
 * The sheets of a job as one PDF, a page a repair: whole shipped fonts, vector drawing, readable in black
 * and white.
 * @returns the bytes of the file
 */
export async function sheetsPdf(job: JobRecord, rules: HouseRules, options: { units: UnitSystem; defectId?: string }): Promise<Buffer> {
  const how: Telling = { units: options.units, timeZone: job.timeZone, day: job.startAt };
  const plans = job.areas.flatMap((area) => area.defects.filter((d) => options.defectId === undefined || d.id === options.defectId).map((defect) => planRepair({ job, area, defect, rules })));
  const definition: TDocumentDefinitions = {
    info: { title: `${job.site}: ${plans.map((p) => p.defect.mark).join(', ')}` },
    language: 'en-US',
    pageSize: 'A4',
    pageMargins: [30, 24, 30, 20],
    defaultStyle: { font: family, fontSize: 8.5, lineHeight: 1.05 },
    content: plans.length === 0 ? ['Nothing was found in this job yet.'] : plans.flatMap((plan, i) => planContent(plan, job, how, i === 0)),
  };
  return pdfmake.createPdf(definition).getBuffer();
}
