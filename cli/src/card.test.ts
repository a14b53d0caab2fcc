import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { measuringCard } from '@oddment/core';
import { expect, it } from 'vitest';
import { cardPdf } from './card.ts';

it('the measuring card is one page whose frame has the size that the photo is measured by', async () => {
  const pdf = await getDocument({ data: new Uint8Array(await cardPdf()), useSystemFonts: false, verbosity: 0 }).promise;
  expect(pdf.numPages).toBe(1);
  const page = await pdf.getPage(1);
  const { fnArray, argsArray } = await page.getOperatorList();
  const sizes = fnArray.flatMap((fn, i) => {
    if (fn !== OPS.constructPath) return [];
    const [operators, numbers] = argsArray[i] as [number[], number[]];
    return operators[0] === OPS.rectangle ? [[Math.abs(numbers[2] ?? 0), Math.abs(numbers[3] ?? 0)]] : [];
  });
  const inMm = sizes.map(([w = 0, h = 0]) => [(w * 25.4) / 72, (h * 25.4) / 72]);
  expect(inMm.some(([w = 0, h = 0]) => Math.abs(w - measuringCard.widthMm) < 0.05 && Math.abs(h - measuringCard.heightMm) < 0.05)).toBe(true);
  const { items } = await page.getTextContent();
  const text = items
    .map((item) => ('str' in item ? item.str : ''))
    .join(' ')
    .replaceAll(/\s+/g, ' ');
  for (const words of ['not fitted to the page', '150 mm, 5 7/8 in', '100 mm, 3 15/16 in', 'upper left']) expect(text).toContain(words);
});
