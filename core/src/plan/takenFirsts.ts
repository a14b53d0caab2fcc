import type { Verdict } from '../match/verdict.ts';
import { say } from '../quantity/saying.ts';
import type { HeldStop } from '../record/decided.ts';
import { crewFirst, type First } from '../safety/firsts/first.ts';

/** What was decided of a stop is carried out, and seen to be so, before what it held begins. */
export function decidedFirsts(stops: readonly HeldStop[]): readonly First[] {
  return stops.flatMap(({ id, title, source, decision }): First[] =>
    decision
      ? [
          {
            id: `decided-${id}`,
            title: `Decided: ${title.toLowerCase()}`,
            who: `${decision.who}, ${decision.capacity}; the crew sees that it is so`,
            what: say`${decision.what.replace(/[.\s]+$/, '')}. What it asks for is done, and seen, before the first cut.`,
            source,
          },
        ]
      : [],
  );
}

/** Limits of nature: a system taken against one of them is not worked until the place is as it has to be. */
const natural: readonly string[] = ['temperature', 'dew-margin', 'wood-moisture', 'moisture'];

/** What the place has to come to first for the system that was taken, where it is too warm, too wet or below the dew point for it. */
export function placeFirsts(against: readonly Verdict[]): readonly First[] {
  return against
    .filter((v) => v.grade === 'out' && natural.includes(v.rule) && v.change)
    .map((v) => ({
      id: `limit-${v.rule}`,
      title: v.of === undefined ? v.title : `${v.of}, ${v.title.toLowerCase()}`,
      who: crewFirst,
      what: say`Nothing is placed before this: ${v.change?.() ?? ''}. As it was measured, ${v.reason()}. Measured again when it is so, and planned again with that.`,
      source: v.source,
    }));
}
