import { check } from '@oddment/contracts';
import type { CookieOptions, Request, Response } from 'express';
import { HttpProblem, notFound } from '../problem.ts';
import { sessionDays } from '../services/accountService.ts';
import type { Answer } from '../services/recordService.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Scope } from '../store/jobStore.ts';

const cookieName = 'oddment_session';
const uuidPattern = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;

export const isUuid = (text: string): boolean => uuidPattern.test(text);

export const sessionCookie = {
  name: cookieName,
  options: { httpOnly: true, sameSite: 'strict', path: '/', maxAge: sessionDays * 86_400_000 } satisfies CookieOptions,
} as const;

/** The session's token that a browser sent along. */
export function cookieToken(req: Request): string | undefined {
  const found = (req.headers.cookie ?? '')
    .split(';')
    .map((c) => c.trim())
    .find((c) => c.startsWith(`${cookieName}=`));
  return found?.slice(cookieName.length + 1);
}

function bodyOf<T extends object>(contract: new () => T, req: Request): T {
  if (req.body === undefined) throw new HttpProblem(415, 'Send a JSON object with content type application/json.');
  const checked = check(contract, req.body);
  if (!checked.ok) throw new HttpProblem(422, checked.problems[0]?.message ?? 'The input cannot be taken.', { problems: checked.problems });
  return checked.value;
}

function idOf(req: Request): string {
  const id = req.params['id'];
  if (typeof id !== 'string' || !isUuid(id)) throw notFound('That');
  return id;
}

/** One request, as the handlers see it. What is not there is refused when asked for. */
export interface Call {
  readonly req: Request;
  readonly res: Response;
  readonly who: SignedIn;
  readonly scope: Scope;
  readonly id: string;
  readonly body: <T extends object>(contract: new () => T) => T;
}

export type Handler = (call: Call) => Promise<unknown>;

export function callOf(req: Request, res: Response, who: SignedIn | undefined, at: string): Call {
  return {
    req,
    res,
    get who() {
      if (!who) throw new HttpProblem(401, 'Sign in first.');
      return who;
    },
    get scope() {
      return { firmId: this.who.firm.id, accountId: this.who.account.id, at };
    },
    get id() {
      return idOf(req);
    },
    body: (contract) => bodyOf(contract, req),
  };
}

/** The record of what was made; a repeat is answered as found, not as made. */
export function madeStatus({ res }: Call, { record, repeated }: Answer) {
  if (repeated) res.status(200);
  return record;
}
