import type { Lab } from '../color/difference.ts';
import type { Strengths } from '../color/learning.ts';
import { TintingPot, type NextAddition } from '../color/matching.ts';
import { usualTints, whiteBase } from '../color/usualColorants.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { answered, listed, measured, refusedTool, type QuickTool, type ToolMeasure } from './tool.ts';

/** Why a dab is dried before it is looked at, and what no meter tells. */
export const tintingWhy =
  'Let a dab dry before you measure or judge it: cement and plaster dry lighter. Match sheen as well, and look by daylight and by lamp: two colors may agree under one and part under the other.';

/** What a color difference comes to for an eye. */
export function differenceWords(difference: number): string {
  if (difference < 1) return 'not seen';
  if (difference < 2) return 'seen on a close look';
  if (difference < 3.5) return 'seen side by side';
  if (difference < 5) return 'seen';
  return 'plain';
}

function farthest({ l, a, b }: Lab): string {
  const axes = [
    [Math.abs(l), l > 0 ? 'too light' : 'too dark'],
    [Math.abs(a), a > 0 ? 'too red' : 'too green'],
    [Math.abs(b), b > 0 ? 'too yellow' : 'too blue'],
  ] as const;
  return axes.reduce((most, axis) => (axis[0] > most[0] ? axis : most))[1];
}

const helps: Readonly<Record<string, string>> = {
  'too green': 'A red oxide would help.',
  'too blue': 'A yellow oxide would help.',
  'too red': 'A green or a blue would help.',
  'too yellow': 'A blue would help, sparingly.',
  'too light': 'A black or an umber would help.',
  'too dark': 'Only much more white would help: begin again with a fresh base.',
};

/** What to do next with a pot, in words. */
export function tintingAnswer({ task }: TintingPot, next: NextAddition): readonly Saying[] {
  const ledger = new Ledger();
  const number = (label: string, value: number) => ledger.assumed(label, 'ratio', Math.round(value * 10) / 10, 'ciede2000');
  const grams = (label: string, g: number) => ledger.assumed(label, 'mass', g, 'kubelka-munk');
  switch (next.state) {
    case 'close':
      return [say`Close enough: the difference is ${number('Difference', next.difference)}, ${differenceWords(next.difference)}. Add nothing more.`];
    case 'unreachable':
      return [
        say`Not reachable with these tints: the nearest is ${number('Difference', next.difference)} off, ${differenceWords(next.difference)}, and ${farthest(next.off)}. ${helps[farthest(next.off)] ?? ''}`,
      ];
    case 'add': {
      const added = [...task.tints.map((t, i) => [t.title, next.tintsG[i] ?? 0] as const), [task.base.title, next.baseG] as const].filter(([, g]) => g > 0);
      return [
        ...added.map(([title, g]) => say`Add ${grams(title, g)} of ${title}.`),
        say`It should then be ${number('Difference after', next.left)} off (now ${number('Difference', next.difference)}). Stir it well, dry a dab, and measure again.`,
      ];
    }
  }
}

/** What the dabs have taught of the tints, one sentence each; of a tint that was not added yet nothing. */
export function learnedSayings({ task }: TintingPot, { log }: Strengths, grams: readonly number[]): readonly Saying[] {
  const ledger = new Ledger();
  return task.tints.flatMap((t, i) => {
    if ((grams[i + 1] ?? 0) === 0) return [];
    const times = Math.exp(log[i] ?? 0);
    return [say`${t.title}: ${ledger.assumed('Strength', 'ratio', Math.round(times * 100) / 100, 'kubelka-munk')} times what is stated.`];
  });
}

/** L, a, b as a meter shows them, parted by commas; nothing where it is no such color. */
export function labOf(text: string): Lab | undefined {
  const [l, a, b, ...more] = listed(text) ?? [];
  return l !== undefined && a !== undefined && b !== undefined && more.length === 0 && l >= 0 && l <= 100 && Math.abs(a) <= 120 && Math.abs(b) <= 120
    ? { l, a, b }
    : undefined;
}

const labWords = 'Three numbers: L from 0 to 100, then a and b.';
const baseInPot: ToolMeasure = { name: 'base', label: 'White base in the pot', kind: 'mass', usual: 500, min: 10, max: 100_000 };
const divisionOfScale: ToolMeasure = { name: 'step', label: 'Smallest division of the scale', kind: 'mass', usual: 0.1, min: 0.001, max: 100 };
/** a color difference at which a pot is close enough */
export const closeEnough = 1;

/** What to add to a pot next. */
export const tintingTool: QuickTool = {
  id: 'tinting',
  group: 'Color',
  title: 'Next addition of tint',
  words:
    'What to add to the pot next so that it comes nearer to the piece and is never darker than it. Each dried dab, measured or judged by eye, teaches how strong the tints are.',
  measures: [baseInPot, divisionOfScale],
  texts: [
    { name: 'target', label: 'L, a, b of the piece', usual: '86, 1.5, 11' },
    { name: 'added', label: 'In the pot so far, g', usual: '', hint: `the base, then ${usualTints.map((t) => t.title).join(', ')}` },
    { name: 'dab', label: 'L, a, b of the dried dab of it', usual: '' },
  ],
  answer: (given) => {
    const { target: targetText = '', added = '', dab = '' } = given.texts;
    const target = labOf(targetText);
    if (!target) return refusedTool('target', labWords);
    const pot = new TintingPot({
      base: whiteBase,
      tints: usualTints,
      target,
      baseG: measured(given, baseInPot),
      divisionG: measured(given, divisionOfScale),
      limit: closeEnough,
    });
    const grams = listed(added);
    if (added !== '' && (grams?.length !== usualTints.length + 1 || grams.some((g) => g < 0)))
      return refusedTool('added', `Write ${String(usualTints.length + 1)} weights: the base, then each tint, nothing as 0.`);
    const seen = dab === '' ? undefined : labOf(dab);
    if (dab !== '' && !seen) return refusedTool('dab', labWords);
    const inPot = added === '' ? pot.start : (grams ?? []);
    const dabs = seen ? [{ grams: inPot, by: 'meter', lab: seen } as const] : [];
    return answered(tintingAnswer(pot, pot.next(inPot, dabs)), [...(seen ? learnedSayings(pot, pot.learned(dabs), inPot) : []), say`${tintingWhy}`]);
  },
};
