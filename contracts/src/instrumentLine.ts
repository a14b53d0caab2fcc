/** Quantities that an instrument may report, in the base units of the core. */
export const readQuantities = ['airC', 'humidityPct', 'surfaceC', 'moisturePct', 'massG', 'labL', 'labA', 'labB'] as const;
export type ReadQuantity = (typeof readQuantities)[number];

/** what can stand on a display: outside of it a value is a fault of the line or the instrument */
const sane: Readonly<Record<ReadQuantity, readonly [least: number, most: number]>> = {
  airC: [-60, 80],
  humidityPct: [0, 100],
  surfaceC: [-60, 120],
  moisturePct: [0, 200],
  massG: [-10_000, 1e6],
  labL: [0, 110],
  labA: [-150, 150],
  labB: [-150, 150],
};

/** One reading of one instrument, or a fault that it reports of itself. */
export interface Reading {
  /** its name on the line, such as hygro-1 */
  readonly instrument: string;
  /** what it is, in words: thermo-hygrometer */
  readonly kind: string;
  /** ISO instant */
  readonly at: string;
  readonly simulated: boolean;
  readonly values: Readonly<Partial<Record<ReadQuantity, number>>>;
  readonly fault?: string;
}

/** Sum of the bytes of a line, the lowest eight bits as two hexadecimal digits. */
export function lineSum(text: string): string {
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum = (sum + text.charCodeAt(i)) & 0xff;
  return sum.toString(16).padStart(2, '0');
}

/** A reading as one line of the instruments' protocol, without its end. */
export function writeLine({ instrument, kind, at, simulated, values, fault }: Reading): string {
  const parts = [
    'reading',
    `from=${instrument}`,
    `kind=${kind.replaceAll(' ', '_')}`,
    `at=${at}`,
    ...Object.entries(values).map(([quantity, value]) => `${quantity}=${String(value)}`),
  ];
  if (simulated) parts.push('simulated=yes');
  if (fault !== undefined) parts.push(`fault=${fault.replaceAll(' ', '_')}`);
  const text = parts.join(' ');
  return `${text} sum=${lineSum(text)}`;
}

export type ReadLine = { readonly ok: true; readonly reading: Reading } | { readonly ok: false; readonly why: string };

const name = /^[a-z][a-z0-9-]{0,30}$/;
const words = /^[a-z][a-z0-9_-]{0,40}$/;
const isQuantity = (key: string): key is ReadQuantity => readQuantities.some((q) => q === key);

/** Reads one line of the protocol; what is garbled, unknown or no sane value is refused with the reason. */
export function readLine(line: string): ReadLine {
  const refuse = (why: string): ReadLine => ({ ok: false, why });
  if (line.length > 400) return refuse('the line is too long');
  const found = /^(reading .*) sum=([0-9a-f]{2})$/.exec(line);
  if (!found) return refuse('it is not a reading with a sum at its end');
  const [, text = '', sum] = found;
  if (lineSum(text) !== sum) return refuse('its sum does not agree: a sign was lost or changed on the way');
  const pairs = new Map(
    text
      .split(' ')
      .slice(1)
      .map((part) => {
        const i = part.indexOf('=');
        return [part.slice(0, i), part.slice(i + 1)] as const;
      }),
  );
  const [instrument, kind, at, fault, simulated] = ['from', 'kind', 'at', 'fault', 'simulated'].map((key) => pairs.get(key));
  if (instrument === undefined || !name.test(instrument)) return refuse('it does not say which instrument it is from');
  if (kind === undefined || !words.test(kind)) return refuse('it does not say what kind of instrument that is');
  if (at === undefined || !/^\d{4}-\d\d-\d\dT[\d:.]+Z$/.test(at) || Number.isNaN(Date.parse(at))) return refuse('it has no time');
  if (fault !== undefined && !words.test(fault)) return refuse('its fault is not in words');
  const values: Partial<Record<ReadQuantity, number>> = {};
  for (const [key, value] of pairs) {
    if (!isQuantity(key)) continue;
    const read = Number(value);
    const [least, most] = sane[key];
    if (value === '' || !Number.isFinite(read) || read < least || read > most) return refuse(`its ${key} of '${value}' cannot be`);
    values[key] = read;
  }
  if (Object.keys(values).length === 0 && fault === undefined) return refuse('it has no value and no fault');
  return {
    ok: true,
    reading: {
      instrument,
      kind: kind.replaceAll('_', ' '),
      at: new Date(at).toISOString(),
      simulated: simulated === 'yes',
      values,
      ...(fault !== undefined && { fault: fault.replaceAll('_', ' ') }),
    },
  };
}

/** What the page is told of all instruments at once. */
export interface ReadingsState {
  /** whether the line to the instruments stands */
  readonly connected: boolean;
  /** time of the server */
  readonly at: string;
  readonly latest: readonly Reading[];
  /** lines that were refused since the server started */
  readonly refused: number;
}
