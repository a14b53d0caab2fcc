import type { Saying } from '../quantity/saying.ts';
import { instantAfter, type Schedule, type Timed } from '../schedule/schedule.ts';

/** A step of a plan that is being worked, at its time. */
export interface RunningStep {
  readonly title: Saying;
  /** when it may begin, or has begun */
  readonly at: string;
}

/** What a plan that was begun asks for now. */
export interface Running {
  /** the work by hand that is on now or comes next; nothing where all of it is past */
  readonly next?: RunningStep & { readonly now: boolean };
  /** windows that are open and close: begin before then, or what is missed */
  readonly closing: readonly (RunningStep & { readonly before: string; readonly ifMissed: Saying })[];
  /** when it may be used, once the work by hand is past */
  readonly readyAt: string;
}

/**
 * What comes next by hand, and which windows close, of a plan that was begun at a moment: its own clock, moved to
 * when it was begun. What really happened is not known yet: it says what the plan says.
 */
export function running({ rows, startAt, openAt }: Schedule, begunAt: string, now: string): Running {
  const moved = Date.parse(begunAt) - Date.parse(startAt);
  const at = (instant: string) => instantAfter(Date.parse(instant) + moved, 0);
  const nowMs = Date.parse(now);
  const later = (instant: string) => Date.parse(at(instant)) > nowMs;
  const byHand = rows.filter((r) => r.step.kind === 'work');
  const next = byHand.find((r) => later(r.end));
  // a window is open once the work before it is past
  const closing = byHand.filter(
    (r, i): r is Timed & { latest: NonNullable<Timed['latest']> } =>
      r.latest !== undefined && later(r.latest.at) && later(r.end) && !later(byHand[i - 1]?.end ?? startAt),
  );
  return {
    ...(next && { next: { title: next.step.title, at: at(next.start), now: !later(next.start) } }),
    closing: closing.map((r) => ({ title: r.step.title, at: at(r.start), before: at(r.latest.at), ifMissed: r.latest.ifMissed })),
    readyAt: at(openAt),
  };
}
