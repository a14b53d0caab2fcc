import { photoLimits } from '@oddment/contracts/photoLimits';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fileSize } from '../views/fileSize.ts';
import { fittedSize } from './fittedSize.ts';
import { pictureProblem } from './pictureProblem.ts';

describe('fittedSize', () => {
  it('keeps the proportions, and no side is longer than it may be', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), fc.integer({ min: 1, max: 20_000 }), (w, h) => {
        const { width, height } = fittedSize(w, h, photoLimits.keptSidePx);
        expect(Math.max(width, height)).toBeLessThanOrEqual(photoLimits.keptSidePx);
        expect(Math.min(width, height)).toBeGreaterThanOrEqual(1);
        if (Math.max(w, h) <= photoLimits.keptSidePx) expect([width, height]).toEqual([w, h]);
        else
          expect(Math.abs(width / height - w / h) / (w / h)).toBeLessThan(
            Math.max(0.51 / Math.min(width, height), 1e-3) * 2 + (Math.min(w, h) * photoLimits.keptSidePx < Math.max(w, h) ? 1e9 : 0),
          );
      }),
    );
  });
});

describe('what a file may be', () => {
  const size = (width: number, height: number, type = 'jpg') => ({ width, height, type });
  it.each([
    [1000, size(4000, 3000), undefined],
    [50_000_000, undefined, /The file has 50 MB. Photos up to 40 MB/],
    [1000, undefined, /not a photo/],
    [1000, size(10, 10, 'svg'), /not a photo/],
    [90_000, size(60_000, 60_000, 'png'), /60000 by 60000 pixels. Up to 80 megapixels/],
    [90_000, size(19_000, 19_000, 'png'), /megapixels/],
  ])('%i bytes, %j: %s', (bytes, head, words) => {
    const why = pictureProblem(bytes, head);
    if (words === undefined) expect(why).toBeUndefined();
    else expect(why).toMatch(words);
  });
});

it.each([
  [16, '16 bytes'],
  [312_400, '312 KB'],
  [1_500_000, '1.5 MB'],
])('fileSize of %i is %s', (bytes, words) => {
  expect(fileSize(bytes)).toBe(words);
});
