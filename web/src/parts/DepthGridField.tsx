import { bareUnit, parseMeasure, type DepthGrid, type UnitSystem } from '@oddment/core';
import { useRef, useState } from 'react';
import { editOf, emptyGrid, gridOf, nextCell, resized, rimFlush, type GridEdit } from '../views/gridEdit.ts';
import { Counter } from './Counter.tsx';
import { fieldText } from './fieldText.ts';
import { useKeptPartial } from './keptPartial.ts';
import { MeasureField } from './MeasureField.tsx';

interface DepthGridFieldProps {
  readonly fieldKey: string;
  readonly units: UnitSystem;
  readonly grid: DepthGrid | undefined;
  readonly onGrid: (grid: DepthGrid) => void;
}

/** Readings off a straightedge, typed through cell by cell; shaded by depth as they come. */
export function DepthGridField({ fieldKey, units, grid, onGrid }: DepthGridFieldProps) {
  const [edit, keep, done] = useKeptPartial<GridEdit>(`grid ${fieldKey}`, grid ? editOf(grid) : emptyGrid);
  const [typing, setTyping] = useState<{ at: number; text: string; wrong?: boolean }>();
  const cells = useRef<(HTMLInputElement | null)[]>([]);
  const take = (next: GridEdit) => {
    keep(next);
    const whole = gridOf(next);
    if (!whole) return;
    onGrid(whole);
    done();
  };
  const left = edit.depths.filter((d) => d === null).length;
  const deepest = Math.max(...edit.depths.map((d) => d ?? 0), 1);
  const type = (at: number, text: string) => {
    if (text.trim() === '') {
      setTyping({ at, text });
      keep({ ...edit, depths: edit.depths.map((d, i) => (i === at ? null : d)) });
      return;
    }
    const read = parseMeasure(text, 'depth', units);
    setTyping({ at, text, wrong: !read.ok });
    if (read.ok) take({ ...edit, depths: edit.depths.map((d, i) => (i === at ? read.value : d)) });
  };
  const go = (event: React.KeyboardEvent, at: number) => {
    const inside = event.currentTarget as HTMLInputElement;
    // the arrows move within the text until its end
    if (event.key === 'ArrowLeft' && inside.selectionStart !== 0) return;
    if (event.key === 'ArrowRight' && inside.selectionEnd !== inside.value.length) return;
    const to = nextCell(at, event.key, edit.columns, edit.depths.length);
    if (to === undefined) return;
    event.preventDefault();
    cells.current[to]?.focus();
    cells.current[to]?.select();
  };
  return (
    <div className="grid-field">
      <div className="grid-head">
        <Counter
          label="across"
          value={edit.columns}
          min={2}
          max={12}
          onValue={(n) => {
            take(resized(edit, n, edit.rows));
          }}
        />
        <span>every</span>
        <MeasureField
          fieldKey={`${fieldKey}/across`}
          label="every, across"
          hiddenLabel
          kind="depth"
          units={units}
          value={edit.acrossMm}
          text={undefined}
          onValue={(acrossMm) => {
            if (acrossMm > 0) take({ ...edit, acrossMm });
          }}
        />
        <Counter
          label="down"
          value={edit.rows}
          min={2}
          max={12}
          onValue={(n) => {
            take(resized(edit, edit.columns, n));
          }}
        />
        <span>every</span>
        <MeasureField
          fieldKey={`${fieldKey}/down`}
          label="every, down"
          hiddenLabel
          kind="depth"
          units={units}
          value={edit.downMm}
          text={undefined}
          onValue={(downMm) => {
            if (downMm > 0) take({ ...edit, downMm });
          }}
        />
      </div>
      <div className="cells" style={{ gridTemplateColumns: `repeat(${String(edit.columns)}, minmax(44px, 1fr))` }}>
        {edit.depths.map((depth, i) => (
          <input
            key={i}
            ref={(element) => {
              cells.current[i] = element;
            }}
            aria-label={`Depth, row ${String(Math.floor(i / edit.columns) + 1)}, column ${String((i % edit.columns) + 1)}`}
            aria-invalid={typing?.at === i && typing.wrong === true}
            inputMode="decimal"
            autoComplete="off"
            value={typing?.at === i ? typing.text : depth === null ? '' : fieldText(depth, undefined, 'depth', units)}
            style={{ '--deep': `${String(Math.round(((depth ?? 0) / deepest) * 60))}%` } as React.CSSProperties}
            onChange={(event) => {
              type(i, event.target.value);
            }}
            onKeyDown={(event) => {
              go(event, i);
            }}
            onBlur={() => {
              setTyping(undefined);
            }}
          />
        ))}
      </div>
      <p className="quiet" style={{ margin: '4px 0 0' }}>
        {left === 0
          ? `Every crossing is read, in ${bareUnit('depth', units)}.`
          : `${String(left)} still to read, in ${bareUnit('depth', units)}; arrow keys and Enter go on.`}{' '}
        {left > 0 ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              take(rimFlush(edit));
            }}
          >
            The rim is flush
          </button>
        ) : null}
      </p>
    </div>
  );
}
