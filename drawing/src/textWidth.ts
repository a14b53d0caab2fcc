/** Advance of characters in a wide sans-serif, as a share of the size, as recalled and rounded up; a page that has not loaded its own font yet, or a viewer, may take such a one. */
const advance: Readonly<Record<string, number>> = {
  ' ': 0.32,
  '.': 0.32,
  ',': 0.32,
  ':': 0.34,
  ';': 0.34,
  '/': 0.34,
  '-': 0.36,
  '’': 0.32,
  '(': 0.39,
  ')': 0.39,
  '²': 0.4,
  '%': 0.95,
  '×': 0.84,
  a: 0.61,
  b: 0.64,
  c: 0.55,
  d: 0.64,
  e: 0.62,
  f: 0.35,
  g: 0.64,
  h: 0.63,
  i: 0.28,
  j: 0.28,
  k: 0.58,
  l: 0.28,
  m: 0.97,
  n: 0.63,
  o: 0.61,
  p: 0.64,
  q: 0.64,
  r: 0.41,
  s: 0.52,
  t: 0.39,
  u: 0.63,
  v: 0.59,
  w: 0.82,
  x: 0.59,
  y: 0.59,
  z: 0.53,
};

/** Width of text in px, no narrower than it is drawn in the usual fonts. */
export function textWidth(text: string, sizePx: number, bold = false): number {
  const shares = [...text].reduce((sum, c) => sum + (advance[c] ?? 0.68), 0);
  return shares * sizePx * (bold ? 1.1 : 1);
}

/** Words in lines no wider than so many px. */
export function linesWithin(text: string, widthPx: number, sizePx: number, bold = false): readonly string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1);
    return last !== undefined && textWidth(`${last} ${word}`, sizePx, bold) <= widthPx ? [...lines.slice(0, -1), `${last} ${word}`] : [...lines, word];
  }, []);
}
