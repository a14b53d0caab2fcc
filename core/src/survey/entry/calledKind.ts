import type { Kind, Surface } from '../kind.ts';
import { defectKinds } from '../kinds.ts';

/** What people call a kind in a few words: what it is, and what it is in. */
export interface Called {
  readonly is: readonly string[];
  readonly in: readonly string[];
}

const surfaceWords: Readonly<Record<Surface, readonly string[]>> = {
  concrete: ['concrete'],
  plaster: ['plaster'],
  drywall: ['drywall', 'board', 'plasterboard'],
  timber: ['timber', 'wood'],
  tub: ['tub', 'shower', 'basin', 'bath'],
};

/** Words that hold others together and say nothing themselves. */
export const smallWords: ReadonlySet<string> = new Set([
  'a',
  'an',
  'and',
  'at',
  'by',
  'in',
  'is',
  'it',
  'of',
  'on',
  'or',
  'over',
  'the',
  'through',
  'to',
  'with',
]);

/** A word without its plural or its ending: spalled, spalling and spalls are one. */
export function stem(word: string): string {
  const bare = word.toLowerCase().replaceAll(/[^\p{L}]/gu, '');
  const cut = bare.replace(/(?:ing|ed|es|s)$/, '');
  return cut.length >= 3 ? cut : bare;
}

/** The nouns of a kind, each a word or words that are all said, and the places. */
function calledOf(kind: Kind): { readonly is: readonly (readonly string[])[]; readonly in: readonly string[] } {
  const own = kind.called ?? { is: kind.title.split(/\s+/).filter((w) => !smallWords.has(w)), in: [] };
  return { is: own.is.map((phrase) => phrase.split(' ').map(stem)), in: [...own.in, ...surfaceWords[kind.surface]].map(stem) };
}

export type KindFound =
  | { readonly found: 'one'; readonly kind: Kind; readonly by: ReadonlySet<number>; readonly nouns: ReadonlySet<number> }
  | { readonly found: 'several'; readonly kinds: readonly Kind[] }
  | { readonly found: 'none' };

/**
 * Which kind of defect words speak of: one whose noun they say, and of those the one whose place they say too.
 * @returns with `by` the places of the words that say it, with `nouns` those that say nothing besides
 */
export function kindIn(words: readonly string[]): KindFound {
  const stems = words.map(stem);
  const said = defectKinds().map((kind) => {
    const called = calledOf(kind);
    const hits = (names: readonly string[]) => stems.flatMap((s, i) => (s !== '' && names.includes(s) ? [i] : []));
    const is = hits(called.is.filter((phrase) => phrase.every((s) => stems.includes(s))).flat());
    const place = hits(called.in.filter((s) => !is.some((i) => stems[i] === s)));
    const told = (places: readonly number[]) => new Set(places.map((i) => stems[i])).size;
    return {
      kind,
      score: is.length === 0 ? 0 : 2 * told(is) + told(place),
      by: new Set([...is, ...place]),
      nouns: new Set(is.filter((i) => !called.in.includes(stems[i] ?? ''))),
    };
  });
  const best = Math.max(...said.map((s) => s.score));
  if (best === 0) return { found: 'none' };
  const top = said.filter((s) => s.score === best);
  const [first] = top;
  return first && top.length === 1 ? { found: 'one', kind: first.kind, by: first.by, nouns: first.nouns } : { found: 'several', kinds: top.map((s) => s.kind) };
}
