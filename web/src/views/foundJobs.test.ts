import { describe, expect, it } from 'vitest';
import { isFound } from './foundJobs.ts';

describe('a job that is searched', () => {
  it('is found by all words of its site and client, in any order and case', () => {
    const job = { site: 'Mill Lane 4', client: 'Housing trust' };
    for (const search of ['', '  ', 'mill', 'TRUST mill', 'lane 4 hous']) expect(isFound(job, search), search).toBe(true);
    for (const search of ['mill 5', 'trust bath']) expect(isFound(job, search), search).toBe(false);
  });
});
