import { partsWithin } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Link, Made } from './step.ts';

/** In how many parts a step is worked, and how long each of them waits for what follows. */
interface Parts {
  readonly count: Figure;
  readonly window: Figure;
}

/**
 * Windows hold on every part of a place: what is scrubbed, primed, flooded or gunned first must not wait until all of it is. Work that takes
 * longer, with what has to follow it, than the window between them is done part by part.
 * @returns what is added to the words of each step, by its id
 */
export function inParts(ledger: Ledger, made: readonly Made[], links: readonly Link[]): ReadonlyMap<string, Saying> {
  const parts = new Map<string, Parts>();
  const behind = new Set<string>();
  for (const { from, after, to, most } of links) {
    const [first, next] = [made.find((s) => s.id === from), made.find((s) => s.id === to)];
    if (after !== 'end' || !most || first?.kind !== 'work' || next?.kind !== 'work') continue;
    const window = most.lag.minutes;
    if (first.minutes.value + next.minutes.value <= window.value) continue;
    const count = ledger.compute(partsWithin, { workMin: [first.minutes, next.minutes], windowMin: window });
    const known = parts.get(from);
    if (!known || known.count.value < count.value) parts.set(from, { count, window });
    behind.add(to);
  }
  return new Map(
    made.flatMap(({ id }): (readonly [string, Saying])[] => {
      const own = parts.get(id);
      const words = [
        ...(behind.has(id) ? say`; part by part, right behind` : []),
        ...(own ? say`; in ${own.count} parts: on each of them the next step follows within ${own.window}` : []),
      ];
      return words.length > 0 ? [[id, words]] : [];
    }),
  );
}
