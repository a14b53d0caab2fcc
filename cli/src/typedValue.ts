import { baseUnits, parseMeasure, parseNumber, type InputSpec } from '@oddment/core';
import { BadInput } from './badInput.ts';

type Typed = Pick<InputSpec, 'kind' | 'named'>;

/** A label as it is typed on a command line: `Under tape` as `under-tape`. */
export const slug = (label: string): string =>
  label
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');

/** The value of a name: the whole of it, or a word that only one of them has. */
function namedValue(text: string, named: NonNullable<InputSpec['named']>): number | undefined {
  const wanted = slug(text);
  const whole = named.find((n) => slug(n.label) === wanted);
  const part = named.filter((n) => slug(n.label).split('-').includes(wanted));
  return (whole ?? (part.length === 1 ? part[0] : undefined))?.value;
}

/**
 * Reads one value as it is typed: a bare number in the base unit that the input is named by, a measure with its unit
 * (`68F`, `3/16 in`, `4,2 m`), or one of the names that the input has.
 * @returns the value in the base unit
 * @throws BadInput with what would be right
 */
export function typedValue(text: string, name: string, { kind, named = [] }: Typed): number {
  const clean = text.trim();
  const unit = baseUnits[kind];
  const names = named.length === 0 ? '' : `, or ${named.map((n) => slug(n.label)).join(', ')}`;
  if (/^[-+]?[\d.,\s’']+(?:e[-+]?\d+)?$/i.test(clean) && clean !== '') {
    const read = parseNumber(clean);
    if (!read.ok) throw new BadInput([`${name}: ${read.why}`]);
    return read.value;
  }
  const byName = named.length > 0 ? namedValue(clean, named) : undefined;
  if (byName !== undefined) return byName;
  if (/\d/.test(clean)) {
    const read = parseMeasure(clean, kind, 'metric');
    if (read.ok) return read.value;
    throw new BadInput([`${name}: ${read.why}`]);
  }
  throw new BadInput([`${name} is '${text}'. It must be a number${unit === '' ? '' : ` in ${unit}, or with a unit of its own`}${names}.`]);
}

/** Reads a list: parted by semicolons, or by commas where there is none. */
export function typedList(text: string, name: string, spec: Typed): number[] {
  return text.split(text.includes(';') ? ';' : ',').map((part) => typedValue(part, name, spec));
}

/** How many letters have to change to come from one word to another. */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_v, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let k = 1; k <= b.length; k++) next.push(Math.min((row[k] ?? 0) + 1, (next[k - 1] ?? 0) + 1, (row[k - 1] ?? 0) + (a[i - 1] === b[k - 1] ? 0 : 1)));
    row = next;
  }
  return row[b.length] ?? 0;
}

/** The names nearest to a wrong one: those that hold it or are held by it, then those with the fewest letters to change. */
export function nearest(wrong: string, names: readonly string[], most = 3): readonly string[] {
  const score = (name: string) => (wrong.length > 2 && (name.includes(wrong) || wrong.includes(name)) ? 0 : distance(wrong, name));
  return names
    .map((name) => ({ name, far: score(name) }))
    .filter(({ name, far }) => far <= Math.max(2, name.length / 3))
    .sort((a, b) => a.far - b.far || a.name.localeCompare(b.name))
    .slice(0, most)
    .map(({ name }) => name);
}

/** Pairs `name=value` of a command line, each once. @throws BadInput where one is no pair or comes twice */
export function pairsOf(given: readonly string[]): readonly (readonly [name: string, text: string])[] {
  const seen = new Set<string>();
  return given.map((pair) => {
    const at = pair.indexOf('=');
    if (at < 1) throw new BadInput([`'${pair}' says no value. Write it as ${pair === '' ? 'name' : pair}=value.`]);
    const name = pair.slice(0, at);
    if (seen.has(name)) throw new BadInput([`${name} is given twice.`]);
    seen.add(name);
    return [name, pair.slice(at + 1)] as const;
  });
}
