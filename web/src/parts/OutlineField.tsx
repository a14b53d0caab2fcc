import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { outlinePoints, show, type Outline, type OutlinePoint, type Shape, type UnitSystem } from '@oddment/core';
import { X } from 'lucide-react';
import { useRef, useState } from 'react';
import { snapped, stepFor } from '../views/snapping.ts';
import { useKeptPartial } from './keptPartial.ts';
import { MeasureField } from './MeasureField.tsx';

interface OutlineFieldProps {
  readonly fieldKey: string;
  readonly units: UnitSystem;
  readonly outline: Outline | undefined;
  readonly onOutline: (outline: Outline) => void;
}

type Way = Shape['is'] | 'points';
const ways: readonly (readonly [Way, string])[] = [
  ['rectangle', 'square'],
  ['ellipse', 'round'],
  ['triangle', 'triangle'],
  ['l-shape', 'L'],
  ['points', 'corners'],
];
const sizes = [
  ['widthMm', 'Width'],
  ['heightMm', 'Height'],
  ['armWidthMm', 'Width of the upright arm'],
  ['armHeightMm', 'Height of the lying arm'],
] as const;

interface Partial {
  readonly way: Way;
  readonly given: Readonly<Record<string, number>>;
}

const side = 300;

/** The outline drawn to scale; its corners can be dragged where it is given corner by corner. */
function Sketch({
  points,
  units,
  onDrag,
}: {
  points: readonly OutlinePoint[];
  units: UnitSystem;
  onDrag?: ((i: number, to: OutlinePoint) => void) | undefined;
}) {
  const host = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ i: number; view: { left: number; top: number; scale: number } }>();
  const xs = points.map((p) => p.xMm);
  const ys = points.map((p) => p.yMm);
  const reach = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys), 1);
  // while a corner is held the sketch stands still under the finger
  const view = held?.view ?? { left: Math.min(...xs), top: Math.min(...ys), scale: (side - 56) / reach };
  const tall = Math.max(90, 56 + (Math.max(...ys) - view.top) * view.scale);
  const at = (p: OutlinePoint) => [28 + (p.xMm - view.left) * view.scale, 24 + (p.yMm - view.top) * view.scale] as const;
  const step = stepFor(reach, units);
  const move = (event: React.PointerEvent) => {
    const box = host.current?.getBoundingClientRect();
    if (!held || !box || !onDrag) return;
    const zoom = side / box.width;
    const raw = {
      xMm: ((event.clientX - box.left) * zoom - 28) / view.scale + view.left,
      yMm: ((event.clientY - box.top) * zoom - 24) / view.scale + view.top,
    };
    const beside = [points[(held.i + points.length - 1) % points.length], points[(held.i + 1) % points.length]].filter((p) => p !== undefined);
    onDrag(held.i, snapped(raw, beside, step, 6 / view.scale));
  };
  return (
    <svg
      ref={host}
      className="sketch"
      viewBox={`0 0 ${String(side)} ${tall.toFixed(0)}`}
      role="img"
      aria-label="The outline as entered"
      onPointerMove={move}
      onPointerUp={() => {
        setHeld(undefined);
      }}
    >
      <path
        d={`${points
          .map(
            (p, i) =>
              `${i === 0 ? 'M' : 'L'}${at(p)
                .map((v) => v.toFixed(1))
                .join(' ')}`,
          )
          .join('')}Z`}
        className="outline"
      />
      {onDrag
        ? points.map((p, i) => (
            <g key={i}>
              <circle
                cx={at(p)[0]}
                cy={at(p)[1]}
                r={15}
                className="grip"
                onPointerDown={(event) => {
                  event.currentTarget.setPointerCapture(event.pointerId);
                  setHeld({ i, view });
                }}
                onPointerMove={move}
                onPointerUp={() => {
                  setHeld(undefined);
                }}
              />
              <text x={at(p)[0] + 9} y={at(p)[1] - 7} className="corner">
                {i + 1}
              </text>
            </g>
          ))
        : null}
      <text x={side / 2} y={tall - 6} textAnchor="middle" className="corner">
        {show({ value: Math.max(...xs) - Math.min(...xs), kind: 'length' }, units).text} by{' '}
        {show({ value: Math.max(...ys) - Math.min(...ys), kind: 'length' }, units).text}
      </text>
    </svg>
  );
}

/** An outline by the dimensions of a shape, or corner by corner, typed or dragged. */
export function OutlineField({ fieldKey, units, outline, onOutline }: OutlineFieldProps) {
  const whole = outline && 'shape' in outline ? outline.shape : undefined;
  const { is, ...known } = whole ?? { is: outline ? ('points' as const) : ('rectangle' as const) };
  const [partial, keep, done] = useKeptPartial<Partial>(`outline ${fieldKey}`, { way: is, given: known });
  const points = outline ? outlinePoints(outline) : [];
  const wanted = sizes.slice(0, partial.way === 'l-shape' ? 4 : 2);
  const shapeOf = (way: Way, given: Readonly<Record<string, number>>): Shape | undefined => {
    const names = sizes.slice(0, way === 'l-shape' ? 4 : 2).map(([name]) => name);
    if (way === 'points' || !names.every((n) => given[n] !== undefined)) return undefined;
    return { is: way, ...Object.fromEntries(names.map((n) => [n, given[n]])) } as unknown as Shape;
  };
  const take = (way: Way, given: Readonly<Record<string, number>>) => {
    keep({ way, given });
    const shape = shapeOf(way, given);
    if (!shape) return;
    onOutline({ shape });
    done();
  };
  const choose = (way: Way | null) => {
    if (way === null) return;
    if (way !== 'points') {
      // corners that were there become a shape that reaches as far
      const reach = (places: readonly number[]) => Math.round(Math.max(...places) - Math.min(...places));
      const known =
        partial.way === 'points' && points.length > 0 ? { widthMm: reach(points.map((p) => p.xMm)), heightMm: reach(points.map((p) => p.yMm)) } : {};
      take(way, { ...known, ...partial.given });
      return;
    }
    keep({ ...partial, way });
    onOutline({
      points:
        points.length === 0 || points.length > 12
          ? outlinePoints({ shape: { is: 'rectangle', widthMm: partial.given['widthMm'] ?? 300, heightMm: partial.given['heightMm'] ?? 200 } })
          : points,
    });
  };
  const setPoint = (i: number, part: { xMm?: number; yMm?: number }) => {
    onOutline({ points: points.map((p, n) => (n === i ? { ...p, ...part } : p)) });
  };
  const split = () => {
    // the new corner goes into the longest side
    const lengths = points.map((p, i) => {
      const next = points[(i + 1) % points.length] ?? p;
      return Math.hypot(next.xMm - p.xMm, next.yMm - p.yMm);
    });
    const i = lengths.indexOf(Math.max(...lengths));
    const [a, b] = [points[i], points[(i + 1) % points.length]];
    if (a && b) onOutline({ points: [...points.slice(0, i + 1), { xMm: (a.xMm + b.xMm) / 2, yMm: (a.yMm + b.yMm) / 2 }, ...points.slice(i + 1)] });
  };
  return (
    <div className="outline-field">
      <ToggleButtonGroup
        exclusive
        size="small"
        value={partial.way}
        aria-label="How it is given"
        onChange={(_event, way: Way | null) => {
          choose(way);
        }}
      >
        {ways.map(([way, words]) => (
          <ToggleButton key={way} value={way}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <div className={partial.way === 'points' ? 'beside points' : 'beside'}>
        {partial.way === 'points' ? (
          <div>
            {points.map((p, i) => (
              <div className="station" key={i}>
                <MeasureField
                  fieldKey={`${fieldKey}/${String(i)}/x`}
                  label={`Corner ${String(i + 1)}, across`}
                  hiddenLabel
                  kind="depth"
                  units={units}
                  value={p.xMm}
                  text={undefined}
                  onValue={(xMm) => {
                    setPoint(i, { xMm });
                  }}
                />
                <MeasureField
                  fieldKey={`${fieldKey}/${String(i)}/y`}
                  label={`Corner ${String(i + 1)}, down`}
                  hiddenLabel
                  kind="depth"
                  units={units}
                  value={p.yMm}
                  text={undefined}
                  onValue={(yMm) => {
                    setPoint(i, { yMm });
                  }}
                />
                {points.length > 3 ? (
                  <button
                    type="button"
                    className="plain"
                    aria-label={`Remove corner ${String(i + 1)}`}
                    onClick={() => {
                      onOutline({ points: points.filter((_p, n) => n !== i) });
                    }}
                  >
                    <X size={15} aria-hidden="true" />
                  </button>
                ) : null}
              </div>
            ))}
            <button type="button" className="link" onClick={split}>
              Add a corner
            </button>
          </div>
        ) : (
          <div style={{ display: 'grid', gap: 6, alignContent: 'start' }}>
            {wanted.map(([name, label]) => (
              <MeasureField
                key={name}
                fieldKey={`${fieldKey}/${name}`}
                label={label}
                kind="depth"
                units={units}
                value={partial.given[name]}
                text={undefined}
                onValue={(value) => {
                  take(partial.way, { ...partial.given, [name]: value });
                }}
              />
            ))}
          </div>
        )}
        {points.length >= 3 ? <Sketch points={points} units={units} onDrag={partial.way === 'points' ? setPoint : undefined} /> : null}
      </div>
    </div>
  );
}
