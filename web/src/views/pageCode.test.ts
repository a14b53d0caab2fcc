import jsqr from 'jsqr';
import { describe, expect, it } from 'vitest';
import { pageCode } from './pageCode.ts';

const read = jsqr as unknown as (pixels: Uint8ClampedArray, width: number, height: number) => { readonly data: string } | null;
const perModule = 4;

/** The path as a picture, as a camera would have it. */
function pictured({ size, path }: ReturnType<typeof pageCode>): { pixels: Uint8ClampedArray; side: number } {
  const side = size * perModule;
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
    for (let i = 0; i < perModule; i++)
      for (let k = 0; k < perModule; k++)
        pixels.fill(
          0,
          ((Number(y) * perModule + k) * side + Number(x) * perModule + i) * 4,
          ((Number(y) * perModule + k) * side + Number(x) * perModule + i) * 4 + 3,
        );
  return { pixels, side };
}

describe('the code of a page', () => {
  it.each([
    'http://127.0.0.1:4796/jobs/0b0c6f0e-6d1c-4a3f-9f0e-2a6c8e1b7d55/sheet/5a1de0f2-9c55-47a8-8df7-0f6f1c1b2a3d',
    'https://repairs.example/jobs/0b0c6f0e-6d1c-4a3f-9f0e-2a6c8e1b7d55/plans/5a1de0f2-9c55-47a8-8df7-0f6f1c1b2a3d',
  ])('is read by another library as %s', (address) => {
    const { pixels, side } = pictured(pageCode(address));
    expect(read(pixels, side, side)?.data).toBe(address);
  });
});
