import { crossesItself, type OutlinePoint } from '../geometry/outline.ts';
import { tappingLimits } from '../geometry/tapping.ts';
import { Ledger } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { knowings, type Ask, type Station } from './ask.ts';

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

const textsOfFact = ['text', 'instrument', 'asIn', 'usualIn'];
const factKeys = ['value', 'how', 'at', ...textsOfFact];
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
  return typeof text === 'string' && text.length <= longestText && storableText.test(text)
    ? undefined
    : say`The text as typed must be a short text, or left out.`;
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

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);
const shapes: readonly unknown[] = ['rectangle', 'ellipse', 'triangle', 'l-shape'];
const mostCorners = 60;
const mostLines = 30;

function shapeProblem(ask: Ask & { ask: 'outline' }, value: unknown): Saying | undefined {
  if (!isRecord(value) || !shapes.includes(value['is'])) return say`${ask.question}: its shape must be a rectangle, an ellipse, a triangle or an L.`;
  const sizes = value['is'] === 'l-shape' ? ['widthMm', 'heightMm', 'armWidthMm', 'armHeightMm'] : ['widthMm', 'heightMm'];
  const odd = unknownKey(value, ['is', ...sizes]);
  if (odd !== undefined) return say`${ask.question}: its shape has no part '${odd}'.`;
  for (const size of sizes) {
    const given = value[size];
    if (!isNumber(given)) return say`${ask.question}: every dimension of its shape must be a number.`;
    if (!inRange(given, ask.min, ask.max)) return rangeSaying(ask.question, 'length', given, ask.min, ask.max);
  }
  const { widthMm, heightMm, armWidthMm = 0, armHeightMm = 0 } = value as Record<string, number>;
  const withinIt = armWidthMm < (widthMm ?? 0) && armHeightMm < (heightMm ?? 0);
  return value['is'] !== 'l-shape' || withinIt ? undefined : say`${ask.question}: the arms of an L must be narrower than the whole.`;
}

function outlineProblem(ask: Ask & { ask: 'outline' }, value: unknown): Saying | undefined {
  if (!isRecord(value)) return say`${ask.question}: an outline is a shape with its dimensions, or its corners.`;
  const odd = unknownKey(value, ['shape', 'points']);
  if (odd !== undefined) return say`${ask.question}: an outline has no part '${odd}'.`;
  if ('shape' in value === 'points' in value) return say`${ask.question}: an outline is either a shape or its corners.`;
  if ('shape' in value) return shapeProblem(ask, value['shape']);
  const points = value['points'];
  if (!Array.isArray(points) || points.length < 3) return say`${ask.question}: an outline needs three corners at least.`;
  if (points.length > mostCorners) return say`${ask.question}: there are more than ${String(mostCorners)} corners. Leave some out, or split it.`;
  const bad = points.findIndex(
    (p: unknown) =>
      !isRecord(p) || unknownKey(p, ['xMm', 'yMm']) !== undefined || !inRange(p['xMm'], -ask.max, ask.max) || !inRange(p['yMm'], -ask.max, ask.max),
  );
  if (bad >= 0) return say`${ask.question}: corner ${String(bad + 1)} must have a place across and a place down.`;
  if (crossesItself(points as readonly OutlinePoint[])) return say`${ask.question}: its line crosses itself. Walk around it once, corner by corner.`;
  return undefined;
}

const rises = (places: readonly number[]) => places.every((p, i) => i === 0 || p > (places[i - 1] ?? p));

function depthGridProblem(ask: Ask & { ask: 'depth-grid' }, value: unknown): Saying | undefined {
  if (!isRecord(value) || unknownKey(value, ['xMm', 'yMm', 'depthMm']) !== undefined)
    return say`${ask.question}: a grid has places across, places down, and a depth at each crossing.`;
  const { xMm, yMm, depthMm } = value;
  for (const places of [xMm, yMm]) {
    if (!Array.isArray(places) || places.length < 2 || places.length > mostLines || !places.every((p) => inRange(p, 0, 100_000)))
      return say`${ask.question}: it needs from two to ${String(mostLines)} places each way, counted from one corner.`;
    if (!rises(places)) return say`${ask.question}: its places must go up, each beyond the one before.`;
  }
  const [columns, rows] = [(xMm as number[]).length, (yMm as number[]).length];
  if (!Array.isArray(depthMm) || depthMm.length !== rows || !depthMm.every((row: unknown) => Array.isArray(row) && row.length === columns))
    return say`${ask.question}: there must be one depth at every crossing.`;
  const wrong = (depthMm as unknown[][]).flat().find((d) => !inRange(d, 0, ask.max));
  if (wrong === undefined) return undefined;
  return isNumber(wrong) ? rangeSaying(ask.question, 'depth', wrong, 0, ask.max) : say`${ask.question}: every depth must be a number.`;
}

function tappingProblem(ask: Ask, value: unknown): Saying | undefined {
  if (!isRecord(value) || unknownKey(value, ['cellMm', 'rows']) !== undefined) return say`${ask.question}: a map has the side of a cell, and its rows.`;
  const { cellMm, rows } = value;
  const { side, cellMinMm, cellMaxMm } = tappingLimits;
  if (!isNumber(cellMm)) return say`${ask.question}: the side of a cell must be a number.`;
  if (!inRange(cellMm, cellMinMm, cellMaxMm)) return rangeSaying(`${ask.question}, side of a cell`, 'length', cellMm, cellMinMm, cellMaxMm);
  if (!Array.isArray(rows) || rows.length === 0 || rows.length > side)
    return say`${ask.question}: it needs from one to ${String(side)} rows. Take larger cells, or split it.`;
  const width = typeof rows[0] === 'string' ? rows[0].length : 0;
  if (width === 0 || width > side || !rows.every((row) => typeof row === 'string' && row.length === width && /^[hs.]+$/.test(row)))
    return say`${ask.question}: every row has as many cells, up to ${String(side)}, each hollow, sound or not tapped.`;
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
  const badText = textsOfFact.map((part) => textProblem(fact[part])).find((problem) => problem !== undefined);
  if (badText) return badText;
  const value = fact['value'];
  switch (ask.ask) {
    case 'measure':
      if (typeof value !== 'number' || !Number.isFinite(value)) return say`${ask.question}: it must be a number.`;
      return inRange(value, ask.min, ask.max) ? undefined : rangeSaying(ask.question, ask.kind, value, ask.min, ask.max);
    case 'choice':
      return ask.options.some((o) => o.value === value)
        ? undefined
        : say`${ask.question}: '${String(value)}' is not an answer. It can be ${ask.options.map((o) => o.value).join(', ')}.`;
    case 'stations':
      return stationsProblem(ask, value);
    case 'outline':
      return outlineProblem(ask, value);
    case 'depth-grid':
      return depthGridProblem(ask, value);
    case 'tapping':
      return tappingProblem(ask, value);
    case 'text':
      return typeof value === 'string' && value.length <= ask.most && storableText.test(value)
        ? undefined
        : say`${ask.question}: it must be a short text of letters and signs that can be kept.`;
  }
}
