import { seededRandom } from '../src/schedule/days/random.ts';
import { at, type Activity, type Problem, type Tie } from '../src/schedule/days/problem.ts';
import { act, lag, small } from './smallDays.ts';

/**
 * A job whose best end is known: two people's days are cut into work without a gap, and the pieces dealt to repairs. Every lag holds as the
 * pieces lie, so that they can be done in that time; and no plan ends sooner, for there is work for every minute of it.
 */
export function planted(repairs: number, seed: number): { readonly problem: Problem; readonly end: number } {
  const random = seededRandom(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const dayMin = 480;
  const steps = repairs * 4;
  const pieces: { readonly start: number; readonly minutes: number }[] = [];
  const mean = 40;
  const days = Math.max(2, Math.ceil((steps * mean) / (2 * dayMin)));
  for (const _person of [0, 1])
    for (let d = 0; d < days; d++) {
      let now = 0;
      while (now < dayMin) {
        const left = dayMin - now;
        const minutes = left < 30 ? left : Math.min(left, int(2, 14) * 5);
        pieces.push({ start: d * 1440 + now, minutes });
        now += minutes;
      }
    }
  pieces.sort((a, b) => a.start - b.start);
  // dealt in order of time: the next piece of a repair begins when the one before it is over
  const hands: { start: number; minutes: number }[][] = Array.from({ length: repairs }, () => []);
  for (const piece of pieces) {
    const free = hands.filter((h) => {
      const last = h[h.length - 1];
      return !last || last.start + last.minutes <= piece.start;
    });
    const fewest = Math.min(...free.map((h) => h.length));
    const open = free.filter((h) => h.length <= fewest + 1);
    at(open, int(0, open.length - 1)).push(piece);
  }
  const activities: Activity[] = [];
  const ties: Tie[] = [];
  hands
    .filter((h) => h.length > 0)
    .forEach((h, r) =>
      h.forEach((piece, s) => {
        const i = activities.length;
        activities.push(act(r, `s${String(s)}`, piece.minutes));
        const before = h[s - 1];
        if (!before) return;
        const gap = piece.start - before.start - before.minutes;
        // waits shorter than they lie, and now and then a window that just holds them
        ties.push({
          from: i - 1,
          after: 'end',
          to: i,
          ...(gap > 0 && { least: lag(Math.floor(gap * (0.3 + 0.6 * random()))) }),
          ...(random() < 0.15 && { most: lag(gap + int(30, 240)) }),
        });
      }),
    );
  return { problem: small(activities, ties, { people: 2, dayMin, days: days * 2 + 3 }), end: (days - 1) * 1440 + dayMin };
}

/** How far an end is from what is known to be best: working minutes between them, over those up to the best. */
export function gapOf(problem: Problem, best: number, end: number): number {
  const minutes = (from: number, to: number) =>
    at(problem.workers, 0).hours.reduce((sum, h) => sum + Math.max(0, Math.min(h.to, to) - Math.max(h.from, from)), 0);
  return minutes(best, end) / minutes(0, best);
}
