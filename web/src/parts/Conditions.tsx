import type { AreaRecord } from '@oddment/contracts';
import { areaTable, isOutside, showValue, weatherRecord, type Fact, type MeasureAsk } from '@oddment/core';
import { pageNow } from '../state/clock.ts';
import { api } from '../state/api.ts';
import { instrumentClock, instrumentWords, liveValue, readFor, useReadings } from '../state/readings.ts';
import { useTelling } from './telling.tsx';

const climate = areaTable.asks.filter((a): a is typeof a & MeasureAsk => a.group === 'Climate');

/** Conditions of an area out of the instruments or the weather service: taken when asked for; what was typed stays until then. */
export function Conditions({ area, onFacts }: { area: AreaRecord; onFacts: (facts: AreaRecord['facts']) => void }) {
  const { units } = useTelling();
  const heard = useReadings();
  const { data: weather } = api.useWeatherQuery({ hours: 24 });
  const read = climate.flatMap((ask) => {
    const quantity = readFor(ask.field);
    const live = quantity && liveValue(heard, quantity);
    return live ? [{ ask, live }] : [];
  });
  const good = read.filter(({ live }) => !live.silent);
  const [hour, ...later] = weather?.reply.hours ?? [];
  const [now, ...hours] = hour ? weatherRecord([hour, ...later]).weather : [];
  const coldest = Math.min(...[now, ...hours].flatMap((w) => (w ? [w.airC] : [])));
  const shown = (ask: MeasureAsk, value: number) => `${ask.question.toLowerCase()} ${showValue(value, ask.kind, units).text}`;
  const take = (found: readonly (readonly [string, Fact<number>])[]) => {
    onFacts({ ...area.facts, ...Object.fromEntries(found) });
  };
  const told: Readonly<Record<string, number>> = now
    ? { slabC: Math.round(now.surfaceC * 10) / 10, airC: now.airC, humidityPct: now.humidityPct, nightC: coldest }
    : {};
  const fromWeather = climate.flatMap((ask) => {
    const value = told[ask.field];
    return value === undefined ? [] : [{ ask, value }];
  });
  if (read.length === 0 && !weather) return null;
  return (
    <section className="conditions" aria-label="Conditions read for you">
      {good.length > 0 ? (
        <p>
          <button
            type="button"
            className="link"
            onClick={() => {
              take(
                good.map(({ ask, live }) => [
                  ask.field,
                  { value: live.value, how: 'measured', at: live.reading.at, instrument: instrumentWords(live.reading) },
                ]),
              );
            }}
          >
            Take the instruments’ readings
          </button>{' '}
          {good.map(({ ask, live }) => `${shown(ask, live.value)} (${instrumentWords(live.reading)}, ${instrumentClock(live.reading)})`).join(', ')}
        </p>
      ) : null}
      {read
        .filter(({ live }) => live.silent)
        .map(({ ask, live }) => (
          <p key={ask.field} className="quiet" role="status">
            {instrumentWords(live.reading)}: no reading since {instrumentClock(live.reading)}
          </p>
        ))}
      {weather && isOutside(area) && fromWeather.length > 0 ? (
        <p>
          <button
            type="button"
            className="link"
            onClick={() => {
              take(fromWeather.map(({ ask, value }) => [ask.field, { value, how: 'assumed', at: pageNow(), instrument: weather.reply.source }]));
            }}
          >
            Assume the weather of {weather.reply.place}
          </button>{' '}
          {fromWeather.map(({ ask, value }) => shown(ask, value)).join(', ')}, the surface estimated ({weather.reply.source})
        </p>
      ) : null}
    </section>
  );
}
