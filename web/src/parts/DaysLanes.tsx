import { clockTime, type DaysRecord } from '@oddment/core';
import { useRef, useState, type PointerEvent } from 'react';
import type { WeatherCell } from '../views/daysWeather.ts';
import { barAt, barUnder, crewAt, dayAndTime, pulledTo, type Bar, type DayLanes, type Doing, type Lane } from '../views/daysView.ts';

const percent = (share: number) => `${String(share)}%`;

/** What is pulled by hand: how far, as a share of the width, and to when. */
interface Pull {
  readonly bar: Bar;
  readonly fromX: number;
  readonly share: number;
}

function BarOf({ bar, rows, on, pulled }: { bar: Bar; rows: number; on: boolean; pulled: number }) {
  const { doing, left, width, before, label, row, window } = bar;
  const height = 100 / rows;
  return (
    <>
      <span
        className={`bar-of tone-${String(doing.person % 3)}${on ? ' on' : ''}${pulled !== 0 ? ' pulled' : ''}`}
        style={{ left: percent(left + pulled * 100), width: `max(8px, ${percent(width)})`, top: percent(row * height), height: percent(height) }}
      >
        <i style={{ width: percent(width > 0 ? (before / width) * 100 : 0) }} />
        <span style={{ left: percent(width > 0 ? (before / width) * 100 : 0) }}>{width - before > 1.4 ? label : ''}</span>
        {doing.pinned === true ? <b className="pin" aria-hidden="true" /> : null}
      </span>
      {window ? (
        <i
          className={`bracket${on ? ' on' : ''}`}
          style={{ left: percent(window.left), width: percent(Math.max(0.6, window.right - window.left)), top: percent(row * height), height: percent(height) }}
        />
      ) : null}
    </>
  );
}

interface LanesProps {
  readonly day: DayLanes;
  readonly record: DaysRecord;
  readonly chosen: Doing | undefined;
  /** where what is chosen may begin, all else as it is */
  readonly bands: readonly { readonly left: number; readonly width: number }[];
  /** where now is, in percent */
  readonly now?: number;
  /** the weather over the width */
  readonly weather?: readonly WeatherCell[];
  /** how many times as wide as there is room for */
  readonly zoom?: number;
  readonly onChoose: (doing: Doing) => void;
  /** absent where nothing may be moved */
  readonly onMove?: (doing: Doing, at: string, people: readonly string[]) => void;
}

/** What is pulled along a lane with the pointer: chosen at once, moved where it is let go. */
function usePull({ day, record, onChoose, onMove }: LanesProps, lane: Lane) {
  const [pull, setPull] = useState<Pull>();
  const moved = useRef(false);
  const shareOf = (e: PointerEvent<HTMLElement>, from: number) => (e.clientX - from) / e.currentTarget.getBoundingClientRect().width;
  const to = pull && pulledTo(day, pull.bar.doing.start, pull.share);
  const words = (moment: string) => (day.weeks ? dayAndTime(moment, record.timeZone) : clockTime(moment, { timeZone: record.timeZone, day: moment }));
  return {
    pull,
    to,
    toWords: to === undefined ? '' : words(to),
    /** whether the click that ends a pull is no click */
    wasPulled: () => {
      const was = moved.current;
      moved.current = false;
      return was;
    },
    on: onMove && {
      onPointerDown: (e: PointerEvent<HTMLElement>) => {
        const { left, width } = e.currentTarget.getBoundingClientRect();
        const bar = barUnder(lane.bars, ((e.clientX - left) / width) * 100);
        if (!bar || e.button !== 0 || bar.doing.done === true) return;
        onChoose(bar.doing);
        e.currentTarget.setPointerCapture(e.pointerId);
        setPull({ bar, fromX: e.clientX, share: 0 });
      },
      onPointerMove: (e: PointerEvent<HTMLElement>) => {
        if (pull) setPull({ ...pull, share: shareOf(e, pull.fromX) });
      },
      onPointerUp: () => {
        if (pull && to !== undefined && Math.abs(Date.parse(to) - Date.parse(pull.bar.doing.start)) >= 60_000 * 5) {
          moved.current = true;
          onMove(pull.bar.doing, to, crewAt(record, pull.bar.doing.date, pull.bar.doing.id));
        }
        setPull(undefined);
      },
      onPointerCancel: () => {
        setPull(undefined);
      },
    },
  };
}

/** One lane: pressed at a place it names what is there; by key it goes from one thing to the next, and with Shift it moves that. */
function Track({ lane, ...all }: LanesProps & { lane: Lane }) {
  const { day, record, chosen, bands, now, onChoose, onMove } = all;
  const at = lane.bars.findIndex((b) => b.doing.id === chosen?.id && b.doing.who === chosen.who);
  const { pull, to, toWords, wasPulled, on } = usePull(all, lane);
  const choose = (bar: Bar | undefined) => {
    if (bar) onChoose(bar.doing);
  };
  const step = (by: number) => {
    choose(lane.bars[at < 0 ? 0 : (at + by + lane.bars.length) % lane.bars.length]);
  };
  const moveBy = (minutes: number) => {
    const doing = lane.bars[at]?.doing;
    if (doing && onMove) onMove(doing, new Date(Date.parse(doing.start) + minutes * 60_000).toISOString(), crewAt(record, doing.date, doing.id));
  };
  return (
    <button
      type="button"
      className="track"
      style={{ minHeight: 46 + (lane.rows - 1) * 16 }}
      aria-label={`${lane.name}: ${String(lane.bars.length)} ${lane.bars.length === 1 ? 'thing' : 'things'} this day`}
      {...on}
      onClick={(e) => {
        if (wasPulled()) return;
        // pressed by a key it has no place
        if (e.detail === 0) step(1);
        else {
          const { left, width } = e.currentTarget.getBoundingClientRect();
          choose(barAt(lane.bars, ((e.clientX - left) / width) * 100));
        }
      }}
      onKeyDown={(e) => {
        const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
        if (by === 0) return;
        e.preventDefault();
        if (e.shiftKey) moveBy(by * 15);
        else step(by);
      }}
    >
      {day.hours.map((h) => (
        <i key={h.left} className="hour" style={{ left: percent(h.left) }} />
      ))}
      {now === undefined ? null : <i className="now-line" style={{ left: percent(now) }} />}
      <span className="rows">
        {at >= 0 ? bands.map((b) => <i key={b.left} className="room" style={{ left: percent(b.left), width: percent(b.width) }} />) : null}
        {lane.waits.map((w) => (
          <i key={w.left} className="dots" style={{ left: percent(w.left), width: percent(w.width) }} />
        ))}
        {lane.bars.map((bar, i) => (
          <BarOf
            key={`${bar.doing.id} ${bar.doing.who}`}
            bar={bar}
            rows={lane.rows}
            on={i === at}
            pulled={pull && pull.bar.doing.id === bar.doing.id && pull.bar.doing.who === bar.doing.who ? pull.share : 0}
          />
        ))}
        {pull && to !== undefined && pull.share !== 0 ? (
          <b className="pulled-to" style={{ left: percent(pull.bar.left + pull.bar.before + pull.share * 100) }}>
            {toWords}
          </b>
        ) : null}
      </span>
    </button>
  );
}

/** The weather above the lanes: air, and rain as hatching. */
function WeatherLane({ cells }: { cells: readonly WeatherCell[] }) {
  return (
    <div className="lane weather">
      <span>
        <b>Forecast</b>
      </span>
      <div role="img" aria-label={`Forecast: ${cells.map((c) => `${c.when} ${c.label}${c.rain ? ', rain' : ''}`).join('; ')}`}>
        {cells.map((c) => (
          <span key={c.left} className={c.rain ? 'rain' : ''} style={{ left: percent(c.left), width: percent(c.width) }} title={c.rain ? 'rain' : undefined}>
            {c.label}
          </span>
        ))}
      </div>
    </div>
  );
}

/** A day as lanes: solid where hands are busy, lighter while it is set up, dots while it waits, brackets where a window closes. */
export function DaysLanes(props: LanesProps) {
  const { day, weather, zoom = 1 } = props;
  return (
    <div className="lanes-window" tabIndex={zoom > 1 ? 0 : undefined} role={zoom > 1 ? 'group' : undefined} aria-label={zoom > 1 ? 'Lanes' : undefined}>
      <div className="lanes" style={{ width: percent(zoom * 100) }}>
        <div className={`lane hours${day.weeks ? ' weeks' : ''}`} aria-hidden="true">
          <span />
          <div>
            {day.hours.map((h) => (
              <b key={h.left} style={{ left: percent(h.left) }}>
                {h.label}
              </b>
            ))}
          </div>
        </div>
        {weather ? <WeatherLane cells={weather} /> : null}
        <ul aria-label="What is done">
          {day.lanes.map((lane) => (
            <li className="lane" key={lane.key}>
              <span>
                <b>{lane.name}</b>
                <small title={lane.sub}>{lane.sub}</small>
              </span>
              <Track {...props} lane={lane} />
            </li>
          ))}
        </ul>
        <div className="lane busy" aria-hidden="true">
          <span>
            <b>By hand at once</b>
          </span>
          <div>
            {day.busy.map((b) => (
              <i
                key={b.left}
                style={{ left: percent(b.left), width: percent(b.width), height: percent(day.most === 0 ? 0 : (b.count / day.most) * 100) }}
                className={b.count >= day.most ? 'full' : ''}
              />
            ))}
          </div>
        </div>
      </div>
    </div>
  );
}
