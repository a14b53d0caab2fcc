import type { ThingId } from '../../method/things.ts';
import { OnHand } from './onHand.ts';
import { at } from './problem.ts';

/** What keeps an activity from beginning sooner. */
export type Hold =
  | { readonly by: 'start' }
  | { readonly by: 'asked' }
  /** set there by hand */
  | { readonly by: 'pin' }
  /** it could begin sooner: something else comes first */
  | { readonly by: 'order' }
  | { readonly by: 'tie'; readonly tie: number }
  /** put off, so that what follows it within a window, or the same day, is in time */
  | { readonly by: 'window'; readonly tie: number }
  | { readonly by: 'person'; readonly worker: number; readonly act: number }
  | { readonly by: 'thing'; readonly thing: ThingId; readonly act: number }
  | { readonly by: 'mark'; readonly mark: number; readonly other: number }
  | { readonly by: 'hours' };

/** An activity that has to begin later, for another to find a place. */
export interface PutOff {
  readonly act: number;
  readonly min: number;
}

/** Until when something is in the way; forever where only another activity, which stands already, can make room by beginning later. */
export interface Blocked {
  readonly until: number;
  readonly hold: Hold;
  readonly putOff?: PutOff;
}

/** The lines of people in the making: what goes onto them where, and comes off again. */
export class Lines extends OnHand {
  /** The first moment from one on at which somebody has nothing to do for so long, set-up apart. */
  protected nextGap(worker: number, from: number, minutes: number): number {
    const line = at(this.lines, worker);
    let i = this.index(line, from);
    let free = Math.max(from, i > 0 ? at(this.end, at(line, i - 1)) : 0);
    for (; i < line.length; i++) {
      const next = at(line, i);
      if (at(this.start, next) - free >= minutes) break;
      free = Math.max(free, at(this.end, next));
    }
    return free;
  }

  /** What somebody did last before a moment. */
  protected lastUntil(worker: number, min: number): number {
    const line = at(this.lines, worker);
    return at(line, Math.max(0, this.index(line, min) - 1));
  }

  /** Whether an activity goes onto the line of one of its crew; else until when it does not. */
  protected onLine(act: number, start: number, end: number, crew: readonly number[], worker: number): Blocked | undefined {
    const line = at(this.lines, worker);
    const i = this.index(line, start);
    const { before, after } = this.needs(act, start, end, crew, worker);
    const last = line[i - 1];
    if (last !== undefined) {
      // it is no longer the last of its place and day where this one is
      const away = worker === at(this.crew, last)[0] && !this.#endsAfter(act, start, end, last) ? this.awayOf(last) : 0;
      const free = at(this.end, last) + away + before;
      if (free > start) return { until: free, hold: { by: 'person', worker, act: last } };
    }
    return this.#behind(act, start, end + after, crew, line, i, worker);
  }

  /** Whether an activity, were it there, ended the day of its place later than another. */
  #endsAfter(act: number, start: number, end: number, other: number): boolean {
    return (
      this.act(act).covered &&
      this.act(other).covered &&
      this.placeOf(act) === this.placeOf(other) &&
      this.openings.dayOf(start) === at(this.day, other) &&
      end > at(this.end, other)
    );
  }

  /** Whether those after it have room for the set-up, or the batch, that they need once it stands before them. */
  #behind(act: number, start: number, from: number, people: readonly number[], line: readonly number[], i: number, worker: number): Blocked | undefined {
    const next = line[i];
    if (next === undefined) return undefined;
    const day = this.openings.dayOf(start);
    const blocked = (o: number): Blocked => ({ until: at(this.end, o), hold: { by: 'person', worker, act: o } });
    // what the next one would need is asked of it as if this one stood
    if (from > at(this.start, next)) return blocked(next);
    const [wasStart, wasDay, wasCrew] = [at(this.start, act), at(this.day, act), at(this.crew, act)];
    const with_ = [...line.slice(Math.max(0, i - 12), i), act];
    [this.start[act], this.day[act], this.crew[act]] = [start, day, people];
    let free = from;
    let found: Blocked | undefined;
    for (let n = i; n < line.length; n++) {
      const one = at(line, n);
      const crew = at(this.crew, one);
      const oneDay = at(this.day, one);
      const oneStart = at(this.start, one);
      const stillFirst = !(this.act(act).covered && this.placeOf(act) === this.placeOf(one) && day === oneDay && start <= oneStart);
      const cover = worker === crew[0] && stillFirst ? this.cover(one, oneStart, oneDay) : 0;
      const need = this.needed(one, oneStart, oneDay, crew, with_, with_.length) + cover;
      if (free + need > oneStart || !this.#inHours(one, need)) {
        found = blocked(one);
        break;
      }
      if (this.act(one).run === undefined) break;
      with_.push(one);
      free = at(this.end, one);
    }
    [this.start[act], this.day[act], this.crew[act]] = [wasStart, wasDay, wasCrew];
    return found;
  }

  /** Whether what an activity that stands needs before it lies in working time. */
  #inHours(act: number, before: number): boolean {
    if (before === 0) return true;
    const people = at(this.crew, act);
    const { interrupt } = this.act(act);
    const minutes = this.minutes(act, people.length);
    return (
      this.openings.of(this.act(act), people).fit(at(this.start, act), { before, minutes, after: 0, interrupt }, this.problem.grid)?.start ===
      at(this.start, act)
    );
  }

  protected putOnLines(act: number, start: number, end: number, people: readonly number[]): void {
    for (const p of people) {
      const line = at(this.lines, p);
      line.splice(this.index(line, start), 0, act);
    }
    const day = this.openings.dayOf(start);
    [this.start[act], this.end[act], this.crew[act], this.day[act]] = [start, end, people, day];
    if (people.length === 0 || !this.act(act).covered) return;
    const key = this.placeOf(act) * 10_000 + day;
    const list = this.covered.get(key);
    if (list) list.push(act);
    else this.covered.set(key, [act]);
  }

  /** @returns activities that may need more before or after them than they did */
  protected takeOffLines(act: number): readonly number[] {
    const touched: number[] = [];
    for (const p of at(this.crew, act)) {
      const line = at(this.lines, p);
      const i = line.indexOf(act);
      line.splice(i, 1);
      // behind a batch that others shared more than the next may be touched
      for (let n = i; n < line.length && n < i + (this.act(act).run ? 12 : 1); n++) touched.push(at(line, n));
    }
    const list = this.covered.get(this.placeOf(act) * 10_000 + at(this.day, act));
    if (list?.includes(act) === true) {
      list.splice(list.indexOf(act), 1);
      touched.push(...list);
    }
    [this.start[act], this.end[act], this.crew[act], this.day[act]] = [-1, -1, [], -1];
    return touched;
  }

  /** Whether an activity still stands as it has to, once others were taken off: what it needs before it may have grown. */
  protected stillStands(act: number): boolean {
    const people = at(this.crew, act);
    if (people.length === 0) return true;
    const [start, end] = [at(this.start, act), at(this.end, act)];
    const needs = people.map((p) => this.needs(act, start, end, people, p));
    const wanted = { before: Math.max(...needs.map((n) => n.before)), after: Math.max(...needs.map((n) => n.after)), interrupt: this.act(act).interrupt };
    const fit = this.openings.of(this.act(act), people).fit(start, { ...wanted, minutes: this.minutes(act, people.length) }, this.problem.grid);
    if (fit?.start !== start) return false;
    return people.every((p, n) => {
      const line = at(this.lines, p);
      const i = line.indexOf(act);
      const [last, next] = [line[i - 1], line[i + 1]];
      const free = last === undefined ? 0 : at(this.end, last) + (p === at(this.crew, last)[0] ? this.awayOf(last) : 0);
      if (free + (needs[n]?.before ?? 0) > start) return false;
      if (next === undefined) return true;
      const nextCrew = at(this.crew, next);
      return end + (needs[n]?.after ?? 0) + this.needs(next, at(this.start, next), at(this.end, next), nextCrew, p).before <= at(this.start, next);
    });
  }
}
