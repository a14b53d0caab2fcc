import TextField from '@mui/material/TextField';
import { bareUnit, cite, formulas, type Formula, type UnitSystem } from '@oddment/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { Bar } from '../parts/Bar.tsx';
import { LiftHeatPanel } from '../parts/LiftHeat.tsx';
import { useStore } from '../state/store.ts';
import { quickFigure, soughtFormulas } from '../views/quickFigure.ts';

function Calculator({ f, units }: { f: Formula; units: UnitSystem }) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const answer = quickFigure(f, typed, units);
  return (
    <section className="quick" aria-label={f.title}>
      <h2>{f.title}</h2>
      <p>{f.words}. <span className="quiet">Source: {cite(f.source)}</span></p>
      <div className="inputs">
        {Object.entries(f.inputs).map(([name, spec]) => (
          <TextField
            key={name} size="small" label={`${spec.label}${bareUnit(spec.kind, units) === '' ? '' : `, ${bareUnit(spec.kind, units)}`}`} value={typed[name] ?? ''}
            error={answer.state === 'wrong' && answer.input === name} helperText={answer.state === 'wrong' && answer.input === name ? answer.why : spec.list ? 'several, with ; between' : undefined}
            onChange={(event) => { setTyped({ ...typed, [name]: event.target.value }); }} slotProps={{ htmlInput: { autoComplete: 'off' } }}
          />
        ))}
      </div>
      <output aria-live="polite">{answer.state === 'known' ? <b>{answer.text}</b> : <span className="quiet">{answer.state === 'open' ? `still open: ${answer.missing.join(', ')}` : 'see above'}</span>}</output>
    </section>
  );
}

/** Quick figures: every formula that Oddment computes with, to be tried with one's own numbers. */
export function Figures() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const [sought, setSought] = useState('');
  const found = soughtFormulas(formulas, sought);
  const [open, setOpen] = useState<string>();
  const chosen = found.find((f) => f.name === open) ?? found[0];
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className="work figures">
        <nav className="list" aria-label="Formulas">
          <div style={{ padding: '10px 12px' }}><TextField size="small" fullWidth label="Find a figure" value={sought} onChange={(event) => { setSought(event.target.value); }} /></div>
          {found.map((f) => <button type="button" key={f.name} className="item" aria-current={f === chosen ? 'true' : undefined} onClick={() => { setOpen(f.name); }}>{f.title}</button>)}
          {found.length === 0 ? <p className="quiet" style={{ padding: '0 12px' }}>None by these words.</p> : null}
        </nav>
        <main className="pane sheet">
          <div className="title"><h1>Quick figures</h1><span className="quiet">{formulas.length} formulas, the same that every plan is made with</span><span className="push" /><Link to="/">Jobs</Link></div>
          {chosen ? <Calculator key={chosen.name} f={chosen} units={units} /> : null}
          <hr style={{ border: 0, borderTop: '1px solid var(--rule)', margin: '18px 0 8px' }} />
          <LiftHeatPanel units={units} />
        </main>
      </div>
    </div>
  );
}
