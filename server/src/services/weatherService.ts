import { check, WeatherPlaces, WeatherReply } from '@oddment/contracts';
import { HttpProblem } from '../problem.ts';

const patienceMs = 4000;

async function asked<T extends object>(base: string, address: string, contract: new () => T): Promise<T> {
  let body: unknown;
  try {
    const answer = await fetch(new URL(address, base), { signal: AbortSignal.timeout(patienceMs), headers: { accept: 'application/json' } });
    if (answer.status === 404) throw new HttpProblem(404, 'The weather service does not know that place.');
    if (!answer.ok) throw new HttpProblem(502, `The weather service answers with status ${String(answer.status)}.`);
    body = await answer.json();
  } catch (error) {
    if (error instanceof HttpProblem) throw error;
    throw new HttpProblem(503, 'The weather service does not answer. Enter what you measure, or try again later.');
  }
  const checked = check(contract, body);
  if (!checked.ok)
    throw new HttpProblem(502, `What the weather service answers cannot be read: ${checked.problems[0]?.path ?? ''} ${checked.problems[0]?.message ?? ''}`);
  return checked.value;
}

/**
 * Places and hours of the weather service.
 * @throws HttpProblem 503 where it does not answer, 502 where its answer cannot be read
 */
export async function weatherOf(
  base: string | undefined,
  wanted: { readonly place?: string | undefined; readonly hours: number; readonly from: string },
): Promise<{ readonly places: WeatherPlaces['places']; readonly place: string; readonly reply: WeatherReply }> {
  if (base === undefined) throw new HttpProblem(503, 'No weather service is set up. Start Oddment with --weather and its address.');
  const { places } = await asked(base, '/v1/places', WeatherPlaces);
  const place = wanted.place ?? places[0]?.id ?? '';
  const query = new URLSearchParams({ place, from: wanted.from, hours: String(wanted.hours) });
  return { places, place, reply: await asked(base, `/v1/hourly?${query.toString()}`, WeatherReply) };
}
