import { describe, expect, it } from 'vitest';
import type { Ask } from '../src/survey/ask.ts';
import type { Kind } from '../src/survey/kind.ts';
import { chains } from '../src/shelf/chains.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import { defectKinds } from '../src/survey/kinds.ts';
import { surveyedPlan } from './defects.ts';

/** The same numbers at every run. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) & 0x7fff_ffff;
    return state / 0x7fff_ffff;
  };
}

/** What a person reads, without the ids of figures. */
const plain = (value: unknown) =>
  JSON.stringify(value, (_key, v: unknown) =>
    typeof v === 'object' && v !== null && 'origin' in v && 'value' in v ? v.value : typeof v === 'function' ? undefined : v,
  );

type Choice = Extract<Ask, { readonly ask: 'choice' }>;
const choicesOf = (kind: Kind) => kind.asks.filter((a): a is Choice => a.ask === 'choice');

/** Everything that follows from answers: what is seen to first, stops, verdicts, steps, amounts, cautions, or why there is no plan. */
function follows(kind: Kind, answers: Readonly<Record<string, unknown>>, system: string): string | undefined {
  const choice = { system, reason: 'tried' };
  try {
    const { firsts, stops, candidates } = surveyedPlan(kind.id, answers, {}, { choice });
    const decisions = stops.map((s) => ({ stop: s.id, who: 'A', capacity: 'B', what: 'C', on: '2026-01-01' }));
    const decided = surveyedPlan(kind.id, answers, {}, { choice, decisions });
    const work = decided.work();
    return plain([
      firsts,
      stops.map((s) => [s.id, s.why]),
      candidates.filter((c) => c.system.suits.includes(kind.id)).map((c) => [c.system.id, c.grade, c.verdicts.map((v) => [v.rule, v.grade])]),
      work && [
        work.method.steps.map(({ id, title, detail, look, tools }) => [id, title, detail, look, tools]),
        work.quantities.map((q) => [q.id, q.figure.value]),
        work.cautions.map((c) => [c.id, c.text]),
      ],
      decided.problem(),
    ]);
  } catch {
    // answers that cannot be together make no plan
    return undefined;
  }
}

/** Whether any option of a question makes another plan than the others, over situations drawn at random. */
function isRead(kind: Kind, ask: Choice, random: () => number): boolean {
  const systems = [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id)).map((s) => s.id);
  for (let round = 0; round < 40; round++) {
    const others = choicesOf(kind).filter((other) => round > 0 && other.field !== ask.field && random() < 0.5);
    const around = Object.fromEntries(others.map((o) => [o.field, o.options[Math.floor(random() * o.options.length)]?.value]));
    const made = ask.options.map((o) => follows(kind, { ...around, [ask.field]: o.value }, systems[round % systems.length] ?? ''));
    if (new Set(made.filter((m) => m !== undefined)).size > 1) return true;
  }
  return false;
}

describe('every question of a kind', () => {
  it.each(defectKinds().map((kind) => [kind.id, kind] as const))('%s: is read by something, decides what else is asked, or is for the record', (_id, kind) => {
    const random = seeded(11);
    const asksMore = new Set(kind.asks.flatMap((a) => a.when ?? []).map((w) => w.field));
    const unread = choicesOf(kind)
      .filter((a) => !asksMore.has(a.field) && kind.forTheRecord?.includes(a.field) !== true)
      .filter((a) => !isRead(kind, a, random));
    expect(unread.map((a) => `${kind.id}: '${a.question}' (${a.field}) changes nothing`)).toEqual([]);
  });

  it('is for the record only where that is so', () => {
    const random = seeded(12);
    const read = defectKinds().flatMap((kind) =>
      choicesOf(kind)
        .filter((a) => kind.forTheRecord?.includes(a.field) === true && isRead(kind, a, random))
        .map((a) => `${kind.id}.${a.field}`),
    );
    expect(read).toEqual([]);
  });
});
