import { say } from '../quantity/saying.ts';
import type { HeldStop } from '../record/decided.ts';
import type { First } from '../safety/firsts/first.ts';

/** What was decided of a stop is carried out, and seen to be so, before what it held begins. */
export function decidedFirsts(stops: readonly HeldStop[]): readonly First[] {
  return stops.flatMap(({ id, title, source, decision }): First[] => {
    if (!decision) return [];
    const what = decision.what.replace(/[.\s]+$/, '');
    return [
      {
        id: `decided-${id}`,
        title: `Decided: ${title.toLowerCase()}`,
        who: `${decision.who}, ${decision.capacity}; the crew sees that it is so`,
        what: say`${what}. What it asks for is done, and seen, before the first cut.`,
        source,
        step: {
          by: 'look',
          title: say`See to what ${decision.who} decided on ‘${title.toLowerCase()}’`,
          detail: say`${what}; what it asks for is there, or who decided is called: nothing is cut, drilled or taken down before`,
          look: say`It is as it was decided, with the name of who looked.`,
          done: 'So, and seen',
        },
      },
    ];
  });
}
