/**
 * The ladder of grits against a shortest path as a mixed-integer program solved by HiGHS, a solver of others: over random
 * racks the same number of rungs, and none where the solver finds none.
 */
import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { gradesOf, ladder, stepHolds, type Grade } from '../src/finishing/abrasives.ts';

type Highs = Awaited<ReturnType<typeof highsLoader>>;

/** Fewest steps from the first to the last of these grades, coarse first, as a flow of one through steps that hold. */
function fewestSteps(highs: Highs, rungs: readonly Grade[]): number | undefined {
  const arcs = rungs.flatMap((from, i) => rungs.flatMap((to, k) => (k > i && stepHolds(from, to) ? [[i, k] as const] : [])));
  if (arcs.length === 0) return undefined;
  const name = ([i, k]: readonly [number, number]) => `x${String(i)}_${String(k)}`;
  const balances = rungs
    .map((_g, n) => {
      const terms = arcs.flatMap((a) => (a[0] === n ? [`+ ${name(a)}`] : a[1] === n ? [`- ${name(a)}`] : []));
      const right = n === 0 ? 1 : n === rungs.length - 1 ? -1 : 0;
      return terms.length === 0
        ? right === 0
          ? ''
          : `n${String(n)}: 0 ${name(arcs[0] ?? [0, 0])} = ${String(right)}`
        : `n${String(n)}: ${terms.join(' ')} = ${String(right)}`;
    })
    .filter((row) => row !== '');
  const solved = highs.solve(
    `Minimize\n obj: ${arcs.map(name).join(' + ')}\nSubject To\n ${balances.join('\n ')}\nBinary\n ${arcs.map(name).join('\n ')}\nEnd`,
  );
  return solved.Status === 'Optimal' ? Math.round(solved.ObjectiveValue) : undefined;
}

describe('a ladder', () => {
  it('has as few steps as the solver finds', async () => {
    const highs = await highsLoader();
    const all = gradesOf('P');
    let found = 0;
    fc.assert(
      fc.property(fc.subarray([...all], { minLength: 2 }), (picked) => {
        const [first, last] = [picked[0], picked[picked.length - 1]];
        if (!first || !last) return;
        const own = ladder(first, last, picked);
        const steps = fewestSteps(highs, picked);
        expect(own === undefined ? undefined : own.length - 1).toBe(steps);
        if (steps !== undefined) found += 1;
      }),
      { numRuns: 400 },
    );
    expect(found).toBeGreaterThan(5);
  });
});
