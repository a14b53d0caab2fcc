import { cupMarks } from '../mixing/cups.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';

/** How a ratio is poured into a marked cup, in words. */
export function cupAnswer(neededMl: number, parts: readonly number[], divisionMl: number, cupMl: number, tolerancePct: number): readonly Saying[] {
  const ledger = new Ledger();
  const volume = (label: string, mL: number) => ledger.given(label, 'volume', mL, 'entered', '');
  const found = cupMarks(neededMl, parts, divisionMl, cupMl, tolerancePct);
  if (found.state === 'weigh') {
    return [found.why === 'cup' ? say`The cup does not hold ${volume('Needed', neededMl)}. Take a larger one, or mix in two.` : say`No whole marks of this cup give the ratio within ${ledger.given('Tolerance', 'percent', tolerancePct, 'entered', '')}. Weigh it, or take a cup with finer marks.`];
  }
  const letters = ['A', 'B', 'C', 'D'];
  return [
    ...found.marks.map((m, i) => say`${i === 0 ? 'Pour' : 'then'} part ${letters[m.part] ?? String(m.part + 1)} to the mark ${volume('Mark', m.untilMl)}${i === found.marks.length - 1 ? '.' : ','}`),
    say`That makes ${volume('In the cup', found.totalMl)}, ${found.offPct < 0.05 ? 'the ratio exactly' : say`${ledger.given('Off the ratio', 'percent', found.offPct, 'entered', '')} off the ratio at the most`}.`,
  ];
}
