import { seededRandom } from '../src/schedule/days/random.ts';
import { at, type Activity, type PlaceMark, type Problem, type Tie } from '../src/schedule/days/problem.ts';
import { act, hours, lag, small } from './smallDays.ts';

/** A fixture: how many repairs, a seed, how many people. */
export type Fixture = readonly [repairs: number, seed: number, people: 2 | 3];

/** Ends in min that the best plans ever found for the twenty fixtures have, each after two thousand tries from each of three seeds. */
export const bestKnown: readonly (readonly [fixture: Fixture, end: number])[] = [
  [[8, 100, 2], 4668],
  [[12, 101, 2], 3268],
  [[16, 102, 2], 4744],
  [[20, 103, 2], 4680],
  [[24, 104, 2], 4705],
  [[28, 105, 2], 4806],
  [[32, 106, 2], 6104],
  [[36, 107, 2], 6220],
  [[40, 108, 2], 6202],
  [[50, 109, 2], 10138],
  [[8, 110, 3], 4683],
  [[12, 111, 3], 4714],
  [[16, 112, 3], 4699],
  [[20, 113, 3], 3236],
  [[24, 114, 3], 4726],
  [[28, 115, 3], 4705],
  [[32, 116, 3], 4687],
  [[36, 117, 3], 4736],
  [[40, 118, 3], 4809],
  [[50, 119, 3], 6177],
];

/** A job of everything at once: set-up and batches, windows, waits over night, marks, a thing there is one of, covering, ways, skills, pairs. */
export function mixed([repairs, seed, people]: Fixture): Problem {
  const random = seededRandom(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const activities: Activity[] = [];
  const ties: Tie[] = [];
  const marks: PlaceMark[] = [];
  const places = Array.from({ length: Math.max(2, Math.ceil(repairs / 5)) }, (_v, i) => ({
    id: `A${String(i)}`,
    name: `A${String(i)}`,
    cover: int(0, 4) * 5,
    away: int(0, 2) * 5,
  }));
  const placeOf = Array.from({ length: repairs }, () => int(0, places.length - 1));
  for (let r = 0; r < repairs; r++) {
    const place = at(placeOf, r);
    const add = (step: string, minutes: number, more: Partial<Activity> = {}, tie: Partial<Tie> = {}) => {
      const i = activities.length;
      const first = activities[i - 1]?.repair === r;
      activities.push(act(r, step, minutes, { covered: true, ...more }));
      if (first) ties.push({ from: i - 1, after: 'end', to: i, ...tie });
      return i;
    };
    const over = (i: number, is: PlaceMark['is'], later?: number) =>
      marks.push({ place, is, from: { act: i, at: 'start' }, to: { act: i, at: 'end', ...(later !== undefined && { later: lag(later) }) } });
    const set = (key: string, minutes: number) => ({ setUp: { key: `${String(place)} ${key}`, minutes } });
    const kind = int(0, 2);
    if (kind === 0) {
      // mortar: cut, mixed and placed, floated in its time, painted in days
      over(add('cut', int(8, 30), { ...set('saw', 8), things: ['saw'], loud: true }), 'dust');
      add('wash', int(4, 10), set('wash', 5));
      const run = { key: 'mortar', minutes: 6, amount: int(1, 5), most: 8, within: lag(45) };
      add('place', int(4, 12), { run, clear: 60 }, { least: lag(120), most: lag(300) });
      add('tools', 4, {}, { most: lag(30), goesOn: true, sameDay: true });
      add('float', int(3, 8), {}, { least: lag(int(35, 50)), most: lag(100) });
      const first = add('paint', int(6, 15), set('paint', 8), { least: lag(1440 * int(1, 3)) });
      over(first, 'wet', 60);
      over(add('paint-2', int(6, 15), set('paint', 8), { least: lag(120) }), 'wet', 60);
    } else if (kind === 1) {
      // board and plaster: filled out of a batch, coats, sanded, primed
      const run = { key: 'compound', minutes: 6, amount: int(1, 3), most: 6, within: lag(27) };
      add('trim', int(4, 12), set('knife', 3));
      add('fill', int(3, 10), { run, clear: 45 });
      add('coat', int(4, 12), { run }, { least: lag(80) });
      over(add('sand', int(5, 20), set('sand', 3), { least: lag(int(400, 800)) }), 'dust');
      over(add('prime', int(4, 12), set('paint', 8)), 'wet', 60);
    } else {
      // what takes two, or one for twice as long; and what only some may do
      const minutes = int(20, 60);
      add('open', minutes, {
        ways:
          random() < 0.5
            ? [{ people: 2, minutes }]
            : [
                { people: 1, minutes: minutes * 2 },
                { people: 2, minutes },
              ],
        interrupt: true,
      });
      add('resin', int(10, 40), { skills: ['respirator'], clear: 30 }, { least: lag(int(0, 4) * 60), most: lag(1800) });
      over(add('grind', int(6, 20), { ...set('grind', 5), things: ['grinder'], loud: true }, { least: lag(int(2, 20) * 60) }), 'dust');
    }
  }
  const days = 8 + Math.ceil(repairs / 2);
  const made = small(activities, ties, {
    people,
    dayMin: 510,
    days,
    marks,
    places,
    walkMin: 5,
    things: { saw: 1, grinder: 1 },
    repairs: placeOf.map((place) => ({ place })),
  });
  const own = hours(days, 510, { from: 300, to: 330 });
  return { ...made, workers: made.workers.map((w, i) => ({ ...w, hours: own, skills: i === people - 1 ? [] : ['respirator' as const] })) };
}
