import type { Ask, Fact, LooseFacts, OutlinePoint, Traced, TracedWidth, UnitSystem } from '@oddment/core';
import { show } from '@oddment/core';

const roundTo = (value: number, step: number) => Number((Math.round(value / step) * step).toFixed(6));

/** A measure read off a photo, with how far it may be off. */
export function tracedText({ value, tolerance }: Traced, kind: 'length' | 'area', units: UnitSystem): string {
  return `${show({ value, kind }, units).text} ± ${show({ value: tolerance, kind }, units).text}`;
}

/** The facts that a traced line gives, of those that are asked: its length, and the widths that could be told. */
export function lineFacts(asks: readonly Ask[], length: Traced, widths: readonly TracedWidth[], at: string): LooseFacts {
  const fact = (value: unknown): Fact<unknown> => ({ value, how: 'measured', at, text: 'from a photo' });
  const lengthMm = roundTo(length.value, 1);
  const clear = widths.filter((w) => w.clear && w.atMm <= lengthMm).map((w) => ({ atMm: roundTo(w.atMm, 1), widthMm: roundTo(w.widthMm, 0.1) }));
  const plain = ({ text: _text, ...rest }: Fact<unknown>): Fact<unknown> => rest;
  return {
    // a text would be shown in place of the measure: it stands only where the value has none of its own
    ...(asks.some((a) => a.field === 'lengthMm') && { lengthMm: plain(fact(lengthMm)) }),
    ...(asks.some((a) => a.field === 'widths' && a.ask === 'stations') && clear.length > 0 && { widths: fact(clear) }),
  };
}

/** The fact that a traced outline gives, where an outline is asked. */
export function outlineFact(asks: readonly Ask[], points: readonly OutlinePoint[], at: string): LooseFacts {
  return asks.some((a) => a.field === 'outline') ? { outline: { value: { points }, how: 'measured', at, text: 'from a photo' } } : {};
}
