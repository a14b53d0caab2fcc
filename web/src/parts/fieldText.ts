import { bareUnit, parseMeasure, showValue, type QuantityKind, type UnitSystem } from '@oddment/core';

/** The text of a field: as typed while it still means the value, else the value in these units. */
export function fieldText(value: number | undefined, text: string | undefined, kind: QuantityKind, units: UnitSystem): string {
  if (value === undefined) return '';
  if (text !== undefined) {
    const again = parseMeasure(text, kind, units);
    if (again.ok && Math.abs(again.value - value) <= Math.abs(value) * 1e-9) return text;
  }
  const shown = showValue(value, kind, units);
  if (kind === 'length' && units === 'metric') return String(Number((value / 1000).toFixed(3)));
  return shown.unit === bareUnit(kind, units) ? shown.number : shown.text;
}
