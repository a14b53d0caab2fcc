import Button from '@mui/material/Button';
import { chanceWords, oftenTooCold, type DaysRecord } from '@oddment/core';
import type { Try } from '../workers/days.ts';
import { dayAndTime } from '../views/daysView.ts';

/** How sure the days are: in words, and behind a click the shares they are said by. */
function HowSure({ record, chances }: { record: DaysRecord; chances: NonNullable<DaysRecord['chances']> }) {
  const least = chances.dates.length > 0 ? chances.dates.reduce((a, b) => (b.share < a.share ? b : a)) : undefined;
  return (
    <section aria-labelledby="chances">
      <h2 id="chances">How sure it is</h2>
      <ul className="ways">
        {least ? (
          <li>
            Dates: the least sure is <b>{least.mark}</b>, {chanceWords[least.chance]}
          </li>
        ) : null}
        {chances.weakest === undefined ? (
          <li>No window was missed in {chances.runs} tries.</li>
        ) : (
          <li>
            Windows: {chanceWords[chances.windows]}; the weakest is {chances.weakest}
          </li>
        )}
        <li>{chances.ninth === undefined ? oftenTooCold : `Nine in ten tries were done by ${dayAndTime(chances.ninth, record.timeZone)}.`}</li>
      </ul>
      {chances.dates.length > 0 ? (
        <details className="other">
          <summary>In how many of {chances.runs} tries each date was kept</summary>
          <ul className="ways">
            {chances.dates.map((d) => (
              <li key={d.mark}>
                <b>{d.mark}</b> {Math.round(d.share * 100)} %
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}

/** What stands behind the plan: what fails and why, ways out, chances, what is not in it. */
export function DaysBehind({ record, tries, onTry }: { record: DaysRecord; tries: readonly Try[]; onTry?: (id: string) => void }) {
  return (
    <>
      {record.failing.length > 0 ? (
        <div className="halted">
          <h2>Not everything is done</h2>
          {record.failing.map((f) => (
            <p key={f.mark}>
              <b>{f.mark}</b> {f.why}
            </p>
          ))}
          {record.contradiction === undefined ? null : <p>{record.contradiction}</p>}
        </div>
      ) : null}
      {record.ways.length > 0 ? (
        <section aria-labelledby="ways">
          <h2 id="ways">Ways out, each tried</h2>
          <ul className="ways">
            {record.ways.map((w) => (
              <li key={w.id}>
                <b>{w.says}</b>: {w.comes}
                {onTry ? (
                  <Button
                    size="small"
                    variant="outlined"
                    style={{ display: 'block', marginTop: 4 }}
                    onClick={() => {
                      onTry(w.id);
                    }}
                  >
                    Look at it
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {onTry && tries.length > 0 ? (
        <section aria-labelledby="tries">
          <h2 id="tries">Try what comes of it</h2>
          <div className="by-hand">
            {tries.map((t) => (
              <button
                key={t.id}
                type="button"
                className="plain"
                onClick={() => {
                  onTry(t.id);
                }}
              >
                {t.says}
              </button>
            ))}
          </div>
        </section>
      ) : null}
      {record.chances ? <HowSure record={record} chances={record.chances} /> : null}
      {record.leftOut.length > 0 ? (
        <section aria-labelledby="left-out">
          <h2 id="left-out">Not in these days</h2>
          <ul className="ways">
            {record.leftOut.map((l) => (
              <li key={`${l.mark} ${l.why}`}>
                <b>{l.mark}</b> {l.why}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </>
  );
}
