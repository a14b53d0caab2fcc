import { check, readLine, WeatherPlaces, WeatherReply, writeLine } from '@oddment/contracts';
import { connect } from 'node:net';
import { describe, expect, it } from 'vitest';
import { climates } from './climates.ts';
import { devices, readingOf } from './devices.ts';
import { hoursFrom } from './hourly.ts';
import { garble, instrumentHub } from './instrumentHub.ts';
import { weatherAnswerTo, weatherService } from './weatherService.ts';

const start = Date.parse('2026-06-02T12:00:00Z');
const options = { seed: 1, now: () => start };
const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

describe('the weather', () => {
  it('is the same for a seed, another for another', () => {
    const [climate] = climates;
    if (!climate) throw new Error('no climate');
    expect(hoursFrom(climate, 1, start, 48)).toEqual(hoursFrom(climate, 1, start, 48));
    expect(hoursFrom(climate, 2, start, 48)).not.toEqual(hoursFrom(climate, 1, start, 48));
    // asked for later, an hour is still the same hour
    expect(hoursFrom(climate, 1, start, 48)[30]).toEqual(hoursFrom(climate, 1, start + 30 * 3_600_000, 1)[0]);
  });

  it.each(climates.map((c) => [c.id, c] as const))('%s has its seasons, days and rain within what there is on earth', (_id, climate) => {
    const year = hoursFrom(climate, 1, Date.parse('2026-01-01T00:00:00Z'), 8760);
    const month = (m: number) => mean(year.filter((h) => new Date(h.at).getUTCMonth() === m).map((h) => h.airC));
    expect(month(6) - month(0)).toBeGreaterThan(climate.seasonK);
    expect(Math.abs(mean(year.map((h) => h.airC)) - climate.meanC)).toBeLessThan(2.5);
    const rain = year.filter((h) => h.rainMm > 0);
    expect(rain.length / year.length).toBeGreaterThan(0.001);
    expect(rain.length / year.length).toBeLessThan(0.4);
    expect(Math.min(...rain.map((h) => h.humidityPct))).toBeGreaterThanOrEqual(90);
    for (const h of year) expect(h.humidityPct >= 0 && h.humidityPct <= 100 && h.windKmh >= 0 && Math.abs(h.airC) < 60).toBe(true);
  });

  it('rains more on the coast than in the desert', () => {
    const wet = climates.map((c) => hoursFrom(c, 1, start, 8760).filter((h) => h.rainMm > 0).length);
    const at = (id: string) => wet[climates.findIndex((c) => c.id === id)] ?? 0;
    expect(at('north-coast')).toBeGreaterThan(3 * at('dry-basin'));
  });

  it('answers as documented, and in words where it cannot', async () => {
    expect(check(WeatherPlaces, weatherAnswerTo('/v1/places', options).body).ok).toBe(true);
    expect(weatherAnswerTo('/v1/hourly?place=nowhere', options).status).toBe(404);
    expect(weatherAnswerTo('/v1/hourly?place=harbor-town&hours=0', options)).toMatchObject({
      status: 422,
      body: { detail: 'hours must be a whole number from 1 to 336.' },
    });
    expect(weatherAnswerTo('/v1/hourly?place=harbor-town&from=noon', options).status).toBe(422);
    expect(weatherAnswerTo('/other', options).status).toBe(404);
    const server = weatherService(options);
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    const address = server.address();
    const base = `http://127.0.0.1:${String(typeof address === 'object' && address ? address.port : 0)}`;
    const reply: unknown = await (await fetch(`${base}/v1/hourly?place=gulf-shore&from=2026-06-02T12:00:00Z&hours=5`)).json();
    const checked = check(WeatherReply, reply);
    expect(checked.ok && checked.value.hours.map((h) => h.at.slice(11, 13))).toEqual(['12', '13', '14', '15', '16']);
    expect((await fetch(`${base}/v1/places`, { method: 'POST' })).status).toBe(405);
    await new Promise((closed) => server.close(closed));
  });
});

describe('instruments', () => {
  const many = (i: number) =>
    Array.from({ length: 4000 }, (_v, n) => {
      const device = devices[i];
      return device ? readingOf(device, 1, n, start + n * 2000) : undefined;
    });

  it('read around what they are set to, with noise, gaps and faults now and then', () => {
    const hygro = many(0);
    const air = hygro.flatMap((r) => r?.reading.values.airC ?? []);
    expect(Math.abs(mean(air) - 17.6)).toBeLessThan(0.8);
    expect(new Set(air).size).toBeGreaterThan(5);
    const missing = hygro.filter((r) => r === undefined).length / hygro.length;
    expect(missing).toBeGreaterThan(0.005);
    expect(missing).toBeLessThan(0.05);
    expect(hygro.filter((r) => r?.garbled).length).toBeGreaterThan(20);
    expect(many(4).filter((r) => r?.reading.fault === 'battery low').length).toBeGreaterThan(20);
  });

  it('a garbled line is refused, every other one is read', () => {
    for (const [n, one] of many(0).entries()) {
      if (!one) continue;
      const line = writeLine(one.reading);
      const read = readLine(line);
      // a spike may lie outside of what can be
      expect(read.ok ? '' : read.why).toMatch(/^$|cannot be/);
      expect(readLine(garble(line, n)).ok).toBe(false);
    }
  });

  it('are told to whoever connects, line by line', async () => {
    const hub = instrumentHub({ seed: 1, now: () => start, everyMs: 20 });
    await new Promise<void>((ready) => hub.listen(0, '127.0.0.1', ready));
    const address = hub.address();
    const socket = connect({ host: '127.0.0.1', port: typeof address === 'object' && address ? address.port : 0 });
    let text = '';
    socket.setEncoding('latin1');
    await new Promise<void>((enough) => {
      socket.on('data', (chunk: string) => {
        text += chunk;
        if (text.split('\n').length > 30) enough();
      });
    });
    socket.destroy();
    await new Promise((closed) => hub.close(closed));
    const lines = text.split('\n').slice(0, -1).map(readLine);
    expect(new Set(lines.flatMap((l) => (l.ok ? [l.reading.instrument] : []))).size).toBe(devices.length);
  });
});
