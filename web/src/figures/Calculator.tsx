import TextField from '@mui/material/TextField';
import { cite, showValue, sweep, type Formula, type UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import { instrumentClock, instrumentWords, liveValue, readFor, useReadings } from '../state/readings.ts';
import { quickFigure, quickRows } from '../views/quickFigure.ts';
import { Chart } from './Chart.tsx';
import { useAsked } from './useAsked.ts';

function Drawn({
  f,
  values,
  against,
  answer,
  units,
}: {
  f: Formula;
  values: Readonly<Record<string, number | readonly number[]>>;
  against: string;
  answer: number;
  units: UnitSystem;
}) {
  const drawn = useMemo(() => sweep(f, values, against), [f, values, against]);
  const spec = f.inputs[against];
  if (!drawn || !spec) return null;
  const known = drawn.points.filter((p): p is { x: number; y: number } => p.y !== undefined);
  if (known.length < 3) return null;
  const xText = (x: number) => showValue(x, spec.kind, units).text;
  const yText = (y: number) => showValue(y, f.output, units).text;
  const rows = [0, 0.2, 0.4, 0.6, 0.8, 1].map((share) => known[Math.round(share * (known.length - 1))]).filter((p) => p !== undefined);
  const words = rows.map((p) => `${yText(p.y)} at ${xText(p.x)}`).join(', ');
  return (
    <>
      <Chart
        kind="line"
        label={`${f.title} against ${spec.label}: ${words}`}
        xTitle={spec.label}
        yTitle={f.title}
        xText={xText}
        yText={yText}
        xs={drawn.points.map((p) => p.x)}
        ys={drawn.points.map((p) => p.y)}
        xKind={spec.kind}
        yKind={f.output}
        units={units}
        here={{ x: drawn.here, y: answer, text: yText(answer) }}
      />
      <details className="quiet">
        <summary>The same in numbers</summary>
        <table className="mixtable">
          <thead>
            <tr>
              <th>{spec.label}</th>
              <th>{f.title}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((p) => (
              <tr key={p.x}>
                <td>{xText(p.x)}</td>
                <td>{yText(p.y)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

/** One formula: inputs as people measure, the answer large, its working below, and drawn against what explains most. */
export function Calculator({ f, units: own }: { f: Formula; units: UnitSystem }) {
  const kinds = useMemo(() => Object.fromEntries(Object.entries(f.inputs).map(([name, spec]) => [name, spec.kind])), [f]);
  const { typed, units, set } = useAsked(own, kinds);
  const heard = useReadings();
  const read = Object.keys(f.inputs).flatMap((name) => {
    const quantity = readFor(name);
    const live = quantity && liveValue(heard, quantity);
    return live ? [[name, live] as const] : [];
  });
  const live = Object.fromEntries(
    read.filter(([, l]) => !l.silent).map(([name, l]) => [name, { value: l.value, from: `${instrumentWords(l.reading)}, ${instrumentClock(l.reading)}` }]),
  );
  const silent = new Map(
    read.filter(([, l]) => l.silent).map(([name, l]) => [name, `${instrumentWords(l.reading)}: no reading since ${instrumentClock(l.reading)}`]),
  );
  const { inputs, answer, values, examples } = quickFigure(f, typed, units, live);
  const numbers = Object.entries(f.inputs).filter(([, s]) => !s.list);
  const against = typed['against'] ?? f.against;
  return (
    <section className="quick" aria-label={f.title}>
      <h1>{f.title}</h1>
      <div className="inputs">
        {inputs.map((i) => {
          const quiet = silent.get(i.name);
          return (
            <div key={i.name}>
              <label htmlFor={`q-${i.name}`} className="q">
                {i.label}
                {i.unit === '' ? null : <span className="quiet">, {i.unit}</span>}
              </label>
              <TextField
                id={`q-${i.name}`}
                size="small"
                placeholder={i.example}
                value={i.text}
                error={i.problem !== undefined}
                helperText={i.problem ?? (i.list ? 'several, with ; between' : undefined)}
                onChange={(event) => {
                  set(i.name, event.target.value);
                }}
                slotProps={{ htmlInput: { autoComplete: 'off' } }}
              />
              {i.named.length > 0 ? (
                <div className="named" role="group" aria-label={i.label}>
                  {i.named.map((n) => (
                    <button
                      type="button"
                      key={n.label}
                      className={`plain${n.on ? ' on' : ''}`}
                      aria-pressed={n.on}
                      onClick={() => {
                        set(i.name, n.text);
                      }}
                    >
                      {n.label}
                    </button>
                  ))}
                </div>
              ) : null}
              {i.from === undefined ? null : <p className="live">from the {i.from}</p>}
              {quiet === undefined ? null : (
                <p className="live quiet" role="status">
                  {quiet}
                </p>
              )}
            </div>
          );
        })}
      </div>
      <output aria-live="polite">{answer ? <b>{answer.text}</b> : <span className="quiet">no answer: see the field marked above</span>}</output>
      {answer && examples.length > 0 ? <p className="quiet">With a common example for: {examples.join(', ')}.</p> : null}
      {answer && values && against !== undefined ? <Drawn f={f} values={values} against={against} answer={answer.value} units={units} /> : null}
      {numbers.length > 1 || f.against === undefined ? (
        <p className="quiet drawn-against" role="group" aria-label="Drawn against">
          {f.against === undefined && against === undefined ? 'Draw it against' : 'Drawn against'}{' '}
          {numbers.map(([name, spec]) => (
            <button
              type="button"
              key={name}
              className={`plain${against === name ? ' on' : ''}`}
              aria-pressed={against === name}
              onClick={() => {
                set('against', name === f.against ? '' : name);
              }}
            >
              {spec.label}
            </button>
          ))}
        </p>
      ) : null}
      <div className="src">
        <p>
          {f.title} is {f.words}.
        </p>
        {values ? (
          <dl className="facts">
            {quickRows(f, values, units).map((row) => (
              <div key={row.label} style={{ display: 'contents' }}>
                <dt>{row.label}</dt>
                <dd>{row.text}</dd>
              </div>
            ))}
          </dl>
        ) : null}
        <p>Source: {cite(f.source)}</p>
      </div>
    </section>
  );
}
