import { cementWait, gelTime, resinWait, windowClose } from '../cure/reaction.ts';
import { compoundDrying } from '../climate/drying.ts';
import { volumeShare, massShare } from '../geometry/groove.ts';
import { noLess } from '../mixing/proportions.ts';
import { batchesByTime, workByArea, workByCount, workByVolume } from '../mixing/mortarBatch.ts';
import { handsOn } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger, Sourced } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Caution } from '../safety/silica.ts';
import { schoolQuestion } from '../schools/schools.ts';
import type { Auxiliary } from '../shelf/auxiliaries/auxiliary.ts';
import type { PatchSystem, Way } from '../shelf/patchSystem.ts';
import type { Rates } from '../shelf/rates.ts';
import type { MethodMatter } from './matter.ts';
import type { Lag, Link, Step, Stuff } from './step.ts';
import type { Drawn, Mix, WorkMethod } from './work.ts';

/** What a step says, before it has its place and its time. */
export interface Said extends Pick<Step, 'builder' | 'title' | 'detail' | 'look' | 'tools'> {
  /** why there is no figure in it, where there is none */
  readonly plain?: string;
}

/** What a step may have besides. */
export interface More {
  readonly stuff?: readonly Stuff[];
  readonly lift?: number;
  /** the step that its window counts from, where that is not the one before it */
  readonly after?: string;
}

type RateId = keyof Rates;

/**
 * A method in the making: recipes add steps in the order of the work, and say what must lie between them. Where
 * several systems do it together each adds its part.
 */
export class Course {
  readonly matter: MethodMatter;
  readonly ledger: Ledger;
  /** the system whose part is being made */
  system: PatchSystem;
  readonly steps: Step[] = [];
  readonly links: Link[] = [];
  readonly quantities: Quantity[] = [];
  readonly mixes: Mix[] = [];
  readonly sections: Drawn[] = [];
  readonly cautions: Caution[] = [];
  named = 'as found';
  readonly #pending: Omit<Link, 'to'>[] = [];
  readonly #done = new Set<string>();
  #last: string | undefined;

  constructor(matter: MethodMatter, first: PatchSystem) {
    this.matter = matter;
    this.ledger = matter.ledger;
    this.system = first;
  }

  get rates(): Rates {
    return this.matter.rates;
  }
  get airC(): Figure {
    return this.matter.subject.airC;
  }
  get groundC(): Figure {
    return this.matter.subject.slabC;
  }
  /** whether the system is the first, and whether it is the last of those that do it together */
  get isFirst(): boolean {
    return this.matter.members[0] === this.system;
  }
  get isLast(): boolean {
    return this.matter.members[this.matter.members.length - 1] === this.system;
  }
  /** whether the system declares that it does so */
  does(way: Way): boolean {
    return this.system.does?.includes(way) === true;
  }
  /** whether any of those that do it together declares so */
  anyDoes(way: Way): boolean {
    return this.matter.members.some((m) => m.does?.includes(way));
  }
  get overhead(): boolean {
    return ['overhead', 'ceiling'].includes(this.matter.choice('position') ?? '');
  }
  get hands(): Figure {
    return this.get(this.matter.people === 2 ? this.rates.pair : this.rates.alone);
  }
  get last(): string | undefined {
    return this.#last;
  }

  get(s: Sourced): Figure {
    return this.ledger.sourced(s);
  }

  /**
   * A figure of the system's method.
   * @throws Error where it has none of that name
   */
  of(name: string): Figure {
    const found = this.system.figures?.[name];
    if (!found) throw new Error(`${this.system.title} has no figure '${name}'`);
    return this.get(found);
  }

  /** A figure of an auxiliary. @throws Error where it has none of that name */
  ofAuxiliary(auxiliary: Auxiliary, name: string): Figure {
    const found = auxiliary.figures[name];
    if (!found) throw new Error(`${auxiliary.title} has no figure '${name}'`);
    return this.get(found);
  }

  /** A figure that the side taken of a question sets, where the question is about this system. */
  school(question: string, figure: string): Figure | undefined {
    const { systems } = schoolQuestion(question) ?? {};
    if (systems && !systems.includes(this.system.basedOn ?? this.system.id)) return undefined;
    const set = this.matter.side(question)?.sets?.[figure];
    return set && this.get(set);
  }

  /** A figure of the system: a product's own sheet goes first, then the side taken of a question, then the usual one. */
  sheetOr(sheet: Sourced, question: string, figure: string): Figure {
    const own = this.get(sheet);
    return sheet.source === 'product-sheet' ? own : (this.school(question, figure) ?? own);
  }

  /** A figure of the trade that no sheet gives. */
  usual(label: string, kind: QuantityKind, value: number, source: Sourced['source'] = 'practice'): Figure {
    return this.ledger.assumed(label, kind, value, source);
  }

  /** A measure or a derived figure that the recipe cannot do without. @throws Error where it is missing */
  need(id: string): Figure {
    const figure = this.matter.measured(id) ?? this.matter.measure(id);
    if (!figure) throw new Missing(id);
    return figure;
  }

  byArea(setUp: RateId, pace: RateId, areaMm2: Figure, label: string, hands = this.hands): Figure {
    return this.ledger.compute(workByArea, { setUpMin: this.get(this.rates[setUp]), minPerM2: this.get(this.rates[pace]), areaMm2, hands }, label);
  }

  byVolume(setUp: RateId, pace: RateId, volumeMl: Figure, label: string, hands = this.hands): Figure {
    return this.ledger.compute(workByVolume, { setUpMin: this.get(this.rates[setUp]), minPerL: this.get(this.rates[pace]), volumeMl, hands }, label);
  }

  byLength(setUp: RateId, pace: RateId, lengthMm: Figure, label: string): Figure {
    return this.ledger.compute(
      handsOn,
      {
        setUpMin: this.get(this.rates[setUp]),
        paceMinM: this.get(this.rates[pace]),
        lengthMm,
        passes: this.get(this.rates.once),
        hands: this.get(this.rates.alone),
      },
      label,
    );
  }

  byCount(setUp: RateId, each: RateId, count: Figure, label: string): Figure {
    return this.ledger.compute(workByCount, { setUpMin: this.get(this.rates[setUp]), minEach: this.get(this.rates[each]), count, hands: this.hands }, label);
  }

  rate(id: RateId): Figure {
    return this.get(this.rates[id]);
  }

  /** Hands-on time of one piece. */
  each(id: RateId, label = this.rates[id].label): Figure {
    return this.byCount('nothing', id, this.get(this.rates.once), label);
  }

  /** The first step that placed something; else the last of all. */
  get placed(): string | undefined {
    return this.steps.find((s) => s.lift === 1)?.id ?? this.#last;
  }

  /** No less of a mix than can be measured. */
  least(volumeMl: Figure, leastMl: number): Figure {
    return this.ledger.compute(noLess, { volumeMl, leastMl: this.usual('Least that can be measured', 'volume', leastMl, 'judgement') }, volumeMl.label);
  }

  /** Working time of something that reacts, at the ground's temperature, on the short side. */
  working(at23: Figure, label = 'Working time here'): Figure {
    return this.ledger.compute(gelTime, { gelAt23Min: at23, temperatureC: this.groundC }, label);
  }

  /** A window that heat shortens and cold does not lengthen. */
  closes(at23: Figure, label: string): Figure {
    return this.ledger.compute(windowClose, { windowAt23Min: at23, temperatureC: this.groundC }, label);
  }

  /** A wait that follows the ground's temperature by the cure of the system. */
  curing(at23: Figure, label: string): Lag {
    const { cure, slabC } = this.system;
    const minutes =
      cure.by === 'as-stated'
        ? at23
        : cure.by === 'arrhenius'
          ? this.ledger.compute(resinWait, { waitAt23Min: at23, temperatureC: this.groundC, activationKjMol: this.get(cure.activation) }, label)
          : this.ledger.compute(cementWait, { waitAt23Min: at23, temperatureC: this.groundC, activationK: this.get(cure.activation) }, label);
    return { by: 'progress', at23, cure, ...(slabC.min && { stopsBelow: slabC.min }), minutes };
  }

  /** A wait of a material that dries, by the air. */
  drying(thicknessMm: Figure, covered: boolean, label: string): Lag {
    const [cover, draft] = [
      this.usual(covered ? 'Under tape' : 'No tape over it', 'ratio', covered ? 1 : 0.65, 'gypsum-drying'),
      this.usual('Still air', 'ratio', 1, 'gypsum-drying'),
    ];
    return {
      by: 'drying',
      thicknessMm,
      cover,
      draft,
      minutes: this.ledger.compute(compoundDrying, { airC: this.airC, humidityPct: this.matter.humidity, thicknessMm, cover, draft }, label),
    };
  }

  fixed(minutes: Figure): Lag {
    return { by: 'fixed', minutes };
  }

  /** Whether something was not yet done on this repair; it counts as done from now on. */
  once(what: string): boolean {
    if (this.#done.has(what)) return false;
    this.#done.add(what);
    return true;
  }

  #id(builder: string): string {
    const same = this.steps.filter((s) => s.builder === builder).length;
    return same === 0 ? builder : `${builder}-${String(same + 1)}`;
  }

  #put(said: Said, kind: Step['kind'], minutes: Figure, { stuff = [], lift }: More): string {
    const id = this.#id(said.builder);
    this.steps.push({ id, kind, ...said, stuff, minutes, ...(lift !== undefined && { lift }) });
    return id;
  }

  #link(to: string): void {
    for (const link of this.#pending) this.links.push({ ...link, to });
    this.#pending.length = 0;
  }

  /** Adds work by hand, after what lies before it. @returns its id */
  work(said: Said, minutes: Figure, more: More = {}): string {
    const id = this.#put(said, 'work', minutes, more);
    this.#link(id);
    this.#last = id;
    return id;
  }

  /** Adds a step that is made elsewhere. */
  add(step: Step): string {
    this.steps.push(step);
    if (step.kind === 'wait') return step.id;
    this.#link(step.id);
    if (step.kind === 'work') this.#last = step.id;
    return step.id;
  }

  /** Adds a wait after the work before it: nothing goes on until it is over. */
  wait(said: Said, lag: Lag, after = this.#last): void {
    this.#put(said, 'wait', lag.minutes, {});
    if (after !== undefined) this.#pending.push({ from: after, after: 'end', least: lag });
  }

  /** The next work begins no sooner than this after the work before it, without a step that says so. */
  atLeast(lag: Lag, after = this.#last): void {
    if (after !== undefined) this.#pending.push({ from: after, after: 'end', least: lag });
  }

  /** The next work must have begun within this after the work before it, or what is missed is said. */
  within(minutes: Figure, ifMissed: Saying, after = this.#last, of: 'start' | 'end' = 'end'): void {
    if (after !== undefined) this.#pending.push({ from: after, after: of, most: { minutes, ifMissed } });
  }

  /** A moment from which it may be used, so long after the work before it. */
  ready(said: Said, lag: Lag, after = this.#last): void {
    const id = this.#put(said, 'ready', lag.minutes, {});
    this.#link(id);
    if (after !== undefined) this.links.push({ from: after, after: 'end', to: id, least: lag });
  }

  amount(id: string, label: string, figure: Figure | undefined): void {
    if (figure && !this.quantities.some((q) => q.id === id)) this.quantities.push({ id, label, figure });
  }

  /** A mix in as many batches as are placed within its working time; keeps it, and returns how many and one of them. */
  mix(
    id: string,
    title: string,
    total: Figure,
    parts: Mix['parts'],
    place: { readonly within: Figure; readonly pace: RateId; readonly reserve?: Figure; readonly least?: Figure },
    says: readonly Saying[],
  ): { readonly batches: Figure; readonly batch: Figure } {
    const reserve = place.reserve ?? this.usual('Share of the working time kept in reserve', 'ratio', 0.25, 'judgement');
    const batches = this.ledger.compute(batchesByTime, {
      volumeMl: total,
      potLifeMin: place.within,
      reserve,
      minPerL: this.get(this.rates[place.pace]),
      hands: this.hands,
      least: place.least ?? this.usual('At least one batch', 'count', 1),
    });
    const share = (amount: Figure) =>
      amount.kind === 'mass'
        ? this.ledger.compute(massShare, { massG: amount, parts: batches }, 'For one batch')
        : this.ledger.compute(volumeShare, { volumeMl: amount, parts: batches }, 'For one batch');
    this.mixes.push({
      id,
      title,
      total,
      batches,
      within: place.within,
      says,
      parts: parts.map((p) => (p.once === true ? p : { ...p, each: share(p.amount) })),
    });
    return { batches, batch: share(total) };
  }

  done(): WorkMethod {
    return {
      named: this.named,
      steps: this.steps,
      links: this.links,
      quantities: this.quantities,
      mixes: this.mixes,
      sections: this.sections,
      cautions: this.cautions,
    };
  }
}

/** One or several of something, as words. */
export function several(count: Figure, one: string, more: string): string {
  return count.value === 1 ? one : more;
}

/** Thrown where a system cannot do what it was chosen for; `why` is the sentence for people. */
export class Unworkable extends Error {
  readonly why: Saying;

  constructor(why: Saying) {
    super('unworkable');
    this.why = why;
  }
}

/** Thrown where something that a method rests on was not measured. */
export class Missing extends Error {
  readonly field: string;

  constructor(field: string) {
    super(`'${field}' is not measured`);
    this.field = field;
  }
}
