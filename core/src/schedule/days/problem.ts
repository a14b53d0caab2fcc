import type { ClimateSeries } from '../../climate/series.ts';
import type { Lag, Mark } from '../../method/step.ts';
import type { ThingId } from '../../method/things.ts';
import type { Saying } from '../../quantity/saying.ts';
import type { Skill } from '../../survey/crew.ts';

/** A stretch of time on the axis of a job, in whole min from its start; its end is not in it. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Somebody who works, and when: stretches in order, with breaks and nights between them. */
export interface Worker {
  readonly id: string;
  readonly name: string;
  /** absent where nothing is said of him: nothing is refused to him */
  readonly skills?: readonly Skill[];
  readonly hours: readonly Stretch[];
  /** when he is at another job, by its site: not in his hours */
  readonly elsewhere?: readonly (Stretch & { readonly site: string })[];
}

/** An area of a job as its days see it. */
export interface Place {
  readonly id: string;
  readonly name: string;
  /** when it may be entered; always where absent */
  readonly open?: readonly Stretch[];
  /** when no noise and no dust may be made in it */
  readonly quiet?: readonly Stretch[];
  /** when it rains on it */
  readonly rain?: readonly Stretch[];
  /** the area that it is reached through */
  readonly through?: number;
  /** what one person takes to cover it before the first work of a day, and to clear away after the last, in min */
  readonly cover: number;
  readonly away: number;
}

/** How many are at it, and how long it takes them, set-up apart, in whole min. */
export interface CrewWay {
  readonly people: 1 | 2;
  readonly minutes: number;
}

/** A batch that is mixed for a step, and may be mixed for several together. */
export interface MixRun {
  readonly key: string;
  /** what is mixed for it, were it mixed alone */
  readonly title?: Saying;
  /** mixing it, in min */
  readonly minutes: number;
  readonly amount: number;
  /** the largest batch, in the unit of the amount */
  readonly most: number;
  /** the last of it is begun within so much of its mixing, its reserve kept */
  readonly within?: Lag;
}

/** Something that is done, by somebody; or a moment from which something is allowed. */
export interface Activity {
  /** stays the same when it is planned again: mark of the repair, and step of its method */
  readonly id: string;
  readonly repair: number;
  readonly step: string;
  readonly title: Saying;
  /** the crews that can do it; none of a moment */
  readonly ways: readonly CrewWay[];
  /** what each person pays directly before, unless his last work that day had the same key */
  readonly setUp?: { readonly key: string; readonly minutes: number };
  readonly run?: MixRun;
  /** it is mixing itself, for what is placed behind it */
  readonly mixes?: true;
  /** what each of those at it has to be able to do */
  readonly skills: readonly Skill[];
  readonly things: readonly ThingId[];
  /** whether the calendar may interrupt it */
  readonly interrupt: boolean;
  /** makes noise or dust */
  readonly loud: boolean;
  /** no rain on it while it is worked */
  readonly dry: boolean;
  /** not begun before, in min: somebody else has to release it first */
  readonly notBefore?: number;
  /** between which temperatures of the ground it can be placed, in °C */
  readonly band?: { readonly least: number; readonly most: number };
  /** what lies around is covered while it is done */
  readonly covered: boolean;
  /** min that its day should still have when it is over, where there is room for that: what it places goes off, and tools are cleaned, before everybody goes */
  readonly clear: number;
  /** begins then and is done by these, in min and by place in the list of workers: somebody has set it there by hand */
  readonly pin?: { readonly start: number; readonly people: readonly number[] };
  /** is done already, with its real times */
  readonly done?: { readonly start: number; readonly end: number; readonly people: readonly number[] };
}

/** A shortest and a longest lag between two activities; `sameDay`: it is begun the same day. */
export interface Tie {
  readonly from: number;
  readonly after: 'start' | 'end';
  readonly to: number;
  readonly least?: Lag;
  readonly most?: Lag;
  /** it is over by then, not only begun: a mix is placed before it goes off */
  readonly overBy?: Lag;
  readonly sameDay?: true;
  /** one of those at the first goes on with it: nobody else comes for what has to follow at once, or to clean the tools of another */
  readonly goesOn?: true;
  /** its longest lag is how one works, not what the stuff bears: nothing is lost that is missed by minutes */
  readonly habit?: true;
}

/** The start or end of an activity, or when a lag after it is over. */
export interface Point {
  readonly act: number;
  readonly at: 'start' | 'end';
  readonly later?: Lag;
}

/** What other work at a place has to heed, from one moment to another. */
export interface PlaceMark {
  readonly place: number;
  readonly is: Mark['is'] | 'passed';
  readonly from: Point;
  readonly to: Point;
}

/** A thing that stands where it was put. */
export interface Stand {
  readonly thing: ThingId;
  readonly from: Point;
  readonly to: Point;
}

/** A repair as its days see it. */
export interface Repair {
  readonly id: string;
  readonly mark: string;
  readonly place: number;
  /** of its ground and air, by which its waits and windows run */
  readonly climate: ClimateSeries;
  /** nothing of it before, in min */
  readonly notBefore?: number;
  /** its last work is over by then, in min */
  readonly due?: number;
}

/** Everything that days are made from. Times in whole min from the start of the job. */
export interface Problem {
  /** ISO instant */
  readonly startAt: string;
  readonly timeZone: string;
  /** where each day at the site begins, from that of the start on; the last one is where what is looked at ends */
  readonly days: readonly number[];
  readonly workers: readonly Worker[];
  /** how many there are of things of which there are few; of others there are enough */
  readonly things: Readonly<Partial<Record<ThingId, number>>>;
  readonly places: readonly Place[];
  readonly repairs: readonly Repair[];
  /** those of a repair in an order that may be worked */
  readonly activities: readonly Activity[];
  readonly ties: readonly Tie[];
  readonly marks: readonly PlaceMark[];
  readonly stands: readonly Stand[];
  /** starts are multiples of it, in min */
  readonly grid: number;
  /** what it takes somebody to get from one place to another with his tools, in min */
  readonly walkMin: number;
  /** how much of a window is kept in reserve where there is room for it */
  readonly reserve: { readonly share: number; readonly mostMin: number; readonly fromMin: number };
}

/** Marks at one place that may not overlap, of different repairs. Which ones is common practice. */
export const clashes: readonly (readonly [PlaceMark['is'], PlaceMark['is']])[] = [
  // dust settles in what is wet
  ['dust', 'wet'],
  // sparks and hot motors stay away from vapor
  ['dust', 'vapor'],
  // nobody walks over a floor that is closed
  ['closed', 'passed'],
];

/** An activity that has its time. */
export interface Placement {
  readonly act: number;
  /** its work begins; set-up, mixing and covering lie directly before */
  readonly start: number;
  readonly end: number;
  readonly people: readonly number[];
  /** min before its start for each of the people: the way from another place, set-up and mixing */
  readonly before: readonly number[];
  /** min of covering before that, and of clearing away after its end, by the first of the people */
  readonly cover: number;
  readonly away: number;
}

/** Whether each of some people may do an activity: of whom nothing is said may do all. */
export const mayDo = ({ workers }: Problem, { skills }: Activity, people: readonly number[]): boolean =>
  people.every((p) => {
    const own = at(workers, p).skills;
    return own === undefined || skills.every((s) => own.includes(s));
  });

/** One of a list. @throws Error where there is none at that place */
export function at<T>(list: readonly T[], i: number): T {
  const one = list[i];
  if (one === undefined) throw new Error(`there is nothing at ${String(i)} of ${String(list.length)}`);
  return one;
}

/** From when on an activity may begin by what was asked: of its repair, of itself, and by where it was set by hand. */
export const firstOf = ({ repairs }: Problem, { repair, notBefore = 0, pin, done }: Activity): number =>
  done?.start ?? Math.max(at(repairs, repair).notBefore ?? 0, notBefore, pin?.start ?? 0);
