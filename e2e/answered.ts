import { kindOf, relevantAsks, senseDefect, type DefectKind, type LooseFacts } from '@oddment/core';
import { expect } from '@playwright/test';

/** Something found, by its kind and answers. */
export interface Found {
  readonly kind: DefectKind;
  readonly facts: LooseFacts;
}

/** What a size is typed as, in mm. */
export const inMm = (mm: number) => `${String(mm)} mm`;

/** Holds that nothing is left to answer, nothing was refused, and every question has the answer that was meant for it. */
export function expectAnswered(what: readonly unknown[], { kind, facts }: Found, meant: Found | undefined): void {
  expect([...what, kind, senseDefect(kind, facts)]).toMatchObject([...what, meant?.kind, { missing: [], refused: [] }]);
  for (const ask of relevantAsks(kindOf(kind), meant?.facts ?? {}).filter((one) => one.required && (one.ask === 'choice' || one.ask === 'measure'))) {
    const [is, was] = [facts[ask.field]?.value, meant?.facts[ask.field]?.value];
    // a size is typed as it is shown, to its last figure
    const same = typeof was === 'number' ? Math.abs(Number(is) - was) <= 0.02 * Math.abs(was) + 0.01 : is === was;
    expect([...what, kind, ask.field, is, same]).toEqual([...what, kind, ask.field, is, true]);
  }
}
