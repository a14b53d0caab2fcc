import { describe, expect, it } from 'vitest';
import { repaired } from '../../test/cracks.ts';
import { compoundDrying } from '../climate/drying.ts';
import { constantClimate, type ClimateSeries } from '../climate/series.ts';
import { arrheniusMultiplier, equivalentAgeFactor } from '../cure/reaction.ts';
import type { Lag, Link, Step } from '../method/step.ts';
import { evaluate } from '../quantity/formula.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say } from '../quantity/saying.ts';
import { of } from '../shelf/sourced.ts';
import { schedule } from './schedule.ts';
import { stepRows } from './stepRows.ts';

const startAt = '2026-06-02T06:00:00.000Z';
const ledger = new Ledger();
const min = (value: number) => ledger.stated('Time', 'duration', value);
const fixed = (value: number): Lag => ({ by: 'fixed', minutes: min(value) });
const made = (id: string, kind: Step['kind'], minutes: number, more: Partial<Step> = {}): Step => ({
  id,
  kind,
  builder: id,
  title: say`${id}`,
  detail: say``,
  look: say``,
  tools: [],
  minutes: min(minutes),
  ...more,
});
const placed = (steps: readonly Step[], links: readonly Link[], climate: ClimateSeries = constantClimate(20, 20, 50)) => {
  const { rows, ...rest } = schedule(ledger, { steps, links }, climate, startAt);
  return { ...rest, rows, at: new Map(rows.map((r) => [r.step.id, r])) };
};

/** A table worked by hand: four steps of one person, a wait between two, a look afterwards. */
describe('a network worked by hand', () => {
  const steps = [
    made('a', 'work', 10),
    made('dry', 'wait', 30),
    made('b', 'work', 5),
    made('c', 'work', 20),
    made('look', 'ready', 0),
    made('use', 'ready', 0, { sign: 'opens' }),
  ];
  const links: Link[] = [
    { from: 'a', after: 'end', to: 'b', least: fixed(30) },
    { from: 'a', after: 'start', to: 'c', most: { lag: { by: 'fixed', minutes: min(50) }, ifMissed: say`late`, redo: [] } },
    { from: 'b', after: 'end', to: 'c', most: { lag: { by: 'fixed', minutes: min(90) }, ifMissed: say`later`, redo: [] } },
    { from: 'c', after: 'end', to: 'look', least: fixed(600) },
    { from: 'b', after: 'end', to: 'use', least: fixed(120) },
  ];
  const { at, rows, ...times } = placed(steps, links);

  it('begins each step when the one before is done and its wait is over', () => {
    expect(['a', 'b', 'c', 'look', 'use'].map((id) => [id, at.get(id)?.startMin, at.get(id)?.endMin])).toEqual([
      ['a', 0, 10],
      ['b', 40, 45],
      ['c', 45, 65],
      ['look', 665, 665],
      ['use', 165, 165],
    ]);
  });

  it('a wait lasts from the work before it to the work after it', () => {
    expect([at.get('dry')?.startMin, at.get('dry')?.endMin, at.get('dry')?.end]).toEqual([10, 40, '2026-06-02T06:40:00.000Z']);
  });

  it('of two windows the one that closes first holds, with its words', () => {
    expect(at.get('c')?.latest).toEqual({ at: '2026-06-02T06:50:00.000Z', ifMissed: say`late` });
    expect(at.get('b')?.latest).toBeUndefined();
  });

  it('what comes afterwards stands in the order of its time', () => {
    expect(rows.map((r) => r.step.id)).toEqual(['a', 'dry', 'b', 'c', 'use', 'look']);
  });

  it('adds up along the longest path, and says when it is open', () => {
    expect([times.total.value, times.handsOn.value, times.doneAt, times.openAt]).toEqual([65, 35, '2026-06-02T07:05:00.000Z', '2026-06-02T08:45:00.000Z']);
  });

  it('is open when the work is done where nothing says so', () => {
    expect(placed(steps.slice(0, 4), links.slice(0, 3)).openAt).toBe('2026-06-02T07:05:00.000Z');
  });

  it('with nothing to be done takes no time', () => {
    const { total, handsOn, doneAt } = placed([made('use', 'ready', 0)], []);
    expect([total.value, handsOn.value, doneAt]).toEqual([0, 0, startAt]);
  });

  it('a wait that is shorter than the work between is no wait', () => {
    const { at: other } = placed(
      [made('a', 'work', 10), made('b', 'work', 50), made('c', 'work', 5)],
      [{ from: 'a', after: 'end', to: 'c', least: fixed(20) }],
    );
    expect(other.get('c')?.startMin).toBe(60);
  });
});

describe('a lag by a law', () => {
  const after = (least: Lag, climate: ClimateSeries = constantClimate(20, 20, 50)) =>
    placed([made('a', 'work', 10), made('b', 'work', 1)], [{ from: 'a', after: 'end', to: 'b', least }], climate).at.get('b')?.startMin ?? 0;
  const progress = (cure: Extract<Lag, { by: 'progress' }>['cure'], at23: number, stopsBelow?: number): Lag => ({
    by: 'progress',
    at23: min(at23),
    cure,
    minutes: min(at23),
    ...(stopsBelow !== undefined && { stopsBelow: of(stopsBelow, 'temperature', 'practice', 'Coldest') }),
  });
  const arrhenius = { by: 'arrhenius', activation: of(55, 'activationEnergy', 'judgement', 'Activation') } as const;
  const cement = { by: 'equivalent-age', activation: of(5000, 'activationTemperature', 'astm-c1074', 'Activation') } as const;

  it('of a resin follows Arrhenius, of cement its equivalent age, what is as stated nothing', () => {
    expect(after(progress(arrhenius, 60))).toBeCloseTo(10 + 60 * arrheniusMultiplier(20, 55), 4);
    expect(after(progress(cement, 60))).toBeCloseTo(10 + 60 / equivalentAgeFactor(20, 5000), 4);
    expect(after(progress({ by: 'as-stated' }, 60))).toBe(70);
    expect(after(progress(arrhenius, 0))).toBe(10);
  });

  it('stands still below the coldest of its material', () => {
    const warming: ClimateSeries = [
      { fromMin: 0, airC: 20, slabC: 20, humidityPct: 50 },
      { fromMin: 100, airC: 30, slabC: 30, humidityPct: 50 },
    ];
    expect(after(progress(arrhenius, 60, 25), warming)).toBeCloseTo(100 + 60 * arrheniusMultiplier(30, 55), 4);
    expect(after(progress(arrhenius, 60, 20), warming)).toBeCloseTo(10 + 60 * arrheniusMultiplier(20, 55), 4);
  });

  it('of compound goes by the air', () => {
    const [thicknessMm, cover, draft] = [ledger.stated('Thick', 'depth', 1), ledger.stated('Tape', 'ratio', 1), ledger.stated('Draft', 'ratio', 1)];
    const lag: Lag = { by: 'drying', thicknessMm, cover, draft, minutes: min(1) };
    for (const [airC, humidityPct] of [
      [20, 50],
      [10, 80],
    ] as const)
      expect(after(lag, constantClimate(airC, airC, humidityPct))).toBeCloseTo(
        10 + evaluate(compoundDrying, { airC, humidityPct, thicknessMm: 1, cover: 1, draft: 1 }),
        3,
      );
  });
});

describe('a crack in many sections', () => {
  const { schedule: times } = repaired({ answers: { lengthMm: 20_000 }, area: { slabC: 25, airC: 25 } });
  const how = { units: 'metric', timeZone: 'UTC', day: times.startAt } as const;
  const rows = stepRows(times, how);

  it('shows the first of each round whole, the others as their times beside it', () => {
    const all = times.rows.filter((r) => (r.step.section?.n ?? 1) > 1);
    expect(all.length).toBeGreaterThan(5);
    expect(rows.every((r) => (r.timed.step.section?.n ?? 1) === 1)).toBe(true);
    expect(rows.flatMap((r) => r.more.map((m) => [r.timed.step.builder, r.timed.step.lift, m.section]))).toEqual(
      rows.flatMap((r) =>
        r.timed.step.section
          ? all
              .filter(({ step }) => step.builder === r.timed.step.builder && step.lift === r.timed.step.lift)
              .map(({ step }) => [step.builder, step.lift, step.section?.n])
          : [],
      ),
    );
    for (const row of rows)
      for (const more of row.more) {
        const timed = all.find(({ step }) => step.builder === row.timed.step.builder && step.lift === row.timed.step.lift && step.section?.n === more.section);
        expect(more.time.endsWith(timed?.start.slice(11, 16) ?? '?')).toBe(true);
        // sanded within its window, each section by its own
        expect(more.latest?.slice(-5)).toBe(row.latest === undefined ? undefined : timed?.latest?.at.slice(11, 16));
      }
  });

  it('marks as a window what must be begun within the shift, and what starts the clock', () => {
    const signs = new Map(rows.map((r) => [r.timed.step.builder, r.sign]));
    expect(signs.get('wet-faces')).toBe('window');
    expect([...signs.values()].filter((s) => s === 'window').length).toBeLessThan(signs.size);
    for (const { sign, timed } of rows) {
      const closes = timed.latest !== undefined && Date.parse(timed.latest.at) - Date.parse(timed.start) < 12 * 3_600_000 && timed.step.kind === 'work';
      expect([timed.step.id, sign]).toEqual([timed.step.id, closes || timed.step.sign === 'clock' ? 'window' : timed.step.kind]);
    }
  });

  it('a window beyond the shift is told only of what is allowed from then on', () => {
    const far = (kind: Step['kind'], hours: number) => {
      const { rows: placedRows, ...rest } = placed(
        [made('a', 'work', 10), made('b', kind, 5)],
        [{ from: 'a', after: 'end', to: 'b', most: { lag: { by: 'fixed', minutes: min(hours * 60) }, ifMissed: say`late`, redo: [] } }],
      );
      const row = stepRows({ ...rest, rows: placedRows }, how).find((r) => r.key === 'b');
      return [row?.sign, row?.latest !== undefined];
    };
    expect([far('work', 11), far('work', 12), far('work', 30), far('ready', 30)]).toEqual([
      ['window', true],
      ['work', false],
      ['work', false],
      ['ready', true],
    ]);
  });
});
