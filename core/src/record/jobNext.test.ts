import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jobNext, jobStates, type JobCounts } from './jobNext.ts';

const counts = (c: Partial<JobCounts>): JobCounts => ({ defects: 0, chosen: 0, issued: 0, begun: 0, done: 0, ...c });

const anyJob = fc
  .record({ defects: fc.nat(40), chosen: fc.nat(40), issued: fc.nat(40), begun: fc.nat(40), done: fc.nat(40) })
  .filter((c) => c.chosen <= c.defects && c.issued + c.begun + c.done <= c.defects);

describe('how far a job is', () => {
  it.each([
    [counts({}), 'empty', []],
    [counts({ defects: 3 }), 'choosing', ['3 to choose (office)']],
    [counts({ defects: 3, chosen: 1 }), 'choosing', ['1 to issue (office)', '2 to choose (office)']],
    [counts({ defects: 3, chosen: 3 }), 'issuing', ['3 to issue (office)']],
    [counts({ defects: 3, chosen: 3, issued: 3 }), 'waiting', ['3 to begin (site)']],
    // issued as it was proposed
    [counts({ defects: 2, issued: 2 }), 'waiting', ['2 to begin (site)']],
    [
      counts({ defects: 4, chosen: 3, issued: 1, begun: 1 }),
      'working',
      ['1 being worked (site)', '1 to begin (site)', '1 to issue (office)', '1 to choose (office)'],
    ],
    [counts({ defects: 2, chosen: 2, done: 2 }), 'done', []],
    [counts({ defects: 2, chosen: 2, offered: 1 }), 'issuing', ['1 offer to be answered (client)', '2 to issue (office)']],
    [counts({ defects: 2, chosen: 1, archived: true, offered: 2 }), 'archived', []],
  ] as const)('%j is %s', (job, state, waits) => {
    const next = jobNext(job);
    expect(next.state).toBe(state);
    expect(next.waits.map((w) => `${String(w.count)} ${w.what} (${w.for})`)).toEqual(waits);
  });

  it('has something that waits as long as it is not done, and nothing once it is', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const { state, waits } = jobNext(job);
        expect(jobStates[state]).not.toBe('');
        if (state === 'done' || state === 'empty') expect(waits).toEqual([]);
        else expect(waits.length).toBeGreaterThan(0);
        expect(waits.every((w) => w.count > 0)).toBe(true);
        // no repair waits twice, and each that is not done waits once
        if (job.chosen >= job.issued + job.begun + job.done) expect(waits.reduce((sum, w) => sum + w.count, 0)).toBe(job.defects - job.done);
      }),
    );
  });
});
