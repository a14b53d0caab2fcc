import { Minus, Plus } from 'lucide-react';

/** A small whole number by two buttons large enough for a thumb. */
export function Counter({ label, value, min, max, onValue }: { label: string; value: number; min: number; max: number; onValue: (value: number) => void }) {
  return (
    <span className="counter" role="group" aria-label={label}>
      <button
        type="button"
        className="plain"
        aria-label={`${label}: one less`}
        disabled={value <= min}
        onClick={() => {
          onValue(value - 1);
        }}
      >
        <Minus size={14} aria-hidden="true" />
      </button>
      <b aria-live="polite">{value}</b>
      <button
        type="button"
        className="plain"
        aria-label={`${label}: one more`}
        disabled={value >= max}
        onClick={() => {
          onValue(value + 1);
        }}
      >
        <Plus size={14} aria-hidden="true" />
      </button>
      {label}
    </span>
  );
}
