import { gelTime } from '../../cure/reaction.ts';
import { sectionCount, sectionPerPerson } from '../../mixing/workPace.ts';
import { say } from '../../quantity/saying.ts';
import { rates } from '../../shelf/rates.ts';
import type { Rule } from '../verdict.ts';

const mostSections = 8;

/** Working time against size: how many sections the crack has to be worked in. */
export const workingTimeRule: Rule = {
  id: 'working-time',
  title: 'Working time',
  judge: ({ ledger, system, subject, people }) => {
    const { length } = subject;
    if (!system.working || !length || !subject.widths) return undefined;
    const gel = ledger.compute(gelTime, { gelAt23Min: ledger.sourced(system.working.gel), temperatureC: subject.slabC });
    const longest = ledger.compute(sectionPerPerson, {
      gelMin: gel,
      reserve: ledger.sourced(system.working.reserve),
      paceMinM: ledger.sourced(rates.placePace),
      hands: ledger.sourced(people === 2 ? rates.pair : rates.alone),
    });
    const sections = ledger.compute(sectionCount, { lengthMm: length, sectionMm: longest });
    const base = { rule: workingTimeRule.id, title: workingTimeRule.title, value: sections, source: 'practice' } as const;
    if (sections.value > mostSections) {
      return {
        ...base,
        grade: 'care',
        excess: 0.2,
        reason: () => say`gel in ${gel}: ${sections} sections with a joint between each`,
        change: () => say`work with a pair, or when the slab is cooler`,
      };
    }
    return {
      ...base,
      grade: 'fits',
      excess: 0,
      reason: () => (sections.value === 1 ? say`Gel in ${gel}: the whole crack in one section.` : say`Gel in ${gel}: ${sections} sections.`),
    };
  },
};
