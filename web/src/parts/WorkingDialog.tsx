import { useWhen } from './when.ts';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { cite, show, workingOf, type Figure, type Figures } from '@oddment/core';
import { useTelling } from './telling.tsx';

/** Figures opened one from the other, the last on top, and the ledger that they stand in. */
export interface Opened {
  readonly ledger: Figures;
  readonly trail: readonly Figure[];
}

function Inputs({ opened, onOpen }: { opened: Opened; onOpen: (figure: Figure) => void }) {
  const { units } = useTelling();
  const when = useWhen();
  const figure = opened.trail[opened.trail.length - 1];
  if (!figure) return null;
  const working = workingOf(opened.ledger, figure);
  return (
    <div className="working">
      <div className="value">{show(figure, units).text}</div>
      <div>
        <b>{working.how}</b>
        {working.typed === undefined ? null : <span> as ‘{working.typed}’</span>}
        {working.at === undefined || working.at === '' ? null : <span className="quiet"> {when(working.at)}</span>}
      </div>
      {working.words === undefined ? null : <div>{working.words}</div>}
      {working.inputs.length === 0 ? null : (
        <dl className="facts">
          {working.inputs.map((input) => (
            <div key={input.label} style={{ display: 'contents' }}>
              <dt>{input.label}</dt>
              <dd>
                {input.figures.map((f, i) => (
                  <span key={f.id}>
                    {i === 0 ? '' : ', '}
                    <button
                      type="button"
                      className="fig"
                      onClick={() => {
                        onOpen(f);
                      }}
                    >
                      {show(f, units).text}
                    </button>
                  </span>
                ))}
              </dd>
            </div>
          ))}
        </dl>
      )}
      {working.sourceId === undefined ? null : <div className="src">Source: {cite(working.sourceId)}</div>}
    </div>
  );
}

/** The sheet that shows how a figure came about; its inputs open the same way. */
export function WorkingDialog({ opened, onOpened }: { opened: Opened | undefined; onOpened: (next: Opened | undefined) => void }) {
  const last = opened?.trail[opened.trail.length - 1];
  const close = () => {
    onOpened(undefined);
  };
  return (
    <Dialog open={opened !== undefined} onClose={close} aria-labelledby="working-title" fullWidth maxWidth="xs">
      {opened && last ? (
        <div style={{ padding: '16px 20px' }}>
          <div className="title">
            <h2 id="working-title" style={{ fontSize: 18 }}>
              {last.label}
            </h2>
          </div>
          <Inputs
            opened={opened}
            onOpen={(f) => {
              onOpened({ ...opened, trail: [...opened.trail, f] });
            }}
          />
          <div style={{ display: 'flex', gap: 8, marginTop: 14 }}>
            {opened.trail.length > 1 ? (
              <Button
                variant="outlined"
                onClick={() => {
                  onOpened({ ...opened, trail: opened.trail.slice(0, -1) });
                }}
              >
                Back
              </Button>
            ) : null}
            <span className="push" />
            <Button variant="contained" onClick={close}>
              Close
            </Button>
          </div>
        </div>
      ) : null}
    </Dialog>
  );
}
