/** The time of the server: running, or standing still for tests and pictures. */
export interface Clock {
  readonly now: () => Date;
  readonly frozen: boolean;
}

/** A running clock, or one that stands at an instant. */
export function clockAt(instant?: string): Clock {
  if (instant === undefined || instant === '') return { now: () => new Date(), frozen: false };
  return { now: () => new Date(instant), frozen: true };
}
