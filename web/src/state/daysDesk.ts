import { stepOf, timeAfter, usualHours, type Aim, type DaysRecord, type DaysSetup, type Elsewhere, type HouseRules, type WayTaken } from '@oddment/core';
import { useEffect, useMemo, useState } from 'react';
import type { Place } from '../screens/JobFrame.tsx';
import { withAway, withoutPin, withPin } from '../views/daysSetup.ts';
import { pinAt, type Doing } from '../views/daysView.ts';
import { api } from './api.ts';
import { usePlannedBy } from './editing.ts';
import { useMadeDays, type MadeDays } from './madeDays.ts';

/** The days of a job as a person works on them. */
export interface DaysDeskState {
  readonly made: MadeDays;
  /** the days that are shown: as they are, or of the way out that is looked at */
  readonly record: DaysRecord | undefined;
  readonly rules: HouseRules | undefined;
  readonly crew: Place['job']['crew'];
  readonly setup: DaysSetup;
  readonly keep: (setup: DaysSetup) => void;
  /** the same with a way back */
  readonly change: (setup: DaysSetup) => void;
  /** whether something can be moved now */
  readonly mayMove: boolean;
  readonly move: (doing: Doing, at: string, people: readonly string[]) => void;
  readonly letGo: (doing: Doing) => void;
  /** somebody does not come on a date, or comes an hour later: the days are made anew */
  readonly away: (date: string, person: string, late: boolean) => void;
  readonly undo?: () => void;
  /** takes the way out that is looked at */
  readonly take?: () => void;
}

interface Asked extends Pick<Place, 'job' | 'units' | 'edit' | 'mayPlan'> {
  readonly aim: Aim;
  /** the thing whose room is wanted */
  readonly asked: string | undefined;
}

/** The setup of the days with a way back for each change by hand. */
function useSetup({ job, edit }: Pick<Place, 'job' | 'edit'>) {
  const setup = job.days ?? {};
  const [before, setBefore] = useState<readonly DaysSetup[]>([]);
  const keep = (next: DaysSetup) => {
    edit.job(job, { days: next as NonNullable<Parameters<typeof edit.job>[1]['days']> });
  };
  return {
    setup,
    keep,
    taken: (next: DaysSetup) => {
      setBefore((list) => [...list, setup].slice(-50));
      keep(next);
    },
    ...(before.length > 0 && {
      undo: () => {
        setBefore(before.slice(0, -1));
        keep(before[before.length - 1] ?? {});
      },
    }),
  };
}

/** Takes a way out that changes more of the job than how its days are made. */
function taking({ job, edit }: Pick<Place, 'job' | 'edit'>, { crew, choice, area, schools }: WayTaken): void {
  if (crew) edit.job(job, { crew: crew as NonNullable<Parameters<typeof edit.job>[1]['crew']> });
  const defectOf = (id: string | undefined) => job.areas.flatMap((a) => a.defects).find((d) => d.id === id);
  const [defect, sided] = [defectOf(choice?.defect), defectOf(schools?.defect)];
  if (schools && sided) edit.defect(sided, { schools: schools.schools });
  const heated = area && job.areas.find((a) => a.id === area.id);
  if (area && heated) edit.area(heated, { facts: area.facts });
  if (choice && defect) edit.defect(defect, { choice: { system: choice.system } });
}

const nowhere: readonly Elsewhere[] = [];

/** The days of a job, with what can be done to them by hand. */
export function useDaysDesk({ job, units, edit, mayPlan, aim, asked }: Asked): DaysDeskState {
  const by = usePlannedBy();
  const { setup, keep, taken, undo } = useSetup({ job, edit });
  // without an answer of the server nobody is known to be elsewhere
  const { data, isError } = api.useElsewhereQuery(job.id, { refetchOnMountOrArgChange: true });
  const elsewhere = data ?? (isError ? nowhere : undefined);
  const task = useMemo(
    () => by && elsewhere && { job, rules: by.rules, shelf: by.shelf, aim, units, setup: job.days ?? {}, elsewhere },
    [job, by, aim, units, elsewhere],
  );
  const made = useMadeDays(task, taken);
  const { trial, askRoom } = made;
  const record = trial?.record ?? made.record;
  const mayMove = mayPlan && trial === undefined && made.progress?.what !== 'search';
  const wanted = mayMove ? asked : undefined;
  useEffect(() => {
    if (wanted !== undefined) askRoom(wanted);
    // asked anew whenever the days are others
  }, [wanted, made.record, askRoom]);
  const take = trial?.take;
  return {
    made,
    record,
    rules: by?.rules,
    crew: job.crew,
    setup,
    keep,
    change: taken,
    mayMove,
    move: (doing, at, people) => {
      if (record) made.move(withPin(setup, pinAt(record, doing, at, people)), { id: doing.id, at, people });
    },
    letGo: (doing) => {
      if (record) made.letGo(withoutPin(setup, stepOf(record, doing)));
    },
    away: (date, person, late) => {
      const from = by?.rules.hours?.from ?? usualHours.from;
      taken(withAway(setup, person, date, late ? { from: '00:00', to: timeAfter(from, 60) } : undefined));
    },
    ...(undo && { undo }),
    ...(mayPlan &&
      take && {
        take: () => {
          // what only the setup changes stands as it was shown; else the days are made anew
          if (take.setup) return made.takeTrial();
          taking({ job, edit }, take);
          made.leaveTrial();
        },
      }),
  };
}
