import { things, thingsOf, type ThingId } from '../method/things.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import type { Found } from '../schedule/days/improve.ts';
import { at, type Problem } from '../schedule/days/problem.ts';
import { instantAfter } from '../schedule/schedule.ts';
import { dryingAir } from '../schools/dryingAir.ts';
import { mostCrew, skills, type Skill } from '../survey/crew.ts';
import { clockMinutes, timeAfter, usualHours, type WorkingHours } from '../survey/hours.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import type { Preferences } from '../schools/school.ts';
import { isOutside } from '../survey/area.ts';
import type { Area, Job } from '../survey/job.ts';
import type { DaysInput } from './daysInput.ts';
import { planJob, plannedOf, type RepairPlan } from './repairPlan.ts';

/** What is changed to take a way out: one of these. */
export interface WayTaken {
  readonly area?: Pick<Area, 'id' | 'facts'>;
  readonly setup?: DaysSetup;
  readonly crew?: Job['crew'];
  readonly choice?: { readonly defect: string; readonly system: string };
  /** sides of questions, for one repair */
  readonly schools?: { readonly defect: string; readonly schools: Preferences };
}

/** Something that could be otherwise. */
export interface Change {
  readonly id: string;
  readonly says: Saying;
  /** there is only more of something: every plan without it holds */
  readonly only?: true;
  readonly take: WayTaken;
}

/** What days are made from once something is changed: planned anew where it is more than how they are made. */
export function changedBy(input: DaysInput, { setup, crew, area, choice, schools }: WayTaken): DaysInput {
  if (setup) return { ...input, setup };
  const areas = input.job.areas.map((a) => ({
    ...a,
    ...(a.id === area?.id && { facts: area.facts }),
    defects: a.defects.map((d) => ({
      ...d,
      ...(d.id === choice?.defect && { choice: { system: choice.system } }),
      ...(d.id === schools?.defect && { schools: schools.schools }),
    })),
  }));
  const job = { ...input.job, areas, ...(crew && { crew }) };
  return { ...input, job, plans: planJob(job, input.rules, input.shelf) };
}

const hoursNow = ({ setup, rules }: DaysInput): WorkingHours => setup.hours ?? rules?.hours ?? usualHours;

/** Other hours for this job; those of the firm stay. */
const withHours = ({ setup }: DaysInput, hours: WorkingHours): WayTaken => ({ setup: { ...setup, hours } });

function crewAndHours(input: DaysInput): Change[] {
  const { job } = input;
  const hours = hoursNow(input);
  const free = job.crew.map((_p, i) => `more-${String(i + 1)}`).find((id) => !job.crew.some((p) => p.id === id)) ?? 'more';
  const more = { id: free, name: job.crew.some((p) => p.name.trim() !== '') ? 'One more' : '', skills: Object.keys(skills) as Skill[] };
  return [
    ...(job.crew.length < mostCrew
      ? [{ id: 'person', says: say`One person more, all the time`, only: true as const, take: { crew: [...job.crew, more] } }]
      : []),
    ...(clockMinutes(hours.to) <= clockMinutes('19:00')
      ? [
          {
            id: 'hour',
            says: say`Work until ${timeAfter(hours.to, 60)} instead of ${hours.to}`,
            take: withHours(input, { ...hours, to: timeAfter(hours.to, 60) }),
          },
        ]
      : []),
    ...(!hours.days.includes(6) ? [{ id: 'saturday', says: say`Work on Saturdays too`, take: withHours(input, { ...hours, days: [...hours.days, 6] }) }] : []),
  ];
}

/** Rooms that are warmed to twenty degrees, in which something critical waits. */
function warmer(areas: readonly Area[], ledger: Ledger): Change[] {
  const warm = 20;
  return areas.flatMap((area): Change[] => {
    const { airC, slabC } = area.facts;
    if (isOutside(area) || !airC || !slabC || slabC.value >= warm) return [];
    // nobody has measured that yet
    const heated = (value: number) => ({ value, how: 'assumed', at: slabC.at, instrument: 'heated, as planned' }) as const;
    const facts = { ...area.facts, airC: heated(Math.max(warm, airC.value)), slabC: heated(warm) };
    return [
      {
        id: `warm ${area.id}`,
        says: say`Heat ${area.name} to ${ledger.stated('Heated to', 'temperature', warm)}, ground and air, until it is done`,
        take: { area: { id: area.id, facts } },
      },
    ];
  });
}

/** Faster systems of those that fit, for a repair that holds all up. */
function faster(plan: RepairPlan): Change[] {
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
    return { id: `system ${mark} ${c.system.id}`, says: say`${c.system.title} for ${mark}`, take: { choice: { defect: id, system: c.system.id } } };
  });
}

/** A fan past what dries, where the air was to be left still. */
function withFan(plan: RepairPlan): Change[] {
  const method = plannedOf(plan)?.work()?.method;
  const { id, mark } = plan.defect;
  const dries = method?.links.some((l) => l.least?.by === 'drying') === true;
  if (!dries || method.steps.some((s) => thingsOf(s.tools).includes('fan'))) return [];
  const schools = { ...plan.defect.schools, [dryingAir.id]: 'fan' satisfies (typeof dryingAir.sides)[number]['id'] };
  return [{ id: `fan ${mark}`, says: say`A gentle fan past ${mark} while it dries`, take: { schools: { defect: id, schools } } }];
}

/** Machines that are waited for: one more of each. */
function moreThings({ setup }: DaysInput, problem: Problem, found: Found): Change[] {
  const wanted = new Set(found.holds.flatMap((h) => (h?.by === 'thing' ? [h.thing] : [])));
  return [...wanted].map((thing: ThingId): Change => {
    const count = (problem.things[thing] ?? 1) + 1;
    return {
      id: `thing ${thing}`,
      says: say`One ${things[thing].title.toLowerCase()} more`,
      only: true,
      take: { setup: { ...setup, things: { ...setup.things, [thing]: count } } },
    };
  });
}

/** Dates that are missed, put off to when these repairs end: what was found holds then. */
function laterDates({ setup }: DaysInput, { repairs, activities, startAt, timeZone }: Problem, { placements, score }: Found): Change[] {
  if (score.late === 0) return [];
  const late = repairs.flatMap((r, i) => {
    const end = Math.max(0, ...placements.filter((p) => p.people.length > 0 && at(activities, p.act).repair === i).map((p) => p.end));
    return r.due !== undefined && end > r.due ? [{ r, ends: instantAfter(startAt, end) }] : [];
  });
  const dates = late.map(({ r, ends }) => ({ defect: r.id, ...siteDateTime(ends, timeZone) }));
  const [first] = late;
  const says =
    first && late.length === 1 ? say`A later date for ${first.r.mark}: ${instant(first.ends)}` : say`Later dates for ${late.map((l) => l.r.mark).join(', ')}`;
  return [{ id: 'date', says, only: true, take: { setup: { ...setup, dates: [...dates, ...(setup.dates ?? [])] } } }];
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

/** All that could be otherwise, the dates first that would have to be later. */
export function changesOf(
  input: DaysInput,
  problem: Problem,
  found: Found,
  ledger: Ledger,
): { readonly critical: readonly Change[]; readonly others: readonly Change[] } {
  const last = critical(problem, found);
  const plansOf = input.plans.filter((p) => last.includes(p.defect.id));
  const isLast = (area: Area) => plansOf.some((p) => p.area.id === area.id);
  const planned = new Set(problem.places.map((p) => p.id));
  return {
    critical: [
      ...laterDates(input, problem, found),
      ...crewAndHours(input),
      ...plansOf.flatMap((p) => withFan(p)),
      ...plansOf.flatMap((p) => faster(p)),
      ...warmer(input.job.areas.filter(isLast), ledger),
      ...moreThings(input, problem, found),
    ],
    others: warmer(
      input.job.areas.filter((a) => planned.has(a.id) && !isLast(a)),
      ledger,
    ),
  };
}
