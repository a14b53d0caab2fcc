/** When a firm works: clock times at the site, and the days of the week from Monday, one to seven. */
export interface WorkingHours {
  /** such as 07:00 */
  readonly from: string;
  readonly to: string;
  readonly pause?: { readonly from: string; readonly to: string };
  readonly days: readonly number[];
}

/** Common practice, until the firm says when it works. */
export const usualHours: WorkingHours = { from: '07:00', to: '16:00', pause: { from: '12:00', to: '12:30' }, days: [1, 2, 3, 4, 5] };

/** Minutes of a clock time after midnight. */
export const clockMinutes = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

/** A clock time so many min after another, the last of its day at the latest. */
export function timeAfter(time: string, minutes: number): string {
  const min = Math.min(clockMinutes(time) + minutes, 24 * 60 - 1);
  return `${String(Math.floor(min / 60)).padStart(2, '0')}:${String(min % 60).padStart(2, '0')}`;
}

/** What is wrong with hours, in words; nothing where they can be worked by. */
export function hoursProblems({ from, to, pause, days }: WorkingHours): readonly string[] {
  const time = /^([01]\d|2[0-3]):[0-5]\d$/;
  const bad = [from, to, ...(pause ? [pause.from, pause.to] : [])].filter((t) => !time.test(t));
  if (bad.length > 0) return [`'${bad.join("', '")}' is no clock time: write it as 07:00.`];
  return [
    ...(clockMinutes(to) <= clockMinutes(from) ? [`The day ends at ${to}, which is not after ${from}.`] : []),
    ...(pause && (pause.from < from || pause.to > to || pause.to <= pause.from) ? ['The break has to lie within the day, its end after its beginning.'] : []),
    ...(days.length === 0 || days.some((d) => !Number.isInteger(d) || d < 1 || d > 7)
      ? ['At least one day of the week is worked, from Monday (1) to Sunday (7).']
      : []),
  ];
}

/** Days of the week, Monday first. */
export const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** Hours in a sentence without its end. */
export function hoursWords({ from, to, pause, days }: WorkingHours): string {
  const names = days.map((d) => weekdays[d - 1]?.slice(0, 3) ?? '').join(', ');
  return `${from} to ${to}${pause ? `, with a break from ${pause.from} to ${pause.to}` : ''}; ${names}`;
}

/** What hours do to a plan. */
export const hoursWhy =
  'By hand nothing is planned outside them, and what would close over night is not begun in the evening. The day on which a job starts is worked from its start.';
