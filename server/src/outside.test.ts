import { writeLine, type Reading, type ReadingsState, type WeatherReply } from '@oddment/contracts';
import { createServer as createHttp, type Server as HttpServer } from 'node:http';
import { createServer, type Server, type Socket } from 'node:net';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { clockAt } from './clock.ts';
import { Readings } from './services/readings.ts';
import { weatherOf } from './services/weatherService.ts';
import { now, stage, type Person, type Stage } from '../test/api.ts';

const reading = (values: Reading['values'], more: Partial<Reading> = {}): Reading => ({
  instrument: 'hygro-1',
  kind: 'thermo-hygrometer',
  at: now,
  simulated: true,
  values,
  ...more,
});

function listening<T extends Server | HttpServer>(server: T, port = 0): Promise<number> {
  return new Promise((ready) =>
    server.listen(port, '127.0.0.1', () => {
      const a = server.address();
      ready(typeof a === 'object' && a ? a.port : 0);
    }),
  );
}

async function until(what: () => boolean): Promise<void> {
  for (let i = 0; i < 400 && !what(); i++) await new Promise((soon) => setTimeout(soon, 10));
  expect(what()).toBe(true);
}

describe('the line to the instruments', () => {
  let hub: Server;
  let sockets: Socket[] = [];
  let readings: Readings | undefined;
  const begin = async (port = 0) => {
    hub = createServer((socket) => {
      sockets.push(socket);
      socket.on('error', () => undefined);
    });
    return listening(hub, port);
  };
  const kill = async () => {
    for (const s of sockets) s.destroy();
    sockets = [];
    await new Promise((closed) => hub.close(closed));
  };
  afterEach(async () => {
    readings?.close();
    await kill();
  });

  it('keeps the last good reading of each, counts what it refuses, and a fault does not wipe a value out', async () => {
    const own = new Readings({ host: '127.0.0.1', port: await begin() }, clockAt(now));
    readings = own;
    await until(() => sockets.length === 1);
    // in two pieces, as a line may come
    const line = writeLine(reading({ airC: 18.4, humidityPct: 63 }));
    sockets[0]?.write(line.slice(0, 20));
    sockets[0]?.write(`${line.slice(20)}\nnoise\n${writeLine(reading({ surfaceC: 15.1 }, { instrument: 'probe-1', kind: 'surface thermometer' }))}\n`);
    await until(() => own.state.latest.length === 2);
    expect(own.state).toMatchObject({ connected: true, refused: 1, latest: [{ values: { airC: 18.4, humidityPct: 63 } }, { values: { surfaceC: 15.1 } }] });
    sockets[0]?.write(`${writeLine(reading({}, { fault: 'battery low' }))}\n`);
    await until(() => own.state.latest[0]?.fault === 'battery low');
    expect(own.state.latest[0]?.values.airC).toBe(18.4);
  });

  it('says when it is cut, keeps what it had, and comes back by itself', async () => {
    const port = await begin();
    const own = new Readings({ host: '127.0.0.1', port }, clockAt(now));
    readings = own;
    const told: ReadingsState[] = [];
    own.listen((s) => told.push(s));
    await until(() => sockets.length === 1);
    sockets[0]?.write(`${writeLine(reading({ airC: 18.4 }))}\n`);
    await until(() => own.state.latest.length === 1);
    await kill();
    await until(() => !own.state.connected);
    expect(told[told.length - 1]).toMatchObject({ connected: false, latest: [{ values: { airC: 18.4 } }] });
    await begin(port);
    await until(() => own.state.connected);
  });
});

describe('the weather service', () => {
  let answers: (url: string) => { status: number; body: string };
  const service = createHttp((request, response) => {
    const { status, body } = answers(request.url ?? '');
    response.writeHead(status, { 'content-type': 'application/json' });
    response.end(body);
  });
  let base: string;
  beforeAll(async () => {
    base = `http://127.0.0.1:${String(await listening(service))}`;
  });
  afterAll(() => {
    service.close();
  });
  const hour = { at: '2026-06-02T12:00:00Z', airC: 18, humidityPct: 60, windKmh: 9, rainMm: 0 };
  const reply: WeatherReply = { place: 'Harbor town', source: 'a service', simulated: false, issuedAt: now, hours: [hour] };
  const good = (url: string) => ({
    status: 200,
    body: JSON.stringify(url.startsWith('/v1/places') ? { places: [{ id: 'harbor-town', name: 'Harbor town' }] } : reply),
  });
  const ask = (place?: string) => weatherOf(base, { hours: 3, from: now, place });

  it('is asked for its first place where none is named', async () => {
    const asked: string[] = [];
    answers = (url) => {
      asked.push(url);
      return good(url);
    };
    expect(await ask()).toMatchObject({ place: 'harbor-town', reply: { hours: [{ airC: 18 }] } });
    expect(asked[1]).toBe('/v1/hourly?place=harbor-town&from=2026-06-02T12%3A00%3A00.000Z&hours=3');
  });

  it('is told apart when it does not answer, does not know, or answers what cannot be read', async () => {
    await expect(weatherOf(undefined, { hours: 3, from: now })).rejects.toMatchObject({ status: 503 });
    await expect(weatherOf('http://127.0.0.1:9', { hours: 3, from: now })).rejects.toMatchObject({ status: 503 });
    answers = (url) => (url.startsWith('/v1/hourly') ? { status: 404, body: '{}' } : good(url));
    await expect(ask('nowhere')).rejects.toMatchObject({ status: 404 });
    answers = () => ({ status: 500, body: '{}' });
    await expect(ask()).rejects.toMatchObject({ status: 502 });
    for (const body of [
      'not json',
      JSON.stringify({ ...reply, hours: [{ ...hour, airC: 'mild' }] }),
      JSON.stringify({ ...reply, hours: [{ ...hour, airC: 900 }] }),
    ]) {
      answers = (url) => (url.startsWith('/v1/hourly') ? { status: 200, body } : good(url));
      await expect(ask()).rejects.toMatchObject({ status: body === 'not json' ? 503 : 502 });
    }
  });
});

describe('the stream of readings', () => {
  let world: Stage;
  let owner: Person;
  beforeAll(async () => {
    world = await stage();
    owner = await world.owner('listening');
  });
  afterAll(async () => {
    await world.close();
  });

  it('begins with the state as it is, and is for who is signed in', async () => {
    const cut = new AbortController();
    const answer = await fetch(`${world.base}/api/readings`, { headers: { cookie: owner.cookie }, signal: cut.signal });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const first = await answer.body?.getReader().read();
    expect(new TextDecoder().decode(first?.value)).toBe(`event: state\ndata: ${JSON.stringify({ connected: false, at: now, latest: [], refused: 0 })}\n\n`);
    cut.abort();
    expect((await world.person().get('/api/readings')).status).toBe(401);
  });

  it('without a weather service the weather is refused in words', async () => {
    expect(await owner.get('/api/weather')).toMatchObject({
      status: 503,
      body: { detail: 'No weather service is set up. Start Oddment with --weather and its address.' },
    });
    expect((await owner.get('/api/weather?hours=many')).status).toBe(422);
  });
});
