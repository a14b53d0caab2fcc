import type { PlannedWork } from '../src/plan/plannedWork.ts';
import { tell, type Saying } from '../src/quantity/saying.ts';
import { show } from '../src/quantity/show.ts';

const how = { units: 'metric', timeZone: 'UTC', day: '2026-06-02T05:00:00.000Z' } as const;
const told = (s: Saying) => tell(s, how);

/** A whole method as it is read by a finisher: steps with their times, checks and windows, then mixes and amounts. */
export function methodText(work: PlannedWork): string {
  const fig = (f: Parameters<typeof show>[0]) => show(f, how.units).text;
  const at = (minutes: number) =>
    `${String(Math.floor(minutes / 1440))} d ${String(Math.floor((minutes % 1440) / 60)).padStart(2, '0')}:${String(Math.floor(minutes % 60)).padStart(2, '0')}`;
  const lines = [`${work.candidate.system.title}, ${work.method.named}: ${fig(work.schedule.total)}, ${fig(work.schedule.handsOn)} by hand`, ''];
  for (const { step, startMin, latest } of work.schedule.rows) {
    lines.push(
      `${at(startMin)}  ${step.kind === 'work' ? '*' : step.kind === 'wait' ? '.' : '>'} ${told(step.title)}`,
      `      how:   ${told(step.detail)}`,
      `      check: ${told(step.look)}`,
    );
    if (step.tools.length > 0) lines.push(`      tools: ${step.tools.join(', ')}`);
    if (latest) lines.push(`      no later than ${at((Date.parse(latest.at) - Date.parse(work.schedule.startAt)) / 60_000)}; missed: ${told(latest.ifMissed)}`);
  }
  lines.push('', 'Mixes');
  for (const m of work.mixes)
    lines.push(
      `  ${m.title}: ${fig(m.total)} in ${fig(m.batches)}${m.within ? `, within ${fig(m.within)}` : ''}: ${m.parts.map((p) => `${p.what} ${fig(p.amount)}`).join(', ')}`,
      ...m.says.map((s) => `    ${told(s)}`),
    );
  lines.push('', 'Taken along besides', ...work.method.materials.map((m) => `  ${m.what}: ${fig(m.amount)}`));
  lines.push('', 'Amounts', ...work.quantities.map((q) => `  ${q.label}: ${fig(q.figure)}`), '');
  return lines.join('\n');
}
