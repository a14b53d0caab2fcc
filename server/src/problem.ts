import type { Problem, ProblemDocument } from '@oddment/contracts';

const titles: Readonly<Record<number, string>> = {
  400: 'The request cannot be read',
  401: 'Sign in first',
  403: 'Not allowed',
  404: 'Not found',
  409: 'It has changed meanwhile',
  413: 'Too large',
  415: 'JSON is expected',
  422: 'Something is not right',
  429: 'Too many tries',
  500: 'Something went wrong on our side',
};

/** An error that is answered as application/problem+json. */
export class HttpProblem extends Error {
  readonly status: number;
  readonly problems: readonly Problem[] | undefined;
  readonly current: unknown;

  constructor(status: number, detail: string, more: { problems?: readonly Problem[]; current?: unknown } = {}) {
    super(detail);
    this.status = status;
    this.problems = more.problems;
    this.current = more.current;
  }

  document(): ProblemDocument {
    return {
      type: 'about:blank',
      title: titles[this.status] ?? 'Error',
      status: this.status,
      detail: this.message,
      ...(this.problems && { problems: this.problems }),
      ...(this.current !== undefined && { current: this.current }),
    };
  }
}

export const notFound = (what: string) => new HttpProblem(404, `${what} is not here, or not yours.`);
