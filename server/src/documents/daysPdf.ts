import { beforeWork, clockTime, dayName, elsewhereSaid, endOfDay, tell, type DaysRecord } from '@oddment/core';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { pdfOf, tableRule, type Part } from './pdfDocument.ts';
import type { PdfTask } from './pdfTask.ts';

type DaysTask = Extract<PdfTask, { kind: 'days' }>;
type PersonDay = DaysRecord['days'][number]['people'][number];

const heading = (text: string): Content => ({ text, bold: true, fontSize: 11, margin: [0, 6, 0, 1] });

/** The lines of somebody's day: a box to tick, when, where, what. */
function lines({ blocks, idle }: PersonDay, at: (moment: string) => string): TableCell[][] {
  let place = '';
  return blocks.flatMap((b): TableCell[][] => {
    const head: TableCell[][] = b.place === place ? [] : [[{ text: b.place, bold: true, colSpan: 2, margin: [0, 3, 0, 0] }, '']];
    place = b.place;
    const before = beforeWork(b);
    const waits = idle
      .filter((i) => i.to === b.from)
      .map((i): TableCell[] => [at(i.from), { text: `nothing to do for ${String(i.minutes)} min`, color: '#555555' }]);
    return [
      ...waits,
      ...head,
      [
        {
          columns: [
            { width: 11, canvas: [{ type: 'rect', x: 0, y: 2, w: 6, h: 6, lineWidth: 0.7 }] },
            { width: '*', text: at(b.from), bold: true },
          ],
        },
        {
          text: [
            { text: `${b.mark} ${b.title}`, bold: true },
            `, until ${at(b.end)}`,
            { text: b.latest === undefined ? '' : `; begin by ${at(b.latest)}`, bold: true },
            before === '' ? '' : `. Before it: ${before}`,
            b.mix === undefined ? '' : `. ${b.mix}`,
            b.beside.length === 0 ? '' : `. With ${b.beside.join(' and ')}`,
            b.awayMin > 0 ? `. Then clear ${b.place} away, ${String(b.awayMin)} min` : '',
            '.',
          ],
        },
      ],
    ];
  });
}

/** A page for each person and day: where, with what access, what to take along, and what is done when. */
export function daysPdf({ days, site, client, units, kept, access, date, person }: DaysTask, onDrawn: (done: number) => void): Promise<Buffer> {
  const pages = days.days
    .filter((d) => date === undefined || d.date === date)
    .flatMap((d) => d.people.filter((p) => person === undefined || p.person === person).map((p) => ({ d, p })));
  const parts = pages.map(({ d, p }): Part => {
    const first = p.blocks[0]?.from ?? days.startAt;
    const at = (moment: string) => clockTime(moment, { timeZone: days.timeZone, day: first });
    const how = { units, timeZone: days.timeZone, day: first };
    const end = endOfDay(days, d.date, p.person).map((s) => tell(s, how));
    const places = [...new Set(p.blocks.map((b) => b.place))];
    const name = `${dayName(first, days.timeZone)}: ${p.name}`;
    return {
      name: `${name}, ${site}`,
      content: () => [
        { text: name, bold: true, fontSize: 16 },
        { text: `${site}, ${client}` },
        ...(p.elsewhere ?? []).map((e): Content => ({ text: tell(elsewhereSaid(e), how), margin: [0, 2, 0, 0] })),
        heading('Where'),
        { ul: places.map((name) => `${name}${access[name] === undefined ? '' : `: ${access[name]}`}`) },
        heading('What to take along'),
        { text: p.take.tools.join(', ') },
        ...(p.take.stuff.length > 0 ? [{ text: `${p.take.stuff.join('; ')}.`, margin: [0, 2, 0, 0] as [number, number, number, number] }] : []),
        ...(p.take.wear === undefined ? [] : [{ text: p.take.wear, margin: [0, 2, 0, 0] as [number, number, number, number] }]),
        heading('What is done when'),
        { table: { widths: [46, '*'], body: lines(p, at), dontBreakRows: true }, layout: tableRule },
        ...(end.length > 0 ? [heading('The end of the day'), { ul: end }] : []),
        { text: kept, fontSize: 7.5, color: '#555555', margin: [0, 6, 0, 0] },
      ],
    };
  });
  return pdfOf(`Days, ${site}`, parts.length > 0 ? parts : [{ name: site, content: () => ['Nobody works then.'] }], onDrawn);
}
