import type { QuantityKind, UnitSystem } from './kind.ts';
import { plainMarks, spokenMeasure } from './spoken.ts';
import { bareUnits, unitTables, type Unit } from './units.ts';

export type Parsed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly why: string };

const number = String.raw`\d+(?:[.,]\d+)?|[.,]\d+`;
const term = new RegExp(
  String.raw`^\s*(?:(?:(\d+)[\s-]+)?(\d+)\s*/\s*(\d+)|(${number}))\s*([a-z%°"'][a-z/°%·²]*(?:(?<=[a-z])2)?(?:\s(?=oz)oz)?)?\s*-?\s*`,
  'i',
);

function termValue(match: RegExpExecArray): number {
  const [, whole, top, bottom, plain] = match;
  if (plain !== undefined) return Number(plain.replace(',', '.'));
  return Number(whole ?? 0) + Number(top) / Number(bottom);
}

/**
 * The scale of a part of a measure.
 * @param named the unit written behind it
 * @param alone whether it is all there is, so that it may have none
 * @returns why there is none, empty where no unit is written
 */
function scaleOf(named: string | undefined, alone: boolean, table: Readonly<Record<string, Unit>>, bare: string | undefined): Unit | string {
  if (named === undefined) return alone ? ((bare === undefined ? undefined : table[bare]) ?? [1]) : '';
  const scale = table[named];
  if (scale) return scale;
  const known = Object.keys(table).filter((name) => name.length > 1 || !['"', "'"].includes(name));
  return `'${named}' is not a unit for this. It can be ${known.join(', ')}.`;
}

/**
 * Reads a measure as people write it: `3/16`, `1' 3-1/2"`, `1½ in`, `5' 6`, `4.2 m`, `2m 30`, `0.4 mm`, `60 °F`, `4,2`,
 * `1 h 30`; `6-3` is six feet and three inches where lengths are in feet. A bare number is taken in the field's own unit
 * (`bareUnit`). The value comes out in the kind's base unit. What may be read two ways is asked back.
 */
export function parseMeasure(text: string, kind: QuantityKind, units: UnitSystem): Parsed {
  const clean = spokenMeasure(plainMarks(text.trim()), kind, units);
  if (clean === '') return { ok: false, why: 'Nothing is written here yet.' };
  const either = /^([1-9]\d{0,2}),(\d{3})(?!\d)/.exec(clean);
  if (either)
    return { ok: false, why: `'${text.trim()}' may be read two ways. Write ${either[1] ?? ''}${either[2] ?? ''}, or ${either[1] ?? ''}.${either[2] ?? ''}.` };
  return readTerms(clean, text.trim(), kind, units);
}

function readTerms(clean: string, typed: string, kind: QuantityKind, units: UnitSystem): Parsed {
  const table = unitTables[kind] ?? {};
  const refused = (why: string): Parsed => ({ ok: false, why: `'${typed}' ${why} ${exampleOf(kind, units)}` });
  const negative = clean.startsWith('-');
  let rest = negative ? clean.slice(1) : clean;
  let total = 0;
  let terms = 0;
  while (rest.trim() !== '') {
    const match = term.exec(rest);
    if (!match || match[0] === '') return refused('is not a measure.');
    // a number without a unit stands alone: what follows it would be another measure
    const alone = terms === 0 && rest.slice(match[0].length).trim() === '';
    const scale = scaleOf(match[5]?.toLowerCase(), alone, table, bareUnits[units][kind]);
    if (typeof scale === 'string') return scale === '' ? refused('has a part without a unit.') : { ok: false, why: scale };
    const value = termValue(match) * (negative ? -1 : 1);
    if (!Number.isFinite(value)) return refused('divides by zero.');
    total += (value + (scale[1] ?? 0)) * scale[0];
    rest = rest.slice(match[0].length);
    terms += 1;
    if (terms > 3 || (terms > 1 && kind === 'temperature')) return refused('is not one measure.');
  }
  return { ok: true, value: Number(total.toPrecision(12)) };
}

const examples: Record<UnitSystem, Partial<Record<QuantityKind, string>>> = {
  metric: { length: '4.2 m', depth: '60', crackWidth: '0.4', area: '0.35 m²', temperature: '15', percent: '62' },
  us: { length: `13' 9-1/2"`, depth: '3/4', crackWidth: '0.016 or 3/16', area: '3.8 ft²', temperature: '59', percent: '62' },
};

function exampleOf(kind: QuantityKind, units: UnitSystem): string {
  const example = examples[units][kind];
  return example === undefined ? 'Write a number.' : `Write it like ${example}.`;
}

/**
 * Reads a bare number as people write it: `62.5`, `62,50`, `1 250`, `1,250.00`, `1.250,00`. A single separator before
 * three digits, as in `1,250`, may mean either and is asked back.
 */
export function parseNumber(text: string): Parsed {
  const clean = text
    .trim()
    .replaceAll(/[\s\u00a0\u202f'’](?=\d{3}(?:\D|$))/g, '')
    .replace(/−/g, '-');
  if (clean === '') return { ok: false, why: 'Nothing is written here yet.' };
  const grouped =
    /^-?\d{1,3}(?:,\d{3})+\.\d+$/.test(clean) || /^-?\d{1,3}(?:,\d{3}){2,}$/.test(clean)
      ? clean.replaceAll(',', '')
      : /^-?\d{1,3}(?:\.\d{3})+,\d+$/.test(clean) || /^-?\d{1,3}(?:\.\d{3}){2,}$/.test(clean)
        ? clean.replaceAll('.', '').replace(',', '.')
        : clean;
  const either = /^(-?[1-9]\d{0,2})[.,](\d{3})$/.exec(grouped);
  if (either && grouped === clean)
    return {
      ok: false,
      why: `'${text.trim()}' may be read two ways. Write ${either[1] ?? ''}${either[2] ?? ''}, or ${either[1] ?? ''}.${(either[2] ?? '').replace(/0+$/, '') || '0'}.`,
    };
  const value = /^-?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e-?\d+)?$/i.test(grouped) ? Number(grouped.replace(',', '.')) : Number.NaN;
  return Number.isFinite(value) ? { ok: true, value } : { ok: false, why: `'${text.trim()}' is not a number. Write it like 62.50.` };
}
