/** What a person gave cannot be used: a list of sentences, exit code 2. */
export class BadInput extends Error {
  readonly problems: readonly string[];
  constructor(problems: readonly string[]) {
    super(problems.join('\n'));
    this.problems = problems;
  }
}
