import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Said } from '../../course.ts';
import type { Made } from '../../step.ts';

/** A coat of bar primer. */
export function primeBars(coat: number, coats: Figure, film: Figure, minutes: Figure): Made {
  return {
    id: `prime-${String(coat)}`,
    builder: 'prime-bars',
    kind: 'work',
    title: say`Bar primer, coat ${String(coat)} of ${coats}`,
    detail: say`${film} thick, brushed all round and worked in behind; none on the concrete`,
    look: say`No bare steel in the mirror, no runs.`,
    done: 'Bars coated',
    tools: ['brush', 'mirror'],
    minutes,
  };
}

/** Waiting until bar primer takes what comes next. */
export const primerDries = (wait: Figure, groundC: Figure, next: string): Said => ({
  builder: 'primer-dries',
  title: say`Let the bar primer dry for ${next}, ${wait}`,
  detail: say`at ${groundC}; colder takes longer; nothing touches it meanwhile`,
  look: say`Matt all round in the mirror; a gloved finger brings none away.`,
  done: 'Primer dry',
  tools: [],
});
