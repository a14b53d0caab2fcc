import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { liftHeatWhy, type UnitSystem } from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import type { LiftAnswer, LiftTask } from '../workers/lift.ts';
import { MeasureField } from './MeasureField.tsx';

/** Heat of a thick lift, computed in a worker that can be stopped. */
export function LiftHeatPanel({ units }: { units: UnitSystem }) {
  const [given, setGiven] = useState<Omit<LiftTask, 'units'>>({ mix: 'neat', liftMm: 10, ambientC: 23, limitC: 60 });
  const [progress, setProgress] = useState<number>();
  const [sentences, setSentences] = useState<readonly string[]>([]);
  const worker = useRef<Worker>(undefined);
  const stop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(() => () => { worker.current?.terminate(); }, []);
  const run = () => {
    stop();
    setSentences([]);
    setProgress(0);
    const own = new Worker(new URL('../workers/lift.ts', import.meta.url), { type: 'module' });
    own.addEventListener('message', ({ data }: MessageEvent<LiftAnswer>) => {
      if (data.of === 'progress') setProgress(data.done);
      else {
        setSentences(data.sentences);
        stop();
      }
    });
    own.postMessage({ ...given, units } satisfies LiftTask);
    worker.current = own;
  };
  const set = (part: Partial<typeof given>) => { setGiven({ ...given, ...part }); };
  return (
    <section className="quick" aria-label="Heat of a thick lift">
      <h2>Heat of a thick lift</h2>
      <p>{liftHeatWhy}</p>
      <div role="group" aria-label="What is placed" style={{ display: 'flex' }}>
        {([['neat', 'neat resin'], ['sand-filled', 'four parts of sand to one']] as const).map(([mix, words]) => <button type="button" key={mix} className={`plain${given.mix === mix ? ' on' : ''}`} aria-pressed={given.mix === mix} onClick={() => { set({ mix }); }}>{words}</button>)}
      </div>
      <div className="inputs">
        <MeasureField fieldKey="heat/lift" label="Thickness of the lift" kind="depth" units={units} value={given.liftMm} text={undefined} onValue={(liftMm) => { if (liftMm >= 1 && liftMm <= 60) set({ liftMm }); }} />
        <MeasureField fieldKey="heat/air" label="Air, concrete and mix" kind="temperature" units={units} value={given.ambientC} text={undefined} onValue={(ambientC) => { if (ambientC >= 0 && ambientC <= 45) set({ ambientC }); }} />
        <MeasureField fieldKey="heat/limit" label="It may get to" kind="temperature" units={units} value={given.limitC} text={undefined} onValue={(limitC) => { if (limitC > given.ambientC && limitC <= 140) set({ limitC }); }} />
      </div>
      {progress === undefined ? <Button variant="contained" onClick={run}>Compute</Button> : (
        <div style={{ display: 'flex', gap: 10, alignItems: 'center', maxWidth: 420 }}><LinearProgress variant="determinate" value={progress * 100} aria-label="The lift is being computed" style={{ flex: 1 }} /><Button variant="outlined" onClick={stop}>Stop</Button></div>
      )}
      <div aria-live="polite">{sentences.map((s, i) => <p key={i} className={i === sentences.length - 1 ? 'quiet' : undefined} style={i === 0 ? { fontSize: 20, fontWeight: 650, margin: '12px 0 4px' } : { margin: '4px 0' }}>{s}</p>)}</div>
    </section>
  );
}
