interface LocalParts {
  readonly date: string;
  readonly time: string;
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** A moment as date and time at the site, such as 2026-06-02 and 07:10. */
export function siteDateTime(at: string, timeZone: string): LocalParts {
  let format = formats.get(timeZone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
    formats.set(timeZone, format);
  }
  const parts = Object.fromEntries(format.formatToParts(new Date(at)).map((p) => [p.type, p.value]));
  return { date: `${parts['year'] ?? ''}-${parts['month'] ?? ''}-${parts['day'] ?? ''}`, time: `${parts['hour'] ?? ''}:${parts['minute'] ?? ''}` };
}

/**
 * The instant of a date and a clock time at the site. A time that the clock skips or repeats when it is
 * set is taken by the offset that holds before.
 */
export function siteInstant(date: string, time: string, timeZone: string): string {
  const wanted = Date.parse(`${date}T${time}:00Z`);
  let guess = wanted;
  for (let i = 0; i < 2; i++) {
    const there = siteDateTime(new Date(guess).toISOString(), timeZone);
    guess += wanted - Date.parse(`${there.date}T${there.time}:00Z`);
  }
  return new Date(guess).toISOString();
}
