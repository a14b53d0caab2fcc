import TextField from '@mui/material/TextField';
import { formulaNamed, formulas, quickTools, type QuickTool, type UnitSystem } from '@oddment/core';
import { useEffect, useState, type ComponentType } from 'react';
import { Link, useParams } from 'react-router';
import { Calculator } from '../figures/Calculator.tsx';
import { GritLadder } from '../figures/GritLadder.tsx';
import { LiftHeat } from '../figures/LiftHeat.tsx';
import { MoistCare, WaitOverWeather } from '../figures/OverWeather.tsx';
import { PlainTool } from '../figures/PlainTool.tsx';
import { Ports } from '../figures/Ports.tsx';
import { Tinting } from '../figures/Tinting.tsx';
import { WeatherWindows } from '../figures/WeatherWindows.tsx';
import { Bar } from '../parts/Bar.tsx';
import { useSend, useStore } from '../state/store.ts';
import { figureUsed } from '../state/view.ts';
import { figureSections } from '../views/figureList.ts';

/** Tools with a picture or a talk of their own; the others are told by their fields and sentences. */
const panels: Readonly<Record<string, ComponentType<{ units: UnitSystem }>>> = {
  'weather-windows': WeatherWindows,
  'wait-over-weather': WaitOverWeather,
  'moist-care': MoistCare,
  'lift-heat': LiftHeat,
  'port-layout': Ports,
  'grit-ladder': GritLadder,
  tinting: Tinting,
};

function Tool({ tool, units }: { tool: QuickTool; units: UnitSystem }) {
  const Panel = panels[tool.id];
  return (
    <section className="quick" aria-label={tool.title}>
      <h1>{tool.title}</h1>
      <p>{tool.words}</p>
      {Panel ? <Panel units={units} /> : <PlainTool tool={tool} units={units} />}
    </section>
  );
}

function Share() {
  const [done, setDone] = useState(false);
  return (
    <button
      type="button"
      className="link"
      onClick={() => {
        void navigator.clipboard.writeText(globalThis.location.href).then(() => {
          setDone(true);
        });
      }}
    >
      {done ? 'Link copied' : 'Copy the link to this'}
    </button>
  );
}

/** Quick figures: every formula that Oddment computes with, and small tools of several, to be tried with one's own numbers. */
export function Figures() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const { what } = useParams();
  const [words, setWords] = useState('');
  const tool = quickTools.find((t) => t.id === what);
  const f = what === undefined ? undefined : formulaNamed(what);
  const chosen = tool !== undefined || f !== undefined;
  const shown = chosen ? what : undefined;
  const send = useSend();
  const used = useStore((s) => s.view.figuresUsed);
  useEffect(() => {
    if (shown !== undefined) send(figureUsed(shown));
  }, [send, shown]);
  const sections = figureSections(words, shown, used);
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className={`work figures${chosen ? ' one' : ''}`}>
        <nav className="list" aria-label="Figures">
          <div style={{ padding: '10px 12px 4px' }}>
            <TextField
              size="small"
              fullWidth
              label="Find a figure"
              value={words}
              onChange={(event) => {
                setWords(event.target.value);
              }}
            />
          </div>
          {sections.map((g) => (
            // a subject folds by itself again when another one is wanted
            <details key={`${g.title} ${String(g.open)}`} open={g.open}>
              <summary>
                {g.title} <span>{g.items.length}</span>
              </summary>
              {g.items.map((item) => (
                <Link key={item.id} className="item" to={`/figures/${item.id}`} aria-current={item.id === shown ? 'true' : undefined}>
                  {item.title}
                </Link>
              ))}
            </details>
          ))}
          {sections.length === 0 ? (
            <p className="quiet" style={{ padding: '0 12px' }}>
              None by these words.
            </p>
          ) : null}
        </nav>
        <main className="pane sheet">
          <div className="title">
            <Link to="/figures" className="only-phone">
              All figures
            </Link>
            <span className="quiet count">{formulas.length} formulas, the same that every plan is made with</span>
            <span className="push" />
            {chosen ? <Share /> : null}
            <Link to="/">Jobs</Link>
          </div>
          {tool ? (
            <Tool key={tool.id} tool={tool} units={units} />
          ) : f ? (
            <Calculator key={f.name} f={f} units={units} />
          ) : (
            <div className="quick">
              <h1>Quick figures</h1>
              <p>
                One number without a job. Choose a figure at the side, or look for one by its words.
                {what === undefined ? '' : ` There is none by the name of ‘${what}’.`}
              </p>
            </div>
          )}
        </main>
      </div>
    </div>
  );
}
