import { areaWords, crewWords, fullDay, show, sheetOf, tell, type Job, type RepairPlan, type Telling } from '@oddment/core';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { partId, tableRule } from './pdfDocument.ts';

const right = (text: string): TableCell => ({ text, alignment: 'right', noWrap: true });

/** What is done at a repair, how long it takes, and by hand; or what it waits for. */
function doneWith(plan: RepairPlan, job: Job, how: Telling): TableCell[] {
  const wide = (text: string): TableCell[] => [{ text, colSpan: 3 }, '', ''];
  if (plan.state === 'incomplete') {
    const open = [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.question);
    return wide(open.length > 0 ? `Still to answer: ${open.join('; ')}` : 'Something in the answers cannot be.');
  }
  if (plan.state === 'surveyed') return wide('Measured; its area is still to be measured.');
  const sheet = sheetOf(plan, job);
  const stops = sheet.stops.filter((s) => s.open).map((s) => s.title);
  if (!sheet.work) return wide(stops.length > 0 ? `STOP: ${stops.join('; ')}` : tell(sheet.nothing ?? [], how));
  return [
    `${sheet.work.title}${sheet.work.by === 'proposal' ? ' (proposed)' : ''}${stops.length > 0 ? `. STOP: ${stops.join('; ')}` : ''}`,
    right(show(sheet.work.schedule.total, how.units).text),
    right(show(sheet.work.schedule.handsOn, how.units).text),
  ];
}

/**
 * The first page of the sheets of a job: what there is, by area, with the page of each.
 * @param partOf which part of the document a repair is; nothing where it has none
 */
export function contentsOf(
  plans: readonly RepairPlan[],
  titleOf: (plan: RepairPlan) => string,
  job: Job,
  how: Telling,
  partOf: (id: string) => number | undefined,
): Content[] {
  const areas = [...new Set(plans.map((p) => p.area.id))];
  const body = areas.flatMap((id): TableCell[][] => {
    const own = plans.filter((p) => p.area.id === id);
    return [
      [{ text: own[0] ? areaWords(own[0].area) : '', bold: true, fontSize: 10.5, colSpan: 6, margin: [0, 6, 0, 0] }, '', '', '', '', ''],
      ...own.map((plan): TableCell[] => {
        const part = partOf(plan.defect.id);
        return [
          { text: plan.defect.mark, bold: true },
          titleOf(plan),
          ...doneWith(plan, job, how),
          part === undefined ? '' : { text: [{ pageReference: partId(part) }], alignment: 'right', noWrap: true },
        ];
      }),
    ];
  });
  const head = ['Mark', 'What', 'How', 'takes', 'by hand', 'page'].map((text, i): TableCell => ({
    text,
    color: '#444444',
    alignment: i > 2 ? 'right' : 'left',
  }));
  return [
    { text: job.site, bold: true, fontSize: 16 },
    `${job.client === '' ? '' : `For ${job.client}. `}From ${fullDay(job.startAt, job.timeZone)}, ${crewWords(job.crew)}.`,
    // the page number is laid out as five digits before it is known
    { table: { widths: [46, 130, '*', 50, 50, 34], headerRows: 1, dontBreakRows: true, body: [head, ...body] }, layout: tableRule, margin: [0, 6, 0, 0] },
  ];
}
