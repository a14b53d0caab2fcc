import type { Ask } from './ask.ts';
import type { Kind } from './kind.ts';
import { choice, is, isNot } from './questions.ts';

const open = { required: false } as const;

/** What is asked of every defect, where its kind does not ask it in words of its own; each may stay open. */
const common = [
  {
    unless: ['cause'],
    ask: choice(
      'cause',
      'Cause',
      'What caused it?',
      { shrinkage: 'shrinkage', settlement: 'settlement', load: 'load or impact', water: 'water or frost', wear: 'wear', unknown: 'not known yet' },
      open,
    ),
  },
  {
    unless: ['causeBy'],
    ask: choice(
      'causeBy',
      'Cause',
      'Who takes the cause away?',
      { gone: 'it is gone', us: 'we do', client: 'the client', other: 'another trade', nobody: 'nobody yet' },
      { ...open, when: [isNot('cause', 'unknown')] },
    ),
  },
  {
    unless: ['before', 'coated', 'filler'],
    ask: choice(
      'before',
      'After',
      'What was on it before?',
      { bare: 'nothing', paint: 'paint', coating: 'a coating', covering: 'tile, paper or another covering', patch: 'an old patch', unknown: 'not known' },
      open,
    ),
  },
  // where concrete was painted; a slab says what finish follows
  {
    unless: ['finish', 'filler'],
    on: 'concrete',
    ask: choice(
      'again',
      'After',
      'What goes over it again?',
      { none: 'nothing', paint: 'paint', film: 'a coating that closes it' },
      { ...open, when: [is('before', 'paint', 'coating')], hint: 'as it was before, where nobody says' },
    ),
  },
  // a slab has them located before it is cut
  {
    unless: ['services', 'located'],
    ask: choice('services', 'Behind', 'May services run behind?', { no: 'none', may: 'not located yet', clear: 'looked, clear', found: 'found some' }, open),
  },
  {
    unless: ['look'],
    ask: choice('look', 'After', 'How closely is it looked at?', { hidden: 'not seen', passing: 'in passing', close: 'closely, or in raking light' }, open),
  },
] as const;

/** What is said beside a question whose answer changes nothing that is planned. */
const forTheRecordWords = 'for the record: nothing planned follows from it';

/** Answers that come to the same whatever the kind: nothing behind, or looked and nothing found. */
const alikeEverywhere: Kind['alike'] = { services: [['no', 'clear']] };

/** What is said beside a question some answers of which are planned alike. */
function alikeWords(ask: Ask, groups: readonly (readonly string[])[] = []): string | undefined {
  if (ask.ask !== 'choice' || groups.length === 0) return undefined;
  const label = (value: string) => `“${ask.options.find((o) => o.value === value)?.label ?? value}”`;
  return `planned alike: ${groups.map((g) => g.map(label).join(' and ')).join('; ')}`;
}

/** A question as far as the ones before it have the answers that it depends on; none where they have none of them. */
function asThere(ask: Ask, asks: readonly Ask[]): Ask[] {
  const when = ask.when?.map((w) => {
    const on = asks.find((a) => a.field === w.field);
    return w.is && on?.ask === 'choice' ? { ...w, is: w.is.filter((v) => on.options.some((o) => o.value === v)) } : w;
  });
  if (when?.some((w) => w.is?.length === 0)) return [];
  return [{ ...ask, ...(when && { when }) }];
}

/** The kind with what is asked of every defect. */
export function withCommon(kind: Kind): Kind {
  const fields = new Set(kind.asks.map((a) => a.field));
  const missing: Ask[] = [];
  for (const c of common)
    if (!c.unless.some((field) => fields.has(field)) && (!('on' in c) || c.on === kind.surface)) missing.push(...asThere(c.ask, [...kind.asks, ...missing]));
  const kept = new Set(kind.forTheRecord);
  const alike = { ...alikeEverywhere, ...kind.alike };
  const asks = [...kind.asks, ...missing].map((a): Ask => {
    if (kept.has(a.field)) return { ...a, hint: forTheRecordWords };
    const words = alikeWords(a, alike[a.field]);
    return words === undefined ? a : { ...a, hint: [a.hint, words].filter((h) => h !== undefined).join('; ') };
  });
  return { ...kind, alike, asks };
}
