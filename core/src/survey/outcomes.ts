import type { Outcome } from '../shelf/outcomes.ts';
import type { Kind } from './kind.ts';

/** Paints and finishes that are a film over the repair. */
const films: readonly string[] = ['flat', 'eggshell', 'gloss', 'paint'];

/** What goes over concrete again: as it was before, where nobody says. */
export function goesOver(choice: (field: string) => string | undefined): 'none' | 'paint' | 'film' {
  const [before, again] = [choice('before'), choice('again')];
  // a slab says what finish follows
  if ((before !== 'paint' && before !== 'coating') || choice('finish') !== undefined) return 'none';
  return again === 'none' || again === 'paint' || again === 'film' ? again : before === 'paint' ? 'paint' : 'film';
}

/** What the answers of a kind ask for: what every repair of the kind is to come to, and what color, shine, texture and paint were asked for. */
export function askedOutcomes(kind: Kind, choice: (field: string) => string | undefined): readonly Outcome[] {
  const asks = kind.asksFor?.(choice) ?? ['closed'];
  const match = choice('match');
  const texture = choice('texture');
  // painted as before it is done by the way, where nobody asked
  const again = ['paint', 'film'].includes(choice('again') ?? '');
  const film = again || films.includes(choice('paint') ?? (kind.surface === 'timber' ? choice('finish') : undefined) ?? '');
  return [
    ...asks,
    ...(choice('claim') === 'restore-strength' ? (['carries'] as const) : []),
    ...(texture !== undefined && texture !== 'smooth' ? (['texture'] as const) : []),
    ...(film ? (['painted'] as const) : []),
    ...(match === 'color' || match === 'both' ? (['color'] as const) : []),
    ...(match === 'both' ? (['gloss'] as const) : []),
  ];
}
