import { cupMarks } from '../mixing/cups.ts';
import { putRight } from '../mixing/putRight.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { answered, listed, measured, refusedTool, type QuickTool, type ToolMeasure } from './tool.ts';

/** How a ratio is poured into a marked cup, in words. */
export function cupAnswer(neededMl: number, parts: readonly number[], divisionMl: number, cupMl: number, tolerancePct: number): readonly Saying[] {
  const ledger = new Ledger();
  const volume = (label: string, mL: number) => ledger.given(label, 'volume', mL, 'entered', '');
  const found = cupMarks(neededMl, parts, divisionMl, cupMl, tolerancePct);
  if (found.state === 'weigh') {
    return [
      found.why === 'cup'
        ? say`The cup does not hold ${volume('Needed', neededMl)}. Take a larger one, or mix in two.`
        : say`No whole marks of this cup give the ratio within ${ledger.given('Tolerance', 'percent', tolerancePct, 'entered', '')}. Weigh it, or take a cup with finer marks.`,
    ];
  }
  const letters = ['A', 'B', 'C', 'D'];
  return [
    ...found.marks.map(
      (m, i) =>
        say`${i === 0 ? 'Pour' : 'then'} part ${letters[m.part] ?? String(m.part + 1)} to the mark ${volume('Mark', m.untilMl)}${i === found.marks.length - 1 ? '.' : ','}`,
    ),
    say`That makes ${volume('In the cup', found.totalMl)}, ${found.offPct < 0.05 ? 'the ratio exactly' : say`${ledger.given('Off the ratio', 'percent', found.offPct, 'entered', '')} off the ratio at the most`}.`,
  ];
}

const toleranceOfRatio: ToolMeasure = { name: 'off', label: 'Tolerance of the ratio, either way', kind: 'percent', usual: 5, min: 0.5, max: 30 };
const needed: ToolMeasure = { name: 'need', label: 'Needed', kind: 'volume', usual: 150, min: 1, max: 20_000 };
const division: ToolMeasure = { name: 'mark', label: 'From mark to mark', kind: 'volume', usual: 10, min: 0.5, max: 1000 };
const highest: ToolMeasure = { name: 'full', label: 'Highest mark', kind: 'volume', usual: 400, min: 5, max: 20_000 };

/** A ratio by volume poured to the marks of a cup. */
export const cupTool: QuickTool = {
  id: 'cup-marks',
  group: 'Proportions and doses',
  title: 'A ratio in a marked cup',
  words: 'To which marks of a graduated cup each part is poured: whole marks only, never less than is needed, and the ratio within its tolerance.',
  texts: [{ name: 'parts', label: 'Parts by volume, A to B (to C)', usual: '2:1' }],
  measures: [needed, division, highest, toleranceOfRatio],
  answer: (given) => {
    const parts = listed(given.texts['parts'] ?? '') ?? [];
    if (parts.length < 2 || parts.length > 4 || !parts.every((p) => p > 0)) return refusedTool('parts', 'Write two to four parts, like 4:1:1.');
    const told = cupAnswer(measured(given, needed), parts, measured(given, division), measured(given, highest), measured(given, toleranceOfRatio));
    return told.length === 1 ? answered(told) : answered(told.slice(0, -1), told.slice(-1));
  },
};

const first: ToolMeasure = { name: 'first', label: 'Weighed of the first part', kind: 'mass', usual: 220, min: 0.1, max: 100_000 };
const second: ToolMeasure = { name: 'second', label: 'Weighed of the second part', kind: 'mass', usual: 100, min: 0, max: 100_000 };
const byWeight: ToolMeasure = { name: 'ratio', label: 'Parts of the first to one of the second, by weight', kind: 'ratio', usual: 2, min: 0.01, max: 200 };
const room: ToolMeasure = { name: 'room', label: 'Room left in the cup', kind: 'mass', usual: 200, min: 0, max: 100_000 };
const potLife: ToolMeasure = { name: 'pot', label: 'Pot life', kind: 'duration', usual: 30, min: 1, max: 1000 };
const stirredAgo: ToolMeasure = { name: 'stirred', label: 'Stirred how long ago', kind: 'duration', usual: 2, min: 0, max: 1000, when: ['mixed', 'yes'] };

/** A cup that was weighed wrong, put right or thrown away. */
export const wrongCupTool: QuickTool = {
  id: 'wrong-cup',
  group: 'Proportions and doses',
  title: 'A cup weighed wrong',
  words: 'Whether it is still within its tolerance, what to add to it, or why it is thrown away.',
  choices: [
    {
      name: 'mixed',
      label: 'Stirred together yet',
      options: [
        ['no', 'not stirred yet'],
        ['yes', 'stirred together'],
      ],
    },
  ],
  measures: [first, second, byWeight, toleranceOfRatio, room, potLife, stirredAgo],
  answer: (given) => {
    const verdict = putRight({
      firstG: measured(given, first),
      secondG: measured(given, second),
      byWeight: measured(given, byWeight),
      tolerancePct: measured(given, toleranceOfRatio),
      roomG: measured(given, room),
      potLifeMin: measured(given, potLife),
      ...(given.choices['mixed'] === 'yes' && { stirredMin: measured(given, stirredAgo) }),
    });
    return answered([verdict.saying], [], verdict.state === 'discard');
  },
};
