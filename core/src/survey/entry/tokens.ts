import { plainMarks } from '../../quantity/spoken.ts';

/** A part of a line: where its words begin among the words of the line, and how many they are. */
interface Part {
  readonly at: number;
  readonly words: number;
}

/** Something measured, as typed, with the letter or word that says what: `d80`, `80 mm deep`. */
export interface MeasureToken extends Part {
  readonly is: 'measure';
  readonly text: string;
  readonly of?: Dimension;
}

/** Sizes one by the other: `300x200x25 mm`. */
export interface ProductToken extends Part {
  readonly is: 'product';
  readonly texts: readonly string[];
}

/** An answer with the question that it is to: `located=clear`. */
export interface NamedToken extends Part {
  readonly is: 'named';
  readonly name: string;
  readonly value: string;
}

export interface WordToken extends Part {
  readonly is: 'word';
  readonly text: string;
}

export type Token = MeasureToken | ProductToken | NamedToken | WordToken;

export type Dimension = 'depth' | 'width' | 'height' | 'length' | 'thickness' | 'cover';

const letters: Readonly<Record<string, Dimension>> = { d: 'depth', w: 'width', h: 'height', l: 'length', t: 'thickness', c: 'cover' };
const spoken: Readonly<Record<string, Dimension>> = {
  deep: 'depth',
  depth: 'depth',
  wide: 'width',
  width: 'width',
  high: 'height',
  height: 'height',
  long: 'length',
  length: 'length',
  thick: 'thickness',
  thickness: 'thickness',
  cover: 'cover',
};

const number = String.raw`(?:\d+(?:[.,]\d+)?(?:-\d+/\d+)?|[.,]\d+|\d+/\d+)`;
const unit = String.raw`(?:mm|cm|m|inch|inches|in|ft|feet|mils?|ml|l|%|"|”|″|'|’|′)`;
const one = new RegExp(String.raw`^([dwhltc])?(${number})(${unit})?$`, 'i');
// `5'6"`, and `6-3` as people read it off a tape in feet
const feet = /^([dwhltc])?(\d+['’′]-?\d+(?:-?\d+\/\d+)?["”″]?|\d+-\d{1,2}(?:-\d+\/\d+)?)$/i;
const unitAlone = new RegExp(`^${unit}$`, 'i');
const fraction = new RegExp(String.raw`^\d+/\d+(${unit})?$`, 'i');
const products = new RegExp(String.raw`^${number}${unit}?(?:[x×]${number}${unit}?)+$`, 'i');
const inches = /^\d+(?:-\d+\/\d+)?["”″]?$/;
const named = /^([\p{L}][\p{L}\p{N}-]*)=(\S+)$/u;

/** The words of a line: what stands between spaces, without the marks at their ends. */
export const wordsOf = (line: string): readonly string[] =>
  plainMarks(line)
    // `12 x 8` and `12x8` are one
    .replaceAll(/(\d["'”″’′]?|\d\s?(?:mm|cm|m|in|ft))\s+(?:x|×|by)\s+(?=\d)/gi, '$1x')
    .split(/\s+/)
    .map((w) => w.replace(/[,;:]+$/, ''))
    .filter((w) => w !== '');

const has = (text: string) => new RegExp(`${unit}$`, 'i').test(text);

/** A measure that begins at a word: as many words as belong to it. */
function measureAt(words: readonly string[], at: number): MeasureToken | undefined {
  const word = words[at] ?? '';
  const match = feet.exec(word) ?? one.exec(word);
  if (!match) return undefined;
  let text = match[2] ?? '';
  if (match[3] !== undefined) text += match[3];
  let used = 1;
  const next = () => words[at + used] ?? '';
  if (/^\d+$/.test(text) && fraction.test(next())) text = `${text} ${words[at + used++] ?? ''}`;
  if (/['’′]$/.test(text) && inches.test(next())) text = `${text} ${words[at + used++] ?? ''}`;
  if (!has(text) && unitAlone.test(next())) text = `${text} ${words[at + used++] ?? ''}`;
  const letter = match[1]?.toLowerCase();
  const after = spoken[next().toLowerCase()];
  const of = letter !== undefined ? letters[letter] : after;
  if (letter === undefined && after) used += 1;
  return { is: 'measure', text, at, words: used, ...(of && { of }) };
}

function productAt(words: readonly string[], at: number): ProductToken | undefined {
  const word = words[at] ?? '';
  if (!products.test(word)) return undefined;
  const next = words[at + 1] ?? '';
  const alone = !has(word) && unitAlone.test(next);
  const texts = (alone ? word + next : word).split(/[x×]/i);
  const last = new RegExp(`${unit}$`, 'i').exec(texts[texts.length - 1] ?? '')?.[0] ?? '';
  // a unit behind the last is that of all that have none
  return { is: 'product', texts: texts.map((t) => (has(t) ? t : t + last)), at, words: alone ? 2 : 1 };
}

/** The parts of a line, in order. */
export function tokensOf(words: readonly string[]): readonly Token[] {
  const found: Token[] = [];
  for (let at = 0; at < words.length;) {
    const word = words[at] ?? '';
    const said = spoken[word.toLowerCase()];
    const told = said && measureAt(words, at + 1);
    const name = named.exec(word);
    const token: Token =
      told && told.of === undefined
        ? { ...told, at, words: told.words + 1, of: said }
        : (productAt(words, at) ??
          measureAt(words, at) ??
          (name ? { is: 'named', name: name[1] ?? '', value: name[2] ?? '', at, words: 1 } : { is: 'word', text: word, at, words: 1 }));
    found.push(token);
    at += token.words;
  }
  return found;
}
