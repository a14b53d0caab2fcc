import type { AreaRecord } from '@oddment/contracts';
import { areaWords } from '@oddment/core';
import { usePlace } from '../screens/JobFrame.tsx';
import { areaOf, withArea } from '../views/daysSetup.ts';

/** How one gets to an area: through which other one, and by whose keys. The days are made by it. */
export function ReachedThrough({ area }: { area: AreaRecord }) {
  const { job, edit } = usePlace();
  const setup = job.days ?? {};
  const now = areaOf(setup, area.id);
  const put = (patch: Parameters<typeof withArea>[2]) => {
    edit.job(job, { days: withArea(setup, area.id, patch) as NonNullable<Parameters<typeof edit.job>[1]['days']> });
  };
  const others = job.areas.filter((a) => a.id !== area.id);
  return (
    <section className="group reached" aria-label="How one gets there">
      <h2>How one gets there</h2>
      {others.length === 0 ? null : (
        <label>
          Reached through{' '}
          <select
            value={now.through ?? ''}
            onChange={(e) => {
              put({ through: e.target.value === '' ? undefined : e.target.value });
            }}
          >
            <option value="">no other area</option>
            {others.map((o) => (
              <option key={o.id} value={o.id}>
                {areaWords(o)}
              </option>
            ))}
          </select>
        </label>
      )}
      <label>
        Keys{' '}
        <input
          type="text"
          maxLength={200}
          placeholder="how one gets in"
          value={now.keys ?? ''}
          onChange={(e) => {
            put({ keys: e.target.value === '' ? undefined : e.target.value });
          }}
        />
      </label>
      <p className="quiet" style={{ margin: '4px 0 0', gridColumn: '1 / -1' }}>
        Days keep a floor that has to dry free for whoever passes over it, and take the keys along.
      </p>
    </section>
  );
}
