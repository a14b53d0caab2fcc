import fc from 'fast-check';
import type { Ask, Fact, LooseFacts } from '../src/survey/ask.ts';
import { relevantAsks } from '../src/survey/ask.ts';
import type { Kind } from '../src/survey/kind.ts';
import { fact } from './cracks.ts';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Answers that a question takes. */
export function answers(ask: Ask): fc.Arbitrary<unknown> {
  switch (ask.ask) {
    case 'measure':
      return ask.kind === 'count' ? fc.integer({ min: ask.min, max: ask.max }) : between(ask.min, ask.max);
    case 'choice':
      return fc.constantFrom(...ask.options.map((o) => o.value));
    case 'stations':
      return fc
        .uniqueArray(fc.integer({ min: 0, max: 20 }), { minLength: 1, maxLength: 5 })
        .chain((places) => fc.tuple(...places.map((atMm) => between(ask.min, ask.max).map((widthMm) => ({ atMm, widthMm })))));
    case 'outline':
      return fc
        .record({ is: fc.constantFrom('rectangle', 'ellipse', 'triangle'), widthMm: between(ask.min, ask.max), heightMm: between(ask.min, ask.max) })
        .map((shape) => ({ shape }));
    case 'depth-grid':
      return fc
        .tuple(fc.integer({ min: 2, max: 5 }), fc.integer({ min: 2, max: 5 }))
        .chain(([columns, rows]) =>
          fc
            .array(fc.array(between(0, ask.max), { minLength: columns, maxLength: columns }), { minLength: rows, maxLength: rows })
            .map((depthMm) => ({ xMm: Array.from({ length: columns }, (_v, i) => i * 50), yMm: Array.from({ length: rows }, (_v, i) => i * 40), depthMm })),
        );
    case 'tapping':
      return fc
        .array(
          fc.array(fc.constantFrom('h', 's', '.'), { minLength: 6, maxLength: 6 }).map((r) => r.join('')),
          { minLength: 1, maxLength: 6 },
        )
        .map((rows) => ({ cellMm: 100, rows }));
    case 'text':
      return fc.string({ maxLength: ask.most });
  }
}

/** Facts that answer every question which is asked, and some of those that may stay open. */
export function factsOfKind(kind: Kind): fc.Arbitrary<LooseFacts> {
  return fc.tuple(...kind.asks.map((ask) => fc.tuple(answers(ask), fc.boolean()))).map((given) => {
    let facts: Record<string, Fact<unknown>> = {};
    kind.asks.forEach((ask, i) => {
      const [value, open] = given[i] ?? [undefined, true];
      if (ask.required || !open) facts = { ...facts, [ask.field]: fact(value) };
    });
    const asked = new Set(relevantAsks(kind, facts).map((a) => a.field));
    return Object.fromEntries(Object.entries(facts).filter(([field]) => asked.has(field)));
  });
}
