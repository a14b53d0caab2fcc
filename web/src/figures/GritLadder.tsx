import TextField from '@mui/material/TextField';
import { gritScaleWhy, sandingAnswer, showValue, tell, type UnitSystem } from '@oddment/core';
import { AskedChoice, numbersOf } from './AskedMeasure.tsx';
import { Chart } from './Chart.tsx';
import { useAsked } from './useAsked.ts';

const noKinds = {};

/** Ladder of grits over a rack, with the grain of each rung. */
export function GritLadder({ units }: { units: UnitSystem }) {
  const asked = useAsked(units, noKinds);
  const { typed, set } = asked;
  const scale = typed['scale'] === 'CAMI' ? 'CAMI' : 'P';
  const [from, to] = [Number(typed['from'] ?? 80), Number(typed['to'] ?? 400)];
  const { rungs, saying } = sandingAnswer(scale, from, to, numbersOf(typed['rack']));
  const grain = (mm: number) => showValue(mm, 'grain', units).text;
  const field = (name: string, label: string, example: string, hint?: string) => (
    <div>
      <label htmlFor={`q-${name}`} className="q">{label}</label>
      <TextField id={`q-${name}`} size="small" placeholder={example} helperText={hint} value={typed[name] ?? ''} onChange={(event) => { set(name, event.target.value); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
    </div>
  );
  return (
    <>
      <AskedChoice asked={asked} name="scale" label="Scale" chosen={scale} options={[['P', 'P grades'], ['CAMI', 'CAMI grades']]} />
      <div className="inputs">
        {field('from', 'Begin with', '80')}
        {field('to', 'Finish with', '400')}
        {field('rack', 'On the rack', '120, 180, 220, 320', 'empty: every grade of the scale')}
      </div>
      <output aria-live="polite"><b>{rungs.map((r) => r.name).join(' → ')}</b></output>
      <p>{tell(saying, { units, timeZone: 'UTC' })}</p>
      {rungs.length > 1 ? <Chart kind="bar" label={`Grain of each grit: ${rungs.map((r) => `${r.name} ${grain(r.grainMm)}`).join(', ')}`} xTitle="Grit" yTitle="Grain" yKind="grain" units={units} xText={String} yText={grain} xs={rungs.map((r) => r.name)} ys={rungs.map((r) => r.grainMm)} /> : null}
      <p className="quiet">{gritScaleWhy}</p>
    </>
  );
}
