import type { AreaRecord } from '@oddment/contracts';

/** The mark of the next defect of an area: its usual letters and the next number. */
export function nextMark(area: AreaRecord): string {
  const numbered = area.defects.flatMap((d) => {
    const match = /^(.*?)(\d+)$/.exec(d.mark);
    return match ? [{ letters: match[1] ?? '', n: Number(match[2]) }] : [];
  });
  const last = numbered.sort((a, b) => a.n - b.n)[numbered.length - 1];
  if (last) return `${last.letters}${String(last.n + 1).padStart(2, '0')}`;
  const letters = area.name
    .split(/\s+/)
    .map((w) => w[0] ?? '')
    .join('')
    .toUpperCase()
    .slice(0, 3);
  return `${letters === '' ? 'A' : letters}-01`;
}
