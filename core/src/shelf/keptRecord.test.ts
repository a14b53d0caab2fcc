import { describe, expect, it } from 'vitest';
import { genericShelf } from './shelf.ts';
import { keptRecord } from './keptRecord.ts';
import type { PatchSystem } from './patchSystem.ts';

const today = (id: string): PatchSystem => {
  const found = genericShelf.find((s) => s.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('a record of the shelf that an earlier version kept', () => {
  it('is today’s own where nothing differs', () => {
    for (const system of genericShelf) expect(keptRecord(JSON.parse(JSON.stringify(system)) as PatchSystem)).toEqual(system);
  });

  it('keeps its own values over today’s, and gets what it did not know yet', () => {
    const { figures = {}, hazards: _new, ...rest } = today('epoxy-consolidant');
    const { brushed: _later, drinks, ...known } = figures;
    if (!drinks) throw new Error('no figure');
    const kept = keptRecord({ ...rest, figures: { ...known, drinks: { ...drinks, value: 0.31 } } });
    expect([kept.figures?.['drinks']?.value, kept.figures?.['brushed'], kept.hazards]).toEqual([0.31, figures['brushed'], ['hot']]);
  });

  it('keeps what today does not know, and a product is held to the system that it was copied from', () => {
    const product = {
      ...today('polymer-mortar-2k'),
      id: 'ours',
      basedOn: 'polymer-mortar-2k',
      title: 'Ours',
      gone: { value: 3, kind: 'depth', source: 'practice', label: 'a limit of before' },
    } as PatchSystem;
    const { edge: _new, ...before } = product;
    expect(keptRecord(before)).toEqual(product);
  });
});
