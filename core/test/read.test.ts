import { describe, expect, it } from 'vitest';
import type { Kind } from '../src/survey/kind.ts';
import { chains } from '../src/shelf/chains.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import { defectKinds } from '../src/survey/kinds.ts';
import type { MeasureAsk } from '../src/survey/ask.ts';
import { usualMeasures } from './defects.ts';
import { choicesOf, follows, seeded, type Choice } from './follows.ts';

const rounds = 24;

/** Answers under which a question is asked at all. */
function asked(kind: Kind, ask: Choice | MeasureAsk, random: () => number): Readonly<Record<string, string>> {
  const pick = (values: readonly string[]) => values[Math.floor(random() * values.length)] ?? '';
  return Object.fromEntries(
    (ask.when ?? []).map((w) => {
      const options =
        choicesOf(kind)
          .find((c) => c.field === w.field)
          ?.options.map((o) => o.value) ?? [];
      return [w.field, pick(w.is ?? options.filter((value) => w.isNot?.includes(value) !== true))];
    }),
  );
}

/** Pairs of answers of a question that no situation tells apart, over situations drawn at random. */
function alikeIn(kind: Kind, ask: Choice, random: () => number): readonly string[] {
  const systems = [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id)).map((s) => s.id);
  const options = ask.options.map((o) => o.value);
  const pairs = new Set(options.flatMap((a, i) => options.slice(i + 1).map((b) => [a, b].sort().join(' and '))));
  for (let round = 0; round < rounds && pairs.size > 0; round++) {
    const others = choicesOf(kind).filter((other) => round > 0 && other.field !== ask.field && random() < 0.5);
    const around = Object.fromEntries(others.map((o) => [o.field, o.options[Math.floor(random() * o.options.length)]?.value]));
    const place = { ...around, ...asked(kind, ask, random) };
    const open = options.filter((o) => [...pairs].some((p) => p.split(' and ').includes(o)));
    const made = new Map(open.map((o) => [o, follows(kind, { ...place, [ask.field]: o }, systems[round % systems.length] ?? '')]));
    for (const pair of [...pairs]) {
      const [a, b] = pair.split(' and ').map((o) => made.get(o));
      if (a !== undefined && b !== undefined && a !== b) pairs.delete(pair);
    }
  }
  return [...pairs].sort();
}

/** Pairs that a kind says are planned alike; all of them where a question is for the record. */
function declared(kind: Kind, ask: Choice): readonly string[] {
  const groups = kind.forTheRecord?.includes(ask.field) === true ? [ask.options.map((o) => o.value)] : (kind.alike?.[ask.field] ?? []);
  return groups.flatMap((g) => g.flatMap((a, i) => g.slice(i + 1).map((b) => [a, b].sort().join(' and ')))).sort();
}

/** Whether no situation tells apart a measure that is small, large or, where it need not be answered, left open. */
function unread(kind: Kind, ask: MeasureAsk, random: () => number): boolean {
  const systems = [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id)).map((s) => s.id);
  for (let round = 0; round < rounds * 2; round++) {
    const others = choicesOf(kind).filter(() => round > 0 && random() < 0.5);
    const place = {
      ...Object.fromEntries(others.map((o) => [o.field, o.options[Math.floor(random() * o.options.length)]?.value])),
      ...asked(kind, ask, random),
    };
    const [low, high] = [0.02 + random() * 0.3, 0.5 + random() * 0.5].map((share) => ask.min + (ask.max - ask.min) * share ** 2);
    const usual = usualMeasures[ask.field];
    const near = usual === undefined ? [] : [0.7, 0.94, 1.06, 1.5].map((times) => Math.min(ask.max, Math.max(ask.min, usual * times)));
    const system = systems[round % systems.length] ?? '';
    const made = [low, high, ...near, ...(ask.required ? [] : [undefined])].map((value) => follows(kind, { ...place, [ask.field]: value }, system));
    if (new Set(made.filter((m) => m !== undefined)).size > 1) return false;
  }
  return true;
}

describe('every answer of every question', () => {
  it.each(defectKinds().map((kind) => [kind.id, kind] as const))(
    '%s: makes another plan, or is declared to be planned alike, or for the record',
    (_id, kind) => {
      const random = seeded(11);
      // what decides which measures are asked is answered by those measures
      const asksMore = new Set(kind.asks.flatMap((a) => (a.ask === 'choice' ? [] : (a.when ?? []))).map((w) => w.field));
      const wrong = choicesOf(kind)
        .filter((a) => !asksMore.has(a.field) || declared(kind, a).length > 0)
        .flatMap((a) => {
          const [found, said] = [alikeIn(kind, a, random), declared(kind, a)];
          return [
            ...found
              .filter((pair) => !said.includes(pair))
              .map((pair) => `'${a.question}' (${a.field}): ${pair} come to the same: mend it, or declare them alike`),
            ...said.filter((pair) => !found.includes(pair)).map((pair) => `'${a.question}' (${a.field}): ${pair} are declared alike, and are not`),
          ];
        });
      expect(wrong).toEqual([]);
    },
  );

  it.each(defectKinds().map((kind) => [kind.id, kind] as const))('%s: so does every measure', (_id, kind) => {
    const random = seeded(5);
    expect(kind.asks.filter((a): a is MeasureAsk => a.ask === 'measure' && unread(kind, a, random)).map((a) => `'${a.question}' (${a.field})`)).toEqual([]);
  });

  it('says so beside the question', () => {
    const cause = defectKinds()
      .find((k) => k.id === 'drywall-hole')
      ?.asks.find((a) => a.field === 'cause');
    expect(cause?.hint).toContain('planned alike: “');
  });
});
