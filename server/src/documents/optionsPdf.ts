import { cite, scopes, show, fullDay, tell, type ClientOption, type ClientOptions, type Job, type Telling } from '@oddment/core';
import { print, sectionDrawing, svgText } from '@oddment/drawing';
import type { Column, Content } from 'pdfmake/interfaces.js';
import { documentFont, pdfOf, tableRule } from './pdfDocument.ts';

const heading = (text: string): Content => ({ text, bold: true, fontSize: 10, margin: [0, 6, 0, 1] });

/** One option as a column. */
function column(option: ClientOption, how: Telling, n: number): Column {
  const { scope, title, byHand, elapsed, visits, price, quantities, outlooks, cares, sheet } = option;
  const figure = (f: Parameters<typeof show>[0]) => show(f, how.units).text;
  const rows: readonly (readonly [string, string])[] = [
    ['By hand', figure(byHand)],
    ['From start to finish', figure(elapsed)],
    ...(visits ? [['Visits', figure(visits)] as const] : []),
    ...(price
      ? [
          [`Price, ${price.currency}`, figure(price.total)] as const,
          ...(price.parts.length > 1 ? price.parts.map((p) => [p.label, figure(p.figure)] as const) : []),
        ]
      : []),
  ];
  const table = (of: readonly (readonly [string, string])[]): Content => ({
    table: { widths: ['*', 'auto'], body: of.map(([label, value]) => [label, { text: value, bold: true, alignment: 'right' as const }]) },
    layout: tableRule,
  });
  return {
    width: '*',
    stack: [
      { text: scopes[scope].title, fontSize: 9, color: '#444444' },
      { text: title, bold: true, fontSize: 12 },
      { text: scopes[scope].means, italics: true },
      {
        svg: svgText(
          sectionDrawing(sheet.section, {
            ...how,
            width: 330,
            height: 200,
            palette: print,
            prefix: `o${String(n)}`,
            font: documentFont,
            rimless: true,
            bare: true,
          }),
        ),
        width: 165,
        margin: [0, 4, 0, 0],
      },
      table(rows),
      ...(price?.without === undefined ? [] : [{ text: price.without, fontSize: 7.5 }]),
      heading('What it takes'),
      table(quantities.map((q) => [q.label, figure(q.figure)])),
      heading('What it leaves behind'),
      { ul: outlooks.map((o) => o.leaves) },
      heading('How long it is expected to hold'),
      { ul: outlooks.map((o) => `${o.holds}; it rests ${o.rests} (${cite(o.source)})`) },
      ...(cares.length === 0 ? [] : [heading('With care'), { ul: cares.map((c) => tell(c, how)) }]),
    ],
  };
}

/** Options for the client as a PDF, side by side on one page. */
export function optionsPdf(options: ClientOptions, job: Job, how: Telling, onDrawn: (done: number) => void = () => undefined): Promise<Buffer> {
  const title = `${options.mark}, ${options.title}: ${options.options.length === 1 ? 'one way' : `${String(options.options.length)} ways`} to go about it`;
  const content = (): Content[] => [
    { text: title, bold: true, fontSize: 14 },
    `${options.place}${job.client === '' ? '' : `, for ${job.client}`}, ${fullDay(job.startAt, job.timeZone)}`,
    { columns: options.options.map((o, i) => column(o, how, i)), columnGap: 14, margin: [0, 8, 0, 0] },
    ...(options.notes.length === 0 ? [] : [{ ul: options.notes.map((n) => tell(n, how)), margin: [0, 8, 0, 0] as [number, number, number, number] }]),
    { text: options.advice, fontSize: 8, margin: [0, 6, 0, 0] },
  ];
  return pdfOf(title, [{ name: `${options.mark}, ${options.place}`, content }], onDrawn, 'landscape');
}
