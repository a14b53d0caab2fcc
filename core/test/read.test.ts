import { describe, expect, it } from 'vitest';
import type { Kind } from '../src/survey/kind.ts';
import { chains } from '../src/shelf/chains.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import { defectKinds } from '../src/survey/kinds.ts';
import { choicesOf, follows, seeded, type Choice } from './follows.ts';

/** Whether any option of a question makes another plan than the others, over situations drawn at random. */
function isRead(kind: Kind, ask: Choice, random: () => number): boolean {
  const systems = [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id)).map((s) => s.id);
  for (let round = 0; round < 40; round++) {
    const others = choicesOf(kind).filter((other) => round > 0 && other.field !== ask.field && random() < 0.5);
    const around = Object.fromEntries(others.map((o) => [o.field, o.options[Math.floor(random() * o.options.length)]?.value]));
    const made = ask.options.map((o) => follows(kind, { ...around, [ask.field]: o.value }, systems[round % systems.length] ?? ''));
    if (new Set(made.filter((m) => m !== undefined)).size > 1) return true;
  }
  return false;
}

describe('every question of a kind', () => {
  it.each(defectKinds().map((kind) => [kind.id, kind] as const))('%s: is read by something, decides what else is asked, or is for the record', (_id, kind) => {
    const random = seeded(11);
    const asksMore = new Set(kind.asks.flatMap((a) => a.when ?? []).map((w) => w.field));
    const unread = choicesOf(kind)
      .filter((a) => !asksMore.has(a.field) && kind.forTheRecord?.includes(a.field) !== true)
      .filter((a) => !isRead(kind, a, random));
    expect(unread.map((a) => `${kind.id}: '${a.question}' (${a.field}) changes nothing`)).toEqual([]);
  });

  it('is for the record only where that is so', () => {
    const random = seeded(12);
    const read = defectKinds().flatMap((kind) =>
      choicesOf(kind)
        .filter((a) => kind.forTheRecord?.includes(a.field) === true && isRead(kind, a, random))
        .map((a) => `${kind.id}.${a.field}`),
    );
    expect(read).toEqual([]);
  });
});
