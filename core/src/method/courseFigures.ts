import { cementWait, daysAsTime, gelTime, resinWait, windowClose } from '../cure/reaction.ts';
import { compoundDrying, paintDrying } from '../climate/drying.ts';
import { scaledP90 } from '../geometry/tolerance.ts';
import { noLess } from '../mixing/proportions.ts';
import { workByArea, workByCount, workByVolume } from '../mixing/mortarBatch.ts';
import { durationSum, handsOn } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger, Sourced } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import { schoolQuestion } from '../schools/schools.ts';
import type { Auxiliary } from '../shelf/auxiliaries/auxiliary.ts';
import { hazardsOf } from '../shelf/materialHazard.ts';
import { readyFor, type PatchSystem, type Way } from '../shelf/patchSystem.ts';
import type { RateId, Rates } from '../shelf/rates.ts';
import { boardWork } from '../shelf/usual/boardWork.ts';
import type { MethodMatter } from './matter.ts';
import type { Effort, Lag } from './step.ts';

/** What a recipe reads and computes with: the figures of the system, of the firm and of the place, paces and waits. */
export class CourseFigures {
  readonly matter: MethodMatter;
  readonly ledger: Ledger;
  /** the system whose part is being made */
  system: PatchSystem;
  readonly #efforts = new Map<Figure, readonly Effort[]>();
  readonly #gels = new Map<Figure, Figure>();
  readonly #windows = new Map<Figure, Figure>();

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
  /** whether the place lies in the open */
  get outdoors(): boolean {
    return !['inside', undefined].includes(this.matter.choice('place'));
  }
  /** whether what is mixed is resin: skin and tools are wiped with the cleaner of its sheet, not washed */
  get resin(): boolean {
    return hazardsOf(this.system).some((h) => h !== 'cement' && h !== 'hot' && h !== 'pressed');
  }
  get hands(): Figure {
    return this.get(this.matter.people === 2 ? this.rates.pair : this.rates.alone);
  }

  get<K extends QuantityKind>(s: Sourced<K>): Figure<K> {
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

  /** A limit that the system has to have for this work, such as its thickest lift. @throws Error where it has none */
  limit<K extends QuantityKind>(limit: Sourced<K> | undefined, what: string): Figure<K> {
    if (!limit) throw new Error(`${this.system.title} has no ${what}`);
    return this.get(limit);
  }

  /** A figure that every side of a question sets. @throws Error where the side taken does not */
  taken(question: string, figure: string): Figure {
    const found = this.school(question, figure);
    if (!found) throw new Error(`no side of '${question}' sets '${figure}'`);
    return found;
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

  /** A number of the work itself; figures of the trade stand in the records of the shelf. */
  stated<K extends QuantityKind>(label: string, kind: K, value: number): Figure<K> {
    return this.ledger.stated(label, kind, value);
  }

  /** A measure or a derived figure that the recipe cannot do without. @throws Error where it is missing */
  need(id: string): Figure {
    const figure = this.matter.measured(id) ?? this.matter.measure(id);
    if (!figure) throw new Missing(id);
    return figure;
  }

  byArea(setUp: RateId, pace: RateId, areaMm2: Figure, label: string, hands?: Figure): Figure {
    const [setUpMin, minPerM2, n] = [this.rate(setUp), this.rate(pace), hands ?? this.hands];
    const minutes = this.ledger.compute(workByArea, { setUpMin, minPerM2, areaMm2, hands: n }, label);
    return this.#paced(minutes, { key: setUp, setUp: setUpMin, pace: minPerM2, per: 'm²', amount: areaMm2, hands: n, shared: hands === undefined });
  }

  byVolume(setUp: RateId, pace: RateId, volumeMl: Figure, label: string, hands?: Figure): Figure {
    const [setUpMin, minPerL, n] = [this.rate(setUp), this.rate(pace), hands ?? this.hands];
    const minutes = this.ledger.compute(workByVolume, { setUpMin, minPerL, volumeMl, hands: n }, label);
    return this.#paced(minutes, { key: setUp, setUp: setUpMin, pace: minPerL, per: 'L', amount: volumeMl, hands: n, shared: hands === undefined });
  }

  /** By default one person goes along it, once. */
  byLength(
    setUp: RateId,
    pace: RateId,
    lengthMm: Figure,
    label: string,
    { hands, passes = this.rate('once') }: { hands?: Figure; passes?: Figure } = {},
  ): Figure {
    const [setUpMin, paceMinM, n] = [this.rate(setUp), this.rate(pace), hands ?? this.rate('alone')];
    const minutes = this.ledger.compute(handsOn, { setUpMin, paceMinM, lengthMm, passes, hands: n }, label);
    return this.#paced(minutes, { key: setUp, setUp: setUpMin, pace: paceMinM, per: 'm', amount: lengthMm, passes, hands: n, shared: hands !== undefined });
  }

  byCount(setUp: RateId, each: RateId, count: Figure, label: string): Figure {
    const [setUpMin, minEach, hands] = [this.rate(setUp), this.rate(each), this.hands];
    const minutes = this.ledger.compute(workByCount, { setUpMin, minEach, count, hands }, label);
    return this.#paced(minutes, { key: setUp, setUp: setUpMin, pace: minEach, per: 'piece', amount: count, hands, shared: true });
  }

  rate(id: RateId): Figure {
    return this.get(this.rates[id]);
  }

  /** Hands-on time of one piece. */
  each(id: RateId, label = this.rates[id].label): Figure {
    return this.byCount('nothing', id, this.get(this.rates.once), label);
  }

  /** No less of a mix than can be measured. */
  least(volumeMl: Figure, least: Sourced<'volume'>): Figure {
    return this.ledger.compute(noLess, { volumeMl, leastMl: this.get(least) }, volumeMl.label);
  }

  /** Working time of something that reacts, at the ground's temperature, on the short side. */
  working(at23: Figure, label = 'Working time here'): Figure {
    const here = this.ledger.compute(gelTime, { gelAt23Min: at23, temperatureC: this.groundC }, label);
    this.#gels.set(here, at23);
    return here;
  }

  /** The gel time at the reference temperature that a working time was computed of. */
  gelOf(working: Figure): Figure | undefined {
    return this.#gels.get(working);
  }

  /** What nine in ten such measurements stay below, where it is known how well the place is measured. */
  ninthOf(total: Figure): Figure | undefined {
    const [volumeMl, p90Ml] = [this.matter.measured('void'), this.matter.measured('void-p90')];
    return volumeMl && p90Ml && total.kind === 'volume' && volumeMl.value > 0 ? this.ledger.compute(scaledP90, { totalMl: total, volumeMl, p90Ml }) : undefined;
  }

  /** A window that heat shortens and cold does not lengthen. */
  closes(at23: Figure, label: string): Figure {
    const closes = this.ledger.compute(windowClose, { windowAt23Min: at23, temperatureC: this.groundC }, label);
    this.#windows.set(closes, at23);
    return closes;
  }

  /** The window at the reference temperature that one was computed of. */
  windowOf(closes: Figure): Figure | undefined {
    return this.#windows.get(closes);
  }

  /** So many days as a time. */
  days(ageD: Figure, label: string): Figure {
    return this.ledger.compute(daysAsTime, { ageD }, label);
  }

  /** What must be begun within so long: by the law that the time was computed by. */
  closing(minutes: Figure): Lag {
    const [gel, window] = [this.#gels.get(minutes), this.#windows.get(minutes)];
    return gel ? { by: 'gel', at23: gel, minutes } : window ? { by: 'window', at23: window, minutes } : { by: 'fixed', minutes };
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

  /** The wait until it is used: the method's own, or what the system says of itself where that is longer. */
  untilUse(own: Lag): Lag {
    const said = this.curing(this.get(readyFor(this.system, this.matter.choice('traffic'))), 'In use after');
    return said.minutes.value > own.minutes.value ? said : own;
  }

  /** A wait of a material that dries, by the air. @param set it hardened by itself first, and bound much of its water */
  drying(thicknessMm: Figure, covered: boolean, label: string, set = false): Lag {
    const { setUnderTape, setOpen, underTape, noTape } = boardWork.figures;
    const [cover, draft] = [
      this.get(set ? (covered ? setUnderTape : setOpen) : covered ? underTape : noTape),
      this.school('drying-air', 'draft') ?? this.get(boardWork.figures.stillAir),
    ];
    return {
      by: 'drying',
      thicknessMm,
      cover,
      draft,
      minutes: this.ledger.compute(compoundDrying, { airC: this.airC, humidityPct: this.matter.humidity, thicknessMm, cover, draft }, label),
    };
  }

  /** A wait until a film is dry, by the air of each hour; in air that a heater holds, by that alone. */
  film(sheetMin: Figure, airC = this.airC): Extract<Lag, { minutes: Figure }> {
    const minutes = this.ledger.compute(paintDrying, { sheetMin, airC, humidityPct: this.matter.humidity }, sheetMin.label);
    return airC === this.airC ? { by: 'film', sheetMin, minutes } : { by: 'fixed', minutes };
  }

  fixed(minutes: Figure): Lag {
    return { by: 'fixed', minutes };
  }

  /** What hands-on minutes are made of: set-up and pace where they were computed of them, else a fixed time. */
  effortsOf(minutes: Figure): readonly Effort[] {
    return this.#efforts.get(minutes) ?? [{ by: 'fixed', minutes }];
  }

  #paced(minutes: Figure, effort: Omit<Extract<Effort, { by: 'pace' }>, 'by'>): Figure {
    this.#efforts.set(minutes, [{ by: 'pace', ...effort }]);
    return minutes;
  }

  /** Several times of one step added up. */
  together(durationMin: readonly Figure[], label: string): Figure {
    const sum = this.ledger.compute(durationSum, { durationMin }, label);
    this.#efforts.set(
      sum,
      durationMin.flatMap((d) => this.effortsOf(d)),
    );
    return sum;
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
