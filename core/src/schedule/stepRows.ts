import { clockTime, type Telling } from '../quantity/saying.ts';
import type { Schedule, Timed } from './schedule.ts';

export interface StepRow {
  readonly key: string;
  readonly time: string;
  readonly sign: 'work' | 'wait' | 'ready' | 'window';
  readonly timed: Timed;
  readonly latest?: string;
  /** further sections of the same round, with their clock times */
  readonly more: readonly { readonly section: number; readonly time: string; readonly latest?: string }[];
}

/**
 * The steps as a person reads them: a crack worked in many sections shows the first of them whole, and
 * the others as times beside it. Only a window that closes within the shift is marked as one.
 */
export function stepRows(schedule: Schedule, how: Telling): StepRow[] {
  const shiftMs = 12 * 3_600_000;
  const closing = (t: Timed) => t.latest !== undefined && Date.parse(t.latest.at) - Date.parse(t.start) < shiftMs && t.step.kind === 'work';
  const rows: StepRow[] = [];
  for (const timed of schedule.rows) {
    const { step } = timed;
    const time = clockTime(timed.start, how);
    const latest = timed.latest && (closing(timed) || step.kind === 'ready') ? clockTime(timed.latest.at, how) : undefined;
    if (step.section && step.section.n > 1) {
      const first = rows.find((r) => r.timed.step.builder === step.builder && r.timed.step.lift === step.lift);
      if (first) {
        rows[rows.indexOf(first)] = { ...first, more: [...first.more, { section: step.section.n, time, ...(latest !== undefined && { latest }) }] };
        continue;
      }
    }
    const window = closing(timed) || step.builder === 'wet-faces';
    rows.push({ key: step.id, time, sign: window ? 'window' : step.kind, timed, more: [], ...(latest !== undefined && { latest }) });
  }
  return rows;
}
