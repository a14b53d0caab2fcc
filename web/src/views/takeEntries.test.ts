import type { AreaRecord } from '@oddment/contracts';
import { fatesOf, readEntries } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { takings } from './takeEntries.ts';

const at = '2026-06-02T12:00:00Z';
const hall = {
  id: 'hall',
  version: 1,
  name: 'Hall',
  facts: {},
  defects: [{ id: 'd', version: 1, kind: 'slab-crack', mark: 'H-07', facts: {}, confirmed: [], decisions: [] }],
} as AreaRecord;
const taken = (text: string) => {
  const entries = readEntries(text, 'metric', at);
  return takings({ areas: [hall] }, hall, entries, fatesOf(entries, [hall], 'Hall'));
};

describe('what was typed quickly', () => {
  it('gets the next marks of its area, one after the other, where it says none', () => {
    expect(taken('crack slab 3m\ncrack slab H-20 4m\nchip tub\nYard:\nspall floor\nspall floor').map((t) => [t.area, t.areaId, t.body.mark])).toEqual([
      ['Hall', 'hall', 'H-08'],
      ['Hall', 'hall', 'H-20'],
      ['Hall', 'hall', 'H-21'],
      ['Yard', undefined, 'Y-01'],
      ['Yard', undefined, 'Y-02'],
    ]);
  });

  it('makes nothing of what is there or says no kind', () => {
    expect(taken('H-07 crack slab\nzebra')).toEqual([]);
  });
});
