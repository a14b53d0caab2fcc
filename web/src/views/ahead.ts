import type { DaysAhead } from '@oddment/contracts';
import type { DaysRecord } from '@oddment/core';

type PersonDay = DaysRecord['days'][number]['people'][number];

/** Somebody at a job on a date: from when to when, in which rooms. */
export interface WhereIs {
  readonly name: string;
  readonly job: DaysAhead;
  readonly day: PersonDay;
  readonly from: string;
  readonly to: string;
  readonly places: readonly string[];
  readonly marks: readonly string[];
}

const ends = ({ blocks }: PersonDay) => Math.max(...blocks.map((b) => Date.parse(b.end) + b.awayMin * 60_000));

/** Who is where on a date, over all jobs: by name, then by time. Names are of the firm: one name is one person. */
export function whoIsWhere(jobs: readonly DaysAhead[], date: string): readonly WhereIs[] {
  return jobs
    .flatMap((job) =>
      job.days.days
        .filter((d) => d.date === date)
        .flatMap((d) =>
          d.people.flatMap((day): WhereIs[] => {
            const [first] = day.blocks;
            if (!first) return [];
            return [
              {
                name: day.name,
                job,
                day,
                from: first.from,
                to: new Date(ends(day)).toISOString(),
                places: [...new Set(day.blocks.map((b) => b.place))],
                marks: [...new Set(day.blocks.map((b) => b.mark))],
              },
            ];
          }),
        ),
    )
    .sort((a, b) => a.name.localeCompare(b.name) || Date.parse(a.from) - Date.parse(b.from));
}

/** Something that has to be begun by a moment. */
export interface Closing {
  readonly job: DaysAhead;
  readonly id: string;
  readonly mark: string;
  readonly title: string;
  readonly names: readonly string[];
  readonly start: string;
  readonly latest: string;
}

/** What closes next over all jobs: not yet begun by the plan, the first to close first. */
export function closesNext(jobs: readonly DaysAhead[], now: string, most: number): readonly Closing[] {
  const found = new Map<string, Closing>();
  for (const job of jobs)
    for (const d of job.days.days)
      for (const p of d.people)
        for (const b of p.blocks) {
          if (b.latest === undefined || b.done === true || Date.parse(b.start) < Date.parse(now)) continue;
          const key = `${job.jobId} ${b.id}`;
          const known = found.get(key);
          found.set(
            key,
            known
              ? { ...known, names: [...known.names, p.name] }
              : { job, id: b.id, mark: b.mark, title: b.title, names: [p.name], start: b.start, latest: b.latest },
          );
        }
  return [...found.values()].sort((a, b) => Date.parse(a.latest) - Date.parse(b.latest) || a.id.localeCompare(b.id)).slice(0, most);
}

/** The dates on which anybody works, from the earliest today of the jobs on. */
export function datesAhead(jobs: readonly DaysAhead[]): readonly string[] {
  return [...new Set(jobs.flatMap((j) => j.days.days.map((d) => d.date)))].sort();
}

/** Everybody who has something to do ahead, by name. */
export function namesAhead(jobs: readonly DaysAhead[]): readonly string[] {
  return [...new Set(jobs.flatMap((j) => j.days.days.flatMap((d) => d.people.map((p) => p.name))))].sort((a, b) => a.localeCompare(b));
}
