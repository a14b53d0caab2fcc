import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lineSum, readLine, readQuantities, writeLine, type Reading } from './instrumentLine.ts';

const reading: Reading = {
  instrument: 'hygro-1',
  kind: 'thermo-hygrometer',
  at: '2026-06-02T12:00:00.000Z',
  simulated: true,
  values: { airC: 18.4, humidityPct: 63 },
};

describe('a line of the instruments', () => {
  it('is what the document says it is', () => {
    const line = 'reading from=hygro-1 kind=thermo-hygrometer at=2026-06-02T12:00:00.000Z airC=18.4 humidityPct=63 simulated=yes';
    expect(writeLine(reading)).toBe(`${line} sum=${lineSum(line)}`);
    expect(readLine(writeLine(reading))).toEqual({ ok: true, reading });
  });

  it('comes back as it was written, over generated readings', () => {
    const values = fc.record(Object.fromEntries(readQuantities.map((q) => [q, fc.integer({ min: 0, max: 600 }).map((v) => v / 10)])), {
      requiredKeys: ['airC'],
    });
    fc.assert(
      fc.property(values, fc.constantFrom('scale', 'color meter', 'moisture meter'), fc.boolean(), (v, kind, simulated) => {
        const one: Reading = { ...reading, kind, simulated, values: v };
        const read = readLine(writeLine(one));
        expect(read).toEqual({ ok: true, reading: one });
      }),
    );
  });

  it('is refused when any one sign of it is changed', () => {
    const line = writeLine(reading);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: line.length - 1 }), fc.constantFrom('#', 'z', '9', ' '), (at, sign) => {
        if (line[at] === sign) return;
        expect(readLine(line.slice(0, at) + sign + line.slice(at + 1)).ok).toBe(false);
      }),
    );
  });

  it.each([
    ['noise', /not a reading/],
    ['', /not a reading/],
    ['x'.repeat(500), /too long/],
  ])('%s is refused', (line, why) => {
    const read = readLine(line);
    expect(read.ok ? '' : read.why).toMatch(why);
  });

  it.each([
    ['reading kind=scale at=2026-06-02T12:00:00Z massG=1', /which instrument/],
    ['reading from=scale-1 at=2026-06-02T12:00:00Z massG=1', /what kind/],
    ['reading from=scale-1 kind=scale at=noon massG=1', /no time/],
    ['reading from=scale-1 kind=scale at=2026-06-02T12:00:00Z', /no value and no fault/],
    ['reading from=scale-1 kind=scale at=2026-06-02T12:00:00Z airC=400', /airC of '400' cannot be/],
    ['reading from=scale-1 kind=scale at=2026-06-02T12:00:00Z airC=', /cannot be/],
    ['reading from=scale-1 kind=scale at=2026-06-02T12:00:00Z fault=!!', /not in words/],
  ])('%s, with its right sum, is refused', (text, why) => {
    const read = readLine(`${text} sum=${lineSum(text)}`);
    expect(read.ok ? '' : read.why).toMatch(why);
  });

  it('tells a fault of the instrument without a value', () => {
    expect(readLine(writeLine({ ...reading, values: {}, fault: 'battery low' }))).toEqual({
      ok: true,
      reading: { ...reading, values: {}, fault: 'battery low' },
    });
  });
});
