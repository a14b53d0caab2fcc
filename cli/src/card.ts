import { measuringCard, show } from '@oddment/core';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';

const files = dirname(createRequire(import.meta.url).resolve('@expo-google-fonts/atkinson-hyperlegible-next/package.json'));
const face = (name: string) => join(files, name, `AtkinsonHyperlegibleNext_${name}.ttf`);
const pointsPerMm = 72 / 25.4;

/** The measuring card as PDF: four corners to be placed in a photo, and a line to check the printer by. */
export async function cardPdf(): Promise<Buffer> {
  const { widthMm, heightMm } = measuringCard;
  const [w, h] = [widthMm * pointsPerMm, heightMm * pointsPerMm];
  const words = (mm: number) => (['metric', 'us'] as const).map((units) => show({ value: mm, kind: 'depth' }, units).text).join(', ');
  const cross = (x: number, y: number) => [
    { type: 'line' as const, x1: x - 12, y1: y, x2: x + 12, y2: y, lineWidth: 0.6 },
    { type: 'line' as const, x1: x, y1: y - 12, x2: x, y2: y + 12, lineWidth: 0.6 },
  ];
  pdfmake.setFonts({ Atkinson: { normal: face('400Regular'), bold: face('700Bold') } });
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(files));
  return pdfmake
    .createPdf({
      info: { title: 'Oddment measuring card' },
      pageSize: 'A4',
      pageOrientation: 'landscape',
      pageMargins: [60, 50, 60, 40],
      defaultStyle: { font: 'Atkinson', fontSize: 11 },
      content: [
        { text: 'Oddment measuring card', bold: true, fontSize: 16 },
        {
          text: `Print at full size, not fitted to the page. Check with a rule: the long side of the frame is ${words(widthMm)}, the short one ${words(heightMm)}. Lay it flat on the surface beside what you measure; in the photo place the four corners where the crosses meet.`,
          margin: [0, 4, 0, 24],
        },
        {
          canvas: [
            { type: 'rect', x: 12, y: 12, w, h, lineWidth: 2 },
            ...[
              [12, 12],
              [12 + w, 12],
              [12 + w, 12 + h],
              [12, 12 + h],
            ].flatMap(([x = 0, y = 0]) => cross(x, y)),
            {
              type: 'polyline',
              closePath: true,
              color: '#000',
              points: [
                { x: 24, y: 24 },
                { x: 48, y: 24 },
                { x: 24, y: 48 },
              ],
            },
          ],
        },
        { text: 'The black corner is the upper left.', margin: [0, 12, 0, 0] },
      ],
    })
    .getBuffer();
}
