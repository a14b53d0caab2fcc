import { things, thingsOf, type ThingId } from '../method/things.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { findDays, type Found, type Search } from '../schedule/days/improve.ts';
import { compareScores, type Score } from '../schedule/days/score.ts';
import { at, type Problem } from '../schedule/days/problem.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { instantAfter } from '../schedule/schedule.ts';
import { dryingAir } from '../schools/dryingAir.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { mostCrew, skills, type Skill } from '../survey/crew.ts';
import { clockMinutes, timeAfter, usualHours, type WorkingHours } from '../survey/hours.ts';
import type { Area, HouseRules, Job } from '../survey/job.ts';
import type { Elsewhere } from './elsewhere.ts';
import { jobDays, type JobDays } from './jobDays.ts';
import { planJob, plannedOf, type RepairPlan } from './repairPlan.ts';

/** What days are made from. */
export interface DaysInput {
  readonly job: Job;
  readonly plans: readonly RepairPlan[];
  readonly rules?: HouseRules;
  readonly shelf?: readonly PatchSystem[];
  readonly setup: DaysSetup;
  /** where people of the firm are by the days of other jobs */
  readonly elsewhere?: readonly Elsewhere[];
}

/** The problem of days that an input gives. */
export const daysOf = ({ job, plans, rules, setup, elsewhere }: DaysInput): JobDays => jobDays(job, plans, rules, setup, { ...(elsewhere && { elsewhere }) });

/** A way out that was tried, and works. */
export interface WayOut {
  readonly id: string;
  /** what is done otherwise */
  readonly says: Saying;
  /** what it brings, and costs */
  readonly comes: Saying;
  readonly score: Score;
  /** the days that it gives */
  readonly made: { readonly input: DaysInput; readonly days: JobDays; readonly found: Found };
}

interface Change {
  readonly id: string;
  readonly says: Saying;
  /** there is only more of something: every plan without it holds */
  readonly only?: true;
  readonly input: () => DaysInput;
}

/** As many ways as are tried. */
const mostTried = 12;
/** As many as are told. */
const mostTold = 3;
/** What brings less is none, in min. */
const leastGain = 15;

const replanned = (input: DaysInput, job: Job): DaysInput => ({ ...input, job, plans: planJob(job, input.rules, input.shelf) });

const hoursNow = ({ setup, rules }: DaysInput): WorkingHours => setup.hours ?? rules?.hours ?? usualHours;

/** Other hours for this job; those of the firm stay. */
const withHours = (input: DaysInput, change: (hours: WorkingHours) => WorkingHours): DaysInput => ({
  ...input,
  setup: { ...input.setup, hours: change(hoursNow(input)) },
});

function crewAndHours(input: DaysInput): Change[] {
  const { job } = input;
  const hours = hoursNow(input);
  const free = job.crew.map((_p, i) => `more-${String(i + 1)}`).find((id) => !job.crew.some((p) => p.id === id)) ?? 'more';
  const more = { id: free, name: job.crew.some((p) => p.name.trim() !== '') ? 'One more' : '', skills: Object.keys(skills) as Skill[] };
  return [
    ...(job.crew.length < mostCrew
      ? [{ id: 'person', says: say`One person more, all the time`, only: true as const, input: () => replanned(input, { ...job, crew: [...job.crew, more] }) }]
      : []),
    ...(clockMinutes(hours.to) <= clockMinutes('19:00')
      ? [
          {
            id: 'hour',
            says: say`Work until ${timeAfter(hours.to, 60)} instead of ${hours.to}`,
            input: () => withHours(input, (h) => ({ ...h, to: timeAfter(h.to, 60) })),
          },
        ]
      : []),
    ...(!hours.days.includes(6)
      ? [{ id: 'saturday', says: say`Work on Saturdays too`, input: () => withHours(input, (h) => ({ ...h, days: [...h.days, 6] })) }]
      : []),
  ];
}

/** Rooms that are warmed to twenty degrees, in which something critical waits. */
function warmer(input: DaysInput, areas: readonly Area[], ledger: Ledger): Change[] {
  const warm = 20;
  return areas.flatMap((area): Change[] => {
    const { place, airC, slabC } = area.facts;
    if (place?.value !== 'inside' || !airC || !slabC || slabC.value >= warm) return [];
    // nobody has measured that yet
    const heated = (value: number) => ({ value, how: 'assumed', at: slabC.at, instrument: 'heated, as planned' }) as const;
    const facts = { ...area.facts, airC: heated(Math.max(warm, airC.value)), slabC: heated(warm) };
    const job = { ...input.job, areas: input.job.areas.map((a) => (a.id === area.id ? { ...a, facts } : a)) };
    return [
      {
        id: `warm ${area.id}`,
        says: say`Heat ${area.name} to ${ledger.stated('Heated to', 'temperature', warm)}, ground and air, until it is done`,
        input: () => replanned(input, job),
      },
    ];
  });
}

/** Faster systems of those that fit, for a repair that holds all up. */
function faster(input: DaysInput, plan: RepairPlan): Change[] {
  const planned = plannedOf(plan);
  const inView = planned?.planned;
  if (!planned || !inView) return [];
  const now = planned.timesOf(inView.candidate)?.inUse.value ?? 0;
  const others = planned.candidates
    .filter((c) => c.grade === 'fits' && c.system.id !== inView.candidate.system.id)
    .flatMap((c) => {
      const total = planned.timesOf(c)?.inUse.value;
      return total === undefined || total >= now ? [] : [{ c, total }];
    })
    .sort((a, b) => a.total - b.total)
    .slice(0, 2);
  return others.map(({ c }): Change => {
    const { id, mark } = plan.defect;
    const areas = input.job.areas.map((a) => ({ ...a, defects: a.defects.map((d) => (d.id === id ? { ...d, choice: { system: c.system.id } } : d)) }));
    return { id: `system ${mark} ${c.system.id}`, says: say`${c.system.title} for ${mark}`, input: () => replanned(input, { ...input.job, areas }) };
  });
}

/** A fan past what dries, where the air was to be left still. */
function withFan(input: DaysInput, plan: RepairPlan): Change[] {
  const method = plannedOf(plan)?.work()?.method;
  const { id, mark } = plan.defect;
  const dries = method?.links.some((l) => l.least?.by === 'drying') === true;
  if (!dries || method.steps.some((s) => thingsOf(s.tools).includes('fan'))) return [];
  const schools = { ...plan.defect.schools, [dryingAir.id]: 'fan' satisfies (typeof dryingAir.sides)[number]['id'] };
  const areas = input.job.areas.map((a) => ({ ...a, defects: a.defects.map((d) => (d.id === id ? { ...d, schools } : d)) }));
  return [{ id: `fan ${mark}`, says: say`A gentle fan past ${mark} while it dries`, input: () => replanned(input, { ...input.job, areas }) }];
}

/** Machines that are waited for: one more of each. */
function moreThings(input: DaysInput, problem: Problem, found: Found): Change[] {
  const wanted = new Set(found.holds.flatMap((h) => (h?.by === 'thing' ? [h.thing] : [])));
  return [...wanted].map((thing: ThingId): Change => {
    const count = (problem.things[thing] ?? 1) + 1;
    return {
      id: `thing ${thing}`,
      says: say`One ${things[thing].title.toLowerCase()} more`,
      only: true,
      input: () => ({ ...input, setup: { ...input.setup, things: { ...input.setup.things, [thing]: count } } }),
    };
  });
}

/** Dates that are missed, put off to when these repairs end: what was found holds then. */
function laterDates(input: DaysInput, { repairs, activities, startAt, timeZone }: Problem, { placements, score }: Found): Change[] {
  if (score.late === 0) return [];
  const late = repairs.flatMap((r, i) => {
    const end = Math.max(0, ...placements.filter((p) => p.people.length > 0 && at(activities, p.act).repair === i).map((p) => p.end));
    return r.due !== undefined && end > r.due ? [{ r, ends: instantAfter(startAt, end) }] : [];
  });
  const dates = late.map(({ r, ends }) => ({ defect: r.id, ...siteDateTime(ends, timeZone) }));
  const [first] = late;
  const says =
    first && late.length === 1 ? say`A later date for ${first.r.mark}: ${instant(first.ends)}` : say`Later dates for ${late.map((l) => l.r.mark).join(', ')}`;
  return [{ id: 'date', says, only: true, input: () => ({ ...input, setup: { ...input.setup, dates: [...dates, ...(input.setup.dates ?? [])] } }) }];
}

/** Repairs that fail, or else those that end last. */
function critical({ repairs, activities }: Problem, { placements, unplaced }: Found): readonly string[] {
  const ends = repairs.map((r, i) => {
    const end = Math.max(0, ...placements.filter((p) => p.people.length > 0 && at(activities, p.act).repair === i).map((p) => p.end));
    return { id: r.id, end, late: Math.max(0, end - (r.due ?? Number.POSITIVE_INFINITY)) };
  });
  const missing = unplaced.map((u) => at(repairs, u.repair).id);
  const sorted = [...ends].sort((a, b) => b.late - a.late || b.end - a.end).map((e) => e.id);
  return [...new Set([...missing, ...sorted])].slice(0, 2);
}

/**
 * Ways out, each of which was tried and works: planned anew with one thing changed.
 * @returns the three that keep a date or find a place where there was none, else that bring the end forward most
 */
export function waysOut(input: DaysInput, problem: Problem, found: Found, search: Search): readonly WayOut[] {
  const ledger = new Ledger();
  const last = critical(problem, found);
  const plansOf = input.plans.filter((p) => last.includes(p.defect.id));
  const areas = input.job.areas.filter((a) => plansOf.some((p) => p.area.id === a.id));
  const changes = [
    ...laterDates(input, problem, found),
    ...crewAndHours(input),
    ...plansOf.flatMap((p) => withFan(input, p)),
    ...plansOf.flatMap((p) => faster(input, p)),
    ...warmer(input, areas, ledger),
    ...moreThings(input, problem, found),
  ].slice(0, mostTried);
  const now = found.score;
  const personMin = (f: Found, p: Problem) =>
    f.placements.reduce((sum, one) => sum + one.people.length * (one.end - one.start) * (at(p.activities, one.act).ways.length > 0 ? 1 : 0), 0);
  const nowMin = personMin(found, problem);
  const worked = changes.flatMap((change, i): (WayOut & { readonly gain: number })[] => {
    if (search.progress?.(i / changes.length, now) === false) return [];
    const changed = change.input();
    const days = daysOf(changed);
    const other = days.problem;
    // a change that leaves a repair without a plan is none
    if (other.repairs.length < problem.repairs.length) return [];
    // with more of something the plan without it still holds: it is begun from
    const same = change.only === true && other.activities.every((a, n) => a.id === problem.activities[n]?.id);
    const tried = findDays(other, { aim: search.aim, rounds: search.rounds, seed: search.seed, ...(same && { from: found.placements }) });
    const gain = now.end - tried.score.end;
    const failed = now.unplaced > 0 || now.late > 0;
    // where something fails, a way out is what mends it; else what brings the end forward by enough
    const works = failed ? tried.score.unplaced === 0 && tried.score.late === 0 : gain >= leastGain;
    if (!works || compareScores(tried.score, now, search.aim) >= 0) return [];
    return [
      {
        id: change.id,
        says: change.says,
        score: tried.score,
        gain,
        comes: comes(problem, now, tried.score, personMin(tried, other) - nowMin, ledger),
        made: { input: changed, days, found: tried },
      },
    ];
  });
  const fails = (s: Score) => s.unplaced * 1e9 + s.late;
  return worked
    .sort((a, b) => fails(a.score) - fails(b.score) || b.gain - a.gain || a.score.visits - b.score.visits)
    .slice(0, mostTold)
    .map(({ gain: _gain, ...way }) => way);
}

function comes(problem: Problem, now: Score, then: Score, moreMin: number, ledger: Ledger): Saying {
  const end = say`done ${instant(instantAfter(problem.startAt, then.end))}`;
  const visits =
    then.visits === now.visits
      ? say``
      : say`, on ${ledger.stated('Days of work', 'count', then.visits)} days instead of ${ledger.stated('Days of work', 'count', now.visits)}`;
  const hands =
    Math.abs(moreMin) < leastGain ? say`` : say`, ${ledger.stated('By hand', 'duration', Math.abs(moreMin))} ${moreMin > 0 ? 'more' : 'less'} by hand`;
  const rest =
    then.unplaced > 0
      ? say`; some of it still has no place`
      : then.late > 0
        ? say`; still late`
        : now.late > 0 || now.unplaced > 0
          ? say`; every date holds`
          : say``;
  return say`${end}${visits}${hands}${rest}`;
}
