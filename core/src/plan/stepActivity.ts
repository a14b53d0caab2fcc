import type { Effort, HandsOn, Step } from '../method/step.ts';
import type { Mix } from '../method/work.ts';
import type { Range } from '../shelf/patchSystem.ts';
import type { Activity, CrewWay } from '../schedule/days/problem.ts';

const perUnit = { m: 1000, 'm²': 1e6, L: 1000, piece: 1 } as const;

/** Minutes of an effort for so many people, set-up apart. As planned it went by `hands`; one alone goes once as fast. */
function effortMin(e: Effort, people: 1 | 2, pairHands: number): number {
  if (e.by === 'fixed') return e.minutes.value;
  const hands = !e.shared ? e.hands.value : people === 1 ? 1 : Math.max(e.hands.value, pairHands);
  return (e.pace.value * (e.amount.value / perUnit[e.per]) * (e.passes?.value ?? 1)) / hands;
}

/** A pair goes so many times as fast as one: the rate of the firm where a step was planned with a pair, else common practice. */
export const usualPair = 2;

const upTo = (minutes: number, grid: number) => Math.max(grid, Math.ceil((minutes - 1e-9) / grid) * grid);

/** Work of one that is shorter than this, in min, is not shared with a second: both would have to get there and set up. Common practice. */
const leastShared = 15;
/** Nobody leaves off what takes less than this, in min, and goes on after the break. Common practice. */
const leastParted = 30;

/** Between which temperatures of the ground something is placed; colder than its least where that is only a matter of care. */
const bandOf = ({ min, max, below }: Range) => ({ least: below === 'care' ? -273 : (min?.value ?? -273), most: max?.value ?? 1000 });

/** Min before the end of a day by which the last mix of it is past its working time: time to clean up. Common practice. */
const cleanUpMin = 45;

/** Min that a day must still have after a step that places a mix. */
function clearMin(step: Step, mixes: readonly Mix[], ways: readonly CrewWay[]): number {
  const within = mixes.flatMap((m) => (m.within && m.serves.includes(step.id) ? [m.within.value] : []));
  if (within.length === 0) return 0;
  return Math.ceil(Math.max(0, Math.min(240, Math.max(...within)) - Math.min(...ways.map((w) => w.minutes)))) + cleanUpMin;
}

interface Around {
  readonly mark: string;
  readonly area: string;
  /** the largest batch, in the unit of amounts */
  readonly most: number;
  readonly grid: number;
  /** how many times as fast as one a pair goes */
  readonly pair: number;
  readonly mixes: readonly Mix[];
  /** what lies around is covered while the repair is worked at */
  readonly covered: boolean;
  /** the step that mixes for this one alone, and its mix */
  readonly batch: { readonly step: Step; readonly mix: Mix } | undefined;
}

/** The crews that can do it, each with its minutes. */
function waysOf({ efforts, people }: HandsOn, { pair, grid }: Around): CrewWay[] {
  const minutes = (n: 1 | 2) =>
    upTo(
      efforts.reduce((sum, e) => sum + effortMin(e, n, pair), 0),
      grid,
    );
  return ([1, 2] as const).filter((n) => n >= people.least && n <= people.most).map((n) => ({ people: n, minutes: minutes(n) }));
}

/** What goes directly before it: set-up of each person, and the batch that is mixed for it. */
function beforehand({ efforts }: HandsOn, { area, grid, most, batch }: Around): Pick<Activity, 'setUp' | 'run'> {
  const paced = efforts.flatMap((e) => (e.by === 'pace' && e.setUp.value > 0 ? [e] : []));
  const minutes = paced.reduce((sum, e) => sum + e.setUp.value, 0);
  return {
    ...(paced.length > 0 && { setUp: { key: `${area} ${paced.map((e) => e.key).join(' ')}`, minutes: upTo(minutes, grid) } }),
    ...(batch && {
      run: {
        key: batch.mix.key ?? '',
        title: batch.step.title,
        minutes: upTo(batch.step.minutes.value, grid),
        amount: batch.mix.total.value,
        most,
        ...(batch.mix.within && { within: { by: 'fixed' as const, minutes: batch.mix.within } }),
      },
    }),
  };
}

const moment = { ways: [], skills: [], things: [], interrupt: false, loud: false, dry: false, covered: false, clear: 0 } as const;

/** A step of a method as an activity of a problem of days. */
export function activityOf(step: Step, around: Around): Omit<Activity, 'repair'> {
  const { handsOn, id, title } = step;
  const named = { id: `${around.mark}/${id}`, step: id, title };
  if (!handsOn) return { ...named, ...moment };
  const ways = waysOf(handsOn, around);
  const [alone] = ways;
  const longest = Math.max(...ways.map((w) => w.minutes));
  return {
    ...named,
    ways: alone?.people === 1 && alone.minutes < leastShared ? [alone] : ways,
    ...beforehand(handsOn, around),
    ...(step.builder.startsWith('mix-') && { mixes: true as const }),
    skills: handsOn.skills.map((k) => k.skill),
    things: handsOn.things,
    interrupt: handsOn.interrupt && step.straightOn !== true && longest >= leastParted,
    loud: handsOn.makes.some((m) => m === 'noise' || m === 'dust'),
    dry: handsOn.asks?.dry ?? false,
    ...(handsOn.asks && { band: bandOf(handsOn.asks.slabC) }),
    covered: around.covered,
    clear: clearMin(step, around.mixes, ways),
  };
}
