import type { Outcome } from '../shelf/outcomes.ts';
import type { Kind } from './kind.ts';

/** Paints and finishes that are a film over the repair. */
const films: readonly string[] = ['flat', 'eggshell', 'gloss', 'paint'];

/** What the answers of a kind ask for: what every repair of the kind is to come to, and what color, shine, texture and paint were asked for. */
export function askedOutcomes(kind: Kind, choice: (field: string) => string | undefined): readonly Outcome[] {
  const asks = kind.asksFor?.(choice) ?? ['closed'];
  const match = choice('match');
  const texture = choice('texture');
  const film = films.includes(choice('paint') ?? (kind.surface === 'timber' ? choice('finish') : undefined) ?? '');
  return [
    ...asks,
    ...(texture !== undefined && texture !== 'smooth' ? (['texture'] as const) : []),
    ...(film ? (['painted'] as const) : []),
    ...(match === 'color' || match === 'both' ? (['color'] as const) : []),
    ...(match === 'both' ? (['gloss'] as const) : []),
  ];
}
