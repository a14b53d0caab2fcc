import type { MeasuredClimate, Reading } from '@oddment/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { keeping, ReadingLog } from './services/readingLog.ts';
import { keepMeasured } from './store/measuredStore.ts';
import { now, stage, type Person, type Stage } from '../test/api.ts';

const at = (min: number) => new Date(Date.parse(now) - 3_600_000 + min * 60_000).toISOString();
const reading = (min: number, values: Reading['values'], more: Partial<Reading> = {}): Reading => ({
  instrument: 'hygro-1',
  kind: 'thermo-hygrometer',
  at: at(min),
  simulated: true,
  values,
  ...more,
});

describe('the log of the readings', () => {
  it('keeps the middle value of ten minutes: one spike does not move it, a fault and other quantities are left out', () => {
    const log = new ReadingLog();
    for (const [i, airC] of [18, 18.2, 18.1, 58, 18.1].entries()) log.take(reading(i, { airC, humidityPct: 60 }));
    log.take(reading(5, {}, { fault: 'battery low' }));
    log.take(reading(5, { massG: 400 }, { instrument: 'scale-1', kind: 'scale' }));
    expect(log.changed()).toEqual([
      { instrument: 'hygro-1', kind: 'thermo-hygrometer', simulated: true, slotAt: at(0), readings: 5, values: { airC: 18.1, humidityPct: 60 } },
    ]);
    expect(log.changed()).toEqual([]);
  });

  it('begins anew with each ten minutes', () => {
    const log = new ReadingLog();
    log.take(reading(9, { airC: 10 }));
    log.take(reading(10, { airC: 20 }));
    expect(log.changed().map((s) => [s.slotAt, s.values.airC])).toEqual([
      [at(0), 10],
      [at(10), 20],
    ]);
  });
});

describe('measured climate', () => {
  let world: Stage;
  let owner: Person;
  beforeAll(async () => {
    world = await stage();
    owner = await world.owner('measured');
  });
  afterAll(async () => {
    await world.close();
  });
  const read = async (query = '') => (await owner.get(`/api/measured${query}`)).body as unknown as MeasuredClimate;

  it('is kept, put together over the instruments, and told in order', async () => {
    const log = new ReadingLog();
    const end = keeping(log, world.database.db, (error) => {
      throw error;
    });
    log.take(reading(21, { airC: 19, humidityPct: 58 }));
    log.take(reading(3, { airC: 18, humidityPct: 60 }));
    log.take(reading(4, { surfaceC: 15 }, { instrument: 'probe-1', kind: 'surface thermometer', simulated: false }));
    log.take(reading(35, { surfaceC: 15.5 }, { instrument: 'probe-1', kind: 'surface thermometer', simulated: false }));
    await end();
    expect(await read()).toEqual({
      instruments: ['simulated thermo-hygrometer', 'surface thermometer'],
      points: [
        { at: at(0), airC: 18, humidityPct: 60, surfaceC: 15 },
        { at: at(20), airC: 19, humidityPct: 58 },
      ],
    });
    expect((await read('?hours=1')).points).toHaveLength(2);
  });

  it('keeps of two servers on one line whoever heard more', async () => {
    const slot = (readings: number, airC: number) => ({
      instrument: 'hygro-2',
      kind: 'thermo-hygrometer',
      simulated: false,
      slotAt: at(40),
      readings,
      values: { airC, humidityPct: 50 },
    });
    await keepMeasured(world.database.db, [slot(9, 20)]);
    await keepMeasured(world.database.db, [slot(2, 5)]);
    expect((await read()).points.at(-1)).toMatchObject({ airC: 20 });
    await keepMeasured(world.database.db, [slot(12, 21)]);
    expect((await read()).points.at(-1)).toMatchObject({ airC: 21 });
  });

  it('refuses hours that are none', async () => {
    const { status, body } = await owner.get('/api/measured?hours=many');
    expect(status).toBe(422);
    expect(body['detail'] ?? body['title']).toMatch(/whole number/);
  });
});
