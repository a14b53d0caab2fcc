import type { ThingId } from '../../method/things.ts';
import { clockMinutes } from '../../survey/hours.ts';
import type { Job } from '../../survey/job.ts';
import type { OwnHours } from './hours.ts';

/** Somebody of the crew whose hours are not those of the firm. */
export interface PersonDays extends OwnHours {
  /** of the crew of the job */
  readonly person: string;
}

/** Clock hours of each day at the site. */
export interface DayHours {
  readonly from: string;
  readonly to: string;
}

/** What is to be heeded of an area. */
export interface AreaDays {
  readonly area: string;
  /** when it may be entered, each day */
  readonly open?: DayHours;
  /** when no noise and no dust may be made, each day */
  readonly quiet?: DayHours;
  /** the area it is reached through */
  readonly through?: string;
  /** when rain is forecast; beyond the forecast rain forbids nothing */
  readonly rain?: readonly { readonly date: string; readonly from: string; readonly to: string }[];
  /** dates on which nobody gets in */
  readonly shut?: readonly string[];
}

/** A date that has to hold: of one repair, or of the whole job. */
export interface DueDate {
  /** id of a defect; all of the job where absent */
  readonly defect?: string;
  readonly date: string;
  /** clock time at the site; the end of that day where absent */
  readonly time?: string;
}

/** A defect, or a step of its method by id, that is not begun before a moment. */
export interface NotBefore {
  readonly defect: string;
  readonly step?: string;
  readonly date: string;
  /** clock time at the site; the beginning of that day where absent */
  readonly time?: string;
}

/** What the days of a job are made by besides its crew, its hours and its repairs. What is absent is as usual. */
export interface DaysSetup {
  readonly people?: readonly PersonDays[];
  /** how many the firm has of a thing */
  readonly things?: Readonly<Partial<Record<ThingId, number>>>;
  readonly areas?: readonly AreaDays[];
  readonly dates?: readonly DueDate[];
  /** defects, or a step of one, that are not begun before a date: the client, a trade or an engineer releases them */
  readonly notBefore?: readonly NotBefore[];
}

/** How many of a thing a firm has that has not said so, at the least one: of what is large, one; of what each carries, one a person. Common practice. */
export function usualThings(people: number): Readonly<Partial<Record<ThingId, number>>> {
  const each = Math.max(1, people);
  return { saw: 1, hammer: 1, router: 1, pump: 1, sprayer: 1, mixer: 1, grinder: each, sander: each, drill: each };
}

/** What of it does not go with its job, or with itself: where, and in words. */
export function daysProblems(
  job: Job,
  { people = [], areas = [], dates = [], notBefore = [] }: DaysSetup,
): readonly { readonly path: string; readonly message: string }[] {
  const out: { path: string; message: string }[] = [];
  const known = {
    person: new Set(job.crew.map((p) => p.id)),
    area: new Set(job.areas.map((a) => a.id)),
    defect: new Set(job.areas.flatMap((a) => a.defects.map((d) => d.id))),
  };
  const names = (path: string, what: keyof typeof known, id: string | undefined) => {
    if (id !== undefined && !known[what].has(id)) out.push({ path, message: `There is no ${what} '${id}' in this job.` });
  };
  const hours = (path: string, { from, to }: DayHours) => {
    if (clockMinutes(to) <= clockMinutes(from)) out.push({ path, message: `It ends at ${to}, which is not after ${from}.` });
  };
  people.forEach((p, i) => {
    names(`days/people/${String(i)}/person`, 'person', p.person);
    p.on?.forEach((o, n) => hours(`days/people/${String(i)}/on/${String(n)}`, o));
    p.away?.forEach((o, n) => hours(`days/people/${String(i)}/away/${String(n)}`, o));
  });
  areas.forEach((a, i) => {
    const path = `days/areas/${String(i)}`;
    names(`${path}/area`, 'area', a.area);
    names(`${path}/through`, 'area', a.through);
    if (a.through === a.area) out.push({ path: `${path}/through`, message: 'An area is not reached through itself: leave it out, or name another.' });
    if (a.open) hours(`${path}/open`, a.open);
    if (a.quiet) hours(`${path}/quiet`, a.quiet);
    a.rain?.forEach((r, n) => hours(`${path}/rain/${String(n)}`, r));
  });
  dates.forEach((d, i) => names(`days/dates/${String(i)}/defect`, 'defect', d.defect));
  notBefore.forEach((d, i) => names(`days/notBefore/${String(i)}/defect`, 'defect', d.defect));
  return out;
}
