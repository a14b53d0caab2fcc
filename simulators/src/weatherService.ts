import type { WeatherPlaces, WeatherReply } from '@oddment/contracts';
import { createServer, type Server } from 'node:http';
import { climates } from './climates.ts';
import { hoursFrom } from './hourly.ts';

export interface WeatherOptions {
  readonly seed: number;
  /** time now, in ms: of the clock that Oddment was started with */
  readonly now: () => number;
}

const mostHours = 336;

/** What the service answers to one address: status and body. */
export function weatherAnswerTo(address: string, { seed, now }: WeatherOptions): { readonly status: number; readonly body: object } {
  const url = new URL(address, 'http://localhost');
  const refuse = (status: number, detail: string) => ({ status, body: { title: 'This cannot be answered', status, detail } });
  if (url.pathname === '/v1/places') return { status: 200, body: { places: climates.map(({ id, name }) => ({ id, name })) } satisfies WeatherPlaces };
  if (url.pathname !== '/v1/hourly') return refuse(404, 'There are /v1/places and /v1/hourly.');
  const climate = climates.find((c) => c.id === url.searchParams.get('place'));
  if (!climate) return refuse(404, `There is no such place. There are: ${climates.map((c) => c.id).join(', ')}.`);
  const from = url.searchParams.get('from');
  const fromMs = from === null ? now() : Date.parse(from);
  if (Number.isNaN(fromMs)) return refuse(422, 'from must be an instant such as 2026-06-02T06:00:00Z.');
  const hours = Number(url.searchParams.get('hours') ?? 72);
  if (!Number.isInteger(hours) || hours < 1 || hours > mostHours) return refuse(422, `hours must be a whole number from 1 to ${String(mostHours)}.`);
  return {
    status: 200,
    body: {
      place: climate.name,
      source: 'simulated weather',
      simulated: true,
      issuedAt: new Date(now()).toISOString(),
      hours: hoursFrom(climate, seed, fromMs, hours),
    } satisfies WeatherReply,
  };
}

/** The service itself, to be listened with on loopback. */
export function weatherService(options: WeatherOptions): Server {
  return createServer((request, response) => {
    const { status, body } =
      request.method === 'GET' ? weatherAnswerTo(request.url ?? '/', options) : { status: 405, body: { title: 'Only GET is answered', status: 405 } };
    response.writeHead(status, { 'content-type': status === 200 ? 'application/json' : 'application/problem+json', 'cache-control': 'no-store' });
    response.end(JSON.stringify(body));
  });
}
