import { cartridgeBatch, type Batch } from '../batch/batch.ts';
import { constantClimate } from '../climate/series.ts';
import { candidates, type Candidate } from '../match/candidates.ts';
import { preparedSize, type PreparedSize } from '../match/preparedSize.ts';
import type { Method } from '../method/method.ts';
import { familyReads } from '../method/families.ts';
import { recipeOf, recipeReads } from '../method/recipes.ts';
import { laborCost } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { NotComputable, OutOfRange } from '../quantity/formula.ts';
import { atLeast } from '../quantity/round.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { withDecisions, type HeldStop } from '../record/decided.ts';
import { noAdvice, stopsOf } from '../safety/stops.ts';
import { isocyanateCautions } from '../safety/resinCautions.ts';
import { silicaCaution, type Caution } from '../safety/silica.ts';
import { schedule, type Schedule } from '../schedule/schedule.ts';
import { chaseDepth } from '../schools/chaseDepth.ts';
import { arises, takenSide, type SchoolQuestion, type SchoolSide, type TakenSide } from '../schools/school.ts';
import { schoolQuestions } from '../schools/schools.ts';
import { ratesOf } from '../shelf/rates.ts';
import { genericShelf } from '../shelf/shelf.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { crackSubject, type CrackSubject } from '../survey/crackSubject.ts';
import { usualHouseRules, type Area, type Defect, type HouseRules, type Job } from '../survey/job.ts';
import { senseArea, senseDefect, type Sense } from '../survey/sense.ts';
import { FactReader } from '../survey/factReader.ts';
import type { Kind, Surveyed } from '../survey/kind.ts';
import { areaTable } from '../survey/area.ts';
import type { LooseFacts } from '../survey/ask.ts';
import { kindOf } from '../survey/kinds.ts';
import { slabCrackTable } from '../survey/slabCrack.ts';
import { hasWork, plannedWork, type PlannedWork, type Worked } from './plannedWork.ts';
import { seenSection } from './seenSection.ts';
import type { Section } from '../geometry/section.ts';
import { foundSection, repairSection } from './section.ts';
import { defectStops, systemStops } from '../safety/defectStops.ts';
import { hazardCautions } from '../safety/hazards.ts';
import { crackAsSubject, sizeOf, subjectOf, type Subject } from '../match/subject.ts';

/** The method of the chosen or proposed system, with its quantities and clock times. */
export interface Repair {
  readonly method: Method;
  readonly batch: Batch;
  readonly schedule: Schedule;
  /** what its hands-on time comes to at the firm's rate, in the currency of that */
  readonly labor?: { readonly cost: Figure; readonly currency: string };
  readonly cautions: readonly Caution[];
}

/** What one side of a question comes to on this repair. */
export interface SchoolEffect {
  readonly side: SchoolSide;
  readonly taken: boolean;
  /** made when someone looks; nothing where this side cannot be done here, or it is no groove of resin and sand */
  readonly repair: () => Repair | undefined;
  /** the same for any other family */
  readonly work?: () => PlannedWork | undefined;
}

/** A question on which the trade differs, as it stands for this repair; with what each side comes to where the method follows it. */
export interface PlannedSchool extends TakenSide {
  readonly effects: readonly SchoolEffect[];
}

export interface JudgedPlan {
  readonly state: 'judged';
  readonly defect: Defect;
  readonly area: Area;
  readonly ledger: Ledger;
  readonly sense: { readonly defect: Sense; readonly area: Sense };
  readonly subject: CrackSubject;
  readonly candidates: readonly Candidate<PreparedSize>[];
  /** the usual cautions of a candidate here, made when someone looks */
  readonly cautionsOf: (candidate: Candidate) => readonly Caution[];
  readonly stops: readonly HeldStop[];
  /** a stop is open: nothing after it is planned */
  readonly held: boolean;
  /** what is planned: the person's choice, else the best that fits and has a method */
  readonly planned?: { readonly candidate: Candidate; readonly by: 'choice' | 'proposal'; readonly reason?: string };
  readonly repair?: Repair;
  /** the method of any other family than the groove of resin and sand, made when someone looks */
  readonly work: () => PlannedWork | undefined;
  readonly schools: readonly PlannedSchool[];
  readonly section: Section;
  readonly advice: string;
  /** why no method could be made though one is chosen */
  readonly problem?: Saying;
}

export interface IncompletePlan {
  readonly state: 'incomplete';
  readonly defect: Defect;
  readonly area: Area;
  readonly sense: { readonly defect: Sense; readonly area: Sense };
}

/** What Match makes of a defect of a kind that has no method yet. */
export interface Matched {
  readonly subject: Subject;
  readonly candidates: readonly Candidate[];
  readonly stops: readonly HeldStop[];
  readonly held: boolean;
  readonly schools: readonly PlannedSchool[];
  /** the usual cautions of a candidate here, made when someone looks */
  readonly cautionsOf: (candidate: Candidate) => readonly Caution[];
  /** the method of the chosen or proposed system, made when someone looks */
  readonly work: () => PlannedWork | undefined;
  /** why there is none, where one was chosen or proposed */
  readonly problem: () => Saying | undefined;
  /** the system that the person chose, with the reason where it goes against the verdict */
  readonly chosen?: { readonly candidate: Candidate; readonly reason?: string };
}

/** A defect that is measured, drawn and judged, of a kind that has no method yet. */
export interface SurveyedPlan {
  readonly state: 'surveyed';
  readonly defect: Defect;
  readonly area: Area;
  readonly ledger: Ledger;
  readonly sense: { readonly defect: Sense; readonly area: Sense };
  readonly surveyed: Surveyed;
  /** every system judged on it, once the conditions of its area are known */
  readonly match?: Matched;
  readonly section?: Section;
  readonly advice: string;
}

/** The plan of one repair: a pure function of its inputs. The same input gives the same plan. */
export type RepairPlan = JudgedPlan | SurveyedPlan | IncompletePlan;

/** A plan whose systems are judged, whatever its kind. */
export type JudgeablePlan = JudgedPlan | (SurveyedPlan & { readonly match: Matched });

/** The plan where its systems are judged; nothing while questions are open. */
export function judgeable(plan: RepairPlan | undefined): JudgeablePlan | undefined {
  if (plan?.state === 'judged') return plan;
  return plan?.state === 'surveyed' && plan.match ? { ...plan, match: plan.match } : undefined;
}

/** The method of any family but the groove of resin and sand, where there is one. */
export function workOfPlan(plan: RepairPlan | undefined): PlannedWork | undefined {
  if (plan?.state === 'judged') return plan.repair ? undefined : plan.work();
  return plan?.state === 'surveyed' ? plan.match?.work() : undefined;
}

export interface PlanInput {
  readonly job: Job;
  readonly area: Area;
  readonly defect: Defect;
  readonly rules?: HouseRules;
  readonly shelf?: readonly PatchSystem[];
}

function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

function hasMethod(c: Candidate): boolean {
  return recipeOf(c.system) !== undefined || hasWork(c);
}

type Sides = (question: string) => SchoolSide | undefined;

function repairBy(ledger: Ledger, subject: CrackSubject, system: PatchSystem, size: PreparedSize, schools: Sides, input: PlanInput): Repair | undefined {
  const recipe = recipeOf(system);
  const { working } = system;
  if (!recipe || !working || size.preparation !== 'chase') return undefined;
  const { job, defect } = input;
  const method = recipe({ ledger, subject, system, schools, rates: ratesOf(input.rules?.rates), size, sand: defect.sand ?? 'one', people: job.people });
  const batch = cartridgeBatch(ledger, working, method);
  const climate = constantClimate(subject.airC.value, subject.slabC.value, subject.humidity.value);
  const indoors = subject.choices.place === 'inside';
  const timed = schedule(ledger, method, climate, job.startAt);
  const labor = input.rules?.labor;
  return {
    method,
    batch,
    schedule: timed,
    ...(labor && {
      labor: {
        currency: labor.currency,
        cost: ledger.compute(
          laborCost,
          { handsOnMin: timed.handsOn, perHour: ledger.given('What an hour costs', 'money', labor.perHour, 'entered', labor.since) },
          `Labor, ${labor.currency}`,
        ),
      },
    }),
    cautions: [
      silicaCaution(ledger, 'crack-wheel', indoors, method.chaseMinutes, ['chase']),
      ...(method.grindMinutes ? [silicaCaution(ledger, 'grinder-cup', indoors, method.grindMinutes, ['grind-flush'])] : []),
      ...isocyanateCautions,
    ],
  };
}

function otherSide(
  ledger: Ledger,
  subject: CrackSubject,
  system: PatchSystem,
  question: string,
  side: SchoolSide,
  sides: Sides,
  input: PlanInput,
): Repair | undefined {
  const instead: Sides = (id) => (id === question ? side : sides(id));
  const depth = instead(chaseDepth.id);
  try {
    return depth && repairBy(ledger, subject, system, preparedSize(ledger, subject, system, depth), instead, input);
  } catch (error) {
    if (error instanceof NotComputable) return undefined;
    throw error;
  }
}

/** The answers of a defect and of its area by field, the defect's own first. */
function answersOf(kind: Kind, area: Area, defect: Defect): Readonly<Record<string, string | undefined>> {
  const words = (facts: LooseFacts) =>
    Object.fromEntries(Object.entries(facts).flatMap(([field, fact]) => (typeof fact?.value === 'string' ? [[field, fact.value]] : [])));
  return { ...words(area.facts), ...words(Object.fromEntries(kind.asks.flatMap((a) => (defect.facts[a.field] ? [[a.field, defect.facts[a.field]]] : [])))) };
}

/** The side taken of every question that is about a kind, in the order of the work. */
function sidesFor(kind: string, { defect, rules = usualHouseRules }: PlanInput, answers: Readonly<Record<string, string | undefined>>): readonly TakenSide[] {
  return schoolQuestions.filter((q: SchoolQuestion) => arises(q, kind)).map((q) => takenSide(q, defect.schools ?? {}, rules.schools, answers));
}

/** Every system of the shelf judged on a defect that is no slab crack, and what it must wait for. */
function matched(ledger: Ledger, kind: Kind, seen: ReturnType<typeof subjectOf>, shelf: readonly PatchSystem[], input: PlanInput): Matched {
  const { area, defect, job } = input;
  const read = new FactReader(ledger, kind, defect.facts);
  const around = new FactReader(ledger, areaTable, area.facts);
  const measured = (id: string) => seen.surveyed.measured.find((m) => m.id === id)?.figure;
  const matter = {
    kind: kind.id,
    surface: kind.surface,
    ledger,
    choice: (field: string) => read.choice(field) ?? around.choice(field),
    measure: (field: string) => read.measure(field) ?? around.measure(field),
    measured,
  };
  const judged = candidates(ledger, seen.subject, shelf, (system) => sizeOf(ledger, seen, system), job.people);
  const chosen = defect.choice && judged.find((c) => c.system.id === defect.choice?.system);
  const proposed = () => judged.find((c) => c.grade !== 'out' && hasWork(c));
  const inView = chosen ?? proposed();
  const stops = withDecisions([...defectStops(matter), ...systemStops(matter, inView ? (inView.chain ?? [inView.system]) : [])], defect.decisions);
  const taken = once(() => sidesFor(kind.id, input, answersOf(kind, area, defect)));
  const held = stops.some((s) => s.open);
  const cautionsOf = ({ system, chain }: Candidate) => hazardCautions(matter, chain ?? [system]);
  const sides: Sides = (id) => taken().find((t) => t.question.id === id)?.side;
  const workBy = (worked: Candidate, by: Sides): Worked =>
    plannedWork(
      { ledger, subject: seen.subject, surveyed: seen.surveyed, job, area, defect, rules: input.rules, sides: by },
      worked,
      chosen ? 'choice' : 'proposal',
      defect.choice?.reason,
      cautionsOf(worked),
    );
  const goneWords = say`The system that was chosen is not on the shelf any more. Choose again.`;
  const worked = once((): Worked | undefined => {
    if (held) return undefined;
    if (defect.choice && !chosen) return { ok: false, why: goneWords };
    return inView && workBy(inView, sides);
  });
  const work = () => {
    const w = worked();
    return w?.ok === true ? w.work : undefined;
  };
  const problem = () => {
    const w = worked();
    return w?.ok === false ? w.why : undefined;
  };
  const schools = once(() =>
    taken().map((t): PlannedSchool => ({
      ...t,
      effects: effectsOf(t, held ? undefined : inView, (side) => {
        const w = side === t.side ? worked() : workBy(inView ?? failed(), (id) => (id === t.question.id ? side : sides(id)));
        return w?.ok === true ? w.work : undefined;
      }),
    })),
  );
  return {
    work,
    problem,
    cautionsOf,
    subject: seen.subject,
    candidates: judged,
    ...(chosen && { chosen: { candidate: chosen, ...(defect.choice?.reason !== undefined && { reason: defect.choice.reason }) } }),
    stops,
    held,
    get schools() {
      return schools();
    },
  };
}

function failed(): never {
  throw new Error('there is no candidate to work with');
}

/** What each side of a question comes to with a candidate, where its method follows the question. */
function effectsOf(
  { question, side, barred }: TakenSide,
  candidate: Candidate | undefined,
  workOf: (side: SchoolSide) => PlannedWork | undefined,
): readonly SchoolEffect[] {
  if (!candidate || !(candidate.chain ?? [candidate.system]).some((m) => familyReads(m).includes(question.id))) return [];
  return question.sides
    .filter((s) => !barred.some((b) => b.side === s.id))
    .map((one) => ({ side: one, taken: one === side, repair: () => undefined, work: once(() => workOf(one)) }));
}

/**
 * Plans one repair: senses its facts, judges every system, stops where it must, and makes method,
 * quantities, clock times and drawing of the chosen or proposed system.
 */
export function planRepair(input: PlanInput): RepairPlan {
  const { area, defect, job } = input;
  const shelf = input.shelf ?? genericShelf;
  const sense = { defect: senseDefect(defect.kind, defect.facts), area: senseArea(area.facts) };
  const stuck = (s: Sense) => s.refused.length > 0 || s.missing.length > 0;
  const judging = defect.kind === slabCrackTable.id;
  if (stuck(sense.defect) || (judging && stuck(sense.area))) return { state: 'incomplete', defect, area, sense };

  const ledger = new Ledger();
  if (!judging) {
    const kind = kindOf(defect.kind);
    const seen = stuck(sense.area) ? undefined : subjectOf(ledger, kind, defect, area);
    const surveyed = seen?.surveyed ?? kind.survey(new FactReader(ledger, kind, defect.facts));
    return {
      state: 'surveyed',
      defect,
      area,
      ledger,
      sense,
      surveyed,
      ...(seen && { match: matched(ledger, kind, seen, shelf, input) }),
      ...(surveyed.seen && { section: seenSection(surveyed.seen, kind.surface) }),
      advice: noAdvice,
    };
  }
  const subject = crackSubject(ledger, area, defect);
  const taken = sidesFor(defect.kind, input, { ...subject.choices });
  const sides: Sides = (id) => taken.find((t) => t.question.id === id)?.side;
  const school = sides(chaseDepth.id) ?? chaseDepth.sides[0];
  const judged = candidates(ledger, crackAsSubject(subject), shelf, (system) => preparedSize(ledger, subject, system, school), job.people);
  const chosen = defect.choice && judged.find((c) => c.system.id === defect.choice?.system);
  const proposed = judged.find((c) => c.grade !== 'out' && hasMethod(c));
  // what was chosen and is not there is told; nothing else is planned in its place
  const gone = defect.choice !== undefined && !chosen;
  const candidate = gone ? undefined : (chosen ?? proposed);
  // a proposal that fits needs the cut that it needs; where nothing fits yet the cut is held all the same
  const preparation = (candidate && (chosen || candidate.grade === 'fits') ? candidate : judged.find((c) => recipeOf(c.system)))?.system.preparation;
  const cutting = preparation !== undefined && preparation !== 'as-found';
  const stops = withDecisions(stopsOf(ledger, subject, cutting), defect.decisions);
  const held = stops.some((s) => s.open);

  const crackKind = kindOf(defect.kind);
  const surveyed = once(() => crackKind.survey(new FactReader(ledger, crackKind, defect.facts)));
  const cautionsOf = ({ system, chain }: Candidate) =>
    hazardCautions(
      {
        kind: defect.kind,
        surface: 'concrete',
        ledger,
        choice: (field) => (({ ...subject.choices }) as Readonly<Record<string, string | undefined>>)[field],
        measure: () => undefined,
        measured: () => undefined,
      },
      chain ?? [system],
    );
  const workBy = (worked: Candidate, by: Sides): Worked =>
    plannedWork(
      { ledger, subject: crackAsSubject(subject), surveyed: surveyed(), job, area, defect, rules: input.rules, sides: by },
      worked,
      chosen ? 'choice' : 'proposal',
      defect.choice?.reason,
      cautionsOf(worked),
    );
  const worked = once((): Worked | undefined => (candidate && !held && !recipeOf(candidate.system) ? workBy(candidate, sides) : undefined));
  let repair: Repair | undefined;
  let problem: Saying | undefined;
  const effects = new Map<string, readonly SchoolEffect[]>();
  const tooCold = candidate?.system.slabC.min && !atLeast(subject.slabC.value, candidate.system.slabC.min.value) ? candidate.system.slabC.min : undefined;
  if (gone) problem = say`The system that was chosen is not on the shelf any more. Choose again.`;
  else if (tooCold)
    problem = say`At ${subject.slabC} this system does not slow down further, it stops hardening: below ${ledger.sourced(tooCold)} there are no times to give. Warm the slab first.`;
  else if (candidate && !held && !recipeOf(candidate.system)) {
    const w = worked();
    if (w?.ok === false) problem = w.why;
    for (const t of taken)
      effects.set(
        t.question.id,
        effectsOf(t, candidate, (side) => {
          const other = side === t.side ? worked() : workBy(candidate, (id) => (id === t.question.id ? side : sides(id)));
          return other?.ok === true ? other.work : undefined;
        }),
      );
  } else if (candidate && !held) {
    try {
      repair = candidate.size && repairBy(ledger, subject, candidate.system, candidate.size, sides, input);
      if (!repair) problem = say`The slab may not be cut deep enough for this system here: ${candidate.size?.refusedBecause ?? 'no groove can be cut'}.`;
      const own = repair;
      const follows = recipeReads(candidate.system);
      for (const { question, side, barred } of taken.filter((t) => follows.includes(t.question.id))) {
        effects.set(
          question.id,
          question.sides
            .filter((s) => !barred.some((b) => b.side === s.id))
            .map((other): SchoolEffect => ({
              side: other,
              taken: other === side,
              repair: other === side ? () => own : once(() => otherSide(ledger, subject, candidate.system, question.id, other, sides, input)),
            })),
        );
      }
    } catch (error) {
      if (!(error instanceof NotComputable)) throw error;
      repair = undefined;
      problem =
        error instanceof OutOfRange
          ? say`No method can be computed: ${error.spec.label} is outside what the formula for it holds for.`
          : say`No method can be computed: ${error.message}`;
    }
  }
  return {
    state: 'judged',
    defect,
    area,
    ledger,
    sense,
    subject,
    candidates: judged,
    cautionsOf,
    work: () => {
      const w = worked();
      return w?.ok === true ? w.work : undefined;
    },
    stops,
    held,
    ...(candidate && {
      planned: { candidate, by: chosen ? 'choice' : 'proposal', ...(chosen && defect.choice?.reason !== undefined && { reason: defect.choice.reason }) },
    }),
    ...(repair && { repair }),
    schools: taken.map((t) => ({ ...t, effects: effects.get(t.question.id) ?? [] })),
    section: repair ? repairSection(subject, repair.method, repair.schedule) : foundSection(subject),
    advice: noAdvice,
    ...(problem && { problem }),
  };
}

/** The plans of all repairs of a job, in order. */
export function planJob(job: Job, rules?: HouseRules, shelf?: readonly PatchSystem[]): RepairPlan[] {
  return job.areas.flatMap((area) => area.defects.map((defect) => planRepair({ job, area, defect, ...(rules && { rules }), ...(shelf && { shelf }) })));
}
