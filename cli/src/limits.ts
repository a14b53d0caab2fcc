import { auxiliaries, genericShelf, hasWords, shelfLimits, usualFigures } from '@oddment/core';
import { BadInput } from './badInput.ts';
import { wordsOf } from './wanted.ts';

/**
 * Every figure and remark of the shelf with its source and how it is known, as text or as JSON; with words only those
 * that have all of them in name, label or source.
 * @throws BadInput where none has them, or an option is not known
 */
export function limitsText(args: readonly string[]): string {
  const words = wordsOf(args);
  const rows = shelfLimits([...genericShelf, ...auxiliaries, ...usualFigures]).filter((l) => hasWords(words, l.id, l.label, l.source));
  if (rows.length === 0) throw new BadInput([`No figure of the shelf has '${words.join(' ')}'. ./oddment limits lists all.`]);
  if (args.includes('--json'))
    return `${JSON.stringify(
      rows.map(({ id, value, unit, source, known, label, assumed }) => ({ id, value, unit, source, known, label, assumed })),
      null,
      2,
    )}\n`;
  return `${rows.map((l) => `${l.id}: ${String(l.value)}${l.unit === '' ? '' : ` ${l.unit}`}   ${l.label}   (${l.source})`).join('\n')}\n`;
}
