import type { ReadingsState } from '@oddment/contracts';
import type { Clock } from '../clock.ts';
import { HttpProblem } from '../problem.ts';
import type { Readings } from '../services/readings.ts';
import { weatherOf } from '../services/weatherService.ts';
import type { Database } from '../store/database.ts';
import { measuredSince } from '../store/measuredStore.ts';
import type { Call, Handler } from './call.ts';

const mostHours = 336;
const beatMs = 20_000;

function text(value: unknown): string | undefined {
  return typeof value === 'string' && value !== '' && value.length <= 40 ? value : undefined;
}

function watch({ req, res }: Call, readings: Readings | undefined, clock: Clock): Promise<void> {
  // no-transform: an event that waits in a compressor does not arrive
  res.set({ 'content-type': 'text/event-stream', 'cache-control': 'no-store, no-transform', 'x-accel-buffering': 'no' });
  res.flushHeaders();
  const tell = (state: ReadingsState) => {
    res.write(`event: state\ndata: ${JSON.stringify(state)}\n\n`);
  };
  tell(readings?.state ?? { connected: false, at: clock.now().toISOString(), latest: [], refused: 0 });
  const end = readings?.listen(tell);
  const beat = setInterval(() => {
    res.write(': still here\n\n');
  }, beatMs);
  return new Promise((done) => {
    req.on('close', () => {
      clearInterval(beat);
      end?.();
      done();
    });
  });
}

function hoursAsked(query: unknown): number {
  const hours = Number(text(query) ?? 72);
  if (!Number.isInteger(hours) || hours < 1 || hours > mostHours) throw new HttpProblem(422, `hours must be a whole number from 1 to ${String(mostHours)}.`);
  return hours;
}

/** Services and devices outside: the weather, and the instruments. */
export function outsideHandlers(
  db: Database,
  weatherUrl: string | undefined,
  readings: Readings | undefined,
  clock: Clock,
): { readonly readWeather: Handler; readonly readMeasured: Handler; readonly watchReadings: Handler } {
  return {
    readWeather: ({ req }) =>
      weatherOf(weatherUrl, { place: text(req.query['place']), hours: hoursAsked(req.query['hours']), from: clock.now().toISOString() }),
    readMeasured: ({ req }) => measuredSince(db, new Date(clock.now().getTime() - hoursAsked(req.query['hours']) * 3_600_000).toISOString()),
    watchReadings: (call) => watch(call, readings, clock),
  };
}
