import type { Figure } from '../quantity/figure.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Range, Remark } from '../shelf/patchSystem.ts';
import type { SourceId } from '../sources/register.ts';
import type { Matter, Rule, Verdict } from './verdict.ts';

/** A verdict from the remark that a system makes on one answer; 'fits' where it makes none. */
export function fromRemark(rule: Rule, remark: Remark | undefined, answer: string): Verdict {
  if (!remark) return { rule: rule.id, title: rule.title, grade: 'fits', source: 'practice', excess: 0, reason: () => say`Nothing against it: ${answer}.` };
  const { change } = remark;
  return {
    rule: rule.id,
    title: rule.title,
    grade: remark.grade,
    source: remark.source,
    excess: 1,
    reason: () => say`${remark.why}`,
    ...(change !== undefined && { change: () => say`${change}` }),
  };
}

export interface RangeWords {
  readonly below: (value: Figure, min: Figure) => Saying;
  readonly above: (value: Figure, max: Figure) => Saying;
  readonly within: (value: Figure) => Saying;
  readonly changeBelow?: (min: Figure) => Saying;
  readonly changeAbove?: (max: Figure) => Saying;
}

/** A verdict from a value held against a range. */
export function fromRange(matter: Matter, rule: Rule, value: Figure, range: Range, words: RangeWords): Verdict | undefined {
  if (!range.min && !range.max) return undefined;
  const min = range.min && matter.ledger.sourced(range.min);
  const max = range.max && matter.ledger.sourced(range.max);
  const base = { rule: rule.id, title: rule.title, value, ...(min && { min }), ...(max && { max }) };
  const scale = Math.max(Math.abs(min?.value ?? 0), Math.abs(max?.value ?? 0), 1e-9);
  const source = (side: Range['min']): SourceId => side?.source ?? 'practice';
  if (min && !atLeast(value.value, min.value)) {
    const change = words.changeBelow;
    return { ...base, grade: 'out', source: source(range.min), excess: (min.value - value.value) / scale, reason: () => words.below(value, min), ...(change && { change: () => change(min) }) };
  }
  if (max && !atMost(value.value, max.value)) {
    const change = words.changeAbove;
    return { ...base, grade: 'out', source: source(range.max), excess: (value.value - max.value) / scale, reason: () => words.above(value, max), ...(change && { change: () => change(max) }) };
  }
  return { ...base, grade: 'fits', source: source(range.min ?? range.max), excess: 0, reason: () => words.within(value) };
}
