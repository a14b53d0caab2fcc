import { clockTime, moistAnswer, moistTool, showValue, waitAnswer, waitTool, type Telling, type UnitSystem, type WeatherRecord } from '@oddment/core';
import { givenOf, kindsOf, ToolFields, ToolSaid } from './AskedMeasure.tsx';
import { Chart } from './Chart.tsx';
import { useAsked } from './useAsked.ts';
import { useWeatherRecord } from './useWeatherRecord.tsx';

const waitKinds = kindsOf(waitTool);
const moistKinds = kindsOf(moistTool);

function clockOf({ startAt }: WeatherRecord, how: Telling) {
  return (min: number) => clockTime(new Date(Date.parse(startAt) + min * 60_000).toISOString(), how);
}

/** A wait followed over weather: how much of it is behind, hour by hour. */
export function WaitOverWeather({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, waitKinds);
  const { units } = asked;
  const { record, timeZone, chooser, from, instead } = useWeatherRecord(asked);
  const given = givenOf(asked, waitTool);
  const how: Telling = { units, timeZone, ...(record && { day: record.startAt }) };
  const found = given && record ? waitAnswer(record, given) : undefined;
  const points = found?.over.points ?? [];
  const percent = (share: number) => showValue(share, 'percent', units).text;
  return (
    <>
      {chooser}
      <ToolFields asked={asked} tool={waitTool} />
      {instead}
      <ToolSaid
        answer={given && record ? waitTool.answer({ ...given, record }) : undefined}
        how={how}
        between={
          record && points.length > 2 ? (
            <Chart
              kind="line"
              label={`Share of the wait that is behind: ${points
                .filter((_p, i) => i % Math.ceil(points.length / 6) === 0)
                .map((p) => `${percent(p.share * 100)} by ${clockOf(record, how)(p.atMin)}`)
                .join(', ')}`}
              xTitle="After the first line"
              yTitle="Behind it"
              xKind="duration"
              yKind="percent"
              units={units}
              xText={(min) => showValue(min, 'duration', units).text}
              yText={percent}
              xs={points.map((p) => p.atMin)}
              ys={points.map((p) => p.share * 100)}
              limits={[{ y: 100, text: 'done' }]}
            />
          ) : null
        }
      />
      {from}
    </>
  );
}

/** When a fresh face is misted again over weather, or that it is covered. */
export function MoistCare({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, moistKinds);
  const { units } = asked;
  const { record, timeZone, chooser, from, instead } = useWeatherRecord(asked);
  const given = givenOf(asked, moistTool);
  const how: Telling = { units, timeZone, ...(record && { day: record.startAt }) };
  const found = given && record ? moistAnswer(record, given) : undefined;
  const times = found?.duty.state === 'mist' ? found.duty.atMin : [];
  return (
    <>
      {chooser}
      <ToolFields asked={asked} tool={moistTool} />
      {instead}
      <ToolSaid
        answer={given && record ? moistTool.answer({ ...given, record }) : undefined}
        how={how}
        between={
          record && times.length > 0 ? (
            <details open={times.length <= 24}>
              <summary>When to mist</summary>
              <p className="quiet">{times.map(clockOf(record, how)).join(' · ')}</p>
            </details>
          ) : null
        }
      />
      {from}
    </>
  );
}
