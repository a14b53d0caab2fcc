import { kindOf, tell, type RepairPlan, type Telling } from '@oddment/core';

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
  const size = tell(plan.surveyed.size, how);
  if (plan.state === 'surveyed') return { size, line: table.title, tone: 'plain' };
  const stop = plan.stops.find((s) => s.open);
  if (stop) return { size, line: `stop: ${stop.title.toLowerCase()}`, tone: 'halt' };
  const { planned } = plan;
  if (!planned) return { size, line: `${table.title}: nothing fits yet`, tone: 'todo' };
  const name = `${table.title}: ${planned.candidate.system.title.toLowerCase()}`;
  return planned.by === 'choice' ? { size, line: `${name}, chosen`, tone: 'plain' } : { size, line: `${name}, still to choose`, tone: 'todo' };
}
