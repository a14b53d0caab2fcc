import { say, tell, type RepairPlan, type Telling, choiceLabel, kindOf } from '@oddment/core';

export interface ListItem {
  readonly size: string;
  readonly line: string;
  readonly tone: 'plain' | 'halt' | 'todo';
}

/** What a list says of a repair in two short lines. */
export function listItem(plan: RepairPlan, how: Telling): ListItem {
  const table = kindOf(plan.defect.kind);
  if (plan.state === 'incomplete') {
    const open = plan.sense.defect.missing.length + plan.sense.area.missing.length;
    if (plan.sense.defect.refused.length + plan.sense.area.refused.length > 0) return { size: table.title, line: 'something cannot be', tone: 'halt' };
    return { size: table.title, line: open === 1 ? 'one question open' : `${String(open)} questions open`, tone: 'todo' };
  }
  if (plan.state === 'surveyed') {
    const size = tell(plan.surveyed.size, how);
    const { match } = plan;
    if (!match) return { size, line: table.title, tone: 'plain' };
    const stop = match.stops.find((s) => s.open);
    if (stop) return { size, line: `stop: ${stop.title.toLowerCase()}`, tone: 'halt' };
    if (match.chosen) return { size, line: `${table.title}: ${match.chosen.candidate.system.title.toLowerCase()}, chosen`, tone: 'plain' };
    const [best] = match.candidates;
    return best && best.grade !== 'out'
      ? { size, line: `${table.title}: ${best.system.title.toLowerCase()}`, tone: 'plain' }
      : { size, line: `${table.title}: nothing fits yet`, tone: 'todo' };
  }
  const { subject } = plan;
  const size = tell(say`${subject.length}, ${subject.widest}`, how);
  const open = plan.stops.find((s) => s.open);
  if (open) return { size, line: `Stop: ${open.title.toLowerCase()}`, tone: 'halt' };
  if (!plan.planned) return { size, line: 'nothing fits yet', tone: 'todo' };
  if (plan.planned.by === 'proposal') return { size, line: 'still to choose', tone: 'todo' };
  return {
    size,
    line: `${choiceLabel(table, 'movement', subject.choices.movement)}, ${choiceLabel(table, 'traffic', subject.choices.traffic)}, chosen`,
    tone: 'plain',
  };
}
