import { firstsOf, type First } from '../safety/firsts.ts';
import { timesBy, type Times } from './candidateTimes.ts';
import { decidedFirsts } from './decidedFirsts.ts';
import { placeFirsts } from './placeFirsts.ts';
import { asBrought } from './broughtTo.ts';
import { handsOf } from '../survey/crew.ts';
import type { Section } from '../geometry/section.ts';
import { candidates, type Candidate } from '../match/candidates.ts';
import type { Verdict } from '../match/verdict.ts';
import { judgedSize } from '../match/size.ts';
import { subjectOf, type JudgedSize, type Subject } from '../match/subject.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { withDecisions, type HeldStop } from '../record/decided.ts';
import { defectStops, systemStops } from '../safety/defectStops.ts';
import type { Caution } from '../safety/caution.ts';
import { noAdvice } from '../safety/stop.ts';
import { chaseAtAll } from '../schools/chaseAtAll.ts';
import { chaseDepth } from '../schools/chaseDepth.ts';
import type { SchoolSide, TakenSide } from '../schools/school.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { ratesOf } from '../shelf/rates.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { areaTable } from '../survey/area.ts';
import type { LooseFacts } from '../survey/ask.ts';
import { FactReader } from '../survey/factReader.ts';
import { foundSection } from '../survey/foundSection.ts';
import { type Area, type Defect, type HouseRules, type Job } from '../survey/job.ts';
import type { Kind, Surveyed } from '../survey/kind.ts';
import { kindOf } from '../survey/kinds.ts';
import { withUsual } from '../survey/usual.ts';
import { senseArea, senseDefect, type Sense } from '../survey/sense.ts';
import { hasWork, plannedWork, type PlannedWork, type Worked } from './plannedWork.ts';
import { priceOf, type Price } from './price.ts';
import type { Product } from '../shelf/product.ts';
import { keptBy, once } from './once.ts';
import { favorsOf, plannedSchool, sidesFor, type PlannedSchool } from './plannedSchools.ts';
import { seenSection } from './seenSection.ts';
import { stopMatter, type Readers } from './stopMatter.ts';

interface Common {
  readonly defect: Defect;
  readonly area: Area;
  readonly sense: { readonly defect: Sense; readonly area: Sense };
}

/** Something is still to be answered, or cannot be. */
export interface IncompletePlan extends Common {
  readonly state: 'incomplete';
}

/** A defect that is measured and drawn; the conditions of its area are still to be answered. */
export interface SurveyedPlan extends Common {
  readonly state: 'surveyed';
  readonly ledger: Ledger;
  readonly surveyed: Surveyed;
  readonly section?: Section;
  readonly advice: string;
}

/** What is planned: the person's choice, else the best that does not rule itself out and has a method. */
export interface InView {
  readonly candidate: Candidate;
  readonly by: 'choice' | 'proposal';
  /** why it was chosen against the verdict */
  readonly reason?: string;
}

/** A defect judged by every system, with its stops, and the work of the system in view: one shape for every kind, system and family. */
export interface PlannedPlan extends Common {
  readonly state: 'planned';
  readonly ledger: Ledger;
  readonly surveyed: Surveyed;
  readonly subject: Subject;
  readonly candidates: readonly Candidate[];
  readonly stops: readonly HeldStop[];
  /** what is seen to before the first cut, whatever system is taken */
  readonly firsts: readonly First[];
  /** a stop is open: nothing after it is planned */
  readonly held: boolean;
  /** nothing where none fits, and where what was chosen is not on the shelf any more */
  readonly planned?: InView;
  readonly schools: readonly PlannedSchool[];
  /** the usual cautions of the steps of a candidate here, made when someone looks; none where there is no work with it */
  readonly cautionsOf: (candidate: Candidate) => readonly Caution[];
  /** how long any candidate takes here, and how much of it by hand, made when someone looks; nothing where there is no work with it, or a stop is open */
  readonly timesOf: (candidate: Candidate) => Times | undefined;
  /** what any candidate costs here by the products of the firm, made when someone looks; nothing where there is no work with it, or no rate of labor */
  readonly priceOf: (candidate: Candidate, products: readonly Product[]) => Price | undefined;
  /** the method of the system in view, made when someone looks */
  readonly work: () => PlannedWork | undefined;
  /** why there is none, where one was chosen or proposed */
  readonly problem: () => Saying | undefined;
  /** the place as it was found */
  readonly section?: Section;
  readonly advice: string;
}

/** The plan of one repair: a pure function of its inputs. The same input gives the same plan. */
export type RepairPlan = IncompletePlan | SurveyedPlan | PlannedPlan;

/** The plan where its systems are judged; nothing while questions are open. */
export function plannedOf(plan: RepairPlan | undefined): PlannedPlan | undefined {
  return plan?.state === 'planned' ? plan : undefined;
}

/** The work of a plan, where there is one. */
export function workOf(plan: RepairPlan | undefined): PlannedWork | undefined {
  return plannedOf(plan)?.work();
}

export interface PlanInput {
  readonly job: Job;
  readonly area: Area;
  readonly defect: Defect;
  readonly rules?: HouseRules;
  readonly shelf?: readonly PatchSystem[];
}

type Sides = (question: string) => SchoolSide | undefined;

/** The answers of a defect and of its area by field, the defect's own first. */
function answersOf(kind: Kind, area: Area, defect: Defect): Readonly<Record<string, string | undefined>> {
  const words = (facts: LooseFacts) =>
    Object.fromEntries(Object.entries(facts).flatMap(([field, fact]) => (typeof fact?.value === 'string' ? [[field, fact.value]] : [])));
  return {
    ...words(area.facts),
    ...words(Object.fromEntries(kind.asks.flatMap((a) => (defect.facts[a.field] ? [[a.field, defect.facts[a.field]]] : [])))),
  };
}

/** The system in view: the choice, else the best that does not rule itself out and has a method; nothing where the choice is gone. */
function inViewOf({ choice }: Defect, judged: readonly Candidate[]): InView | undefined {
  if (choice) {
    const candidate = judged.find((c) => c.system.id === choice.system);
    return candidate && { candidate, by: 'choice', ...(choice.reason !== undefined && { reason: choice.reason }) };
  }
  const candidate = judged.find((c) => c.grade !== 'out' && hasWork(c));
  return candidate && { candidate, by: 'proposal' };
}

/** Whether the way in view cuts the ground. Where nothing fits yet a line that may be chased is held for the cut all the same. */
function cuts(inView: InView | undefined, judged: readonly Candidate[]): boolean {
  const sure = inView && (inView.by === 'choice' || inView.candidate.grade === 'fits');
  const { preparation } = (sure ? inView.candidate : judged.find((c) => c.size && c.system.preparation === 'chase'))?.system ?? {};
  return preparation !== undefined && preparation !== 'as-found';
}

function sectionOf(kind: Kind, { cut, seen }: Surveyed): { readonly section?: Section } {
  return cut ? { section: foundSection(cut) } : seen ? { section: seenSection(seen, kind.surface) } : {};
}

/** Every system of the shelf judged on a defect, what holds it, and the work of the one in view. */
function planned(common: Common, ledger: Ledger, kind: Kind, readers: Readers, input: PlanInput): PlannedPlan {
  const { area, defect, job } = input;
  const seen = subjectOf(ledger, kind, readers.read, readers.around);
  const taken = sidesFor(kind.id, [defect.schools, input.rules?.schools], answersOf(kind, area, defect));
  const sides: Sides = (id) => taken.find((t) => t.question.id === id)?.side;
  const sizeBy =
    (by: Sides) =>
    (system: PatchSystem): JudgedSize =>
      judgedSize({ ledger, kind, seen, read: readers.read }, system, { atAll: by(chaseAtAll.id), depth: by(chaseDepth.id) });
  const judged = candidates(ledger, seen.subject, input.shelf ?? genericShelf, sizeBy(sides), handsOf(job.crew), favorsOf(taken));
  const inView = inViewOf(defect, judged);
  const matter = stopMatter(ledger, kind, readers, seen, { area, defect, side: sides, rates: ratesOf(input.rules?.rates), people: handsOf(job.crew) });
  const members = inView ? (inView.candidate.chain ?? [inView.candidate.system]) : [];
  const stops = withDecisions([...defectStops(matter), ...systemStops(matter, members, cuts(inView, judged))], defect.decisions);
  const held = stops.some((s) => s.open);
  const general = once(() => firstsOf(matter));
  const firstsFor = (against: readonly Verdict[]) => [...decidedFirsts(stops), ...placeFirsts(ledger, against, seen.subject), ...general()];
  const workBy = (view: InView, by: Sides): Worked => {
    const { against } = view.candidate;
    const [first = view.candidate.system] = view.candidate.chain ?? [view.candidate.system];
    return plannedWork(
      {
        ledger,
        ...asBrought(ledger, seen, against),
        ...readers,
        firsts: firstsFor(against),
        kind,
        job,
        defect,
        rules: input.rules,
        sides: by,
        size: by === sides ? view.candidate.size : sizeBy(by)(first),
      },
      view,
    );
  };
  const worked = once((): Worked | undefined => {
    if (held) return undefined;
    if (defect.choice && !inView) return { ok: false, why: say`The system that was chosen is not on the shelf any more. Choose again.` };
    return inView && workBy(inView, sides);
  });
  const madeOf = (made: Worked | undefined) => (made?.ok === true ? made.work : undefined);
  const tried = keptBy((candidate: Candidate) => madeOf(!held && candidate === inView?.candidate ? worked() : workBy({ candidate, by: 'proposal' }, sides)));
  const timesOf = timesBy((candidate) => (held ? undefined : tried(candidate)));
  const workOfSide = ({ question, side }: TakenSide, other: SchoolSide): PlannedWork | undefined => {
    const made = other === side || !inView ? worked() : workBy(inView, (id) => (id === question.id ? other : sides(id)));
    return madeOf(made);
  };
  // what the crew does for each is among the steps
  const firsts = once(() => firstsFor(inView?.candidate.against ?? []).map(({ step: _step, strips: _strips, later: _later, ...told }): First => told));
  const schools = once(() => taken.map((t) => plannedSchool(t, held ? undefined : inView?.candidate, (side) => workOfSide(t, side))));
  return {
    ...common,
    state: 'planned',
    ledger,
    ...seen,
    candidates: judged,
    stops,
    get firsts() {
      return firsts();
    },
    held,
    ...(inView && { planned: inView }),
    get schools() {
      return schools();
    },
    cautionsOf: (candidate) => tried(candidate)?.cautions ?? [],
    timesOf,
    priceOf: (candidate, products) => {
      const work = held ? undefined : tried(candidate);
      return work && priceOf(ledger, work, products);
    },
    work: () => madeOf(worked()),
    problem: () => {
      const made = worked();
      return made?.ok === false ? made.why : undefined;
    },
    ...sectionOf(kind, seen.surveyed),
    advice: noAdvice,
  };
}

/**
 * Plans one repair: senses its facts, judges every system, stops where it must, and makes method, quantities, clock
 * times and drawing of the chosen or proposed system when someone looks.
 * @example
 * const plan = planRepair({ job, area, defect });
 * if (plan.state === 'planned') console.log(plan.candidates[0]?.system.title, plan.work()?.schedule.doneAt);
 */
export function planRepair(input: PlanInput): RepairPlan {
  const { area } = input;
  const defect = withUsual(area, input.defect);
  const sense = { defect: senseDefect(defect.kind, defect.facts), area: senseArea(area.facts) };
  const common: Common = { defect, area, sense };
  const stuck = (s: Sense) => s.refused.length > 0 || s.missing.length > 0;
  if (stuck(sense.defect)) return { ...common, state: 'incomplete' };
  const ledger = new Ledger();
  const kind = kindOf(defect.kind);
  const readers: Readers = { read: new FactReader(ledger, kind, defect.facts), around: new FactReader(ledger, areaTable, area.facts) };
  if (!stuck(sense.area)) return planned(common, ledger, kind, readers, { ...input, defect });
  const surveyed = kind.survey(readers.read);
  return { ...common, state: 'surveyed', ledger, surveyed, ...sectionOf(kind, surveyed), advice: noAdvice };
}

/** The plans of all repairs of a job, in order. */
export function planJob(job: Job, rules?: HouseRules, shelf?: readonly PatchSystem[]): RepairPlan[] {
  return job.areas.flatMap((area) => area.defects.map((defect) => planRepair({ job, area, defect, ...(rules && { rules }), ...(shelf && { shelf }) })));
}
