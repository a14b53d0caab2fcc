import { recipeOf } from '../method/recipes.ts';
import { hasWork, type PlannedWork } from './plannedWork.ts';
import type { Verdict } from '../match/verdict.ts';
import type { JudgedPlan, PlannedSchool, RepairPlan } from './repairPlan.ts';

function verdictRecord(v: Verdict) {
  const { reason, change, ...rest } = v;
  return { ...rest, reason: reason(), ...(change && { change: change() }) };
}

function schoolRecord({ question, side, by, because, effects }: PlannedSchool) {
  const options = effects.map(({ side: one, taken, repair, work }) => {
    const [effect, other] = [repair(), work?.()];
    return {
      id: one.id,
      taken,
      ...(effect && { resin: effect.batch.resinPlaced, total: effect.schedule.total }),
      ...(other && { total: other.schedule.total, handsOn: other.schedule.handsOn }),
    };
  });
  return { id: question.id, question: question.question, side: side.id, by, ...(because !== undefined && { because }), ...(options.length > 0 && { options }) };
}

function workRecord(work: PlannedWork) {
  return {
    system: work.candidate.system.id,
    by: work.by,
    ...(work.reason !== undefined && { reason: work.reason }),
    named: work.method.named,
    steps: work.schedule.rows.map(({ step, ...times }) => ({ ...step, ...times })),
    links: work.method.links,
    quantities: work.quantities,
    mixes: work.mixes,
    total: work.schedule.total,
    handsOn: work.schedule.handsOn,
    doneAt: work.schedule.doneAt,
    openAt: work.schedule.openAt,
    cautions: work.cautions,
    section: work.section,
    ...(work.more.length > 0 && { more: work.more }),
  };
}

function judgedRecord(plan: JudgedPlan) {
  const { ledger, candidates, planned, schools, repair, defect, area, cautionsOf: _later, work: workLater, ...rest } = plan;
  const work = repair ? undefined : workLater();
  const steps = repair?.schedule.rows.map(({ step, ...times }) => ({ ...step, ...times }));
  const body = {
    defect: { id: defect.id, mark: defect.mark, kind: defect.kind },
    area: { id: area.id, name: area.name },
    ...rest,
    candidates: candidates.map(({ system, verdicts, against, ...c }) => ({
      system: system.id,
      title: system.title,
      method: recipeOf(system) !== undefined || hasWork({ system, verdicts, against, ...c }),
      ...c,
      against: against.map((v) => v.rule),
      verdicts: verdicts.map(verdictRecord),
    })),
    ...(planned && { planned: { system: planned.candidate.system.id, by: planned.by, ...(planned.reason !== undefined && { reason: planned.reason }) } }),
    schools: schools.map(schoolRecord),
    ...(work && { work: workRecord(work) }),
    ...(repair && {
      repair: {
        lifts: repair.method.lifts,
        sections: repair.method.sections,
        packing: repair.method.packing,
        links: repair.method.links,
        steps,
        batch: repair.batch,
        total: repair.schedule.total,
        handsOn: repair.schedule.handsOn,
        doneAt: repair.schedule.doneAt,
        openAt: repair.schedule.openAt,
        cautions: repair.cautions,
      },
    }),
  };
  // the reasons above may still have made figures: the table is read last
  return { ...body, figures: ledger.rows() };
}

/** A plan as plain data with all its workings: figures stand as references into one flat table. */
export function planRecord(plan: RepairPlan): unknown {
  if (plan.state === 'incomplete') {
    return {
      state: plan.state,
      defect: { id: plan.defect.id, mark: plan.defect.mark },
      refused: [...plan.sense.area.refused, ...plan.sense.defect.refused],
      missing: [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.field),
    };
  }
  if (plan.state === 'surveyed') {
    const { state, defect, area, sense, surveyed, section, advice, ledger } = plan;
    const work = plan.match?.work();
    const problem = plan.match?.problem();
    return {
      state,
      defect: { id: defect.id, mark: defect.mark, kind: defect.kind },
      area: { id: area.id, name: area.name },
      sense,
      surveyed,
      ...(section && { section }),
      ...(work && { work: workRecord(work) }),
      ...(problem && { problem }),
      advice,
      figures: ledger.rows(),
    };
  }
  return judgedRecord(plan);
}

/** A plan as JSON text: the same input gives the same bytes, in Node and in a browser. */
export function planText(plan: RepairPlan): string {
  return JSON.stringify(planRecord(plan));
}
