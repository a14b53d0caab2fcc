/** What a person of a firm may do: owner, estimator or foreman, finisher on the crew, or only look. */
export const roles = ['owner', 'estimator', 'finisher', 'viewer'] as const;
export type Role = (typeof roles)[number];
