import { barAt, type Bar, type DayLanes, type Doing, type Lane } from '../views/daysView.ts';

const percent = (share: number) => `${String(share)}%`;

function BarOf({ bar, rows, on }: { bar: Bar; rows: number; on: boolean }) {
  const { doing, left, width, before, label, row, window } = bar;
  const height = 100 / rows;
  return (
    <>
      <span
        className={`bar-of tone-${String(doing.person % 3)}${on ? ' on' : ''}`}
        style={{ left: percent(left), width: `max(8px, ${percent(width)})`, top: percent(row * height), height: percent(height) }}
      >
        <i style={{ width: percent(width > 0 ? (before / width) * 100 : 0) }} />
        <span style={{ left: percent(width > 0 ? (before / width) * 100 : 0) }}>{width - before > 1.4 ? label : ''}</span>
      </span>
      {window ? <i className="bracket" style={{ left: percent(window.left), width: percent(Math.max(0.6, window.right - window.left)) }} /> : null}
    </>
  );
}

/** One lane: pressed at a place it names what is there; by key it goes from one thing to the next. */
function Track({ lane, hours, chosen, onChoose }: { lane: Lane; hours: DayLanes['hours']; chosen: Doing | undefined; onChoose: (doing: Doing) => void }) {
  const at = lane.bars.findIndex((b) => b.doing.id === chosen?.id && b.doing.who === chosen.who);
  const choose = (bar: Bar | undefined) => {
    if (bar) onChoose(bar.doing);
  };
  const step = (by: number) => {
    choose(lane.bars[at < 0 ? 0 : (at + by + lane.bars.length) % lane.bars.length]);
  };
  return (
    <button
      type="button"
      className="track"
      style={{ minHeight: 46 + (lane.rows - 1) * 16 }}
      aria-label={`${lane.name}: ${String(lane.bars.length)} ${lane.bars.length === 1 ? 'thing' : 'things'} this day`}
      onClick={(e) => {
        // pressed by a key it has no place
        if (e.detail === 0) step(1);
        else {
          const { left, width } = e.currentTarget.getBoundingClientRect();
          choose(barAt(lane.bars, ((e.clientX - left) / width) * 100));
        }
      }}
      onKeyDown={(e) => {
        if (e.key === 'ArrowRight') step(1);
        else if (e.key === 'ArrowLeft') step(-1);
        else return;
        e.preventDefault();
      }}
    >
      {hours.map((h) => (
        <i key={h.left} className="hour" style={{ left: percent(h.left) }} />
      ))}
      <span className="rows">
        {lane.waits.map((w) => (
          <i key={w.left} className="dots" style={{ left: percent(w.left), width: percent(w.width) }} />
        ))}
        {lane.bars.map((bar, i) => (
          <BarOf key={`${bar.doing.id} ${bar.doing.who}`} bar={bar} rows={lane.rows} on={i === at} />
        ))}
      </span>
    </button>
  );
}

/** A day as lanes: solid where hands are busy, lighter while it is set up, dots while it waits, brackets where a window closes. */
export function DaysLanes({ day, chosen, onChoose }: { day: DayLanes; chosen: Doing | undefined; onChoose: (doing: Doing) => void }) {
  return (
    <div className="lanes">
      <div className="lane hours" aria-hidden="true">
        <span />
        <div>
          {day.hours.map((h) => (
            <b key={h.left} style={{ left: percent(h.left) }}>
              {h.label}
            </b>
          ))}
        </div>
      </div>
      <ul aria-label="What is done">
        {day.lanes.map((lane) => (
          <li className="lane" key={lane.key}>
            <span>
              <b>{lane.name}</b>
              <small title={lane.sub}>{lane.sub}</small>
            </span>
            <Track lane={lane} hours={day.hours} chosen={chosen} onChoose={onChoose} />
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
  );
}
