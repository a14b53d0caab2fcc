import type { AreaRecord, DefectRecord } from '@oddment/contracts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextUnplaced, placedOn, spotAt, spotByKey, unplaced } from './spots.ts';

const one = (id: string, spot?: DefectRecord['spot']): DefectRecord => ({
  id,
  mark: id.toUpperCase(),
  kind: 'slab-crack',
  version: 1,
  facts: {},
  confirmed: [],
  decisions: [],
  ...(spot && { spot }),
});
const area = {
  id: 'area',
  name: 'Hall',
  version: 1,
  facts: {},
  defects: [one('a', spotAt('plan', 0.2, 0.3)), one('b'), one('c', spotAt('gone', 0.5, 0.5)), one('d')],
} as AreaRecord;
const photos = [{ id: 'plan' }];

describe('marks on a picture of an area', () => {
  it('stay within it, wherever they are dragged or moved', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.array(fc.constantFrom('ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'), { maxLength: 40 }),
        fc.boolean(),
        (x, y, keys, far) => {
          const end = keys.reduce((spot, key) => spotByKey(spot, key, far) ?? spot, spotAt('plan', x, y));
          for (const share of [end.across, end.down]) expect(share >= 0 && share <= 1).toBe(true);
        },
      ),
    );
  });

  it('come back by the key against the one that moved them, where no edge was met', () => {
    const spot = spotAt('plan', 0.4, 0.4);
    const there = spotByKey(spot, 'ArrowRight', true);
    expect(there).toEqual(spotAt('plan', 0.45, 0.4));
    expect(there && spotByKey(there, 'ArrowLeft', true)).toEqual(spot);
    expect(spotByKey(spot, 'Enter', false)).toBeUndefined();
  });

  it('are those of the repairs set on it; the others lie nowhere, also those on a picture that is gone', () => {
    expect(placedOn(area, 'plan').map((p) => p.defect.id)).toEqual(['a']);
    expect(unplaced(area, photos).map((d) => d.id)).toEqual(['b', 'c', 'd']);
  });

  it('are set one after the other, in the order of the list', () => {
    expect(nextUnplaced(area, photos, 'b')).toBe('c');
    expect(nextUnplaced(area, photos, 'd')).toBe('b');
    expect(nextUnplaced({ ...area, defects: [one('a')] }, photos, 'a')).toBeUndefined();
  });
});
