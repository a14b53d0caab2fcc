import { planRepair, type Job } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { keptText } from '../../core/test/kept.ts';
import { readJobFile } from './jobFile.ts';

describe('job files that earlier versions wrote', () => {
  it.each(['job-1.json', 'job-2-bathhouse.json', 'job-2-cottages.json', 'job-2-reading-room.json'])('%s is read whole and planned', (name) => {
    const read = readJobFile(keptText(name));
    expect(read.ok ? [] : read.problems).toEqual([]);
    if (!read.ok) return;
    const written = (JSON.parse(keptText(name)) as { job: Job }).job;
    const job = read.value.job as unknown as Job;
    expect(job.areas.map((a) => a.defects.map((d) => [d.mark, d.facts, d.choice, d.decisions]))).toEqual(
      written.areas.map((a) => a.defects.map((d) => [d.mark, d.facts, d.choice, d.decisions])),
    );
    for (const area of job.areas) for (const defect of area.defects) expect(planRepair({ job, area: area, defect: defect }).state).not.toBe('incomplete');
  });

  it('of version 1 keep the depth of the chase that was chosen, as the side of a question', () => {
    const read = readJobFile(keptText('job-1.json'));
    if (!read.ok) throw new Error('not read');
    expect([read.value.rules?.schools, read.value.job.areas[0]?.defects[0]?.schools]).toEqual([{ 'chase-depth': 'shallow' }, { 'chase-depth': 'deep' }]);
  });
});
