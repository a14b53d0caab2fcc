import { describe, expect, it } from 'vitest';
import { everyMethod, oneMethod } from '../../test/everyMethod.ts';
import { surveyedPlan } from '../../test/defects.ts';
import type { ClimateSeries } from '../climate/series.ts';
import { gelTime, windowClose } from '../cure/reaction.ts';
import { evaluate } from '../quantity/formula.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, tell } from '../quantity/saying.ts';
import { schedule } from '../schedule/schedule.ts';
import { kindOf } from '../survey/kinds.ts';
import { mixKey } from './mixKey.ts';
import type { Link, Moment, Step } from './step.ts';

/** What the stages to come ask of a method, over all of them. */
const warm = everyMethod();
/** Where what hangs is propped first. */
const sagging = everyMethod(
  {},
  { position: 'wall', base: 'wood-lath', sagMm: 5, outline: { shape: { is: 'rectangle', widthMm: 1000, heightMm: 700 } } },
).filter((m) => m.kind === 'plaster-loose');

describe('what may be mixed together', () => {
  it('has one key, and the same key means the same product in the same proportions', () => {
    const byKey = new Map<string, { readonly of: string; readonly shares: readonly number[] }>();
    let again = 0;
    for (const { work } of warm)
      for (const { key = '', of, parts } of work?.mixes ?? []) {
        const shares = parts.map((p) => p.amount.value / (parts[0]?.amount.value ?? 1));
        const known = byKey.get(key);
        if (!known) byKey.set(key, { of, shares });
        else {
          again += 1;
          expect([key, known.of, known.shares.length]).toEqual([key, of, shares.length]);
          known.shares.forEach((share, i) => {
            if (parts[i]?.once !== true) expect(Math.abs((shares[i] ?? 0) / share - 1)).toBeLessThan(0.12);
          });
        }
      }
    expect([again > 40, byKey.size > 25]).toEqual([true, true]);
  });

  it('is not the base coat with the finish coat, nor one mortar with another', () => {
    const plan = surveyedPlan('plaster-hole', { binder: 'cement' }, {}, { choice: { system: 'cement-plaster', reason: 'tried' } });
    const keys = plan.work()?.mixes.map((m) => m.key) ?? [];
    expect([keys.length > 1, new Set(keys).size]).toEqual([true, keys.length]);
  });

  it('keeps what is tinted for itself', () => {
    const amount = plainAmount(10);
    const both = [
      { role: 'resin' as const, amount },
      { role: 'hardener' as const, amount },
    ];
    expect(mixKey('epoxy', 'epoxy', both)).toBe('epoxy, epoxy, hardener 1');
    expect(mixKey('epoxy', 'epoxy', [...both, { role: 'tint' as const, amount, once: true }])).not.toBe(mixKey('epoxy', 'epoxy', both));
    expect(mixKey('other', 'epoxy', both)).not.toBe(mixKey('epoxy', 'epoxy', both));
  });
});

describe('what has to be begun in time', () => {
  it('keeps its law: at the temperature of the ground it comes to what is told, and heat shortens it', () => {
    const found = { gel: 0, window: 0, fixed: 0 };
    for (const { plan, work } of everyMethod({ slabC: 29, airC: 29 }))
      for (const { most } of work?.method.links ?? []) {
        if (!most) continue;
        const { lag } = most;
        const temperatureC = plan.subject.slabC.value;
        if (lag.by === 'gel') expect(lag.minutes.value).toBeCloseTo(evaluate(gelTime, { gelAt23Min: lag.at23.value, temperatureC }), 6);
        if (lag.by === 'window') expect(lag.minutes.value).toBeCloseTo(evaluate(windowClose, { windowAt23Min: lag.at23.value, temperatureC }), 6);
        if (lag.by === 'gel' || lag.by === 'window') expect(lag.minutes.value).toBeLessThan(lag.at23.value);
        if (lag.by in found) found[lag.by as keyof typeof found] += 1;
      }
    expect([found.gel > 1, found.window > 25, found.fixed > 10]).toEqual([true, true, true]);
  });

  it('moves with the temperature of each stretch: warmed halfway, it closes sooner; cooled, a mix lasts and a window does not', () => {
    const ledger = new Ledger();
    const minutes = (value: number) => ledger.stated('Time', 'duration', value);
    const latest = (by: 'gel' | 'window', laterC: number) => {
      const step = (id: string): Step => ({ id, kind: 'work', builder: id, title: say`x`, detail: say`x`, look: say`x`, tools: [], minutes: minutes(1) });
      const links: Link[] = [
        { from: 'a', after: 'end', to: 'b', most: { lag: { by, at23: minutes(60), minutes: minutes(60) }, ifMissed: say`late`, redo: [] } },
      ];
      const climate: ClimateSeries = [
        { fromMin: 0, airC: 23, slabC: 23, humidityPct: 50 },
        { fromMin: 31, airC: laterC, slabC: laterC, humidityPct: 50 },
      ];
      const { rows } = schedule(ledger, { steps: [step('a'), step('b')], links }, climate, '2026-06-02T05:00:00.000Z');
      return (Date.parse(rows[1]?.latest?.at ?? '') - Date.parse(rows[0]?.end ?? '')) / 60_000;
    };
    // half of it is gone at 23 °C; the other half goes at the rate of the later temperature
    expect(latest('gel', 13)).toBeCloseTo(30 + 60, 1);
    expect(latest('window', 13)).toBeCloseTo(60, 1);
    expect(latest('gel', 33)).toBeCloseTo(30 + 30 * evaluate(gelTime, { gelAt23Min: 1, temperatureC: 33 }), 1);
    expect(latest('window', 33)).toBeCloseTo(latest('gel', 33), 6);
  });
});

describe('the check of a step', () => {
  it('has words for its button, few enough for a thumb, and says when it is due', () => {
    for (const { kind, system, work } of warm)
      for (const s of work?.method.steps ?? []) {
        const at = `${kind} ${system} ${s.id}`;
        const { done = '', due } = s.check ?? {};
        expect([at, done, /^[A-Z][a-z:, -]{2,25}$/.test(done), due]).toEqual([at, done, true, s.kind === 'ready' ? 'start' : 'end']);
      }
  });

  it('has its limit where its words ask for a number', () => {
    const limits = warm.flatMap(({ work }) => work?.method.steps.flatMap((s) => s.check?.limits.map((l) => ({ builder: s.builder, ...l })) ?? []) ?? []);
    for (const builder of ['vacuum-groove', 'push-test', 'cut-sound', 'warm-tub'])
      expect([builder, limits.some((l) => l.builder === builder)]).toEqual([builder, true]);
    for (const { figure } of limits) expect(Number.isFinite(figure.value)).toBe(true);
  });

  it('comes on its own day where it is made twice: mortar is sounded the day after, and once more a week after', () => {
    let twice = 0;
    for (const { kind, system, work } of warm) {
      const day = (builder: string) => {
        const row = work?.schedule.rows.find((r) => r.step.builder === builder);
        return row && Math.round(row.startMin / 1440);
      };
      const [first, last] = [day('sound-again'), day('sound-last')];
      expect([kind, system, first === undefined]).toEqual([kind, system, last === undefined]);
      if (first === undefined || last === undefined) continue;
      twice += 1;
      expect([kind, system, last - first]).toEqual([kind, system, 6]);
    }
    expect(twice).toBeGreaterThan(3);
  });
});

describe('what other work at a place has to heed', () => {
  it('is marked from a step to a step that are there, none ending before it begins', () => {
    const found = new Map<string, number>();
    for (const { kind, system, work } of [...warm, ...sagging]) {
      if (!work) continue;
      const { method, schedule: timed } = work;
      const at = (m: Moment) => {
        const row = timed.rows.find((r) => r.step.id === m.step);
        return (m.at === 'start' ? row?.startMin : row?.endMin) ?? Number.NaN;
      };
      for (const mark of [...method.marks, ...method.standing.map((s) => ({ is: s.thing, ...s }))]) {
        found.set(mark.is, (found.get(mark.is) ?? 0) + 1);
        expect([kind, system, mark.is, mark.from.step, at(mark.to) + (mark.to.later?.minutes.value ?? 0) >= at(mark.from)]).toEqual([
          kind,
          system,
          mark.is,
          mark.from.step,
          true,
        ]);
      }
    }
    for (const is of ['dust', 'wet', 'vapor', 'water', 'closed', 'props', 'heater', 'fan']) expect([is, (found.get(is) ?? 0) > 0]).toEqual([is, true]);
  });

  it('is dust wherever dust is made, and a wet face wherever a mix is placed, until it may be gone over', () => {
    for (const { kind, system, work } of warm) {
      if (!work) continue;
      const { steps, marks, links, mixes } = work.method;
      for (const s of steps) {
        const at = `${kind} ${system} ${s.id}`;
        const of = (is: string) => marks.filter((m) => m.is === is && m.from.step === s.id);
        expect([at, of('dust').length]).toEqual([at, s.handsOn?.makes.includes('dust') === true ? 1 : 0]);
        const places = s.handsOn?.uses.some((u) => mixes.some((m) => m.id === u.of)) === true;
        if (places) expect([at, of('wet').length]).toEqual([at, 1]);
        // what waits at once for what was placed is what its mark waits for
        const next = links.filter((l) => l.from === s.id && l.after === 'end' && l.least).map((l) => l.least?.minutes.value ?? 0);
        if (places && next.length > 0) expect([at, of('wet')[0]?.to.later?.minutes.value]).toEqual([at, Math.min(...next)]);
      }
    }
  });

  it('is a floor that nobody walks on until it is open, and none where it is a wall', () => {
    const closed = (kind: string) => warm.filter((m) => m.kind === kind).map(({ work }) => work?.method.marks.filter((m) => m.is === 'closed') ?? []);
    for (const marks of closed('slab-crack')) expect(marks.length).toBe(1);
    for (const kind of ['drywall-hole', 'plaster-hole', 'tub-hole']) for (const marks of closed(kind)) expect(marks).toEqual([]);
  });

  it('is props that stand through the wait of what they hold, and water as long as it is kept damp', () => {
    const fastened = sagging.find((m) => m.system === 'plaster-reattach')?.work?.method.standing ?? [];
    expect(fastened.map((s) => [s.thing, s.to.later?.minutes.value])).toEqual([['props', 1440]]);
    for (const { work } of warm)
      for (const s of work?.method.steps.filter((one) => ['keep-damp', 'moist-coat', 'protect-fresh'].includes(one.builder)) ?? []) {
        const water = work?.method.marks.find((m) => m.is === 'water' && m.from.step === s.id);
        expect([s.id, (water?.to.later?.minutes.value ?? 0) >= 1440]).toEqual([s.id, true]);
      }
  });
});

describe('the band of temperatures of a mix', () => {
  it('is where its batches hold: at its end they are as many, beyond it more or none', () => {
    let [tried, more] = [0, 0];
    for (const { kind, system, plan, work } of everyMethod({ slabC: 20, airC: 20 })) {
      for (const { id, band, batches } of work?.method.mixes ?? []) {
        if (!band) continue;
        tried += 1;
        expect([kind, system, id, band.most.value >= plan.subject.slabC.value - 1e-6]).toEqual([kind, system, id, true]);
        const at = (slabC: number) => oneMethod(kindOf(kind), system, { slabC, airC: slabC }).work?.mixes.find((m) => m.id === id)?.batches.value;
        // where the system itself bears no more, that is its end
        if (band.most.origin.by !== 'formula') continue;
        const within = at(band.most.value - 0.2);
        const beyond = at(band.most.value + 0.2);
        expect([kind, system, id, within]).toEqual([kind, system, id, batches.value]);
        more += 1;
        expect([kind, system, id, beyond === undefined || beyond > batches.value]).toEqual([kind, system, id, true]);
      }
    }
    expect([tried > 30, more > 5]).toEqual([true, true]);
  });
});

describe('hands-on minutes', () => {
  it('have a least and a most around what is planned', () => {
    for (const { work } of warm)
      for (const { handsOn } of work?.method.steps ?? []) {
        if (!handsOn) continue;
        const { least, most } = handsOn.spread;
        expect([least.value > 0 && least.value <= 1, most.value >= 1]).toEqual([true, true]);
        for (const { of } of handsOn.skills) expect(['one', 'each']).toContain(of);
      }
  });
});

function plainAmount(mL: number) {
  return surveyedPlan('concrete-spall').ledger.given('Amount', 'volume', mL, 'entered', '');
}

describe('a part of a mix', () => {
  it('that is too little to be measured well is said, the least of them; else nothing is', () => {
    let said = 0;
    for (const { system, work } of warm)
      for (const { parts, handling, says } of work?.mixes ?? []) {
        const kind = handling.by === 'weight' ? 'mass' : 'volume';
        const measured = parts.map((p) => p.each ?? p.amount).filter((a) => a.kind === kind);
        const little = parts.length > 1 && measured.some((a) => a.value < handling.leastPart.value * (1 - 1e-9));
        const words = says.map((s) => tell(s, { units: 'metric', timeZone: 'UTC' })).filter((t) => t.includes('less than is measured well'));
        expect([system, words.length]).toEqual([system, little ? 1 : 0]);
        said += words.length;
      }
    expect(said).toBeGreaterThan(8);
  });
});
