import { tell, type Saying, type Telling } from '../quantity/saying.ts';
import { show, type Showable } from '../quantity/show.ts';
import { at } from '../schedule/days/problem.ts';
import type { Aim } from '../schedule/days/score.ts';
import type { Job } from '../survey/job.ts';
import { coreVersion } from '../version.ts';
import { dayWear, outsideMarks } from './dayWear.ts';
import type { DayBlock, PersonDay } from './daysTold.ts';
import { madeOf } from './madeOf.ts';
import type { DaysMade } from './makeDays.ts';
import { StandsOver } from './standsOver.ts';
import { weatherAsked, type WeatherAsked } from './weatherAsked.ts';

/** The version of the document of days. */
export const daysFormat = { format: 'oddment-days', version: 1 } as const;

/** What somebody takes along for what he does on a day: tools once each, of each repair what is placed, and what he wears for stone dust. */
function taken(made: DaysMade, blocks: PersonDay['blocks'], how: Telling, outside: ReadonlySet<string>) {
  const steps = blocks.flatMap((block) => {
    // the batch that is mixed for a step is mixed with its tools too
    const { work, step } = madeOf(made, block);
    return work && step ? [{ mark: block.mark, method: work.method, step }] : [];
  });
  const wear = dayWear(made, outside, blocks);
  // the same stuff for the same repair once, with all that is placed of it that day
  const stuff = new Map<string, Showable>();
  const seen = new Set<string>();
  for (const { mark, method, step } of steps) {
    if (seen.has(`${mark} ${step.id}`)) continue;
    seen.add(`${mark} ${step.id}`);
    for (const { of, amount } of step.handsOn?.uses ?? []) {
      const title = method.mixes.find((m) => m.id === of)?.title ?? method.materials.find((m) => m.id === of)?.what;
      if (title === undefined) continue;
      const key = `${mark}: ${title}`;
      const known = stuff.get(key);
      if (known?.kind === amount.kind) stuff.set(key, { value: known.value + amount.value, kind: known.kind });
      else stuff.set(known ? `${key}, ${amount.kind}` : key, amount);
    }
  }
  return {
    tools: [...new Set(steps.flatMap(({ step }) => step.tools))],
    stuff: [...stuff].map(([what, amount]) => `${what} ${show(amount, how.units).text}`),
    ...(wear && { wear: tell(wear, how) }),
  };
}

/** Days as an open document: sentences in the units asked for, moments as instants, minutes as whole numbers. */
export function daysRecord(job: Job, made: DaysMade, { aim, seed }: { readonly aim: Aim; readonly seed: number }, how: Telling) {
  const { setup, problem, works, found, plan, ways } = made;
  const text = (s: Saying) => tell(s, { ...how, day: '1970-01-01T12:00:00Z' });
  const maybe = <K extends string>(key: K, s: Saying | undefined) => (s ? { [key]: text(s) } : {}) as Readonly<Partial<Record<K, string>>>;
  const outside = outsideMarks(job);
  /** what the weather has to be for something that is placed outside */
  const asked = (block: Pick<DayBlock, 'id' | 'mark'>): { readonly asks?: WeatherAsked } => {
    const { work, stepId } = madeOf(made, block);
    const asks = work && outside.has(block.mark) && weatherAsked(work.method, stepId, work.candidate.chain ?? [work.candidate.system]);
    return asks ? { asks } : {};
  };
  const over = new StandsOver(problem, found.placements);
  return {
    ...daysFormat,
    core: coreVersion,
    job: job.id,
    aim,
    seed,
    rounds: found.rounds,
    startAt: problem.startAt,
    timeZone: problem.timeZone,
    doneAt: plan.doneAt,
    visits: plan.visits,
    bound: { at: plan.bound.at, says: text(plan.bound.says) },
    days: plan.days.map((d) => ({
      date: d.date,
      people: d.people.map((p) => ({
        person: p.person,
        name: p.name,
        blocks: p.blocks.map(({ title, why, mix, ...b }) => ({ ...b, title: text(title), ...maybe('mix', mix), ...maybe('why', why), ...asked(b) })),
        take: taken(made, p.blocks, how, outside),
        idle: p.idle.map(({ why, ...i }) => ({ ...i, ...maybe('why', why) })),
        ...(p.elsewhere && { elsewhere: p.elsewhere }),
        ...(p.lastMix && { lastMix: { ...p.lastMix, title: text(p.lastMix.title) } }),
      })),
    })),
    stands: over.things().map((o) => ({ ...o, title: text(o.title) })),
    wet: over.wet(setup).map((o) => ({ ...o, title: text(o.title) })),
    moments: plan.moments.map((m) => ({ ...m, title: text(m.title) })),
    leftOut: plan.leftOut.map((l) => ({ mark: l.mark, why: text(l.why) })),
    failing: plan.failing.map((f) => ({ ...f, why: text(f.why) })),
    ...maybe('contradiction', plan.contradiction),
    ...(plan.chances && {
      chances: {
        runs: plan.chances.runs,
        dates: plan.chances.dates,
        windows: plan.chances.windows,
        ...(plan.chances.ninth !== undefined && { ninth: plan.chances.ninth }),
        ...maybe('weakest', plan.chances.weakest),
      },
    }),
    ways: ways.map((w) => ({ id: w.id, says: text(w.says), comes: text(w.comes) })),
    repairs: problem.repairs.map((r, i) => ({ id: r.id, mark: r.mark, place: at(problem.places, r.place).name, system: at(works, i).candidate.system.title })),
  };
}

export type DaysRecord = ReturnType<typeof daysRecord>;

/** The defect and step that a thing of the days is of. */
export function stepOf(
  record: Pick<DaysRecord, 'repairs'>,
  { id, mark }: { readonly id: string; readonly mark: string },
): { readonly defect: string; readonly step: string } {
  return { defect: record.repairs.find((r) => r.mark === mark)?.id ?? '', step: id.slice(mark.length + 1) };
}

/** Days as an earlier version kept them: of what it did not note yet, nothing. */
export function daysToday(kept: Omit<DaysRecord, 'stands' | 'wet'> & Partial<Pick<DaysRecord, 'stands' | 'wet'>>): DaysRecord {
  return { ...kept, stands: kept.stands ?? [], wet: kept.wet ?? [] };
}
