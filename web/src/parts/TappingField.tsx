import { tappingLimits, type TappingMap, type UnitSystem } from '@oddment/core';
import { useRef, useState } from 'react';
import { nextCell } from '../views/gridEdit.ts';
import { afterClick, emptyMap, resizedMap, withCell, type Cell } from '../views/tappingEdit.ts';
import { Counter } from './Counter.tsx';
import { MeasureField } from './MeasureField.tsx';

interface TappingFieldProps {
  readonly fieldKey: string;
  readonly units: UnitSystem;
  readonly map: TappingMap | undefined;
  readonly onMap: (map: TappingMap) => void;
}

const words: Record<string, string> = { h: 'hollow', s: 'sound', '.': 'not tapped' };
const keys: Readonly<Record<string, Cell>> = { h: 'h', s: 's', Delete: '.', Backspace: '.' };

/** What was tapped, cell by cell: a click goes on from hollow to sound, the keys H and S write at once. */
export function TappingField({ fieldKey, units, map = emptyMap, onMap }: TappingFieldProps) {
  const columns = map.rows[0]?.length ?? 1;
  const cells = [...map.rows.join('')];
  const [focus, setFocus] = useState(0);
  const buttons = useRef<(HTMLButtonElement | null)[]>([]);
  const press = (event: React.KeyboardEvent, at: number) => {
    const cell = keys[event.key];
    if (cell !== undefined) onMap(withCell(map, at, cell));
    const to = nextCell(at, cell === undefined ? event.key : 'Enter', columns, cells.length);
    if (cell === undefined && (to === undefined || event.key === 'Enter')) return;
    event.preventDefault();
    event.stopPropagation();
    if (to === undefined) return;
    setFocus(to);
    buttons.current[to]?.focus();
  };
  return (
    <div className="grid-field">
      <div className="grid-head">
        <Counter
          label="across"
          value={columns}
          min={1}
          max={tappingLimits.side}
          onValue={(n) => {
            onMap(resizedMap(map, n, map.rows.length));
          }}
        />
        <Counter
          label="down"
          value={map.rows.length}
          min={1}
          max={tappingLimits.side}
          onValue={(n) => {
            onMap(resizedMap(map, columns, n));
          }}
        />
        <span>cells of</span>
        <MeasureField
          fieldKey={`${fieldKey}/cell`}
          label="Side of a cell"
          hiddenLabel
          kind="depth"
          units={units}
          value={map.cellMm}
          text={undefined}
          onValue={(cellMm) => {
            onMap({ ...map, cellMm });
          }}
        />
      </div>
      <div className="taps" role="group" aria-label="Cells" style={{ gridTemplateColumns: `repeat(${String(columns)}, minmax(24px, 44px))` }}>
        {cells.map((cell, i) => (
          <button
            key={i}
            ref={(element) => {
              buttons.current[i] = element;
            }}
            type="button"
            className={`tap ${words[cell]?.split(' ')[0] ?? ''}`}
            tabIndex={i === focus ? 0 : -1}
            aria-label={`Row ${String(Math.floor(i / columns) + 1)}, column ${String((i % columns) + 1)}: ${words[cell] ?? ''}`}
            onClick={() => {
              setFocus(i);
              onMap(withCell(map, i, afterClick(cell)));
            }}
            onKeyDown={(event) => {
              press(event, i);
            }}
          />
        ))}
      </div>
      <p className="quiet" style={{ margin: '4px 0 0' }}>
        Click for hollow, again for sound; or arrow keys with H and S.
      </p>
    </div>
  );
}
