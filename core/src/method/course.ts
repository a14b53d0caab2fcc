import { hanging } from '../geometry/hanging.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Saying } from '../quantity/saying.ts';
import { CourseMixes } from './courseMixes.ts';
import { inBatches } from './inBatches.ts';
import { inParts } from './inParts.ts';
import { Materials } from './materials.ts';
import type { Skill } from '../survey/crew.ts';
import { asCautioned, cautionsOf } from './cautions.ts';
import { checkOf } from './check.ts';
import { marksOf, standingOf } from './surroundings.ts';
import type { HandsOn, Lag, Link, Made, Redo, Step, Told, Use } from './step.ts';
import { handsOnOf, type Asked } from './handsOn.ts';
import type { Drawn, MaterialRole, WorkMethod } from './work.ts';

/** What a step says, and how it stands to the others, before it has its place and its time. */
export interface Said extends Told {
  /**
   * Aside: nothing waits for it, such as cleaning tools. Ahead: nothing goes before it but covering, such as laying out.
   * Every other step comes after the one before it.
   */
  readonly place?: 'aside' | 'ahead';
  readonly once?: HandsOn['once'];
  readonly skills?: readonly Skill[];
  /** two people have to be there */
  readonly pair?: boolean;
  /** it follows what was placed the same day: what would leave it over night is not begun */
  readonly sameDay?: boolean;
}

/** What a step may have besides. */
export interface More {
  readonly uses?: readonly Use[];
  readonly lift?: number;
  /** which time over, of work that is done again and is no lift */
  readonly turn?: number | string;
  /** what it comes after, where that is not the step before it */
  readonly after?: readonly string[];
}

/** Steps that cover what lies around. */
const covers: ReadonlySet<string> = new Set(['cover-room', 'cover-around', 'mask-tub']);

/**
 * A method in the making: recipes add steps in the order of the work, and say what must lie between them. Where
 * several systems do it together each adds its part.
 */
export class Course extends CourseMixes {
  readonly steps: Made[] = [];
  readonly links: Link[] = [];
  readonly quantities: Quantity[] = [];
  readonly sections: Drawn[] = [];
  named = 'as found';
  readonly #pending: Omit<Link, 'to'>[] = [];
  readonly #done = new Set<string>();
  readonly #asked = new Map<string, Asked>();
  readonly #materials = new Materials();
  #last: string | undefined;
  #before: readonly string[] = [];
  #first: string | undefined;
  /** the last of what comes before the first cut */
  #opening: string | undefined;
  /** what is done as soon as all is covered */
  #covered: (() => void) | undefined;

  get last(): string | undefined {
    return this.#last;
  }

  /**
   * What comes before the first cut stands: nothing of the work goes ahead of it.
   * @param covered adds what is done as soon as all is covered; where nothing is covered, before anything else
   */
  opened(covered?: () => void): void {
    [this.#opening, this.#first, this.#covered] = [this.#last, undefined, covered];
  }

  /** What was put off until all is covered is done now, once the covering is over. */
  #afterCover({ builder }: Pick<Told, 'builder'>): void {
    const covered = this.#covered;
    if (!covered || covers.has(builder)) return;
    this.#covered = undefined;
    covered();
  }

  /** The step that was made last. @throws Error where there is none */
  get lastStep(): string {
    if (this.#last === undefined) throw new Error('there is no step yet');
    return this.#last;
  }

  /** The first step that placed something; else the last of all. */
  get placed(): string | undefined {
    return this.steps.find((s) => s.lift === 1)?.id ?? this.#last;
  }

  /** Whether something was not yet done on this repair; it counts as done from now on. */
  once(what: string): boolean {
    if (this.#done.has(what)) return false;
    this.#done.add(what);
    return true;
  }

  /** What covered the room has been taken up: it is covered again before more is done. */
  uncover(): void {
    this.#done.delete('cover');
  }

  /** Whether sheets or film lie over what is around. */
  get isCovered(): boolean {
    return this.steps.some((s) => covers.has(s.builder));
  }

  /** The last work of all, right after the work that is last so far, whatever is waited for besides. */
  finally(said: Said, minutes: Figure): void {
    const at = this.steps.findLastIndex((s) => s.kind === 'work');
    const last = this.steps[at];
    if (!last) return;
    const rest = this.steps.splice(at + 1);
    this.work({ ...said, place: 'aside' }, minutes, { after: [last.id] });
    this.steps.push(...rest);
  }

  /**
   * What a step is called for good: what it does, in which lift or which time over, or after which other it waits; of the second
   * system on also of which. A plan that is made again for other air or another size calls the same steps the same.
   */
  #id(builder: string, which: string | number | undefined): string {
    const { id, basedOn } = this.system;
    const name = [...(this.isFirst ? [] : [basedOn ?? id]), builder, ...(which === undefined ? [] : [String(which)])].join('.');
    if (this.steps.some((s) => s.id === name)) throw new Error(`two steps are '${name}': one that is done again says which time it is`);
    return name;
  }

  #put(said: Told, kind: Step['kind'], minutes: Figure, which?: string | number, lift?: number): string {
    const id = this.#id(said.builder, which);
    // what only the course asks of it stays out of the step
    const { place: _place, once: _once, skills: _skills, pair: _pair, sameDay: _same, ...told }: Said = said;
    this.steps.push({ id, kind, ...told, minutes, ...(lift !== undefined && { lift }) });
    return id;
  }

  /** Joins a step to what it comes after. */
  #link(to: string, place?: Said['place'], after?: readonly string[]): void {
    const pending = this.#pending.splice(0);
    for (const link of pending) this.links.push({ ...link, to });
    const from = after ?? (place === 'ahead' ? [this.#first ?? this.#opening].filter((id) => id !== undefined) : this.#before);
    for (const one of from) if (!this.links.some((l) => l.to === to && l.from === one)) this.links.push({ from: one, after: 'end', to });
    if (place === 'aside') return;
    this.#before = place === 'ahead' ? [...this.#before, to] : [to];
    this.#first ??= to;
  }

  /**
   * Adds work by hand, after what lies before it. @returns its id
   *
   * @example
   * c.work(bedTape(length, width, bed, compound, 'paper'), c.byLength('nothing', 'bedPace', length, 'Bedding tape'), { uses: [{ of: 'compound', amount: compound }] });
   */
  work(said: Said, minutes: Figure, more: More = {}): string {
    this.#afterCover(said);
    this.#sameDay(said);
    const id = this.#put(said, 'work', minutes, more.turn ?? more.lift, more.lift);
    return this.#worked(id, said, more);
  }

  #worked(id: string, { place, once = 'repair', skills = [], pair = false }: Partial<Said>, { uses = [], after }: More): string {
    // what a wait or a window lies before is neither ahead nor aside
    const free = this.#pending.length > 0 ? undefined : place;
    this.#asked.set(id, { system: this.system, uses, once, skills, pair });
    this.#link(id, free, after);
    this.#last = id;
    return id;
  }

  /** What has to follow the same day keeps the step before it from being begun too late for that. */
  #sameDay({ sameDay }: Pick<Said, 'sameDay'>): void {
    const before = this.steps[this.steps.length - 1];
    if (sameDay === true && before?.kind === 'work') this.steps[this.steps.length - 1] = { ...before, straightOn: true };
  }

  /** Adds a step that is made elsewhere. */
  add(step: Made & Partial<Said>, more: More = {}): string {
    this.#afterCover(step);
    this.#sameDay(step);
    const { place, once, skills, pair, sameDay: _same, ...made } = step;
    this.steps.push(made);
    if (step.kind === 'wait') return step.id;
    if (step.kind === 'work')
      return this.#worked(step.id, { ...(place && { place }), ...(once && { once }), ...(skills && { skills }), ...(pair && { pair }) }, more);
    this.#link(step.id, 'aside', more.after);
    return step.id;
  }

  /**
   * Adds a wait after the work before it: nothing goes on until it is over.
   *
   * @example
   * c.wait(compoundSets(hard), c.fixed(hard));
   */
  wait(said: Told, lag: Lag, after = this.#last): void {
    this.#put(said, 'wait', lag.minutes, after);
    if (after !== undefined) this.#pending.push({ from: after, after: 'end', least: lag });
  }

  /** The next work begins no sooner than this after the work before it, without a step that says so. */
  atLeast(lag: Lag, after = this.#last): void {
    if (after !== undefined) this.#pending.push({ from: after, after: 'end', least: lag });
  }

  /** The next work must have begun within this after the work before it, or what is missed is said, and put right by these steps. */
  within(minutes: Figure, ifMissed: Saying, redo: readonly Redo[], after = this.#last): void {
    if (after !== undefined) this.#pending.push({ from: after, after: 'end', most: { lag: this.closing(minutes), ifMissed, redo } });
  }

  /** A moment from which it may be used, so long after the work before it. */
  ready(said: Told, lag: Lag, after = this.#last): void {
    const id = this.#put(said, 'ready', lag.minutes);
    for (const link of this.#pending.splice(0)) this.links.push({ ...link, to: id });
    if (after !== undefined) this.links.push({ from: after, after: 'end', to: id, least: lag });
  }

  /**
   * Takes what comes afterwards off the end, so that more is done before it.
   * @returns the moments that were taken off, to be put back
   */
  afterwards(): readonly Made[] {
    const taken = this.steps.filter((s) => s.kind === 'ready');
    for (const one of taken) this.steps.splice(this.steps.indexOf(one), 1);
    return taken;
  }

  /** Puts moments back that were taken off. */
  back(moments: readonly Made[]): void {
    this.steps.push(...moments);
  }

  amount(id: string, label: string, figure: Figure | undefined): void {
    if (figure && !this.quantities.some((q) => q.id === id)) this.quantities.push({ id, label, figure });
  }

  /**
   * What a step uses of a material, which is taken along with all that is used of it. @param of the system or auxiliary whose product it is
   *
   * @example
   * c.use('screws', 'Screws', 'fixing', screws)
   */
  use(id: string, what: string, role: MaterialRole, amount: Figure, of?: string): Use {
    return this.#materials.use(id, what, role, amount, of);
  }

  /** Whether something is so far used of a material. */
  isUsed(id: string): boolean {
    return this.#materials.has(id);
  }

  done(): WorkMethod {
    const ids = new Set(this.steps.map((s) => s.id));
    const lost = this.links.find(({ from, to }) => !ids.has(from) || !ids.has(to));
    if (lost) throw new Error(`a link from '${lost.from}' to '${lost.to}' joins a step that is not there`);
    const serves = (id: string) => [...this.#asked].filter(([, { uses }]) => uses.some((u) => u.of === id)).map(([step]) => step);
    const parts = inParts(this.ledger, this.steps, this.links);
    const batches = inBatches(this.ledger, this.counted, this.#asked);
    const steps = this.steps.map((step): Step => {
      const asked = this.#asked.get(step.id);
      const { done: _done, limits: _limits, stands: _stands, frees: _frees, keptWet: _keptWet, ...rest } = step;
      const detail = [...step.detail, ...(batches.get(step.id) ?? []), ...(parts.get(step.id) ?? [])];
      return { ...rest, detail, check: checkOf(step), ...(asked && { handsOn: handsOnOf(this, step, asked, this.#materials, this.mixes) }) };
    });
    const cautions = cautionsOf(this.matter, { steps, asked: this.#asked, materials: this.#materials, mixes: this.mixes });
    return {
      named: this.named,
      steps: asCautioned(this.matter, steps, cautions),
      links: this.links,
      quantities: this.quantities,
      mixes: this.mixes.map((m) => ({ ...m, serves: serves(m.id) })),
      materials: this.#materials.all(this, steps),
      marks: marksOf(this, steps, this.steps, this.links, this.#materials),
      standing: standingOf(this.steps, this.links),
      sections: this.overhead ? this.sections.map((s): Drawn => (typeof s === 'function' ? (times) => hanging(s(times)) : hanging(s))) : this.sections,
      cautions,
    };
  }
}
