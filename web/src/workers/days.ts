import {
  DaysDesk,
  daysRecord,
  placementsOf,
  planJob,
  tell,
  type Aim,
  type DaysMade,
  type DaysRecord,
  type DaysSetup,
  type DaysWanted,
  type Elsewhere,
  type HouseRules,
  type Job,
  type KeptPlacement,
  type PatchSystem,
  type RoomTold,
  type UnitSystem,
  type WayTaken,
} from '@oddment/core';
import { putOffId } from '../views/daysAims.ts';

/** What days are made from. */
export interface DaysTask {
  readonly job: Job;
  readonly rules: HouseRules;
  readonly shelf: readonly PatchSystem[];
  readonly setup: DaysSetup;
  readonly aim: Aim;
  readonly units: UnitSystem;
  /** where people of the firm are by the days of other jobs */
  readonly elsewhere: readonly Elsewhere[];
}

/** What is asked of the days: to make them, to stop with the best so far, and, of those that were made, room, a move, and what a way out gives. */
export type DaysAsk =
  | { readonly ask: 'make'; readonly task: DaysTask }
  | { readonly ask: 'stop' }
  | { readonly ask: 'room'; readonly id: string }
  | { readonly ask: 'move'; readonly setup: DaysSetup; readonly wanted: DaysWanted }
  | { readonly ask: 'let go'; readonly setup: DaysSetup }
  | { readonly ask: 'way'; readonly id: string }
  | { readonly ask: 'take'; readonly id: string }
  | { readonly ask: 'put off'; readonly ids: readonly string[]; readonly date: string };

/** Something that could be otherwise, to be tried. */
export interface Try {
  readonly id: string;
  readonly says: string;
}

/** How far it is, then the days in words, then the same with the ways out; and answers to what is asked of them. */
export type DaysAnswer =
  | { readonly of: 'progress'; readonly what: 'search' | 'ways'; readonly done: number; readonly doneAt: string; readonly visits: number }
  | { readonly of: 'days'; readonly record: DaysRecord; readonly placements: readonly KeptPlacement[]; readonly whole: boolean; readonly tries: readonly Try[] }
  | { readonly of: 'room'; readonly id: string; readonly room: RoomTold | undefined }
  | { readonly of: 'moved'; readonly setup: DaysSetup; readonly record: DaysRecord; readonly placements: readonly KeptPlacement[] }
  | { readonly of: 'refused'; readonly why: string }
  | { readonly of: 'way'; readonly id: string; readonly says: string; readonly record: DaysRecord; readonly take: WayTaken };

const answer = (a: DaysAnswer) => {
  globalThis.postMessage(a);
};
let stopped = false;
let desk: DaysDesk | undefined;
let task: DaysTask | undefined;
/** As long as one waits for words from the page. */
const lookUp = () => new Promise((done) => setTimeout(done, 0));

const told = ({ job, aim, units }: DaysTask, made: DaysMade) => daysRecord(job, made, { aim, seed: 1 }, { units, timeZone: job.timeZone });
const shown = (task: DaysTask, made: DaysMade) => ({ record: told(task, made), placements: placementsOf(made) });

const triesOf = ({ units, job }: DaysTask, own: DaysDesk): Try[] =>
  own.tries().map(({ id, says }) => ({ id, says: tell(says, { units, timeZone: job.timeZone }) }));

async function make(made: DaysTask): Promise<void> {
  const { job, rules, shelf, setup, aim, elsewhere } = made;
  task = made;
  const tell_ = (what: 'search' | 'ways', done: number, best: { readonly end: number; readonly visits: number }) => {
    answer({ of: 'progress', what, done, doneAt: new Date(Date.parse(job.startAt) + best.end * 60_000).toISOString(), visits: best.visits });
  };
  const own = new DaysDesk(
    { job, plans: planJob(job, rules, shelf), rules, shelf, setup, elsewhere },
    {
      aim,
      seed: 1,
      progress: (what, done, best) => {
        tell_(what, done, best);
        return true;
      },
    },
  );
  desk = own;
  const { making } = own;
  // a first whole plan is there at once, better ones come while one looks at it
  answer({ of: 'days', ...shown(made, own.made()), whole: false, tries: [] });
  tell_('search', 0, making.best);
  while (!stopped && making.advance(8)) {
    tell_('search', making.done, making.best);
    await lookUp();
  }
  answer({ of: 'days', ...shown(made, own.made()), whole: stopped, tries: stopped ? triesOf(made, own) : [] });
  await lookUp();
  if (!stopped) answer({ of: 'days', ...shown(made, own.withWays()), whole: true, tries: triesOf(made, own) });
}

function look(asked: Exclude<DaysAsk, { ask: 'make' | 'stop' }>): void {
  if (!desk || !task) return;
  const how = { units: task.units, timeZone: task.job.timeZone, day: '1970-01-01T12:00:00Z' };
  switch (asked.ask) {
    case 'room':
      answer({ of: 'room', id: asked.id, room: desk.room(asked.id) });
      return;
    case 'move': {
      const moved = desk.move(asked.setup, asked.wanted);
      answer('why' in moved ? { of: 'refused', why: tell(moved.why, how) } : { of: 'moved', setup: asked.setup, ...shown(task, moved) });
      return;
    }
    case 'let go': {
      const made = desk.letGo(asked.setup);
      if (made) answer({ of: 'moved', setup: asked.setup, ...shown(task, made) });
      return;
    }
    case 'way': {
      const way = desk.way(asked.id);
      if (way) answer({ of: 'way', id: asked.id, says: tell(way.says, how), record: told(task, way.made), take: way.take });
      return;
    }
    case 'take': {
      const taken = desk.takeLooked(asked.id === putOffId ? undefined : asked.id);
      if (taken) answer({ of: 'moved', setup: taken.setup, ...shown(task, taken.made) });
      return;
    }
    case 'put off': {
      const { made, says, take } = desk.putOff(asked.ids, asked.date);
      answer({ of: 'way', id: putOffId, says: tell(says, how), record: told(task, made), take });
    }
  }
}

globalThis.addEventListener('message', ({ data }: MessageEvent<DaysAsk>) => {
  if (data.ask === 'stop') stopped = true;
  else if (data.ask === 'make') void make(data.task);
  else look(data);
});
