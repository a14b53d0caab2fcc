import {
  DaysMaking,
  daysRecord,
  planJob,
  type Aim,
  type DaysRecord,
  type DaysSetup,
  type HouseRules,
  type Job,
  type PatchSystem,
  type UnitSystem,
} from '@oddment/core';

/** What days are asked for with; or that the search is to stop with the best so far. */
export type DaysTask =
  | {
      readonly job: Job;
      readonly rules: HouseRules;
      readonly shelf: readonly PatchSystem[];
      readonly setup: DaysSetup;
      readonly aim: Aim;
      readonly units: UnitSystem;
    }
  | { readonly stop: true };

/** How far it is, then the days in words, then the same with the ways out. */
export type DaysAnswer =
  | { readonly of: 'progress'; readonly what: 'search' | 'ways'; readonly done: number; readonly doneAt: string; readonly visits: number }
  | { readonly of: 'days'; readonly record: DaysRecord; readonly whole: boolean };

const answer = (a: DaysAnswer) => {
  globalThis.postMessage(a);
};
let stopped = false;
/** As long as one waits for words from the page. */
const lookUp = () => new Promise((done) => setTimeout(done, 0));

async function make(task: Exclude<DaysTask, { stop: true }>): Promise<void> {
  const { job, rules, shelf, setup, aim, units } = task;
  const tell = (what: 'search' | 'ways', done: number, best: { readonly end: number; readonly visits: number }) => {
    answer({ of: 'progress', what, done, doneAt: new Date(Date.parse(job.startAt) + best.end * 60_000).toISOString(), visits: best.visits });
  };
  const making = new DaysMaking(
    { job, plans: planJob(job, rules, shelf), rules, shelf, setup },
    {
      aim,
      seed: 1,
      progress: (what, done, best) => {
        tell(what, done, best);
        return true;
      },
    },
  );
  const how = { units, timeZone: job.timeZone };
  const shown = (made: ReturnType<DaysMaking['made']>, whole: boolean) => {
    answer({ of: 'days', record: daysRecord(job, made, { aim, seed: 1 }, how), whole });
  };
  // a first whole plan is there at once, better ones come while one looks at it
  shown(making.made(), false);
  tell('search', 0, making.best);
  while (!stopped && making.advance(8)) {
    tell('search', making.done, making.best);
    await lookUp();
  }
  const made = making.made();
  shown(made, stopped);
  await lookUp();
  if (!stopped) shown(making.withWays(made), true);
}

globalThis.addEventListener('message', ({ data }: MessageEvent<DaysTask>) => {
  if ('stop' in data) stopped = true;
  else void make(data);
});
