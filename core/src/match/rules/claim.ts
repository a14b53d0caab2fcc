import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** Asked only where the repair must carry load again. */
export const claimRule: Rule = {
  id: 'claim',
  title: 'Strength asked for',
  judge: ({ system, subject }) =>
    subject.answers.claim?.value === 'restore-strength' ? fromRemark(claimRule, system.remarks.claim?.['restore-strength'], 'it bonds the crack') : undefined,
};
