import { sandingAnswer, sandingTool, showValue, type UnitSystem } from '@oddment/core';
import { givenOf, numbersOf, ToolFields, ToolSaid } from './AskedMeasure.tsx';
import { Chart } from './Chart.tsx';
import { useAsked } from './useAsked.ts';

const noKinds = {};

/** Ladder of grits over a rack, with the grain of each rung. */
export function GritLadder({ units }: { units: UnitSystem }) {
  const asked = useAsked(units, noKinds);
  const given = givenOf(asked, sandingTool);
  const answer = given && sandingTool.answer(given);
  const [from = 0, to = 0] = ['from', 'to'].map((name) => numbersOf(given?.texts[name])[0]);
  const rungs = answer?.ok ? sandingAnswer(given?.choices['scale'] === 'CAMI' ? 'CAMI' : 'P', from, to, numbersOf(given?.texts['rack'])).rungs : [];
  const grain = (mm: number) => showValue(mm, 'grain', units).text;
  return (
    <>
      <ToolFields asked={asked} tool={sandingTool} answer={answer} />
      <ToolSaid
        answer={answer}
        how={{ units, timeZone: 'UTC' }}
        between={
          rungs.length > 1 ? (
            <Chart
              kind="bar"
              label={`Grain of each grit: ${rungs.map((r) => `${r.name} ${grain(r.grainMm)}`).join(', ')}`}
              xTitle="Grit"
              yTitle="Grain"
              yKind="grain"
              units={units}
              xText={String}
              yText={grain}
              xs={rungs.map((r) => r.name)}
              ys={rungs.map((r) => r.grainMm)}
            />
          ) : null
        }
      />
    </>
  );
}
