import { tell } from '../quantity/saying.ts';
import type { Schedule } from '../schedule/schedule.ts';
import type { PlannedSchool } from './plannedSchools.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

/** Steps, how they are done, and their times, as one text. */
function asText({ rows }: Schedule): string {
  return rows.map(({ step, startMin }) => `${startMin.toFixed(3)} ${tell(step.title, how)} ${tell(step.detail, how)}`).join('\n');
}

/** Whether it makes a difference on this repair which side of a question is taken: another step, another figure in one, or another time. */
export function sidesDiffer({ effects }: PlannedSchool): boolean {
  const texts = effects.map((e) => {
    const work = e.work();
    return work && asText(work.schedule);
  });
  return texts.length > 1 && texts.some((t) => t !== texts[0]);
}
