import { parseMeasure } from '../../quantity/parse.ts';
import type { UnitSystem } from '../../quantity/kind.ts';
import type { Ask, Station } from '../ask.ts';
import type { Kind } from '../kind.ts';
import type { Dimension, MeasureToken, ProductToken } from './tokens.ts';

/** A question that a part of a line answers, with the value and how it was typed; or why it answers none. */
export type Taken =
  | { readonly took: true; readonly ask: Ask; readonly value: unknown; readonly text: string }
  | { readonly took: false; readonly text: string; readonly why: string };

const fields: Readonly<Record<Dimension, readonly string[]>> = {
  depth: ['depthMm', 'sagMm'],
  width: ['widthMm'],
  height: ['heightMm'],
  length: ['lengthMm'],
  thickness: ['slabMm', 'wallMm', 'thicknessMm', 'sectionMm', 'boardMm', 'shellMm'],
  cover: ['coverMm'],
};

// 6-3 is feet and inches and needs none
const hasUnit = (text: string) => /[a-z%"'”″’′]\s*$/i.test(text) || /^\d+-\d/.test(text);
const unitOf = (text: string) => /[a-z%"'”″’′]+$/i.exec(text)?.[0] ?? '';

/** Widths spread evenly over a line, the first at its start and the last at its end. */
function spread(widths: readonly { readonly mm: number; readonly text: string }[], lengthMm: number | undefined): readonly Station[] {
  const last = widths.length - 1;
  return widths.map(({ mm, text }, i) => ({ atMm: last === 0 ? 0 : lengthMm === undefined ? i * 1000 : (i * lengthMm) / last, widthMm: mm, text }));
}

/** Takes the measures of a line as the sizes of a kind, in the order in which they are asked. */
export class Sizes {
  readonly taken: Taken[] = [];
  readonly #kind: Kind;
  readonly #units: UnitSystem;
  readonly #done = new Set<string>();
  #widths: { readonly mm: number; readonly text: string }[] = [];
  #lengthMm: number | undefined;

  constructor(kind: Kind, units: UnitSystem) {
    this.#kind = kind;
    this.#units = units;
  }

  #ask(field: string): Ask | undefined {
    return this.#kind.asks.find((a) => a.field === field);
  }

  /** The next size that is not told yet. */
  #next(): Ask | undefined {
    return this.#kind.asks.find((a) => a.group === 'Size' && a.ask === 'measure' && a.kind !== 'area' && a.kind !== 'count' && !this.#done.has(a.field));
  }

  /** What can be measured of it, in words. */
  #sizes(): string {
    const asked = this.#kind.asks.filter((a) => a.group === 'Size' && a.ask !== 'choice' && a.ask !== 'text');
    return `Its sizes are: ${asked.map((a) => a.question.toLowerCase()).join(', ')}.`;
  }

  #noneLeft(): string {
    return `There is no size left that it could be. ${this.#sizes()}`;
  }

  #put(ask: Ask, value: unknown, text: string): void {
    this.#done.add(ask.field);
    if (ask.field === 'lengthMm') this.#lengthMm = value as number;
    this.taken.push({ took: true, ask, value, text });
  }

  #refuse(text: string, why: string): void {
    this.taken.push({ took: false, text, why });
  }

  #measure(ask: Ask, text: string): void {
    if (ask.ask !== 'measure') return;
    const read = parseMeasure(text, ask.kind, this.#units);
    if (read.ok) this.#put(ask, read.value, text);
    else this.#refuse(text, `${ask.question}: ${read.why}`);
  }

  /**
   * Measures that say of what they are, or stand one by one: a crack's length first, then its widths.
   * @param named the question that the word before it names
   */
  measure({ text, of }: MeasureToken, named?: Ask): void {
    if (named && !this.#done.has(named.field)) {
      this.#measure(named, text);
      return;
    }
    if (text.endsWith('%')) {
      const percent = this.#kind.asks.find((a) => a.ask === 'measure' && a.kind === 'percent');
      if (percent) this.#measure(percent, text);
      else this.#refuse(text, `Nothing here is measured in percent. ${this.#sizes()}`);
      return;
    }
    const stations = this.#ask('widths');
    if (of) {
      const ask = fields[of].map((f) => this.#ask(f)).find((a) => a !== undefined);
      if (ask && !this.#done.has(ask.field)) this.#measure(ask, text);
      else if (of === 'width' && stations) this.#width(text);
      else this.#refuse(text, ask ? `${ask.question} is said twice.` : `No ${of} is asked of this. ${this.#sizes()}`);
      return;
    }
    const outline = this.#ask('outline');
    if (outline && !this.#done.has('outline')) {
      this.product({ texts: [text, text] }, 'ellipse');
      return;
    }
    const next = this.#next();
    if (stations && next?.field !== 'lengthMm') this.#width(text);
    else if (next) this.#measure(next, text);
    else this.#refuse(text, this.#noneLeft());
  }

  #width(text: string): void {
    const read = parseMeasure(text, 'crackWidth', this.#units);
    if (read.ok) this.#widths.push({ mm: read.value, text });
    else this.#refuse(text, `Width: ${read.why}`);
  }

  /** Sizes one by the other: the outline and what is deep, or one size after the other. */
  product({ texts }: Pick<ProductToken, 'texts'>, is: 'rectangle' | 'ellipse' = 'rectangle'): void {
    const outline = this.#ask('outline');
    const [across = '', down = '', ...rest] = texts;
    if (!outline || this.#done.has('outline')) {
      for (const text of texts) {
        const next = this.#next();
        if (next) this.#measure(next, text);
        else this.#refuse(text, this.#noneLeft());
      }
      return;
    }
    const [width, height] = [across, down].map((t) => parseMeasure(t, 'depth', this.#units));
    if (width?.ok && height?.ok)
      this.#put(outline, { shape: { is, widthMm: width.value, heightMm: height.value } }, is === 'ellipse' ? across : `${across} by ${down}`);
    else
      this.#refuse(texts.join(' x '), [width, height].flatMap((read) => (read?.ok === false ? [read.why] : []))[0] ?? 'It needs two sizes, such as 300x200.');
    const depth = this.#ask('depthMm') ?? this.#next();
    for (const text of rest) {
      if (depth && !this.#done.has(depth.field)) this.#measure(depth, text);
      else this.#refuse(text, this.#noneLeft());
    }
  }

  /** Sets what was told along the line in its places. */
  end(): readonly Taken[] {
    const stations = this.#ask('widths');
    if (stations && this.#widths.length > 0) this.#put(stations, spread(this.#widths, this.#lengthMm), this.#widths.map((w) => w.text).join(', '));
    this.#widths = [];
    return this.taken;
  }
}

/** Gives numbers without a unit the unit of the next one that has one, where they stand in a row: `2 5 3mm`. */
export function withUnits(tokens: readonly MeasureToken[]): readonly MeasureToken[] {
  const done = [...tokens];
  for (let i = done.length - 2; i >= 0; i--) {
    const [one, next] = [done[i], done[i + 1]];
    if (one && next && one.of === next.of && !hasUnit(one.text) && hasUnit(next.text) && next.at === one.at + one.words)
      done[i] = { ...one, text: `${one.text} ${unitOf(next.text)}` };
  }
  return done;
}
