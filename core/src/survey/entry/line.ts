import type { UnitSystem } from '../../quantity/kind.ts';
import { tell } from '../../quantity/saying.ts';
import { knownBy, type Ask, type Fact, type LooseFacts } from '../ask.ts';
import { factProblem } from '../factProblem.ts';
import type { DefectKind } from '../kinds.ts';
import { answersIn, askNamed, namedAnswer } from './answersInLine.ts';
import { kindIn, type KindFound } from './calledKind.ts';
import { Sizes, withUnits, type Taken } from './measuresInLine.ts';
import { tokensOf, wordsOf, type MeasureToken } from './tokens.ts';

/** One thing that a line says, with the question that it answers. */
export interface Understood {
  readonly ask: Ask;
  readonly fact: Fact<unknown>;
}

/** Words of a line that could not be taken, and why. */
export interface NotTaken {
  readonly text: string;
  readonly why: string;
}

/** What a line typed quickly comes to. */
export interface QuickLine {
  readonly kind?: DefectKind;
  /** where the line does not say which of these it is */
  readonly kinds?: readonly DefectKind[];
  readonly mark?: string;
  readonly note?: string;
  readonly facts: LooseFacts;
  readonly understood: readonly Understood[];
  readonly notTaken: readonly NotTaken[];
}

const markWord = /^\p{L}{1,5}-\d{1,4}$/u;
const telling = (units: UnitSystem) => ({ units, timeZone: 'UTC' });

/** A fact out of what was taken; refused where it cannot be. */
function factOf(taken: Taken & { took: true }, units: UnitSystem, at: string): Understood | NotTaken {
  const { ask, value, text } = taken;
  const fact: Fact<unknown> = {
    value,
    how: knownBy(ask),
    at,
    ...(ask.ask === 'measure' && { text: text.slice(0, 60) }),
  };
  const problem = factProblem(ask, fact);
  return problem ? { text, why: tell(problem, telling(units)) } : { ask, fact };
}

function taken({ kind, by: spent, nouns }: KindFound & { found: 'one' }, words: readonly string[], units: UnitSystem): readonly Taken[] {
  const tokens = tokensOf(words);
  const sizes = new Sizes(kind, units);
  const measures = withUnits(tokens.filter((t): t is MeasureToken => t.is === 'measure'));
  // a word before a measure may say what is measured: `step 6mm`
  const names = new Set<number>();
  const before = ({ at }: MeasureToken): Ask | undefined => {
    const word = tokens.find((t) => t.at + t.words === at);
    const ask = word?.is === 'word' && !spent.has(word.at) ? askNamed(kind, word.text) : undefined;
    if (ask?.ask !== 'measure' || !word) return undefined;
    names.add(word.at);
    return ask;
  };
  for (const token of tokens) {
    if (token.is === 'product') sizes.product(token);
    else if (token.is === 'measure') sizes.measure(measures.find((m) => m.at === token.at) ?? token, before(token));
  }
  const named = tokens.flatMap((t) => (t.is === 'named' ? [namedAnswer(kind, t, units)] : []));
  const said = answersIn(
    kind,
    tokens.flatMap((t) => (t.is === 'word' && !names.has(t.at) && !nouns.has(t.at) ? [t] : [])),
    spent,
  );
  return [...sizes.end(), ...named, ...said];
}

/**
 * Reads a line such as `crack slab 4.2m 2 5 3mm d80 still dry`: what was found, its sizes in the order in which they are
 * asked, and answers by their words, in any order. What it cannot take is told with the reason and kept as a note; a mark
 * such as `PS-04` is a mark, and what stands after `//` is a note.
 * @param at ISO instant since which it is known
 *
 * @example
 * readQuickLine('chip tub 4x6x2 mm enamel', 'metric', '2026-06-02T12:00:00Z').kind // 'tub-chip'
 */
export function readQuickLine(line: string, units: UnitSystem, at: string): QuickLine {
  const [told = '', ...rest] = line.split('//');
  const own = rest.join('//').trim();
  const all = wordsOf(told);
  const mark = all.find((w) => markWord.test(w));
  const words = all.filter((w) => w !== mark);
  const found = kindIn(words);
  const head = { ...(mark !== undefined && { mark }), facts: {}, understood: [], notTaken: [] };
  if (found.found !== 'one') return { ...head, ...(own !== '' && { note: own }), ...(found.found === 'several' && { kinds: found.kinds.map((k) => k.id) }) };
  const read = taken(found, words, units).map((t) => (t.took ? factOf(t, units, at) : { text: t.text, why: t.why }));
  const notTaken = read.filter((r): r is NotTaken => 'why' in r);
  const understood: Understood[] = [];
  for (const one of read) {
    if ('why' in one) continue;
    if (understood.some((u) => u.ask.field === one.ask.field)) notTaken.push({ text: String(one.fact.value), why: `'${one.ask.question}' is answered twice.` });
    else understood.push(one);
  }
  const note = [own, ...notTaken.map((n) => n.text)].filter((w) => w !== '').join(' ');
  return {
    ...head,
    kind: found.kind.id,
    facts: Object.fromEntries(understood.map(({ ask, fact }) => [ask.field, fact])),
    understood,
    notTaken,
    ...(note !== '' && { note }),
  };
}
