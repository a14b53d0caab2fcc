import type { Stop } from '../safety/stop.ts';
import type { Decision } from '../survey/job.ts';

/** A stop with the decision that lifted it, if one is recorded. */
export interface HeldStop extends Stop {
  readonly decision?: Decision;
  readonly open: boolean;
}

/** Stops with the decisions recorded for them. A stop that a fact lifts is not lifted by a decision. */
export function withDecisions(stops: readonly Stop[], decisions: readonly Decision[]): HeldStop[] {
  return stops.map((stop) => {
    const decision = stop.liftedBy === 'decision' ? decisions.find((d) => d.stop === stop.id) : undefined;
    return { ...stop, ...(decision && { decision }), open: decision === undefined };
  });
}
