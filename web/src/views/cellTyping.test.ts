import { kindOf } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { answerPatch, patchOf, startOf } from './cellTyping.ts';
import type { TableRow } from './defectTable.ts';

const at = '2026-06-02T12:00:00Z';
const facts = { lengthMm: { value: 4200, how: 'measured', at, text: '4,2 m' }, moisture: { value: 'dry', how: 'entered', at } } as const;
const defect = { id: 'd', version: 1, kind: 'slab-crack', mark: 'H-1', facts, confirmed: [], decisions: [] };
// planned with an answer that is usual in its area
const usual = { slabMm: { value: 150, how: 'assumed', at: '2026-06-02T12:00:00Z', usualIn: 'Hall' } };
const row = { defect, plan: { defect: { ...defect, facts: { ...usual, ...facts } } } } as unknown as TableRow;
const ask = (field: string) => {
  const found = kindOf('slab-crack').asks.find((a) => a.field === field);
  if (!found) throw new Error(`nothing is asked as ${field}`);
  return found;
};

describe('what is typed in a cell', () => {
  it('answers its question and leaves the others, known as it came to be known', () => {
    expect(answerPatch(row, ask('lengthMm'), ' 3 m ', 'metric', at)).toEqual({
      ok: true,
      patch: { facts: { moisture: facts.moisture, lengthMm: { value: 3000, how: 'measured', at, text: '3 m' } } },
    });
    expect(answerPatch(row, ask('moisture'), 'damp', 'metric', at)).toEqual({
      ok: true,
      patch: { facts: { lengthMm: facts.lengthMm, moisture: { value: 'damp', how: 'entered', at } } },
    });
  });

  it('opens its question again where it is emptied, and says what would be right where it is no measure', () => {
    expect(answerPatch(row, ask('moisture'), ' ', 'metric', at)).toEqual({ ok: true, patch: { facts: { lengthMm: facts.lengthMm } } });
    expect(answerPatch(row, ask('lengthMm'), 'long', 'metric', at)).toMatchObject({ ok: false, why: expect.stringMatching(/Write it like/) as unknown });
  });

  it('is the mark or the note, begins as it stands, and a mark cannot be nothing', () => {
    const mark = { is: 'field', field: 'mark' } as const;
    expect(startOf(mark, row, 'metric')).toBe('H-1');
    expect(startOf({ is: 'ask', ask: ask('lengthMm') as never }, row, 'us')).toBe('4,2 m');
    expect(startOf({ is: 'ask', ask: ask('slabMm') as never }, row, 'metric')).toBe('150');
    expect(patchOf(mark, row, ' H-9 ', 'metric', at)).toEqual({ ok: true, patch: { mark: 'H-9' } });
    expect(patchOf(mark, row, ' ', 'metric', at).ok).toBe(false);
  });
});
