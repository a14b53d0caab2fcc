import { createHash } from 'node:crypto';
import { declareClassPlugin, PluginKind, commonTokens } from '@stryker-mutator/api/plugin';
import { CheckStatus } from '@stryker-mutator/api/check';

/** Lets so many mutants pass, chosen by a seed; the others are left out of the count. */
class Sample {
  static inject = [commonTokens.options];
  #chosen = new Set();
  #seed;
  #size;

  constructor(options) {
    ({ seed: this.#seed, size: this.#size } = options.sample);
  }

  async init() {
    await Promise.resolve();
  }

  /** By what a mutant is, not by its number: the same ones whatever else a file has. */
  #rank({ fileName, mutatorName, replacement, location }) {
    const at = fileName.slice(fileName.lastIndexOf('/core/'));
    return createHash('sha256')
      .update(JSON.stringify([this.#seed, at, mutatorName, replacement, location]))
      .digest('hex');
  }

  async group(mutants) {
    const ranked = [...mutants].sort((a, b) => (this.#rank(a) < this.#rank(b) ? -1 : 1));
    this.#chosen = new Set(ranked.slice(0, this.#size).map((m) => m.id));
    return Promise.resolve([mutants.map((m) => m.id)]);
  }

  async check(mutants) {
    return Promise.resolve(
      Object.fromEntries(
        mutants.map(({ id }) => [
          id,
          this.#chosen.has(id) ? { status: CheckStatus.Passed } : { status: CheckStatus.CompileError, reason: 'not in the sample' },
        ]),
      ),
    );
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.Checker, 'sample', Sample)];
