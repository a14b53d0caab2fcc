import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { liftTool, showValue, type LiftTrace, type UnitSystem } from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import type { LiftAnswer, LiftTask } from '../workers/lift.ts';
import { givenOf, kindsOf, ToolFields } from './AskedMeasure.tsx';
import { Chart } from './Chart.tsx';
import { useAsked } from './useAsked.ts';

interface Heat {
  readonly task: LiftTask;
  readonly sentences: readonly string[];
  readonly trace: LiftTrace;
}

const kinds = kindsOf(liftTool);

/** Heat of a thick lift, computed in a worker that can be stopped. */
export function LiftHeat({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, kinds);
  const { units } = asked;
  const given = givenOf(asked, liftTool);
  const [progress, setProgress] = useState<number>();
  const [heat, setHeat] = useState<Heat>();
  const worker = useRef<Worker>(undefined);
  const stop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(
    () => () => {
      worker.current?.terminate();
    },
    [],
  );
  const run = () => {
    if (!given) return;
    const { lift: liftMm = 1, air: ambientC = 1, limit: limitC = 1 } = given.measures;
    stop();
    setHeat(undefined);
    setProgress(0);
    const task: LiftTask = { mix: given.choices['mix'] === 'sand' ? 'sand-filled' : 'neat', liftMm, ambientC, limitC, units };
    const own = new Worker(new URL('../workers/lift.ts', import.meta.url), { type: 'module' });
    own.addEventListener('message', ({ data }: MessageEvent<LiftAnswer>) => {
      if (data.of === 'progress') setProgress(data.done);
      else {
        setHeat({ task, sentences: data.sentences, trace: data.trace });
        stop();
      }
    });
    own.postMessage(task);
    worker.current = own;
  };
  const [peak, thickest, warning] = heat?.sentences ?? [];
  const shown = (kind: 'temperature' | 'duration' | 'depth') => (v: number) => showValue(v, kind, units).text;
  const limit = heat ? [{ y: heat.task.limitC, text: `limit ${shown('temperature')(heat.task.limitC)}` }] : [];
  const { overTime = [], atPeak = [] } = heat?.trace ?? {};
  return (
    <>
      <ToolFields asked={asked} tool={liftTool} />
      {progress === undefined ? (
        <Button variant="contained" disabled={!given} onClick={run}>
          Compute
        </Button>
      ) : (
        <div style={{ display: 'flex', gap: 10, alignItems: 'center', maxWidth: 420 }}>
          <LinearProgress variant="determinate" value={progress * 100} aria-label="The lift is being computed" style={{ flex: 1 }} />
          <Button variant="outlined" onClick={stop}>
            Stop
          </Button>
        </div>
      )}
      <div aria-live="polite">
        {peak === undefined ? null : (
          <output className="said">
            <b>{peak}</b>
          </output>
        )}
        {thickest === undefined ? null : <p>{thickest}</p>}
      </div>
      {overTime.length > 2 && heat ? (
        <div className="two-charts">
          <Chart
            kind="line"
            label={`Temperature through the lift at its peak: ${atPeak
              .filter((_p, i) => i % Math.ceil(atPeak.length / 6) === 0)
              .map((p) => `${shown('temperature')(p.temperatureC)} at ${shown('depth')(p.depthMm)}`)
              .join(', ')}`}
            xTitle="Below the face"
            yTitle="At the peak"
            xKind="depth"
            yKind="temperature"
            units={units}
            xText={shown('depth')}
            yText={shown('temperature')}
            xs={atPeak.map((p) => p.depthMm)}
            ys={atPeak.map((p) => p.temperatureC)}
            limits={limit}
            upright={{ x: heat.task.liftMm, text: 'foot of the lift' }}
          />
          <Chart
            kind="line"
            label={`Hottest place over time: ${overTime
              .filter((_p, i) => i % Math.ceil(overTime.length / 6) === 0)
              .map((p) => `${shown('temperature')(p.hottestC)} after ${shown('duration')(p.atMin)}`)
              .join(', ')}`}
            xTitle="After placing"
            yTitle="Hottest place"
            xKind="duration"
            yKind="temperature"
            units={units}
            xText={shown('duration')}
            yText={shown('temperature')}
            xs={overTime.map((p) => p.atMin)}
            ys={overTime.map((p) => p.hottestC)}
            limits={limit}
          />
        </div>
      ) : null}
      {warning === undefined ? null : <p className="quiet">{warning}</p>}
    </>
  );
}
