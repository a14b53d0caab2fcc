import type { Station, UnitSystem } from '@oddment/core';
import { X } from 'lucide-react';
import { typed } from '../state/drafts.ts';
import { useSend } from '../state/store.ts';
import { MeasureField } from './MeasureField.tsx';
import { nextStationAt } from './nextStation.ts';

interface StationsFieldProps {
  readonly fieldKey: string;
  readonly units: UnitSystem;
  readonly stations: readonly Station[];
  readonly runMm: number | undefined;
  readonly onStations: (stations: readonly Station[]) => void;
  readonly onEmpty: () => void;
}

/** Widths measured along a line: place and width, typed through with the keyboard. */
export function StationsField({ fieldKey, units, stations, runMm, onStations, onEmpty }: StationsFieldProps) {
  const send = useSend();
  const set = (i: number, part: Partial<Station>) => {
    onStations(stations.map((s, n) => (n === i ? { ...s, ...part } : s)));
  };
  const forget = () => {
    for (let i = 0; i <= stations.length; i++) for (const side of ['at', 'width']) send(typed({ key: `${fieldKey}/${String(i)}/${side}`, text: undefined }));
  };
  const remove = (i: number) => {
    forget();
    const left = stations.filter((_s, n) => n !== i);
    if (left.length === 0) onEmpty();
    else onStations(left);
  };
  const next = nextStationAt(stations, runMm);
  return (
    <div className="stations">
      {stations.map((s, i) => (
        <div className="station" key={i}>
          <MeasureField
            fieldKey={`${fieldKey}/${String(i)}/at`}
            label={`Place of width ${String(i + 1)}`}
            hiddenLabel
            kind="length"
            units={units}
            value={s.atMm}
            text={undefined}
            onValue={(atMm) => {
              set(i, { atMm });
            }}
          />
          <MeasureField
            fieldKey={`${fieldKey}/${String(i)}/width`}
            label={`Width ${String(i + 1)}`}
            hiddenLabel
            kind="crackWidth"
            units={units}
            value={s.widthMm}
            text={s.text}
            onValue={(widthMm, text) => {
              set(i, { widthMm, text });
            }}
          />
          <button
            type="button"
            className="plain"
            aria-label={`Remove width ${String(i + 1)}`}
            onClick={() => {
              remove(i);
            }}
          >
            <X size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <div className="station">
        <MeasureField
          whenLeft
          fieldKey={`${fieldKey}/new`}
          label="Add a width"
          hiddenLabel
          kind="crackWidth"
          units={units}
          value={undefined}
          text={undefined}
          onValue={(widthMm, text) => {
            onStations([...stations, { atMm: next, widthMm, text }]);
          }}
        />
        <span className="quiet" style={{ alignSelf: 'center' }}>
          add a width here
        </span>
      </div>
    </div>
  );
}
