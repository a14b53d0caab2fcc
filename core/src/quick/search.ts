/** The words of what is typed to find something, as they are compared. */
export const searchWords = (typed: string): readonly string[] =>
  typed
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');

/** Whether all words stand in the texts, whatever their case; without words they do. */
export function hasWords(words: readonly string[], ...texts: readonly string[]): boolean {
  const text = texts.join(' ').toLowerCase();
  return words.every((w) => text.includes(w.toLowerCase()));
}
