import { show, type UnitSystem, type Verdict } from '@oddment/core';

export interface LimitLine {
  /** positions from 0 to 1 along the line */
  readonly value: number;
  readonly from: number;
  readonly to: number;
  readonly valueText: string;
  readonly minText?: string;
  readonly maxText?: string;
}

/** Where the measured value and its limits stand on a line, if the rule has figures. */
export function limitLine(verdict: Verdict, units: UnitSystem): LimitLine | undefined {
  const { value, min, max } = verdict;
  if (!value || (!min && !max)) return undefined;
  const marks = [value.value, ...(min ? [min.value] : []), ...(max ? [max.value] : [])];
  const low = Math.min(...marks);
  const high = Math.max(...marks);
  const span = high - low || Math.abs(high) || 1;
  const start = low - span * 0.2;
  const at = (v: number) => (v - start) / (span * 1.4);
  return {
    value: at(value.value),
    from: min ? at(min.value) : 0,
    to: max ? at(max.value) : 1,
    valueText: show(value, units).text,
    ...(min && { minText: show(min, units).text }),
    ...(max && { maxText: show(max, units).text }),
  };
}
