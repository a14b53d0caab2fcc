import { Improver, type Found, type Search, type Snapshot } from './improver.ts';
import type { Problem } from './problem.ts';
import { compareScores, type Score } from './score.ts';

export type { Found, Search } from './improver.ts';

/** A search that can be gone on with: so that whoever runs it can look up in between, and stop it with the best so far. */
export class DaysSearch {
  readonly #improver: Improver;
  readonly #search: Search;
  #score: Score;
  #best: Snapshot;
  #rounds = 0;

  /** Builds a first whole plan. */
  constructor(problem: Problem, search: Search) {
    this.#improver = new Improver(problem, search);
    this.#search = search;
    this.#score = this.#improver.begin();
    this.#best = this.#improver.snapshot(this.#score);
  }

  get best(): Score {
    return this.#best.score;
  }

  /** Share of its tries that it has had. */
  get done(): number {
    return this.#search.rounds === 0 ? 1 : this.#rounds / this.#search.rounds;
  }

  /** So many tries more. @returns whether there are any left */
  advance(count: number): boolean {
    const { rounds, aim } = this.#search;
    for (let i = 0; i < count && this.#rounds < rounds; i++, this.#rounds++) {
      // in the beginning, and now and then later, one goes on from something worse, to get somewhere else
      const heat = 0.08 * (1 - this.#rounds / rounds);
      this.#score = this.#improver.round(this.#score, heat) ?? this.#score;
      if (compareScores(this.#score, this.#best.score, aim) < 0) this.#best = this.#improver.snapshot(this.#score);
      else if (this.#rounds % 64 === 63) this.#score = this.#improver.restore(this.#best);
    }
    return this.#rounds < rounds;
  }

  /** The best so far. Whoever asks in between does not disturb the search: it goes on from where it was. */
  found(): Found {
    const now = this.#improver.snapshot(this.#score);
    this.#improver.restore(this.#best);
    const found = this.#improver.found(this.#rounds);
    this.#improver.restore(now);
    return found;
  }
}

/** As many tries as go between two looks up. */
const between = 16;

/**
 * Days for a problem: built whole group by whole group, then some repairs taken off and put back, many times, from a seed.
 * The budget is in rounds, so that the same input gives the same plan on every machine.
 */
export function findDays(problem: Problem, search: Search): Found {
  const running = new DaysSearch(problem, search);
  for (let left = search.rounds > 0; left; left = running.advance(between)) if (search.progress?.(running.done, running.best) === false) break;
  return running.found();
}
