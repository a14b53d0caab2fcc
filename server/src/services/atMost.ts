/** Lets at most so many tasks run at once; the others wait their turn. */
export class AtMost {
  readonly #most: number;
  #running = 0;
  readonly #waiting: (() => void)[] = [];

  constructor(most: number) {
    this.#most = most;
  }

  async run<T>(task: () => Promise<T>): Promise<T> {
    if (this.#running >= this.#most)
      await new Promise<void>((turn) => {
        this.#waiting.push(turn);
      });
    else this.#running += 1;
    try {
      return await task();
    } finally {
      // the place goes to whoever waits longest, or is free again
      const next = this.#waiting.shift();
      if (next) next();
      else this.#running -= 1;
    }
  }
}
