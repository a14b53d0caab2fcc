import type { Sourced } from '../quantity/ledger.ts';
import type { ChaseChoice, HouseRules } from '../survey/job.ts';

/** One side of a question on which the trade differs: what it sets, and its reason in a sentence. */
export interface ChaseSchool {
  readonly id: ChaseChoice;
  readonly title: string;
  readonly depth: Sourced;
  readonly reason: string;
}

/** How deep to chase a slab crack. Quantities differ two- to threefold: each side computes its own. */
export const chaseDepth = {
  question: 'How deep to chase?',
  schools: {
    shallow: {
      id: 'shallow',
      title: 'shallow',
      depth: { value: 6.35, kind: 'depth', source: 'aci-224-1r', label: 'Depth of a shallow chase' },
      reason: 'Enough for feet and a cosmetic fill; least material and dust.',
    },
    deep: {
      id: 'deep',
      title: 'deep',
      depth: { value: 19.05, kind: 'depth', source: 'practice', label: 'Depth of a deep chase' },
      reason: 'Holds the edges under wheels and where they are weak.',
    },
  },
} as const satisfies { question: string; schools: Record<ChaseChoice, ChaseSchool> };

/** The school a repair follows: its own choice, else the firm's, else by what goes over it. */
export function chaseSchool(choice: ChaseChoice | undefined, rules: HouseRules, traffic: string | undefined): { school: ChaseSchool; because: 'repair' | 'firm' | 'context' } {
  if (choice) return { school: chaseDepth.schools[choice], because: 'repair' };
  if (rules.chase !== 'by-traffic') return { school: chaseDepth.schools[rules.chase], because: 'firm' };
  return { school: traffic === 'hard-wheels' ? chaseDepth.schools.deep : chaseDepth.schools.shallow, because: 'context' };
}
