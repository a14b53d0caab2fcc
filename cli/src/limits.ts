import { auxiliaries, genericShelf, shelfLimits } from '@oddment/core';

/** Every figure and remark of the shelf with its source and how it is known, as text or as JSON. */
export function limitsText(json: boolean): string {
  const rows = shelfLimits([...genericShelf, ...auxiliaries]);
  if (json)
    return `${JSON.stringify(
      rows.map(({ id, value, unit, source, known, label, assumed }) => ({ id, value, unit, source, known, label, assumed })),
      null,
      2,
    )}\n`;
  return `${rows.map((l) => `${l.id}: ${String(l.value)}${l.unit === '' ? '' : ` ${l.unit}`}   ${l.label}   (${l.source})`).join('\n')}\n`;
}
