import { clientOptions, planRepair, show, tell, workOf, type Job, type PlanInput } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { moreJobs } from '../demo/moreJobs.ts';
import { pagesOf } from '../../test/pagesOf.ts';
import { optionsPdf } from './optionsPdf.ts';
import { plansPdf } from './sheetsPdf.ts';

const rules = { schools: {}, labor: { perHour: 62, currency: 'USD', since: '2026-01-01' } };

/** The input of a repair of the smaller jobs of the demo. */
function inputOf(mark: string): PlanInput {
  for (const { job, areas } of moreJobs(new Date('2026-06-02T12:00:00Z'))) {
    for (const a of areas) {
      const d = a.defects.find((one) => one.mark === mark);
      if (d)
        return {
          job: { ...job, id: 'j', areas: [] },
          area: { ...a, id: a.name, defects: [] },
          defect: { confirmed: [], decisions: [], id: mark, ...d },
          rules,
        };
    }
  }
  throw new Error(mark);
}

const whole = ({ job, area, defect }: PlanInput): Job => ({ ...job, areas: [{ ...area, defects: [defect] }] });
const how = ({ job }: PlanInput, units: 'metric' | 'us' = 'metric') => ({ units, timeZone: job.timeZone, day: job.startAt });

describe('options as PDF', () => {
  it.each(['metric', 'us'] as const)('stand side by side on one page lying, with the figures of the page (%s)', async (units) => {
    const input = inputOf('RR-04');
    const made = clientOptions(input, { face: { widthMm: 2400, heightMm: 1800 } });
    if (!made) throw new Error('no options');
    const pages = await pagesOf(await optionsPdf(made, whole(input), how(input, units)));
    expect(pages).toHaveLength(1);
    expect(made.options.length).toBeGreaterThan(1);
    for (const o of made.options) {
      for (const figure of [o.byHand, o.elapsed, ...(o.price ? [o.price.total] : [])]) expect(pages[0]).toContain(show(figure, units).text);
      for (const outlook of o.outlooks) expect(pages[0]?.replaceAll(' ', '')).toContain(outlook.leaves.replaceAll(' ', ''));
    }
    for (const words of [
      'Price, USD',
      'Material is not in it',
      'What it leaves behind',
      'How long it is expected to hold',
      'gives no structural, medical or legal advice',
    ])
      expect(pages[0]).toContain(words);
  });

  it('say what cannot be one', async () => {
    const input = inputOf('WR-01');
    const made = clientOptions(input, { asked: [{ scope: 'patch' }, { scope: 'margin' }, { scope: 'replace' }] });
    if (!made) throw new Error('no options');
    const [page] = await pagesOf(await optionsPdf(made, whole(input), how(input)));
    for (const note of made.notes) expect(page?.replaceAll(' ', '')).toContain(tell(note, how(input)).replaceAll(' ', ''));
    expect(made.notes).toHaveLength(2);
  });
});

describe('the sheet of any family as PDF', () => {
  it.each(['WC-01', 'WC-02', 'WC-03', 'WR-01', 'WR-02', 'WR-03', 'RR-01', 'RR-02', 'RR-03', 'RR-04', 'RR-05', 'RR-06'])(
    '%s holds every step, mix, amount and caution of its plan',
    async (mark) => {
      const input = inputOf(mark);
      const plan = planRepair(input);
      const work = workOf(plan);
      if (!work) throw new Error(`no method for ${mark}`);
      const text = (await pagesOf(await plansPdf([plan], whole(input), how(input)))).join(' ').replaceAll(' ', '');
      const squeezed = (words: string) => words.replaceAll(/\s+/g, '');
      for (const { step } of work.schedule.rows) expect(text).toContain(squeezed(tell(step.title, how(input))));
      for (const mix of work.mixes) for (const part of mix.parts) expect(text).toContain(squeezed(part.what));
      for (const q of work.quantities) expect(text).toContain(squeezed(show(q.figure, 'metric').text));
      for (const c of work.cautions) expect(text).toContain(squeezed(`${c.title}.`));
    },
  );
});
