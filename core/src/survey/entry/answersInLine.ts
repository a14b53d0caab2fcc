import type { Ask } from '../ask.ts';
import { smallWords } from './calledKind.ts';
import type { Kind } from '../kind.ts';
import { optionOf, plainWords, readCell } from './cells.ts';
import type { Taken } from './measuresInLine.ts';
import type { NamedToken, WordToken } from './tokens.ts';
import type { UnitSystem } from '../../quantity/kind.ts';

type ChoiceAsk = Ask & { readonly ask: 'choice' };

/** Words that answer many questions and so none by themselves. */
const mute = new Set(['no', 'yes', 'unknown', 'not known', 'not known yet', 'not sure', 'none', 'nothing', 'other']);
const longest = 6;

interface Meaning {
  readonly ask: ChoiceAsk;
  readonly value: string;
  /** a whole answer or its value, not the first words of a longer one */
  readonly whole: boolean;
}

function phrasesOf(ask: ChoiceAsk): readonly (readonly [phrase: string, meaning: Meaning])[] {
  const labels = ask.options.map((o) => plainWords(o.label));
  const begun = (phrase: string) => labels.filter((l) => l.startsWith(`${phrase} `)).length;
  return ask.options.flatMap(({ value, label }) => {
    const [short, all, first] = [plainWords(value), plainWords(label), plainWords(label.split(/[,:]/)[0] ?? '')];
    // 'wall' is no answer where it goes on in two ways
    const whole = new Set([all, ...(begun(short) > 1 ? [] : [short])]);
    return [...new Set([...whole, first])].filter((p) => p !== '' && !mute.has(p)).map((p) => [p, { ask, value, whole: whole.has(p) }] as const);
  });
}

/** What each phrase answers: of one question the answer that is said whole. */
function meanings(kind: Kind): ReadonlyMap<string, readonly Meaning[]> {
  const found = new Map<string, Meaning[]>();
  for (const ask of kind.asks) {
    if (ask.ask !== 'choice') continue;
    for (const [phrase, meaning] of phrasesOf(ask)) {
      const others = found.get(phrase) ?? [];
      const same = others.find((m) => m.ask === ask);
      if (same?.whole !== true) found.set(phrase, [...others.filter((m) => m !== same || !meaning.whole), meaning]);
    }
  }
  return found;
}

/**
 * Answers that words give by themselves, the longest phrase first: `still dry`, `slab on ground`. A phrase that could answer
 * several questions answers the one that must be answered, where there is only one such.
 * @param spent places of words that said what it is: they may answer something too
 */
export function answersIn(kind: Kind, words: readonly WordToken[], spent: ReadonlySet<number>): readonly Taken[] {
  const known = meanings(kind);
  const taken: Taken[] = [];
  for (let i = 0; i < words.length;) {
    let used = 0;
    for (let n = Math.min(longest, words.length - i); n > 0 && used === 0; n--) {
      const run = words.slice(i, i + n);
      const [first] = run;
      if (!first || run.some((w, k) => w.at !== first.at + k)) continue;
      const phrase = plainWords(run.map((w) => w.text).join(' '));
      const all = known.get(phrase);
      if (!all) continue;
      // a word that says what it is in answers of what it is a part
      const part = run.every((w) => spent.has(w.at)) ? all.filter((m) => m.ask.group === 'Member') : [];
      const can = part.length > 0 ? part : all;
      const must = can.filter((m) => m.ask.required);
      const [only] = must.length === 1 ? must : can;
      if (only && (must.length === 1 || can.length === 1)) taken.push({ took: true, ask: only.ask, value: only.value, text: phrase });
      else
        taken.push({
          took: false,
          text: phrase,
          why: `It could answer ${can.map((m) => `'${m.ask.question}'`).join(' or ')}: write ${can.map((m) => `${m.ask.field}=${m.value}`).join(' or ')}.`,
        });
      used = n;
    }
    const word = words[i];
    if (used === 0 && word && !spent.has(word.at) && !smallWords.has(plainWords(word.text)))
      taken.push({ took: false, text: word.text, why: 'It is no answer to a question here, and kept as a note.' });
    i += Math.max(1, used);
  }
  return taken;
}

const sameName = (a: string, b: string) => plainWords(a).replaceAll(' ', '') === plainWords(b).replaceAll(' ', '');

/** The question that a name stands for: its field, with or without its unit, or its words. */
export function askNamed(kind: Kind, name: string): Ask | undefined {
  return (
    kind.asks.find((a) => sameName(a.field, name)) ??
    kind.asks.find((a) => sameName(a.field.replace(/(?:Mm2|Mm|Pct|C|Days)$/, ''), name)) ??
    kind.asks.find((a) => sameName(a.question, name))
  );
}

/** An answer that says to which question it is. */
export function namedAnswer(kind: Kind, { name, value }: NamedToken, units: UnitSystem): Taken {
  const text = `${name}=${value}`;
  const ask = askNamed(kind, name);
  if (!ask) return { took: false, text, why: `Nothing called '${name}' is asked of this.` };
  if (ask.ask === 'choice') {
    const option = optionOf(ask, value.replaceAll('_', ' '));
    return option === undefined
      ? { took: false, text, why: `'${value}' does not answer '${ask.question}'. It can be ${ask.options.map((o) => o.value).join(', ')}.` }
      : { took: true, ask, value: option, text };
  }
  const read = readCell(ask, value, units, false);
  return read.ok ? { took: true, ask, value: read.value, text: value } : { took: false, text, why: `${ask.question}: ${read.why}` };
}
