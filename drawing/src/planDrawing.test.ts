import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planDrawing } from './planDrawing.ts';
import { svgText, type SvgNode } from './svg.ts';

const image = { href: 'data:,', widthPx: 800, heightPx: 600 };
const share = fc.double({ min: 0, max: 1, noNaN: true });
const parts = (node: SvgNode) => node.children.filter((c): c is SvgNode => typeof c !== 'string');

describe('a plan on paper', () => {
  it('has a flag for each repair, wholly within the picture, with its point where the repair lies', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ mark: fc.constantFrom('PS-01', 'A', 'CEIL-104'), across: share, down: share }), { maxLength: 8 }), (marks) => {
        const drawing = planDrawing(image, marks, 500, 'Any');
        const flags = parts(drawing).filter((n) => n.attrs['data-mark'] !== undefined);
        expect(flags.map((f) => f.attrs['data-mark'])).toEqual(marks.map((m) => m.mark));
        flags.forEach((f, i) => {
          const [rect, point] = parts(f);
          const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((name) => Number(rect?.attrs[name])) as [number, number, number, number];
          expect([x >= 0, y >= 0, x + w <= 500.01, y + h <= 375.01]).toEqual([true, true, true, true]);
          const [, px, py] = /^M(\S+) (\S+)/.exec(String(point?.attrs['d'])) ?? [];
          expect(Number(px)).toBeCloseTo((marks[i]?.across ?? 0) * 500, 6);
          expect(Number(py)).toBeCloseTo((marks[i]?.down ?? 0) * 375, 6);
        });
      }),
    );
  });

  it('takes words of a mark as words', () => {
    expect(svgText(planDrawing(image, [{ mark: '<b>', across: 0.5, down: 0.5 }], 100, 'Any'))).toContain('&lt;b&gt;');
  });
});
