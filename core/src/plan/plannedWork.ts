import { handsOf } from '../survey/crew.ts';
import { constantClimate, nightlyClimate, type ClimateSeries } from '../climate/series.ts';
import type { Section } from '../geometry/section.ts';
import { isOtherWork, type Candidate } from '../match/candidates.ts';
import type { JudgedSize, Seen, Subject } from '../match/subject.ts';
import { Unworkable } from '../method/unworkable.ts';
import { Missing } from '../method/courseFigures.ts';
import { hasFamily, workMethod } from '../method/families.ts';
import type { GridFigures } from '../method/matter.ts';
import type { Sign } from '../method/step.ts';
import type { Material, Mix, WorkMethod } from '../method/work.ts';
import { laborCost } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { NotComputable, OutOfRange } from '../quantity/formula.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { First } from '../safety/firsts.ts';
import type { Caution } from '../safety/caution.ts';
import { usualHours } from '../survey/hours.ts';
import { workingCalendar } from '../schedule/calendar.ts';
import { saidStarts } from '../schedule/stepRows.ts';
import { schedule, type Schedule } from '../schedule/schedule.ts';
import type { SchoolSide } from '../schools/school.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { chains } from '../shelf/chains.ts';
import { ratesOf } from '../shelf/rates.ts';
import { areaTable } from '../survey/area.ts';
import type { FactReader } from '../survey/factReader.ts';
import type { Defect, HouseRules, Job } from '../survey/job.ts';
import type { Kind } from '../survey/kind.ts';

/** The method of a repair with its quantities, mixes, clock times and drawings, whatever its family. */
export interface PlannedWork {
  readonly candidate: Candidate;
  readonly by: 'choice' | 'proposal';
  readonly reason?: string;
  readonly method: WorkMethod;
  readonly schedule: Schedule;
  /** with labor where the firm has a rate for it */
  readonly quantities: readonly Quantity[];
  readonly mixes: readonly Mix[];
  readonly cautions: readonly Caution[];
  readonly section: Section;
  /** further drawings: the same place seen from the front */
  readonly more: readonly Section[];
  readonly labor?: { readonly cost: Figure; readonly currency: string };
}

/** The work, or why there is none, as a sentence. */
export type Worked = { readonly ok: true; readonly work: PlannedWork } | { readonly ok: false; readonly why: Saying };

/** Whether there is a method for a candidate, alone or together. */
export function hasWork({ system, chain }: Candidate): boolean {
  return hasFamily(chain ?? [system]);
}

/** What a work is planned from. */
export interface WorkMatter extends Seen {
  readonly ledger: Ledger;
  readonly kind: Kind;
  /** the facts of the defect, and those of its area */
  readonly read: FactReader;
  readonly around: FactReader;
  readonly job: Omit<Job, 'areas'>;
  readonly defect: Defect;
  readonly rules: HouseRules | undefined;
  readonly sides: (question: string) => SchoolSide | undefined;
  readonly size: JudgedSize | undefined;
  /** what is seen to before the first cut */
  readonly firsts: readonly First[];
}

const noFact = { value: undefined, how: 'entered', at: '' } as const;

/** Depths over the place as figures, where they were measured on a grid. */
function gridOf(read: FactReader): GridFigures | undefined {
  const fact = read.depthGrid('depths');
  const part = (label: string, quantity: 'length' | 'depth') => (value: number) => read.part(label, quantity, value, fact ?? noFact);
  return (
    fact && {
      xMm: fact.value.xMm.map(part('Column', 'length')),
      yMm: fact.value.yMm.map(part('Row', 'length')),
      depthMm: fact.value.depthMm.flat().map(part('Depth', 'depth')),
    }
  );
}

/** What a missing measure is asked as, where it is a question of the kind. */
function missingWords(kind: Kind, field: string): Saying {
  const ask = [...kind.asks, ...areaTable.asks].find((a) => a.field === field);
  return ask ? say`There is no method without an answer to: ${ask.question}` : say`There is no method without its size: outline it, or give its depth.`;
}

/** Why there is no method, where the reason is one for people. */
function refusal(error: unknown, kind: Kind): Saying {
  if (error instanceof Unworkable) return error.why;
  if (error instanceof Missing) return missingWords(kind, error.field);
  if (error instanceof OutOfRange) return say`No method can be computed: ${error.spec.label} is outside what the formula for it holds for.`;
  if (error instanceof NotComputable) return say`No method can be computed: ${error.message}`;
  throw error;
}

/** Working time of the firm at the site of a job. */
const calendarOf = ({ timeZone, startAt }: Omit<Job, 'areas'>, rules: HouseRules | undefined) => workingCalendar(rules?.hours ?? usualHours, timeZone, startAt);

/** The climate of a place: as it was measured, and by night as cold as it gets. What is warmed for the work is held warm by night too. */
export function climateOf({ airC, slabC, humidity, night, heated }: Subject, { startAt, timeZone }: Omit<Job, 'areas'>): ClimateSeries {
  const [air, slab, humidityPct] = [airC.value, slabC.value, humidity.value];
  if (!night || heated === true || night.value >= Math.min(air, slab)) return constantClimate(air, slab, humidityPct);
  return nightlyClimate({ airC: air, slabC: slab, humidityPct, night: night.value }, startAt, timeZone);
}

/** The work of the system in view on a defect, whatever its kind. */
export function plannedWork(matter: WorkMatter, view: { readonly candidate: Candidate; readonly by: PlannedWork['by']; readonly reason?: string }): Worked {
  const { ledger, subject, surveyed, kind, read, around, job, defect, rules, sides, size, firsts } = matter;
  const { system, chain } = view.candidate;
  const members = chain ?? [system];
  if (isOtherWork(view.candidate))
    return { ok: false, why: say`${system.title} is for other work than this: nothing is planned with it. Choose a system that suits.` };
  if (!hasFamily(members)) return { ok: false, why: say`${system.title} is judged, and there is no method for it yet.` };
  const measured = new Map(surveyed.measured.map((m) => [m.id, m.figure]));
  const before = auxiliaries.filter((a) => chains.find((c) => c.id === system.id)?.before?.includes(a.id));
  try {
    const method = workMethod({
      ledger,
      subject,
      size,
      members,
      firsts,
      before,
      rates: ratesOf(rules?.rates),
      people: handsOf(job.crew),
      sand: defect.sand ?? 'one',
      humidity: subject.humidity,
      grid: gridOf(read),
      seen: surveyed.seen,
      cut: surveyed.cut,
      measure: (field) => read.measure(field) ?? around.measure(field),
      choice: (field) => read.choice(field) ?? around.choice(field),
      measured: (id) => measured.get(id),
      side: sides,
    });
    const timed = schedule(ledger, method, climateOf(subject, job), job.startAt, calendarOf(job, rules));
    const labor = rules?.labor && {
      currency: rules.labor.currency,
      cost: ledger.compute(
        laborCost,
        { handsOnMin: timed.handsOn, perHour: ledger.given('What an hour costs', 'money', rules.labor.perHour, 'entered', rules.labor.since) },
        `Labor, ${rules.labor.currency}`,
      ),
    };
    // a drawing says a time as the steps beside it do
    const said = saidStarts(timed, job.timeZone);
    const times = { startOf: (sign: Sign) => said[timed.rows.findIndex((r) => r.step.sign === sign)] };
    const [section, ...more] = method.sections.map((drawn) => (typeof drawn === 'function' ? drawn(times) : drawn));
    if (!section) throw new Error(`${system.title} on ${kind.id} has no drawing`);
    return {
      ok: true,
      work: {
        ...view,
        method,
        schedule: timed,
        mixes: method.mixes,
        cautions: method.cautions,
        section,
        more,
        ...(labor && { labor }),
        quantities: [...method.quantities, ...(labor ? [{ id: 'labor', label: `Labor, ${labor.currency}`, figure: labor.cost }] : [])],
      },
    };
  } catch (error) {
    return { ok: false, why: refusal(error, kind) };
  }
}

/** What is taken to the place of a work besides its mixes. */
export interface TakenAlong {
  /** materials, with what is lost of them */
  readonly goods: readonly Quantity[];
  /** what wears out, in pieces and shares of one */
  readonly worn: readonly Quantity[];
  /** sizes, counts and settings to work to */
  readonly sizes: readonly Quantity[];
}

/** What is taken to the place of a work, by what it is: nothing of it twice. */
export function takenAlong({ quantities, method: { materials, mixes, steps } }: Pick<PlannedWork, 'quantities' | 'method'>): TakenAlong {
  const rows = (of: readonly Material[]) => of.map(({ id, what, amount }): Quantity => ({ id, label: what, figure: amount }));
  const told = new Set<Figure>([
    ...materials.map((m) => m.amount),
    ...steps.flatMap((s) => s.handsOn?.uses.map((u) => u.amount) ?? []),
    ...mixes.flatMap((m) => [m.total, ...m.parts.flatMap((p) => (p.each ? [p.amount, p.each] : [p.amount]))]),
  ]);
  return {
    goods: rows(materials.filter((m) => m.role !== 'wear')),
    worn: rows(materials.filter((m) => m.role === 'wear')),
    sizes: quantities.filter(({ figure }) => figure.kind !== 'money' && figure.kind !== 'duration' && !told.has(figure)),
  };
}
