import type { HouseRules, settableRates, UnitSystem } from '@oddment/core';
import { MeasureField } from './MeasureField.tsx';

/** The firm's own figures beside what is assumed; emptied, one goes back to that. @param onRate absent where nothing may be set */
export function RateFields({
  of,
  rates = {},
  units,
  onRate,
}: {
  of: typeof settableRates;
  rates: HouseRules['rates'];
  units: UnitSystem;
  onRate: ((id: string, value: number | undefined) => void) | undefined;
}) {
  return (
    <div className="rates">
      {of.map((r) => {
        const value = rates[r.id] ?? r.usual;
        return (
          <MeasureField
            key={r.id}
            fieldKey={`rate ${r.id}`}
            label={r.label}
            kind={r.kind}
            units={units}
            value={value}
            text={undefined}
            problem={undefined}
            whenLeft
            onValue={(typed) => {
              if (typed !== value) onRate?.(r.id, typed);
            }}
            onEmpty={() => {
              onRate?.(r.id, undefined);
            }}
          />
        );
      })}
    </div>
  );
}
