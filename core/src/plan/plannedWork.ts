import { constantClimate } from '../climate/series.ts';
import type { Section } from '../geometry/section.ts';
import type { Candidate } from '../match/candidates.ts';
import type { Subject } from '../match/subject.ts';
import { Missing, Unworkable } from '../method/course.ts';
import { hasFamily, workMethod } from '../method/families.ts';
import type { MethodMatter } from '../method/matter.ts';
import type { Mix, WorkMethod } from '../method/work.ts';
import { laborCost } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { NotComputable, OutOfRange } from '../quantity/formula.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { atLeast } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Caution } from '../safety/silica.ts';
import { schedule, type Schedule } from '../schedule/schedule.ts';
import type { SchoolSide } from '../schools/school.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { chains } from '../shelf/chains.ts';
import { ratesOf } from '../shelf/rates.ts';
import { areaTable } from '../survey/area.ts';
import { FactReader } from '../survey/factReader.ts';
import type { Area, Defect, HouseRules, Job } from '../survey/job.ts';
import type { Kind, Surveyed } from '../survey/kind.ts';
import { kindOf } from '../survey/kinds.ts';

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

export interface WorkMatter {
  readonly ledger: Ledger;
  readonly subject: Subject;
  readonly surveyed: Surveyed;
  readonly job: Omit<Job, 'areas'>;
  readonly area: Area;
  readonly defect: Defect;
  readonly rules: HouseRules | undefined;
  readonly sides: (question: string) => SchoolSide | undefined;
}

const noFact = { value: undefined, how: 'entered', at: '' } as const;

/** Reads each measure once, so that a figure stands once in the table. */
function measuresOf(ledger: Ledger, kind: Kind, defect: Defect, area: Area): Pick<MethodMatter, 'measure' | 'choice' | 'grid'> & { readonly humidity: Figure } {
  const [own, around] = [new FactReader(ledger, kind, defect.facts), new FactReader(ledger, areaTable, area.facts)];
  const known = new Map<string, Figure | undefined>();
  const measure = (field: string) => {
    if (!known.has(field)) known.set(field, own.measure(field) ?? around.measure(field));
    return known.get(field);
  };
  const humidity = measure('humidityPct');
  if (!humidity) throw new Error(`the fact 'humidityPct' is missing`);
  const fact = own.depthGrid('depths');
  const part = (label: string, quantity: 'length' | 'depth') => (value: number) => own.part(label, quantity, value, fact ?? noFact);
  const grid = fact && {
    xMm: fact.value.xMm.map(part('Column', 'length')),
    yMm: fact.value.yMm.map(part('Row', 'length')),
    depthMm: fact.value.depthMm.flat().map(part('Depth', 'depth')),
  };
  return { grid, measure, choice: (field) => own.choice(field) ?? around.choice(field), humidity };
}

/** What a missing measure is asked as, where it is a question of the kind. */
function missingWords(kind: Kind, field: string): Saying {
  const ask = [...kind.asks, ...areaTable.asks].find((a) => a.field === field);
  return ask ? say`There is no method without an answer to: ${ask.question}` : say`There is no method without its size: outline it, or give its depth.`;
}

/** The work of a candidate on a defect, whatever its kind. */
export function plannedWork(
  { ledger, subject, surveyed, job, area, defect, rules, sides }: WorkMatter,
  candidate: Candidate,
  by: PlannedWork['by'],
  reason: string | undefined,
  cautions: readonly Caution[],
): Worked {
  const { system, chain, size } = candidate;
  const members = chain ?? [system];
  if (!hasFamily(members)) return { ok: false, why: say`${system.title} is judged, and there is no method for it yet.` };
  const tooCold = members.find((m) => m.slabC.min && !atLeast(subject.slabC.value, m.slabC.min.value));
  if (tooCold?.slabC.min)
    return {
      ok: false,
      why: say`At ${subject.slabC} ${tooCold.title.toLowerCase()} does not slow down further, it stops hardening: below ${ledger.sourced(tooCold.slabC.min)} there are no times to give. Warm it first.`,
    };
  const kind = kindOf(defect.kind);
  const { measure, choice, humidity, grid } = measuresOf(ledger, kind, defect, area);
  const measured = new Map(surveyed.measured.map((m) => [m.id, m.figure]));
  const before = auxiliaries.filter((a) => chains.find((c) => c.id === system.id)?.before?.includes(a.id));
  try {
    const method = workMethod({
      ledger,
      subject,
      size,
      members,
      before,
      rates: ratesOf(rules?.rates),
      people: job.people,
      humidity,
      grid,
      seen: surveyed.seen,
      measure,
      choice,
      measured: (id) => measured.get(id),
      side: sides,
    });
    const timed = schedule(ledger, method, constantClimate(subject.airC.value, subject.slabC.value, humidity.value), job.startAt);
    const labor = rules?.labor && {
      currency: rules.labor.currency,
      cost: ledger.compute(
        laborCost,
        { handsOnMin: timed.handsOn, perHour: ledger.given('What an hour costs', 'money', rules.labor.perHour, 'entered', rules.labor.since) },
        `Labor, ${rules.labor.currency}`,
      ),
    };
    const [section, ...more] = method.sections;
    if (!section) throw new Error(`${system.title} on ${kind.id} has no drawing`);
    return {
      ok: true,
      work: {
        candidate,
        by,
        ...(reason !== undefined && { reason }),
        method,
        schedule: timed,
        mixes: method.mixes,
        cautions,
        section,
        more,
        ...(labor && { labor }),
        quantities: [...method.quantities, ...(labor ? [{ id: 'labor', label: `Labor, ${labor.currency}`, figure: labor.cost }] : [])],
      },
    };
  } catch (error) {
    if (error instanceof Unworkable) return { ok: false, why: error.why };
    if (error instanceof Missing) return { ok: false, why: missingWords(kind, error.field) };
    if (error instanceof OutOfRange)
      return { ok: false, why: say`No method can be computed: ${error.spec.label} is outside what the formula for it holds for.` };
    if (error instanceof NotComputable) return { ok: false, why: say`No method can be computed: ${error.message}` };
    throw error;
  }
}

/** What is taken to the place of a work: its quantities without times and money. */
export function takenAlong({ quantities }: Pick<PlannedWork, 'quantities'>): PlannedWork['quantities'] {
  return quantities.filter(({ figure }) => figure.kind !== 'money' && figure.kind !== 'duration');
}
