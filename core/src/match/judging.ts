import type { Figure } from '../quantity/figure.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Aspect, Range, Remark } from '../shelf/patchSystem.ts';
import type { SourceId } from '../sources/register.ts';
import type { Answer } from './subject.ts';
import type { ChangedFacts, Matter, Rule, Verdict } from './verdict.ts';

/** A verdict from the remark that a system makes on one answer; 'fits' where it makes none. */
export function fromRemark(rule: Rule, remark: Remark | undefined, answer: string, facts?: ChangedFacts): Verdict {
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
    ...(facts && { facts: () => facts }),
  };
}

export interface RangeWords {
  readonly below: (value: Figure, min: Figure) => Saying;
  readonly above: (value: Figure, max: Figure) => Saying;
  readonly within: (value: Figure) => Saying;
  readonly changeBelow?: (min: Figure) => Saying;
  readonly changeAbove?: (max: Figure) => Saying;
  /** facts under which it would lie at its limit */
  readonly facts?: (limit: Figure) => ChangedFacts;
}

/**
 * A verdict from a value held against a range.
 *
 * @example
 * fromRange(matter, ageRule, age, { min: leastAge }, { below, above, within })
 */
export function fromRange(
  matter: Pick<Matter, 'ledger'>,
  rule: Pick<Rule, 'id' | 'title'>,
  value: Figure,
  range: Range,
  words: RangeWords,
): Verdict | undefined {
  const { min: low, max: high } = range;
  if (!low && !high) return undefined;
  const min = low && matter.ledger.sourced(low);
  const max = high && matter.ledger.sourced(high);
  const side = min && !atLeast(value.value, min.value) ? 'below' : max && !atMost(value.value, max.value) ? 'above' : 'within';
  const limit = side === 'below' ? min : side === 'above' ? max : undefined;
  const scale = Math.max(Math.abs(min?.value ?? 0), Math.abs(max?.value ?? 0), 1e-9);
  const change = side === 'below' ? words.changeBelow : side === 'above' ? words.changeAbove : undefined;
  const source: SourceId = (side === 'above' ? high : (low ?? high))?.source ?? 'practice';
  const verdict: { -readonly [K in keyof Verdict]: Verdict[K] } = {
    rule: rule.id,
    title: rule.title,
    grade: side === 'within' ? 'fits' : side === 'below' ? (range.below ?? 'out') : 'out',
    value,
    source,
    excess: limit ? Math.abs(value.value - limit.value) / scale : 0,
    reason: () => (side === 'within' || !limit ? words.within(value) : words[side](value, limit)),
  };
  if (min) verdict.min = min;
  if (max) verdict.max = max;
  if (change && limit) verdict.change = () => change(limit);
  const { facts } = words;
  if (facts && limit && change) verdict.facts = () => facts(limit);
  return verdict;
}

/** What somebody can make otherwise: dry it, cut it out, close it, choose another finish. What a thing is made of stays. */
const changeable: readonly Aspect[] = ['moisture', 'movement', 'water', 'softened', 'lath', 'body', 'oil', 'occupied', 'traffic', 'finish'];

/** The answer of the same question that a system has least against, as a change of facts. */
function otherAnswer({ asked }: Answer, remarks: Readonly<Record<string, Remark>>): ChangedFacts | undefined {
  const rank = { care: 1, out: 2 } as const;
  const ranked = (asked?.options ?? [])
    .map((o) => ({ ...o, against: remarks[o.value] ? rank[remarks[o.value]?.grade ?? 'out'] : 0 }))
    .sort((a, b) => a.against - b.against);
  const [best] = ranked;
  return asked && best && best.against < 2 ? { [asked.of]: { [asked.field]: best.raw } } : undefined;
}

/** A rule that looks at one aspect: what a system makes of the answer given to it. */
export function aspectRule(aspect: Aspect, title: string): Rule {
  const rule: Rule = {
    id: aspect === 'wetUse' ? 'wet-use' : aspect,
    aspect,
    title,
    judge: ({ system, subject }) => {
      const remarks = system.remarks[aspect];
      const answer = subject.answers[aspect];
      if (!remarks || !answer) return undefined;
      const remark = remarks[answer.value];
      return fromRemark(rule, remark, answer.label, remark?.change === undefined || !changeable.includes(aspect) ? undefined : otherAnswer(answer, remarks));
    },
  };
  return rule;
}
