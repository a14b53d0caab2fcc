import { gradesOf, grade, ladder, nearestGrade, stepHolds, type Grade, type GritScale } from '../finishing/abrasives.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { answered, listed, refusedTool, type QuickTool } from './tool.ts';

/** A ladder of grits in words, and the scratch that each leaves. */
export interface SandingAnswer {
  readonly rungs: readonly { readonly name: string; readonly grainMm: number }[];
  readonly saying: Saying;
}

export const gritName = ({ scale, number }: Grade) => (scale === 'P' ? `P${String(number)}` : `CAMI ${String(number)}`);

/** Why the scale of a grit is always said. */
export const gritScaleWhy =
  'P and CAMI are two scales. Up to the coarse middle they run alike; above that the same number is a much finer grain on one than on the other, so the scale is always said.';

/** The shortest ladder from one grit to another over those on the rack (all of the scale where none is named). */
export function sandingAnswer(scale: GritScale, from: number, to: number, rack: readonly number[] = []): SandingAnswer {
  const [first, last] = [grade(scale, from), grade(scale, to)];
  const missing = !first ? from : to;
  if (!first || !last)
    return {
      rungs: [],
      saying: say`There is no ${scale} ${String(missing)}. There are ${gradesOf(scale)
        .map((g) => String(g.number))
        .join(', ')}.`,
    };
  if (first.grainMm < last.grainMm) return { rungs: [], saying: say`${gritName(first)} is finer than ${gritName(last)}: sanding goes from coarse to fine.` };
  const all = gradesOf(scale);
  const mine = rack.length === 0 ? all : all.filter((g) => rack.includes(g.number));
  const found = ladder(first, last, mine);
  const rungs = (steps: readonly Grade[]) => steps.map((g) => ({ name: gritName(g), grainMm: g.grainMm }));
  if (found) {
    const other = nearestGrade(last, scale === 'P' ? 'CAMI' : 'P');
    return { rungs: rungs(found), saying: say`${found.map(gritName).join(', then ')}. The last is about ${gritName(other)} on the other scale.` };
  }
  const whole = ladder(first, last, all) ?? [first, last];
  const wanted = whole.find((g) => !mine.includes(g) && g !== first && g !== last);
  const ledger = new Ledger();
  const have = [first, ...mine.filter((g) => g.grainMm < first.grainMm && g.grainMm > last.grainMm), last];
  const gap = have.findIndex((g, i) => i > 0 && !stepHolds(have[i - 1] ?? g, g));
  const [before, after] = [have[gap - 1] ?? first, have[gap] ?? last];
  return {
    rungs: rungs(whole),
    saying: say`What is on the rack leaves a gap: from ${gritName(before)} to ${gritName(after)} the grain gets ${ledger.assumed('Step', 'ratio', before.grainMm / after.grainMm, 'fepa-43')} times finer at once, and its scratches stay. ${wanted ? `Add ${gritName(wanted)}.` : ''}`,
  };
}

/** Ladder of grits over a rack. */
export const sandingTool: QuickTool = {
  id: 'grit-ladder',
  group: 'Sanding and the face',
  title: 'Ladder of grits',
  words: 'From the roughness there is to the finish wanted, in steps that each take out the scratches of the last, over the grits on the rack.',
  choices: [
    {
      name: 'scale',
      label: 'Scale',
      options: [
        ['P', 'P grades'],
        ['CAMI', 'CAMI grades'],
      ],
    },
  ],
  measures: [],
  texts: [
    { name: 'from', label: 'Begin with', usual: '80' },
    { name: 'to', label: 'Finish with', usual: '400' },
    { name: 'rack', label: 'On the rack', usual: '', hint: 'empty: every grade of the scale' },
  ],
  answer: ({ choices, texts }) => {
    const numbers = (name: string) => listed(texts[name] ?? '');
    const [from, to, rack] = [numbers('from')?.[0], numbers('to')?.[0], numbers('rack')];
    const bad = from === undefined ? 'from' : to === undefined ? 'to' : rack === undefined ? 'rack' : undefined;
    if (from === undefined || to === undefined || !rack) return refusedTool(bad ?? 'rack', 'Write the numbers of grits, like 80 or 120, 180.');
    const { rungs, saying } = sandingAnswer(choices['scale'] === 'CAMI' ? 'CAMI' : 'P', from, to, rack);
    return rungs.length > 0
      ? answered([say`${rungs.map((r) => r.name).join(' → ')}`], [saying, say`${gritScaleWhy}`])
      : answered([saying], [say`${gritScaleWhy}`]);
  },
};
