import { Ledger } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { knowings, type Ask, type Station } from './ask.ts';

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

const factKeys = ['value', 'how', 'at', 'text'];
const stationKeys = ['atMm', 'widthMm', 'text'];
const longestText = 60;
const mostStations = 200;

/** Text that a database can keep: no null character, no half of a surrogate pair. */
export const storableText = /^[^\0\p{Surrogate}]*$/u;

/** 'X is A; it must lie between B and C', with the figures as figures. */
export function rangeSaying(what: string, kind: QuantityKind, value: number, min: number, max: number): Saying {
  const ledger = new Ledger();
  const figure = (v: number) => ledger.assumed(what, kind, v, 'judgement');
  return say`${what}: ${figure(value)} cannot be. It must lie between ${figure(min)} and ${figure(max)}.`;
}

function inRange(value: unknown, min: number, max: number): value is number {
  return typeof value === 'number' && Number.isFinite(value) && atLeast(value, min) && atMost(value, max);
}

function unknownKey(record: Record<string, unknown>, known: readonly string[]): string | undefined {
  return Object.keys(record).find((key) => !known.includes(key));
}

function textProblem(text: unknown): Saying | undefined {
  if (text === undefined) return undefined;
  return typeof text === 'string' && text.length <= longestText && storableText.test(text) ? undefined : say`The text as typed must be a short text, or left out.`;
}

function stationsProblem(ask: Ask & { ask: 'stations' }, value: unknown): Saying | undefined {
  if (!Array.isArray(value) || value.length === 0) return say`${ask.question}: it needs at least one measured width.`;
  if (value.length > mostStations) return say`${ask.question}: there are more than ${String(mostStations)} of them. Split the crack.`;
  for (const [i, one] of (value as unknown[]).entries()) {
    const place = `Width ${String(i + 1)}`;
    if (!isRecord(one)) return say`${place} must have a place along the crack and a width.`;
    const odd = unknownKey(one, stationKeys);
    if (odd !== undefined) return say`${place} has a part '${odd}' that is not known here.`;
    const { atMm, widthMm, text } = one as Partial<Record<keyof Station, unknown>>;
    if (!inRange(atMm, 0, 500_000)) return say`${place}: its place along the crack must be a length from its start.`;
    if (typeof widthMm !== 'number' || !Number.isFinite(widthMm)) return say`${place} must be a number.`;
    if (!inRange(widthMm, ask.min, ask.max)) return rangeSaying(place, 'crackWidth', widthMm, ask.min, ask.max);
    const bad = textProblem(text);
    if (bad) return bad;
  }
  return undefined;
}

/**
 * What is wrong with a fact, on its own, as a sentence that says what would be right; nothing if it can stand.
 * @param fact anything that came over the wire or out of a file
 */
export function factProblem(ask: Ask, fact: unknown): Saying | undefined {
  if (!isRecord(fact)) return say`${ask.question}: a fact has a value, how it is known, and since when.`;
  const odd = unknownKey(fact, factKeys);
  if (odd !== undefined) return say`${ask.question}: a fact has no part '${odd}'. It has a value, how it is known, and since when.`;
  if (!(knowings as readonly unknown[]).includes(fact['how'])) return say`${ask.question}: how it is known must be one of ${knowings.join(', ')}.`;
  const at = fact['at'];
  if (typeof at !== 'string' || !/^\d{4}-\d{2}-\d{2}T[\d:.]+(Z|[+-]\d{2}:\d{2})$/.test(at) || Number.isNaN(Date.parse(at))) {
    return say`${ask.question}: since when it is known must be a date and time with its zone.`;
  }
  const badText = textProblem(fact['text']);
  if (badText) return badText;
  const value = fact['value'];
  switch (ask.ask) {
    case 'measure':
      if (typeof value !== 'number' || !Number.isFinite(value)) return say`${ask.question}: it must be a number.`;
      return inRange(value, ask.min, ask.max) ? undefined : rangeSaying(ask.question, ask.kind, value, ask.min, ask.max);
    case 'choice':
      return ask.options.some((o) => o.value === value) ? undefined : say`${ask.question}: '${String(value)}' is not an answer. It can be ${ask.options.map((o) => o.value).join(', ')}.`;
    case 'stations':
      return stationsProblem(ask, value);
  }
}
