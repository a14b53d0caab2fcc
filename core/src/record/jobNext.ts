/** What a job has come to, counted over its repairs; each repair counts in one of issued, begun and done at the most. */
export interface JobCounts {
  readonly defects: number;
  /** repairs whose system a person chose */
  readonly chosen: number;
  /** issued and not begun */
  readonly issued: number;
  readonly begun: number;
  readonly done: number;
  /** kept offers that the client has not answered */
  readonly offered?: number;
  readonly archived?: boolean;
}

/** How far a job is, by what is furthest back that somebody works at. */
export type JobState = 'empty' | 'choosing' | 'issuing' | 'waiting' | 'working' | 'done' | 'archived';

/** Something that waits, how many of it, and for whom: those who plan, those on the site, or the client. */
export interface JobWaits {
  readonly count: number;
  readonly what: string;
  readonly for: 'office' | 'site' | 'client';
}

/** How a job stands, and what waits for whom, first what is worked at. */
export interface JobNext {
  readonly state: JobState;
  readonly waits: readonly JobWaits[];
}

/** Each state in the words of a list. */
export const jobStates: Readonly<Record<JobState, string>> = {
  empty: 'nothing found yet',
  choosing: 'being planned',
  issuing: 'to be issued',
  waiting: 'to be begun',
  working: 'being worked',
  done: 'done',
  archived: 'archived',
};

/** How many repairs wait in the office: their system to be chosen, and their plan to be issued. */
function inOffice({ defects, chosen, issued, begun, done }: JobCounts): { readonly toChoose: number; readonly toIssue: number } {
  const out = issued + begun + done;
  return { toChoose: Math.max(0, defects - Math.max(chosen, out)), toIssue: Math.max(0, chosen - out) };
}

function stateOf(counts: JobCounts): JobState {
  const { defects, begun, done, archived } = counts;
  const { toChoose, toIssue } = inOffice(counts);
  if (archived === true) return 'archived';
  if (defects === 0) return 'empty';
  if (begun > 0) return 'working';
  if (done >= defects) return 'done';
  if (toChoose > 0) return 'choosing';
  return toIssue > 0 ? 'issuing' : 'waiting';
}

/**
 * How far a job is and what comes next, from what is counted of it: nothing is planned for a list of thousands. A repair
 * may be issued by the system that was proposed, so that more may be issued than were chosen.
 */
export function jobNext(counts: JobCounts): JobNext {
  const { toChoose, toIssue } = inOffice(counts);
  const { offered = 0 } = counts;
  const all: readonly JobWaits[] = [
    { count: counts.begun, what: 'being worked', for: 'site' },
    { count: counts.issued, what: 'to begin', for: 'site' },
    { count: offered, what: offered === 1 ? 'offer to be answered' : 'offers to be answered', for: 'client' },
    { count: toIssue, what: 'to issue', for: 'office' },
    { count: toChoose, what: 'to choose', for: 'office' },
  ];
  return { state: stateOf(counts), waits: counts.archived === true ? [] : all.filter((w) => w.count > 0) };
}
