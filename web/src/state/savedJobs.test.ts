import type { JobRecord } from '@oddment/contracts';
import { describe, expect, it } from 'vitest';
import { noteSaved, wholeDelayMs, withSaved, withSavedSince, type SavedRecord } from './savedJobs.ts';

const defect = (id: string, version = 1, note = '') => ({ id, version, note });
const job = (id = 'j') =>
  ({
    id,
    version: 1,
    site: 'Mill',
    areas: [
      { id: 'hall', version: 1, name: 'Hall', defects: [defect('a'), defect('b')] },
      { id: 'yard', version: 1, name: 'Yard', defects: [defect('c')] },
    ],
  }) as unknown as JobRecord;
const record = (id: string, version: number, more: object = {}): SavedRecord => ({ id, version, ...more });
const marks = (one: JobRecord) => one.areas.map((a) => a.defects.map((d) => `${d.id}${String(d.version)}`).join(' '));

describe('what was saved of a job', () => {
  it('takes its place, and everything else is the same object', () => {
    const before = job();
    const now = withSaved(before, { entity: 'defect' }, record('b', 2, { note: 'damp' }));
    expect(marks(now)).toEqual(['a1 b2', 'c1']);
    expect(now.areas[0]?.defects[0]).toBe(before.areas[0]?.defects[0]);
    expect(now.areas[1]?.defects).toEqual(before.areas[1]?.defects);
  });

  it('stands last where it is new, and an area keeps its defects', () => {
    expect(marks(withSaved(job(), { entity: 'defect', parentId: 'yard' }, record('d', 1)))).toEqual(['a1 b1', 'c1 d1']);
    const named = withSaved(job(), { entity: 'area' }, record('hall', 2, { name: 'Great hall', defects: [] }));
    expect([named.areas.map((a) => a.name), marks(named)]).toEqual([
      ['Great hall', 'Yard'],
      ['a1 b1', 'c1'],
    ]);
    const added = withSaved(job(), { entity: 'area', parentId: 'j' }, record('loft', 1, { name: 'Loft', defects: [] }));
    expect(added.areas.map((a) => a.name)).toEqual(['Hall', 'Yard', 'Loft']);
    expect(withSaved(job(), { entity: 'job' }, record('j', 2, { site: 'Mill Lane', areas: [] }))).toMatchObject({ site: 'Mill Lane', areas: job().areas });
  });

  it('is all of the job that is set: what was taken away is gone', () => {
    const archived = { ...job(), archived: true };
    expect(withSaved(archived, { entity: 'job' }, record('j', 2, { site: 'Mill', areas: [] }))).toEqual({
      id: 'j',
      version: 2,
      site: 'Mill',
      areas: job().areas,
    });
  });

  it('is not lost by a reading that began before it, and does not stand over a newer one', () => {
    const of = (id: string) => ({ ...job(id), id });
    noteSaved({ jobId: 'k', draft: { entity: 'defect' }, record: record('a', 3, { note: 'mine' }), atMs: 1000 });
    noteSaved({ jobId: 'k', draft: { entity: 'defect', parentId: 'yard' }, record: record('e', 1), atMs: 1100 });
    expect(marks(withSavedSince(of('k'), 900))).toEqual(['a3 b1', 'c1 e1']);
    // one that began after it shows what the server has
    expect(marks(withSavedSince(of('k'), 1050))).toEqual(['a1 b1', 'c1 e1']);
    expect(withSavedSince(of('other'), 900)).toEqual(of('other'));
    const newer = withSaved(of('k'), { entity: 'defect' }, record('a', 4, { note: 'theirs' }));
    expect(marks(withSavedSince(newer, 900))).toEqual(['a4 b1', 'c1 e1']);
  });

  it('is read again whole when the hand has rested, and within a bound while it goes on', () => {
    expect(wholeDelayMs(0, 0)).toBe(3000);
    expect(wholeDelayMs(0, 18_500)).toBe(1500);
    expect(wholeDelayMs(0, 60_000)).toBe(0);
  });
});
