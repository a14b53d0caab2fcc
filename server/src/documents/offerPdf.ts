import { fullDate, fullDay, insteadWords, lastsWords, moneyText, notInWords, offerFoot, offerHeads, sumLines, type Offer, type OfferLine } from '@oddment/core';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { pdfOf, tableRule } from './pdfDocument.ts';

const heading = (text: string): Content => ({ text, bold: true, fontSize: 10.5, margin: [0, 10, 0, 2] });
const small = (text: string): Content => ({ text, fontSize: 7.5, color: '#444444' });

/** A repair as rows: what is done and what it costs, then what it is made of. */
function lineRow(line: OfferLine, offer: Offer): TableCell[] {
  const money = (minor: number) => moneyText(minor, offer.currency);
  return [
    { text: line.mark, bold: true },
    {
      stack: [
        { text: [{ text: line.way.title, bold: true }, `  ${line.title}${line.found === '' ? '' : `, ${line.found}`}`] },
        small([...line.parts.map((p) => `${p.label} ${money(p.minor)} (${p.working})`)].join('; ')),
        ...lastsWords(line.way).map(small),
        ...line.instead.map((i): Content => ({ stack: [{ text: insteadWords(i, offer), italics: true }, ...lastsWords(i).map(small)], margin: [10, 2, 0, 0] })),
        ...(line.would === undefined ? [] : [{ text: line.would, italics: true, margin: [10, 1, 0, 0] as [number, number, number, number] }]),
      ],
    },
    { text: money(line.minor), alignment: 'right' },
  ];
}

/** The head of the letter: who offers, the number, the date, to whom, for what. */
function head(offer: Offer, number: string): Content[] {
  const { firm, letterhead, logo, client, site, timeZone, madeAt, validUntil } = offer;
  return [
    {
      columns: [
        { width: '*', stack: [{ text: firm, bold: true, fontSize: 13 }, ...letterhead.map((l) => ({ text: l }))] },
        ...(logo === undefined ? [] : [{ width: 'auto', stack: [{ image: logo, fit: [150, 60] as [number, number] }] }]),
      ],
    },
    {
      columns: [
        { width: '*', stack: [...(client === '' ? [] : [client]), site] },
        {
          width: 'auto',
          alignment: 'right',
          stack: [{ text: `Offer ${number}`, bold: true, fontSize: 13 }, fullDay(madeAt, timeZone), `holds until ${fullDate(validUntil)}`],
        },
      ],
      margin: [0, 16, 0, 10],
    },
  ];
}

/** The lines with their sums, by area. */
function table(offer: Offer): Content {
  const money = (minor: number) => moneyText(minor, offer.currency);
  const areas = [...new Set(offer.lines.map((l) => l.area))];
  const wide = (text: string): TableCell[] => [{ text, bold: true, colSpan: 3, margin: [0, 4, 0, 0] }, {}, {}];
  return {
    table: {
      widths: [52, '*', 68],
      dontBreakRows: true,
      body: [
        ...areas.flatMap((area) => [wide(area), ...offer.lines.filter((l) => l.area === area).map((l) => lineRow(l, offer))]),
        ...(offer.extras.length === 0
          ? []
          : [wide(offerHeads.extras), ...offer.extras.map((e): TableCell[] => ['', e.title, { text: money(e.minor), alignment: 'right' }])]),
        ...sumLines(offer).map(({ label, minor }, i, all): TableCell[] => [
          '',
          { text: label, alignment: 'right', bold: i === all.length - 1 },
          { text: money(minor), alignment: 'right', bold: i === all.length - 1 },
        ]),
      ],
    },
    layout: tableRule,
  };
}

/** An offer as a PDF, as it was kept. */
export function offerPdf(offer: Offer, number: string, onDrawn: (done: number) => void = () => undefined): Promise<Buffer> {
  const content = (): Content[] => [
    ...head(offer, number),
    ...(offer.words === '' ? [] : offer.words.split('\n').map((text): Content => ({ text, margin: [0, 0, 0, 4] }))),
    table(offer),
    ...(offer.notIn.length === 0
      ? []
      : [
          heading(offerHeads.notIn),
          {
            ul: offer.notIn.map((n) => ({
              stack: [
                { text: [{ text: `${n.mark}, ${n.area}: `, bold: true }, `${n.title}: ${notInWords(n, offer)}`] },
                ...(n.way ? lastsWords(n.way).map(small) : []),
                ...(n.would === undefined ? [] : [small(n.would)]),
              ],
            })),
          },
        ]),
    heading(offerHeads.excluded),
    { ul: [...offer.excluded] },
    ...(offer.conditions.length === 0 ? [] : [heading(offerHeads.conditions), { ol: [...offer.conditions] }]),
    { text: offerFoot, fontSize: 7.5, margin: [0, 8, 0, 0] },
    {
      columns: ['Date', 'Accepted by'].map((label) => ({
        width: '*',
        stack: [{ canvas: [{ type: 'line' as const, x1: 0, y1: 0, x2: 220, y2: 0, lineWidth: 0.5 }] }, { text: label, fontSize: 7.5 }],
      })),
      margin: [0, 34, 0, 0],
      unbreakable: true,
    },
  ];
  return pdfOf(`Offer ${number}, ${offer.site}`, [{ name: `${offer.firm}, offer ${number}`, content }], onDrawn);
}
