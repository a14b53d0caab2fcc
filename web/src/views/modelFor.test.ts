import type { DefectRecord, JobRecord } from '@oddment/contracts';
import { describe, expect, it } from 'vitest';
import { modelFor } from './modelFor.ts';

const at = '2026-06-02T12:00:00Z';
const fact = (value: unknown) => ({ value, how: 'entered' as const, at });
const defect = (id: string, kind: string, facts: DefectRecord['facts'] = {}): DefectRecord => ({
  id,
  version: 1,
  kind,
  mark: id,
  facts,
  confirmed: [],
  decisions: [],
});
const told = { moisture: fact('dry'), movement: fact('still') };
const job = (...areas: DefectRecord[][]) =>
  ({ areas: areas.map((defects, i) => ({ id: String(i), version: 1, name: '', facts: {}, defects })) }) as unknown as JobRecord;

describe('whose answers are offered to something new', () => {
  it('the last of its kind that has some, its own area before the others', () => {
    const fresh = defect('new', 'slab-crack');
    const here = defect('here', 'slab-crack', told);
    const there = defect('there', 'slab-crack', told);
    expect(modelFor(job([here, fresh], [there]), fresh)).toBe(here);
    expect(modelFor(job([defect('wall', 'wall-crack', told), fresh], [there]), fresh)).toBe(there);
    expect(modelFor(job([defect('empty', 'slab-crack'), fresh]), fresh)).toBeUndefined();
  });

  it('nobody’s where it has answers of its own', () => {
    const begun = defect('new', 'slab-crack', { moisture: fact('damp') });
    expect(modelFor(job([defect('here', 'slab-crack', told), begun]), begun)).toBeUndefined();
  });
});
