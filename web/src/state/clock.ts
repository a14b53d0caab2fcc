import type { SessionRecord } from '@oddment/contracts';

let standing: string | undefined;

/** Takes over the server's time where it stands still, so that page and server agree. */
export function followClock(session: SessionRecord): SessionRecord {
  standing = session.frozen ? session.now : undefined;
  return session;
}

/** The time of the page, as an instant. */
export function pageNow(): string {
  return standing ?? new Date().toISOString();
}

/** The time zone that this device is set to. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
