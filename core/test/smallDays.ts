import { Ledger } from '../src/quantity/ledger.ts';
import { constantClimate } from '../src/climate/series.ts';
import type { Lag } from '../src/method/step.ts';
import { say } from '../src/quantity/saying.ts';
import { seededRandom } from '../src/schedule/days/random.ts';
import type { Activity, PlaceMark, Problem, Repair, Stretch, Tie, Worker } from '../src/schedule/days/problem.ts';

const ledger = new Ledger();

/** A lag of so many minutes. */
export const lag = (minutes: number): Lag => ({ by: 'fixed', minutes: ledger.stated('Lag', 'duration', minutes) });

/** A window as the firm keeps it: without reserve, so that what is checked is what was asked. */
const noReserve = { share: 0, mostMin: 0, fromMin: 0 };

const plain = { skills: [], things: [], interrupt: false, loud: false, dry: false, covered: false, clear: 0 };

/** An activity of a repair, as short as it can be written. */
export const act = (repair: number, step: string, minutes: number, more: Partial<Activity> = {}): Activity => ({
  id: `R${String(repair)}/${step}`,
  repair,
  step,
  title: say`${step}`,
  ways: [{ people: 1, minutes }],
  ...plain,
  ...more,
});

/** Hours of so many days, each from nothing on for so long, with a break where one is named. */
export function hours(days: number, dayMin: number, pause?: Stretch): Stretch[] {
  return Array.from({ length: days }, (_v, d) =>
    pause
      ? [
          { from: d * 1440, to: d * 1440 + pause.from },
          { from: d * 1440 + pause.to, to: d * 1440 + dayMin },
        ]
      : [{ from: d * 1440, to: d * 1440 + dayMin }],
  ).flat();
}

/** A small problem: one place, so many people with the same hours. */
export function small(
  activities: readonly Activity[],
  ties: readonly Tie[],
  {
    people = 1,
    dayMin = 480,
    days = 3,
    pause,
    repairs = [],
    places = [{ id: 'A', name: 'A', cover: 0, away: 0 }],
    ...more
  }: Partial<Omit<Problem, 'repairs' | 'days'>> & {
    people?: number;
    dayMin?: number;
    days?: number;
    pause?: Stretch;
    repairs?: readonly Partial<Repair>[];
  } = {},
): Problem {
  const count = Math.max(0, ...activities.map((a) => a.repair)) + 1;
  const climate = constantClimate(20, 20, 50);
  return {
    startAt: '2026-06-01T07:00:00.000Z',
    timeZone: 'UTC',
    days: Array.from({ length: days + 1 }, (_v, d) => (d === 0 ? 0 : d * 1440)),
    workers: Array.from({ length: people }, (_v, i): Worker => ({ id: `p${String(i)}`, name: `P${String(i)}`, hours: hours(days, dayMin, pause) })),
    things: {},
    places,
    repairs: Array.from({ length: count }, (_v, i): Repair => ({ id: `R${String(i)}`, mark: `R${String(i)}`, place: 0, climate, ...repairs[i] })),
    activities,
    ties,
    marks: [],
    stands: [],
    grid: 1,
    walkMin: 0,
    reserve: noReserve,
    ...more,
  };
}

/** What a generated case has in it. */
export type Feature = 'pairs' | 'break' | 'windows' | 'set-up' | 'things' | 'marks' | 'skills' | 'dates';

/** A case by chance on a grid of 15 min: two people, two days, a few repairs of a few steps, with these features. */
export function generated(seed: number, features: readonly Feature[]): Problem {
  const random = seededRandom(seed);
  const has = (f: Feature) => features.includes(f);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const slot = 15;
  const activities: Activity[] = [];
  const ties: Tie[] = [];
  const marks: PlaceMark[] = [];
  const repairs = int(2, 3);
  for (let r = 0; r < repairs; r++) {
    const steps = int(2, 3);
    for (let s = 0; s < steps; s++) {
      const i = activities.length;
      const minutes = int(1, 5) * slot;
      const pair = has('pairs') && random() < 0.5;
      activities.push(
        act(r, `s${String(s)}`, minutes, {
          ways: pair
            ? random() < 0.4
              ? [{ people: 2, minutes }]
              : [
                  { people: 1, minutes: minutes * 2 },
                  { people: 2, minutes },
                ]
            : [{ people: 1, minutes }],
          ...(has('set-up') && random() < 0.8 && { setUp: { key: at(['k', 'l'], int(0, 1)), minutes: int(1, 2) * slot } }),
          ...(has('things') && random() < 0.6 && { things: ['grinder' as const] }),
          ...(has('skills') && random() < 0.4 && { skills: ['overhead' as const] }),
        }),
      );
      if (s > 0)
        ties.push({
          from: i - 1,
          after: random() < 0.8 ? 'end' : 'start',
          to: i,
          ...(random() < 0.5 && { least: lag(int(1, 6) * slot) }),
          ...(has('windows') && random() < 0.7 && { most: lag(int(7, 10) * slot) }),
        });
      if (has('marks') && random() < 0.7) {
        const is = random() < 0.5 ? ('dust' as const) : ('wet' as const);
        marks.push({
          place: 0,
          is,
          from: { act: i, at: 'start' },
          to: { act: i, at: 'end', ...(is === 'wet' && random() < 0.5 && { later: lag(int(1, 3) * slot) }) },
        });
      }
    }
  }
  const dayMin = 240;
  const pause = has('break') ? { from: 120, to: 135 } : undefined;
  const made = small(activities, ties, {
    people: 2,
    dayMin,
    days: 2,
    ...(pause && { pause }),
    marks,
    grid: slot,
    ...(has('things') && { things: { grinder: 1 } }),
  });
  if (!has('skills')) return made;
  return { ...made, workers: made.workers.map((w, i) => ({ ...w, skills: i === 0 ? ['overhead' as const] : [] })) };
}

function at<T>(list: readonly T[], i: number): T {
  const one = list[i];
  if (one === undefined) throw new Error('nothing there');
  return one;
}
