import type { ClimateSeries } from '../climate/series.ts';
import { isOutside } from '../survey/area.ts';
import { usualHours } from '../survey/hours.ts';
import type { HouseRules, Job } from '../survey/job.ts';
import { isTold, personName } from '../survey/crew.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { DayAxis, without, workingStretches } from '../schedule/days/hours.ts';
import type { Activity, Place, Problem, Repair, Stretch, Worker } from '../schedule/days/problem.ts';
import { daysWithin, usualThings, type AreaDays, type DayHours, type DaysSetup, type DoneStep, type Pin } from '../schedule/days/setup.ts';
import { isElectric } from '../method/things.ts';
import { ratesOf } from '../shelf/rates.ts';
import { awayAt, hoursBeside, type Elsewhere } from './elsewhere.ts';
import { climateOf, type PlannedWork } from './plannedWork.ts';
import { plannedOf, type PlannedPlan, type RepairPlan } from './repairPlan.ts';
import { repairNetwork, type RepairNetwork } from './repairNetwork.ts';

/** A repair that has no place in the days, and why. */
export interface LeftOut {
  readonly mark: string;
  readonly why: Saying;
}

/** A problem of days with what its words are told from. */
export interface JobDays {
  readonly problem: Problem;
  readonly works: readonly PlannedWork[];
  readonly leftOut: readonly LeftOut[];
}

/** As far ahead as days are made: what takes longer is told as having no place. */
const daysAhead = 150;

/** Of a window a quarter is kept in reserve, at most an hour; of one under ten minutes a smaller batch is the reserve. Common practice. */
const windowReserve = { share: 0.25, mostMin: 60, fromMin: 10 };

/** From one area to another with tools, in min: common practice. */
const walkMin = 5;

/** Hours of every day as stretches. */
function daily(axis: DayAxis, { from, to }: DayHours): Stretch[] {
  return axis.dates.slice(0, -1).map((date) => ({ from: axis.min(date, from), to: axis.min(date, to) }));
}

function placeOf(
  axis: DayAxis,
  name: { readonly id: string; readonly name: string },
  own: AreaDays | undefined,
  ids: readonly string[],
): Omit<Place, 'cover' | 'away'> {
  const days = axis.days;
  const shut = (own?.shut ?? []).flatMap((date) => {
    const n = axis.dates.indexOf(date);
    return n >= 0 && n < days.length - 1 ? [{ from: days[n] ?? 0, to: days[n + 1] ?? 0 }] : [];
  });
  const whole: readonly Stretch[] = own?.open ? daily(axis, own.open) : shut.length > 0 ? [{ from: 0, to: days[days.length - 1] ?? 0 }] : [];
  const open = without(whole, shut);
  const through = own?.through === undefined ? -1 : ids.indexOf(own.through);
  return {
    ...name,
    ...((own?.open ?? shut.length > 0) && { open }),
    ...(own?.quiet && { quiet: daily(axis, own.quiet) }),
    ...(own?.rain && { rain: own.rain.map((r) => ({ from: axis.min(r.date, r.from), to: axis.min(r.date, r.to) })) }),
    ...(through >= 0 && { through }),
  };
}

/** Why a repair is not in the days; nothing where it is. */
function leftOutWhy(plan: RepairPlan): Saying | undefined {
  if (plan.state !== 'planned') return say`Questions are open: it has no plan yet.`;
  if (plan.held) return say`A stop is open: nothing is planned until it is decided.`;
  if (plan.work()) return undefined;
  return plan.problem() ?? say`Nothing is chosen for it, and nothing fits.`;
}

/** What days are made from besides their job. */
export interface JobDaysWith {
  /** other work for a repair than its plan has, by the id of its defect */
  readonly taken?: ReadonlyMap<string, PlannedWork>;
  readonly grid?: number;
  /** where people of the firm are by the days of other jobs */
  readonly elsewhere?: readonly Elsewhere[];
}

/**
 * The problem of days of a job: everybody's hours, what there is few of, and the networks of all repairs that are planned.
 */
export function jobDays(
  job: Job,
  plans: readonly RepairPlan[],
  rules: HouseRules | undefined,
  given: DaysSetup = {},
  { taken = new Map<string, PlannedWork>(), grid = 1, elsewhere = [] }: JobDaysWith = {},
): JobDays {
  const setup = daysWithin(job, given);
  const hours = setup.hours ?? rules?.hours ?? usualHours;
  const axis = new DayAxis(job.startAt, job.timeZone, daysAhead);
  const told = job.crew.some(isTold);
  const workers = job.crew.map((p, i): Worker => {
    const own = setup.people?.find((o) => o.person === p.id);
    const away = awayAt(job.startAt, p.name, elsewhere);
    return {
      id: p.id,
      name: personName(job.crew, i),
      ...(told && { skills: p.skills }),
      hours: hoursBeside(workingStretches(hours, axis, own), away),
      ...(away.length > 0 && { elsewhere: away }),
    };
  });
  const leftOut: LeftOut[] = [];
  const in_: { readonly plan: PlannedPlan; readonly work: PlannedWork; readonly network: RepairNetwork }[] = [];
  const { batchMost } = ratesOf(rules?.rates);
  for (const plan of plans) {
    const why = leftOutWhy(plan);
    const planned = plannedOf(plan);
    const work = planned && (taken.get(plan.defect.id) ?? planned.work());
    if (why || !planned || !work) leftOut.push({ mark: plan.defect.mark, why: why ?? say`It has no plan.` });
    else {
      const network = repairNetwork(work.method, { mark: plan.defect.mark, area: plan.area.id, most: batchMost.value, grid });
      in_.push({ plan: planned, work, network });
      const astray = setup.pins?.some((p) => p.defect === plan.defect.id && !network.activities.some((a) => a.step === p.step));
      if (astray === true) leftOut.push({ mark: plan.defect.mark, why: say`What was set by hand is no step of its method any more: that is left out.` });
    }
  }
  const areas = job.areas.filter((a) => in_.some(({ plan }) => plan.area.id === a.id));
  const ids = areas.map((a) => a.id);
  const places = areas.map((a): Place => {
    const own = in_.filter(({ plan }) => plan.area.id === a.id).map(({ network }) => network);
    return {
      ...placeOf(
        axis,
        { id: a.id, name: a.name },
        setup.areas?.find((s) => s.area === a.id),
        ids,
      ),
      cover: Math.max(0, ...own.map((n) => n.cover)),
      away: Math.max(0, ...own.map((n) => n.away)),
    };
  });
  const allDue = setup.dates?.find((d) => d.defect === undefined);
  const dueMin = (d: { readonly date: string; readonly time?: string } | undefined) => (d ? axis.min(d.date, d.time ?? hours.to) : undefined);
  const repairs = in_.map(({ plan }): Repair => {
    const { id, mark } = plan.defect;
    const due = dueMin(setup.dates?.find((d) => d.defect === id)) ?? dueMin(allDue);
    const first = setup.notBefore?.find((n) => n.defect === id && n.step === undefined);
    const climate: ClimateSeries = climateOf(plan.subject, job);
    return {
      id,
      mark,
      place: ids.indexOf(plan.area.id),
      climate,
      ...(due !== undefined && { due }),
      ...(first && { notBefore: Math.max(0, axis.min(first.date, first.time ?? '00:00')) }),
    };
  });
  return {
    problem: joined(
      { job, axis, workers, places, repairs, setup, grid },
      in_.map((i) => i.network),
    ),
    works: in_.map((i) => i.work),
    leftOut,
  };
}

interface Around {
  readonly job: Job;
  readonly axis: DayAxis;
  readonly workers: readonly Worker[];
  readonly places: readonly Place[];
  readonly repairs: readonly Repair[];
  readonly setup: DaysSetup;
  readonly grid: number;
}

/** What of a step is set by hand, or done already. */
function setByHand(
  { workers, axis, setup, grid }: Pick<Around, 'workers' | 'axis' | 'setup' | 'grid'>,
  defect: string,
  step: string,
): Pick<Activity, 'pin' | 'done'> {
  const own = (one: Pin | DoneStep) => one.defect === defect && one.step === step;
  const places = (people: readonly string[]) => people.map((p) => workers.findIndex((w) => w.id === p)).filter((i) => i >= 0);
  const [done, pin] = [setup.done?.find(own), setup.pins?.find(own)];
  if (done) {
    const start = axis.min(done.date, done.from);
    return { done: { start, end: Math.max(start, axis.min(done.toDate ?? done.date, done.to)), people: places(done.people) } };
  }
  if (!pin) return {};
  return { pin: { start: Math.ceil(axis.min(pin.date, pin.time) / grid) * grid, people: places(pin.people) } };
}

/** The networks of all repairs as one problem. */
function joined({ job, axis, workers, places, repairs, setup, grid }: Around, networks: readonly RepairNetwork[]): Problem {
  const out = {
    activities: [] as Problem['activities'][number][],
    ties: [] as Problem['ties'][number][],
    marks: [] as Problem['marks'][number][],
    stands: [] as Problem['stands'][number][],
  };
  const from = setup.from ? Math.max(0, Math.ceil(axis.min(setup.from.date, setup.from.time) / grid) * grid) : 0;
  const outside = new Set(job.areas.filter(isOutside).map((a) => a.id));
  networks.forEach((n, repair) => {
    const first = out.activities.length;
    const place = repairs[repair]?.place ?? 0;
    const moved = <P extends { readonly act: number }>(p: P): P => ({ ...p, act: p.act + first });
    const released = (step: string) => setup.notBefore?.find((b) => b.defect === repairs[repair]?.id && b.step === step);
    out.activities.push(
      ...n.activities.map((a) => {
        const one = released(a.step);
        const first = one && Math.max(0, axis.min(one.date, one.time ?? '00:00'));
        const byHand = setByHand({ workers, axis, setup, grid }, repairs[repair]?.id ?? '', a.step);
        const notBefore = byHand.done ? undefined : Math.max(first ?? 0, from);
        // nobody stands in the rain with a machine on a cable
        const dry = a.dry || (outside.has(places[place]?.id ?? '') && isElectric(a.things));
        return { ...a, dry, repair, ...(notBefore !== undefined && notBefore > 0 && { notBefore }), ...byHand };
      }),
    );
    out.ties.push(...n.ties.map((t) => ({ ...t, from: t.from + first, to: t.to + first })));
    out.stands.push(...n.stands.map((s) => ({ thing: s.thing, from: moved(s.from), to: moved(s.to) })));
    out.marks.push(...n.marks.map((m) => ({ is: m.is, place, from: moved(m.from), to: moved(m.to) })));
    const { through } = places[place] ?? {};
    // whoever works at a place has walked over what it is reached through
    if (through !== undefined)
      n.activities.forEach((a, i) => {
        if (a.ways.length > 0) out.marks.push({ is: 'passed', place: through, from: { act: first + i, at: 'start' }, to: { act: first + i, at: 'end' } });
      });
  });
  return {
    startAt: job.startAt,
    timeZone: job.timeZone,
    days: axis.days,
    workers,
    things: { ...usualThings(workers.length), ...setup.things },
    places,
    repairs,
    ...out,
    grid,
    reserve: windowReserve,
    walkMin,
  };
}
