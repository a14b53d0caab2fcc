import { cementWait, resinWait } from '../cure/reaction.ts';
import { visitsTogether } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import type { Auxiliary } from '../shelf/auxiliaries/auxiliary.ts';
import { chains, type Chain } from '../shelf/chains.ts';
import { readyFor, type Grade, type PatchSystem } from '../shelf/patchSystem.ts';
import { matchRules } from './rules.ts';
import { auxiliaryTemperature } from './rules/temperature.ts';
import { leftOpenVerdict, openAfter } from './rules/leftOpen.ts';
import { aloneVerdict, said, workVerdict } from './rules/work.ts';
import type { JudgedSize, Subject } from './subject.ts';
import type { Rule, Verdict } from './verdict.ts';

/** A system judged: its grade, every verdict, the size judged, and what it would cost in time and visits. */
export interface Candidate<S extends JudgedSize = JudgedSize> {
  readonly system: PatchSystem;
  /** systems that do it together, in their order; absent where one does it alone */
  readonly chain?: readonly PatchSystem[];
  readonly grade: Grade;
  readonly verdicts: readonly Verdict[];
  /** the verdicts below 'fits', the deciding one first */
  readonly against: readonly Verdict[];
  /** absent where it is for other work: then nothing else of it is asked */
  readonly size?: S;
  /** from placing to use, at this temperature; absent where the ground is outside its window */
  readonly ready?: Figure;
  readonly visits?: Figure;
  /** why it stands before others that fit as well, where somebody took a side: the question and the side */
  readonly favored?: string;
}

/** Whether a system is for other work: it is told in a list of its own, and nothing else of it was asked. */
export function isOtherWork({ grade, verdicts }: Candidate): boolean {
  return grade === 'out' && verdicts.length === 1;
}

/** What fits goes before what takes care, and that before what is ruled out. */
export const gradeWeight: Readonly<Record<Grade, number>> = { out: 2, care: 1, fits: 0 };

/** How far a system is from fitting: the reasons that rule it out, then by how much. */
function distance(c: Candidate): number {
  return c.against.reduce((sum, v) => sum + (v.grade === 'out' ? 100 + 10 * Math.min(v.excess, 50) : 1), 0);
}

/** How much of what was asked it leaves to be done: what is out is told by how far it is out. */
export function leaves({ grade, against }: Candidate): number {
  return grade === 'out' ? 0 : (against.find((v) => v.rule === 'left-open')?.excess ?? 0);
}

/** Of two that fit alike the one in fewer visits goes first, then the one that is in use sooner. */
function cost({ visits, ready }: Candidate): number {
  return (visits?.value ?? 0) * 1e6 + (ready?.value ?? 0);
}

/** A wait of a system at a temperature, by its own cure model. */
export function systemWait(ledger: Ledger, system: PatchSystem, waitAt23Min: Figure, temperatureC: Figure, label: string): Figure {
  if (system.cure.by === 'as-stated') return waitAt23Min;
  const activation = ledger.sourced(system.cure.activation);
  return system.cure.by === 'arrhenius'
    ? ledger.compute(resinWait, { waitAt23Min, temperatureC, activationKjMol: activation }, label)
    : ledger.compute(cementWait, { waitAt23Min, temperatureC, activationK: activation }, label);
}

/** Judges one system on a defect of a kind that it is for. */
export function judge<S extends JudgedSize>(
  ledger: Ledger,
  subject: Subject,
  system: PatchSystem,
  sizeOf: (system: PatchSystem) => S,
  people: 1 | 2,
  completed?: PatchSystem,
): Candidate<S> {
  const size = sizeOf(system);
  return graded(ledger, subject, system, size, [
    workVerdict(subject, system),
    ...leftOpenVerdict(subject, system, completed),
    ...(aloneVerdict(subject, system) ?? []),
    ...rulesOn(ledger, subject, system, size, people),
  ]);
}

// most of a shelf is for other work, the same for every defect of a kind
const others = new WeakMap<readonly PatchSystem[], Map<string, readonly Candidate<never>[]>>();

/** The systems of a shelf that are for other work than a kind, those on the same surface first. Nothing else of them is asked. */
function otherWork(subject: Subject, shelf: readonly PatchSystem[]): readonly Candidate<never>[] {
  const byKind = others.get(shelf) ?? new Map<string, readonly Candidate<never>[]>();
  others.set(shelf, byKind);
  let found = byKind.get(subject.kind);
  if (!found) {
    found = shelf
      .filter((s) => !s.suits.includes(subject.kind))
      .map((system): Candidate<never> => {
        const only = [workVerdict(subject, system)];
        return { system, grade: 'out', verdicts: only, against: only };
      })
      .sort((x, y) => distance(x) - distance(y));
    byKind.set(subject.kind, found);
  }
  return found;
}

const asked = new WeakMap<PatchSystem, readonly Rule[]>();

/** The rules that a system has anything to say to. */
function rulesOf(system: PatchSystem): readonly Rule[] {
  const known = asked.get(system);
  if (known) return known;
  const own = matchRules.filter((rule) => rule.aspect === undefined || system.remarks[rule.aspect] !== undefined);
  asked.set(system, own);
  return own;
}

/** Every rule on one system, but for those that it is not held to here. */
function rulesOn(ledger: Ledger, subject: Subject, system: PatchSystem, size: JudgedSize, people: 1 | 2, lifted: readonly string[] = []): Verdict[] {
  const matter = { ledger, subject, system, size, people };
  const verdicts: Verdict[] = [];
  // a plain loop: it runs for every rule on every system of every defect
  for (const rule of rulesOf(system)) {
    if (lifted.length > 0 && lifted.includes(rule.id)) continue;
    const verdict = rule.judge(matter);
    if (verdict) verdicts.push(verdict);
  }
  return verdicts;
}

function graded<S extends JudgedSize>(
  ledger: Ledger,
  subject: Subject,
  system: PatchSystem,
  size: S,
  verdicts: readonly Verdict[],
  members?: readonly PatchSystem[],
): Candidate<S> {
  const against = verdicts.filter((v) => v.grade !== 'fits').sort((a, b) => gradeWeight[b.grade] - gradeWeight[a.grade]);
  const grade = against[0]?.grade ?? 'fits';
  const tooCold = against.some((v) => v.rule === 'temperature');
  const traffic = subject.answers.traffic?.value;
  return {
    system,
    grade,
    verdicts,
    against,
    size,
    ...(!tooCold && { ready: systemWait(ledger, system, ledger.sourced(readyFor(system, traffic)), subject.slabC, 'In use after') }),
    visits:
      members && members.length > 1 ? ledger.compute(visitsTogether, { count: members.map((m) => ledger.sourced(m.visits)) }) : ledger.sourced(system.visits),
  };
}

/** A combination as one system: what it is called and is for; its size, times and limits are those of its members. */
function combined({ id, title, work, suits, before }: Chain, members: readonly PatchSystem[], last: PatchSystem): PatchSystem {
  const visits = members.reduce((sum, m) => sum + m.visits.value, 0);
  return {
    ...last,
    id,
    title,
    work,
    suits,
    chemistry: [...auxiliaries.filter((a) => before?.includes(a.id)), ...members].map((m) => m.title).join(', then '),
    visits: { ...last.visits, value: visits },
    gives: [...new Set(members.flatMap((m) => m.gives))],
    opens: [...new Set(members.flatMap((m) => m.opens ?? []))],
  };
}

/** A combination that suits a kind, with its members as they stand on a shelf. */
interface Combination {
  readonly chain: Chain;
  readonly members: readonly PatchSystem[];
  readonly before: readonly Auxiliary[];
  readonly system: PatchSystem;
}

/** What a shelf has for a kind: the systems that suit it, and the combinations whose members are all there. */
interface Suited {
  readonly systems: readonly PatchSystem[];
  readonly combinations: readonly Combination[];
}

function combination(chain: Chain, shelf: readonly PatchSystem[]): Combination | undefined {
  // a product of the firm takes the place of the system that it was copied from
  const members = chain.members.flatMap((id) => shelf.find((s) => s.basedOn === id) ?? shelf.find((s) => s.id === id) ?? []);
  const last = members[members.length - 1];
  if (!last || members.length < chain.members.length) return undefined;
  return { chain, members, before: auxiliaries.filter((a) => chain.before?.includes(a.id)), system: combined(chain, members, last) };
}

// the same for every defect of a kind
const suitedTo = new WeakMap<readonly PatchSystem[], Map<string, Suited>>();

function suited(shelf: readonly PatchSystem[], kind: string): Suited {
  const byKind = suitedTo.get(shelf) ?? new Map<string, Suited>();
  suitedTo.set(shelf, byKind);
  const known = byKind.get(kind);
  if (known) return known;
  const found: Suited = {
    systems: shelf.filter((s) => s.suits.includes(kind)),
    combinations: chains.filter((c) => c.suits.includes(kind)).flatMap((c) => combination(c, shelf) ?? []),
  };
  byKind.set(kind, found);
  return found;
}

/** Judges a combination: each member by its own rules, but for what an earlier one takes care of. */
function judgeCombination<S extends JudgedSize>(
  ledger: Ledger,
  subject: Subject,
  { chain, members, before, system }: Combination,
  sizeOf: (system: PatchSystem) => S,
  people: 1 | 2,
): Candidate<S> {
  const verdicts: Verdict[] = [workVerdict(subject, system), ...leftOpenVerdict(subject, system)];
  for (const auxiliary of before) {
    const verdict = auxiliaryTemperature(ledger, subject, auxiliary);
    if (verdict) verdicts.push({ ...verdict, of: auxiliary.title });
  }
  if (chain.remark) verdicts.push(said('together', 'Together', chain.remark));
  const sizes = members.map(sizeOf);
  members.forEach((m, i) => {
    for (const v of rulesOn(ledger, subject, m, sizes[i] ?? sizeOf(m), people, chain.lifts?.[m.basedOn ?? m.id])) verdicts.push({ ...v, of: m.title });
  });
  return { ...graded(ledger, subject, system, sizes[0] ?? sizeOf(system), verdicts, members), chain: members };
}

/** A candidate with why it goes first, where somebody took a side that it goes by; what is ruled out is not helped by that. */
function withFavor<S extends JudgedSize>(c: Candidate<S>, favors: (system: PatchSystem) => string | undefined): Candidate<S> {
  const favored = c.grade === 'out' ? undefined : (c.chain ?? [c.system]).map(favors).find((f) => f !== undefined);
  return favored === undefined ? c : { ...c, favored };
}

/** Every system of the shelf, and every combination of them, against a defect: those that fit first, those ruled out nearest first. */
export function candidates<S extends JudgedSize>(
  ledger: Ledger,
  subject: Subject,
  shelf: readonly PatchSystem[],
  sizeOf: (system: PatchSystem) => S,
  people: 1 | 2,
  favors: (system: PatchSystem) => string | undefined = () => undefined,
): Candidate<S>[] {
  const { systems, combinations } = suited(shelf, subject.kind);
  const completed = (system: PatchSystem) => combinations.find((c) => c.members.includes(system) && openAfter(subject.asked, c.system).length === 0)?.system;
  const judged = [
    ...systems.map((system) => judge(ledger, subject, system, sizeOf, people, completed(system))),
    ...combinations.map((one) => judgeCombination(ledger, subject, one, sizeOf, people)),
  ];
  const ranked = judged
    .map((c) => withFavor(c, favors))
    .map((c) => ({ c, d: distance(c) }))
    .sort(
      (a, b) =>
        gradeWeight[a.c.grade] - gradeWeight[b.c.grade] ||
        leaves(a.c) - leaves(b.c) ||
        Number(b.c.favored !== undefined) - Number(a.c.favored !== undefined) ||
        a.d - b.d ||
        cost(a.c) - cost(b.c) ||
        a.c.system.id.localeCompare(b.c.system.id),
    )
    .map(({ c }) => c);
  return [...ranked, ...otherWork(subject, shelf)];
}
