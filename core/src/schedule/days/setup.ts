import type { ThingId } from '../../method/things.ts';
import { clockMinutes, hoursProblems, type WorkingHours } from '../../survey/hours.ts';
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
  /** how one gets in: who has the key, a code, whom to call */
  readonly keys?: string;
  /** when rain is forecast; beyond the forecast rain forbids nothing */
  readonly rain?: readonly { readonly date: string; readonly from: string; readonly to: string }[];
  /** dates on which nobody gets in */
  readonly shut?: readonly string[];
}

/** Why it is asked how one gets to an area. */
export const accessWhy = 'Days keep a floor that has to dry free for whoever passes over it, and take the keys along.';

/** What is to be heeded of an area, in a few words; none where it is as usual. `through`: the name of the area it is reached through. */
export function accessWords({ open, quiet, keys }: Omit<AreaDays, 'area'>, through: string | undefined): string {
  return [
    ...(open ? [`open ${open.from} to ${open.to}`] : []),
    ...(quiet ? [`no noise or dust ${quiet.from} to ${quiet.to}`] : []),
    ...(through === undefined ? [] : [`reached through ${through}`]),
    ...(keys === undefined || keys.trim() === '' ? [] : [keys.trim()]),
  ].join('; ');
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

/** A step that somebody has set by hand: when its work begins, and who does it. */
export interface Pin {
  readonly defect: string;
  readonly step: string;
  readonly date: string;
  /** clock time at the site */
  readonly time: string;
  /** of the crew of the job; who is named first covers and clears away */
  readonly people: readonly string[];
}

/** A step that is done already: when, and by whom. */
export interface DoneStep {
  readonly defect: string;
  readonly step: string;
  readonly people: readonly string[];
  readonly date: string;
  readonly from: string;
  readonly to: string;
  /** where it was done on a later date than it was begun */
  readonly toDate?: string;
}

/** Somebody who comes on a date to keep a repair wet. */
export interface Wets {
  readonly defect: string;
  readonly date: string;
  /** of the crew of the job */
  readonly person: string;
}

/** What the days of a job are made by besides its crew, its hours and its repairs. What is absent is as usual. */
export interface DaysSetup {
  /** the hours of this job; those of the firm where absent */
  readonly hours?: WorkingHours;
  /** the place whose weather is looked at, by the id that the weather service gives it */
  readonly forecast?: string;
  /** who comes to keep something wet on a date on which nobody works on it */
  readonly wets?: readonly Wets[];
  readonly people?: readonly PersonDays[];
  /** how many the firm has of a thing */
  readonly things?: Readonly<Partial<Record<ThingId, number>>>;
  readonly areas?: readonly AreaDays[];
  readonly dates?: readonly DueDate[];
  /** defects, or a step of one, that are not begun before a date: the client, a trade or an engineer releases them */
  readonly notBefore?: readonly NotBefore[];
  readonly pins?: readonly Pin[];
  readonly done?: readonly DoneStep[];
  /** what is not done is not begun before: the days are made anew from then on */
  readonly from?: { readonly date: string; readonly time: string };
}

/** How many of a thing a firm has that has not said so, at the least one: of what is large, one; of what each carries, one a person. Common practice. */
export function usualThings(people: number): Readonly<Partial<Record<ThingId, number>>> {
  const each = Math.max(1, people);
  return { saw: 1, hammer: 1, router: 1, pump: 1, sprayer: 1, mixer: 1, grinder: each, sander: each, drill: each };
}

interface SetupProblem {
  readonly path: string;
  readonly message: string;
}

/** What of it does not go with itself, whatever job it is of: where, and in words. */
export function hoursOfDaysProblems({ people = [], areas = [], done = [], hours: own }: DaysSetup): readonly SetupProblem[] {
  const out: SetupProblem[] = (own ? hoursProblems(own) : []).map((message) => ({ path: 'days/hours', message }));
  const hours = (path: string, { from, to }: DayHours) => {
    if (clockMinutes(to) <= clockMinutes(from)) out.push({ path, message: `It ends at ${to}, which is not after ${from}.` });
  };
  people.forEach((p, i) => {
    p.on?.forEach((o, n) => hours(`days/people/${String(i)}/on/${String(n)}`, o));
    p.away?.forEach((o, n) => hours(`days/people/${String(i)}/away/${String(n)}`, o));
  });
  areas.forEach((a, i) => {
    const path = `days/areas/${String(i)}`;
    if (a.through === a.area) out.push({ path: `${path}/through`, message: 'An area is not reached through itself: leave it out, or name another.' });
    if (a.open) hours(`${path}/open`, a.open);
    if (a.quiet) hours(`${path}/quiet`, a.quiet);
    a.rain?.forEach((r, n) => hours(`${path}/rain/${String(n)}`, r));
  });
  done.forEach((d, i) => {
    if (d.toDate === undefined) hours(`days/done/${String(i)}`, d);
  });
  return out;
}

/** What of it does not go with its job, or with itself: where, and in words. */
export function daysProblems(job: Job, setup: DaysSetup): readonly SetupProblem[] {
  const { people = [], areas = [], dates = [], notBefore = [], pins = [], done = [], wets = [] } = setup;
  const out: SetupProblem[] = [];
  const known = {
    person: new Set(job.crew.map((p) => p.id)),
    area: new Set(job.areas.map((a) => a.id)),
    defect: new Set(job.areas.flatMap((a) => a.defects.map((d) => d.id))),
  };
  const names = (path: string, what: keyof typeof known, id: string | undefined) => {
    if (id !== undefined && !known[what].has(id)) out.push({ path, message: `There is no ${what} '${id}' in this job.` });
  };
  people.forEach((p, i) => names(`days/people/${String(i)}/person`, 'person', p.person));
  areas.forEach((a, i) => {
    names(`days/areas/${String(i)}/area`, 'area', a.area);
    names(`days/areas/${String(i)}/through`, 'area', a.through);
  });
  dates.forEach((d, i) => names(`days/dates/${String(i)}/defect`, 'defect', d.defect));
  notBefore.forEach((d, i) => names(`days/notBefore/${String(i)}/defect`, 'defect', d.defect));
  wets.forEach((w, i) => {
    names(`days/wets/${String(i)}/defect`, 'defect', w.defect);
    names(`days/wets/${String(i)}/person`, 'person', w.person);
  });
  for (const [list, of] of [
    ['pins', pins],
    ['done', done],
  ] as const)
    of.forEach((d, i) => {
      names(`days/${list}/${String(i)}/defect`, 'defect', d.defect);
      d.people.forEach((p, n) => names(`days/${list}/${String(i)}/people/${String(n)}`, 'person', p));
    });
  return [...out, ...hoursOfDaysProblems(setup)];
}

/** What of it is about what is still in its job: a defect, an area or somebody that is gone takes what was said of it along. */
export function daysWithin(job: Pick<Job, 'crew' | 'areas'>, setup: DaysSetup): DaysSetup {
  const people = new Set(job.crew.map((p) => p.id));
  const areas = new Set(job.areas.map((a) => a.id));
  const defects = new Set(job.areas.flatMap((a) => a.defects.map((d) => d.id)));
  const kept = <K extends 'people' | 'areas' | 'dates' | 'notBefore' | 'pins' | 'done' | 'wets'>(
    key: K,
    there: (one: NonNullable<DaysSetup[K]>[number]) => boolean,
  ): Pick<DaysSetup, K> | undefined => {
    const list = (setup[key] as readonly NonNullable<DaysSetup[K]>[number][] | undefined)?.filter(there) ?? [];
    return list.length > 0 ? ({ [key]: list } as unknown as Pick<DaysSetup, K>) : undefined;
  };
  const byWhom = (one: Pin | DoneStep) => defects.has(one.defect) && one.people.every((p) => people.has(p));
  const { things, from, hours, forecast } = setup;
  return {
    ...(hours && { hours }),
    ...(forecast !== undefined && { forecast }),
    ...(things && { things }),
    ...(from && { from }),
    ...kept('people', (p) => people.has(p.person)),
    ...kept('areas', (a) => areas.has(a.area) && (a.through === undefined || areas.has(a.through))),
    ...kept('dates', (d) => d.defect === undefined || defects.has(d.defect)),
    ...kept('notBefore', (d) => defects.has(d.defect)),
    ...kept('pins', byWhom),
    ...kept('done', byWhom),
    ...kept('wets', (w) => defects.has(w.defect) && people.has(w.person)),
  };
}

/** The same of a job whose areas and defects have other ids. */
export function daysRenamed(setup: DaysSetup, idOf: ReadonlyMap<string, string>): DaysSetup {
  const to = (id: string) => idOf.get(id) ?? id;
  const named = <T extends { readonly defect: string }>(list: readonly T[] | undefined) => list?.map((one) => ({ ...one, defect: to(one.defect) }));
  const [notBefore, pins, done, wets] = [named(setup.notBefore), named(setup.pins), named(setup.done), named(setup.wets)];
  return {
    ...setup,
    ...(setup.areas && { areas: setup.areas.map((a) => ({ ...a, area: to(a.area), ...(a.through !== undefined && { through: to(a.through) }) })) }),
    ...(setup.dates && { dates: setup.dates.map((d) => ({ ...d, ...(d.defect !== undefined && { defect: to(d.defect) }) })) }),
    ...(notBefore && { notBefore }),
    ...(pins && { pins }),
    ...(done && { done }),
    ...(wets && { wets }),
  };
}
