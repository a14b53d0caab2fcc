import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import LinearProgress from '@mui/material/LinearProgress';
import {
  isConvex,
  measuringCard,
  notInPhoto,
  tracedArea,
  tracedOutline,
  type Ask,
  type Four,
  type KnownSize,
  type LooseFacts,
  type Place,
} from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import { pageNow } from '../state/clock.ts';
import { lineFacts, outlineFact } from '../views/tracedFacts.ts';
import { MeasureField } from './MeasureField.tsx';
import { useTelling } from './telling.tsx';
import { Corner } from './TraceCorner.tsx';
import { TracedFacts } from './TracedFacts.tsx';
import { useTracer, type TracedLine } from './useTracer.ts';

interface TracePhotoProps {
  readonly src: string;
  readonly asks: readonly Ask[];
  readonly onFacts: (facts: LooseFacts) => void;
  readonly onClose: () => void;
}

type Mode = 'corners' | 'line' | 'outline';
const places = 6;
const text = (points: readonly Place[]) => points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

/** Measures on a photo: four corners of something of known size, then a line or an outline traced on it. */
export function TracePhoto({ src, asks, onFacts, onClose }: TracePhotoProps) {
  const { units } = useTelling();
  const { size, progress, path, measured, stop } = useTracer(src);
  const [mode, setMode] = useState<Mode>('corners');
  const [zoom, setZoom] = useState(1);
  const [known, setKnown] = useState<{ widthMm: number; heightMm: number }>(measuringCard);
  const [placed, setPlaced] = useState<Four>();
  const [clicks, setClicks] = useState<readonly Place[]>([]);
  const [legs, setLegs] = useState<readonly (readonly Place[])[]>([]);
  const [line, setLine] = useState<TracedLine>();
  const [held, setHeld] = useState<number>();
  const host = useRef<SVGSVGElement>(null);
  const tracesLine = asks.some((a) => a.ask === 'stations');
  const tracesOutline = asks.some((a) => a.ask === 'outline');
  const w = size?.width ?? 1;
  const h = size?.height ?? 1;
  const corners: Four = placed ?? [
    [w * 0.35, h * 0.35],
    [w * 0.65, h * 0.35],
    [w * 0.65, h * 0.65],
    [w * 0.35, h * 0.65],
  ];
  const whole = isConvex(corners);
  const size4: KnownSize = { corners, ...known };
  const at = (event: { clientX: number; clientY: number }): Place => {
    const box = host.current?.getBoundingClientRect();
    if (!box) return [0, 0];
    const inside = (v: number, most: number) => Math.min(most, Math.max(0, v));
    return [inside(((event.clientX - box.left) / box.width) * w, w), inside(((event.clientY - box.top) / box.height) * h, h)];
  };
  const forget = () => {
    setClicks([]);
    setLegs([]);
    setLine(undefined);
  };
  const press = async (event: React.MouseEvent) => {
    if (mode === 'corners') return;
    const here = at(event);
    const last = clicks[clicks.length - 1];
    setClicks([...clicks, here]);
    // the length so far is not the length of what is being followed now
    setLine(undefined);
    if (mode !== 'line' || !last) return;
    const leg = await path(last, here);
    // the next click may have been faster: each leg goes to its own place
    setLegs((before) => Object.assign([...before], { [clicks.length - 1]: leg }));
  };
  const followed = mode === 'line' && legs.length > 0 && legs.length === clicks.length - 1 && legs.every((leg) => leg !== undefined);
  const knownText = JSON.stringify([corners, known]);
  useEffect(() => {
    if (!followed) return;
    let late = false;
    const [at4, size] = JSON.parse(knownText) as [Four, { widthMm: number; heightMm: number }];
    void measured(legs.flat(), { corners: at4, ...size }, places).then((found) => {
      if (!late) setLine(found);
    });
    return () => {
      late = true;
    };
  }, [followed, legs, knownText, measured]);
  const back = () => {
    setClicks(clicks.slice(0, -1));
    setLegs(legs.slice(0, -1));
    setLine(undefined);
  };
  const area = mode === 'outline' && clicks.length >= 3 && whole ? tracedArea(size4, clicks) : undefined;
  const unclear = line?.widths.filter((one) => !one.clear).length ?? 0;
  const take = () => {
    if (line) onFacts(lineFacts(asks, line.length, line.widths, pageNow()));
    if (area) onFacts(outlineFact(asks, tracedOutline(size4, clicks), pageNow()));
    onClose();
  };
  const mark = Math.max(w, h) / 140 / zoom;
  return (
    <Dialog open onClose={onClose} fullScreen aria-labelledby="trace-title">
      <div className="trace">
        <div className="trace-picture">
          {size === undefined ? (
            <p className="quiet">Opening the picture</p>
          ) : (
            <svg
              ref={host}
              viewBox={`0 0 ${String(w)} ${String(h)}`}
              style={{ width: `${String(zoom * 100)}%` }}
              role="img"
              aria-label="The photo to measure on"
              className={mode === 'corners' ? '' : 'aim'}
              onClick={(event) => {
                void press(event);
              }}
            >
              <image href={src} width={w} height={h} />
              <polygon points={text(corners)} className={`known${whole ? '' : ' bad'}`} strokeWidth={mark / 3} />
              {mode === 'corners'
                ? corners.map((p, i) => (
                    <Corner
                      key={i}
                      number={i + 1}
                      at={p}
                      mark={mark}
                      held={held === i}
                      onHold={(on) => {
                        setHeld(on ? i : undefined);
                      }}
                      onDrag={(event) => {
                        setPlaced(corners.map((c, n) => (n === i ? at(event) : c)) as unknown as Four);
                      }}
                      onNudge={([dx, dy]) => {
                        setPlaced(corners.map((c, n) => (n === i ? [c[0] + dx, c[1] + dy] : c)) as unknown as Four);
                      }}
                    />
                  ))
                : null}
              {line ? <polyline points={text(line.line)} className="traced" strokeWidth={mark / 2} /> : null}
              {mode === 'outline' && clicks.length > 1 ? <polygon points={text(clicks)} className="traced area" strokeWidth={mark / 2} /> : null}
              {clicks.map((p, i) => (
                <circle key={i} cx={p[0]} cy={p[1]} r={mark * 0.9} className="click" strokeWidth={mark / 3} />
              ))}
            </svg>
          )}
        </div>
        <aside className="pane" aria-label="What is measured">
          <h2 id="trace-title" style={{ fontSize: 18 }}>
            Measure on the photo
          </h2>
          <div role="group" aria-label="Larger or smaller" style={{ display: 'flex', gap: 6, margin: '6px 0' }}>
            {[1, 2, 4].map((z) => (
              <button
                type="button"
                key={z}
                className={`plain${zoom === z ? ' on' : ''}`}
                aria-pressed={zoom === z}
                onClick={() => {
                  setZoom(z);
                }}
              >
                {z === 1 ? 'whole' : `${String(z)} times`}
              </button>
            ))}
          </div>
          {mode === 'corners' ? (
            <>
              <p>
                Put the four corners on something flat of known size that lies on the same face: the printed card, a tile, a sheet of paper. Begin at its upper
                left and go around; the arrow keys move a corner by a pixel.
              </p>
              <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 8 }}>
                <MeasureField
                  fieldKey="trace/width"
                  label="Its width"
                  kind="depth"
                  units={units}
                  value={known.widthMm}
                  text={undefined}
                  onValue={(widthMm) => {
                    if (widthMm > 0) setKnown({ ...known, widthMm });
                  }}
                />
                <MeasureField
                  fieldKey="trace/height"
                  label="Its height"
                  kind="depth"
                  units={units}
                  value={known.heightMm}
                  text={undefined}
                  onValue={(heightMm) => {
                    if (heightMm > 0) setKnown({ ...known, heightMm });
                  }}
                />
              </div>
              {whole ? null : (
                <p role="alert" style={{ color: 'var(--stop)' }}>
                  The four corners cross or lie on one line. Put them around it, one after the other.
                </p>
              )}
              <div style={{ display: 'grid', gap: 8, marginTop: 10 }}>
                {tracesLine ? (
                  <Button
                    variant="contained"
                    disabled={!whole || !size}
                    onClick={() => {
                      forget();
                      setMode('line');
                    }}
                  >
                    Trace the line
                  </Button>
                ) : null}
                {tracesOutline ? (
                  <Button
                    variant="contained"
                    disabled={!whole || !size}
                    onClick={() => {
                      forget();
                      setMode('outline');
                    }}
                  >
                    Trace the outline
                  </Button>
                ) : null}
              </div>
            </>
          ) : (
            <>
              <p>
                {mode === 'line'
                  ? 'Click where the line begins, then along it to its end: between two clicks the dark is followed.'
                  : 'Click around it, corner by corner.'}
              </p>
              {progress === undefined ? null : (
                <div style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
                  <LinearProgress variant="determinate" value={progress * 100} aria-label="The line is being followed" style={{ flex: 1 }} />
                  <button
                    type="button"
                    className="link"
                    onClick={() => {
                      stop();
                      setClicks(clicks.slice(0, -1));
                    }}
                  >
                    Stop
                  </button>
                </div>
              )}
              <TracedFacts line={line} area={area} />
              {unclear > 0 ? <p className="quiet">{notInPhoto.fine}</p> : null}
              <p className="quiet">{notInPhoto.depth}</p>
              <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
                <Button
                  variant="outlined"
                  onClick={() => {
                    forget();
                    setMode('corners');
                  }}
                >
                  Corners again
                </Button>
                <Button variant="outlined" disabled={clicks.length === 0} onClick={back}>
                  Last click back
                </Button>
                <Button variant="contained" disabled={!line && !area} onClick={take}>
                  Take it over
                </Button>
              </div>
            </>
          )}
          <p style={{ marginTop: 14 }}>
            <button type="button" className="link" onClick={onClose}>
              Close without taking over
            </button>
          </p>
        </aside>
      </div>
    </Dialog>
  );
}
