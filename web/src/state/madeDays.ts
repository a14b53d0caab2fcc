import type { DaysRecord, DaysSetup, DaysWanted, KeptPlacement, RoomTold, WayTaken } from '@oddment/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DaysAnswer, DaysAsk, DaysTask, Try } from '../workers/days.ts';

/** What was looked at of a way out: its days, which nothing is changed by. */
export interface Trial {
  readonly id: string;
  readonly says: string;
  readonly record: DaysRecord;
  /** what is changed to take it */
  readonly take: WayTaken;
}

/** Days in the making: what is there of them, how far the search for better ones is, and what can be asked of them. */
export interface MadeDays {
  readonly record?: DaysRecord;
  /** the same by ids, to be kept */
  readonly placements?: readonly KeptPlacement[];
  readonly progress?: Extract<DaysAnswer, { of: 'progress' }>;
  /** they could not be made */
  readonly failed: boolean;
  readonly stop: () => void;
  /** where the thing that was asked for may begin, all else as it is */
  readonly room?: { readonly id: string; readonly room: RoomTold | undefined };
  readonly askRoom: (id: string) => void;
  /** why the last move was refused */
  readonly refused?: string;
  /** something is moved, and it is not known yet what comes of it */
  readonly moving: boolean;
  readonly move: (setup: DaysSetup, wanted: DaysWanted) => void;
  readonly letGo: (setup: DaysSetup) => void;
  readonly trial?: Trial;
  /** what else could be tried */
  readonly tries: readonly Try[];
  readonly tryWay: (id: string) => void;
  /** days with some things put off to a date */
  readonly tryPutOff: (ids: readonly string[], date: string) => void;
  /** what only the setup changes is taken as it is shown */
  readonly takeTrial: () => void;
  readonly leaveTrial: () => void;
}

/** What is there at a moment of a search, or of a hand at it. */
interface Held {
  readonly record?: DaysRecord;
  readonly placements?: readonly KeptPlacement[];
  readonly progress?: MadeDays['progress'];
  readonly failed?: true;
  readonly room?: MadeDays['room'];
  readonly refused?: string;
  readonly moving?: true;
  readonly tries?: readonly Try[];
  readonly trial?: Trial;
}

/** what is of a job and changes no days */
const noMatter: ReadonlySet<string> = new Set(['version', 'days', 'offer', 'archived']);

/** The same text for the same things, however they are ordered: what is read back from the server may be, and what counts up as it is saved changes nothing. */
function sameText(value: unknown): string {
  return JSON.stringify(value, (name, one: unknown) => {
    if (noMatter.has(name)) return undefined;
    if (typeof one !== 'object' || one === null || Array.isArray(one)) return one;
    return Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)));
  });
}

function without<K extends keyof Held>(held: Held, ...keys: readonly K[]): Held {
  return Object.fromEntries(Object.entries(held).filter(([key]) => !keys.some((k) => k === key)));
}

function next(held: Held, data: DaysAnswer): Held {
  switch (data.of) {
    case 'progress':
      return { ...held, progress: data };
    case 'days':
      return {
        ...without(held, 'failed', ...(data.whole ? (['progress'] as const) : [])),
        record: data.record,
        placements: data.placements,
        tries: data.tries,
      };
    case 'room':
      return { ...held, room: { id: data.id, room: data.room } };
    case 'moved':
      return { ...without(held, 'moving', 'refused', 'room', 'trial'), record: data.record, placements: data.placements };
    case 'refused':
      return { ...without(held, 'moving'), refused: data.why };
    case 'way':
      return { ...held, trial: { id: data.id, says: data.says, record: data.record, take: data.take } };
  }
}

/**
 * The days of a job, found in a worker; what was last shown stays until the next is there. A stop keeps the best so far. What is moved by
 * hand changes the setup: the days are not made anew for that.
 * @param taken told of a setup that a move was taken with
 */
export function useMadeDays(task: DaysTask | undefined, taken: (setup: DaysSetup) => void): MadeDays {
  const worker = useRef<Worker>(undefined);
  const [held, setHeld] = useState<Held>({});
  // what the days that are shown were made from, or moved to: the same is not made again
  const known = useRef<string>(undefined);
  const onTaken = useRef(taken);
  useEffect(() => {
    onTaken.current = taken;
  });
  const searching = held.progress?.what === 'search';
  const ask = useCallback((asked: DaysAsk) => worker.current?.postMessage(asked), []);
  const askRoom = useCallback(
    (id: string) => {
      ask({ ask: 'room', id });
    },
    [ask],
  );
  useEffect(() => {
    if (!task) return;
    // whose weather is looked at changes no days
    const key = ({ forecast: _forecast, ...setup }: DaysSetup) => sameText([task.job, task.rules, task.aim, task.units, task.elsewhere, setup]);
    if (known.current === key(task.setup) && worker.current) return;
    known.current = key(task.setup);
    worker.current?.terminate();
    const own = new Worker(new URL('../workers/days.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.addEventListener('message', ({ data }: MessageEvent<DaysAnswer>) => {
      if (data.of === 'moved') {
        known.current = key(data.setup);
        onTaken.current(data.setup);
      }
      setHeld((now) => next(now, data));
    });
    own.addEventListener('error', () => {
      worker.current = undefined;
      setHeld((now) => ({ ...without(now, 'progress', 'moving'), failed: true }));
    });
    setHeld((now) => without(now, 'refused', 'moving', 'room', 'trial'));
    own.postMessage({ ask: 'make', task } satisfies DaysAsk);
  }, [task]);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  return {
    ...(held.record && { record: held.record }),
    ...(held.placements && { placements: held.placements }),
    ...(held.progress && { progress: held.progress }),
    ...(held.room && { room: held.room }),
    ...(held.refused !== undefined && { refused: held.refused }),
    ...(held.trial && { trial: held.trial }),
    tries: held.tries ?? [],
    failed: held.failed === true,
    moving: held.moving === true,
    stop: () => {
      // a search ends with the best so far; of the ways out there is nothing to keep
      if (searching) ask({ ask: 'stop' });
      else {
        worker.current?.terminate();
        worker.current = undefined;
        setHeld((now) => without(now, 'progress'));
      }
    },
    askRoom,
    move: (setup, wanted) => {
      setHeld((now) => ({ ...without(now, 'refused'), moving: true }));
      ask({ ask: 'move', setup, wanted });
    },
    letGo: (setup) => ask({ ask: 'let go', setup }),
    tryWay: (id) => ask({ ask: 'way', id }),
    tryPutOff: (ids, date) => {
      ask({ ask: 'put off', ids, date });
    },
    takeTrial: () => {
      if (held.trial) ask({ ask: 'take', id: held.trial.id });
    },
    leaveTrial: () => {
      setHeld((now) => without(now, 'trial'));
    },
  };
}
