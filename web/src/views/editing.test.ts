import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { editOf, emptyGrid, gridOf, nextCell, resized, rimFlush } from './gridEdit.ts';
import { snapped, stepFor } from './snapping.ts';
import { afterClick, emptyMap, resizedMap, withCell } from './tappingEdit.ts';

describe('a grid of readings while it is entered', () => {
  it('is whole once every crossing is read, and comes back as it was', () => {
    expect(gridOf(emptyGrid)).toBeUndefined();
    const full = { ...emptyGrid, depths: emptyGrid.depths.map((_d, i) => i) };
    const grid = gridOf(full);
    expect(grid).toEqual({
      xMm: [0, 100, 200, 300],
      yMm: [0, 100, 200],
      depthMm: [
        [0, 1, 2, 3],
        [4, 5, 6, 7],
        [8, 9, 10, 11],
      ],
    });
    expect(grid && editOf(grid)).toEqual(full);
  });

  it('keeps what is read when it grows and shrinks', () => {
    const full = { ...emptyGrid, depths: emptyGrid.depths.map((_d, i) => i) };
    expect(resized(resized(full, 6, 5), 4, 3)).toEqual(full);
    expect(resized(full, 2, 2).depths).toEqual([0, 1, 4, 5]);
  });

  it('has a rim that can be flush, without losing what was read there', () => {
    const some = { ...emptyGrid, depths: emptyGrid.depths.map((_d, i) => (i === 0 ? 7 : null)) };
    expect(rimFlush(some).depths).toEqual([7, 0, 0, 0, 0, null, null, 0, 0, 0, 0, 0]);
  });

  it('is walked with the arrows and Enter, never out of it', () => {
    expect([nextCell(5, 'ArrowUp', 4, 12), nextCell(5, 'ArrowDown', 4, 12), nextCell(5, 'Enter', 4, 12), nextCell(5, 'ArrowLeft', 4, 12)]).toEqual([
      1, 9, 6, 4,
    ]);
    expect([
      nextCell(0, 'ArrowUp', 4, 12),
      nextCell(4, 'ArrowLeft', 4, 12),
      nextCell(3, 'ArrowRight', 4, 12),
      nextCell(11, 'Enter', 4, 12),
      nextCell(5, 'x', 4, 12),
    ]).toEqual([undefined, undefined, undefined, undefined, undefined]);
  });
});

describe('a tapping map', () => {
  it('goes from not tapped to hollow to sound by clicks', () => {
    expect([afterClick('.'), afterClick('h'), afterClick('s')]).toEqual(['h', 's', '.']);
    expect(withCell({ cellMm: 100, rows: ['...', '...'] }, 4, 'h').rows).toEqual(['...', '.h.']);
  });

  it('keeps its cells when it grows', () => {
    expect(resizedMap({ cellMm: 100, rows: ['hs'] }, 3, 2).rows).toEqual(['hs.', '...']);
    expect(resizedMap(emptyMap, 2, 1).rows).toEqual(['..']);
  });
});

describe('a dragged corner', () => {
  it('snaps to the step, and into line with a neighbor it comes near', () => {
    expect(snapped({ xMm: 103, yMm: 52 }, [], 5, 4)).toEqual({ xMm: 105, yMm: 50 });
    expect(snapped({ xMm: 103, yMm: 52 }, [{ xMm: 101, yMm: 300 }], 5, 4)).toEqual({ xMm: 101, yMm: 50 });
  });

  it('never moves farther than half a step, or to its neighbor', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 2000 }), fc.constantFrom(1, 5, 10, 50), (xMm, yMm, step) => {
        const to = snapped({ xMm, yMm }, [{ xMm: 700, yMm: 700 }], step, 6);
        expect(Math.abs(to.xMm - xMm)).toBeLessThanOrEqual(Math.max(step / 2, 6));
        expect(Math.abs(to.yMm - yMm)).toBeLessThanOrEqual(Math.max(step / 2, 6));
      }),
    );
  });

  it.each([
    [80, 'metric', 1],
    [420, 'metric', 5],
    [4000, 'metric', 50],
    [90_000, 'metric', 100],
    [420, 'us', 6.35],
  ] as const)('takes a step that suits %d mm in %s: %d', (size, units, step) => {
    expect(stepFor(size, units)).toBe(step);
  });
});
