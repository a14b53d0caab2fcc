/** A stage of the corridor: what the work goes through from the walk to the mix. */
export interface Stage {
  /** as it stands in the address */
  readonly id: string;
  readonly name: string;
  /** the key that goes to it */
  readonly key: string;
  /** whether it shows one repair, or the job as a whole */
  readonly per: 'repair' | 'job';
}

/** The corridor, from its beginning to its end. A new stage is one entry here, its count in `corridor.ts` and its route. */
export const stages = [
  { id: 'walk', name: 'Walk', key: '1', per: 'repair' },
  { id: 'match', name: 'Match', key: '2', per: 'repair' },
  { id: 'method', name: 'Method', key: '3', per: 'repair' },
  { id: 'mix', name: 'Mix', key: '4', per: 'repair' },
  { id: 'days', name: 'Days', key: '5', per: 'job' },
] as const satisfies readonly Stage[];

export type StageId = (typeof stages)[number]['id'];

/** screens of a job beside the corridor, by how they stand in the address */
const beside: Readonly<Record<string, string>> = { plans: 'Issued plans', offer: 'Offer', table: 'Table', changes: 'What changed' };

/** What a screen of a job is called, by how it stands in the address. */
export const screenName = (id: string): string => stages.find((s) => s.id === id)?.name ?? beside[id] ?? 'This job';

/** The address of a stage of a job: of one repair where it shows one. */
export function stagePath({ id, per }: Pick<Stage, 'id' | 'per'>, jobId: string, defectId: string | undefined): string {
  return per === 'job' || defectId === undefined ? `/jobs/${jobId}/${id}` : `/jobs/${jobId}/${id}/${defectId}`;
}
