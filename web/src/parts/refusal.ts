import type { ProblemDocument } from '@oddment/contracts';

/** What the server said against it, in words; nothing where there was no error. */
export function refusal(error: unknown): string | undefined {
  if (error === undefined) return undefined;
  const data = typeof error === 'object' && error !== null && 'data' in error ? (error.data as ProblemDocument | undefined) : undefined;
  return data?.problems?.[0]?.message ?? data?.detail ?? 'The server does not answer.';
}
