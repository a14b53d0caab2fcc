import type { Candidate } from '../match/candidates.ts';
import type { Verdict } from '../match/verdict.ts';
import { baseUnits } from '../quantity/kind.ts';
import { cite, sources, type SourceId } from '../sources/register.ts';
import { coreVersion } from '../version.ts';
import { hasWork, type PlannedWork } from './plannedWork.ts';
import type { PlannedSchool } from './plannedSchools.ts';
import type { PlannedPlan, RepairPlan } from './repairPlan.ts';

function verdictRecord(v: Verdict) {
  const { reason, change, facts: _made, ...rest } = v;
  return { ...rest, reason: reason(), ...(change && { change: change() }) };
}

function candidateRecord(c: Candidate) {
  const { system, chain, verdicts, against, ...rest } = c;
  return {
    system: system.id,
    title: system.title,
    ...(chain && { members: chain.map((m) => m.id) }),
    method: hasWork(c),
    ...rest,
    against: against.map((v) => v.rule),
    verdicts: verdicts.map(verdictRecord),
  };
}

function schoolRecord({ question, side, by, because, barred, effects }: PlannedSchool) {
  const options = effects.map(({ side: one, taken, work: make }) => {
    const work = make();
    return { id: one.id, taken, ...(work && { total: work.schedule.total, handsOn: work.schedule.handsOn, mixed: work.mixes.map((m) => m.total) }) };
  });
  return {
    id: question.id,
    question: question.question,
    side: side.id,
    by,
    ...(because !== undefined && { because }),
    ...(barred.length > 0 && { barred }),
    ...(options.length > 0 && { options }),
  };
}

function workRecord(work: PlannedWork) {
  const { schedule, method } = work;
  return {
    system: work.candidate.system.id,
    by: work.by,
    ...(work.reason !== undefined && { reason: work.reason }),
    named: method.named,
    steps: schedule.rows.map(({ step, ...times }) => ({ ...step, ...times })),
    links: method.links,
    quantities: work.quantities,
    mixes: work.mixes,
    materials: method.materials,
    marks: method.marks,
    standing: method.standing,
    total: schedule.total,
    handsOn: schedule.handsOn,
    ...(schedule.inUse && { inUse: schedule.inUse }),
    doneAt: schedule.doneAt,
    openAt: schedule.openAt,
    cautions: work.cautions,
    section: work.section,
    ...(work.more.length > 0 && { more: work.more }),
  };
}

function head({ defect, area }: RepairPlan) {
  return { defect: { id: defect.id, mark: defect.mark, kind: defect.kind }, area: { id: area.id, name: area.name } };
}

function plannedRecord(plan: PlannedPlan) {
  const { ledger, surveyed, subject, candidates, stops, firsts, held, planned, schools, section, advice, sense } = plan;
  const work = plan.work();
  const problem = plan.problem();
  const body = {
    state: plan.state,
    ...head(plan),
    sense: senseRecord(sense),
    surveyed,
    subject,
    candidates: candidates.map(candidateRecord),
    stops,
    firsts,
    held,
    ...(planned && { planned: { system: planned.candidate.system.id, by: planned.by, ...(planned.reason !== undefined && { reason: planned.reason }) } }),
    schools: schools.map(schoolRecord),
    ...(work && { work: workRecord(work) }),
    ...(problem && { problem }),
    ...(section && { section }),
    advice,
  };
  // the reasons above may still have made figures: the table is read last
  return { ...body, figures: ledger.rows() };
}

/** What is doubted and what is refused of the facts. Their figures are of the table of the facts alone, not of the plan's: they are told as they stand. */
function senseRecord({ defect, area }: RepairPlan['sense']) {
  const told = (list: readonly { readonly field: string; readonly sentence: readonly unknown[] }[]) =>
    list.map(({ field, sentence }) => ({ field, sentence: sentence.map(plainPart) }));
  return { doubts: told([...area.doubts, ...defect.doubts]), refused: told([...area.refused, ...defect.refused]) };
}

/** A part of a sentence as plain data: a figure with its value, kind and label. */
function plainPart(part: unknown): unknown {
  return typeof part === 'object' && part !== null && 'label' in part && 'value' in part && 'kind' in part
    ? { value: part.value, kind: part.kind, label: part.label }
    : part;
}

/** A plan as plain data with all its workings: figures stand as references into one flat table. */
export function planRecord(plan: RepairPlan): unknown {
  if (plan.state === 'planned') return plannedRecord(plan);
  const open = { missing: [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.field) };
  if (plan.state === 'incomplete') return { state: plan.state, ...head(plan), sense: senseRecord(plan.sense), ...open };
  const { surveyed, section, advice, ledger } = plan;
  return { state: plan.state, ...head(plan), sense: senseRecord(plan.sense), ...open, surveyed, ...(section && { section }), advice, figures: ledger.rows() };
}

/** The plans of a job as one document, with the units of their figures and the names of their sources. */
export function plansRecord(job: string, plans: readonly RepairPlan[]): unknown {
  const ids = Object.keys(sources) as SourceId[];
  return { version: coreVersion, job, units: baseUnits, sources: Object.fromEntries(ids.map((id) => [id, cite(id)])), plans: plans.map(planRecord) };
}

/** A plan as JSON text: the same input gives the same bytes, in Node and in a browser. */
export function planText(plan: RepairPlan): string {
  return JSON.stringify(planRecord(plan));
}
