import type { ChangeRecord } from '@oddment/contracts';
import { tell } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { doneWords, toldChanges } from './history.ts';

let turn = 0;
const change = (minute: number, part: Partial<ChangeRecord>): ChangeRecord => ({
  turn: (turn += 1),
  at: new Date(Date.UTC(2026, 5, 2, 8, minute)).toISOString(),
  name: 'Maren',
  entity: 'defect',
  id: 'd',
  mark: 'WH-01',
  action: 'change',
  kind: 'slab-crack',
  ...part,
});
const newestFirst = (...changes: ChangeRecord[]) => toldChanges([...changes].reverse());
const said = (told: ReturnType<typeof toldChanges>) =>
  told.map((t) => t.rows.map((r) => [r.about, ...[r.was, r.now].map((w) => w && tell(w, { units: 'metric', timeZone: 'UTC' }))]));

describe('what changed', () => {
  it('in one go is told as one: from how it was before to how it was left', () => {
    const told = newestFirst(
      change(0, { fields: { note: { now: 'd' } } }),
      change(1, { fields: { note: { was: 'd', now: 'da' }, mark: { was: 'W', now: 'WH-01' } } }),
      change(2, { fields: { note: { was: 'da', now: 'damp' } } }),
    );
    expect(said(told)).toEqual([
      [
        ['Note', undefined, 'damp'],
        ['Mark', 'W', 'WH-01'],
      ],
    ]);
    expect(told[0]?.fields['note']).toEqual({ now: 'damp' });
  });

  it('is kept apart by person, by record, and by a longer rest', () => {
    const one = { fields: { note: { was: 'a', now: 'b' } } };
    expect(newestFirst(change(0, one), change(1, { ...one, name: 'Tomas' }), change(2, { ...one, id: 'e' }), change(20, { ...one, id: 'e' }))).toHaveLength(4);
  });

  it('says what was done where no field is', () => {
    const told = newestFirst(change(0, { action: 'create' }), change(1, { action: 'delete' }), change(2, { entity: 'plan', id: 'p' }));
    expect(told.map((t) => doneWords(t.last))).toEqual(['issued plan of WH-01 changed', 'defect WH-01 deleted', 'defect WH-01 made']);
  });
});
