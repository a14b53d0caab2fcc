import { fullDate } from '@oddment/core';
import { useState, type ReactNode } from 'react';

/** Dates of a list, one put to it, one taken out. */
export function Dates({ label, dates, onDates }: { label: string; dates: readonly string[]; onDates: (dates: readonly string[]) => void }) {
  return (
    <span className="dates">
      <label>
        {label}{' '}
        <input
          type="date"
          value=""
          onChange={(e) => {
            if (e.target.value !== '') onDates([...new Set([...dates, e.target.value])].sort());
          }}
        />
      </label>
      {dates.map((d) => (
        <button
          key={d}
          type="button"
          className="plain"
          aria-label={`${label}: take ${fullDate(d)} out`}
          onClick={() => {
            onDates(dates.filter((o) => o !== d));
          }}
        >
          {fullDate(d)} <span aria-hidden="true">×</span>
        </button>
      ))}
    </span>
  );
}

/** From one clock time to another; both empty is nothing. */
export function Times({
  label,
  value,
  onValue,
}: {
  label: string;
  value: { readonly from: string; readonly to: string } | undefined;
  onValue: (value: { readonly from: string; readonly to: string } | undefined) => void;
}) {
  const [typed, setTyped] = useState(value ?? { from: '', to: '' });
  const put = (next: typeof typed) => {
    setTyped(next);
    onValue(next.from !== '' && next.to !== '' ? next : undefined);
  };
  return (
    <span className="times" role="group" aria-label={label}>
      {label}{' '}
      <input
        type="time"
        aria-label={`${label}, from`}
        value={typed.from}
        onChange={(e) => {
          put({ ...typed, from: e.target.value });
        }}
      />{' '}
      to{' '}
      <input
        type="time"
        aria-label={`${label}, to`}
        value={typed.to}
        onChange={(e) => {
          put({ ...typed, to: e.target.value });
        }}
      />
    </span>
  );
}

/** A date with hours from one time to another. */
export interface HoursOn {
  readonly date: string;
  readonly from: string;
  readonly to: string;
}

/** Hours of single dates: rain, somebody away, other hours. */
export function OnDates({ label, list, onList }: { label: string; list: readonly HoursOn[]; onList: (list: readonly HoursOn[]) => void }) {
  const [date, setDate] = useState('');
  return (
    <span className="dates">
      <label>
        {label} on{' '}
        <input
          type="date"
          value={date}
          onChange={(e) => {
            setDate(e.target.value);
          }}
        />
      </label>
      {date === '' ? null : (
        <Times
          key={date}
          label={label}
          value={undefined}
          onValue={(hours) => {
            if (hours) onList([...list.filter((r) => r.date !== date), { date, ...hours }]);
          }}
        />
      )}
      {list.map((r) => (
        <button
          key={`${r.date} ${r.from}`}
          type="button"
          className="plain"
          aria-label={`${label}: take ${fullDate(r.date)}, ${r.from} out`}
          onClick={() => {
            onList(list.filter((o) => o !== r));
          }}
        >
          {fullDate(r.date)}, {r.from} to {r.to} <span aria-hidden="true">×</span>
        </button>
      ))}
    </span>
  );
}

/** A part of a form, folded until it is opened, with what is usual in it. */
export function Part({ title, said, open = false, children }: { title: string; said: string; open?: boolean; children: ReactNode }) {
  return (
    <details open={open}>
      <summary>
        <b>{title}</b> <span className="quiet">{said}</span>
      </summary>
      {children}
    </details>
  );
}
