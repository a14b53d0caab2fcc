import type { ChangedBy, Problem, ProblemDocument } from '@oddment/contracts';

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
  503: 'Not at the moment',
  500: 'Something went wrong on our side',
};

/** An error that is answered as application/problem+json. */
export class HttpProblem extends Error {
  readonly status: number;
  readonly problems: readonly Problem[] | undefined;
  readonly current: unknown;
  readonly by: ChangedBy | undefined;

  constructor(status: number, detail: string, more: { problems?: readonly Problem[]; current?: unknown; by?: ChangedBy | undefined } = {}) {
    super(detail);
    this.status = status;
    this.problems = more.problems;
    this.current = more.current;
    this.by = more.by;
  }

  document(): ProblemDocument {
    return {
      type: 'about:blank',
      title: titles[this.status] ?? 'Error',
      status: this.status,
      detail: this.message,
      ...(this.problems && { problems: this.problems }),
      ...(this.current !== undefined && { current: this.current }),
      ...(this.by && { by: this.by }),
    };
  }
}

export const notFound = (what: string) => new HttpProblem(404, `${what} is not here, or not yours.`);

/** Whether PostgreSQL refused a value itself (its class 22, data exceptions). */
function isDataError(error: unknown): boolean {
  const { code, cause } = (typeof error === 'object' && error !== null ? error : {}) as { code?: unknown; cause?: unknown };
  return (typeof code === 'string' && /^22/.test(code)) || (cause !== undefined && isDataError(cause));
}

/** Any error as a problem: what is not known is our own fault, and said without its inside. */
export function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  const { status, type } = (typeof error === 'object' && error !== null ? error : {}) as { status?: unknown; type?: unknown };
  if (type === 'entity.parse.failed') return new HttpProblem(400, 'The body is not JSON.');
  if (type === 'entity.too.large') return new HttpProblem(413, 'The body is too large.');
  if (isDataError(error))
    return new HttpProblem(422, 'Something in it cannot be kept.', {
      problems: [{ path: '', message: 'A value is larger than can be kept, or holds a character that cannot.' }],
    });
  if (typeof status === 'number' && status >= 400 && status < 500) return new HttpProblem(status, 'The request cannot be read.');
  return new HttpProblem(500, 'The server could not do this. Nothing was changed. Try again.');
}
