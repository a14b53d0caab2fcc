import { describe, expect, it } from 'vitest';
import { Ledger } from '../quantity/ledger.ts';
import { tell } from '../quantity/saying.ts';
import { dustOfDay, type DustyWork } from './dustOfDay.ts';

const said = (...works: readonly DustyWork[]) => {
  const saying = dustOfDay(new Ledger(), works);
  return saying && tell(saying, { units: 'metric', timeZone: 'UTC' });
};
const chip = (minutes: number, indoors = false): DustyWork => ({ tools: ['light chipping hammer'], indoors, minutes });
const grind = (minutes: number, indoors = true): DustyWork => ({ tools: ['grinder with shroud'], indoors, minutes });

// 29 CFR 1926.1153 Table 1 (USA), as recalled: rows for up to four hours of a shift, and for more
describe('stone dust of a day', () => {
  it('is nothing where nothing is cut', () => {
    expect(said({ tools: ['trowel'], indoors: true, minutes: 300 })).toBeUndefined();
  });

  it('is counted over all repairs of the day: four short cuts are one long one', () => {
    expect(said(chip(70), chip(70), chip(70))).toContain('3 h 30 min of such work in the day, no more than 4 h: a chipping hammer outside, no respirator');
    expect(said(chip(70), chip(70), chip(70), chip(70))).toContain(
      '4 h 40 min of such work in the day, more than 4 h: a chipping hammer outside, a respirator of APF 10',
    );
  });

  it('counts what another tool does too, and tells each by its place', () => {
    expect(said(grind(120), chip(100))).toContain('a grinder inside, no respirator');
    const long = said(grind(200), chip(100)) ?? '';
    expect(long).toContain('a grinder inside, a respirator of APF 10');
    expect(long).toContain('a chipping hammer outside, a respirator of APF 10');
  });
});
