import Button from '@mui/material/Button';
import { clockTime, personName, siteDateTime, siteInstant, type DaysRecord, type Job } from '@oddment/core';
import { useState } from 'react';
import type { MadeDays } from '../state/madeDays.ts';
import { crewAt, dayAndTime, type Doing } from '../views/daysView.ts';

export interface Hand {
  /** something is moved to a moment, by people */
  readonly onMove: (doing: Doing, at: string, people: readonly string[]) => void;
  /** what was set by hand is let go */
  readonly onLetGo: (doing: Doing) => void;
}

interface ByHandProps extends Hand {
  readonly doing: Doing;
  readonly record: DaysRecord;
  readonly crew: Job['crew'];
  readonly made: MadeDays;
}

/** Another time and day for something, as one types it. */
function Elsewhere({ doing, record, onMove }: Pick<ByHandProps, 'doing' | 'record'> & { onMove: (at: string) => void }) {
  const [typed, setTyped] = useState(() => siteDateTime(doing.start, record.timeZone));
  return (
    <form
      className="by-hand"
      onSubmit={(e) => {
        e.preventDefault();
        if (typed.date !== '' && typed.time !== '') onMove(siteInstant(typed.date, typed.time, record.timeZone));
      }}
    >
      <input
        type="date"
        aria-label="Its work begins on"
        value={typed.date}
        onChange={(e) => {
          setTyped({ ...typed, date: e.target.value });
        }}
      />
      <input
        type="time"
        aria-label="Its work begins at"
        value={typed.time}
        onChange={(e) => {
          setTyped({ ...typed, time: e.target.value });
        }}
      />
      <Button type="submit" size="small" variant="outlined">
        Move there
      </Button>
    </form>
  );
}

/** What a person can do with one thing of the days: where it may begin, moving, giving and setting it. */
export function ByHand({ doing, record, crew, made, onMove, onLetGo }: ByHandProps) {
  const at = (moment: string) => clockTime(moment, { timeZone: record.timeZone, day: moment });
  const room = made.room?.id === doing.id ? made.room.room : undefined;
  const people = crewAt(record, doing.date, doing.id);
  const nameOf = (id: string) =>
    personName(
      crew,
      crew.findIndex((p) => p.id === id),
    );
  const by = (minutes: number) => new Date(Date.parse(doing.start) + minutes * 60_000).toISOString();
  const free = room?.here.filter((h) => h.from !== h.to || h.from !== doing.start) ?? [];
  if (doing.done === true) return <p className="quiet">It is done.</p>;
  return (
    <section aria-labelledby="by-hand" className="hand">
      <h2 id="by-hand">By hand</h2>
      <p aria-live="polite">
        {made.moving
          ? 'It is looked whether that goes.'
          : room === undefined
            ? ''
            : free.length === 0
              ? 'This day it has no other place with all else as it is.'
              : `All else as it is, it may begin ${free.map((h) => (h.from === h.to ? `at ${at(h.from)}` : `from ${at(h.from)} to ${at(h.to)}`)).join(', ')}.`}
      </p>
      {made.refused === undefined ? null : (
        <p className="grade out" role="alert">
          Not moved. {made.refused}
        </p>
      )}
      <div className="by-hand">
        {([-15, 15] as const).map((minutes) => (
          <Button
            key={minutes}
            size="small"
            variant="outlined"
            onClick={() => {
              onMove(doing, by(minutes), people);
            }}
          >
            15 min {minutes < 0 ? 'sooner' : 'later'}
          </Button>
        ))}
        {doing.pinned === true ? (
          <Button
            size="small"
            variant="outlined"
            onClick={() => {
              onLetGo(doing);
            }}
          >
            Let it go
          </Button>
        ) : (
          <Button
            size="small"
            variant="outlined"
            onClick={() => {
              onMove(doing, doing.start, people);
            }}
          >
            Keep it there
          </Button>
        )}
      </div>
      <Elsewhere
        key={`${doing.id} ${doing.start}`}
        doing={doing}
        record={record}
        onMove={(moment) => {
          onMove(doing, moment, people);
        }}
      />
      {room && room.others.length > 0 ? (
        <div className="by-hand">
          {room.others.map((others) => (
            <Button
              key={others.join()}
              size="small"
              variant="outlined"
              onClick={() => {
                onMove(doing, doing.start, others);
              }}
            >
              Give it to {others.map(nameOf).join(' and ')}
            </Button>
          ))}
        </div>
      ) : null}
      {doing.pinned === true ? (
        <p className="quiet">Set by hand to {dayAndTime(doing.start, record.timeZone)}: it stays there when the days are made anew.</p>
      ) : null}
    </section>
  );
}
