import { describe, expect, it } from 'vitest';
import { oneMethod } from '../../../test/everyMethod.ts';
import { chains } from '../../shelf/chains.ts';
import { genericShelf } from '../../shelf/shelf.ts';
import { defectKinds } from '../../survey/kinds.ts';

const tubs = defectKinds().filter((k) => k.surface === 'tub');
/** the hand that closes a place, or goes on behind it */
const closes = /^(support-shell|lay-mesh|putty-build|lay-mat|mist-coat|fill-nick|fill-chip)/;

const stepsOf = (kind: (typeof tubs)[number], system: string, given: Readonly<Record<string, unknown>>) =>
  oneMethod(kind, system, {}, given).work?.method.steps.map((s) => s.builder) ?? [];

/** Every way for a tub, on a wall and a floor, with and without support and access. */
const ways = tubs.flatMap((kind) =>
  [...genericShelf, ...chains]
    .filter((s) => s.suits.includes(kind.id))
    .flatMap(({ id }) =>
      [{ part: 'wall' }, { part: 'floor', flexMm: 3 }, { part: 'floor', access: 'yes' }].map((given) => ({ name: `${id} on ${kind.id}`, kind, id, given })),
    ),
);

describe('water behind a shell', () => {
  it.each(ways)('is let out and looked for before anything closes a place that is open: $name, $given', ({ kind, id, given }) => {
    const steps = stepsOf(kind, id, { ...given, through: 'yes' });
    const at = (builder: string) => steps.indexOf(builder);
    expect(steps.length).toBeGreaterThan(3);
    if (kind.id !== 'tub-hole' && kind.id !== 'tub-crack') {
      expect([at('drain-behind'), at('dry-behind')]).toEqual([-1, -1]);
      return;
    }
    const order = [at('clean-tub'), at('drain-behind'), at('dry-behind'), steps.findIndex((s) => closes.test(s))];
    expect([order.every((n) => n >= 0), order]).toEqual([true, [...order].sort((a, b) => a - b)]);
    // it is let out through the holes that stop a crack, and they are drilled once
    const stops = steps.flatMap((s, i) => (s === 'stop-crack' ? [i] : []));
    expect(stops.length).toBeLessThanOrEqual(1);
    for (const stop of stops) expect(stop).toBeLessThan(at('drain-behind'));
  });

  it('is not looked for where the crack is in the face alone', () => {
    for (const { kind, id, given } of ways.filter((w) => w.kind.id === 'tub-crack'))
      expect([id, stepsOf(kind, id, { ...given, through: 'no' }).filter((s) => s.endsWith('-behind'))]).toEqual([id, []]);
  });

  it('wet mat over a hole lies on something: a card, or the foam below a floor', () => {
    for (const { kind, id, given } of ways.filter((w) => w.kind.id === 'tub-hole' && w.id.includes('fiberglass-laminate'))) {
      const steps = stepsOf(kind, id, given);
      const backed = [steps.indexOf('card-behind'), steps.indexOf('support-shell')].filter((n) => n >= 0);
      expect([id, given, backed.length]).toEqual([id, given, 1]);
      expect(backed[0]).toBeLessThan(steps.indexOf('lay-mat'));
    }
  });
});
