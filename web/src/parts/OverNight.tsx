import type { JobRecord } from '@oddment/contracts';
import { dateName, lastMixSaid, overnight, personName, tell, type DaysRecord, type UnitSystem } from '@oddment/core';

interface NightProps {
  readonly record: DaysRecord;
  readonly date: string;
  readonly units: UnitSystem;
  readonly crew: JobRecord['crew'];
  /** somebody comes on a date to keep something wet, or nobody; absent for who may not plan */
  readonly onWets?: (defect: string, date: string, person: string) => void;
}

/** Who comes for what is kept wet on dates on which nobody works there. */
function Wetting({ record, date, crew, onWets }: Omit<NightProps, 'units'>) {
  const open = record.wet.flatMap((w) => [...w.nobody.map((d) => ({ w, d, person: '' })), ...w.by.map((b) => ({ w, d: b.date, person: b.person }))]);
  const later = open.filter(({ d }) => d >= date).sort((a, b) => (a.d < b.d ? -1 : a.d > b.d ? 1 : 0));
  if (later.length === 0) return null;
  return (
    <details className="other" open={later.length < 4}>
      <summary>
        Kept wet while nobody works there: {later.length === 1 ? 'one day' : `${String(later.length)} days`}, {later.filter((l) => l.person === '').length}{' '}
        without anybody
      </summary>
      <ul className="ways">
        {later.map(({ w, d, person }) => (
          <li key={`${w.mark} ${w.from} ${d}`}>
            <label>
              <b>{w.mark}</b> {dateName(d)}:{' '}
              <select
                value={person}
                disabled={!onWets}
                aria-label={`Who wets ${w.mark} on ${d}`}
                onChange={(e) => {
                  onWets?.(w.defect, d, e.target.value);
                }}
              >
                <option value="">nobody is named</option>
                {crew.map((p, i) => (
                  <option key={p.id} value={p.id}>
                    {personName(crew, i)}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The end of a day: the last mix of each, what stands over night, who wets what. */
export function OverNight({ record, date, units, crew, onWets }: NightProps) {
  const how = { units, timeZone: record.timeZone, day: '1970-01-01T12:00:00Z' };
  const said = overnight(record, date).map((s) => tell(s, how));
  const mixes = record.days.find((d) => d.date === date)?.people.flatMap((p) => (p.lastMix ? [{ name: p.name, mix: p.lastMix }] : [])) ?? [];
  const anyWet = record.wet.some((w) => w.nobody.some((d) => d >= date) || w.by.some((b) => b.date >= date));
  if (said.length === 0 && mixes.length === 0 && !anyWet) return null;
  return (
    <section aria-labelledby="over-night" className="hand">
      <h2 id="over-night">The end of the day</h2>
      {mixes.length > 0 ? (
        <ul className="ways">
          {mixes.map(({ name, mix }) => (
            <li key={name}>{tell(lastMixSaid(mix, name), { ...how, day: mix.by })}</li>
          ))}
        </ul>
      ) : null}
      {said.length > 0 ? (
        <details className="other" open={said.length < 6}>
          <summary>Over night: {said.length === 1 ? 'one thing' : `${String(said.length)} things`}</summary>
          <ul className="ways">
            {said.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </details>
      ) : null}
      <Wetting record={record} date={date} crew={crew} {...(onWets && { onWets })} />
    </section>
  );
}
