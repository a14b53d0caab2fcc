import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { at, fact } from '../../test/cracks.ts';
import { tell } from '../quantity/saying.ts';
import { areaTable } from './area.ts';
import type { Ask } from './ask.ts';
import { factProblem } from './factProblem.ts';
import { slabCrackTable } from './slabCrack.ts';

const askOf = (field: string): Ask => {
  const ask = [...slabCrackTable.asks, ...areaTable.asks].find((a) => a.field === field);
  if (!ask) throw new Error(`no ask ${field}`);
  return ask;
};
const words = (field: string, value: unknown) => tell(factProblem(askOf(field), value) ?? [], { units: 'metric', timeZone: 'UTC' });

describe('factProblem', () => {
  it.each([
    ['lengthMm', fact(4200)],
    ['widths', fact([{ atMm: 0, widthMm: 2, text: '2' }])],
    ['member', fact('stair', 'entered')],
    ['humidityPct', { value: 62, how: 'assumed', at, text: '62 %' }],
    ['slabC', { value: -5, how: 'log', at: '2026-06-01T14:00:00+02:00' }],
  ])('lets a good %s stand', (field, value) => {
    expect(factProblem(askOf(field), value)).toBeUndefined();
  });

  it.each([
    ['lengthMm', fact(10), 'Length: 10 mm cannot be. It must lie between 50 mm and 500.00 m.'],
    ['humidityPct', fact(162), 'Humidity: 162 % cannot be. It must lie between 1 % and 100 %.'],
    ['slabC', fact(99), 'Surface: 99 °C cannot be. It must lie between -20 °C and 70 °C.'],
    ['widths', fact([{ atMm: 0, widthMm: 80 }]), 'Width 1: 80 mm cannot be. It must lie between 0.02 mm and 60 mm.'],
    ['widths', fact([]), 'Widths along it: it needs at least one measured width.'],
    ['widths', fact([{ atMm: -1, widthMm: 2 }]), 'Width 1: its place along the crack must be a length from its start.'],
    ['widths', fact([{ atMm: 0, widthMm: '2' }]), 'Width 1 must be a number.'],
    ['widths', fact([{ atMm: 0, widthMm: 2, who: 'me' }]), "Width 1 has a part 'who' that is not known here."],
    ['member', fact('roof'), "What is it part of?: 'roof' is not an answer. It can be slab-on-ground, suspended, stair, other."],
    ['lengthMm', fact('long'), 'Length: it must be a number.'],
    ['lengthMm', fact(Number.NaN), 'Length: it must be a number.'],
    ['lengthMm', 4200, 'Length: a fact has a value, how it is known, and since when.'],
    ['lengthMm', { ...fact(4200), extra: 1 }, "Length: a fact has no part 'extra'. It has a value, how it is known, and since when."],
    ['lengthMm', { ...fact(4200), how: 'guessed' }, 'Length: how it is known must be one of entered, measured, assumed, log.'],
    ['lengthMm', { ...fact(4200), at: 'yesterday' }, 'Length: since when it is known must be a date and time with its zone.'],
    ['lengthMm', { ...fact(4200), at: '2026-06-01T12:00:00' }, 'Length: since when it is known must be a date and time with its zone.'],
    ['lengthMm', { ...fact(4200), text: 'a\u0000' }, 'The text as typed must be a short text, or left out.'],
    ['lengthMm', { ...fact(4200), text: 'x'.repeat(61) }, 'The text as typed must be a short text, or left out.'],
  ])('says of %s what would be right: %j', (field, value, wanted) => {
    expect(words(field, value)).toBe(wanted);
  });

  it('never throws, whatever comes over the wire', () => {
    fc.assert(
      fc.property(fc.constantFrom(...[...slabCrackTable.asks, ...areaTable.asks]), fc.anything(), (ask, value) => {
        const found = factProblem(ask, value);
        expect(found === undefined || found.length > 0).toBe(true);
      }),
    );
  });
});
