import { defectKinds, type Kind } from '@oddment/core';

const titleWords = (kind: Kind) => kind.title.split(' ');
const wordsOf = (kind: Kind) => [...titleWords(kind), kind.surface, ...(kind.called?.is ?? []).flatMap((w) => w.split(' ')), ...(kind.called?.in ?? [])];

/** The kinds that begun words name, those first that are called so and not only lie in such a place. */
export function kindsNamed(text: string): readonly Kind[] {
  const begun = text
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  const names = (words: readonly string[], b: string) => words.some((w) => w.startsWith(b));
  const called = (kind: Kind) => begun.filter((b) => names([...titleWords(kind), ...(kind.called?.is ?? [])], b)).length;
  return defectKinds()
    .filter((kind) => begun.every((b) => names(wordsOf(kind), b)))
    .sort((a, b) => called(b) - called(a));
}
