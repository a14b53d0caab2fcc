/** What a person of a firm may do: owner, estimator or foreman, finisher on the crew, or only look. */
export const roles = ['owner', 'estimator', 'finisher', 'viewer'] as const;
export type Role = (typeof roles)[number];

const named: Readonly<Record<Role, string>> = { owner: 'an owner', estimator: 'an estimator', finisher: 'a finisher', viewer: 'a viewer' };

/** Who may do something that is refused, in a sentence. */
export function refusedTo(role: Role, access: readonly Role[]): string {
  const who = roles.filter((r) => access.includes(r)).map((r) => named[r]);
  const last = who[who.length - 1] ?? 'nobody';
  const all = who.length > 1 ? `${who.slice(0, -1).join(', ')} or ${last}` : last;
  return `This is not for the role of ${role}: ${all} of the firm may do it.`;
}
